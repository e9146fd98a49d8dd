import { useState } from 'react'
import { useWaiting } from '../../api/outbox'
import type { Job } from '../../api/types'
import { say } from '../../domain/sentence'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'
import type { PickedMark } from '../../views/cuts'
import { MarkTables } from '../../views/MarkTables'
import { NotPlanned } from '../../views/NotPlanned'
import { SectionView } from '../../views/SectionView'
import { useJob } from '../../views/useJob'
import { CheckPanel } from './CheckPanel'
import { ConnectorPanel } from './ConnectorPanel'
import { CutChips } from './CutChips'
import { CutScreen } from './CutScreen'
import { DoneEarlier } from './DoneEarlier'
import { InTheWay } from './InTheWay'
import { LooksPanel } from './LooksPanel'
import { keyOf, nowIn, type Now } from './now'
import { ParkPanel } from './ParkPanel'
import { StageHead, StageList, StageNotes } from './StageHead'
import { FinishPanel, ReleasePanel } from './StagePanel'
import { Unsent } from './Unsent'
import { useLowWindow } from './useLowWindow'

/** One thing now: park, cut, fit the connector, or what the stage asks for; the drawing shows what was really cut. */
export function Build() {
  const job = useJob()
  const [picked, setPicked] = useState<PickedMark | null>(null)
  const waiting = useWaiting(job.id)
  if (!job.markOut) return <NotPlanned job={job} />
  const now = nowIn(job, picked, waiting)
  return (
    <>
      <title>{`Build · ${job.name} · Berm`}</title>
      <h1 className="sr-only">Build</h1>
      {now.is === 'cut' ? (
        <CutScreen key={keyOf(now)} job={job} mark={now.mark} onPick={setPicked} onDone={() => setPicked(null)}>
          <Lists job={job} active={now.mark} onPick={setPicked} />
        </CutScreen>
      ) : (
        <WorkScreen job={job} now={now} onPick={setPicked} />
      )}
    </>
  )
}

/** What a jointer writes down as done. */
const WRITTEN_DOWN: Now['is'][] = ['park', 'connector', 'check', 'finish']

/** Whatever is not a cut: the drawing, what is asked, and the lists beside it. */
function WorkScreen({ job, now, onPick }: { job: Job; now: Now; onPick: (mark: PickedMark) => void }) {
  const low = useLowWindow()
  // What is asked, with its button, comes before the drawing's height.
  const room = low === null ? null : Math.min(low, 230)
  const end = job.next.end ?? 'A'
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] content-start desk:grid-cols-[25.5rem_minmax(0,1fr)]">
      <div className="border-b border-line max-desk:hidden desk:col-span-2">
        <SectionView job={job} datum="cable-end" active={null} onPick={onPick} room={room} />
      </div>
      <section aria-label="Now" className="grid content-start gap-4 desk:border-r-2 desk:border-ink desk:p-6">
        <StageHead job={job} />
        <NowPanel key={keyOf(now)} job={job} now={now} />
        <StageNotes job={job} />
        {WRITTEN_DOWN.includes(now.is) && (
          <div className="max-desk:px-4">
            <DoneEarlier jobId={job.id} />
          </div>
        )}
        <Unsent job={job} />
      </section>
      <div className="desk:hidden">
        <CutChips job={job} active={null} onPick={onPick} />
        <SectionView job={job} datum="cable-end" active={null} only={end} onPick={onPick} />
      </div>
      <Lists job={job} active={null} onPick={onPick} />
    </div>
  )
}

function NowPanel({ job, now }: { job: Job; now: Now }) {
  if (now.is === 'park') return <ParkPanel job={job} />
  if (now.is === 'connector') return <ConnectorPanel job={job} />
  if (now.is === 'check')
    return now.looks.length > 1 ? (
      <LooksPanel job={job} stage={now.stage} looks={now.looks} />
    ) : (
      <CheckPanel job={job} stage={now.stage} check={now.check} />
    )
  if (now.is === 'finish') return <FinishPanel job={job} stage={now.stage} />
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
      <Note tone={job.completion.complete ? 'inside' : 'unproved'} title={say(job.completion.sentence, unit)}>
        {job.completion.complete ? 'The record is ready.' : 'The record says what is open.'}
      </Note>
      <InTheWay job={job} />
    </div>
  )
}

function Lists({ job, active, onPick }: { job: Job; active: PickedMark | null; onPick: (mark: PickedMark) => void }) {
  return (
    <section aria-label="Stages and cuts" className="grid grid-cols-[minmax(0,1fr)] content-start gap-5 p-4 desk:p-6">
      <StageList job={job} />
      <MarkTables job={job} active={active} onPick={onPick} show="readings" />
    </section>
  )
}
