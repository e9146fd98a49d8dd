/** Where the rings of a cable's cross-section lie: numbers in, numbers out. */
export type Ring = { layer: string; nominalMm: number; measuredMm: number | null }

/** Where each ring lies on the measured side: as measured, or as far out as its type has it from the nearest measured one beneath. */
export function measuredSide(rings: readonly Ring[]): number[] {
  let shift = 0
  return rings.map((ring) => {
    shift = ring.measuredMm === null ? shift : ring.measuredMm - ring.nominalMm
    return ring.nominalMm + shift
  })
}

const OF_CORE = ['conductor', 'conductor-screen', 'insulation', 'insulation-screen', 'metallic-screen']

export const isOfCore = (layer: string): boolean => OF_CORE.includes(layer)

/** Of three equal circles that touch, how far each centre lies from the middle, over their diameter: 1 / sqrt(3). */
const LAY = 1 / Math.sqrt(3)

/** Middles of the cores, in millimetres from the middle of the cable; the first points up. */
export function coreMiddles(cores: 1 | 3, coreDiameterMm: number): { x: number; y: number }[] {
  if (cores === 1) return [{ x: 0, y: 0 }]
  return [-90, 30, 150].map((degrees) => {
    const angle = (degrees * Math.PI) / 180
    return { x: Math.cos(angle) * LAY * coreDiameterMm, y: Math.sin(angle) * LAY * coreDiameterMm }
  })
}

/** The outline of one third of a circle with a gap to its neighbours, as a path round (0, 0), pointing up. */
export function sectorPath(radius: number, gap: number): string {
  // The straight sides lie half the gap off the lines that part the thirds: their corner moves out along the axis.
  const apex = gap / 2 / Math.sin(Math.PI / 3)
  const side = Math.asin(Math.min(1, gap / 2 / radius))
  const corner = (degrees: number) => {
    const angle = ((degrees - 90) * Math.PI) / 180
    return `${(Math.cos(angle) * radius).toFixed(2)} ${(Math.sin(angle) * radius).toFixed(2)}`
  }
  const edge = 60 - (side * 180) / Math.PI
  return `M0 ${(-apex).toFixed(2)}L${corner(-edge)}A${radius} ${radius} 0 0 1 ${corner(edge)}Z`
}

/** Rows for the labels of one side, evenly spread round the middle. */
export function labelRows(count: number, middle: number, row: number): number[] {
  return Array.from({ length: count }, (_, i) => middle - ((count - 1) / 2 - i) * row)
}
