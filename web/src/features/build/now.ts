import type { KeptEntry } from '../../api/outbox'
import type { Job, Mark, Stage, StageCheck } from '../../api/types'
import { isOfMark, isSameMark, type PickedMark } from '../../views/cuts'

/** What the build asks for now. */
export type Now =
  | { is: 'cut'; mark: Mark }
  /** With the looks that one touch may answer with it, itself among them. */
  | { is: 'check'; stage: Stage; check: StageCheck; looks: StageCheck[] }
  | { is: 'finish' | 'release'; stage: Stage }
  | { is: 'park' | 'connector' | 'done' | 'blocked' | 'kept' }

/**
 * What was picked, else what is next. Where the entry that answers it is on its way, the next of its kind: without signal the work goes on.
 */
export function nowIn(job: Job, picked: PickedMark | null, waiting: KeptEntry[]): Now {
  const mark = picked && !job.connectorFitted ? job.markOut?.marks.find((one) => isSameMark(picked, one)) : undefined
  if (mark) return { is: 'cut', mark }
  if (job.completion.complete) return { is: 'done' }
  const { task } = job.next
  if (task === null) return { is: job.next.step === 'record' ? 'done' : 'blocked' }
  if (task === 'cut') return cutNow(job, waiting)
  if (task === 'park') return { is: 'park' }
  if (task === 'connector') return { is: isWaiting(waiting, 'connector-fitted') ? 'kept' : 'connector' }
  return stageNow(job, waiting)
}

function cutNow(job: Job, waiting: KeptEntry[]): Now {
  const marks = job.markOut?.marks ?? []
  const { end, cut, core } = job.next
  const first = marks.findIndex((one) => one.end === end && one.cut === cut && one.core === core)
  const isSent = (mark: Mark) => waiting.some(({ event }) => event.kind === 'cut-measured' && isOfMark(event, mark))
  const open = marks.slice(Math.max(0, first)).find((mark, i) => (i === 0 || mark.recorded === null) && !isSent(mark))
  return open ? { is: 'cut', mark: open } : { is: 'kept' }
}

function stageNow(job: Job, waiting: KeptEntry[]): Now {
  const stage = job.stages?.find((one) => one.key === job.next.stage)
  if (!stage) return { is: 'blocked' }
  const { task, check, end, core, number } = job.next
  if (task === 'release') return isWaiting(waiting, 'hold-released') ? { is: 'kept' } : { is: 'release', stage }
  const first = stage.checks.findIndex(
    (one) => one.key === check && one.end === end && one.core === core && one.number === number,
  )
  const isOpen = (one: StageCheck) => !one.done && !isAnswered(one, stage, waiting)
  const open = stage.checks.slice(Math.max(0, first)).find(isOpen)
  if (task === 'check' && open) return { is: 'check', stage, check: open, looks: looksWith(open, stage.checks.filter(isOpen)) }
  return isWaiting(waiting, 'stage-finished') ? { is: 'kept' } : { is: 'finish', stage }
}

/** What was found not so has to be put right by itself. */
function looksWith(check: StageCheck, open: StageCheck[]): StageCheck[] {
  if (check.kind !== 'seen' || check.answer) return [check]
  return open.filter((one) => one.touch === check.touch && one.kind === 'seen' && one.answer === null)
}

const isWaiting = (waiting: KeptEntry[], kind: KeptEntry['event']['kind']): boolean =>
  waiting.some((one) => one.refused === null && one.event.kind === kind)

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
    case 'check':
      return ['check', now.stage.key, now.check.key, now.check.end, now.check.core, now.check.number].join()
    case 'finish':
    case 'release':
      return `${now.is},${now.stage.key}`
    default:
      return now.is
  }
}
