import { useEffect, useRef, useState } from 'react'
import type { Job } from '../../api/types'
import { say } from '../../domain/sentence'
import { serverNow } from '../../engine/clock'
import { classes } from '../../ui/classes'
import { useUnit } from '../../ui/UnitContext'
import { clock, isShown, readAt, timersOf, type Reading, type Timer } from './timers'
import { useAwake } from './useAwake'
import { useAlarm } from './useAlarm'

/** The clocks that run on this job, all at once. */
export function Timers({ job }: { job: Job }) {
  const timers = timersOf(job)
  return timers.length === 0 ? null : <Running timers={timers} />
}

function Running({ timers }: { timers: Timer[] }) {
  const now = useNow()
  const isAwake = useAwake()
  const readings = timers.map((timer) => ({ timer, at: readAt(timer, now) })).filter(({ timer, at }) => isShown(timer, at))
  useRung(readings)
  if (readings.length === 0) return null
  return (
    <section aria-label="Clocks" className="grid gap-3">
      {readings.map(({ timer, at }) => (
        <Clock key={timer.key} timer={timer} at={at} />
      ))}
      {!isAwake && <p className="text-label text-mute">This device may fall asleep: the clocks go on, and nothing is heard.</p>}
    </section>
  )
}

const TONES: Record<Reading['state'], string> = {
  waits: 'text-plan',
  over: 'text-inside',
  'runs-out': 'text-unproved',
  late: 'text-out',
}

const BARS: Record<Reading['state'], string> = {
  waits: 'bg-plan',
  over: 'bg-inside',
  'runs-out': 'bg-unproved',
  late: 'bg-out',
}

function Clock({ timer, at }: { timer: Timer; at: Reading }) {
  const unit = useUnit()
  return (
    <div className="grid gap-1">
      <p className="flex items-baseline justify-between gap-4">
        <span className="font-semibold">{say(timer.name, unit)}</span>
        <span role="timer" className={classes('text-lead font-semibold', TONES[at.state])}>
          {clock(at.left)}
        </span>
      </p>
      <div aria-hidden="true" className="h-2.5 border border-ink">
        <div className={classes('h-full', BARS[at.state])} style={{ width: `${100 * at.part}%` }} />
      </div>
      <p className="text-label text-mute">{said(timer, at)}</p>
    </div>
  )
}

function said({ late }: Timer, { state }: Reading): string {
  if (state === 'waits') return 'still to wait'
  if (state === 'over') return 'since it could go on'
  return state === 'runs-out' ? 'left to go on in' : late
}

function useNow(): number {
  const [now, setNow] = useState(serverNow)
  useEffect(() => {
    const timer = window.setInterval(() => setNow(serverNow()), 1000)
    return () => window.clearInterval(timer)
  }, [])
  return now
}

/** Rings when a clock comes to its end; not for what was over when the page was opened. */
function useRung(readings: { timer: Timer; at: Reading }[]): void {
  const ring = useAlarm()
  const before = useRef(new Map<string, Reading['state']>())
  useEffect(() => {
    for (const { timer, at } of readings) {
      const was = before.current.get(timer.key)
      if (was !== undefined && was !== at.state) ring()
      before.current.set(timer.key, at.state)
    }
  })
}
