import type { Job } from '../../api/types'
import { sayMark } from '../../domain/length'
import { useUnit } from '../../ui/UnitContext'

/** What waits on which end before the connector, in the order of threading, and whether it fits nose to tail. */
export function Parking({ job }: { job: Job }) {
  const unit = useUnit()
  const sides = job.parking?.filter((side) => side.parts.length > 0) ?? []
  return (
    <section aria-label="Parking" className="border-t-2 border-ink pt-3">
      <h2 className="font-semibold">Park before the {job.function === 'joint' ? 'connector' : 'lug'}</h2>
      {sides.length === 0 && <p className="text-mute">Nothing has to be parked with this kit.</p>}
      {sides.map((side) => (
        <div key={`${side.end}${side.onCores}`} className="mt-2">
          <p className="flex justify-between gap-3 text-label text-mute">
            <span>
              End {side.end}
              {side.onCores && ', on each core'}, thread on in this order
            </span>
            <span className={side.spareMm !== null && side.spareMm < 0 ? 'font-semibold text-out' : ''}>
              {side.spareMm === null
                ? 'room not measured'
                : side.spareMm < 0
                  ? `${sayMark(-side.spareMm, unit)} short`
                  : `${sayMark(side.spareMm, unit)} to spare`}
            </span>
          </p>
          <Room needed={side.neededMm} free={side.freeMm} parts={side.parts.map((part) => part.lengthMm)} />
          <ol className="text-label">
            {side.parts.map((part, i) => (
              <li key={part.key} className="flex justify-between border-b border-line py-1.5">
                <span>
                  {i + 1} {part.name}
                </span>
                <span className="text-mute">{sayMark(part.lengthMm, unit)}</span>
              </li>
            ))}
          </ol>
        </div>
      ))}
    </section>
  )
}

/** The parts nose to tail on the free length, to scale. */
function Room({ needed, free, parts }: { needed: number; free: number | null; parts: number[] }) {
  const whole = Math.max(needed, free ?? needed)
  const at = (mm: number) => `${(100 * mm) / whole}%`
  return (
    <svg className="my-1.5 block h-6 w-full" aria-hidden>
      {free !== null && <rect width={at(free)} y={2} height={20} fill="var(--color-tape)" stroke="var(--color-ink)" />}
      {parts.map((length, i) => (
        <rect
          key={i}
          x={at(parts.slice(0, i).reduce((sum, one) => sum + one, 0))}
          width={at(length)}
          y={6}
          height={12}
          fill="var(--color-chalk)"
          stroke={free !== null && needed > free ? 'var(--color-out)' : 'var(--color-plan)'}
          strokeDasharray="5 3"
        />
      ))}
    </svg>
  )
}
