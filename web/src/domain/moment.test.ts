import { expect, it } from 'vitest'
import { sayMoment } from './moment'

it('says day, month by name, and the minute', () => {
  expect(sayMoment(new Date(2026, 2, 14, 9, 5, 59))).toBe('14 Mar 2026, 09:05')
  expect(sayMoment(new Date(2026, 11, 31, 23, 59).toISOString())).toBe('31 Dec 2026, 23:59')
})
