import { formatInchFraction, type Unit } from '../../domain/length'
import { rowsFor } from '../axis'
import type { AxisMap } from './axisMap'
import { measure, TEXT } from './measure'
import type { Section } from './state'

const HEIGHT = 22

/** The tape beneath: figures from the middle of a joint, or from the end of a conductor; and where each cut lies. */
export function Ruler({
  section,
  map,
  y,
  left,
  right,
  unit,
}: {
  section: Section
  map: AxisMap
  y: number
  left: number
  right: number
  unit: Unit
}) {
  const ticks = ticksOf(map, unit)
  const seen = section.cuts.filter((cut) => cut.axisMm >= map.fromMm && cut.axisMm <= map.toMm)
  const marks = seen.map((cut) => ({
    key: `${cut.end} ${cut.cut} ${cut.core}`,
    x: map.x(cut.axisMm),
    plannedX: cut.plannedAxisMm === null ? null : map.x(cut.plannedAxisMm),
    text: unit === 'in' ? formatInchFraction(Math.abs(cut.axisMm)) : String(Math.round(Math.abs(cut.axisMm))),
    isMade: cut.standing !== 'planned',
  }))
  const rows = rowsFor(marks.map((one) => ({ x: one.x, width: measure(one.text) + 6 })))
  return (
    <g fontSize={TEXT}>
      <rect x={left} y={y} width={right - left} height={HEIGHT} fill="var(--color-tape)" stroke="var(--color-ink)" />
      {ticks.map((tick) => (
        <g key={tick.x}>
          <path d={`M${tick.x} ${y}v${tick.text === null ? 4 : 7}`} stroke="var(--color-tape-ink)" />
          {tick.text !== null && (
            <text x={tick.x} y={y + HEIGHT - 3} textAnchor="middle" fill="var(--color-tape-ink)" data-label>
              {tick.text}
            </text>
          )}
        </g>
      ))}
      {map.breaks.map(({ x }) => (
        <rect key={x} x={x - 5} y={y - 1} width={10} height={HEIGHT + 2} fill="var(--color-chalk)" />
      ))}
      {marks.map((mark) =>
        mark.plannedX === null || Math.abs(mark.plannedX - mark.x) < 3 ? null : (
          <path
            key={mark.key}
            d={`M${mark.plannedX} ${y + HEIGHT + 2}l5 8h-10z`}
            fill="none"
            stroke="var(--color-mute)"
            data-planned
          />
        ),
      )}
      {marks.map((mark, i) =>
        (rows[i] ?? 0) > 0 ? null : (
          <g key={mark.key}>
            <path
              d={`M${mark.x} ${y + HEIGHT + 2}l5 8h-10z`}
              fill={mark.isMade ? 'var(--color-inside)' : 'var(--color-chalk)'}
              stroke="var(--color-ink)"
            />
            <text x={mark.x} y={y + HEIGHT + 24} textAnchor="middle" fill="var(--color-ink)" data-label>
              {mark.text}
            </text>
          </g>
        ),
      )}
    </g>
  )
}

/** Every ten millimetres or half inch, with figures as far apart as they need; none on a break. */
function ticksOf(map: AxisMap, unit: Unit): { x: number; text: string | null }[] {
  const step = unit === 'in' ? 25.4 : 10
  const every = [1, 2, 5, 10, 20, 50].find((n) => n * step * map.pxPerMm >= 46) ?? 100
  const isOnBreak = (x: number) => map.breaks.some((one) => Math.abs(one.x - x) < 24)
  const made: { x: number; text: string | null }[] = []
  for (let n = Math.ceil(map.fromMm / step); n * step <= map.toMm; n++) {
    const x = map.x(n * step)
    const isNear = x < map.x(map.fromMm) + 14 || x > map.x(map.toMm) - 14
    const text = n % every === 0 && !isOnBreak(x) && !isNear ? String(Math.abs(unit === 'in' ? n : n * 10)) : null
    if (step * map.pxPerMm >= 4 || text !== null) made.push({ x, text })
  }
  return made
}
