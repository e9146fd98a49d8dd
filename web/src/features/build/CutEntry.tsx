import { useEffect, useRef } from 'react'
import type { Job, Mark } from '../../api/types'
import { INSTRUMENT_NAMES, judge, judgeReading, UNCERTAINTY_MM, type Instrument } from '../../domain/judge'
import { inUnit, sayFault, sayFine } from '../../domain/length'
import { Gauge } from '../../drawing/Gauge'
import { markName, type PickedMark } from '../../views/cuts'
import { FromInstruments, type ReportOf } from '../../views/FromInstruments'
import { Meant } from '../../views/Meant'
import { VerdictWord } from '../../views/Verdict'
import type { CutEntryState } from './CutScreen'
import { OtherCut } from './OtherPlace'

type CutEntryProps = { job: Job; mark: Mark; entry: CutEntryState; onPick: (mark: PickedMark) => void }

/** The entry of one reading, with its verdict while it is typed. */
export function CutEntry({ job, mark, entry, onPick }: CutEntryProps) {
  const input = useRef<HTMLInputElement>(null)
  useEffect(() => {
    input.current?.focus({ preventScroll: true })
  }, [])
  const { text, unit, isTried, length, isOnItsWay } = entry
  return (
    <form
      className={`grid gap-1 ${entry.isEntering ? '' : 'max-desk:hidden'}`}
      onSubmit={(event) => {
        event.preventDefault()
        entry.record()
      }}
    >
      <div className="flex border-2 border-ink bg-white">
        <input
          ref={input}
          className="min-h-14 w-full min-w-0 px-3 text-entry desk:min-h-16"
          aria-label={`Measured, ${markName(mark, unit)}, end ${mark.end}, ${inUnit(unit)}`}
          aria-invalid={isTried && length.fault ? true : undefined}
          aria-describedby="cut-verdict"
          inputMode={matchMedia('(pointer: coarse)').matches ? 'none' : 'decimal'}
          autoComplete="off"
          value={text}
          onChange={(event) => entry.setText(event.target.value)}
        />
        <span className="grid place-items-center border-l-2 border-ink px-4 text-mute">{unit}</span>
        <button
          type="submit"
          disabled={isOnItsWay}
          className="bg-ink px-5 font-semibold whitespace-nowrap text-chalk hover:bg-plan disabled:opacity-60 max-desk:hidden"
        >
          Record ↵
        </button>
      </div>
      <div className="flex min-h-7 flex-wrap items-center justify-between gap-x-4">
        <Verdict mark={mark} entry={entry} />
        <OtherCut job={job} mark={mark} text={entry.text} onPick={onPick} />
        <ByWhat entry={entry} />
      </div>
      <FromInstruments kind="reading" take="Record it" takesItself={(report) => fits(mark, report)} onTake={entry.take} />
    </form>
  )
}

/** What is not out is recorded as it is sent; the rest may be of something else, and somebody says so. */
function fits(mark: Mark, { reading }: ReportOf<'reading'>): boolean {
  const window = mark.from['cable-end']
  return mark.recorded === null && window !== undefined && judgeReading(reading, window.minMm, window.maxMm).verdict !== 'out'
}

/** What the reading would be, and whether it was read in the other unit. */
function Verdict({ mark, entry }: { mark: Mark; entry: CutEntryState }) {
  const { text, unit, length, isTried } = entry
  const window = mark.from['cable-end']
  const valueMm = length.nanometres === undefined ? null : length.nanometres / 1e6
  const uncertainty = UNCERTAINTY_MM[entry.instrument]
  return (
    <p id="cut-verdict" className="flex items-center gap-3" aria-live="polite">
      {window && valueMm !== null && (
        <>
          <Gauge valueMm={valueMm} uncertaintyMm={uncertainty} minMm={window.minMm} maxMm={window.maxMm} />
          <VerdictWord judgement={judge(valueMm, uncertainty, window.minMm, window.maxMm)} unit={unit} />
        </>
      )}
      {window && <Meant text={text} minMm={window.minMm} maxMm={window.maxMm} onTake={entry.setText} />}
      {isTried && length.fault && <span className="font-semibold text-out">{sayFault(length.fault)}</span>}
    </p>
  )
}

function ByWhat({ entry }: { entry: CutEntryState }) {
  return (
    <label className="flex items-center gap-2 text-label text-mute">
      by
      <select
        className="min-h-7 border-b border-ink bg-transparent pr-1 text-ink desk:min-h-11"
        value={entry.instrument}
        onChange={(event) => entry.setInstrument(event.target.value as Instrument)}
      >
        {Object.entries(INSTRUMENT_NAMES).map(([value, name]) => (
          <option key={value} value={value}>
            {name.toLowerCase()} ± {sayFine(UNCERTAINTY_MM[value as Instrument], entry.unit)}
          </option>
        ))}
      </select>
    </label>
  )
}
