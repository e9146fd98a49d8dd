import { answered, client } from '../api/client'
import type { Job, Written } from '../api/types'
import type { KeptEntry } from './entries'

/** What the page asks of whatever computes: today the server, later also a worker with the same core inside. */
export type Ask = { ask: 'job'; id: string } | { ask: 'write'; entry: KeptEntry }

type Answers = { job: Job; write: Written }

export type Engine = { ask: <A extends Ask>(question: A) => Promise<Answers[A['ask']]> }

/** The one door. */
export const engine: Engine = {
  ask: <A extends Ask>(question: A) => answerOf(question) as Promise<Answers[A['ask']]>,
}

function answerOf(question: Ask): Promise<Job | Written> {
  if (question.ask === 'job') return answered(client.GET('/api/jobs/{id}', { params: { path: { id: question.id } } }))
  const { id, jobId, event, madeAt, doneAt } = question.entry
  const body = { id, event, madeAt, sentAt: new Date().toISOString(), ...(doneAt === null ? {} : { doneAt }) }
  return answered(client.POST('/api/jobs/{id}/log', { params: { path: { id: jobId } }, body }))
}
