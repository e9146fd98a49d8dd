import { expect, it } from 'vitest'
import { isTemperature, sayTemperature, withTemperatureUnit } from './temperature'

it('says a temperature in the reader’s own degrees', () => {
  expect([sayTemperature(12.5, 'mm'), sayTemperature(0, 'in'), sayTemperature(-40, 'in')]).toEqual(['12.5 °C', '32 °F', '-40 °F'])
})

it.each([
  ['12', true],
  ['-3,5 °C', true],
  ['54F', true],
  ['warm', false],
  ['', false],
  ['12 mm', false],
])('tells whether "%s" can be a temperature', (text, isOne) => {
  expect(isTemperature(text)).toBe(isOne)
})

it('adds the unit that was not typed', () => {
  expect([withTemperatureUnit('12', 'mm'), withTemperatureUnit('54', 'in'), withTemperatureUnit('12 °C', 'in')]).toEqual([
    '12 °C',
    '54 °F',
    '12 °C',
  ])
})
