import type { KeptEntry } from '../../api/outbox'
import type { Job, Mark, Stage, StageCheck, StageWork } from '../../api/types'
import { isOfMark, isSameMark, type PickedMark } from '../../views/cuts'

/** What the build asks for now. */
export type Now =
  | { is: 'cut'; mark: Mark }
  | ({ is: 'touch'; stage: Stage } & Touch)
  | { is: 'finish' | 'release'; stage: Stage }
  | { is: 'other-end'; stage: Stage; at: 'A' | 'B' }
  | { is: 'park' | 'connector' | 'done' | 'blocked' | 'kept' }

/** What may be written down together: work, and the looks at it or the one reading on it. */
export type Touch = {
  /** Its place in the stage. */
  at: number
  work: StageWork[]
  looks: StageCheck[]
  /** Answered by itself: a reading, or a look that was found not to be so. */
  reading: StageCheck | null
  /** With it all of the stage is done. */
  finishes: boolean
}

/** Where somebody works: at one end, or at both. */
export type At = 'A' | 'B' | 'both'

/**
 * What was picked, else what is next at the end where somebody works. Where the entry that answers it is on its way, the next of its kind:
 * without signal the work goes on.
 */
export function nowIn(job: Job, picked: PickedMark | null, waiting: KeptEntry[], at: At = 'both'): Now {
  const mark = picked && !job.connectorFitted ? job.markOut?.marks.find((one) => isSameMark(picked, one)) : undefined
  if (mark) return { is: 'cut', mark }
  if (job.completion.done) return { is: 'done' }
  const { task } = job.next
  if (task === null) return { is: job.next.step === 'record' ? 'done' : 'blocked' }
  if (task === 'park') return { is: 'park' }
  if (task === 'connector') return { is: isWaiting(waiting, 'connector-fitted') ? 'kept' : 'connector' }
  const stage = job.stages?.find((one) => one.key === job.next.stage)
  if (!stage) return task === 'cut' ? cutNow(job, waiting) : { is: 'blocked' }
  if (task === 'release') return isWaiting(waiting, 'hold-released') ? { is: 'kept' } : { is: 'release', stage }
  return inStage(job, stage, waiting, at)
}

/** The first thing of the stage that is open where somebody works: what belongs to both ends comes at either, once it is its turn. */
function inStage(job: Job, stage: Stage, waiting: KeptEntry[], at: At): Now {
  const before = job.connectorFitted ? null : stage.connectorTouch
  const isMine = ({ end, touch }: Placed) => (at === 'both' || end === null || end === at) && (before === null || touch < before)
  const [cut] = stage.cuts
    .filter((one) => isMine(one) && !one.done && !isCut(one, waiting))
    .toSorted((one, other) => one.touch - other.touch)
  const touch = touchNow(stage, waiting, isMine)
  const mark = cut && job.markOut?.marks.find((one) => isSameMark(cut, one))
  if (mark && (!touch || cut.touch < touch.at)) return { is: 'cut', mark }
  if (touch) return { is: 'touch', stage, ...touch }
  if (job.next.task !== 'finish' && !isAllSent(stage, waiting))
    return at === 'both' ? { is: 'kept' } : { is: 'other-end', stage, at }
  // A stage that nobody calls finished is over with what is done in it.
  return stage.finishTouch === null || isWaiting(waiting, 'stage-finished') ? { is: 'kept' } : { is: 'finish', stage }
}

/** Nothing of the stage is open but to finish it, as far as this device knows. */
const isAllSent = (stage: Stage, waiting: KeptEntry[]): boolean =>
  touchNow(stage, waiting, () => true) === null && stage.cuts.every((one) => one.done || isCut(one, waiting))

const isCut = (mark: PickedMark, waiting: KeptEntry[]): boolean =>
  waiting.some(({ event, refused }) => refused === null && event.kind === 'cut-measured' && isOfMark(event, mark))

function cutNow(job: Job, waiting: KeptEntry[]): Now {
  const marks = job.markOut?.marks ?? []
  const { end, cut, core } = job.next
  const first = marks.findIndex((one) => one.end === end && one.cut === cut && one.core === core)
  const isSent = (mark: Mark) => waiting.some(({ event }) => event.kind === 'cut-measured' && isOfMark(event, mark))
  const open = marks.slice(Math.max(0, first)).find((mark, i) => (i === 0 || mark.recorded === null) && !isSent(mark))
  return open ? { is: 'cut', mark: open } : { is: 'kept' }
}

type Placed = { end: 'A' | 'B' | null; touch: number }

/** The first of the stage that has something open. */
function touchNow(stage: Stage, waiting: KeptEntry[], isMine: (one: Placed) => boolean): Touch | null {
  const open = openIn(stage, waiting)
  const at = Math.min(...[...open.work, ...open.checks].filter(isMine).map((one) => one.touch))
  if (!isFinite(at)) return null
  const isHere = (one: Placed) => isMine(one) && one.touch === at
  const [work, asked] = [open.work.filter(isHere), open.checks.filter(isHere)]
  // What was found not so has to be put right by itself.
  const isLook = (one: StageCheck) => one.kind === 'seen' && one.answer === null
  const reading = asked[0] && !isLook(asked[0]) ? asked[0] : null
  const looks = reading ? [] : asked.filter(isLook)
  // With this touch nothing of the stage is left open, at either end.
  const isLast = work.length + looks.length === open.work.length + open.checks.length
  const isCutDone = open.cuts.length === 0
  return { at, work, looks, reading, finishes: isLast && isCutDone && stage.finishTouch === at && stage.doubts.length === 0 }
}

/** What of a stage is neither done nor on its way. */
export const openIn = (stage: Stage, waiting: KeptEntry[]): Pick<Stage, 'work' | 'checks' | 'cuts'> => ({
  work: stage.work.filter((one) => !one.done && !isApplied(one, stage, waiting)),
  checks: stage.checks.filter((one) => !one.done && !isAnswered(one, stage, waiting)),
  cuts: stage.cuts.filter((one) => !one.done && !isCut(one, waiting)),
})

const isWaiting = (waiting: KeptEntry[], kind: KeptEntry['event']['kind']): boolean =>
  waiting.some((one) => one.refused === null && one.event.kind === kind)

function isApplied(work: StageWork, stage: Stage, waiting: KeptEntry[]): boolean {
  return waiting.some(
    ({ event, refused }) =>
      refused === null &&
      event.kind === 'applied' &&
      event.stage === stage.key &&
      event.how === work.how &&
      event.part === work.part &&
      (event.end ?? null) === work.end &&
      (event.core ?? null) === work.core,
  )
}

function isAnswered(check: StageCheck, stage: Stage, waiting: KeptEntry[]): boolean {
  return waiting.some(
    ({ event, refused }) =>
      refused === null &&
      event.kind === 'check-made' &&
      event.stage === stage.key &&
      event.check === check.key &&
      (event.end ?? null) === check.end &&
      (event.core ?? null) === check.core &&
      (event.number ?? null) === check.number,
  )
}

/** Tells one thing to do from the next: where it changes, the page starts anew. */
export function keyOf(now: Now): string {
  switch (now.is) {
    case 'cut':
      return ['cut', now.mark.end, now.mark.cut, now.mark.core].join()
    case 'touch': {
      const check = now.reading ?? (now.work.length > 0 ? undefined : now.looks[0])
      if (check) return ['check', now.stage.key, check.key, check.end, check.core, check.number].join()
      const [work] = now.work
      return ['work', now.stage.key, work?.how, work?.part, work?.end, work?.core].join()
    }
    case 'finish':
    case 'release':
      return `${now.is},${now.stage.key}`
    default:
      return now.is
  }
}
