/** The time of day, as people say it. */
export const clock = (at: string): string => new Date(at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })

/** The day too, where it is not today. */
export function clockOrDay(at: string, now: Date = new Date()): string {
  const then = new Date(at)
  const isToday = then.toDateString() === now.toDateString()
  return isToday ? clock(at) : `${then.toLocaleDateString('en-GB', { day: 'numeric', month: 'short' })}, ${clock(at)}`
}

export const entriesWait = (count: number): string =>
  count === 0 ? 'nothing waits' : count === 1 ? 'an entry waits' : `${count} entries wait`

/** In the unit that people read sizes of files in: decimal, as the makers of devices count. */
export const sayBytes = (bytes: number): string =>
  bytes < 1_000_000
    ? `${Math.max(1, Math.round(bytes / 1000))} kB`
    : bytes < 1_000_000_000
      ? `${(bytes / 1_000_000).toFixed(1)} MB`
      : `${(bytes / 1_000_000_000).toFixed(1)} GB`
