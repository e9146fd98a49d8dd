import { useEffect, useState } from 'react'
import type { StageCheck } from '../../api/types'
import { serverNow } from '../../engine/clock'
import { Button } from '../../ui/Button'

const clock = (seconds: number): string => `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`

/** How long it has been since the other stage was finished; the server takes the time from the log. */
export function WaitClock({ check, onDone }: { check: StageCheck; onDone: () => void }) {
  const [now, setNow] = useState(serverNow)
  useEffect(() => {
    const timer = window.setInterval(() => setNow(serverNow()), 1000)
    return () => window.clearInterval(timer)
  }, [])
  const passed = check.countedFrom ? Math.max(0, (now - Date.parse(check.countedFrom)) / 1000) : 0
  const left = (check.leastSeconds ?? 0) - passed
  return (
    <div className="grid gap-3">
      <p role="timer" className="text-entry">
        {clock(passed)}
        {left > 0 && <span className="text-mute"> – {clock(left)} to go</span>}
      </p>
      <Button kind="primary" disabled={left > 0} onClick={onDone}>
        {check.leastSeconds ? 'The time is over' : 'It goes on now'}
      </Button>
    </div>
  )
}
