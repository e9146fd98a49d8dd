import { formatInchFraction, type Unit } from '../../domain/length'
import { TEXT } from './measure'
import type { Lane } from './plan'

/** Diameters beside the drawing: the scale across is not that along. */
export function DiameterRule({ lane, x, isLeft, unit }: { lane: Lane; x: number; isLeft: boolean; unit: Unit }) {
  const tallest = (lane.across.axisY - lane.top) / lane.across.pxPerMm
  const step = stepFor(tallest, lane.across.pxPerMm, unit)
  const marks = Array.from({ length: Math.floor((2 * tallest) / step) }, (_, i) => (i + 1) * step)
  return (
    <g fontSize={TEXT} fill="var(--color-mute)" stroke="none">
      <path d={`M${x} ${lane.top}V${lane.across.axisY}`} stroke="var(--color-mute)" />
      {marks.map((diameter) => {
        const y = lane.across.axisY - (diameter / 2) * lane.across.pxPerMm
        return (
          <g key={diameter}>
            <path d={`M${x} ${y}h${isLeft ? -6 : 6}`} stroke="var(--color-mute)" />
            <text x={isLeft ? x - 9 : x + 9} y={y + 5} textAnchor={isLeft ? 'end' : 'start'} data-label>
              {`⌀ ${unit === 'in' ? formatInchFraction(diameter, 4) : String(diameter)}`}
            </text>
          </g>
        )
      })}
    </g>
  )
}

/** Diameters at round numbers, at least a line of text apart. */
function stepFor(tallestMm: number, pxPerMm: number, unit: Unit): number {
  const choices = unit === 'in' ? [6.35, 12.7, 25.4, 50.8, 101.6] : [5, 10, 20, 50, 100]
  return choices.find((one) => (one / 2) * pxPerMm >= 20) ?? tallestMm
}
