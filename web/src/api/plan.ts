import { useEffect } from 'react'
import { useQueryClient, type QueryClient } from '@tanstack/react-query'
import { answered, ApiError, client } from './client'
import { jobQueries, storeJob } from './jobs'
import { Kept, useKept } from '../engine/local'
import type { Draft, Job, Problem } from './types'

/** A plan as it stands on this screen and not yet on the server. */
export type Unsaved = { version: number; draft: Draft; problem: Problem | null }

const unsaved = new Kept<Record<string, Unsaved>>('berm.plans', {})
const sending = new Set<string>()

export function useUnsaved(jobId: string): Unsaved | undefined {
  return useKept(unsaved)[jobId]
}

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

function keep(jobId: string, value: Unsaved | undefined): void {
  const others = Object.entries(unsaved.value).filter(([id]) => id !== jobId)
  unsaved.set(Object.fromEntries(value ? [...others, [jobId, value]] : others))
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
    const params = { path: { id: jobId }, header: { 'If-Match': `"${mine.version}"` } }
    const job = await answered(client.PUT('/api/jobs/{id}/plan', { params, body: mine.draft }))
    storeJob(job, queries)
    const now = unsaved.value[jobId]
    keep(jobId, now && now.draft !== mine.draft ? { ...now, version: job.version } : undefined)
  } catch (error) {
    if (error instanceof ApiError && !error.isUnsent && unsaved.value[jobId]?.draft === mine.draft)
      keep(jobId, { ...mine, problem: error.problem })
  } finally {
    sending.delete(jobId)
  }
  const left = unsaved.value[jobId]
  if (left && left.draft !== mine.draft) await send(jobId, queries)
}
