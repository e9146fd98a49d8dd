import type { Job, Written } from '../api/types'

/** The job as known with the changes of an entry set into it; null where they stand on another job than the one that is known. */
export function withChanges(job: Job, written: Written): Job | null {
  if (job.stamp === written.stamp) return job
  if (job.stamp !== written.before) return null
  return written.changes.reduce<Job>((known, { at, value }) => set(known, at, value) as Job, job)
}

function set(json: unknown, [key, ...path]: (string | number)[], value: unknown): unknown {
  if (key === undefined) return value
  if (Array.isArray(json)) {
    const copy: unknown[] = [...(json as unknown[])]
    copy[Number(key)] = set(copy[Number(key)], path, value)
    return copy
  }
  const object = json as Record<string, unknown>
  return { ...object, [key]: set(object[key], path, value) }
}
