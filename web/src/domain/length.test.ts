import { describe, expect, it } from 'vitest'
import cases from '../../../cases/length-texts.json'
import { formatInchFraction, formatInches, formatMm, readLength, readReading, type Unit } from './length'

describe('reading what a person typed', () => {
  it.each(cases)('$name: $text', ({ text, unit, nanometres, fault }) => {
    expect(readLength(text, unit as Unit)).toEqual(fault === undefined ? { nanometres } : { fault })
  })
})

describe('writing a length', () => {
  it('drops zeros that say nothing', () => {
    expect([formatMm(57), formatMm(57.5), formatMm(57.25), formatMm(100), formatMm(0), formatMm(-3)]).toEqual([
      '57',
      '57.5',
      '57.3',
      '100',
      '0',
      '-3',
    ])
  })
  it('shows inches as a tape does, in lowest terms', () => {
    expect([57, 25.4, 11.1125, 343, -3].map((mm) => formatInchFraction(mm))).toEqual(['2 1/4', '1', '7/16', '13 1/2', '-1/8'])
  })
  it('keeps the zeros that a caliper shows', () => {
    expect(formatInches(25.4)).toBe('1.000')
  })
})

describe('a reading', () => {
  it('is never nought', () => {
    expect([readReading('0', 'mm', '.'), readReading('0.00 in', 'mm', '.')]).toEqual([{ fault: 'zero' }, { fault: 'zero' }])
    expect(readLength('0', 'mm')).toEqual({ nanometres: 0 })
  })
  it('with a point and three digits is asked about where the decimal sign is a comma, and only there', () => {
    expect(readReading('1.234', 'mm', ',')).toEqual({ fault: 'two-separators' })
    expect(readReading('1.234', 'mm', '.')).toEqual({ nanometres: 1_234_000 })
    expect([readReading('0.875', 'in', ','), readReading('1.23', 'mm', ','), readReading('1.2345', 'in', ',')]).toEqual([
      { nanometres: 22_225_000 },
      { nanometres: 1_230_000 },
      { nanometres: 31_356_300 },
    ])
  })
})
