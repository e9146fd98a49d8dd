import type { ConditionCheck, Draft, End, EndDraft, Job, LayerKind, Reading, Seen } from '../../api/types'

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

export function withWall(draft: Draft, end: End, reading: Reading): Draft {
  const half = endOf(draft, end)
  return withEnd(draft, end, { ...half, walls: [...(half.walls ?? []), reading] })
}

export function withoutWall(draft: Draft, end: End, index: number): Draft {
  const half = endOf(draft, end)
  return withEnd(draft, end, { ...half, walls: (half.walls ?? []).filter((_, i) => i !== index) })
}

export function withCondition(draft: Draft, end: End, key: ConditionCheck['key'], answer: 'yes' | 'no' | null): Draft {
  const half = endOf(draft, end)
  const others = Object.entries(half.conditions ?? {}).filter(([known]) => known !== key)
  return withEnd(draft, end, { ...half, conditions: Object.fromEntries(answer ? [...others, [key, answer] as const] : others) })
}

/** The same object without one of its fields, or with it set: a field that is absent says that nobody knows. */
function without<T extends object, K extends keyof T>(object: T, key: K): Omit<T, K> {
  return Object.fromEntries(Object.entries(object).filter(([known]) => known !== key)) as Omit<T, K>
}

export function withField<K extends 'surface' | 'slack' | 'position'>(
  draft: Draft,
  end: End,
  key: K,
  value: NonNullable<EndDraft[K]> | null,
): Draft {
  const half = without(endOf(draft, end), key)
  return withEnd(draft, end, value === null ? half : { ...half, [key]: value })
}

type Weather = NonNullable<Draft['weather']>

export function withWeather<K extends keyof Weather>(draft: Draft, key: K, value: NonNullable<Weather[K]> | null): Draft {
  const others = without(draft.weather ?? {}, key)
  return { ...draft, weather: value === null ? others : { ...others, [key]: value } }
}

/** The air as an instrument read it; what it did not read stays. */
export const withAir = (draft: Draft, air: Weather): Draft => ({ ...draft, weather: { ...draft.weather, ...air } })

/** One thing that was seen, or nothing in its place. */
export function withSight(draft: Draft, end: End, key: keyof Seen, part: Seen): Draft {
  const half = endOf(draft, end)
  return withEnd(draft, end, { ...half, seen: { ...without(half.seen ?? {}, key), ...part } })
}

/** The layers that the kit must know before it can be said to fit. */
export const waitedFor = (job: Job, end: End): LayerKind[] =>
  (job.fit.kit?.findings ?? []).flatMap((finding) => (finding.end === end && finding.measure ? [finding.measure] : []))

/** Where the next reading goes: the other axis of the same place, then the next place. */
export function nextSpot(readings: Reading[]): { place: number; axis: 0 | 90 } {
  const last = readings.filter((reading) => reading.place !== undefined).at(-1)
  if (!last?.place) return { place: 1, axis: 0 }
  return last.axis === 0 ? { place: last.place, axis: 90 } : { place: Math.min(9, last.place + 1), axis: 0 }
}
