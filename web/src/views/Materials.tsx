import type { Job } from '../api/types'
import { formatInches, formatMm, type Unit } from '../domain/length'
import { say } from '../domain/sentence'
import { classes } from '../ui/classes'
import { useUnit } from '../ui/UnitContext'

type Material = Job['materials'][number]

/** What the accessory takes of each stock, against what the box holds. */
export function Materials({ job }: { job: Job }) {
  const unit = useUnit()
  if (job.materials.length === 0) return null
  const short = job.materials.filter((one) => one.short !== null).length
  return (
    <details open={short > 0}>
      <summary className="min-h-11 text-plan underline underline-offset-4">
        Materials: {short === 0 ? 'the box holds enough' : `the box is short of ${short}`}
      </summary>
      <table className="w-full border-t border-line text-left">
        <thead className="text-label text-mute">
          <tr>
            <th className="py-1 font-normal">In the box</th>
            <th className="py-1 text-right font-normal">holds</th>
            <th className="py-1 text-right font-normal">takes</th>
            <th className="py-1 pl-4 text-right font-normal">is over</th>
          </tr>
        </thead>
        <tbody>
          {job.materials.map((one) => (
            <Row key={one.key} one={one} unit={unit} />
          ))}
        </tbody>
      </table>
    </details>
  )
}

function Row({ one, unit }: { one: Material; unit: Unit }) {
  const isLong = one.neededMm !== null
  const amount = (mm: number | null, pieces: number) => (isLong ? (mm === null ? 'not said' : sayLong(mm, unit)) : String(pieces))
  return (
    <tr className={classes('border-b border-line align-baseline', one.short && 'text-out')}>
      <td className="py-2 pr-3">
        {one.name}
        <span className="block text-label text-mute">
          {one.short ? say(one.short, unit) : one.takers.join(', ').toLowerCase()}
        </span>
      </td>
      <td className="py-2 pl-3 text-right tabular-nums">{amount(one.hasMm, one.count)}</td>
      <td className="py-2 pl-3 text-right tabular-nums">{amount(one.neededMm, one.pieces)}</td>
      <td className="py-2 pl-4 text-right font-semibold tabular-nums">{amount(one.leftMm, one.count - one.pieces)}</td>
    </tr>
  )
}

/** Metres, or feet and inches' tenths: nobody measures a roll finer. */
function sayLong(mm: number, unit: Unit): string {
  return unit === 'in' ? `${formatInches(mm, 1)} in` : `${formatMm(mm / 1000, 2)} m`
}
