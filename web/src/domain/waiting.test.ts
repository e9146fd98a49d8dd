import { expect, it } from 'vitest'
import { clockOrDay, entriesWait, sayBytes } from './waiting'

it('says sizes in the unit that makers of devices count in', () => {
  expect([300, 82_400, 999_499, 1_234_567, 10_739_000_000].map(sayBytes)).toEqual([
    '1 kB',
    '82 kB',
    '999 kB',
    '1.2 MB',
    '10.7 GB',
  ])
})

it('counts what waits as people do', () => {
  expect([0, 1, 17].map(entriesWait)).toEqual(['nothing waits', 'an entry waits', '17 entries wait'])
})

it('tells the day only where it is another', () => {
  const now = new Date(2026, 10, 28, 15, 0)
  expect(clockOrDay(new Date(2026, 10, 28, 9, 5).toISOString(), now)).toBe('09:05')
  expect(clockOrDay(new Date(2026, 10, 27, 23, 59).toISOString(), now)).toBe('27 Nov, 23:59')
})
