import type { Job, StageCheck } from '../../api/types'

/** A wait whose clock runs: it ends by itself, however often the page is opened anew, for it is counted from when things were done. */
export type Timer = {
  key: string
  name: StageCheck['name']
  /** Null: it may take any time. */
  leastSeconds: number | null
  mostSeconds: number | null
  since: number
  mend: string
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
              mend: check.mend,
            },
          ]
        : [],
    ),
  )
  return timers.toSorted((one, other) => endOf(one) - endOf(other))
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

/** "12:05", "1:02:05". */
export function clock(seconds: number): string {
  const whole = Math.floor(Math.abs(seconds))
  const two = (value: number) => String(value).padStart(2, '0')
  const [hours, minutes] = [Math.floor(whole / 3600), Math.floor(whole / 60) % 60]
  return hours > 0 ? `${hours}:${two(minutes)}:${two(whole % 60)}` : `${minutes}:${two(whole % 60)}`
}
