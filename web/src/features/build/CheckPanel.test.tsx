// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Job, Stage, StageCheck } from '../../api/types'
import { UnitProvider } from '../../ui/UnitContext'
import { CheckPanel } from './CheckPanel'

const write = vi.fn()
let may: string[] = ['build']
vi.mock('./WaysOn', () => ({ WaysOn: () => null }))
vi.mock('./SentAnswer', () => ({ SentAnswer: () => null }))
vi.mock('../../api/outbox', () => ({
  useIsProvisional: () => false,
  useWrite: () => write,
  useWaiting: () => [],
}))
vi.mock('../../api/session', () => {
  const has = (right: string) => may.includes(right)
  return { useMay: has, useRole: has }
})

const plain = (text: string) => ({ template: text, values: {} })
const check = (kind: string, more: object = {}): StageCheck =>
  ({ key: 'gap', ask: plain('Gap left'), kind, end: 'A', core: 2, limits: plain('3 mm to 8 mm'), reason: 'So it is.', mend: '', answer: null, ...more }) as unknown as StageCheck // prettier-ignore
const job = { id: 'job-1' } as unknown as Job
const stage = { key: 'cut', checks: [] } as unknown as Stage

const show = (asked: StageCheck) =>
  render(
    <MemoryRouter>
      <UnitProvider name="test" initial="mm">
        <CheckPanel job={job} stage={stage} check={asked} />
      </UnitProvider>
    </MemoryRouter>,
  )
const said = () => (write.mock.calls[0] ?? []) as [Record<string, unknown>, string]

function type(label: RegExp, text: string) {
  const input = screen.getByLabelText<HTMLInputElement>(label)
  fireEvent.change(input, { target: { value: text } })
  fireEvent.submit(input)
  return input
}

beforeEach(() => {
  write.mockClear()
  localStorage.clear()
  sessionStorage.clear()
  may = ['build']
})
afterEach(cleanup)

describe('an answer is written with its place', () => {
  it('a length with the unit and the instrument it was read with', () => {
    show(check('length'))
    type(/Measured/, '5,5')
    const reading = { typed: '5,5', unit: 'mm', instrument: 'steel-rule' }
    expect(said()).toEqual([
      { kind: 'check-made', stage: 'cut', check: 'gap', end: 'A', core: 2, reading },
      'Gap left: 5,5 mm',
      null,
    ])
  })
  it('yes and no', () => {
    show(check('seen'))
    fireEvent.click(screen.getByRole('button', { name: 'No' }))
    expect(said()[0]).toMatchObject({ seen: false })
  })
  it.each([
    ['count', /How many/, '4', { count: 4 }],
    ['torque', /Torque/, '50 lbf·ft', { torque: '50 lbf·ft' }],
    ['note', /As printed/, 'B-7', { note: 'B-7' }],
    ['age', /Date/, '2026-03', { made: '2026-03' }],
  ])('%s', (kind, label, text, answer) => {
    show(check(kind))
    type(label, text)
    expect(said()[0]).toMatchObject(answer)
  })
  it('a phase with what it was proved by, and not without', () => {
    show(check('phase'))
    type(/Phase/, ' L2 ')
    expect(write).not.toHaveBeenCalled()
    expect(screen.getByText('Say by what it was proved.')).toBeTruthy()
    fireEvent.click(screen.getByLabelText('A signal sent in at the other end'))
    type(/Phase/, '')
    expect(screen.getByText('Type the phase: L1, red, C.')).toBeTruthy()
    type(/Phase/, ' L2 ')
    expect(said()[0]).toMatchObject({ phase: 'L2', by: 'signal' })
    expect(said()[1]).toContain('L2, a signal sent in at the other end')
  })
})

describe('what cannot be an answer stays in the field with what is wrong', () => {
  it.each([
    ['length', /Measured/, 'five', 'This is not a length'],
    ['count', /How many/, '1.5', 'Type a whole number'],
    ['torque', /Torque/, '  ', 'Type it with its unit'],
    ['age', /Date/, 'x', 'Type the date as'],
  ])('%s', (kind, label, text, fault) => {
    show(check(kind))
    const input = type(label, text)
    expect([write.mock.calls.length, input.value]).toEqual([0, text])
    expect(screen.getByText(new RegExp(fault))).toBeTruthy()
  })
})

it('offers what was probably meant by a length that cannot be', () => {
  show(check('length', { minMm: 65, maxMm: 69 }))
  const input = screen.getByLabelText<HTMLInputElement>(/Measured/)
  fireEvent.change(input, { target: { value: '6.7' } })
  fireEvent.click(screen.getByRole('button', { name: '67?' }))
  expect(input.value).toBe('67')
  expect(screen.queryByRole('button', { name: /\?$/ })).toBeNull()
})

it('keeps what was typed when the page is opened again', () => {
  show(check('length'))
  fireEvent.change(screen.getByLabelText(/Measured/), { target: { value: '4.5' } })
  cleanup()
  show(check('length'))
  expect(screen.getByLabelText<HTMLInputElement>(/Measured/).value).toBe('4.5')
  cleanup()
  show(check('length', { core: 3 }))
  expect(screen.getByLabelText<HTMLInputElement>(/Measured/).value).toBe('')
})

it('tells whoever may not who may, and asks them nothing', () => {
  may = []
  show(check('length'))
  expect(screen.getByText('A jointer answers this.')).toBeTruthy()
  expect(screen.queryByLabelText(/Measured/)).toBeNull()
})

it('lets an engineer let stand what is out, for the answer that was looked at', () => {
  may = ['accept-deviation']
  const answer = { entry: 'entry-7', verdict: 'out', sentence: plain('9 mm: out by 1 mm.'), accepted: null }
  show(check('length', { answer }))
  expect(screen.getByText('Out: 9 mm: out by 1 mm.')).toBeTruthy()
  type(/Why|reason/i, 'filled')
  expect(said()[0]).toEqual({
    kind: 'check-accepted',
    stage: 'cut',
    check: 'gap',
    end: 'A',
    core: 2,
    reason: 'filled',
    of: 'entry-7',
  })
})
