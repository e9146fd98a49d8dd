import { useQuery } from '@tanstack/react-query'
import { useEffect, useRef } from 'react'
import { Link, NavLink, Outlet, useLocation, useParams } from 'react-router'
import { useOthersWaiting } from '../../api/outbox'
import { jobQueries } from '../../api/jobs'
import { usePlanSender } from '../../api/plan'
import type { Job } from '../../api/types'
import { say } from '../../domain/sentence'
import { Button } from '../../ui/Button'
import { classes } from '../../ui/classes'
import { Note } from '../../ui/Note'
import { UnitProvider, useUnit } from '../../ui/UnitContext'
import { UnitToggle } from '../../ui/UnitToggle'
import { SavedState } from '../../views/SavedState'
import { GivenTo, ReadOnly, Theirs } from './Crew'
import { PlanTroubles } from './PlanTroubles'
import { STEP_NAMES } from './steps'
import { TitleBlock } from './TitleBlock'

/** The frame of a job: steps along the top, the work in the middle, the title block at the foot. */
export function JobFrame() {
  const { id = '' } = useParams()
  const job = useQuery(jobQueries.one(id))
  if (job.isPending)
    return (
      <p role="status" className="p-6">
        Fetching the job
      </p>
    )
  if (!job.data)
    return (
      <main className="grid gap-4 p-6">
        <Note tone="out" role="alert" title="The job could not be fetched.">
          {job.error.message}
        </Note>
        <Button className="justify-self-start" onClick={() => void job.refetch()}>
          Try again
        </Button>
        <Link to="/" className="text-plan underline">
          All jobs
        </Link>
      </main>
    )
  return (
    <UnitProvider name={id} initial={job.data.draft.unit}>
      <Theirs job={id}>
        <Frame job={job.data} />
      </Theirs>
    </UnitProvider>
  )
}

function Frame({ job }: { job: Job }) {
  usePlanSender(job.id)
  return (
    <div className="group/frame grid min-h-dvh grid-cols-[minmax(0,1fr)] grid-rows-[auto_1fr_auto] desk:h-dvh desk:min-h-0">
      <header className="no-print">
        <Steps job={job} />
        <NextLine job={job} />
        <GivenOnPhone job={job.id} />
        <ReadOnly job={job.id} />
        <PlanTroubles job={job} />
        <OthersWaiting jobId={job.id} />
      </header>
      <p className="hidden border-b border-ink pb-1 text-label print:block">
        {[job.name, job.kit && `${job.kit.name}, size ${job.kit.size}`].filter(Boolean).join(' · ')}
      </p>
      <main className="min-h-0 desk:overflow-auto" tabIndex={-1}>
        <Outlet context={job} />
      </main>
      <TitleBlock job={job} />
    </div>
  )
}

/** On a phone the title block is not there: whom the job is given to is said where work begins. */
function GivenOnPhone({ job }: { job: string }) {
  const { pathname } = useLocation()
  if (!pathname.endsWith('/safety')) return null
  return (
    <p className="flex items-baseline gap-2 border-b border-line px-4 py-2 text-label desk:hidden">
      <span className="shrink-0 text-mute">Given to</span>
      <GivenTo job={job} />
    </p>
  )
}

/** Entries that somebody else made on this device: only they can send them. */
function OthersWaiting({ jobId }: { jobId: string }) {
  const count = useOthersWaiting(jobId)
  if (count === 0) return null
  return (
    <div className="border-b border-line px-4 py-2 desk:px-6">
      <Note tone="unproved" role="status">
        {count === 1 ? 'An entry' : `${count} entries`} of somebody else waits on this device. It is sent when they sign in here.
      </Note>
    </div>
  )
}

function Steps({ job }: { job: Job }) {
  const row = useRef<HTMLOListElement>(null)
  const { pathname } = useLocation()
  useEffect(() => {
    // In braces: newer browsers return a promise from scrollIntoView, and an effect may only return its own undoing.
    row.current?.querySelector('[aria-current]')?.scrollIntoView({ block: 'nearest', inline: 'center' })
  }, [pathname])
  return (
    <nav aria-label="Steps of the job" className="flex border-b-2 border-ink">
      <Link to="/" className="grid min-h-12 place-items-center border-r-2 border-ink px-4 text-lead font-bold desk:px-6">
        Berm
      </Link>
      <span className="grid max-w-60 place-items-center border-r border-line px-4 font-semibold max-desk:hidden">
        <span className="w-full truncate" title={job.name}>
          {job.name}
        </span>
      </span>
      <ol ref={row} className="relative flex flex-1 overflow-x-auto">
        {job.steps.map((step) => (
          <li key={step.step} className="flex-1 border-r border-line">
            <NavLink
              to={`/jobs/${job.id}/${step.step}`}
              className={({ isActive }) =>
                classes(
                  'flex min-h-12 items-center justify-center gap-2 px-3 whitespace-nowrap',
                  isActive ? 'bg-ink font-semibold text-chalk' : 'hover:bg-soft',
                )
              }
            >
              <StepSign isDone={step.done} stops={job.obstacles.some((one) => one.step === step.step)} />
              {STEP_NAMES[step.step]}
            </NavLink>
          </li>
        ))}
      </ol>
      <UnitToggle className="m-0.5 self-center max-desk:hidden" />
    </nav>
  )
}

/** A bar: done. A post: this step stops you. */
function StepSign({ isDone, stops }: { isDone: boolean; stops: boolean }) {
  if (isDone) return <span className="h-1.5 w-4 bg-inside outline outline-chalk" role="img" aria-label="done" />
  return stops ? (
    <span className="h-5 w-1.5 bg-out outline outline-chalk" role="img" aria-label="something stands in the way" />
  ) : null
}

/** The job's name and what is next in it. On a desk the name stands in the bar, and nothing is said of a step that one is at. */
function NextLine({ job }: { job: Job }) {
  const unit = useUnit()
  const { pathname } = useLocation()
  const target = `/jobs/${job.id}/${job.next.step}`
  const isHere = pathname === target
  return (
    <div
      className={classes(
        'flex items-center justify-between gap-x-4 border-b border-line px-4 py-1 desk:px-6 max-desk:group-has-[[data-cut-screen]]/frame:hidden',
        'short:group-has-[[data-work-screen]]/frame:hidden',
        isHere && 'desk:hidden',
      )}
    >
      <p className="flex min-w-0 flex-wrap items-baseline gap-x-3">
        <span className="font-semibold desk:hidden">{job.name}</span>
        <span className="text-label text-mute desk:hidden">
          <SavedState job={job} />
        </span>
        {isHere ? (
          // At the build itself, what is next stands right below.
          job.next.step !== 'build' && <span className="text-mute">{say(job.next.title, unit)}</span>
        ) : (
          <Link to={target} className="min-h-6 text-plan underline underline-offset-4">
            Next: {say(job.next.title, unit)} →
          </Link>
        )}
      </p>
      <UnitToggle className="shrink-0 desk:hidden" />
    </div>
  )
}
