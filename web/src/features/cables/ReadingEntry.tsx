import { useEffect, useRef, useState } from 'react'
import { useChangePlan, useDraft } from '../../api/plan'
import type { End, Job, LayerKind } from '../../api/types'
import { INSTRUMENT_NAMES, slippedUnit, UNCERTAINTY_MM, type Instrument } from '../../domain/judge'
import { inUnit, readLength, sayFault, sayFine, type Unit } from '../../domain/length'
import { layerName } from '../../domain/words'
import { Button } from '../../ui/Button'
import { classes } from '../../ui/classes'
import { Field } from '../../ui/Field'
import { Keypad } from '../../ui/Keypad'
import { Note } from '../../ui/Note'
import { useUnit, useUnits } from '../../ui/UnitContext'
import { endOf, nextSpot, withReading } from './edit'

type EntryProps = { job: Job; end: End; layer: LayerKind; onStep: (by: number) => void }

/** One reading after the other with the caliper in one hand: Enter adds it, the arrows change the layer. */
export function ReadingEntry({ job, end, layer, onStep }: EntryProps) {
  const { unit, setUnit } = useUnits()
  const change = useChangePlan(job)
  const draft = useDraft(job)
  const input = useRef<HTMLInputElement>(null)
  const [text, setText] = useState('')
  const [instrument, setInstrument] = useState<Instrument>('caliper')
  const [isTried, setIsTried] = useState(false)
  const length = readLength(text, unit)
  const spot = nextSpot(endOf(draft, end).readings?.[layer] ?? [])
  const type = job.ends.find((one) => one.end === end)?.cable.layers.find((one) => one.layer === layer)
  const meant = length.fault ? null : slippedUnit(length.nanometres / 1e6, type?.minMm ?? null, type?.maxMm ?? null)
  useEffect(() => {
    input.current?.focus()
  }, [])
  const add = (as: Unit) => {
    setIsTried(true)
    if (length.fault) return
    change((now) => withReading(now, end, layer, { typed: text.trim(), unit: as, instrument, ...spot }))
    setText('')
    setIsTried(false)
    input.current?.focus()
  }
  const layerWord = layerName(layer, unit).toLowerCase()
  return (
    <form
      className="grid grid-cols-[1fr_8.5rem] items-start gap-3 bg-soft p-3 desk:grid-cols-[1fr_9.5rem_auto]"
      onSubmit={(event) => {
        event.preventDefault()
        add(unit)
      }}
    >
      <Field
        label={`Diameter over the ${layerWord}, end ${end}, ${inUnit(unit)}`}
        fault={isTried && length.fault ? sayFault(length.fault) : undefined}
        hint={
          <>
            Goes to place {spot.place} at {spot.axis}°.
            <span className="max-desk:hidden"> Enter adds it; ↑ ↓ change the layer.</span>
          </>
        }
      >
        {(described) => (
          <input
            {...described}
            ref={input}
            inputMode={matchMedia('(pointer: coarse)').matches ? 'none' : 'decimal'}
            autoComplete="off"
            value={text}
            onChange={(event) => setText(event.target.value)}
            onKeyDown={(event) => {
              if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
                event.preventDefault()
                onStep(event.key === 'ArrowDown' ? 1 : -1)
              }
            }}
            className={classes(described.className, 'text-entry')}
          />
        )}
      </Field>
      <InstrumentField instrument={instrument} onChange={setInstrument} />
      <Button type="submit" kind="primary" className="max-desk:hidden desk:mt-6">
        Add reading
      </Button>
      {meant && meant !== unit && /^[\d\s.,/-]+$/.test(text) && (
        <div className="col-span-2 desk:col-span-3">
          <Note tone="unproved" role="status" title={`Did you mean ${text.trim()} ${meant}?`}>
            <p className="flex flex-wrap items-center gap-x-4">
              This cable type allows {sayFine(type?.minMm ?? 0, unit)} to {sayFine(type?.maxMm ?? 0, unit)}.
              <Button kind="link" onClick={() => add(meant)}>
                Add it as {text.trim()} {meant}
              </Button>
            </p>
          </Note>
        </div>
      )}
      <div className="fixed inset-x-0 bottom-0 z-10 bg-chalk desk:hidden">
        <Keypad
          withFractions={unit === 'in'}
          label="Add"
          isReady
          onKey={(key) => setText(text + key)}
          onDelete={() => setText(text.slice(0, -1))}
          onRecord={() => add(unit)}
          onUnit={() => setUnit(unit === 'in' ? 'mm' : 'in')}
        />
      </div>
    </form>
  )
}

function InstrumentField({ instrument, onChange }: { instrument: Instrument; onChange: (instrument: Instrument) => void }) {
  const unit = useUnit()
  return (
    <Field label="Instrument" hint={`± ${sayFine(UNCERTAINTY_MM[instrument], unit)}`}>
      {(described) => (
        <select {...described} value={instrument} onChange={(event) => onChange(event.target.value as Instrument)}>
          {Object.entries(INSTRUMENT_NAMES).map(([value, name]) => (
            <option key={value} value={value}>
              {name}
            </option>
          ))}
        </select>
      )}
    </Field>
  )
}
