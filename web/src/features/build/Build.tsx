import { useState, type ReactNode } from 'react'
import { Link } from 'react-router'
import { useUnjudged } from '../../api/outbox'
import type { Job } from '../../api/types'
import { say } from '../../domain/sentence'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'
import type { PickedMark } from '../../views/cuts'
import { MarkTables } from '../../views/MarkTables'
import { OpenCalls } from '../../views/Calls'
import { LastHeard } from '../../views/LastHeard'
import { SavedState } from '../../views/SavedState'
import { ClockNote } from '../../views/ClockNote'
import { Said } from '../../views/Said'
import { NotPlanned } from '../../views/NotPlanned'
import { useJob } from '../../views/useJob'
import { BuildDrawing } from './BuildDrawing'
import { ConnectorPanel } from './ConnectorPanel'
import { CutChips } from './CutChips'
import { CutScreen } from './CutScreen'
import { DoneEarlier } from './DoneEarlier'
import { FoundOtherwise } from './FoundOtherwise'
import { InTheWay } from './InTheWay'
import { keyOf, nowIn, type Now } from './now'
import { ParkPanel } from './ParkPanel'
import { LeaveSafe } from './LeaveSafe'
import { MyEnd, OtherEnd } from './MyEnd'
import { StageBar } from './StageBar'
import { StageGrid } from './StageGrid'
import { StageHead, stageNow, StageNotes } from './StageHead'
import { FinishPanel, ReleasePanel } from './StagePanel'
import { TakeOff } from './TakeOff'
import { Timers } from './Timers'
import { TouchPanel } from './TouchPanel'
import { Undo, UndoChoice } from './Undo'
import { Unsent } from './Unsent'
import { Unsettled } from './Unsettled'
import { useMyEnd } from './useMyEnd'

/** One thing now: park, cut, fit the connector, or what the stage asks for; the drawing shows what was really cut. */
export function Build() {
  const job = useJob()
  const [picked, setPicked] = useState<PickedMark | null>(null)
  const waiting = useUnjudged(job.id)
  const [at, setAt] = useMyEnd(job.id)
  if (!job.markOut) return <NotPlanned job={job} />
  const now = nowIn(job, picked, waiting, at)
  const myEnd = job.function === 'joint' && job.stages !== null && <MyEnd at={at} onChange={setAt} />
  return (
    <>
      <title>{`Build · ${job.name} · Berm`}</title>
      <h1 className="sr-only">Build</h1>
      <StageBar job={job} />
      {now.is === 'cut' ? (
        <CutScreen key={keyOf(now)} job={job} mark={now.mark} onPick={setPicked} onDone={() => setPicked(null)}>
          {myEnd && <div className="px-4 pt-3 desk:px-6">{myEnd}</div>}
          <div className="px-4 pt-3 desk:px-6">
            <Timers job={job} />
            <Unsettled job={job} />
            <LastHeard jobId={job.id} />
            <OpenCalls job={job} />
          </div>
          <Lists job={job} active={now.mark} onPick={setPicked} />
        </CutScreen>
      ) : (
        <WorkScreen job={job} now={now} myEnd={myEnd} onPick={setPicked} />
      )}
    </>
  )
}

/** What a jointer writes down as done. */
const WRITTEN_DOWN: Now['is'][] = ['park', 'connector', 'touch', 'finish']

/** A phone on its side has what is asked beside what can hurt. */
const NOW =
  'grid content-start gap-3 low:grid-cols-[minmax(0,2fr)_minmax(0,3fr)] low:*:col-start-1 desk:border-r-2 desk:border-ink desk:px-6 desk:py-4'

type WorkProps = { job: Job; now: Now; myEnd: ReactNode; onPick: (mark: PickedMark) => void }

/** Whatever is not a cut: the drawing, what is asked, and the lists beside it. */
function WorkScreen({ job, now, myEnd, onPick }: WorkProps) {
  const stage = stageNow(job)
  return (
    <div data-work-screen className="grid grid-cols-[minmax(0,1fr)] content-start desk:grid-cols-[28rem_minmax(0,1fr)]">
      <div className="border-b border-line max-desk:hidden desk:col-span-2">
        <BuildDrawing job={job} now={now} />
      </div>
      <section aria-label="Now" className={NOW}>
        <div className="max-desk:px-4 max-desk:pt-3 empty:hidden">
          <Undo jobId={job.id} />
          <ClockNote />
        </div>
        <div className="max-desk:px-4 max-desk:pt-3 empty:hidden">
          <Unsettled job={job} />
          <LastHeard jobId={job.id} />
          <OpenCalls job={job} />
        </div>
        <StageHead job={job} saved={<SavedState job={job} />} />
        <div className="grid content-start gap-3 low:col-start-2! low:row-span-6 low:row-start-1">
          <NowPanel key={keyOf(now)} job={job} now={now} />
        </div>
        <StageNotes job={job} />
        {WRITTEN_DOWN.includes(now.is) && (
          <div className="max-desk:px-4">
            <DoneEarlier jobId={job.id} />
            <UndoChoice />
          </div>
        )}
        <div className="max-desk:px-4">
          {stage && <TakeOff job={job} stage={stage} />}
          <FoundOtherwise job={job} />
          <LeaveSafe job={job} />
          <Said job={job} stage={job.next.stage} />
        </div>
        <Unsent job={job} />
      </section>
      <div className="desk:hidden">
        <BuildDrawing job={job} now={now} />
        <CutChips job={job} active={null} onPick={onPick} />
      </div>
      <div className="min-w-0">
        {(myEnd || stage) && (
          <section aria-label="Steps of the stage" className="grid gap-3 px-4 pt-4 desk:px-6">
            <Timers job={job} />
            {myEnd}
            {stage && <StageGrid stage={stage} />}
          </section>
        )}
        <Lists job={job} active={null} onPick={onPick} />
      </div>
    </div>
  )
}

function NowPanel({ job, now }: { job: Job; now: Now }) {
  if (now.is === 'park') return <ParkPanel job={job} />
  if (now.is === 'connector') return <ConnectorPanel job={job} />
  if (now.is === 'touch') return <TouchPanel job={job} stage={now.stage} touch={now} />
  if (now.is === 'finish') return <FinishPanel job={job} stage={now.stage} />
  if (now.is === 'other-end') return <OtherEnd at={now.at} />
  if (now.is === 'release') return <ReleasePanel job={job} stage={now.stage} />
  if (now.is === 'done') return <Done job={job} />
  if (now.is === 'kept')
    return (
      <div className="max-desk:p-4">
        <Note tone="unproved" role="status" title="Kept here, and on its way.">
          What comes next is known as soon as the server answers.
        </Note>
      </div>
    )
  return <InTheWay job={job} />
}

function Done({ job }: { job: Job }) {
  const unit = useUnit()
  return (
    <div className="max-desk:p-4">
      <Note tone={job.completion.done ? 'inside' : 'unproved'} title={say(job.completion.sentence, unit)}>
        {job.completion.done ? 'The record is ready.' : 'The record says what is open.'}
        {job.completion.done && !job.completion.complete && (
          <Link to={`/jobs/${job.id}/record`} className="block min-h-11 pt-2 text-plan underline underline-offset-4">
            Read it and hand it over →
          </Link>
        )}
      </Note>
      <InTheWay job={job} />
    </div>
  )
}

function Lists({ job, active, onPick }: { job: Job; active: PickedMark | null; onPick: (mark: PickedMark) => void }) {
  return (
    <section aria-label="Cuts" className="grid grid-cols-[minmax(0,1fr)] content-start gap-5 p-4 desk:p-6">
      <MarkTables job={job} active={active} onPick={onPick} show="readings" />
    </section>
  )
}
