import { useEffect } from 'react'
import { useQueryClient, type QueryClient } from '@tanstack/react-query'
import { carried, entries, me, outbox } from './here'
import { answered, ApiError, client } from './client'
import { isWaiting } from '../engine/outbox'
import { jobQueries, storeJob } from './jobs'
import type { Draft, Job } from './types'
import { keep, unsaved, useUnsaved, type Unsaved } from './unsaved'

export { useUnsaved, type Unsaved } from './unsaved'

const sending = new Set<string>()

/** The plan to show: what was typed here, else what the server has. */
export function useDraft(job: Job): Draft {
  return useUnsaved(job.id)?.draft ?? job.draft
}

/** Changes the plan on the screen at once and on the server as soon as it answers. */
export function useChangePlan(job: Job): (change: (draft: Draft) => Draft) => void {
  const queries = useQueryClient()
  return (change) => {
    const before = unsaved.value[job.id] ?? newest(job, queries)
    keep(job.id, { version: before.version, draft: change(before.draft), problem: null })
    void send(job.id, queries)
  }
}

/** The first plan of a job that was just made: it is sent as soon as the job is opened. */
export function startPlan(made: Job, draft: Draft): void {
  keep(made.id, { version: made.version, draft, problem: null })
}

/** After a conflict: keeps what the others stored, or puts this plan on top of it. */
export function useResolve(jobId: string): { takeTheirs: (theirs: Job) => void; putMineOnTop: (theirs: Job) => void } {
  const queries = useQueryClient()
  return {
    takeTheirs(theirs) {
      keep(jobId, undefined)
      storeJob(theirs, queries)
    },
    putMineOnTop(theirs) {
      const mine = unsaved.value[jobId]
      if (mine) keep(jobId, { version: theirs.version, draft: mine.draft, problem: null })
      void send(jobId, queries)
    },
  }
}

export function discardUnsaved(jobId: string): void {
  keep(jobId, undefined)
}

export function usePlanSender(jobId: string): void {
  const queries = useQueryClient()
  useEffect(() => {
    const again = () => void send(jobId, queries)
    again()
    const timer = window.setInterval(again, 4000)
    return () => window.clearInterval(timer)
  }, [jobId, queries])
}

/** A change made before the screen was drawn again stands on what the server answered last, not on what is still shown. */
function newest(shown: Job, queries: QueryClient): Job {
  const answered = queries.getQueryData(jobQueries.one(shown.id).queryKey)
  return answered && answered.version > shown.version ? answered : shown
}

async function send(jobId: string, queries: QueryClient): Promise<void> {
  const mine = unsaved.value[jobId]
  if (!mine || mine.problem !== null || sending.has(jobId)) return
  sending.add(jobId)
  try {
    if (isQueued(jobId)) {
      await queue(jobId, mine)
      return
    }
    const params = { path: { id: jobId }, header: { 'If-Match': `"${mine.version}"` } }
    const job = await answered(client.PUT('/api/jobs/{id}/plan', { params, body: mine.draft }))
    storeJob(job, queries)
    const now = unsaved.value[jobId]
    keep(jobId, now && now.draft !== mine.draft ? { ...now, version: job.version } : undefined)
  } catch (error) {
    if (error instanceof ApiError && error.isUnheard && (await carried()?.has(jobId))) await queue(jobId, mine)
    if (error instanceof ApiError && !error.isUnsent && unsaved.value[jobId]?.draft === mine.draft)
      keep(jobId, { ...mine, problem: error.problem })
  } finally {
    sending.delete(jobId)
  }
  const left = unsaved.value[jobId]
  if (left && left.draft !== mine.draft) await send(jobId, queries)
}

/** Entries wait that were made before it: it goes to the server in its turn. */
const isQueued = (jobId: string): boolean => entries.all.some((one) => one.jobId === jobId && isWaiting(one))

/** Where there is no signal it waits among the entries, and the engine on this device works out what follows. */
async function queue(jobId: string, { version, draft }: Unsaved): Promise<void> {
  const now = unsaved.value[jobId]
  keep(jobId, now && now.draft !== draft ? { ...now, version: version + 1 } : undefined)
  await outbox.write(jobId, me(), { kind: 'plan', version, draft }, 'The plan as changed')
}
