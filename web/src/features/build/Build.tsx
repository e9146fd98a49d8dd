import { useState } from 'react'
import { dismiss, useWaiting } from '../../api/outbox'
import type { Cut, End, Job } from '../../api/types'
import { say } from '../../domain/sentence'
import { Button } from '../../ui/Button'
import { classes } from '../../ui/classes'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'
import { marksOf } from '../../views/cuts'
import { MarkTables } from '../../views/MarkTables'
import { NotPlanned } from '../../views/NotPlanned'
import { SectionView } from '../../views/SectionView'
import { useJob } from '../../views/useJob'
import { CutPanel } from './CutPanel'
import { ConnectorPanel } from './ConnectorPanel'
import { ParkPanel } from './ParkPanel'
import { sayEvent } from '../../views/sayEvent'

type Task = { end: End; cut: Cut } | 'park' | 'connector' | 'done' | 'blocked'

function taskOf(job: Job, picked: { end: End; cut: Cut } | null): Task {
  if (picked && !job.connectorFitted) return picked
  if (job.connectorFitted) return 'done'
  if (job.next.step !== 'build') return 'blocked'
  if (job.next.end && job.next.cut) return { end: job.next.end, cut: job.next.cut }
  return job.next.part ? 'park' : 'connector'
}

/** One thing now: park, cut, or fit the connector; the drawing shows what was really cut. */
export function Build() {
  const job = useJob()
  const [picked, setPicked] = useState<{ end: End; cut: Cut } | null>(null)
  if (!job.markOut) return <NotPlanned job={job} />
  const task = taskOf(job, picked)
  const active = typeof task === 'object' ? task : null
  const pick = (end: End, cut: Cut) => setPicked({ end, cut })
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] content-start">
      <h1 className="sr-only">Build</h1>
      <div className="max-desk:hidden">
        <SectionView job={job} datum="cable-end" active={active} onPick={pick} />
      </div>
      <div className="desk:hidden">
        <CutChips job={job} active={active} onPick={pick} />
        <SectionView job={job} datum="cable-end" active={active} only={active?.end ?? 'A'} onPick={pick} />
      </div>
      <div className="grid grid-cols-[minmax(0,1fr)] border-t border-line desk:grid-cols-[25.5rem_minmax(0,1fr)]">
        <section aria-label="Now" className="grid content-start gap-4 desk:border-r-2 desk:border-ink desk:p-6">
          <Now job={job} task={task} onDone={() => setPicked(null)} />
          <Unsent job={job} />
        </section>
        <section aria-label="Cuts" className="grid content-start gap-5 overflow-x-auto p-4 desk:p-6">
          <MarkTables job={job} active={active} onPick={pick} show="readings" />
          <ShortLaps job={job} />
        </section>
      </div>
    </div>
  )
}

function Now({ job, task, onDone }: { job: Job; task: Task; onDone: () => void }) {
  const unit = useUnit()
  if (typeof task === 'object') {
    const mark = job.markOut?.marks.find((one) => one.end === task.end && one.cut === task.cut)
    return mark ? <CutPanel key={mark.end + mark.cut} job={job} mark={mark} onDone={onDone} /> : null
  }
  if (task === 'park') return <ParkPanel job={job} />
  if (task === 'connector') return <ConnectorPanel job={job} />
  if (task === 'done')
    return (
      <Note tone="inside" title={`The ${job.function === 'joint' ? 'connector' : 'lug'} is on.`}>
        What it hides was measured first. The record is ready.
      </Note>
    )
  return (
    <div className="grid gap-3 p-4 desk:p-0">
      <h2 className="font-semibold">Not yet</h2>
      {job.steps.flatMap((step) =>
        step.obstacles.map((reason) => (
          <Note key={say(reason, unit)} tone="out">
            {say(reason, unit)}
          </Note>
        )),
      )}
    </div>
  )
}

/** What the server does not have yet, or would not take. */
function Unsent({ job }: { job: Job }) {
  const waiting = useWaiting(job.id)
  const unit = useUnit()
  return waiting.map((one) =>
    one.refused ? (
      <div key={one.id} className="max-desk:px-4">
        <Note tone="out" role="alert" title={`Not recorded: ${sayEvent(one.event, unit)}`}>
          <p>{one.refused.reason ? say(one.refused.reason, unit) : one.refused.detail}</p>
          {one.refused.problems?.map((problem) => (
            <p key={problem.path}>{problem.message}</p>
          ))}
          <Button kind="link" onClick={() => dismiss(one.id)}>
            Understood
          </Button>
        </Note>
      </div>
    ) : (
      <div key={one.id} className="max-desk:px-4">
        <Note tone="unproved" role="status" title={`Not saved yet: ${sayEvent(one.event, unit)}`}>
          It is kept here and sent as soon as the server answers.
        </Note>
      </div>
    ),
  )
}

function ShortLaps({ job }: { job: Job }) {
  const unit = useUnit()
  const short = job.section?.laps.filter((lap) => lap.judgement.verdict === 'out') ?? []
  return short.map((lap) => (
    <Note key={lap.part + lap.end} tone="out">
      {say(lap.reason, unit)}
    </Note>
  ))
}

const BARS = { inside: 'bg-inside', 'not-proved': 'bg-unproved', out: 'bg-out' } as const

/** A1 to B4: the cuts as chips, for the phone. */
function CutChips({
  job,
  active,
  onPick,
}: {
  job: Job
  active: { end: End; cut: Cut } | null
  onPick: (end: End, cut: Cut) => void
}) {
  return (
    <ol className="flex border-b border-line" aria-label="Cuts by end and order">
      {job.ends.flatMap((cable) =>
        marksOf(job, cable.end).map((mark) => {
          const isActive = active?.end === mark.end && active.cut === mark.cut
          return (
            <li key={mark.end + mark.cut} className="flex-1 border-r border-line">
              <button
                type="button"
                className={classes(
                  'grid min-h-12 w-full content-center justify-items-center gap-1',
                  isActive && 'bg-ink text-chalk',
                )}
                aria-current={isActive || undefined}
                onClick={() => onPick(mark.end, mark.cut)}
              >
                {mark.end}
                {mark.order}
                <span
                  className={classes(
                    'h-1.5 w-5',
                    mark.recorded ? BARS[mark.recorded.judgement.verdict] : 'border border-current opacity-60',
                  )}
                />
              </button>
            </li>
          )
        }),
      )}
    </ol>
  )
}
