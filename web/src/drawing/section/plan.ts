import { axisMap, type AxisMap } from './axisMap'
import { connectorBody, coresBody, itemBody, layerBody, type Across, type Body } from './bodies'
import { outsideOf, trunksOf, type Outside, type Trunk } from './outside'
import { hasThreeCores, isOfCable, stateAfter, type DrawnLayer, type Item, type Section } from './state'

/** One row of bodies on an axis of its own: a core, or the cable as a whole where it has three. */
export type Lane = { is: 'core' | 'cable'; across: Across; top: number; bodies: Body[]; items: Item[]; layers: DrawnLayer[] }
/** What is opened, lane by lane; the cores that are not, and the cable out of which they come. */
export type Drawing = { map: AxisMap; lanes: Lane[]; outside: Outside[]; trunks: Trunk[]; bottom: number }

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
/** The same where the other cores are shown from outside, and what each of these takes. */
const CABLE_AMONG = 0.3
const OUTSIDE_SHARE = 0.11
/** Above and below a core that is seen from outside. */
const BESIDE = 8

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
  /** Whether the cores that are not opened are shown from outside. */
  hasOthers?: boolean
}

export function drawingOf(section: Section, room: Room): Drawing {
  const { left, right, tops, height, stage, range, only = null } = room
  const { items, layers, hasConnector } = stateAfter(section, stage)
  const events = [
    ...section.cuts.map((cut) => cut.axisMm),
    section.connector.fromMm,
    section.connector.toMm,
    ...section.items.filter((item) => item.nature !== 'zone').flatMap((item) => [item.fromMm, item.toMm]),
  ]
  const map = axisMap(events, range ?? rangeOf(section), [left, right], [section.connector.fromMm, section.connector.toMm])
  const lane = (is: Lane['is'], top: number, tall: number): Lane => {
    const across = { axisY: top + tall, pxPerMm: tall / largest(section, is) }
    const isHere = (one: { perCore: boolean }) => (is === 'cable') === isOfCable(section, one)
    const [ownItems, ownLayers] = [items.filter(isHere), layers.filter(isHere)]
    const bodies = bodiesOf(section, is, ownItems, ownLayers, hasConnector, map, across)
    return { is, across, top, items: ownItems, layers: ownLayers, bodies }
  }
  const alone = only ?? (hasThreeCores(section) ? null : 'core')
  if (alone) return { map, lanes: [lane(alone, tops[0], height)], outside: [], trunks: [], bottom: tops[0] + height }
  const rows = rowsOf(room, section.otherCores.length)
  const lanes = [lane('cable', ...rows.cable), lane('core', ...rows.core)]
  const pxPerMm = rows.tall / 2 / largest(section, 'core')
  const outside = rows.others.flatMap((top, i) => {
    const core = section.otherCores[i]?.core
    return core ? [outsideOf(section, core, stage, map, { axisY: top + rows.tall / 2, pxPerMm })] : []
  })
  const trunks = outside.length > 0 ? trunksOf(section, lanes[0]?.layers ?? [], map, rows.trunk, rows.gaps) : []
  return { map, lanes, outside, trunks, bottom: rows.bottom }
}

type Row = [top: number, height: number]
type Rows = {
  cable: Row
  core: Row
  /** From above, and how tall each is. */
  others: number[]
  tall: number
  /** From where to where the cable is drawn out of which the cores come, and the gaps between them. */
  trunk: [number, number]
  gaps: [number, number][]
  bottom: number
}

/** The cable by itself, then its cores: the opened one between the two that are not. */
function rowsOf({ tops, height, hasOthers = false }: Room, others: number): Rows {
  if (!hasOthers || others === 0) {
    const cable: Row = [tops[0], height * CABLE_SHARE]
    const core: Row = [cable[0] + cable[1] + tops[1], height - cable[1]]
    return { cable, core, others: [], tall: 0, trunk: [0, 0], gaps: [], bottom: core[0] + core[1] }
  }
  const tall = height * OUTSIDE_SHARE
  const cable: Row = [tops[0], height * CABLE_AMONG]
  const above = cable[0] + cable[1] + 2 * BESIDE
  const core: Row = [above + tall + tops[1], height - cable[1] - 2 * tall]
  const below = core[0] + core[1] + BESIDE
  const bottom = below + tall + BESIDE
  const gaps: [number, number][] = [
    [above + tall, core[0]],
    [core[0] + core[1], below],
  ]
  return { cable, core, others: [above, below], tall, trunk: [above - BESIDE, bottom - BESIDE / 2], gaps, bottom }
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
