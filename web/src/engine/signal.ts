/** Whether the server answers, and since when it has not. */

const KEY = 'berm.no-signal-since'

let since = localStorage.getItem(KEY)
const listeners = new Set<() => void>()

/** By this device's clock; null: it answered last. */
export const lostSince = (): string | null => since

export const onSignal = (listener: () => void): (() => void) => {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

export const heard = (): void => set(null)

export const notHeard = (): void => set(since ?? new Date().toISOString())

function set(next: string | null): void {
  if (next === since) return
  since = next
  if (next === null) localStorage.removeItem(KEY)
  else localStorage.setItem(KEY, next)
  for (const listener of listeners) listener()
}
