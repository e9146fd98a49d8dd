import { useSyncExternalStore } from 'react'
import { clockNow, isWrong, jumpWasSeen, onClock } from '../engine/clock'
import { Button } from '../ui/Button'
import { Note } from '../ui/Note'

/** This device's clock is wrong, or was set: said where waits are counted. */
export function ClockNote() {
  const clock = useSyncExternalStore(onClock, clockNow)
  if (clock.jump)
    return (
      <Note
        tone="out"
        role="alert"
        title={`This device’s clock jumped ${clock.jump.byMs > 0 ? 'ahead' : 'back'} by ${howMuch(clock.jump.byMs)}.`}
      >
        <p>
          Noticed at {timeOf(clock.jump.at)}. Look in the record at when the last entries were done. Clocks here go by the
          server’s.
        </p>
        <Button onClick={jumpWasSeen}>I have looked</Button>
      </Note>
    )
  return isWrong(clock) ? (
    <Note
      tone="unproved"
      role="status"
      title={`This device’s clock is ${howMuch(clock.offsetMs)} ${clock.offsetMs > 0 ? 'slow' : 'fast'}.`}
    >
      Clocks here go by the server’s, and so does what is written down. Set this device right.
    </Note>
  ) : null
}

const timeOf = (at: string) => new Date(at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })

function howMuch(ms: number): string {
  const minutes = Math.round(Math.abs(ms) / 60_000)
  if (minutes < 120) return minutes === 1 ? 'a minute' : `${minutes} minutes`
  const hours = Math.round(minutes / 60)
  return hours < 48 ? `${hours} hours` : `${Math.round(hours / 24)} days`
}
