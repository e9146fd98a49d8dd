import { describe, expect, it } from 'vitest'
import { rowsOf } from './sizeRows'

const range = { min: '1 mm', max: '2 mm' }
const size = {
  label: 'M',
  conductor: { min: '70 mm²', max: '150 mm²' },
  insulation: range,
  oversheath: range,
  connectorDiameter: range,
  connectorLength: range,
  dimensions: { clear_insulation: '108 mm' },
  parts: { tube: { length: '400 mm', expandedBore: '38 mm', recoveredBore: '12 mm' } },
}
const sheet = { parts: [{ key: 'tube', name: 'Stress tube' }] }
const there = (sizes: (typeof size & object)[]) => rowsOf(sizes, sheet).filter((row) => row.isThere)

describe('the table of sizes', () => {
  it('has a row for each figure that a size must have, headed as the leaflet heads it', () => {
    const names = there([size]).map((row) => `${row.heading}: ${row.title}`)
    expect(names).toContain(': Size')
    expect(names).toContain('Conductor: From')
    expect(names).toContain('Over the insulation: To')
    expect(names).toContain('Part: Stress tube: Bore, recovered')
    expect(names).toContain('Dimensions of its own, for the formulas: clear insulation')
  })
  it('leaves out what no size has, and knows that it could be had', () => {
    expect(there([size]).some((row) => row.path.at(-1) === 'wall')).toBe(false)
    expect(rowsOf([size], sheet).some((row) => row.path.join('.') === 'parts.tube.wall' && !row.isThere)).toBe(true)
  })
  it('shows a figure as soon as one of the sizes has it', () => {
    const walled = { ...size, label: 'L', parts: { tube: { ...size.parts.tube, wall: '4 mm' } } }
    expect(there([size, walled]).some((row) => row.path.join('.') === 'parts.tube.wall')).toBe(true)
  })
  it('asks for both ends of a range once it is begun', () => {
    const leaded = { ...size, leadSheath: { min: '' } }
    expect(there([leaded]).map((row) => row.path.join('.'))).toEqual(expect.arrayContaining(['leadSheath.min', 'leadSheath.max']))
  })
  it('of the second edition has the stock that differs from size to size, with how its length changes', () => {
    const second = { edition: 2, stock: [{ key: 'tube', name: 'Stress tube' }] }
    const one = { ...size, parts: {}, stock: { tube: { length: '400 mm', change: { percent: -5 } } } }
    const rows = rowsOf([one], second).filter((row) => row.path[0] === 'stock')
    const names = rows.filter((row) => row.isThere).map((row) => `${row.heading}: ${row.title}`)
    expect(names).toContain('Stock: Stress tube: Length as supplied')
    expect(names).toContain('Stock: Stress tube: Its length changes as it shrinks: By, %')
    expect(rows.find((row) => row.path.join('.') === 'stock.tube.wall')?.isThere).toBe(false)
  })
})
