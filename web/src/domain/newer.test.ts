import { describe, expect, it } from 'vitest'
import { newerOf } from './newer'

const answer = (version: number, entries: number) => ({ version, log: Array.from({ length: entries }) })

describe('of two answers about one job', () => {
  it('takes the first there is', () => expect(newerOf(undefined, answer(1, 0))).toEqual(answer(1, 0)))
  it('takes the later version', () => expect(newerOf(answer(3, 9), answer(4, 0)).version).toBe(4))
  it('keeps the later version when an older answer comes in late', () =>
    expect(newerOf(answer(4, 0), answer(3, 9)).version).toBe(4))
  it('takes the longer log of one version', () => expect(newerOf(answer(4, 1), answer(4, 2)).log).toHaveLength(2))
  it('keeps the longer log of one version', () => expect(newerOf(answer(4, 2), answer(4, 1)).log).toHaveLength(2))
})
