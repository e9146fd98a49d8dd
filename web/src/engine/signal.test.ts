// @vitest-environment happy-dom
import { beforeEach, expect, it, vi } from 'vitest'

beforeEach(() => {
  localStorage.clear()
  vi.resetModules()
})

const NOON = new Date('2026-03-14T12:00:00Z')

it('knows since when nobody has answered, through a page that is opened anew, until somebody answers', async () => {
  vi.useFakeTimers({ now: NOON })
  const first = await import('./signal')
  const told: (string | null)[] = []
  first.onSignal(() => told.push(first.lostSince()))
  expect(first.lostSince()).toBeNull()
  first.notHeard()
  vi.setSystemTime(new Date('2026-03-14T12:30:00Z'))
  first.notHeard()
  expect(told).toEqual([NOON.toISOString()])
  vi.resetModules()
  const again = await import('./signal')
  expect(again.lostSince()).toBe(NOON.toISOString())
  again.heard()
  expect([again.lostSince(), localStorage.length]).toEqual([null, 0])
  vi.useRealTimers()
})
