import { describe, expect, it } from 'vitest'
import { axisMap } from './axisMap'

const CONNECTOR: [number, number] = [-50, 50]

describe('the axis', () => {
  it('is to one scale where all of it has room', () => {
    const map = axisMap([-200, 200], [-400, 400], [10, 1210], CONNECTOR)
    expect(map.breaks).toEqual([])
    expect(map.pxPerMm).toBeCloseTo(1.5)
    expect([map.x(-400), map.x(0), map.x(400)]).toEqual([10, 610, 1210])
  })

  it('leaves out long plain stretches, says how much, and keeps its scale elsewhere', () => {
    const map = axisMap([-1000, -300, -200, 200, 300, 1000], [-1100, 1100], [0, 1000], CONNECTOR)
    expect(map.breaks.length).toBeGreaterThan(0)
    const shown = 2200 - map.breaks.reduce((sum, one) => sum + one.leftOutMm, 0)
    expect(shown * map.pxPerMm + 14 * map.breaks.length).toBeCloseTo(1000)
    expect(map.x(250) - map.x(240)).toBeCloseTo(10 * map.pxPerMm)
    expect(map.x(1100)).toBeCloseTo(1000)
  })

  it('never breaks the connector, however long it is', () => {
    const map = axisMap([-200, 200], [-900, 900], [0, 500], [-200, 200])
    expect(map.x(200) - map.x(-200)).toBeCloseTo(400 * map.pxPerMm)
  })

  it('leads back from a pixel to its millimetre, also across a break', () => {
    const map = axisMap([-1000, -300, 300, 1000], [-1100, 1100], [0, 1000], CONNECTOR)
    for (const mm of [-1099, -990, -310, -20, 0, 35, 299, 320, 1050]) expect(map.mm(map.x(mm))).toBeCloseTo(mm, 6)
  })

  it('rises all the way', () => {
    const map = axisMap([-1000, -300, 300, 1000], [-1100, 1100], [0, 700], CONNECTOR)
    let last = -Infinity
    for (let mm = -1100; mm <= 1100; mm += 7) {
      expect(map.x(mm)).toBeGreaterThan(last)
      last = map.x(mm)
    }
  })
})
