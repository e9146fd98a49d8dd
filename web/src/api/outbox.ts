import { useEffect, useMemo, useSyncExternalStore } from 'react'
import { useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query'
import { withChanges } from '../engine/changes'
import type { KeptEntry } from '../engine/entries'
import { lostSince, onSignal } from '../engine/signal'
import { isHeld, type Made, type Outbox } from '../engine/outbox'
import { renew, renewSoon } from './device'
import { entries, isLedHere, outbox, tell } from './here'
import { jobQueries, storeJob } from './jobs'
import { sendPictureOf } from './pictures'
import { keepRefused } from './unsaved'
import { madeAt } from '../domain/uuid'
import { sessionQuery } from './session'
import { storesQueries } from './stores'
import { toolQueries } from './tools'
import type { Job, Written } from './types'

export type { KeptEntry } from '../engine/entries'

/** One outbox for the page, as there is one query client: what comes of it is shown. */
function outboxOf(queries: QueryClient): Outbox {
  tell({
    onTaken: ({ jobId }, answer) => {
      if (isLedHere(jobId)) return
      storeAnswer(jobId, answer, queries)
      renewSoon(jobId)
    },
    onJudged: ({ jobId }, answer) => storeAnswer(jobId, answer, queries, true),
    onSignedOut: () => void queries.invalidateQueries({ queryKey: sessionQuery.queryKey }),
    onAllSent: (jobIds) => void allSent(jobIds, queries),
    onPlanRefused: ({ jobId, event }, problem) => {
      if (event.kind === 'plan') keepRefused(jobId, event, problem)
    },
    sendFirst: sendPictureOf,
  })
  return outbox
}

async function allSent(jobIds: string[], queries: QueryClient): Promise<void> {
  for (const jobId of jobIds) {
    await renew(jobId)
    await queries.invalidateQueries({ queryKey: jobQueries.one(jobId).queryKey })
  }
  await queries.invalidateQueries({ queryKey: storesQueries.all })
  await queries.invalidateQueries({ queryKey: toolQueries.all })
}

function storeAnswer(jobId: string, answer: Written | Job, queries: QueryClient, isHere = false): void {
  if ('changes' in answer) storeChanges(jobId, answer, queries, isHere)
  else storeJob(answer, queries, isHere)
}

/** Sets what an entry changed into the job as known; where that is another, it is fetched whole. */
export function storeChanges(jobId: string, written: Written, queries: QueryClient, isHere = false): void {
  const { queryKey } = jobQueries.one(jobId)
  const known = queries.getQueryData<Job>(queryKey)
  const changed = known ? withChanges(known, written) : null
  if (changed) storeJob(changed, queries, isHere)
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
  return useMemo(() => all.filter((one) => one.jobId === jobId && one.person === me && !one.taken), [all, jobId, me])
}

/** Those of them of which nothing is known yet but that they were made. */
export const useUnjudged = (jobId: string): KeptEntry[] => {
  const waiting = useWaiting(jobId)
  return useMemo(() => waiting.filter((one) => !one.judged), [waiting])
}

/** When those of whoever is signed in were made that lie here and cannot be read any more. */
export function useDamaged(): Date[] {
  const ids = useSyncExternalStore(entries.subscribe, () => entries.damaged)
  return ids.map(madeAt)
}

/** Whether an entry was judged on this device and the server has not seen it. */
export const useIsProvisional = (entryId: string | null): boolean =>
  useEntries().some((one) => one.id === entryId && one.judged === true && !one.taken)

/** How many entries of whoever is signed in the server does not have, of whatever job. */
export const useMineWaiting = (): number => useEntries().filter((one) => !one.taken).length

/** How many wait on this device, whoever made them: before anybody is signed in. */
export function useAllWaiting(): number {
  useEffect(() => void entries.readFor('').then(() => entries.refresh()), [])
  return useSyncExternalStore(entries.subscribe, () => entries.others).length
}

/** How many entries of others wait on this device: only they can send them. */
export function useOthersWaiting(jobId: string): number {
  return useSyncExternalStore(entries.subscribe, () => entries.others).filter((one) => one.jobId === jobId).length
}

const useMe = (): string => useQuery(sessionQuery).data?.person?.name ?? ''

/** @param said what is written down, for people: shown while it waits */
export function useWrite(jobId: string): (event: KeptEntry['event'], said: string, doneAt?: string | null) => void {
  const outbox = outboxOf(useQueryClient())
  const me = useMe()
  return (event, said, doneAt = null) => void outbox.write(jobId, me, event, said, doneAt)
}

/** Seconds in which a touch can be undone before it is an entry; 0: it is one at once. A choice of this device. */
const UNDO = 'berm.undo-seconds'
export const undoSeconds = (): number => Number(localStorage.getItem(UNDO) ?? 10)
export const setUndoSeconds = (seconds: number): void => localStorage.setItem(UNDO, String(seconds))

let lastTouch = { what: '', at: 0 }

/** A glove touches twice where it meant once. */
function isSameTouch(made: Made[]): boolean {
  const [before, what, at] = [lastTouch, JSON.stringify(made), Date.now()]
  lastTouch = { what, at }
  return before.what === what && at - before.at < TWICE_MS
}
const TWICE_MS = 700

/** Writes down what one touch did, all of it or nothing: it can be undone for a while. */
export function useWriteTouch(jobId: string): (made: Made[], doneAt: string | null) => void {
  const outbox = outboxOf(useQueryClient())
  const me = useMe()
  return (made, doneAt) => {
    if (isSameTouch(made)) return
    const seconds = undoSeconds()
    if (seconds > 0) void outbox.hold(jobId, me, made, doneAt, seconds)
    else void outbox.writeAll(jobId, me, made, doneAt)
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
  const queries = useQueryClient()
  const outbox = outboxOf(queries)
  const me = useMe()
  useEffect(() => {
    if (me === '') return
    void entries.readFor(me)
    const send = () => void outbox.send(me)
    const ask = () => {
      if (lostSince() !== null) void queries.invalidateQueries({ queryKey: sessionQuery.queryKey })
    }
    const back = () => {
      ask()
      send()
    }
    send()
    const timer = window.setInterval(send, 4000)
    const asking = window.setInterval(ask, 8000)
    window.addEventListener('online', back)
    const stop = onSignal(() => {
      if (lostSince() !== null) return
      send()
      // What was shown as it was taken along is asked for again.
      void queries.invalidateQueries({ predicate: ({ queryKey }) => queryKey[0] !== sessionQuery.queryKey[0] })
    })
    return () => {
      window.clearInterval(timer)
      window.clearInterval(asking)
      window.removeEventListener('online', back)
      stop()
    }
  }, [outbox, queries, me])
}
