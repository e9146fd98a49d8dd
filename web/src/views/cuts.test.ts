import { describe, expect, it } from 'vitest'
import { jobOf } from '../testing/server'
import type { Mark } from '../api/types'
import { coresName, isInRow, markedOut, marksOf } from './cuts'

/** The metallic screen of three cores, the second of them as much shorter. */
function screens(shorterBy: number): Mark[] {
  const [mark] = marksOf(jobOf('half-cut'), 'A').filter(({ cut }) => cut === 'metallic-screen')
  const from = mark?.from['cable-end']
  if (!mark || !from) throw new Error('it is marked out')
  const at = (by: number) => ({ ...from.set.mm, at: String(Number(from.set.mm.at) - by) })
  return [1, 2, 3].map((core) => ({
    ...mark,
    core,
    from: { ...mark.from, 'cable-end': { ...from, set: { ...from.set, mm: at(core === 2 ? shorterBy : 0) } } },
  }))
}

const rowsOf = (marks: Mark[]) => markedOut(marks, 'cable-end', 'mm').map((row) => [row.mark.core, coresName(row, marks)])

describe('the marks of several cores', () => {
  it('stand once where they are the same', () => {
    expect(rowsOf(screens(0))).toEqual([[1, 'on each core']])
  })

  it('stand by themselves where one of them is shorter', () => {
    expect(rowsOf(screens(14))).toEqual([
      [1, 'on core 1, 3'],
      [2, 'on core 2'],
    ])
  })

  it('are one row, whichever of them was touched', () => {
    const marks = screens(14)
    const [first, second] = markedOut(marks, 'cable-end', 'mm')
    if (!first || !second) throw new Error('there are two')
    const touched = { end: 'A' as const, cut: 'metallic-screen' as const, core: 3 }
    expect([isInRow(touched, first), isInRow(touched, second), isInRow({ ...touched, end: 'B' }, first)]).toEqual([
      true,
      false,
      false,
    ])
    expect(isInRow(null, first)).toBe(false)
  })

  it('say nothing of cores where there is but one', () => {
    const marks = marksOf(jobOf('half-cut'), 'A')
    expect(new Set(markedOut(marks, 'cable-end', 'mm').map((row) => coresName(row, marks)))).toEqual(new Set(['']))
  })
})
