import { useEffect, useState } from 'react'
import { ApiError } from '../../api/client'
import { useKeepDraft, useSaveDraft } from '../../api/kits'
import type { KitDraft } from '../../api/types'

/** How long after the last key a draft is kept. */
const PAUSE = 700

/** The draft's text as it is typed; it is kept whenever the hand rests. */
export function useKeptText(draft: KitDraft) {
  const [typed, setTyped] = useState<string | null>(null)
  const { mutate, isPending, error, reset } = useSaveDraft()
  const keep = useKeepDraft()
  const text = typed ?? draft.text
  const isChanged = text !== draft.text
  useEffect(() => {
    if (!isChanged || isPending || error) return
    const timer = setTimeout(() => mutate({ id: draft.id, version: draft.version, text }), PAUSE)
    return () => clearTimeout(timer)
  }, [draft.id, draft.version, text, isChanged, isPending, error, mutate])
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
