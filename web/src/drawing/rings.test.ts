import { expect, it } from 'vitest'
import { coreMiddles, labelRows, measuredSide, sectorPath } from './rings'

it('lays three cores so that each touches the two others', () => {
  const [a, b, c] = coreMiddles(3, 20)
  const apart = (one?: { x: number; y: number }, other?: { x: number; y: number }) =>
    Math.hypot((one?.x ?? 0) - (other?.x ?? 0), (one?.y ?? 0) - (other?.y ?? 0))
  expect([apart(a, b), apart(b, c), apart(c, a)].map((mm) => mm.toFixed(6))).toEqual(['20.000000', '20.000000', '20.000000'])
})

it('puts a single core in the middle', () => {
  expect(coreMiddles(1, 20)).toEqual([{ x: 0, y: 0 }])
})

it('draws a sector inside its third of the circle', () => {
  const numbers =
    sectorPath(30, 4)
      .match(/-?\d+(\.\d+)?/g)
      ?.map(Number) ?? []
  expect(Math.max(...numbers.map(Math.abs))).toBeLessThanOrEqual(30)
  expect(sectorPath(30, 0)).toContain('M0 0.00L')
})

it('spreads labels evenly round the middle', () => {
  expect(labelRows(3, 100, 30)).toEqual([70, 100, 130])
})

it('moves what is not measured along with what was measured beneath it', () => {
  const ring = (nominalMm: number, measuredMm: number | null) => ({ layer: 'x', nominalMm, measuredMm })
  expect(measuredSide([ring(10, null), ring(20, 18), ring(22, null), ring(30, 31)])).toEqual([10, 18, 20, 31])
})
