import { Link } from 'react-router'
import { useTakenAlong } from '../../api/device'
import { useWaiting } from '../../api/outbox'
import type { TakenAlong } from '../../engine/carried'
import { clock, clockOrDay, entriesWait } from '../../domain/waiting'
import { Note } from '../../ui/Note'

/** Where there is no signal: the jobs that can be worked on all the same. */
export function TakenAlongJobs({ since }: { since: string }) {
  const taken = useTakenAlong()
  return (
    <section aria-label="On this device" className="mt-4 grid gap-4">
      <Note tone="unproved" role="status" title={`No signal since ${clock(since)}.`}>
        {taken?.length === 0
          ? 'No job was taken along to this device. What was written down here is kept, and sent when there is a signal.'
          : 'These jobs were taken along: all of the work goes on in them.'}
      </Note>
      {taken && taken.length > 0 && (
        <ul aria-label="Jobs on this device" className="border-t-2 border-ink">
          {taken.map((job) => (
            <Row key={job.jobId} job={job} />
          ))}
        </ul>
      )}
    </section>
  )
}

function Row({ job: { jobId, name, at } }: { job: TakenAlong }) {
  const waiting = useWaiting(jobId).length
  if (at === null)
    return (
      <li className="border-b border-line py-3">
        <Note tone="out" title="A job on this device cannot be read.">
          Take it along anew where there is a signal. Nothing that the server has is lost.
        </Note>
      </li>
    )
  return (
    <li className="border-b border-line py-3">
      <Link to={`/jobs/${jobId}`} className="block min-h-11 text-lead font-semibold hover:underline">
        {name}
      </Link>
      <p className="text-label text-mute">
        as of {clockOrDay(at)}, {entriesWait(waiting)}
      </p>
    </li>
  )
}
