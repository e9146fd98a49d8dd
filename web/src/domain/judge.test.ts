import { expect, it } from 'vitest'
import { isFarFrom, judge, slippedUnit } from './judge'
import { uuidv7 } from './uuid'

it.each([
  ['a nanometre below the lower limit', 56.999999, 0, 'out', -0.000001],
  ['on the limit, known exactly', 57, 0, 'inside', 0],
  ['nearer to the limit than the rule can tell', 57.4, 0.5, 'not-proved', 0.4],
  ['inside by just the uncertainty', 57.5, 0.5, 'inside', 0.5],
  ['beyond the upper limit', 58.2, 0.5, 'out', -0.2],
] as const)('%s', (_, value, uncertainty, verdict, margin) => {
  expect(judge(value, uncertainty, 57, 58)).toEqual({ verdict, marginMm: margin })
})

it('makes ids in the order of time, marked as version 7', () => {
  const ids = [uuidv7(1_700_000_000_000), uuidv7(1_700_000_000_001), uuidv7(1_800_000_000_000)]
  expect([...ids].sort()).toEqual(ids)
  expect(ids[0]).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/)
})

it.each([
  ['inches typed as millimetres', 0.77, 'in'],
  ['millimetres typed as inches', 19.5 * 25.4, 'mm'],
  ['a reading that fits', 19.5, null],
  ['a reading that fits in neither', 40, null],
] as const)('%s', (_, value, unit) => {
  expect(slippedUnit(value, 17.5, 21.6)).toBe(unit)
})

it.each([
  ['the first one', 99, [], false],
  ['1 mm from a thin one', 11, [10], false],
  ['a little more', 11.1, [10], true],
  ['below as above', 8.9, [10], true],
  ['a twentieth of a thick one', 42, [40], false],
  ['more than a twentieth', 42.1, [40, 40], true],
] as const)('far apart: %s', (_, value, others, is) => {
  expect(isFarFrom(value, [...others])).toBe(is)
})
