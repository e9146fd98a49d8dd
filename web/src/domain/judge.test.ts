import { expect, it } from 'vitest'
import cases from '../../../cases/judgements.json'
import { isFarFrom, judge, meantBy, slippedUnit } from './judge'
import { uuidv7 } from './uuid'

it.each(cases)('judges as the core does: $name', ({ value, uncertainty, min, max, verdict, margin }) => {
  const mm = (nanometres: number | null) => (nanometres === null ? null : nanometres / 1e6)
  expect(judge(value / 1e6, uncertainty / 1e6, mm(min), mm(max))).toEqual({ verdict, marginMm: margin / 1e6 })
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

it.each([
  ['the point one place too far left', '6.7', 'mm', 65, 69, ['67']],
  ['with a comma, as it was typed', '6,72', 'mm', 65, 69, ['67,2']],
  ['one place too far right', '672', 'mm', 65, 69, ['67.2']],
  ['the other unit', '2 5/8', 'mm', 65, 69, []],
  ['inches typed as millimetres', '2.625', 'mm', 65, 69, ['2.625 in']],
  ['millimetres typed as inches', '67', 'in', 65, 69, ['67 mm']],
  ['what lies inside', '67', 'mm', 65, 69, []],
  ['what nothing makes right', '40', 'mm', 65, 69, []],
  ['what has its unit', '6.7 mm', 'mm', 65, 69, []],
  ['a window that is open', '6.7', 'mm', 65, null, []],
] as const)('what was probably meant: %s', (_, typed, unit, min, max, meant) => {
  expect(meantBy(typed, unit, min, max)).toEqual(meant)
})
