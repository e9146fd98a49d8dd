import { describe, expect, it } from 'vitest'
import { at, moved, pathOf, pathText, put, readObject } from './json'

const sheet = { sizes: [{ label: 'S', insulation: { min: '17 mm' } }, { label: 'M' }], name: 'Joint' }

describe('places in a document', () => {
  it('are named as the server names them', () => {
    expect(pathText(['sizes', 2, 'insulation', 'min'])).toBe('sizes[2].insulation.min')
    expect(pathText([])).toBe('')
  })
  it('are read as the server names them', () => {
    for (const path of ['sizes[2].insulation.min', 'name', 'stages[0].steps[11].check.max'])
      expect(pathText(pathOf(path))).toBe(path)
    expect(pathOf('sizes[2].label')).toEqual(['sizes', 2, 'label'])
    expect(pathOf('')).toEqual([])
  })
  it('hold what stands there, or nothing', () => {
    expect(at(sheet, ['sizes', 0, 'insulation', 'min'])).toBe('17 mm')
    expect(at(sheet, ['sizes', 7, 'insulation'])).toBeUndefined()
    expect(at(sheet, ['name', 'first'])).toBeUndefined()
  })
})

describe('a change', () => {
  it('leaves everything else as it was', () => {
    const next = put(sheet, ['sizes', 1, 'label'], 'L')
    expect(next).toEqual({ ...sheet, sizes: [sheet.sizes[0], { label: 'L' }] })
    expect(at(next, ['sizes', 0])).toBe(sheet.sizes[0])
  })
  it('makes what is missing on its way', () => {
    expect(put({}, ['cuts', 0, 'cases', 0, 'distance'], '44 mm')).toEqual({ cuts: [{ cases: [{ distance: '44 mm' }] }] })
  })
  it('takes out keys and items', () => {
    expect(put(sheet, ['name'], undefined)).toEqual({ sizes: sheet.sizes })
    expect(put(sheet, ['sizes', 0], undefined)).toEqual({ ...sheet, sizes: [{ label: 'M' }] })
  })
  it('keeps the order of keys', () => {
    expect(Object.keys(put({ b: 1, a: 2 }, ['b'], 3) as object)).toEqual(['b', 'a'])
  })
})

describe('moving an item', () => {
  it('exchanges it with its neighbour', () => {
    expect(moved({ list: [1, 2, 3] }, ['list'], 2, -1)).toEqual({ list: [1, 3, 2] })
  })
  it('does nothing past the ends', () => {
    expect(moved({ list: [1, 2] }, ['list'], 1, 1)).toEqual({ list: [1, 2] })
  })
})

describe('a text', () => {
  it('is an object or nothing', () => {
    expect(readObject('{"a": 1}')).toEqual({ a: 1 })
    expect(readObject('[1]')).toBeNull()
    expect(readObject('{"a": ')).toBeNull()
  })
})
