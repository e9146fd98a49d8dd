import { sayMark, type Unit } from '../domain/length'
import type { Interval, Scale } from './axis'

type PartOutlinesProps = { parts: Interval[]; scale: Scale; axisY: number; tallest: number; step: number; unit: Unit }

/** Where every tube and sleeve will lie, dashed; the first to be installed lowest. */
export function PartOutlines({ parts, scale, axisY, tallest, step, unit }: PartOutlinesProps) {
  // The longer the part, the further out it is drawn, so that no leg crosses another's label.
  const outwards = [...parts].sort((one, other) => one.toMm - one.fromMm - (other.toMm - other.fromMm))
  const isLabelled = step >= 18
  const placed = outwards.map((part, level) => ({
    part,
    key: `${part.key} ${part.fromMm}`,
    top: axisY - tallest - (isLabelled ? 16 : 4) - level * step,
    left: scale.x(part.fromMm),
    right: scale.x(part.toMm),
  }))
  return (
    <>
      {placed.map(({ key, top, left, right }) => (
        <path
          key={key}
          className="glide"
          d={`M${left} ${axisY}V${top}H${right}V${axisY}`}
          fill="none"
          stroke="var(--color-plan)"
          strokeWidth={1.5}
          strokeDasharray="6 4"
        />
      ))}
      {/* After every line: a label is never crossed by the leg of a longer part. */}
      {isLabelled &&
        placed.map(({ key, part, top, left }) => (
          <text
            key={key}
            x={left + 8}
            y={top - 6}
            fontSize={14}
            fill="var(--color-plan)"
            stroke="var(--color-chalk)"
            strokeWidth={4}
            paintOrder="stroke"
          >
            {part.name.toLowerCase()} · {sayMark(part.toMm - part.fromMm, unit)}
          </text>
        ))}
    </>
  )
}
