import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import type { Job } from '../../api/types'
import { faultQuery, waysQuery, waysStamp, type Fault } from '../../api/ways'
import { say } from '../../domain/sentence'
import { useUnit } from '../../ui/UnitContext'
import { bestWay } from '../../views/bestWay'

/** What can still be done about what is out: the best of the ways, and where all of them are. */
export function WaysOn({ job, fault, isWide = false }: { job: Job; fault: Fault; isWide?: boolean }) {
  const unit = useUnit()
  const found = useQuery(waysQuery(job.id, fault, waysStamp(job)))
  if (found.isPending) return <p role="status">Working out what can still be done …</p>
  const open = found.data?.ways.filter((way) => !way.refusal) ?? []
  const best = bestWay(open)
  if (!best) return null
  return (
    <section
      aria-label="What can still be done"
      className={`grid gap-x-4 gap-y-1 border-l-4 border-ink pl-3 ${isWide ? 'grid-cols-[minmax(0,1fr)_auto] items-center' : ''}`}
    >
      <div>
        <h3 className="font-semibold">{say(best.title, unit)}</h3>
        <p className="text-label">{say(best.does, unit)}</p>
      </div>
      <Link
        to={`/jobs/${job.id}/build/ways?${faultQuery(fault)}`}
        className="inline-flex min-h-12 items-center justify-center bg-ink px-5 font-semibold text-chalk hover:bg-plan"
      >
        {open.length === 1 ? 'What can still be done' : `What can still be done: ${open.length} ways`}
      </Link>
    </section>
  )
}
