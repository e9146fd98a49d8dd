/** Places names so that none can meet another, a line or a leader, by the way they are given their rows. */

export type Flag = { key: string; text: string; fromX: number; toX: number }
export type PlacedFlag = { key: string; text: string; x: number; row: number; width: number }
export type Flags = { placed: PlacedFlag[]; rest: Flag[]; rows: number }

/** From one row of names to the next. */
export const ROW = 19
/** Between two leaders. */
const APART = 13
/** From a leader to its text. */
export const GAP = 5
const CHOICES = 25
/** From the end of a text to the next leader. */
const MARGIN = 8

/**
 * A flag's text begins at its own leader, which rises from its body. It takes the lowest row in which its text meets no leader and its
 * leader no text: above every leader that its text reaches over, and below every text that reaches over its leader.
 *
 * @param measure of a text, in pixels
 * @param most    rows
 */
export function placeFlags(flags: Flag[], measure: (text: string) => number, right: number, most: number): Flags {
  const placed: PlacedFlag[] = []
  const rest: Flag[] = []
  // What has least room to choose comes first.
  const order = [...flags].sort((a, b) => a.toX - a.fromX - (b.toX - b.fromX))
  for (const flag of order) {
    const width = measure(flag.text)
    const best = choices(flag, right - width - GAP)
      .flatMap((x) => {
        const row = rowAt(x, width, placed)
        return row === null || row >= most ? [] : [{ x, row }]
      })
      .sort((a, b) => a.row - b.row || Math.abs(a.x - middle(flag)) - Math.abs(b.x - middle(flag)))[0]
    if (best) placed.push({ key: flag.key, text: flag.text, width, ...best })
    else rest.push(flag)
  }
  return { placed, rest, rows: Math.max(0, ...placed.map((one) => one.row + 1)) }
}

const middle = (flag: Flag): number => (flag.fromX + flag.toX) / 2

function choices(flag: Flag, most: number): number[] {
  const [from, to] = [flag.fromX + 2, Math.min(flag.toX - 2, most)]
  if (flag.fromX > most) return []
  if (to - from < 4) return [Math.min(middle(flag), most)]
  return Array.from({ length: CHOICES }, (_, i) => from + ((to - from) * i) / (CHOICES - 1))
}

/** The lowest row that is free at this place; null where there is none. */
function rowAt(x: number, width: number, placed: PlacedFlag[]): number | null {
  let [least, most] = [0, Infinity]
  for (const one of placed) {
    if (Math.abs(one.x - x) < APART) return null
    if (one.x >= x && one.x <= x + GAP + width + MARGIN) least = Math.max(least, one.row + 1)
    if (one.x < x && one.x + GAP + one.width + MARGIN >= x) most = Math.min(most, one.row - 1)
  }
  return least <= most ? least : null
}

/** Names in a column beside what they name: in its order, at least so far apart, and as near as that lets them be. */
export function placeBeside(wanted: number[], apart: number, top: number, bottom: number): number[] {
  const places: number[] = []
  for (const y of wanted) places.push(Math.max(y, (places.at(-1) ?? top - apart) + apart))
  const over = (places.at(-1) ?? bottom) - bottom
  if (over > 0) {
    let below = bottom
    for (let i = places.length - 1; i >= 0; i--) {
      places[i] = Math.min(places[i] ?? below, below)
      below = (places[i] ?? below) - apart
    }
  }
  return places
}
