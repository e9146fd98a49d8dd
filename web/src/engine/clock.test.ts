// @vitest-environment happy-dom
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { asServerTime, clockNow, forgetClock, hear, isWrong, jumpWasSeen, serverNow } from './clock'

const NOON = Date.parse('2026-03-14T12:00:00Z')
const MINUTE = 60_000
const at = (server: number) => new Date(server).toUTCString()

beforeEach(() => {
  localStorage.clear()
  forgetClock()
})
afterEach(() => vi.useRealTimers())

it('takes a clock that is a second off for right', () => {
  hear(at(NOON + 1000), NOON, NOON)
  expect(clockNow()).toEqual({ offsetMs: 0, jump: null })
})

it('knows by how much it is slow, and keeps it for when there is no answer', () => {
  hear(at(NOON + 12 * MINUTE), NOON, NOON)
  forgetClock()
  expect(Math.round(clockNow().offsetMs / MINUTE)).toBe(12)
  expect(isWrong(clockNow())).toBe(true)
  vi.useFakeTimers({ now: NOON })
  expect(Math.round((serverNow() - NOON) / MINUTE)).toBe(12)
  expect(asServerTime('2026-03-14T12:00:00Z')).toMatch(/^2026-03-14T12:12:00/)
})

it('takes the middle of an answer’s way, and says nothing of one that was long on it', () => {
  hear(at(NOON + 5000), NOON, NOON + 8000)
  expect(clockNow().offsetMs).toBe(0)
  hear(at(NOON + 12 * MINUTE), NOON, NOON + 11_000)
  hear(at(NOON + 12 * MINUTE), NOON, NOON - 1)
  hear(null, NOON, NOON)
  hear('noon', NOON, NOON)
  expect(clockNow().offsetMs).toBe(0)
})

it.each([
  ['ahead', 58],
  ['back', -58],
])('notices that it jumped %s, until somebody has looked', (_, minutes) => {
  hear(at(NOON), NOON, NOON)
  const jumped = NOON + minutes * MINUTE
  hear(at(NOON), jumped, jumped)
  expect(Math.round((clockNow().jump?.byMs ?? 0) / MINUTE)).toBe(minutes)
  hear(at(NOON + 1000), jumped + 1000, jumped + 1000)
  expect(clockNow().jump?.at).toBe(new Date(jumped).toISOString())
  jumpWasSeen()
  expect(clockNow().jump).toBeNull()
})

it('is no jump when the first answer ever comes, nor when it drifts', () => {
  hear(at(NOON), NOON + 58 * MINUTE, NOON + 58 * MINUTE)
  expect(clockNow().jump).toBeNull()
  hear(at(NOON), NOON + 58.5 * MINUTE, NOON + 58.5 * MINUTE)
  expect(clockNow().jump).toBeNull()
  expect(Math.round(clockNow().offsetMs / 1000)).toBe(-3509)
})
