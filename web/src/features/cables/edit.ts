import type { Draft, End, EndDraft, LayerKind, Reading } from '../../api/types'

/** Changes to a plan's ends: each gives a new plan. */

export const endOf = (draft: Draft, end: End): EndDraft => draft.ends[end] ?? { cable: null, readings: {}, freeLength: null }

function withEnd(draft: Draft, end: End, half: EndDraft): Draft {
  return { ...draft, ends: { ...draft.ends, [end]: half } }
}

export function withCable(draft: Draft, end: End, cable: { id: string; revision: number }): Draft {
  return withEnd(draft, end, { ...endOf(draft, end), cable: { id: cable.id, revision: cable.revision } })
}

export function withReading(draft: Draft, end: End, layer: LayerKind, reading: Reading): Draft {
  const half = endOf(draft, end)
  return withEnd(draft, end, { ...half, readings: { ...half.readings, [layer]: [...(half.readings?.[layer] ?? []), reading] } })
}

export function withoutReading(draft: Draft, end: End, layer: LayerKind, index: number): Draft {
  const half = endOf(draft, end)
  return withEnd(draft, end, {
    ...half,
    readings: { ...half.readings, [layer]: (half.readings?.[layer] ?? []).filter((_, i) => i !== index) },
  })
}

export function withFreeLength(draft: Draft, end: End, freeLength: Reading | null): Draft {
  return withEnd(draft, end, { ...endOf(draft, end), freeLength })
}
