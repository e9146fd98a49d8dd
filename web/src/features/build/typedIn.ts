import type { KeptEntry } from '../../api/outbox'
import type { Unit } from '../../domain/length'

/** The names of the fields that readings and answers are typed into. */
export const cutField = (jobId: string, place: { end: string; cut: string; core?: number | null }): string =>
  [jobId, place.end, place.cut, place.core ?? null].join('.')

export const checkField = (
  jobId: string,
  place: { stage: string; check: string; end?: string | null; core?: number | null; number?: number | null },
): string => [jobId, place.stage, place.check, place.end ?? null, place.core ?? null, place.number ?? null].join('.')

/** Where an entry was typed, and what: null where it was not typed. */
export function typedIn(jobId: string, event: KeptEntry['event']): { field: string; text: string; unit?: Unit } | null {
  if (event.kind === 'cut-measured') return { field: cutField(jobId, event), text: event.reading.typed, unit: event.reading.unit }
  if (event.kind !== 'check-made') return null
  if (event.reading) return { field: checkField(jobId, event), text: event.reading.typed, unit: event.reading.unit }
  const text = event.torque ?? event.note ?? event.made ?? event.count?.toString()
  return text === undefined ? null : { field: checkField(jobId, event), text }
}
