import { describe, expect, it } from 'vitest'
import { heightsPx, rowsFor, scaleOf, ticks, type Interval, type SectionShape } from './axis'

const layer = (key: string, end: 'A' | 'B', fromMm: number, toMm: number): Interval => ({
  key,
  name: key,
  end,
  fromMm,
  toMm,
  radiusMm: 10,
  standing: 'planned',
})
const section: SectionShape = {
  layers: [
    layer('oversheath', 'A', -400, -250),
    layer('conductor', 'A', -57, -3),
    layer('oversheath', 'B', 250, 400),
    layer('conductor', 'B', 3, 57),
  ],
  connector: { ...layer('connector', 'A', -52, 52), end: null },
  items: [
    { key: 'sleeve', name: 'sleeve', nature: 'tube', class: 'insulating', end: null, fromMm: -300, toMm: 300, outline: [] },
  ],
}

describe('the scale', () => {
  it('fits the whole section between its margins', () => {
    const scale = scaleOf(section, null, 840, 20)
    expect([scale.x(-400), scale.x(0), scale.x(400)]).toEqual([20, 420, 820])
  })
  it('shows one end up to a hand past its oversheath cut', () => {
    const scale = scaleOf(section, 'B', 390, 10)
    expect([scale.fromMm, scale.toMm]).toEqual([3, 310])
    expect(scaleOf(section, 'A', 390, 10).fromMm).toBe(-310)
  })
})

it('keeps a thin layer visible, the outermost at full height, and both ends alike', () => {
  const ring = (key: string, radiusMm: number) => ({ key, radiusMm })
  const heights = heightsPx(
    [ring('conductor', 5), ring('insulation', 9.8), ring('screen', 9.9), ring('sheath', 12), ring('sheath', 11.9)],
    96,
    5,
  )
  expect(heights.get('sheath')).toBe(96)
  expect((heights.get('screen') ?? 0) - (heights.get('insulation') ?? 0)).toBeGreaterThanOrEqual(4.9)
})

it('counts the tape from the datum, in the reader’s unit', () => {
  const scale = scaleOf(section, null, 840, 20)
  const labels = (unit: 'mm' | 'in') => ticks(scale, 3, 3, 400, unit).flatMap((tick) => tick.label ?? [])
  expect(labels('mm')).toEqual(['100', '200', '300'])
  expect(labels('in').slice(0, 3)).toEqual(['2', '4', '6'])
})

it('leaves numbers out where there is no room for all: none runs into its neighbour', () => {
  const long = { ...section, layers: [layer('oversheath', 'A', -1100, -1010), layer('conductor', 'A', -57, -3)] }
  const narrow = scaleOf(long, 'A', 390, 14)
  const numbered = ticks(narrow, -3, -1070, 0, 'mm').filter(({ label }) => label !== null)
  expect(numbered.map(({ label }) => label)).toEqual(['1000', '800', '600', '400', '200'])
  const gaps = numbered.slice(1).map(({ x }, i) => x - (numbered[i]?.x ?? 0))
  expect(Math.min(...gaps)).toBeGreaterThan(40)
})

it('moves a label that would overlap to a row of its own', () => {
  expect(
    rowsFor([
      { x: 100, width: 40 },
      { x: 120, width: 40 },
      { x: 170, width: 40 },
    ]),
  ).toEqual([0, 1, 0])
})
