import { Link } from 'react-router'
import type { Job } from '../api/types'
import { say } from '../domain/sentence'
import { Note } from '../ui/Note'
import { useUnit } from '../ui/UnitContext'
import { PageHeading } from './PageHeading'

/** Why there is nothing to mark out yet, and where to go. */
export function NotPlanned({ job }: { job: Job }) {
  const unit = useUnit()
  return (
    <div className="mx-auto grid max-w-[50rem] gap-4 p-6">
      <PageHeading name="It cannot be marked out yet" of={job.name} />
      {job.obstacles.map(({ step, reason }) => (
        <Note key={say(reason, unit)} tone="out">
          {say(reason, unit)}{' '}
          <Link className="text-plan underline" to={`/jobs/${job.id}/${step}`}>
            See to it
          </Link>
        </Note>
      ))}
    </div>
  )
}
