import { queryOptions } from '@tanstack/react-query'
import { useSyncExternalStore } from 'react'
import type { TakenAlong } from '../engine/carried'
import { sayBytes } from '../domain/waiting'
import { serverNow } from '../engine/clock'
import type { KeptEntry } from '../engine/entries'
import { keepEngine } from '../engine/shell'
import { lostSince, onSignal } from '../engine/signal'
import { answered, ApiError, client, setAnswerHere } from './client'
import { carried, me, outbox } from './here'
import { keepPicturesOf } from './pictures'
import type { Package } from './types'

/** How far the taking along is. */
export type Progress = { step: number; of: number; doing: string }

const STEPS = ['The engine', 'The job, its sheets and its log', 'What else could be chosen', 'The pictures'] as const

/** Makes a job ready for work without signal: when this has ended well, the engine has opened it here. */
export async function takeAlong(jobId: string, onProgress: (progress: Progress) => void = () => undefined): Promise<void> {
  const at = (step: number) => onProgress({ step, of: STEPS.length, doing: STEPS[step - 1] ?? '' })
  const here = carried()
  if (!here) throw new ApiError(null)
  await ensureRoom()
  at(1)
  await keepEngine((done, of) => onProgress({ step: 1, of: STEPS.length, doing: `The engine, ${done} of ${of} parts` }))
  at(2)
  const taken = await packed(jobId)
  at(3)
  const answers = await answersOf(jobId, taken)
  at(4)
  await keepPicturesOf(jobId, taken)
  await keep(jobId, taken, answers)
  await outbox.judgeAll(me())
  await here.ask(jobId, { method: 'GET', path: `/api/jobs/${jobId}`, at: taken.at })
}

/** What a job and the engine take at most, and some to work with. */
const ROOM = 60_000_000

/** Said before it is full, not when an entry no longer fits. */
async function ensureRoom(): Promise<void> {
  const { storage } = navigator as { storage?: StorageManager }
  const { usage = 0, quota = Infinity } = (await storage?.estimate()) ?? {}
  if (quota - usage < ROOM)
    throw new Error(
      `This device has room for ${sayBytes(Math.max(0, quota - usage))} more, and it takes ${sayBytes(ROOM)}: free some first, or remove a job that is done.`,
    )
}

/** Asks the browser to let lie what lies here; where it does not promise that, it may clear it away when the device is full. */
export async function askToStay(): Promise<boolean> {
  const { storage } = navigator as { storage?: StorageManager }
  return (await storage?.persisted()) || (await storage?.persist()) || false
}

export const leaveBehind = (jobId: string): Promise<void> => carried()?.remove(jobId) ?? Promise.resolve()

/** Takes a job along anew, where it was taken along and the server answers: what was sent is in it then. */
export async function renew(jobId: string): Promise<void> {
  const here = carried()
  if (!(await here?.has(jobId))) return
  try {
    const taken = await packed(jobId)
    await keep(jobId, taken, await answersOf(jobId, taken))
  } catch (error) {
    // It is asked for again with the next entry that the server takes.
    if (!(error instanceof ApiError)) throw error
  }
}

const SOON_MS = 3_000
const soon = new Map<string, number>()

/** Several entries in a row are waited for. */
export function renewSoon(jobId: string): void {
  window.clearTimeout(soon.get(jobId))
  soon.set(
    jobId,
    window.setTimeout(() => void renew(jobId), SOON_MS),
  )
}

const packed = (jobId: string): Promise<Package> =>
  answered(client.GET('/api/jobs/{id}/package', { params: { path: { id: jobId } } }))

async function keep(jobId: string, taken: Package, answers: Record<string, unknown>): Promise<void> {
  const ids = new Set(taken.log.map(({ body }) => (JSON.parse(body) as { id: string }).id))
  const has = ({ id, event }: KeptEntry) => (event.kind === 'plan' ? taken.job.version > event.version : ids.has(id))
  await outbox.takeAnew(me(), jobId, has, () => carried()?.keep(taken, answers) ?? Promise.resolve())
}

/** What the pages of a job read besides the job: kept as it was answered. */
async function answersOf(id: string, taken: Package): Promise<Record<string, unknown>> {
  const path = { id }
  const { kit } = taken.job.plan
  const asked: [string, Promise<unknown>][] = [
    [`/api/jobs/${id}/crew`, answered(client.GET('/api/jobs/{id}/crew', { params: { path } }))],
  ]
  if (kit) {
    const { id: sheet, revision } = kit
    const words = answered(client.GET('/api/kits/{id}/{revision}/words', { params: { path: { id: sheet, revision } } }))
    asked.push([`/api/kits/${sheet}/${revision}/words`, words])
  }
  // What cannot be had is missed on its page only.
  const kept = await Promise.all(asked.map(async ([at, answer]) => [at, await answer.catch(() => undefined)] as const))
  return Object.fromEntries(kept.filter(([, answer]) => answer !== undefined))
}

/** How much room Berm takes in this browser, and whether it may stay. */
export const storageQuery = queryOptions({
  queryKey: ['storage'],
  queryFn: async () => {
    const { storage } = navigator as { storage?: StorageManager }
    const { usage = 0, quota = 0 } = (await storage?.estimate()) ?? {}
    return { used: usage, quota, stays: (await storage?.persisted()) ?? false }
  },
})

const NONE: TakenAlong[] = []

/** What whoever is signed in took along; null until it is read. */
export const useTakenAlong = (): TakenAlong[] | null =>
  useSyncExternalStore(
    (listener) => carried()?.subscribe(listener) ?? (() => undefined),
    () => carried()?.list ?? (carried() ? null : NONE),
  )

/** Why the engine on this device cannot answer for a job; null: it can, or was not asked. */
export const useTrouble = (jobId: string): string | null =>
  useSyncExternalStore(
    (listener) => carried()?.subscribe(listener) ?? (() => undefined),
    () => carried()?.trouble(jobId) ?? null,
  )

/** Since when the server has not answered, by this device's clock; null: it answered last. */
export const useLostSince = (): string | null => useSyncExternalStore(onSignal, lostSince)

/** What the server does not answer: as it answered when the job was taken along, or as the engine here does. */
setAnswerHere(async (path) => {
  const here = carried()
  const tool = toolOf(path)
  if (here && tool) return here.askBench(tool.key, tool.query)
  const kept = here?.list?.find(({ paths }) => paths.includes(path))
  if (here && kept) return here.answer(kept.jobId, path)
  const question = questionOf(path)
  const isKept = question && here?.list?.some((one) => one.jobId === question.jobId)
  const at = new Date(serverNow()).toISOString()
  return here && isKept ? here.ask(question.jobId, { method: 'GET', path: question.path, page: question.page, at }) : undefined
})

/** The bench needs no job: wherever the engine is, it works. */
function toolOf(address: string): { key: string; query: string } | null {
  const { pathname, search } = new URL(address, window.location.origin)
  const key = /^\/api\/bench(?:\/([a-z-]+))?$/.exec(pathname)
  return key && { key: key[1] ?? '', query: search.slice(1) }
}

/** What of a job the engine here answers besides the job itself. */
function questionOf(address: string): { jobId: string; path: string; page: number } | null {
  const { pathname, searchParams } = new URL(address, window.location.origin)
  const ofJob = /^\/api\/jobs\/([^/]+)\/(?:kits|connectors|tools|ways)$/.exec(pathname)?.[1]
  const jobId = ofJob ?? (pathname === '/api/boxes' ? searchParams.get('job') : null)
  const page = Number(searchParams.get('page') ?? 1)
  return jobId === null ? null : { jobId, path: searchParams.has('page') ? pathname : address, page }
}
