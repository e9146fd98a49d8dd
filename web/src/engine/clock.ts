/**
 * This device's clock beside the server's. Waits are counted from moments that the server knows, so a clock that is wrong would count them wrong: how far it
 * is off is told by every answer, and kept for when there is none.
 */

const KEY = 'berm.clock'
const A_SECOND = 1000
/** More than an answer on its way and whole seconds in its head can make of it. */
const WRONG_MS = 60 * A_SECOND
/** An answer that was longer on its way says nothing of the clock. */
const SLOWEST_MS = 10 * A_SECOND

export type Clock = {
  /** The server's clock less this device's. */
  offsetMs: number
  /** It was set, or jumped: by how much, and when by this device's clock; null where it did not, or somebody has looked. */
  jump: { byMs: number; at: string } | null
}

const RIGHT: Clock = { offsetMs: 0, jump: null }

let known: Clock | null = null
const listeners = new Set<() => void>()

export function clockNow(): Clock {
  return (known ??= kept())
}

/** What time it is for the server. */
export const serverNow = (): number => Date.now() + clockNow().offsetMs

/** A moment that somebody read off this device's clock, as the server would tell it. */
export const asServerTime = (local: string): string => new Date(Date.parse(local) + clockNow().offsetMs).toISOString()

/** Whether it is so wrong that people should set it right. */
export const isWrong = ({ offsetMs }: Clock): boolean => Math.abs(offsetMs) > WRONG_MS

/** An answer tells when it was made. @param date its head, in whole seconds */
export function hear(date: string | null, askedAt: number, heardAt: number): void {
  const server = date === null ? NaN : Date.parse(date)
  const onItsWay = heardAt - askedAt
  if (Number.isNaN(server) || onItsWay < 0 || onItsWay > SLOWEST_MS) return
  const exact = server + A_SECOND / 2 - (askedAt + heardAt) / 2
  const offsetMs = Math.abs(exact) < 2 * A_SECOND ? 0 : Math.round(exact)
  const before = localStorage.getItem(KEY) === null ? null : clockNow()
  const byMs = before ? before.offsetMs - offsetMs : 0
  if (before && Math.abs(byMs) < 2 * A_SECOND) return
  keep({ offsetMs, jump: Math.abs(byMs) > WRONG_MS ? { byMs, at: new Date(heardAt).toISOString() } : (before?.jump ?? null) })
}

/** Somebody has looked at what was written down around the jump. */
export const jumpWasSeen = (): void => keep({ ...clockNow(), jump: null })

export function onClock(listener: () => void): () => void {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/** As if the page were opened anew. */
export const forgetClock = (): void => {
  known = null
}

function keep(clock: Clock): void {
  known = clock
  localStorage.setItem(KEY, JSON.stringify(clock))
  listeners.forEach((listener) => listener())
}

function kept(): Clock {
  const text = localStorage.getItem(KEY)
  return text === null ? RIGHT : (JSON.parse(text) as Clock)
}
