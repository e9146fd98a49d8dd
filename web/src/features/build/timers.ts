import type { Job, StageCheck } from '../../api/types'

/** A wait whose clock runs: it ends by itself, however often the page is opened anew, for it is counted from when things were done. */
export type Timer = {
  key: string
  name: StageCheck['name']
  /** Null: it may take any time. */
  leastSeconds: number | null
  mostSeconds: number | null
  since: number
  /** What is said once it is too late. */
  late: string
  /** Seconds left from which on it is shown; null: always. */
  shownFrom: number | null
}

export type Reading = {
  /** To be waited, or left until it is too late; below zero once that is past. */
  left: number
  /** From 0 to 1: how much of it has passed. */
  part: number
  state: 'waits' | 'over' | 'runs-out' | 'late'
}

/** Every wait of the job that runs now, the one that ends first on top. */
export function timersOf(job: Job): Timer[] {
  const timers = (job.stages ?? []).flatMap((stage) =>
    stage.checks.flatMap((check): Timer[] =>
      check.kind === 'wait' && !check.done && check.countedFrom !== null
        ? [
            {
              key: [stage.key, check.key, check.end, check.core].join(),
              name: check.ask,
              leastSeconds: check.leastSeconds,
              mostSeconds: check.mostSeconds,
              since: Date.parse(check.countedFrom),
              late: `too long ago. ${check.mend}`,
              shownFrom: null,
            },
          ]
        : [],
    ),
  )
  return [...timers, ...permitOf(job), ...outageOf(job)].toSorted((one, other) => endOf(one) - endOf(other))
}

const LAST_HOUR = 3600

/** Until the permit ends: in its last hour. */
function permitOf({ safety, completion }: Job): Timer[] {
  if (!safety?.endsAt || completion.done) return []
  const since = Date.parse(safety.confirmedAt)
  return [
    {
      key: 'permit',
      name: { template: 'Permit {permit} ends', values: { permit: { text: safety.permit } } },
      leastSeconds: null,
      mostSeconds: (Date.parse(safety.endsAt) - since) / 1000,
      since,
      late: 'past its end. Stop: leave it safe, and have it confirmed anew.',
      shownFrom: LAST_HOUR,
    },
  ]
}

const LAST_HOURS = 3 * LAST_HOUR

/** Until the cable goes into service again: in the last three hours, since what is begun has to be finished or made safe in them. */
function outageOf({ draft, safety, completion }: Job): Timer[] {
  if (!draft.outageEnds || completion.done) return []
  const end = Date.parse(draft.outageEnds)
  const since = safety ? Math.min(Date.parse(safety.confirmedAt), end) : end - 1000 * LAST_HOURS
  return [
    {
      key: 'outage',
      name: { template: 'Outage ends', values: {} },
      leastSeconds: null,
      mostSeconds: (end - since) / 1000,
      since,
      late: 'past its end. Tell the control room; nothing goes live before you are off the cable.',
      shownFrom: LAST_HOURS,
    },
  ]
}

const endOf = ({ since, leastSeconds, mostSeconds }: Timer): number => since + 1000 * (leastSeconds ?? mostSeconds ?? 0)

/** How it stands at a moment. What must be waited for comes before what runs out. */
export function readAt({ since, leastSeconds, mostSeconds }: Timer, now: number): Reading {
  const passed = Math.max(0, (now - since) / 1000)
  const least = leastSeconds ?? 0
  if (passed < least) return { left: least - passed, part: passed / least, state: 'waits' }
  if (mostSeconds === null) return { left: least - passed, part: 1, state: 'over' }
  const left = mostSeconds - passed
  return { left, part: Math.min(1, passed / mostSeconds), state: left < 0 ? 'late' : 'runs-out' }
}

/** What has long to go is not looked at yet. */
export const isShown = ({ shownFrom }: Timer, { left }: Reading): boolean => shownFrom === null || left < shownFrom

/** "12:05", "1:02:05". */
export function clock(seconds: number): string {
  const whole = Math.floor(Math.abs(seconds))
  const two = (value: number) => String(value).padStart(2, '0')
  const [hours, minutes] = [Math.floor(whole / 3600), Math.floor(whole / 60) % 60]
  return hours > 0 ? `${hours}:${two(minutes)}:${two(whole % 60)}` : `${minutes}:${two(whole % 60)}`
}
