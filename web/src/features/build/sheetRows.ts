import type { KeptEntry } from '../../api/outbox'
import type { Job, LogEvent, Mark, ParkingSide, Stage, StageCheck, StageWork } from '../../api/types'
import { judgeReading } from '../../domain/judge'
import { readReading, sayFault, type Unit } from '../../domain/length'
import { say } from '../../domain/sentence'
import { isSameMark, markName, placeName, shownMark } from '../../views/cuts'
import { readAnswer, type Read } from './answer'
import { openIn } from './now'
import { leftToPark, parkEntry } from './parking'
import { cutEntry, lookEntry, workEntry } from './workEntry'

/** What a row of the stage sheet becomes; nothing after what is out, for it is put right first. */
export type FromRow = { made: { event: LogEvent; said: string }; isOut: boolean } | { fault: string }

/** A step of the stage as it stands on the sheet: a box to tick, or a place for what was read. */
export type SheetRow = {
  key: string
  name: string
  limits: string
  isTick: boolean
  /** @param text what was typed; of a tick "yes" */
  read: (text: string, by: Read) => FromRow
}

/** The rows that can be typed in one after the other, and what comes then and is written down in the build. */
export type Sheet = { rows: SheetRow[]; then: string | null }

type Placed = { touch: number; row: SheetRow | null; name: string }

/** The open steps of the stage that is at work, in their order, up to the first that is not answered by a tick or a reading. */
export function sheetOf(job: Job, stage: Stage, waiting: KeptEntry[], unit: Unit): Sheet {
  const open = openIn(stage, waiting)
  const placed: Placed[] = [
    ...leftToPark(job, waiting).map(({ end, part }) => parkRow(end, part)),
    ...open.cuts.map(({ touch, ...place }) =>
      cutRow(
        touch,
        job.markOut?.marks.find((one) => isSameMark(place, one)),
        unit,
      ),
    ),
    ...open.work.map((work) => workRow(stage, work, unit)),
    ...open.checks.map((check) => checkRow(stage, check, unit)),
    ...(stage.connectorTouch !== null && !job.connectorFitted
      ? [{ touch: stage.connectorTouch, row: null, name: 'The connector' }]
      : []),
    ...(stage.finishTouch !== null && !stage.done ? [finishRow(stage, stage.finishTouch)] : []),
  ].toSorted((one, other) => one.touch - other.touch)
  const stop = placed.findIndex(({ row }) => row === null)
  const rows = (stop < 0 ? placed : placed.slice(0, stop)).flatMap(({ row }) => row ?? [])
  return { rows, then: stop < 0 ? null : (placed[stop]?.name ?? null) }
}

function parkRow(end: 'A' | 'B', part: ParkingSide['parts'][number]): Placed {
  const name = `Park: ${part.name}, end ${end}`
  const read = (): FromRow => ({ made: parkEntry(end, part), isOut: false })
  return { touch: -1, row: { key: `park ${part.key}`, name, limits: '', isTick: true, read }, name }
}

function cutRow(touch: number, mark: Mark | undefined, unit: Unit): Placed {
  if (!mark) return { touch, row: null, name: 'A cut' }
  const { at, window } = shownMark(mark, 'cable-end', unit)
  const name = `${mark.order} · ${markName(mark, unit)}, end ${mark.end}`
  const read = (text: string, { unit: typedUnit, instrument }: Read): FromRow => {
    const { fault } = readReading(text, typedUnit)
    if (fault) return { fault: sayFault(fault) }
    const reading = { typed: text.trim(), unit: typedUnit, instrument }
    const limits = mark.from['cable-end']
    const isOut = limits !== undefined && judgeReading(reading, limits.minMm, limits.maxMm).verdict === 'out'
    return { made: cutEntry(mark, reading, unit), isOut }
  }
  // What is out already is looked at by itself.
  const row = { key: `cut ${name}`, name, limits: `${at}, ${window} ${unit}`, isTick: false, read }
  return { touch, row: mark.recorded ? null : row, name }
}

function workRow(stage: Stage, work: StageWork, unit: Unit): Placed {
  const name = [say(work.title, unit), placeName(work)].filter(Boolean).join(', ')
  const read = (): FromRow => ({ made: workEntry(stage, work, unit), isOut: false })
  return { touch: work.touch, row: { key: `work ${work.how} ${work.part} ${name}`, name, limits: '', isTick: true, read }, name }
}

function checkRow(stage: Stage, check: StageCheck, unit: Unit): Placed {
  const name = say(check.ask, unit)
  const placed = { touch: check.touch, name }
  const key = ['check', check.key, placeName(check), check.number].join(' ')
  const limits = check.limits ? say(check.limits, unit) : ''
  const { kind } = check
  // A wait has its clock, a phase is asked twice, and what was found not so is put right first.
  if (kind === 'wait' || kind === 'phase' || check.answer !== null) return { ...placed, row: null }
  if (kind === 'seen') {
    const read = (): FromRow => ({ made: lookEntry(stage, check, { seen: true }, unit), isOut: false })
    return { ...placed, row: { key, name, limits, isTick: true, read } }
  }
  const read = (text: string, by: Read): FromRow => {
    const found = readAnswer(kind, text, by)
    if ('fault' in found) return found
    const { event } = lookEntry(stage, check, {}, unit)
    return {
      made: { event: { ...event, ...found.answer } as LogEvent, said: `${name}: ${text.trim()}` },
      isOut: isOutside(check, found.answer),
    }
  }
  return { ...placed, row: { key, name, limits, isTick: false, read } }
}

const isOutside = (check: StageCheck, { reading }: { reading?: Parameters<typeof judgeReading>[0] }): boolean =>
  reading !== undefined && judgeReading(reading, check.minMm, check.maxMm).verdict === 'out'

function finishRow(stage: Stage, touch: number): Placed {
  const name = `Finished: ${stage.title}`
  const read = (): FromRow => ({ made: { event: { kind: 'stage-finished', stage: stage.key }, said: name }, isOut: false })
  // What is likely to hold and not proved is asked about before.
  const row = { key: 'finish', name, limits: '', isTick: true, read }
  return { touch: touch + 0.5, row: stage.doubts.length > 0 ? null : row, name }
}
