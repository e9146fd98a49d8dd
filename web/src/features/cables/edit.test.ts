import { describe, expect, it } from 'vitest'
import type { Draft, Job, Reading } from '../../api/types'
import {
  nextSpot,
  waitedFor,
  withCable,
  withCondition,
  withField,
  withReading,
  withSight,
  withWeather,
  withoutReading,
} from './edit'

const reading = (typed: string, place?: number, axis?: 0 | 90): Reading => ({
  typed,
  unit: 'mm',
  instrument: 'caliper',
  ...(place === undefined ? {} : { place, axis: axis ?? 0 }),
})
const empty = { ends: {} } as unknown as Draft

describe('a change makes a new plan and leaves the old one as it was', () => {
  it('a reading goes behind those before it, at its own layer and end', () => {
    const one = withReading(empty, 'A', 'insulation', reading('19.4'))
    const two = withReading(withReading(one, 'A', 'insulation', reading('19.6')), 'B', 'oversheath', reading('25'))
    expect(two.ends['A']?.readings?.['insulation']?.map(({ typed }) => typed)).toEqual(['19.4', '19.6'])
    expect(two.ends['B']?.readings).toEqual({ oversheath: [reading('25')] })
    expect(one.ends['A']?.readings?.['insulation']).toHaveLength(1)
    expect(empty.ends).toEqual({})
  })
  it('takes out the one reading that was meant', () => {
    const two = withReading(withReading(empty, 'A', 'insulation', reading('1')), 'A', 'insulation', reading('2'))
    expect(withoutReading(two, 'A', 'insulation', 0).ends['A']?.readings?.['insulation']).toEqual([reading('2')])
  })
  it('another cable keeps what was measured', () => {
    const measured = withReading(empty, 'A', 'insulation', reading('19.4'))
    expect(withCable(measured, 'A', { id: 'x', revision: 2 }).ends['A']).toMatchObject({
      cable: { id: 'x', revision: 2 },
      readings: { insulation: [reading('19.4')] },
    })
  })
  it('what nobody knows any more is absent, not empty', () => {
    const said = withSight(withField(withCondition(empty, 'A', 'strands-dry', 'yes'), 'A', 'position', 'north'), 'A', 'cores', {
      cores: 3,
    })
    const back = withSight(withField(withCondition(said, 'A', 'strands-dry', null), 'A', 'position', null), 'A', 'cores', {})
    expect(said.ends['A']).toMatchObject({ conditions: { 'strands-dry': 'yes' }, position: 'north', seen: { cores: 3 } })
    expect(back.ends['A']).toMatchObject({ conditions: {}, seen: {} })
    expect(back.ends['A']).not.toHaveProperty('position')
    expect(withWeather(withWeather(empty, 'humidity', 60), 'humidity', null).weather).toEqual({})
  })
})

it.each([
  ['the first', [], { place: 1, axis: 0 }],
  ['across it', [reading('1', 1, 0)], { place: 1, axis: 90 }],
  ['the next place', [reading('1', 1, 0), reading('1', 1, 90)], { place: 2, axis: 0 }],
  ['after one whose place nobody said', [reading('1', 2, 0), reading('1')], { place: 2, axis: 90 }],
  ['no place beyond the ninth', [reading('1', 9, 90)], { place: 9, axis: 0 }],
] as const)('the next reading goes to %s', (_, readings, spot) => {
  expect(nextSpot([...readings])).toEqual(spot)
})

it('asks for the layers that the kit waits for at that end', () => {
  const finding = (end: string, measure: string | null) => ({ end, measure })
  const findings = [finding('A', 'insulation'), finding('B', 'oversheath'), finding('A', null), finding('A', 'oversheath')]
  expect(waitedFor({ fit: { kit: { findings } } } as unknown as Job, 'A')).toEqual(['insulation', 'oversheath'])
  expect(waitedFor({ fit: { kit: null } } as unknown as Job, 'A')).toEqual([])
})
