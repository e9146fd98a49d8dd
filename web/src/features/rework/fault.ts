import type { Job, Mark, StageCheck } from '../../api/types'
import type { Fault } from '../../api/ways'
import { sayFine, type Unit } from '../../domain/length'
import { say } from '../../domain/sentence'
import { isOfMark, markName, sayRecorded } from '../../views/cuts'

/** What is out, as the job has it now; null: it is gone, or was never there. */
export type Found =
  | { is: 'cut'; mark: Mark & { recorded: NonNullable<Mark['recorded']> } }
  | { is: 'check'; stage: string; check: StageCheck & { answer: NonNullable<StageCheck['answer']> } }

export function foundIn(job: Job, fault: Fault): Found | null {
  if ('cut' in fault) {
    const mark = job.markOut?.marks.find((one) => isOfMark(fault, one))
    return mark?.recorded ? { is: 'cut', mark: { ...mark, recorded: mark.recorded } } : null
  }
  const check = job.stages
    ?.find((one) => one.key === fault.stage)
    ?.checks.find(
      (one) =>
        one.key === fault.check &&
        (one.end ?? undefined) === fault.end &&
        (one.core ?? undefined) === fault.core &&
        (one.number ?? undefined) === fault.number,
    )
  return check?.answer ? { is: 'check', stage: fault.stage, check: { ...check, answer: check.answer } } : null
}

/** "Insulation, end A: cut 3 mm too far", and what was read. */
export function sayFound(found: Found, unit: Unit): { title: string; reading: string } {
  if (found.is === 'check') {
    return {
      title: say(found.check.ask, unit),
      reading: `${say(found.check.answer.sentence, unit)}${found.check.limits ? ` Asked for: ${say(found.check.limits, unit)}.` : ''}`,
    }
  }
  const { mark } = found
  const by = sayFine(Math.abs(mark.recorded.judgement.marginMm), unit)
  return {
    title: `${markName(mark, unit)}, end ${mark.end}: ${by} ${mark.recorded.tooLong ? 'too far' : 'short'}`,
    reading: `Measured ${sayRecorded(mark.recorded, unit)} by ${mark.recorded.byWhat}.${mark.recorded.advice ? ` ${say(mark.recorded.advice, unit)}` : ''}`,
  }
}

/** Why something is done about it, for the record. */
export function reasonOf(found: Found, unit: Unit): string {
  const { title, reading } = sayFound(found, unit)
  return `${title}. ${reading}`.slice(0, 400)
}
