import type { AxisMap } from './axisMap'
import type { DrawnLayer, Item, Section } from './state'

/** A body in pixels: filled from its outside down to the axis, and what lies beneath is drawn upon it, so that no sliver can open. */
export type Body = {
  key: string
  name: string
  of: 'item' | 'layer' | 'connector' | 'cores'
  /** By which it has its pattern. */
  pattern: string
  d: string
  fromX: number
  toX: number
}

/** The axis and the scale across; a body is drawn as a half-section, or whole as it is seen from outside. */
export type Across = { axisY: number; pxPerMm: number; isWhole?: boolean }

/** A slope is at most so steep: what is wound or shrunk steps down over an edge and does not fall off it. */
const SLOPE = 0.8

type Step = { fromX: number; toX: number; y: number }

export function itemBody(item: Item, map: AxisMap, across: Across): Body | null {
  const outline = item.outline.filter((one) => one.toMm > map.fromMm && one.fromMm < map.toMm)
  if (!outline.some((one) => one.outsideMm > one.insideMm)) return null
  const steps = outline.map((one) => ({
    fromX: map.x(Math.max(one.fromMm, map.fromMm)),
    toX: map.x(Math.min(one.toMm, map.toMm)),
    y: across.axisY - one.outsideMm * across.pxPerMm,
  }))
  return {
    key: `${item.key} ${item.end ?? ''} ${item.fromMm}`,
    name: item.name,
    of: 'item',
    pattern: patternOf(item),
    d: bodyPath(steps, across),
    fromX: steps[0]?.fromX ?? 0,
    toX: steps.at(-1)?.toX ?? 0,
  }
}

/** What lies beneath everything that goes round all three cores: the cores themselves, as one. */
export function coresBody(items: Item[], map: AxisMap, across: Across): Body | null {
  const thick = items.flatMap((item) => item.outline).filter((one) => one.outsideMm > one.insideMm)
  const clamp = (mm: number) => Math.min(map.toMm, Math.max(map.fromMm, mm))
  const edges = [...new Set(thick.flatMap((one) => [clamp(one.fromMm), clamp(one.toMm)]))].sort((a, b) => a - b)
  const steps = edges.slice(1).flatMap((toMm, i): Step[] => {
    const fromMm = edges[i] ?? toMm
    const middle = (fromMm + toMm) / 2
    const insides = thick.filter((one) => one.fromMm <= middle && one.toMm >= middle).map((one) => one.insideMm)
    return insides.length === 0
      ? []
      : [{ fromX: map.x(fromMm), toX: map.x(toMm), y: across.axisY - Math.min(...insides) * across.pxPerMm }]
  })
  const [first, last] = [steps[0], steps.at(-1)]
  return first && last
    ? {
        key: 'cores',
        name: 'three cores',
        of: 'cores',
        pattern: 'laid-up-cores',
        d: bodyPath(steps, across),
        fromX: first.fromX,
        toX: last.toX,
      }
    : null
}

/** By what it does electrically, and whether it is wound and soft, laid, or comes as a whole. */
function patternOf(item: Item): string {
  const isSoft = item.nature === 'wrap' || item.nature === 'zone'
  if (item.class === 'metal') return isSoft ? 'net' : item.nature === 'layer' ? 'metallic-screen' : 'strokes'
  if (item.class === 'semiconducting') return 'insulation-screen'
  if (item.class === 'grading') return isSoft ? 'waves' : 'crosses'
  if (item.class === 'insulating') return isSoft ? 'long-waves' : 'tube'
  return 'plain'
}

export function layerBody(layer: DrawnLayer, map: AxisMap, across: Across): Body | null {
  const [fromMm, toMm] = [Math.max(layer.fromMm, map.fromMm), Math.min(layer.toMm, map.toMm)]
  if (toMm <= fromMm) return null
  return block(`${layer.key} ${layer.end}`, layer.name, 'layer', layer.key, [map.x(fromMm), map.x(toMm)], layer.radiusMm, across)
}

export function connectorBody(one: Section['connector'], map: AxisMap, across: Across): Body | null {
  const [fromMm, toMm] = [Math.max(one.fromMm, map.fromMm), Math.min(one.toMm, map.toMm)]
  if (toMm <= fromMm) return null
  return block('connector', one.name, 'connector', 'connector', [map.x(fromMm), map.x(toMm)], one.radiusMm, across)
}

function block(
  key: string,
  name: string,
  of: Body['of'],
  pattern: string,
  [fromX, toX]: [number, number],
  radiusMm: number,
  across: Across,
): Body {
  const y = across.axisY - radiusMm * across.pxPerMm
  return { key, name, of, pattern, d: bodyPath([{ fromX, toX, y }], across), fromX, toX }
}

/**
 * Up at one end, along the outside with its slopes, down at the other. A slope lies on the lower side of its step: it clears the edge
 * beneath.
 */
export function bodyPath(steps: Step[], { axisY, isWhole = false }: Pick<Across, 'axisY' | 'isWhole'>): string {
  const points: [number, number][] = []
  steps.forEach((step, i) => {
    const [before, after] = [steps[i - 1], steps[i + 1]]
    const room = (step.toX - step.fromX) * 0.45
    const isApart = (one: Step | undefined, x: number) => !one || Math.abs(one.toX - x) > 0.5
    if (!before || isApart(before, step.fromX)) points.push([step.fromX, axisY], [step.fromX, step.y])
    else points.push([step.fromX + Math.min(room, Math.max(0, step.y - before.y) * SLOPE), step.y])
    if (!after || Math.abs(after.fromX - step.toX) > 0.5) points.push([step.toX, step.y], [step.toX, axisY])
    else points.push([step.toX - Math.min(room, Math.max(0, step.y - after.y) * SLOPE), step.y])
  })
  const below = isWhole ? points.map(([x, y]): [number, number] => [x, 2 * axisY - y]).reverse() : []
  return `M${[...points, ...below].map(([x, y]) => `${round(x)} ${round(y)}`).join('L')}Z`
}

const round = (px: number): number => Math.round(px * 10) / 10
