import { describe, expect, it } from 'vitest'
import type { Item, Section } from './state'
import { isWallUnsaid, withWalls } from './walls'

const item = (key: string, fromMm: number, toMm: number, wallMm: number, nature: Item['nature'] = 'tube'): Item => ({
  ...{ key, name: key, nature, class: 'insulating', end: null, perCore: false, fromMm, toMm },
  ...{ stage: null, offStage: null, madeOf: '' },
  outline: [{ fromMm, toMm, insideMm: 10, outsideMm: 10 + wallMm }],
})
const section = (...items: Item[]): Section => ({
  layers: [
    {
      key: 'oversheath',
      name: 'oversheath',
      end: 'A',
      fromMm: -500,
      toMm: -300,
      radiusMm: 20,
      standing: 'planned',
      perCore: false,
    },
  ],
  connector: { name: 'connector', fromMm: -40, toMm: 40, radiusMm: 9 },
  ...{ connectorStage: null, cuts: [], items },
})
const drawn = (...items: Item[]) => withWalls(section(...items)).items

describe('a part whose wall is not said', () => {
  it('is drawn so thick that it is seen', () => {
    const [tube] = drawn(item('tube', -100, 100, 0))
    expect(tube?.outline).toEqual([{ fromMm: -100, toMm: 100, insideMm: 10, outsideMm: 10 + 0.7 }])
  })

  it('lifts what lies on it, where it lies on it', () => {
    const [, sleeve] = drawn(item('tube', -100, 100, 0), item('sleeve', -200, 200, 3))
    expect(sleeve?.outline.map((one) => [one.fromMm, one.toMm, one.insideMm, one.outsideMm])).toEqual([
      [-200, -100, 10, 13],
      [-100, 100, 10.7, 13.7],
      [100, 200, 10, 13],
    ])
  })

  it('is no wrap and no zone: those are as thick as they are', () => {
    expect(isWallUnsaid(item('abraded', 0, 75, 0, 'zone'))).toBe(false)
    expect(isWallUnsaid(item('tube', 0, 75, 0))).toBe(true)
    expect(isWallUnsaid(item('tube', 0, 75, 2))).toBe(false)
  })
})

it('is the section itself where every wall is said', () => {
  const said = section(item('tube', -100, 100, 2))
  expect(withWalls(said)).toBe(said)
})
