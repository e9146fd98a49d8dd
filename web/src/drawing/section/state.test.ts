import { describe, expect, it } from 'vitest'
import { bodyPath, coresBody, itemBody } from './bodies'
import { axisMap } from './axisMap'
import { drawingOf, rangeOf } from './plan'
import { hasThreeCores, stateAfter, type Item, type Layer, type Section } from './state'

const layer = (key: string, end: 'A' | 'B', fromMm: number, toMm: number, radiusMm: number, perCore = true): Layer => ({
  key,
  name: key,
  end,
  fromMm,
  toMm,
  radiusMm,
  standing: 'planned',
  perCore,
})

const item = (key: string, fromMm: number, toMm: number, more: Partial<Item> = {}): Item => ({
  key,
  name: key,
  nature: 'tube',
  class: 'insulating',
  end: null,
  perCore: true,
  fromMm,
  toMm,
  stage: null,
  offStage: null,
  madeOf: '',
  wallSaid: true,
  drawn: null,
  outline: [{ fromMm, toMm, insideMm: 10, outsideMm: 12 }],
  ...more,
})

const cut = (end: 'A' | 'B', name: string, axisMm: number, stage: number) => ({
  end,
  cut: name,
  core: null,
  axisMm,
  plannedAxisMm: null,
  standing: 'planned' as const,
  stage,
})

const SECTION: Section = {
  layers: [
    layer('oversheath', 'A', -500, -300, 16),
    layer('insulation', 'A', -300, -50, 10),
    layer('conductor', 'A', -50, -2, 5),
    layer('oversheath', 'B', 300, 500, 16),
    layer('insulation', 'B', 50, 300, 10),
    layer('conductor', 'B', 2, 50, 5),
  ],
  connector: { name: 'connector', fromMm: -45, toMm: 45, radiusMm: 8 },
  core: 1,
  otherCores: [],
  connectorStage: 2,
  items: [item('marker', -320, -310, { stage: 1, offStage: 3 }), item('tube', -200, 200, { stage: 3 })],
  cuts: [
    cut('A', 'oversheath', -300, 0),
    cut('A', 'insulation', -50, 1),
    cut('B', 'oversheath', 300, 0),
    cut('B', 'insulation', 50, 1),
  ],
}

describe('the state after a stage', () => {
  const state = (stage: number | null) => {
    const { items, layers, hasConnector } = stateAfter(SECTION, stage)
    const edge = (key: string) => layers.find((one) => one.key === key && one.end === 'A')?.toMm
    return [items.map((one) => one.key), edge('oversheath'), edge('insulation'), hasConnector]
  }

  it('has what was cut and set by then, and nothing that comes later or came off', () => {
    expect(state(0)).toEqual([[], -300, -2, false])
    expect(state(1)).toEqual([['marker'], -300, -50, false])
    expect(state(2)).toEqual([['marker'], -300, -50, true])
    expect(state(3)).toEqual([['tube'], -300, -50, true])
    expect(state(null)).toEqual([['tube'], -300, -50, true])
  })
})

describe('bodies', () => {
  it('step down on the lower side of an edge, so that the edge beneath is covered', () => {
    const path = bodyPath(
      [
        { fromX: 0, toX: 100, y: 20 },
        { fromX: 100, toX: 200, y: 40 },
      ],
      { axisY: 90 },
    )
    expect(path).toBe('M0 90L0 20L100 20L116 40L200 40L200 90Z')
  })

  it('begin and end where they do, cut off at the edge of the drawing', () => {
    const map = axisMap([], [-100, 100], [0, 400], [-10, 10])
    const body = itemBody(SECTION.items[1] as Item, map, { axisY: 100, pxPerMm: 5 })
    expect(body?.d).toBe('M0 100L0 40L400 40L400 100Z')
    expect(
      itemBody(item('film', 0, 10, { outline: [{ fromMm: 0, toMm: 10, insideMm: 10, outsideMm: 10 }] }), map, {
        axisY: 100,
        pxPerMm: 5,
      }),
    ).toBeNull()
  })
})

describe('lanes', () => {
  const three: Section = {
    ...SECTION,
    layers: SECTION.layers.map((one) => ({ ...one, perCore: one.key !== 'oversheath' })),
    items: [
      item('sleeve', -350, 350, { perCore: false, outline: [{ fromMm: -350, toMm: 350, insideMm: 20, outsideMm: 22 }] }),
      item('tube', -200, 200),
    ],
  }
  const room = { left: 0, right: 1000, tops: [40, 60] as [number, number], height: 200, stage: null, range: null }

  it('are one where there is one core', () => {
    expect(hasThreeCores(SECTION)).toBe(false)
    expect(drawingOf(SECTION, room).lanes.map((one) => one.is)).toEqual(['core'])
  })

  it('are two where three cores lie in one cable: what goes round all, and what lies on each', () => {
    const { lanes, map } = drawingOf(three, room)
    expect(lanes.map((lane) => [lane.is, lane.items.map((one) => one.key)])).toEqual([
      ['cable', ['sleeve']],
      ['core', ['tube']],
    ])
    expect(lanes[0]?.bodies.map((one) => one.of)).toContain('cores')
    expect(coresBody(three.items.slice(0, 1), map, { axisY: 100, pxPerMm: 2 })?.d).toContain('60')
    expect(lanes[1]?.top).toBeGreaterThan(lanes[0]?.across.axisY ?? 0)
  })

  it('draw the conductor upon the connector, and the last that goes on first', () => {
    const order = drawingOf(SECTION, room).lanes[0]?.bodies.map((one) => one.key.split(' ')[0])
    expect(order).toEqual(['tube', 'oversheath', 'oversheath', 'insulation', 'insulation', 'connector', 'conductor', 'conductor'])
  })

  it('show all that lies on the cable and a hand’s breadth of sheath', () => {
    expect(rangeOf(SECTION)).toEqual([-390, 370])
  })
})
