import { describe, expect, it } from 'vitest'
import { drawingOf } from './plan'
import { openedOn } from './opened'
import type { Item, Layer, Lying, Section } from './state'

const layer = (key: string, end: 'A' | 'B', fromMm: number, toMm: number, radiusMm: number, perCore = true): Layer => ({
  ...{ key, name: key, end, fromMm, toMm, radiusMm, perCore },
  standing: 'planned',
})

const tube = (fromMm: number, toMm: number): Item => ({
  ...{ key: 'tube', name: 'tube', nature: 'tube', class: 'insulating', end: null, perCore: true, fromMm, toMm },
  ...{ stage: 1, offStage: null, madeOf: '', wallSaid: true, drawn: null },
  outline: [{ fromMm, toMm, insideMm: 10, outsideMm: 12 }],
})

const lying = (tubeFromMm: number): Lying => ({
  layers: [
    layer('oversheath', 'A', -500, -300, 40, false),
    layer('bedding', 'A', -300, -250, 30, false),
    layer('insulation', 'A', -250, -50, 10),
    layer('conductor', 'A', -50, -2, 5),
    layer('oversheath', 'B', 300, 500, 40, false),
    layer('insulation', 'B', 50, 300, 10),
    layer('conductor', 'B', 2, 50, 5),
  ],
  connector: { name: 'connector', fromMm: -45, toMm: 45, radiusMm: 8 },
  items: [tube(tubeFromMm, 200)],
  cuts: [],
})

const SECTION: Section = {
  ...lying(-200),
  core: 1,
  connectorStage: 0,
  otherCores: [
    { core: 2, lies: null },
    { core: 3, lies: { ...lying(-180), layers: lying(0).layers.filter((one) => one.perCore) } },
  ],
}

const drawn = (section: Section, stage: number | null = null) =>
  drawingOf(section, { left: 0, right: 1000, tops: [40, 40], height: 300, stage, range: [-500, 500], hasOthers: true })

describe('another core opened', () => {
  it('is what lies on it, and the one that was is seen from outside', () => {
    const third = openedOn(SECTION, 3)
    expect(third.core).toBe(3)
    expect(third.items[0]?.fromMm).toBe(-180)
    expect(third.layers).toEqual(SECTION.layers)
    expect(third.otherCores.map((one) => [one.core, one.lies?.items[0]?.fromMm])).toEqual([
      [1, -200],
      [2, -200],
    ])
  })

  it('leaves all where it lies where both are alike', () => {
    const second = openedOn(SECTION, 2)
    expect(second.items).toBe(SECTION.items)
    expect(second.otherCores.map((one) => [one.core, one.lies?.items[0]?.fromMm])).toEqual([
      [1, undefined],
      [3, -180],
    ])
    expect(openedOn(openedOn(SECTION, 3), 1)).toMatchObject({ core: 1, items: SECTION.items })
  })

  it('is the section itself where there is no other', () => expect(openedOn(SECTION, 7)).toBe(SECTION))
})

describe('the other cores', () => {
  it('lie one above the opened core and one below, each with what is on it, whole round its axis', () => {
    const { lanes, outside, bottom } = drawn(SECTION)
    const opened = lanes.find((one) => one.is === 'core')
    expect(outside.map((one) => one.core)).toEqual([2, 3])
    expect(outside[0]?.across.axisY).toBeLessThan(opened?.top ?? 0)
    expect(outside[1]?.across.axisY).toBeGreaterThan(opened?.across.axisY ?? Infinity)
    expect(bottom).toBeGreaterThan(outside[1]?.across.axisY ?? Infinity)
    const [second, third] = outside.map((one) => one.bodies.find((body) => body.key.startsWith('tube')))
    expect(third?.fromX).toBeGreaterThan(second?.fromX ?? Infinity)
    const axis = outside[0]?.across.axisY ?? 0
    const heights = [...(second?.d ?? '').matchAll(/ (-?[\d.]+)/g)].map((one) => Number(one[1]) - axis)
    expect(Math.max(...heights)).toBeCloseTo(-Math.min(...heights), 1)
  })

  it('hide what lies beneath: what goes on last is drawn last', () => {
    const keys = drawn(SECTION).outside[0]?.bodies.map((one) => one.key.split(' ')[0])
    expect(keys).toEqual(['conductor', 'conductor', 'insulation', 'insulation', 'connector', 'tube'])
    expect(drawn(SECTION, 0).outside[0]?.bodies.map((one) => one.key.split(' ')[0])).not.toContain('tube')
  })

  it('come out of the cable: the innermost layer runs back between them', () => {
    const { trunks, outside } = drawn(SECTION)
    expect(trunks.map((one) => one.key)).toEqual(['oversheath A', 'bedding A', 'oversheath B'])
    const curves = trunks.map((one) => [...one.d.matchAll(/Q/g)].length)
    expect(curves).toEqual([0, 2, 2])
    const backX = Number(/Q(-?[\d.]+)/.exec(trunks[1]?.d ?? '')?.[1])
    const edgeX = Number(/H(-?[\d.]+)V/.exec(trunks[1]?.d ?? '')?.[1])
    expect(backX).toBeLessThan(edgeX)
    expect(outside[0]?.nameX).toBeGreaterThan(edgeX)
  })

  it('are left out of small pictures', () => {
    const small = drawingOf(SECTION, { left: 0, right: 98, tops: [0, 2], height: 31, stage: null, range: null })
    expect(small).toMatchObject({ outside: [], trunks: [] })
    expect(small.lanes).toHaveLength(2)
  })
})
