import type { Item, Section } from './state'

type Stretch = Item['outline'][number]

/** Of the largest radius: thick enough to carry its pattern. */
const SHARE = 0.035

/** A part with a wall that its sheet does not say: it lies there, and how thick it is nobody knows. */
export const isWallUnsaid = (item: Item): boolean =>
  ['tube', 'body', 'pushed', 'moulded'].includes(item.nature) &&
  item.outline.length > 0 &&
  item.outline.every((one) => one.outsideMm <= one.insideMm)

/**
 * The section with something to be seen where a wall is not said: such a part is drawn as thick as its pattern needs, and what lies on it is
 * lifted by that. Only for drawing: no figure is told from it.
 */
export function withWalls<S extends Section>(section: S): S {
  const unsaid = section.items.filter(isWallUnsaid)
  if (unsaid.length === 0) return section
  const wallMm = SHARE * Math.max(...section.layers.map((one) => one.radiusMm), section.connector.radiusMm)
  const edges = unsaid.flatMap((one) => [one.fromMm, one.toMm])
  const items = section.items.map((item, place) => {
    const beneath = section.items.slice(0, place).filter((one) => unsaid.includes(one) && one.perCore === item.perCore)
    const own = unsaid.includes(item) ? wallMm : 0
    const outline = item.outline
      .flatMap((stretch) => split(stretch, edges))
      .map((stretch): Stretch => {
        const middle = (stretch.fromMm + stretch.toMm) / 2
        const lift = wallMm * beneath.filter((one) => one.fromMm <= middle && middle <= one.toMm).length
        return { ...stretch, insideMm: stretch.insideMm + lift, outsideMm: stretch.outsideMm + lift + own }
      })
    return { ...item, outline }
  })
  return { ...section, items }
}

function split(stretch: Stretch, edges: number[]): Stretch[] {
  const within = edges.filter((edge) => edge > stretch.fromMm && edge < stretch.toMm).sort((a, b) => a - b)
  const from = [stretch.fromMm, ...within]
  return from.map((fromMm, i) => ({ ...stretch, fromMm, toMm: within[i] ?? stretch.toMm }))
}
