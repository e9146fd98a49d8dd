import { useEffect, useRef, useState } from 'react'
import { ApiError } from '../../api/client'
import { useKeepDraft, useSaveDraft } from '../../api/kits'
import type { KitDraft } from '../../api/types'

/** How long after the last key a draft is kept. */
const PAUSE = 700

/** The draft's text as it is typed; it is kept whenever the hand rests, and when the page is left. */
export function useKeptText(draft: KitDraft) {
  const [typed, setTyped] = useState<string | null>(null)
  const { mutate, isPending, error, reset } = useSaveDraft()
  const keep = useKeepDraft()
  const text = typed ?? draft.text
  const isChanged = text !== draft.text
  const waits = isChanged && !isPending && !error
  useEffect(() => {
    if (!waits) return
    const timer = setTimeout(() => mutate({ id: draft.id, version: draft.version, text }), PAUSE)
    return () => clearTimeout(timer)
  }, [draft.id, draft.version, text, waits, mutate])
  useKeptOnLeaving(waits ? () => mutate({ id: draft.id, version: draft.version, text }) : null, isChanged)
  const theirs = error instanceof ApiError ? error.problem?.theirDraft : undefined
  return {
    text,
    isChanged,
    error,
    /** What somebody else has made of it meanwhile. */
    theirs: theirs ?? null,
    type: (next: string) => setTyped(next),
    tryAgain: () => reset(),
    /** On top of what somebody else has kept, knowingly. */
    keepMine: () => theirs && mutate({ id: draft.id, version: theirs.version, text }),
    takeTheirs: () => {
      if (theirs) keep(theirs)
      setTyped(null)
      reset()
    },
  } as const
}

/** Sends what is not kept yet when another page is opened, and asks before the browser closes. */
function useKeptOnLeaving(send: (() => void) | null, isChanged: boolean): void {
  const latest = useRef(send)
  useEffect(() => {
    latest.current = send
  })
  useEffect(() => () => latest.current?.(), [])
  useEffect(() => {
    if (!isChanged) return
    const ask = (event: BeforeUnloadEvent) => event.preventDefault()
    window.addEventListener('beforeunload', ask)
    return () => window.removeEventListener('beforeunload', ask)
  }, [isChanged])
}
