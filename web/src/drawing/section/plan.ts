import { axisMap, type AxisMap } from './axisMap'
import { connectorBody, coresBody, itemBody, layerBody, type Across, type Body } from './bodies'
import { hasThreeCores, isOfCable, stateAfter, type DrawnLayer, type Item, type Section } from './state'

/** One row of bodies on an axis of its own: a core, or the cable as a whole where it has three. */
export type Lane = { is: 'core' | 'cable'; across: Across; top: number; bodies: Body[]; items: Item[]; layers: DrawnLayer[] }
export type Drawing = { map: AxisMap; lanes: Lane[] }

const SHEATH_MM = 70

/** From where to where it is drawn: all that lies on it, and a hand's breadth of sheath. */
export function rangeOf(section: Section): [number, number] {
  const solid = section.items.filter((item) => item.nature !== 'zone' && item.nature !== 'layer')
  const marks = [...section.cuts.map((cut) => cut.axisMm), section.connector.fromMm, section.connector.toMm]
  const all = [...marks, ...solid.flatMap((item) => [item.fromMm, item.toMm])]
  const isJoint = section.layers.some((one) => one.end === 'B')
  return [Math.min(...all) - (isJoint ? SHEATH_MM : 6), Math.max(...all) + SHEATH_MM]
}

/** How much of the height the cable as a whole takes where the cores have a lane of their own. */
const CABLE_SHARE = 0.42

export type Room = {
  /** Of the axis, in pixels. */
  left: number
  right: number
  /** Above the first lane, and between it and the second. */
  tops: [number, number]
  /** Of the bodies of all lanes together. */
  height: number
  stage: number | null
  /** Along the axis; null: all of it. */
  range: [number, number] | null
  /** One lane by itself; null: all. */
  only?: Lane['is'] | null
}

export function drawingOf(section: Section, { left, right, tops, height, stage, range, only = null }: Room): Drawing {
  const { items, layers, hasConnector } = stateAfter(section, stage)
  const [fromMm, toMm] = range ?? rangeOf(section)
  const events = [
    ...section.cuts.map((cut) => cut.axisMm),
    section.connector.fromMm,
    section.connector.toMm,
    ...section.items.filter((item) => item.nature !== 'zone').flatMap((item) => [item.fromMm, item.toMm]),
  ]
  const map = axisMap(events, [fromMm, toMm], [left, right], [section.connector.fromMm, section.connector.toMm])
  const lane = (is: Lane['is'], laneTop: number, laneHeight: number): Lane => {
    const across = { axisY: laneTop + laneHeight, pxPerMm: laneHeight / largest(section, is) }
    const isHere = (one: { perCore: boolean }) => (is === 'cable') === isOfCable(section, one)
    const [ownItems, ownLayers] = [items.filter(isHere), layers.filter(isHere)]
    const bodies = bodiesOf(section, is, ownItems, ownLayers, hasConnector, map, across)
    return { is, across, top: laneTop, items: ownItems, layers: ownLayers, bodies }
  }
  if (!hasThreeCores(section)) return { map, lanes: [lane('core', tops[0], height)] }
  if (only) return { map, lanes: [lane(only, tops[0], height)] }
  const ofCable = height * CABLE_SHARE
  return { map, lanes: [lane('cable', tops[0], ofCable), lane('core', tops[0] + ofCable + tops[1], height - ofCable)] }
}

/** The same for every state: what comes later must not move what is there. */
function largest(section: Section, is: Lane['is']): number {
  const isHere = (one: { perCore: boolean }) => (is === 'cable') === isOfCable(section, one)
  const layers = section.layers.filter(isHere).map((one) => one.radiusMm)
  const items = section.items.filter(isHere).flatMap((item) => item.outline.map((one) => one.outsideMm))
  return Math.max(1, ...layers, ...items, is === 'core' ? section.connector.radiusMm : 0)
}

/** In the order in which they are drawn: the last that goes on first, and the conductor upon everything. */
function bodiesOf(
  section: Section,
  is: Lane['is'],
  items: Item[],
  layers: DrawnLayer[],
  hasConnector: boolean,
  map: AxisMap,
  across: Across,
): Body[] {
  const onIt = [...items].reverse().map((item) => itemBody(item, map, across))
  const cores = is === 'cable' ? [coresBody(items, map, across)] : []
  const cable = [...layers].sort((a, b) => b.radiusMm - a.radiusMm).map((layer) => layerBody(layer, map, across))
  const connector = is === 'core' && hasConnector ? [connectorBody(section.connector, map, across)] : []
  const isConductor = (one: Body | null) => one?.pattern === 'conductor'
  const inOrder = [...onIt, ...cores, ...cable.filter((one) => !isConductor(one)), ...connector, ...cable.filter(isConductor)]
  return inOrder.filter((one): one is Body => one !== null)
}
