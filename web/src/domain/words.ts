import type { Unit } from './length'

/** The North American words for those of the IEC vocabulary that differ; the same table as Saying/Reader in the core. */
const NORTH_AMERICAN: Record<string, string> = {
  joint: 'splice',
  'insulation screen': 'insulation shield',
  'conductor screen': 'conductor shield',
  'metallic screen': 'metallic shield',
  'separable connector': 'separable elbow',
  oversheath: 'jacket',
  armour: 'armor',
  bedding: 'inner jacket',
}

/** A word in the reader's own vocabulary; a capital stays a capital. */
export function word(term: string, unit: Unit): string {
  const lower = term.charAt(0).toLowerCase() + term.slice(1)
  const own = unit === 'in' ? (NORTH_AMERICAN[lower] ?? lower) : lower
  return lower === term ? own : capital(own)
}

/** What is built, as its open file names it, in the reader's own vocabulary. */
export const accessory = (named: string, unit: Unit): string => word(named.replace('-', ' '), unit)

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/** "insulation-screen" as a heading: "Insulation screen", or "Insulation shield". */
export const layerName = (layer: string, unit: Unit): string => capital(word(layer.replaceAll('-', ' '), unit))
