import type { PlacedItem, Scale } from './axis'
import { classFill } from './Patterns'

type ItemBodiesProps = { id: string; items: PlacedItem[]; scale: Scale; axisY: number; heightOf: (radiusMm: number) => number }

/** What lies on the cable as bodies on the profile, in the order in which they are set: each from what lies beneath to its outside. */
export function ItemBodies({ id, items, scale, axisY, heightOf }: ItemBodiesProps) {
  return (
    <>
      {items
        .filter((item) => item.outline.some((one) => one.outsideMm > one.insideMm))
        .map((item) => (
          <path
            key={`${item.key} ${item.end} ${item.fromMm}`}
            d={outline(item, scale, axisY, heightOf)}
            fill={classFill(id, item.class)}
            stroke="var(--color-ink)"
            strokeWidth={1}
          >
            <title>{item.name}</title>
          </path>
        ))}
    </>
  )
}

/** Along its outside one way, and back along what lies beneath. */
export function outline(
  item: PlacedItem,
  scale: Pick<Scale, 'x'>,
  axisY: number,
  heightOf: (radiusMm: number) => number,
): string {
  const at = (mm: number, radius: number) => `${round(scale.x(mm))} ${round(axisY - heightOf(radius))}`
  const outside = item.outline.flatMap((one) => [at(one.fromMm, one.outsideMm), at(one.toMm, one.outsideMm)])
  const inside = [...item.outline].reverse().flatMap((one) => [at(one.toMm, one.insideMm), at(one.fromMm, one.insideMm)])
  return `M${[...outside, ...inside].join('L')}Z`
}

const round = (px: number): number => Math.round(px * 10) / 10
