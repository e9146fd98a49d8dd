import { useEffect } from 'react'
import { useQueryClient, type QueryClient } from '@tanstack/react-query'
import { uuidv7 } from '../domain/uuid'
import { answered, ApiError, client } from './client'
import { storeJob } from './jobs'
import { Kept, useKept } from './kept'
import type { LogEvent, Problem } from './types'

/** An entry that the server may not have yet; its id makes sending it twice harmless. */
export type Waiting = { jobId: string; id: string; event: LogEvent; refused: Problem | null }

const outbox = new Kept<Waiting[]>('berm.outbox', [])
let isSending = false

/** Entries of a job that are not stored: still on their way, or refused with the reason. */
export function useWaiting(jobId: string): Waiting[] {
  return useKept(outbox).filter((waiting) => waiting.jobId === jobId)
}

export function useWrite(jobId: string): (event: LogEvent) => void {
  const queries = useQueryClient()
  return (event) => {
    outbox.set([
      ...outbox.value.filter((waiting) => waiting.jobId !== jobId || waiting.refused === null),
      { jobId, id: uuidv7(), event, refused: null },
    ])
    void sendAll(queries)
  }
}

export function dismiss(id: string): void {
  outbox.set(outbox.value.filter((waiting) => waiting.id !== id))
}

/** Tries again whenever a connection may be back. */
export function useOutbox(): void {
  const queries = useQueryClient()
  useEffect(() => {
    const send = () => void sendAll(queries)
    send()
    const timer = window.setInterval(send, 4000)
    window.addEventListener('online', send)
    return () => {
      window.clearInterval(timer)
      window.removeEventListener('online', send)
    }
  }, [queries])
}

/** In the order in which they were made; stops at the first that cannot be sent. */
async function sendAll(queries: QueryClient): Promise<void> {
  if (isSending) return
  isSending = true
  try {
    for (;;) {
      const waiting = outbox.value.find((one) => one.refused === null)
      if (!waiting || !(await sendOne(waiting, queries))) return
    }
  } finally {
    isSending = false
  }
}

async function sendOne(waiting: Waiting, queries: QueryClient): Promise<boolean> {
  try {
    const { id, event, jobId } = waiting
    const job = await answered(client.POST('/api/jobs/{id}/log', { params: { path: { id: jobId } }, body: { id, event } }))
    storeJob(job, queries)
    dismiss(id)
    return true
  } catch (error) {
    if (!(error instanceof ApiError) || error.isUnsent) return false
    outbox.set(outbox.value.map((one) => (one.id === waiting.id ? { ...one, refused: error.problem } : one)))
    return true
  }
}
