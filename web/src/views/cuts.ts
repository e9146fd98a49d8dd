import type { Cut, Datum, Job, Mark } from '../api/types'
import { formatMm, type Unit } from '../domain/length'
import { layerName, word } from '../domain/words'

export const cutName = (cut: Cut, unit: Unit): string => layerName(cut, unit)

export function datumName(datum: Datum, unit: Unit): string {
  const names: Record<Datum, string> = {
    'cable-end': 'cable end',
    'joint-centre': `${word('joint', unit)} centre`,
    'oversheath-cut': `${word('oversheath', unit)} cut`,
    'lug-hole': 'lug hole',
  }
  return names[datum]
}

export type ShownMark = { at: string; window: string; min: string; max: string }

/** A mark as the reader's tape has it, from a datum. */
export function shownMark(mark: Mark, datum: Datum, unit: Unit): ShownMark {
  const from = mark.from[datum]
  if (!from) return { at: '', window: '', min: '', max: '' }
  const [at, min, max] =
    unit === 'in'
      ? [from.inches.at, from.inches.min, from.inches.max]
      : [formatMm(from.atMm), formatMm(from.minMm, 2), formatMm(from.maxMm, 2)]
  return { at, min, max, window: `${min} to ${max}` }
}

export const marksOf = (job: Job, end: 'A' | 'B'): Mark[] => job.markOut?.marks.filter((mark) => mark.end === end) ?? []
