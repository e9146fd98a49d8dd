import type { Unit } from '../../domain/length'
import { layerName } from '../../domain/words'
import { placeBeside } from './labels'
import { TEXT } from './measure'
import type { Drawing } from './plan'

/** The layers, each with a line to where it is cut through at the edge of the drawing. */
export function LayerNames({ drawing, at, isLeft, unit }: { drawing: Drawing; at: number; isLeft: boolean; unit: Unit }) {
  const out = isLeft ? -1 : 1
  const names = drawing.lanes.flatMap((lane) => {
    const own = lane.layers.filter((one) => one.end === 'A' || lane.layers.every((other) => other.end !== 'A'))
    const sorted = [...own].sort((a, b) => b.radiusMm - a.radiusMm)
    return sorted.map((layer, i) => {
      const middle = (layer.radiusMm + (sorted[i + 1]?.radiusMm ?? 0)) / 2
      return { name: layerName(layer.name, unit), y: lane.across.axisY - middle * lane.across.pxPerMm }
    })
  })
  const bottom = Math.max(...drawing.lanes.map((lane) => lane.across.axisY))
  const places = placeBeside(
    names.map((one) => one.y),
    18,
    16,
    bottom + 4,
  )
  return (
    <g fontSize={TEXT} fill="var(--color-ink)">
      {names.map(({ name, y }, i) => (
        <g key={`${name} ${y}`}>
          <path
            d={`M${at + out * 34} ${places[i] ?? y}L${at + out * 8} ${y}H${at - out * 6}`}
            fill="none"
            stroke="var(--color-ink)"
            strokeWidth={0.9}
          />
          <circle cx={at - out * 6} cy={y} r={2} />
          <text x={at + out * 40} y={(places[i] ?? y) + 5} textAnchor={isLeft ? 'end' : 'start'} data-label>
            {name}
          </text>
        </g>
      ))}
    </g>
  )
}
