import { expect, it } from 'vitest'
import { uuidv7 } from './uuid'

it('is a UUID of version 7 with its millisecond in front (RFC 9562, 5.7)', () => {
  // The example of RFC 9562, appendix A.6: 2022-02-22T14:22:22-05:00 is 0x017F22E279B0.
  const id = uuidv7(0x017f22e279b0)
  expect(id).toMatch(/^017f22e2-79b0-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/)
})

it('keeps the order in which they were made, also within one millisecond and when the clock goes back', () => {
  const now = 0x018000000000
  const made = Array.from({ length: 5000 }, (_, i) => uuidv7(i < 4500 ? now : now - 1000))
  expect([...made].sort()).toEqual(made)
  expect(new Set(made).size).toBe(5000)
})
