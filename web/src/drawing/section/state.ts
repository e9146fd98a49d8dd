export type End = 'A' | 'B'
type Along = { fromMm: number; toMm: number }
type Standing = 'planned' | 'done' | 'out'

/** A layer of the cable where nothing covers it; what lies inside it goes on beneath. */
export type Layer = Along & { key: string; name: string; end: End | null; radiusMm: number; standing: Standing; perCore: boolean }

export type Stretch = Along & { insideMm: number; outsideMm: number }

/** Something that lies on the cable, with the radii beneath and over it, and the stages in which it comes and goes. */
export type Item = Along & {
  key: string
  name: string
  nature: 'tube' | 'body' | 'pushed' | 'moulded' | 'wrap' | 'laid' | 'zone' | 'layer'
  class: 'metal' | 'semiconducting' | 'grading' | 'insulating' | 'none'
  end: End | null
  perCore: boolean
  stage: number | null
  offStage: number | null
  madeOf: string
  outline: Stretch[]
  /** False where its sheet does not say how thick it is. */
  wallSaid: boolean
  /** Its outline in a drawing; null where it is drawn as it is known. */
  drawn: Stretch[] | null
}

/** What lies where on a core, and on the cable. */
export type Lying = {
  layers: Layer[]
  connector: Along & { name: string; radiusMm: number }
  items: Item[]
  cuts: Cut[]
}

/** The accessory along its axis as the core sends it: one core opened. */
export type Section = Lying & {
  core: number
  connectorStage: number | null
  /** The others; null where all lies on them as on the one that is opened. What is of the cable is not said again. */
  otherCores: { core: number; lies: Lying | null }[]
}

/** Where a cut lies, and where it was to; null where it lies so. */
type Cut = {
  end: End
  cut: string
  core: number | null
  axisMm: number
  plannedAxisMm: number | null
  standing: Standing
  stage: number | null
}

/** What of a section is there after a stage: a filter over what the core sent. Null: all of it, as finished. */
export function stateAfter(
  section: Lying & { connectorStage: number | null },
  stage: number | null,
): { items: Item[]; layers: DrawnLayer[]; hasConnector: boolean } {
  const isThere = (from: number | null, off: number | null = null): boolean =>
    stage === null ? off === null : from === null || (from <= stage && (off === null || off > stage))
  return {
    items: section.items.filter((item) => isThere(item.stage, item.offStage)),
    layers: ends(section).flatMap((end) => layersOf(section, end, (cut) => stage === null || cut === null || cut <= stage)),
    hasConnector: isThere(section.connectorStage),
  }
}

/** A layer from its edge to where the drawing ends; the layers inside it go on beneath. */
export type DrawnLayer = Layer & { end: End }

export const ends = (section: Lying): End[] => (section.layers.some((one) => one.end === 'B') ? ['A', 'B'] : ['A'])

/** On which side of the axis an end lies: of a joint, end A to the left; a termination's cable goes to the right. */
export const isToTheRight = (section: Lying, end: End): boolean => end === 'B' || !section.layers.some((one) => one.end === 'B')

function layersOf(section: Lying, end: End, isCut: (stage: number | null) => boolean): DrawnLayer[] {
  const own = section.layers.filter((one) => one.end === end)
  const right = isToTheRight(section, end)
  const far = right ? Math.max(...own.map((one) => one.toMm)) : Math.min(...own.map((one) => one.fromMm))
  const tip = right ? Math.min(...own.map((one) => one.fromMm)) : Math.max(...own.map((one) => one.toMm))
  return own.map((layer) => {
    const cut = section.cuts.find((one) => one.end === end && one.cut === layer.key)
    const own = right ? layer.fromMm : layer.toMm
    const edge = cut && !isCut(cut.stage) ? tip : own
    return { ...layer, end, fromMm: right ? edge : far, toMm: right ? far : edge }
  })
}

/** Three cores in one cable: what lies on a core is told apart from what lies on the cable. */
export const hasThreeCores = (section: Lying): boolean => section.layers.some((one) => !one.perCore)

/** Whether a layer or an item goes round all three cores together. */
export const isOfCable = (section: Lying, one: { perCore: boolean }): boolean => hasThreeCores(section) && !one.perCore
