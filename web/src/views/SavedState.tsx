import { useWaiting } from '../api/outbox'
import { useUnsaved } from '../api/plan'
import type { Job } from '../api/types'

/** Whether all of a job is saved and sent. */
export function SavedState({ job }: { job: Job }) {
  const waiting = useWaiting(job.id).length
  const unsaved = useUnsaved(job.id)
  if (waiting > 0 || unsaved)
    return (
      <span role="status" className="font-semibold text-unproved">
        not saved yet
      </span>
    )
  const at = new Date(job.changedAt).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })
  return <span role="status">{at}, all sent</span>
}
