import { X } from 'lucide-react'
import { useState } from 'react'
import { useChangePlan, useDraft } from '../../api/plan'
import type { End, Job, LayerKind } from '../../api/types'
import { sayFine, sayTyped } from '../../domain/length'
import { layerName } from '../../domain/words'
import { Gauge } from '../../drawing/Gauge'
import { classes } from '../../ui/classes'
import { useUnit } from '../../ui/UnitContext'
import { endOf, waitedFor, withoutReading } from './edit'
import { ReadingEntry } from './ReadingEntry'

type SheetProps = { job: Job; end: End; active: LayerKind; onActive: (layer: LayerKind) => void; mayPlan: boolean }

/** What the calipers say, layer by layer: several readings each, on two axes and at more places. */
export function ReadingSheet({ job, end, active, onActive, mayPlan }: SheetProps) {
  const waited = waitedFor(job, end)
  // The order stays while one measures: rows that jump away under the finger are mistyped.
  const [first] = useState(waited)
  const measurable = job.ends.find((one) => one.end === end)?.cable.measurable ?? []
  const layers = [...measurable.filter((one) => first.includes(one)), ...measurable.filter((one) => !first.includes(one))]
  const toNext = () => onActive(layers.find((one) => one !== active && waited.includes(one)) ?? active)
  const step = (by: number) => onActive(layers[(layers.indexOf(active) + by + layers.length) % layers.length] ?? active)
  return (
    <>
      {mayPlan && <LayerChips layers={layers} job={job} end={end} active={active} onActive={onActive} />}
      {mayPlan && <ReadingEntry key={active} job={job} end={end} layer={active} onStep={step} onFirst={toNext} />}
      <ul aria-label="Diameters over each layer" className="border-t-2 border-ink">
        {layers.map((layer) => (
          <LayerRow
            key={layer}
            job={job}
            end={end}
            layer={layer}
            isActive={layer === active && mayPlan}
            onActive={() => onActive(layer)}
            isWaitedFor={waited.includes(layer)}
            mayPlan={mayPlan}
          />
        ))}
      </ul>
    </>
  )
}

type ChipsProps = { layers: LayerKind[]; job: Job; end: End; active: LayerKind; onActive: (layer: LayerKind) => void }

/** The layers side by side for the phone: a bar under those that are measured. */
function LayerChips({ layers, job, end, active, onActive }: ChipsProps) {
  const unit = useUnit()
  const measured = job.ends.find((one) => one.end === end)?.measured ?? {}
  return (
    <ol aria-label="Layer to measure" className="-mx-4 flex relative overflow-x-auto border-y border-line desk:hidden">
      {layers.map((layer) => (
        <li key={layer} className="border-r border-line">
          <button
            type="button"
            aria-current={layer === active || undefined}
            className={classes(
              'grid min-h-12 content-center justify-items-center gap-1 px-3 whitespace-nowrap',
              layer === active && 'bg-ink text-chalk',
            )}
            onClick={() => onActive(layer)}
          >
            {layerName(layer, unit)}
            <span className={classes('h-1.5 w-5', measured[layer] ? 'bg-inside' : 'border border-current opacity-60')} />
          </button>
        </li>
      ))}
    </ol>
  )
}

type RowProps = {
  job: Job
  end: End
  layer: LayerKind
  isActive: boolean
  isWaitedFor: boolean
  onActive: () => void
  mayPlan: boolean
}

function LayerRow({ job, end, layer, isActive, isWaitedFor, onActive, mayPlan }: RowProps) {
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
                  {measured.places > 1 && `, along it ${sayFine(measured.taperMm, unit)}`}
                </span>
              </>
            ) : (
              <span className={isWaitedFor ? 'text-unproved' : 'text-mute'}>
                {isWaitedFor ? 'the kit waits for it' : 'not measured'}
              </span>
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
                {reading.place !== undefined && (
                  <span className="pl-1.5 text-mute">
                    {reading.place}/{reading.axis ?? 0}°
                  </span>
                )}
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
