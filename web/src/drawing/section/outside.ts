import type { AxisMap } from './axisMap'
import { connectorBody, itemBody, layerBody, type Across, type Body } from './bodies'
import { onOther } from './opened'
import { isOfCable, isToTheRight, stateAfter, type DrawnLayer, type Section } from './state'

/** A core that is not opened, as it is seen from outside: what is on it, and nothing of what that hides. */
export type Outside = { core: number; across: Across; bodies: Body[]; nameX: number }

/** The cable out of which the cores come: its layers from outside, the innermost ending in the crotches. */
export type Trunk = { key: string; name: string; pattern: string; d: string }

/** From a layer of the cable to the one beneath, in pixels: not to scale, so that it is seen. */
const STEP = 5
const DEEPEST = 16

export function outsideOf(section: Section, core: number, stage: number | null, map: AxisMap, across: Across): Outside {
  const lying = onOther(section, core)
  const { items, layers, hasConnector } = stateAfter({ ...lying, connectorStage: section.connectorStage }, stage)
  const isHere = (one: { perCore: boolean }) => !isOfCable(lying, one)
  const whole = { ...across, isWhole: true }
  const cable = [...layers.filter(isHere)].sort((a, b) => a.radiusMm - b.radiusMm)
  const bodies = [
    ...cable.map((layer) => layerBody(layer, map, whole)),
    ...(hasConnector ? [connectorBody(lying.connector, map, whole)] : []),
    ...items.filter(isHere).map((item) => itemBody(item, map, whole)),
  ]
  const crotches = layers.filter((one) => isOfCable(lying, one))
  const left = crotches.filter((one) => !isToTheRight(section, one.end)).map((one) => map.x(one.toMm))
  const nameX = Math.max(map.x(map.fromMm), ...left) + 8
  return { core, across: whole, bodies: bodies.filter((one): one is Body => one !== null), nameX }
}

/**
 * @param layers of the cable, as they are after the stage that is shown
 * @param gaps   between the cores, in pixels: there the innermost layer runs back, and what ends close behind its edge
 */
export function trunksOf(
  section: Section,
  layers: DrawnLayer[],
  map: AxisMap,
  [top, bottom]: [number, number],
  gaps: [number, number][],
): Trunk[] {
  return ends(layers).flatMap((end) => {
    const own = layers.filter((one) => one.end === end).sort((a, b) => b.radiusMm - a.radiusMm)
    const right = isToTheRight(section, end)
    return own.flatMap((layer, i): Trunk[] => {
      const [from, to] = [Math.max(layer.fromMm, map.fromMm), Math.min(layer.toMm, map.toMm)]
      if (to <= from) return []
      const [edge, far] = right ? [map.x(from), map.x(to)] : [map.x(to), map.x(from)]
      const [high, low] = [top + i * STEP, bottom - i * STEP]
      const inmost = own.at(-1) ?? layer
      const isInCrotch = Math.abs(map.x(right ? inmost.fromMm : inmost.toMm) - edge) <= 2 * DEEPEST
      const notches = isInCrotch ? crotches(edge, gaps, Math.sign(far - edge), Math.abs(far - edge)) : ''
      const d = `M${far} ${high}H${edge}${notches}V${low}H${far}Z`
      return [{ key: `${layer.key} ${end}`, name: layer.name, pattern: layer.key, d }]
    })
  })
}

const ends = (layers: DrawnLayer[]): DrawnLayer['end'][] => [...new Set(layers.map((one) => one.end))]

/** Down the edge, back into the cable between two cores and out again. */
function crotches(x: number, gaps: [number, number][], into: number, room: number): string {
  return gaps
    .map(([from, to]) => {
      const deep = into * Math.min(DEEPEST, (to - from) / 2 + 4, room / 2)
      return `V${from}Q${x + deep * 2} ${(from + to) / 2} ${x} ${to}`
    })
    .join('')
}
