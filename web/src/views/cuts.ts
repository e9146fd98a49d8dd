import type { Cut, Datum, Job, Mark, SetMark } from '../api/types'
import { sayFine, sayTyped, type Unit } from '../domain/length'
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

export type ShownMark = SetMark & { window: string }

/** A mark as the reader's tape has it, from a datum. */
export function shownMark(mark: Mark, datum: Datum, unit: Unit): ShownMark {
  const from = mark.from[datum]
  if (!from) return { at: '', window: '', min: '', max: '', needs: null }
  const { at, min, max, needs } = from.set[unit]
  return { at, min, max, needs, window: `${min} to ${max}` }
}

/** What was read of a cut, as it is from the cable end now. */
export const sayNow = (recorded: NonNullable<Mark['recorded']>, unit: Unit): string =>
  recorded.sawnOffMm === null ? sayTyped(recorded) : sayFine(recorded.valueMm, unit)

/** What was read of a cut, and what was sawn off its end since. */
export function sayRecorded(recorded: NonNullable<Mark['recorded']>, unit: Unit): string {
  const { sawnOffMm } = recorded
  return (
    sayTyped(recorded) + (sawnOffMm === null ? '' : `, ${sayFine(sawnOffMm, unit)} sawn off since: ${sayNow(recorded, unit)}`)
  )
}

/** It is out, and nobody has let it stand. */
export const isCutOut = ({ recorded }: Mark): boolean => recorded?.judgement.verdict === 'out' && recorded.accepted === null

/** Which mark is meant: a cut of an end, and of a core where it is made on each. */
export type PickedMark = { end: 'A' | 'B'; cut: Cut; core: number | null }

export const isSameMark = (one: PickedMark | null, other: PickedMark): boolean =>
  one !== null && one.end === other.end && one.cut === other.cut && one.core === other.core

/** As events name a core: nothing where there is but one. */
export const onCore = (core: number | null): { core?: number } => (core === null ? {} : { core })

/** "end A, core 2", or nothing where there is but one place. */
export const placeName = ({ end, core }: { end: 'A' | 'B' | null; core: number | null }): string =>
  [end && `end ${end}`, core !== null && `core ${core}`].filter(Boolean).join(', ')

export const isOfMark = (event: { end: 'A' | 'B'; cut: Cut; core?: number }, mark: PickedMark): boolean =>
  isSameMark({ end: event.end, cut: event.cut, core: event.core ?? null }, mark)

/** "Insulation" or "Insulation, core 2". */
export const markName = (mark: PickedMark, unit: Unit): string =>
  cutName(mark.cut, unit) + (mark.core === null ? '' : `, core ${mark.core}`)

/** A mark as it is marked out, and the cores that it is of: none where the cut goes round all of them, or there is but one. */
export type MarkedOut = { mark: Mark; cores: number[] }

/** The marks of an end: those of several cores once, where they are the same from that datum. A core that is shorter has its own. */
export function markedOut(marks: Mark[], datum: Datum, unit: Unit): MarkedOut[] {
  const shown: MarkedOut[] = []
  for (const mark of marks) {
    const { at, window } = shownMark(mark, datum, unit)
    const alike = shown.find((one) => {
      const other = shownMark(one.mark, datum, unit)
      return one.mark.cut === mark.cut && other.at === at && other.window === window
    })
    if (alike && mark.core !== null) alike.cores.push(mark.core)
    else shown.push({ mark, cores: mark.core === null ? [] : [mark.core] })
  }
  return shown
}

export const isInRow = (picked: PickedMark | null, { mark, cores }: MarkedOut): boolean =>
  isSameMark(picked, mark) || (picked?.end === mark.end && picked.cut === mark.cut && cores.includes(picked.core ?? 0))

/** "on each core", "on core 2", "on core 1, 3"; nothing where there is but one. */
export function coresName({ mark, cores }: MarkedOut, marks: Mark[]): string {
  if (cores.length === 0) return ''
  const all = marks.filter((one) => one.cut === mark.cut && one.end === mark.end)
  return cores.length === all.length ? 'on each core' : `on core ${cores.join(', ')}`
}

export const marksOf = (job: Job, end: 'A' | 'B'): Mark[] => job.markOut?.marks.filter((mark) => mark.end === end) ?? []
