import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { useTakenAlong } from '../../api/device'
import { jobQueries } from '../../api/jobs'
import { useWaiting } from '../../api/outbox'
import type { TakenAlong } from '../../engine/carried'
import { say } from '../../domain/sentence'
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
  const job = useQuery(jobQueries.one(jobId)).data
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
    <li className="grid items-center gap-x-6 gap-y-2 border-b border-line py-3 desk:grid-cols-[1fr_auto]">
      <div>
        <Link to={`/jobs/${jobId}`} className="text-lead font-semibold hover:underline">
          {name}
        </Link>
        <p className="text-label text-mute">
          as of {clockOrDay(at)}, {entriesWait(waiting)}
        </p>
      </div>
      {job && (
        <Link
          to={`/jobs/${jobId}/${job.next.step}`}
          className="inline-flex min-h-12 items-center justify-self-start border-2 border-ink px-4 py-2 leading-tight font-semibold hover:bg-soft desk:w-72 desk:justify-between"
        >
          {say(job.next.title, job.draft.unit)}
          <span aria-hidden className="pl-3">
            →
          </span>
        </Link>
      )}
    </li>
  )
}
