import { describe, expect, it } from 'vitest'
import { keysFor } from './keys'

const sheet = {
  parts: [{ key: 'tube', name: 'Stress tube' }, { name: 'no key yet' }],
  contents: [{ key: 'wipes', name: 'Wipes' }],
  stages: [{ key: 'park', title: 'Park the tubes' }],
}

describe('what a field may name', () => {
  it('is a part, something in the box or a stage of the sheet itself', () => {
    expect(keysFor(['stages', 0, 'installs'], sheet)).toEqual([{ value: 'tube', name: 'stress tube' }])
    expect(keysFor(['stages', 0, 'uses'], sheet)).toEqual([{ value: 'wipes', name: 'wipes' }])
    expect(keysFor(['stages', 0, 'checks', 0, 'after'], sheet)).toEqual([{ value: 'park', name: 'park the tubes' }])
  })
  it('is an item of the second edition where a step sets it, and stock where it is used or made of', () => {
    const second = { items: [{ key: 'stress', name: 'Stress tube' }], stock: [{ key: 'wipes', name: 'Wipes' }] }
    for (const step of ['park', 'place', 'set', 'off', 'partOf'])
      expect(keysFor(['stages', 0, 'steps', 0, step], second)).toEqual([{ value: 'stress', name: 'stress tube' }])
    expect(keysFor(['stages', 0, 'steps', 0, 'use'], second)).toEqual([{ value: 'wipes', name: 'wipes' }])
    expect(keysFor(['items', 0, 'of'], second)).toEqual([{ value: 'wipes', name: 'wipes' }])
    expect(keysFor(['items', 0, 'rules', 0, 'of'], second)?.map((one) => one.value)).toContain('stress')
  })
  it('is a layer, the connector or a part where something is covered', () => {
    expect(keysFor(['parts', 0, 'coverage', 0, 'of'], sheet)?.map((one) => one.value)).toEqual(
      expect.arrayContaining(['insulation-screen', 'connector', 'tube']),
    )
  })
  it('is typed anywhere else', () => {
    expect(keysFor(['parts', 0, 'reason'], sheet)).toBeNull()
  })
  it('is nothing while the sheet has nothing', () => {
    expect(keysFor(['stages', 0, 'parks'], {})).toEqual([])
  })
})
