import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { useLostSince } from '../../api/device'
import { jobQueries } from '../../api/jobs'
import { useMay } from '../../api/session'
import type { JobSummary } from '../../api/types'
import { say } from '../../domain/sentence'
import { Button } from '../../ui/Button'
import { Note } from '../../ui/Note'
import { NewJob } from './NewJob'
import { TakenAlongJobs } from './TakenAlongJobs'
import { TakeMine } from './TakeMine'
import { PageHeading } from '../../views/PageHeading'
import { WhoMay } from '../../views/WhoMay'
import { Unreadable } from '../../views/Unreadable'

export function JobList() {
  const [page, setPage] = useState(1)
  const [isNew, setIsNew] = useState(false)
  const jobs = useQuery(jobQueries.page(page))
  const mayPlan = useMay('plan')
  const lost = useLostSince()
  return (
    <main className="mx-auto w-full max-w-[76rem] p-4 desk:p-6">
      <div className="flex flex-wrap items-center justify-between gap-4">
        <PageHeading name="Jobs" />
        {jobs.data && lost === null && (
          <div className="max-desk:order-last max-desk:w-full desk:ml-auto">
            <TakeMine jobs={jobs.data.jobs} mine={jobs.data.mine} />
          </div>
        )}
        {mayPlan && lost === null && (
          <Button kind="primary" onClick={() => setIsNew(true)}>
            New job
          </Button>
        )}
      </div>
      <WhoMay right="plan" deed="makes jobs" />
      <NewJob open={isNew} onClose={() => setIsNew(false)} />
      {lost !== null && <TakenAlongJobs since={lost} />}
      {lost === null && jobs.isPending && <p role="status">Fetching the jobs</p>}
      {lost === null && jobs.error && (
        <Note tone="out" role="alert" title="The jobs could not be fetched.">
          {jobs.error.message} <Button onClick={() => void jobs.refetch()}>Try again</Button>
        </Note>
      )}
      <Unreadable rows={jobs.data?.unreadable} />
      {jobs.data?.total === 0 && (
        <p className="mt-8 text-lead">There is no job yet. Make the first one: it takes a name and what is to be built.</p>
      )}
      {jobs.data && jobs.data.jobs.length > 0 && lost === null && (
        <ul aria-label="Jobs" className="mt-4 border-t-2 border-ink">
          {jobs.data.jobs.map((job) => (
            <JobRow key={job.id} job={job} />
          ))}
        </ul>
      )}
      {jobs.data && jobs.data.total > jobs.data.perPage && (
        <Pages page={page} last={Math.ceil(jobs.data.total / jobs.data.perPage)} onChange={setPage} />
      )}
    </main>
  )
}

function JobRow({ job }: { job: JobSummary }) {
  const [first, ...others] = job.obstacles
  const done = job.steps.filter((step) => step.done).length
  return (
    <li className="grid items-center gap-x-6 gap-y-2 border-b border-line py-3 desk:grid-cols-[1.1fr_1.3fr_auto]">
      <div>
        <Link to={`/jobs/${job.id}/${job.next.step}`} className="text-lead font-semibold hover:underline">
          {job.name}
        </Link>
        <p className="text-label text-mute">{[...new Set(job.cables)].join(' to ') || 'No cable chosen yet'}</p>
        <StepBars done={done} total={job.steps.length} />
      </div>
      <div>
        {first && !job.completion.complete ? (
          <Note tone="out">
            <p>{say(first.reason, job.unit)}</p>
            {others.length > 0 && (
              <p className="text-label text-mute">
                and {others.length === 1 ? 'one more thing' : `${others.length} more things`} in the way
              </p>
            )}
          </Note>
        ) : (
          <Note tone="inside">{inTheClear(job)}</Note>
        )}
      </div>
      <Link
        to={`/jobs/${job.id}/${job.next.step}`}
        className="inline-flex min-h-12 items-center justify-self-start border-2 border-ink px-4 py-2 leading-tight font-semibold hover:bg-soft desk:w-72 desk:justify-between"
      >
        {say(job.next.title, job.unit)}
        <span aria-hidden className="pl-3">
          →
        </span>
      </Link>
    </li>
  )
}

function StepBars({ done, total }: { done: number; total: number }) {
  return (
    <p className="mt-1 flex gap-1" role="img" aria-label={`${done} of ${total} steps done`}>
      {Array.from({ length: total }, (_, i) => (
        <span key={i} className={i < done ? 'h-1.5 w-7 bg-inside' : 'h-1.5 w-7 border border-mute'} />
      ))}
    </p>
  )
}

function Pages({ page, last, onChange }: { page: number; last: number; onChange: (page: number) => void }) {
  return (
    <nav aria-label="Pages" className="mt-4 flex items-center gap-4">
      <Button disabled={page <= 1} onClick={() => onChange(page - 1)}>
        Newer
      </Button>
      <span>
        {page} of {last}
      </span>
      <Button disabled={page >= last} onClick={() => onChange(page + 1)}>
        Older
      </Button>
    </nav>
  )
}

/** What is said of a job in whose way nothing stands. */
function inTheClear({ completion }: JobSummary): string {
  if (completion.complete) return 'Built, recorded and handed over.'
  return completion.done ? 'Built and recorded; not handed over yet.' : 'Nothing stands in the way.'
}
