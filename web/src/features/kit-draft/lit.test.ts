import { describe, expect, it } from 'vitest'
import { pathOf, type JsonObject } from '../../domain/json'
import { itemAt } from './lit'

const SHEET: JsonObject = {
  stock: [{ key: 'tube-stock' }, { key: 'wipes' }],
  items: [{ key: 'marker' }, { key: 'tube', of: 'tube-stock', rules: [{ rule: 'laps' }] }],
  stages: [{ key: 'shrink', steps: [{ set: 'tube' }, { check: { key: 'ok' } }, { park: 'marker' }] }],
}
const lit = (path: string) => itemAt(SHEET, pathOf(path))

describe('the item that is written of', () => {
  it('is itself, wherever in it one writes', () => {
    expect([lit('items[1]'), lit('items[1].rules[0].min'), lit('items[0].from')]).toEqual(['tube', 'tube', 'marker'])
  })

  it('is what is made of the stock that is written of, in the box or in a size', () => {
    expect([lit('stock[0].length'), lit('sizes[0].stock.tube-stock.wall')]).toEqual(['tube', 'tube'])
  })

  it('is what a step sets or parks', () => {
    expect([lit('stages[0].steps[0].work'), lit('stages[0].steps[2]')]).toEqual(['tube', 'marker'])
  })

  it('is none where no item is written of', () => {
    for (const path of ['', 'name', 'stock[1].count', 'sizes[0].label', 'stages[0].steps[1].check.min', 'cuts[0]', 'items'])
      expect(lit(path)).toBeNull()
  })
})
