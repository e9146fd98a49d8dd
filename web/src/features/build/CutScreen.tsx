import { FoundOtherwise } from './FoundOtherwise'
import { useState, type ReactNode } from 'react'
import { useUnjudged } from '../../api/outbox'
import { useMay } from '../../api/session'
import type { Job, Mark, Reading } from '../../api/types'
import { judgeReading } from '../../domain/judge'
import { readReading } from '../../domain/length'
import { useSize } from '../../drawing/useSize'
import { Keypad } from '../../ui/Keypad'
import { useIsDesk } from '../../ui/useIsDesk'
import { useUnits } from '../../ui/UnitContext'
import { isCutOut, isOfMark, onCore, type PickedMark } from '../../views/cuts'
import { ClockNote } from '../../views/ClockNote'
import { Said } from '../../views/Said'
import type { ReportOf } from '../../views/FromInstruments'
import { SavedState } from '../../views/SavedState'
import { SectionView } from '../../views/SectionView'
import { Target } from '../../views/Target'
import { useTypedLength } from '../../views/useTypedLength'
import { WhoMay } from '../../views/WhoMay'
import { CutAgain } from './CutAgain'
import { CutChips } from './CutChips'
import { CutEntry } from './CutEntry'
import { Before, Reason, Recorded } from './CutNotes'
import { DoneEarlier } from './DoneEarlier'
import { LeaveSafe } from './LeaveSafe'
import { LookAhead } from './LookAhead'
import { Undo } from './Undo'
import { Unsent } from './Unsent'
import { useInstrument } from '../../views/useInstrument'
import { useLowWindow } from './useLowWindow'
import { cutField } from './typedIn'
import { useWriteDone } from './useWriteDone'
import { WaysOn } from './WaysOn'
import { cutEntry } from './workEntry'

type CutScreenProps = {
  job: Job
  mark: Mark
  onPick: (mark: PickedMark) => void
  onDone: () => void
  /** The lists beside it. */
  children: ReactNode
}

/**
 * One cut on one screen: number, window, entry and Record, with the keypad in the hand. Once it is recorded the keypad leaves, and the verdict and
 * the ways on come in its place.
 */
export function CutScreen({ job, mark, onPick, onDone, children }: CutScreenProps) {
  const mayBuild = useMay('build')
  const entry = useCutEntry(job, mark, onDone, () => onPick(mark))
  const isDesk = useIsDesk()
  const hasKeypad = mayBuild && entry.isEntering
  return (
    <div
      data-cut-screen
      className="grid grid-cols-[minmax(0,1fr)] content-start desk:grid-cols-[25.5rem_minmax(0,1fr)] desk:grid-rows-[auto_auto_1fr]"
    >
      <div
        className={`grid grid-cols-[minmax(0,1fr)] grid-rows-[auto_minmax(3.75rem,1fr)_auto_auto] desk:contents low:grid-cols-[minmax(0,1fr)_20rem] low:grid-rows-[auto_minmax(0,1fr)_auto] ${hasKeypad ? 'max-desk:h-[calc(100dvh-3.125rem)]' : ''}`}
      >
        <div className="desk:hidden">
          <CutChips job={job} active={mark} onPick={onPick} />
        </div>
        <Drawing job={job} mark={mark} onPick={onPick} />
        <div className="grid content-start gap-2 max-desk:border-t max-desk:border-line max-desk:px-4 max-desk:py-2 desk:border-r-2 desk:border-ink desk:px-6 desk:pt-4">
          <div className="relative">
            <p className="absolute top-0 right-0 text-label text-mute desk:hidden">
              <SavedState job={job} />
            </p>
            <Target mark={mark} datum="cable-end" cores={mark.core === null ? '' : `core ${mark.core}`} />
          </div>
          {mayBuild ? (
            <CutEntry job={job} mark={mark} entry={entry} onPick={onPick} />
          ) : (
            <WhoMay right="build" deed="records what was measured" />
          )}
        </div>
        {hasKeypad ? (
          <div className="low:col-start-2 low:row-span-3 low:row-start-1 low:border-l-2 low:border-ink desk:hidden">
            <Keypad
              withFractions={entry.unit === 'in'}
              label="Record"
              isReady={!entry.isOnItsWay}
              onKey={(key) => entry.setText(entry.text + key)}
              onDelete={() => entry.setText(entry.text.slice(0, -1))}
              onRecord={entry.record}
              onUnit={entry.changeUnit}
            />
          </div>
        ) : (
          <div className="desk:hidden" />
        )}
      </div>
      <div className="grid content-start gap-3 desk:border-r-2 desk:border-ink desk:px-6 desk:pb-6 max-desk:px-4 max-desk:py-3">
        <Recorded
          job={job}
          mark={mark}
          isOnItsWay={entry.isOnItsWay}
          onAgain={mayBuild && !entry.isEntering ? entry.again : null}
          onNext={onDone}
        />
        <Undo jobId={job.id} />
        <ClockNote />
        <Before job={job} mark={mark} />
        <Unsent job={job} />
        <Reason mark={mark} />
        {!job.connectorFitted && <LookAhead job={job} mark={mark} />}
        <DoneEarlier jobId={job.id} />
        <LeaveSafe job={job} />
        <FoundOtherwise job={job} />
        <Said job={job} stage={job.next.stage} />
      </div>
      <div className="min-w-0 desk:col-start-2 desk:row-span-2 desk:row-start-2">
        {isDesk && isCutOut(mark) && !entry.isOnItsWay && (
          <div className="border-b border-line px-6 py-3">
            <WaysOn isWide job={job} fault={{ end: mark.end, cut: mark.cut, ...onCore(mark.core) }} />
          </div>
        )}
        {children}
      </div>
      <CutAgain isOpen={entry.isAsking} onKeep={entry.keep} onRecord={entry.recordAnyway} />
    </div>
  )
}

function Drawing({ job, mark, onPick }: { job: Job; mark: Mark; onPick: (mark: PickedMark) => void }) {
  const [ref, { height }] = useSize<HTMLDivElement>()
  const low = useLowWindow()
  return (
    <div ref={ref} className="min-h-0 overflow-hidden desk:col-span-2 desk:border-b desk:border-line">
      <div className="max-desk:hidden">
        <SectionView job={job} datum="cable-end" active={mark} onPick={onPick} room={low} />
      </div>
      <div className="desk:hidden">
        <SectionView job={job} datum="cable-end" active={mark} only={mark.end} onPick={onPick} room={height} />
      </div>
    </div>
  )
}

export type CutEntryState = ReturnType<typeof useCutEntry>

/** The entry of one reading: what is typed, by what, and what Record does with it. */
function useCutEntry(job: Job, mark: Mark, onDone: () => void, onStay: () => void) {
  const { unit, setUnit } = useUnits()
  const write = useWriteDone(job.id)
  const [text, setText] = useTypedLength(cutField(job.id, mark))
  const [isTried, setIsTried] = useState(false)
  const [isAsking, setIsAsking] = useState(false)
  const [isAgain, setIsAgain] = useState(mark.recorded === null)
  const [instrument, setInstrument] = useInstrument()
  const isOnItsWay = useUnjudged(job.id).some(
    (one) => one.refused === null && one.event.kind === 'cut-measured' && isOfMark(one.event, mark),
  )
  const length = readReading(text, unit)
  const store = (reading: Reading) => {
    const { event, said } = cutEntry(mark, reading, unit)
    write(event, said)
    setText('')
    setIsTried(false)
    setIsAsking(false)
    setIsAgain(false)
    // Only what is out is looked at again: the rest goes on, and its advice with it.
    const window = mark.from['cable-end']
    const isOut = window && judgeReading(reading, window.minMm, window.maxMm).verdict === 'out'
    if (isOut) onStay()
    else onDone()
  }
  const storeTyped = () => store({ typed: text.trim(), unit, instrument })
  return {
    text,
    setText,
    unit,
    changeUnit: () => setUnit(unit === 'in' ? 'mm' : 'in'),
    length,
    instrument,
    setInstrument,
    isTried,
    isOnItsWay,
    isAsking,
    isEntering: isAgain || text !== '',
    again: () => setIsAgain(true),
    keep: () => setIsAsking(false),
    recordAnyway: storeTyped,
    /** What an instrument sent. */
    take: ({ reading }: ReportOf<'reading'>) => store(reading),
    record: () => {
      setIsTried(true)
      if (length.fault || isOnItsWay) return
      if (mark.recorded?.judgement.verdict === 'out' && mark.recorded.tooLong) setIsAsking(true)
      else storeTyped()
    },
  }
}
