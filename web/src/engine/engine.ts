import { answered, client } from '../api/client'
import type { Job, Written } from '../api/types'
import type { KeptEntry } from './entries'

/** What the page asks of whatever computes: the server, or the same core in a worker where there is no signal. */
export type Ask = { ask: 'job'; id: string } | { ask: 'write'; entry: KeptEntry }

/** What a change of the plan answers with is the job; an entry, what it changed in it. */
type Answers = { job: Job; write: Written | Job }

export type Engine = { ask: <A extends Ask>(question: A) => Promise<Answers[A['ask']]> }

/** The server. */
export const engine: Engine = {
  ask: <A extends Ask>(question: A) => answerOf(question) as Promise<Answers[A['ask']]>,
}

function answerOf(question: Ask): Promise<Job | Written> {
  if (question.ask === 'job') return answered(client.GET('/api/jobs/{id}', { params: { path: { id: question.id } } }))
  const { jobId: id, event } = question.entry
  const body = bodyOf(question.entry)
  switch (event.kind) {
    case 'plan': {
      const header = { 'If-Match': `"${event.version}"` }
      return answered(client.PUT('/api/jobs/{id}/plan', { params: { path: { id }, header }, body: event.draft }))
    }
    case 'open-box': {
      const { box, missing } = event
      return answered(
        client.POST('/api/boxes/{id}/opening', { params: { path: { id: box } }, body: { ...body, job: id, missing } }),
      )
    }
    case 'take-tool':
      return answered(client.POST('/api/jobs/{id}/tools/{tool}', { params: { path: { id, tool: event.tool } }, body }))
    default:
      return answered(client.POST('/api/jobs/{id}/log', { params: { path: { id } }, body: { ...body, event } }))
  }
}

/** How an entry says when it was made; for the engine here it is made as it is sent. */
export function bodyOf({ id, madeAt, doneAt, heard }: KeptEntry, sentAt = new Date().toISOString()) {
  // A clock that was set back meanwhile: how long it waited is not known, and it is not refused for that.
  return {
    id,
    madeAt,
    sentAt: sentAt < madeAt ? madeAt : sentAt,
    ...(doneAt === null ? {} : { doneAt }),
    ...(heard === undefined ? {} : { heard }),
  }
}
