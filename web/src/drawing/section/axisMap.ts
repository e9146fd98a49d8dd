/** Millimetres along the axis to pixels: to one scale, with honest breaks where nothing happens for long. */
export type AxisMap = {
  x: (mm: number) => number
  mm: (x: number) => number
  /** Where a plain stretch is left out, in pixels, and how much of it. */
  breaks: { x: number; leftOutMm: number }[]
  pxPerMm: number
  fromMm: number
  toMm: number
}

/** What is kept of a plain stretch on each side of its break. */
const KEPT_MM = 26
/** Room for the sign of a break. */
const BREAK_PX = 14
/** Below this the shorter bodies cannot be told apart. */
const LEAST_PX_PER_MM = 0.9

type Piece = { fromMm: number; toMm: number; isBroken: boolean }

/**
 * @param events where anything begins or ends, within the range
 * @param whole  what is never broken: the connector
 */
export function axisMap(
  events: number[],
  [fromMm, toMm]: [number, number],
  [left, right]: [number, number],
  whole: [number, number],
): AxisMap {
  const places = [...new Set([fromMm, ...events.filter((mm) => mm > fromMm && mm < toMm), toMm])].sort((a, b) => a - b)
  const unbroken = (right - left) / Math.max(1, toMm - fromMm)
  const pieces = places.slice(1).map((end, i): Piece => ({ fromMm: places[i] ?? fromMm, toMm: end, isBroken: false }))
  // The longest plain stretches are broken first, and no more than it takes.
  const isPlain = (one: Piece) => one.toMm <= whole[0] || one.fromMm >= whole[1]
  const longest = pieces.filter(isPlain).sort((a, b) => lengthOf(b) - lengthOf(a))
  let pxPerMm = unbroken
  for (const piece of longest) {
    if (pxPerMm >= LEAST_PX_PER_MM || lengthOf(piece) < 3 * KEPT_MM) break
    piece.isBroken = true
    pxPerMm = scaleFor(pieces, right - left)
  }
  return laidOut(pieces, pxPerMm, left)
}

const lengthOf = (piece: Piece): number => piece.toMm - piece.fromMm

function scaleFor(pieces: Piece[], width: number): number {
  const shown = pieces.reduce((sum, one) => sum + (one.isBroken ? 2 * KEPT_MM : lengthOf(one)), 0)
  return (width - BREAK_PX * pieces.filter((one) => one.isBroken).length) / shown
}

function laidOut(pieces: Piece[], pxPerMm: number, left: number): AxisMap {
  const steps: { mm: number; x: number }[] = []
  const breaks: AxisMap['breaks'] = []
  let x = left
  for (const piece of pieces) {
    steps.push({ mm: piece.fromMm, x })
    if (piece.isBroken) {
      x += KEPT_MM * pxPerMm
      steps.push({ mm: piece.fromMm + KEPT_MM, x })
      breaks.push({ x: x + BREAK_PX / 2, leftOutMm: lengthOf(piece) - 2 * KEPT_MM })
      x += BREAK_PX
      steps.push({ mm: piece.toMm - KEPT_MM, x })
      x += KEPT_MM * pxPerMm
    } else x += lengthOf(piece) * pxPerMm
  }
  const last = pieces.at(-1)
  steps.push({ mm: last?.toMm ?? 0, x })
  return {
    x: (mm) => between(steps, 'mm', 'x', mm, pxPerMm),
    mm: (px) => between(steps, 'x', 'mm', px, 1 / pxPerMm),
    breaks,
    pxPerMm,
    fromMm: pieces[0]?.fromMm ?? 0,
    toMm: last?.toMm ?? 0,
  }
}

/** Along the steps, and on past them at the drawing's scale. */
function between(steps: { mm: number; x: number }[], of: 'mm' | 'x', to: 'mm' | 'x', value: number, beyond: number): number {
  const first = steps[0]
  const last = steps.at(-1)
  if (!first || !last) return 0
  if (value <= first[of]) return first[to] + (value - first[of]) * beyond
  if (value >= last[of]) return last[to] + (value - last[of]) * beyond
  const after = steps.findIndex((one) => one[of] > value)
  const [a, b] = [steps[after - 1] ?? first, steps[after] ?? last]
  return a[to] + ((value - a[of]) / Math.max(1e-9, b[of] - a[of])) * (b[to] - a[to])
}
