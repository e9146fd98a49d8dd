import type { Job, Written } from '../api/types'
import type { Carried, HandRequest } from './carried'
import { serverNow } from './clock'
import { bodyOf } from './engine'
import type { KeptEntry } from './entries'

/** Who judges what was made where there is no signal. */
export type Judge = {
  /** Whether it can: the job was taken along. */
  knows: (jobId: string) => Promise<boolean>
  judge: (entry: KeptEntry) => Promise<Written | Job>
  /** How many lines of a job's log, as the server has it, have reached this device. */
  heard: (jobId: string) => Promise<number | undefined>
}

const now = () => new Date(serverNow()).toISOString()

/** The engine on this device as a judge: nobody's where nobody is signed in. */
export const judgeOf = (carried: () => Carried | null, shown: (jobId: string) => number | undefined): Judge => ({
  heard: async (jobId) => shown(jobId) ?? (await carried()?.lines(jobId)),
  knows: (jobId) => carried()?.has(jobId) ?? Promise.resolve(false),
  judge: (entry) => {
    const carrier = carried()
    if (!carrier) return Promise.reject(new Error('Nobody is signed in.'))
    return carrier.ask(entry.jobId, { ...asRequest(entry), at: now() }) as Promise<Written | Job>
  },
})

/** The job as the engine on this device has it. */
export const jobHere = (carried: Carried, jobId: string): Promise<Job> =>
  carried.ask(jobId, { method: 'GET', path: `/api/jobs/${jobId}`, at: now() }) as Promise<Job>

function asRequest(entry: KeptEntry): Omit<HandRequest, 'at'> {
  const { jobId, event } = entry
  const body = bodyOf(entry, new Date().toISOString())
  const job = `/api/jobs/${jobId}`
  switch (event.kind) {
    case 'plan':
      return { method: 'PUT', path: `${job}/plan`, body: event.draft, version: event.version }
    case 'open-box':
      return { method: 'POST', path: `/api/boxes/${event.box}/opening`, body: { ...body, job: jobId, missing: event.missing } }
    case 'take-tool':
      return { method: 'POST', path: `${job}/tools/${event.tool}`, body }
    default:
      return { method: 'POST', path: `${job}/log`, body: { ...body, event } }
  }
}
