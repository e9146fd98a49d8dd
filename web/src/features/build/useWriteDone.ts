import { useWrite, useWriteTouch } from '../../api/outbox'
import type { LogEvent } from '../../api/types'
import { asServerTime } from '../../engine/clock'
import { useTyped } from '../../engine/typed'

/** When what is written down on a job was done, by this device's own clock; empty where it is done now. Kept for this tab. */
export const useToldTime = (jobId: string): [string, (at: string) => void] => useTyped(`${jobId}.done-at`)

/** Writes down work that was done: now, or when somebody says that it was. */
export function useWriteDone(jobId: string): (event: LogEvent, said: string) => void {
  const write = useWrite(jobId)
  const [at] = useToldTime(jobId)
  return (event, said) => write(event, said, at === '' ? null : asServerTime(at))
}

/** The same of what one touch does: it can be undone for a while. */
export function useTouch(jobId: string): (made: { event: LogEvent; said: string }[]) => void {
  const write = useWriteTouch(jobId)
  const [at] = useToldTime(jobId)
  return (made) => write(made, at === '' ? null : asServerTime(at))
}
