import { useState } from 'react'
import { dismiss, useWaiting } from '../../api/outbox'
import type { Job } from '../../api/types'
import { say } from '../../domain/sentence'
import { Button } from '../../ui/Button'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'
import { isSameMark, markName, type PickedMark } from '../../views/cuts'
import { MarkTables } from '../../views/MarkTables'
import { NotPlanned } from '../../views/NotPlanned'
import { SectionView } from '../../views/SectionView'
import { useJob } from '../../views/useJob'
import { CutChips } from './CutChips'
import { CutPanel } from './CutPanel'
import { ConnectorPanel } from './ConnectorPanel'
import { ParkPanel } from './ParkPanel'
import { StageHead, StageList, StageNotes } from './StageHead'
import { StagePanel } from './StagePanel'
import { sayEvent } from '../../views/sayEvent'

type Now = PickedMark | 'park' | 'connector' | 'stage' | 'done' | 'blocked'

function nowIn(job: Job, picked: PickedMark | null): Now {
  if (picked && !job.connectorFitted) return picked
  if (job.isBuilt) return 'done'
  if (job.next.step !== 'build' || job.next.task === null) return 'blocked'
  const { task, end, cut, core } = job.next
  if (task === 'cut' && end && cut) return { end, cut, core }
  return task === 'park' || task === 'connector' ? task : 'stage'
}

/** One thing now: park, cut, fit the connector, or what the stage asks for; the drawing shows what was really cut. */
export function Build() {
  const job = useJob()
  const [picked, setPicked] = useState<PickedMark | null>(null)
  if (!job.markOut) return <NotPlanned job={job} />
  const now = nowIn(job, picked)
  const active = typeof now === 'object' ? now : null
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] content-start">
      <h1 className="sr-only">Build</h1>
      <div className="max-desk:hidden">
        <SectionView job={job} datum="cable-end" active={active} onPick={setPicked} />
      </div>
      <div className="desk:hidden">
        <CutChips job={job} active={active} onPick={setPicked} />
        <SectionView job={job} datum="cable-end" active={active} only={active?.end ?? 'A'} onPick={setPicked} />
      </div>
      <div className="grid grid-cols-[minmax(0,1fr)] border-t border-line desk:grid-cols-[25.5rem_minmax(0,1fr)]">
        <section aria-label="Now" className="grid content-start gap-4 desk:border-r-2 desk:border-ink desk:p-6">
          <StageHead job={job} />
          <NowPanel job={job} now={now} onDone={() => setPicked(null)} />
          <StageNotes job={job} />
          <Unsent job={job} />
        </section>
        <section aria-label="Stages and cuts" className="grid content-start gap-5 relative overflow-x-auto p-4 desk:p-6">
          <StageList job={job} />
          <MarkTables job={job} active={active} onPick={setPicked} show="readings" />
          <ShortLaps job={job} />
        </section>
      </div>
    </div>
  )
}

function NowPanel({ job, now, onDone }: { job: Job; now: Now; onDone: () => void }) {
  const unit = useUnit()
  if (typeof now === 'object') {
    const mark = job.markOut?.marks.find((one) => isSameMark(now, one))
    return mark ? <CutPanel key={mark.end + markName(mark, unit)} job={job} mark={mark} onDone={onDone} /> : null
  }
  if (now === 'park') return <ParkPanel job={job} />
  if (now === 'connector') return <ConnectorPanel job={job} />
  if (now === 'stage') return <StagePanel job={job} />
  if (now === 'done')
    return (
      <Note tone="inside" title={job.stages ? 'It is built.' : `The ${job.function === 'joint' ? 'connector' : 'lug'} is on.`}>
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
    <Note key={lap.part + lap.end + lap.of + lap.rule} tone="out">
      {say(lap.reason, unit)}
    </Note>
  ))
}
