import { useEffect, useState } from 'react'
import { setUndoSeconds, undoSeconds, useHeld } from '../../api/outbox'
import { Button } from '../../ui/Button'

/** What the last touch wrote down, while it can still be undone: a glove touches what it did not mean. */
export function Undo({ jobId }: { jobId: string }) {
  const { held, undo, sendNow } = useHeld(jobId)
  const [first, ...others] = held
  const left = useSecondsTo(first?.heldUntil)
  if (!first || left <= 0) return null
  return (
    <div role="status" className="grid gap-2 border-2 border-ink p-3">
      <p>
        <strong className="font-semibold">{first.said}</strong>
        {others.length > 0 && ` and ${others.length} more`}
      </p>
      <div className="flex flex-wrap items-center gap-3">
        <Button onClick={undo}>Undo</Button>
        <Button kind="link" onClick={sendNow}>
          Write it down now
        </Button>
        <span className="text-label text-mute">else in {left} s</span>
      </div>
    </div>
  )
}

function useSecondsTo(until: string | undefined): number {
  const [now, setNow] = useState(() => Date.now())
  useEffect(() => {
    if (until === undefined) return
    const timer = window.setInterval(() => setNow(Date.now()), 500)
    return () => window.clearInterval(timer)
  }, [until])
  return until === undefined ? 0 : Math.ceil((Date.parse(until) - now) / 1000)
}

/** Whether this device waits before a touch is an entry. */
export function UndoChoice() {
  const [waits, setWaits] = useState(() => undoSeconds() > 0)
  const change = () => {
    setUndoSeconds(waits ? 0 : 10)
    setWaits(!waits)
  }
  return (
    <label className="flex min-h-11 items-center gap-3">
      <input type="checkbox" className="size-6 accent-ink" checked={waits} onChange={change} />
      <span className="text-label">A touch can be undone for ten seconds</span>
    </label>
  )
}
