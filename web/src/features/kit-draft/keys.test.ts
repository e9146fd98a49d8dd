import { describe, expect, it } from 'vitest'
import { keysFor } from './keys'

const sheet = {
  parts: [{ key: 'tube', name: 'Stress tube' }, { name: 'no key yet' }],
  contents: [{ key: 'wipes', name: 'Wipes' }],
  stages: [{ key: 'park', title: 'Park the tubes' }],
}

describe('what a field may name', () => {
  it('is a part, something in the box or a stage of the sheet itself', () => {
    expect(keysFor('installs', sheet)).toEqual([{ value: 'tube', name: 'stress tube' }])
    expect(keysFor('uses', sheet)).toEqual([{ value: 'wipes', name: 'wipes' }])
    expect(keysFor('after', sheet)).toEqual([{ value: 'park', name: 'park the tubes' }])
  })
  it('is a layer, the connector or a part where something is covered', () => {
    expect(keysFor('of', sheet)?.map((one) => one.value)).toEqual(
      expect.arrayContaining(['insulation-screen', 'connector', 'tube']),
    )
  })
  it('is typed anywhere else', () => {
    expect(keysFor('reason', sheet)).toBeNull()
  })
  it('is nothing while the sheet has nothing', () => {
    expect(keysFor('parks', {})).toEqual([])
  })
})
