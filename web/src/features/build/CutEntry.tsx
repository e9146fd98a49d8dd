import { useEffect, useRef } from 'react'
import type { Mark } from '../../api/types'
import { INSTRUMENT_NAMES, judge, UNCERTAINTY_MM, type Instrument } from '../../domain/judge'
import { inUnit, readLength, sayFault, sayFine } from '../../domain/length'
import { Gauge } from '../../drawing/Gauge'
import { useUnit } from '../../ui/UnitContext'
import { markName } from '../../views/cuts'
import { VerdictWord } from '../../views/Verdict'

type CutEntryProps = {
  mark: Mark
  text: string
  onText: (text: string) => void
  isTried: boolean
  isOnItsWay: boolean
  instrument: Instrument
  onInstrument: (instrument: Instrument) => void
  onRecord: () => void
}

/** The entry of one reading, with its verdict while it is typed. */
export function CutEntry({ mark, text, onText, isTried, isOnItsWay, instrument, onInstrument, onRecord }: CutEntryProps) {
  const unit = useUnit()
  const input = useRef<HTMLInputElement>(null)
  useEffect(() => {
    input.current?.focus({ preventScroll: true })
  }, [])
  const length = readLength(text, unit)
  const window = mark.from['cable-end']
  const valueMm = length.nanometres === undefined ? null : length.nanometres / 1e6
  const verdict = valueMm === null || !window ? null : judge(valueMm, UNCERTAINTY_MM[instrument], window.minMm, window.maxMm)
  return (
    <form
      className="grid gap-2 max-desk:px-4"
      onSubmit={(event) => {
        event.preventDefault()
        onRecord()
      }}
    >
      <div className="flex border-2 border-ink bg-white">
        <input
          ref={input}
          className="min-h-16 w-full min-w-0 px-3 text-entry"
          aria-label={`Measured, ${markName(mark, unit)}, end ${mark.end}, ${inUnit(unit)}`}
          aria-invalid={isTried && length.fault ? true : undefined}
          aria-describedby="cut-verdict"
          inputMode={matchMedia('(pointer: coarse)').matches ? 'none' : 'decimal'}
          autoComplete="off"
          value={text}
          onChange={(event) => onText(event.target.value)}
        />
        <span className="grid place-items-center border-l-2 border-ink px-4 text-mute">{unit}</span>
        <button
          type="submit"
          disabled={isOnItsWay}
          className="min-h-16 bg-ink px-5 font-semibold whitespace-nowrap text-chalk hover:bg-plan disabled:opacity-60 max-desk:hidden"
        >
          Record ↵
        </button>
      </div>
      <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1">
        <p id="cut-verdict" className="flex min-h-7 items-center gap-3" aria-live="polite">
          {window && valueMm !== null && (
            <Gauge valueMm={valueMm} uncertaintyMm={UNCERTAINTY_MM[instrument]} minMm={window.minMm} maxMm={window.maxMm} />
          )}
          {verdict && <VerdictWord judgement={verdict} unit={unit} />}
          {isTried && length.fault && <span className="font-semibold text-out">{sayFault(length.fault)}</span>}
        </p>
        <label className="flex items-center gap-2 text-label text-mute">
          by
          <select
            className="min-h-11 border-b border-ink bg-transparent pr-1 text-ink"
            value={instrument}
            onChange={(event) => onInstrument(event.target.value as Instrument)}
          >
            {Object.entries(INSTRUMENT_NAMES).map(([value, name]) => (
              <option key={value} value={value}>
                {name.toLowerCase()} ± {sayFine(UNCERTAINTY_MM[value as Instrument], unit)}
              </option>
            ))}
          </select>
        </label>
      </div>
    </form>
  )
}
