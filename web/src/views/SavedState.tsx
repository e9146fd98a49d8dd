import { useLostSince } from '../api/device'
import { useWaiting } from '../api/outbox'
import { useUnsaved } from '../api/plan'
import type { Job } from '../api/types'
import { clock, entriesWait } from '../domain/waiting'

/** Whether all of a job is saved and sent, and since when nothing can be. */
export function SavedState({ job }: { job: Job }) {
  const waiting = useWaiting(job.id).length
  const unsaved = useUnsaved(job.id)
  const lost = useLostSince()
  if (lost !== null)
    return (
      <span role="status" className="font-semibold text-unproved">
        no signal since {clock(lost)}, {entriesWait(waiting + (unsaved ? 1 : 0))}
      </span>
    )
  if (waiting > 0 || unsaved)
    return (
      <span role="status" className="font-semibold text-unproved">
        not saved yet{waiting > 1 && `: ${entriesWait(waiting)}`}
      </span>
    )
  return <span role="status">{clock(job.changedAt)}, all sent</span>
}
