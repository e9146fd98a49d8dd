/**
 * The one comparison that the browser makes by itself, so that a verdict shows at once; the server's word replaces it.
 * cases/judgements.json holds what both must judge alike.
 */
import { inMm, type Unit } from './length'

export type Verdict = 'inside' | 'not-proved' | 'out'

export function judge(
  valueMm: number,
  uncertaintyMm: number,
  minMm: number | null,
  maxMm: number | null,
): { verdict: Verdict; marginMm: number } {
  const nano = (mm: number) => Math.round(mm * 1e6)
  const value = nano(valueMm)
  const margin = Math.min(minMm === null ? Infinity : value - nano(minMm), maxMm === null ? Infinity : nano(maxMm) - value)
  const verdict = margin < 0 ? 'out' : margin < nano(uncertaintyMm) ? 'not-proved' : 'inside'
  return { verdict, marginMm: margin / 1e6 }
}

/** Half-widths, as the core's Instrument has them. */
export const UNCERTAINTY_MM = { tape: 1, 'steel-rule': 0.5, caliper: 0.05, 'diameter-tape': 0.1 } as const

export type Instrument = keyof typeof UNCERTAINTY_MM

export const INSTRUMENT_NAMES: Record<Instrument, string> = {
  tape: 'Tape',
  'steel-rule': 'Steel rule',
  caliper: 'Caliper',
  'diameter-tape': 'Diameter tape',
}

/** A reading, by whatever it was read; where the instrument sent it, its own record may say how true it is. */
type Read = { typed: string; unit: Unit; instrument: Instrument; sentBy?: { uncertainty?: string } }

/** What the reading comes to in a window. */
export function judgeReading({ typed, unit, instrument, sentBy }: Read, minMm: number | null, maxMm: number | null) {
  const own = sentBy?.uncertainty
  return judge(inMm(typed, unit), own === undefined ? UNCERTAINTY_MM[instrument] : inMm(own, 'mm'), minMm, maxMm)
}

const MM_PER_INCH = 25.4

/** The unit a reading was probably meant in, when it lies outside the window and would lie inside in the other unit. */
export function slippedUnit(valueMm: number, minMm: number | null, maxMm: number | null): 'mm' | 'in' | null {
  if (minMm === null || maxMm === null || (valueMm >= minMm && valueMm <= maxMm)) return null
  const lies = (mm: number) => mm >= minMm && mm <= maxMm
  if (lies(valueMm * MM_PER_INCH)) return 'in'
  return lies(valueMm / MM_PER_INCH) ? 'mm' : null
}

/** What stands there with its point one place further right or left; null where it is no plain decimal number. */
function withPointMoved(text: string, by: 10 | 0.1): string | null {
  if (!/^\d+([.,]\d+)?$/.test(text)) return null
  const moved = Number((Number(text.replace(',', '.')) * by).toPrecision(12)).toString()
  return text.includes(',') ? moved.replace('.', ',') : moved
}

/**
 * What was probably meant by a length that lies outside the window: the same in the other unit, or with its point one place further, where
 * that lies inside. As it would be typed.
 */
export function meantBy(typed: string, unit: Unit, minMm: number | null, maxMm: number | null): string[] {
  const text = typed.trim()
  const mm = (one: string) => inMm(one, unit)
  const valueMm = mm(text)
  if (Number.isNaN(valueMm) || minMm === null || maxMm === null || (valueMm >= minMm && valueMm <= maxMm)) return []
  const other = slippedUnit(valueMm, minMm, maxMm)
  const moved = [withPointMoved(text, 10), withPointMoved(text, 0.1)].filter((one) => one !== null)
  return [
    ...(other && other !== unit ? [`${text} ${other}`] : []),
    ...moved.filter((one) => mm(one) >= minMm && mm(one) <= maxMm),
  ]
}

/**
 * A diameter so far from those measured before that one of them is a slip: by more than 1 mm and more than a twentieth of their mean.
 * Common practice: a round core is out of round by less.
 */
export function isFarFrom(valueMm: number, othersMm: number[]): boolean {
  if (othersMm.length === 0) return false
  const mean = othersMm.reduce((sum, mm) => sum + mm, 0) / othersMm.length
  return Math.abs(valueMm - mean) > Math.max(1, mean / 20)
}
