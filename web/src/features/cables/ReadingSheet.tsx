import { useEffect, useRef, useState } from 'react'
import { X } from 'lucide-react'
import { useChangePlan, useDraft } from '../../api/plan'
import type { End, Job, LayerKind } from '../../api/types'
import { INSTRUMENT_NAMES, UNCERTAINTY_MM, type Instrument } from '../../domain/judge'
import { readLength, sayFault, sayFine, sayTyped, type Unit } from '../../domain/length'
import { layerName } from '../../domain/words'
import { Gauge } from '../../drawing/Gauge'
import { Button } from '../../ui/Button'
import { classes } from '../../ui/classes'
import { Field } from '../../ui/Field'
import { useUnit } from '../../ui/UnitContext'
import { endOf, withReading, withoutReading } from './edit'

type SheetProps = { job: Job; end: End; active: LayerKind; onActive: (layer: LayerKind) => void; mayPlan: boolean }

const LAYERS = ['conductor', 'insulation', 'insulation-screen', 'metallic-screen', 'oversheath'] as const satisfies LayerKind[]

/** What the calipers say, layer by layer: several readings each, on more than one axis. */
export function ReadingSheet({ job, end, active, onActive, mayPlan }: SheetProps) {
  const unit = useUnit()
  const step = (by: number) =>
    onActive(LAYERS[(LAYERS.indexOf(active as (typeof LAYERS)[number]) + by + LAYERS.length) % LAYERS.length] ?? 'conductor')
  return (
    <>
      {mayPlan && <Entry key={active + unit} job={job} end={end} layer={active} unit={unit} onStep={step} />}
      <ul aria-label="Diameters over each layer" className="border-t-2 border-ink">
        {LAYERS.map((layer) => (
          <LayerRow
            key={layer}
            job={job}
            end={end}
            layer={layer}
            isActive={layer === active && mayPlan}
            onActive={() => onActive(layer)}
            mayPlan={mayPlan}
          />
        ))}
      </ul>
    </>
  )
}

type EntryProps = { job: Job; end: End; layer: LayerKind; unit: Unit; onStep: (by: number) => void }

function Entry({ job, end, layer, unit, onStep }: EntryProps) {
  const change = useChangePlan(job)
  const input = useRef<HTMLInputElement>(null)
  const [text, setText] = useState('')
  const [instrument, setInstrument] = useState<Instrument>('caliper')
  const [isTried, setIsTried] = useState(false)
  const length = readLength(text, unit)
  const fault = isTried && length.fault ? sayFault(length.fault) : undefined
  useEffect(() => {
    input.current?.focus()
  }, [])
  const add = () => {
    setIsTried(true)
    if (length.fault) return
    change((draft) => withReading(draft, end, layer, { typed: text.trim(), unit, instrument }))
    setText('')
    setIsTried(false)
  }
  return (
    <form
      className="grid items-start gap-3 bg-soft p-3 desk:grid-cols-[1fr_9.5rem_auto]"
      onSubmit={(event) => {
        event.preventDefault()
        add()
      }}
    >
      <Field
        label={`Diameter over the ${layerName(layer, unit).toLowerCase()}, end ${end}, in ${unit}`}
        fault={fault}
        hint="Enter adds it; ↑ ↓ change the layer. Read on two axes and at more than one place."
      >
        {(described) => (
          <input
            {...described}
            ref={input}
            inputMode="decimal"
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
      <Field label="Instrument" hint={`± ${sayFine(UNCERTAINTY_MM[instrument], unit)}`}>
        {(described) => (
          <select {...described} value={instrument} onChange={(event) => setInstrument(event.target.value as Instrument)}>
            {Object.entries(INSTRUMENT_NAMES).map(([value, name]) => (
              <option key={value} value={value}>
                {name}
              </option>
            ))}
          </select>
        )}
      </Field>
      <Button type="submit" kind="primary" className="desk:mt-6">
        Add reading
      </Button>
    </form>
  )
}

type RowProps = { job: Job; end: End; layer: LayerKind; isActive: boolean; onActive: () => void; mayPlan: boolean }

function LayerRow({ job, end, layer, isActive, onActive, mayPlan }: RowProps) {
  const unit = useUnit()
  const draft = useDraft(job)
  const change = useChangePlan(job)
  const cable = job.ends.find((one) => one.end === end)
  const type = cable?.cable.layers.find((one) => one.layer === layer)
  const measured = cable?.measured[layer]
  const readings = endOf(draft, end).readings?.[layer] ?? []
  return (
    <li
      className={classes(
        'grid gap-x-4 gap-y-1 border-b border-line px-3 py-1 desk:grid-cols-[9.5rem_1fr_auto] desk:items-center',
        isActive && 'bg-soft',
      )}
    >
      <button
        type="button"
        className="min-h-11 text-left font-semibold underline-offset-4 hover:underline"
        aria-current={isActive || undefined}
        onClick={onActive}
      >
        {layerName(layer, unit)}
      </button>
      <div className="grid gap-0.5 py-0.5">
        <div className="flex flex-wrap items-baseline gap-x-3">
          <p>
            {measured ? (
              <>
                <span className="text-lead font-semibold">{sayFine(measured.meanMm, unit)}</span>{' '}
                <span className="text-label text-mute">
                  ± {sayFine(measured.uncertaintyMm, unit)}
                  {measured.count > 1 && `, ovality ${sayFine(measured.ovalityMm, unit)}`}
                </span>
              </>
            ) : (
              <span className="text-mute">not measured</span>
            )}
          </p>
          {type && (
            <details className="text-label text-mute">
              <summary className="min-h-6">
                {type.minMm !== null && type.maxMm !== null
                  ? `type allows ${sayFine(type.minMm, unit)} to ${sayFine(type.maxMm, unit)}`
                  : `type has ${sayFine(type.diameterMm, unit)}`}{' '}
                · {type.basis}
              </summary>
              {type.source || 'No source was given for this layer.'}
            </details>
          )}
        </div>
        {readings.length > 0 && (
          <ul className="flex flex-wrap gap-2" aria-label={`Readings over the ${layerName(layer, unit).toLowerCase()}`}>
            {readings.map((reading, i) => (
              <li key={`${i}${reading.typed}`} className="inline-flex items-center border border-line pl-2 text-label">
                {sayTyped(reading)}
                {mayPlan && (
                  <button
                    type="button"
                    className="grid size-7 place-items-center hover:text-out"
                    aria-label={`Take out the reading ${sayTyped(reading)}`}
                    onClick={() => change((now) => withoutReading(now, end, layer, i))}
                  >
                    <X size={15} aria-hidden />
                  </button>
                )}
              </li>
            ))}
          </ul>
        )}
      </div>
      {type && (
        <Gauge
          valueMm={measured?.meanMm ?? null}
          uncertaintyMm={measured?.uncertaintyMm ?? 0}
          minMm={type.minMm}
          maxMm={type.maxMm}
        />
      )}
    </li>
  )
}
