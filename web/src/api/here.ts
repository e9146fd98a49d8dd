import { Carried } from '../engine/carried'
import { openDevice } from '../engine/device'
import { engine } from '../engine/engine'
import { KeptEntries } from '../engine/entries'
import { Hand, handWorker } from '../engine/hand'
import { jobHere, judgeOf } from '../engine/judge'
import { Outbox, type OutboxEvents } from '../engine/outbox'
import { lostSince } from '../engine/signal'
import { ApiError } from './client'
import type { Job } from './types'

/** What this page has of the device: one of each, as there is one device. */
export const device = openDevice()
export const entries = new KeptEntries()

let carriedOf: { person: string; carried: Carried } | null = null

const hand: Hand = new Hand(handWorker, () => carriedOf?.carried.allClosed())

/** What whoever is signed in took along; null where nobody is. */
export const carried = (): Carried | null => carriedOf?.carried ?? null

export const me = (): string => carriedOf?.person ?? ''

/** From now on what lies here is theirs. @param person null: nobody's */
export function isHere(person: string | null): void {
  if (carriedOf?.person === (person ?? undefined)) return
  hand.end()
  carriedOf = person === null ? null : { person, carried: new Carried(person, device, hand) }
  void carriedOf?.carried.read()
}

let events: OutboxEvents | null = null
export const tell = (to: OutboxEvents): void => {
  events = to
}

/** Lines of the logs of the jobs that are shown as the server has them. */
const linesShown = new Map<string, number>()
export const serverHas = (job: Job): void => {
  linesShown.set(job.id, job.log.length)
}

const judge = judgeOf(carried, (jobId) => linesShown.get(jobId))

export const outbox = new Outbox(
  entries,
  engine,
  judge,
  {
    onTaken: (...what) => events?.onTaken(...what),
    onJudged: (...what) => events?.onJudged(...what),
    onSignedOut: () => events?.onSignedOut(),
    onAllSent: (...what) => events?.onAllSent(...what),
    onPlanRefused: (...what) => events?.onPlanRefused(...what),
    sendFirst: (entry) => events?.sendFirst(entry) ?? Promise.resolve(),
  },
  () => lostSince() === null,
)

/** The job, and whether it is as the engine here has it: with entries that the server has not seen, or where the server does not answer. */
export async function askJob(id: string): Promise<{ job: Job; isHere: boolean }> {
  await entries.readFor(me())
  if (isLedHere(id)) return answerHere(id)
  try {
    const job = await engine.ask({ ask: 'job', id })
    return isLedHere(id) ? await answerHere(id) : { job, isHere: false }
  } catch (error) {
    if (!(error instanceof ApiError && error.isUnheard) || !(await judge.knows(id))) throw error
    return answerHere(id)
  }
}

async function answerHere(id: string): Promise<{ job: Job; isHere: true }> {
  const here = carried()
  if (!here) throw new ApiError(null)
  await outbox.judgeAll(me())
  return { job: await jobHere(here, id), isHere: true }
}

/** Entries wait that were judged here: what the server has is what was before them. */
export const isLedHere = (jobId: string): boolean =>
  entries.all.some((one) => one.jobId === jobId && one.judged === true && !one.taken && one.refused === null)
