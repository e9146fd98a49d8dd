import { useEffect, useMemo, useSyncExternalStore } from 'react'
import { useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query'
import { withChanges } from '../engine/changes'
import { engine } from '../engine/engine'
import { KeptEntries, type KeptEntry } from '../engine/entries'
import { isHeld, Outbox, type Made } from '../engine/outbox'
import { jobQueries, storeJob } from './jobs'
import { sessionQuery } from './session'
import type { Job, LogEvent, Written } from './types'

export type { KeptEntry } from '../engine/entries'

const entries = new KeptEntries()
let outbox: Outbox | null = null

/** One outbox for the page, as there is one query client. */
function outboxOf(queries: QueryClient): Outbox {
  return (outbox ??= new Outbox(entries, engine, {
    onTaken: (entry, written) => storeChanges(entry.jobId, written, queries),
    onSignedOut: () => void queries.invalidateQueries({ queryKey: sessionQuery.queryKey }),
  }))
}

/** Sets what an entry changed into the job as known; where that is another, it is fetched whole. */
export function storeChanges(jobId: string, written: Written, queries: QueryClient): void {
  const { queryKey } = jobQueries.one(jobId)
  const known = queries.getQueryData<Job>(queryKey)
  const changed = known ? withChanges(known, written) : null
  if (changed) storeJob(changed, queries)
  else void queries.invalidateQueries({ queryKey })
  void queries.invalidateQueries({ queryKey: [...jobQueries.all, 'page'] })
}

function useEntries(): KeptEntry[] {
  return useSyncExternalStore(entries.subscribe, () => entries.all)
}

/** Entries of a job that this person made and that are not stored: still on their way, or refused with the reason. */
export function useWaiting(jobId: string): KeptEntry[] {
  const all = useEntries()
  const me = useMe()
  return useMemo(() => all.filter((one) => one.jobId === jobId && one.person === me), [all, jobId, me])
}

/** How many entries of others wait on this device: only they can send them. */
export function useOthersWaiting(jobId: string): number {
  const me = useMe()
  return useEntries().filter((one) => one.jobId === jobId && one.person !== me).length
}

const useMe = (): string => useQuery(sessionQuery).data?.person?.name ?? ''

/** @param said what is written down, for people: shown while it waits */
export function useWrite(jobId: string): (event: LogEvent, said: string, doneAt?: string | null) => void {
  const outbox = outboxOf(useQueryClient())
  const me = useMe()
  return (event, said, doneAt = null) => void outbox.write(jobId, me, event, said, doneAt)
}

/** Seconds in which a touch can be undone before it is an entry; 0: it is one at once. A choice of this device. */
const UNDO = 'berm.undo-seconds'
export const undoSeconds = (): number => Number(localStorage.getItem(UNDO) ?? 10)
export const setUndoSeconds = (seconds: number): void => localStorage.setItem(UNDO, String(seconds))

/** Writes down what one touch did, all of it or nothing: it can be undone for a while. */
export function useWriteTouch(jobId: string): (made: Made[], doneAt: string | null) => void {
  const outbox = outboxOf(useQueryClient())
  const me = useMe()
  return (made, doneAt) => {
    const seconds = undoSeconds()
    if (seconds > 0) void outbox.hold(jobId, me, made, doneAt, seconds)
    else for (const { event, said } of made) void outbox.write(jobId, me, event, said, doneAt)
  }
}

/** What the last touch wrote down and that can still be undone; and what can be done with it. */
export function useHeld(jobId: string): { held: KeptEntry[]; undo: () => void; sendNow: () => void } {
  const outbox = outboxOf(useQueryClient())
  const me = useMe()
  const held = useWaiting(jobId).filter(isHeld)
  return {
    held,
    undo: () => held.forEach((one) => void outbox.withdraw(one)),
    sendNow: () => void outbox.sendHeld(me),
  }
}

/** What can be done with an entry that was refused. */
export function useRefused(): { sendAgain: (entry: KeptEntry) => void; withdraw: (entry: KeptEntry) => void } {
  const outbox = outboxOf(useQueryClient())
  return { sendAgain: (entry) => void outbox.sendAgain(entry), withdraw: (entry) => void outbox.withdraw(entry) }
}

/** Tries again whenever a connection may be back, and once somebody has signed in. */
export function useOutbox(): void {
  const outbox = outboxOf(useQueryClient())
  const me = useMe()
  useEffect(() => {
    if (me === '') return
    const send = () => void outbox.send(me)
    send()
    const timer = window.setInterval(send, 4000)
    window.addEventListener('online', send)
    return () => {
      window.clearInterval(timer)
      window.removeEventListener('online', send)
    }
  }, [outbox, me])
}
