import { sayMark, type Unit } from '../domain/length'
import type { PlacedItem, Scale } from './axis'

type ItemOutlinesProps = { items: PlacedItem[]; scale: Scale; axisY: number; tallest: number; step: number; unit: Unit }

/** Where every tube and sleeve will lie, dashed; the first to be installed lowest. */
export function ItemOutlines({ items, scale, axisY, tallest, step, unit }: ItemOutlinesProps) {
  // The longer the item, the further out it is drawn, so that no leg crosses another's label.
  const outwards = [...items].sort((one, other) => one.toMm - one.fromMm - (other.toMm - other.fromMm))
  const isLabelled = step >= 18
  const placed = outwards.map((item, level) => ({
    item,
    key: `${item.key} ${item.fromMm}`,
    top: axisY - tallest - (isLabelled ? 16 : 4) - level * step,
    left: scale.x(item.fromMm),
    right: scale.x(item.toMm),
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
      {/* After every line: a label is never crossed by the leg of a longer item. */}
      {isLabelled &&
        placed.map(({ key, item, top, left }) => (
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
            {item.name.toLowerCase()} · {sayMark(item.toMm - item.fromMm, unit)}
          </text>
        ))}
    </>
  )
}
