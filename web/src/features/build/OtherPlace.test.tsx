// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type { Job, Mark, Stage, StageCheck } from '../../api/types'
import { UnitProvider } from '../../ui/UnitContext'
import { OtherCheck, OtherCut } from './OtherPlace'

const mark = (end: 'A' | 'B', minMm: number, maxMm: number, more: object = {}) =>
  ({ end, cut: 'insulation', core: null, recorded: null, from: { 'cable-end': { minMm, maxMm } }, ...more }) as unknown as Mark
const LONG = mark('A', 600, 604)
const SHORT = mark('B', 55, 58)
const onPick = vi.fn()
const typed = (name: string) => sessionStorage.getItem(`berm.typed.${name}`)

beforeEach(() => {
  sessionStorage.clear()
  onPick.mockClear()
})
afterEach(cleanup)

const show = (text: string, here: Mark, ...marks: Mark[]) =>
  render(
    <UnitProvider name="test" initial="mm">
      <OtherCut
        job={{ id: 'job', markOut: { marks: [here, ...marks] } } as unknown as Job}
        mark={here}
        text={text}
        onPick={onPick}
      />
    </UnitProvider>,
  )

it('offers the end at which a reading would be inside, and takes it there', () => {
  show('56.5', LONG, SHORT)
  fireEvent.click(screen.getByRole('button', { name: 'Of end B?' }))
  expect(onPick).toHaveBeenCalledWith(SHORT)
  expect([typed('job.B.insulation.'), typed('job.A.insulation.')]).toEqual(['56.5', null])
})

it.each([
  ['602', 'it is inside here'],
  ['300', 'it fits nowhere'],
  ['', 'nothing is typed'],
])('offers nothing for “%s”: %s', (text) => {
  show(text, LONG, SHORT)
  expect(screen.queryByRole('button')).toBeNull()
})

it('offers no cut that was measured, and no other one', () => {
  show('56.5', LONG, mark('B', 55, 58, { recorded: {} }), mark('B', 55, 58, { cut: 'oversheath' }))
  expect(screen.queryByRole('button')).toBeNull()
})

it('offers the same check of another end', () => {
  const check = (end: 'A' | 'B', minMm: number, maxMm: number | null) =>
    ({ key: 'lap', kind: 'length', end, core: null, number: null, answer: null, minMm, maxMm }) as unknown as StageCheck
  const [here, other] = [check('A', 40, 50), check('B', 90, null)]
  const stage = { key: 'tube', checks: [here, other, { ...other, key: 'else' }] } as unknown as Stage
  render(
    <UnitProvider name="test" initial="mm">
      <OtherCheck job={{ id: 'job' } as Job} stage={stage} check={here} text="95" />
    </UnitProvider>,
  )
  fireEvent.click(screen.getByRole('button', { name: 'Of end B? Keep it there' }))
  expect(typed('job.tube.lap.B..')).toBe('95')
})
