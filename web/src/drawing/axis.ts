/** Geometry of the half-section: numbers in, numbers out. */

export type Interval = {
  key: string
  name: string
  end: 'A' | 'B' | null
  fromMm: number
  toMm: number
  radiusMm: number
  standing: 'planned' | 'done' | 'out'
}
/** Something that lies on the cable, with the radii beneath and over it stretch by stretch. */
export type PlacedItem = {
  key: string
  name: string
  nature: 'tube' | 'body' | 'pushed' | 'moulded' | 'wrap' | 'laid' | 'zone' | 'layer'
  class: 'metal' | 'semiconducting' | 'grading' | 'insulating' | 'none'
  end: 'A' | 'B' | null
  fromMm: number
  toMm: number
  outline: { fromMm: number; toMm: number; insideMm: number; outsideMm: number }[]
}
export type SectionShape = { layers: Interval[]; connector: Interval; items: PlacedItem[] }
export type Scale = { x: (mm: number) => number; fromMm: number; toMm: number; pxPerMm: number }

/** Fits the section, or one end of it, into a width. */
export function scaleOf(
  section: SectionShape,
  end: 'A' | 'B' | null,
  width: number,
  margin: number,
  alsoMm: number[] = [],
): Scale {
  const shown = section.layers.filter((layer) => end === null || layer.end === end)
  const own = shown.flatMap((layer) => [layer.fromMm, layer.toMm])
  const connector = end === null ? [section.connector.fromMm, section.connector.toMm] : []
  const items = end === null ? section.items.flatMap((item) => [item.fromMm, item.toMm]) : []
  let [fromMm, toMm] = [Math.min(...own, ...connector, ...items, ...alsoMm), Math.max(...own, ...connector, ...items, ...alsoMm)]
  if (end !== null) [fromMm, toMm] = cropped(shown, end, fromMm, toMm)
  const pxPerMm = (width - 2 * margin) / (toMm - fromMm)
  return { fromMm, toMm, pxPerMm, x: (mm) => margin + (mm - fromMm) * pxPerMm }
}

/** Of one end, the oversheath is shown for a hand's breadth only: what matters lies before its cut. */
function cropped(layers: Interval[], end: 'A' | 'B', fromMm: number, toMm: number): [number, number] {
  const sheath = layers.find((layer) => layer.key === 'oversheath')
  if (!sheath) return [fromMm, toMm]
  return sheath.fromMm <= fromMm && end === 'A' ? [sheath.toMm - 60, toMm] : [fromMm, sheath.fromMm + 60]
}

/** Heights in pixels by key: to one scale, except that no layer is drawn thinner than can be seen. Both ends share one height per layer. */
export function heightsPx(
  intervals: { key: string; radiusMm: number }[],
  tallest: number,
  thinnest: number,
): Map<string, number> {
  const byKey = new Map<string, number>()
  for (const { key, radiusMm } of intervals) byKey.set(key, Math.max(byKey.get(key) ?? 0, radiusMm))
  const sorted = [...byKey].sort((one, other) => one[1] - other[1])
  const largest = sorted.at(-1)?.[1] ?? 1
  const heights: [string, number][] = []
  for (const [key, radius] of sorted)
    heights.push([key, Math.max((radius / largest) * tallest, (heights.at(-1)?.[1] ?? 0) + thinnest)])
  const highest = heights.at(-1)?.[1] ?? 0
  const shrink = highest > tallest ? tallest / highest : 1
  return new Map(heights.map(([key, height]) => [key, height * shrink]))
}

/** The height of any radius, between and beyond those of layers that have theirs: what lies on a layer is drawn on it. */
export function heightOf(
  intervals: { key: string; radiusMm: number }[],
  heights: Map<string, number>,
): (radiusMm: number) => number {
  const known = intervals
    .map(({ key, radiusMm }) => ({ radiusMm, px: heights.get(key) ?? 0 }))
    .sort((one, other) => one.radiusMm - other.radiusMm || one.px - other.px)
  const steps = [{ radiusMm: 0, px: 0 }, ...known]
  return (radiusMm) => {
    const after = steps.findIndex((one) => one.radiusMm >= radiusMm)
    const last = steps.at(-1) ?? { radiusMm: 1, px: 1 }
    if (after === -1) return last.px * (radiusMm / last.radiusMm)
    const [low, high] = [steps[after - 1] ?? steps[after], steps[after]]
    if (!low || !high || high.radiusMm === low.radiusMm) return high?.px ?? 0
    return low.px + ((radiusMm - low.radiusMm) / (high.radiusMm - low.radiusMm)) * (high.px - low.px)
  }
}

export type Tick = { x: number; label: string | null; isLong: boolean }

/** How many ticks from one number to the next, so that no number runs into its neighbour: every inch or two, or every 100 mm or 200 mm. */
function labelEvery(stepPx: number, digits: number, unit: 'mm' | 'in'): number {
  const needed = digits * 8.5 + 6
  const choices = unit === 'in' ? (stepPx > 25 ? [2, 4, 8, 16] : [4, 8, 16]) : [10, 20, 50, 100]
  return choices.find((ticks) => ticks * stepPx >= needed) ?? 100
}

/** The tape's ticks for one side, counted from a datum in steps of the reader's unit. */
export function ticks(scale: Scale, originMm: number, fromMm: number, toMm: number, unit: 'mm' | 'in'): Tick[] {
  const step = unit === 'in' ? 12.7 : 10
  const most = Math.max(Math.abs(fromMm - originMm), Math.abs(toMm - originMm)) / (unit === 'in' ? 25.4 : 1)
  const perLabel = labelEvery(step * scale.pxPerMm, String(Math.round(most)).length, unit)
  const made: Tick[] = []
  for (let n = Math.ceil((fromMm - originMm) / step); originMm + n * step <= toMm; n++) {
    const isLabelled = n % perLabel === 0
    const value = Math.abs(n * step)
    const label = isLabelled && n !== 0 ? String(Math.round(unit === 'in' ? value / 25.4 : value)) : null
    made.push({ x: scale.x(originMm + n * step), label, isLong: n % (perLabel / 2) === 0 })
  }
  return made
}

/** Puts labels in as few rows as they need so that none overlaps another. */
export function rowsFor(places: { x: number; width: number }[]): number[] {
  const ends: number[] = []
  const order = places.map((place, i) => ({ ...place, i })).sort((a, b) => a.x - b.x)
  const rows = new Array<number>(places.length).fill(0)
  for (const { x, width, i } of order) {
    const row = ends.findIndex((end) => end <= x - width / 2)
    const use = row === -1 ? ends.length : row
    rows[i] = use
    ends[use] = x + width / 2 + 4
  }
  return rows
}
