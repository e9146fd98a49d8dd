// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type { SentReading, StageCheck } from '../../api/types'
import { SentAnswer } from './SentAnswer'

const sentBy = { serial: 'W-118', readAt: '2026-03-14T09:30:00Z', calibratedUntil: '2027-05-31' }
let readings: SentReading[] = []
vi.mock('../../api/instruments', () => ({
  useSentReadings: () => ({ isPaired: true, pages: 1, heardAt: Date.now() + 1000, readings, had: () => {} }),
}))

const onAnswer = vi.fn()
const check = (more: Partial<StageCheck>) => ({ minMm: null, maxMm: null, answer: null, crimp: false, ...more }) as StageCheck
const send = (says: Partial<SentReading>): void => {
  readings = [{ id: 'one', ageSeconds: 0, enters: true, name: 'Instrument', outOfCalibration: false, sentBy, ...says }]
}

beforeEach(() => onAnswer.mockClear())
afterEach(cleanup)

it('records a torque as it comes, with the wrench', () => {
  send({ torque: '45.2 N·m' })
  render(<SentAnswer check={check({ kind: 'torque' })} onAnswer={onAnswer} />)
  expect(onAnswer.mock.calls).toEqual([[{ torque: '45.2 N·m', sentBy }, '45.2 N·m']])
})

it('asks where the check was answered already', () => {
  send({ torque: '45.2 N·m' })
  const answer = { verdict: 'out' } as StageCheck['answer']
  render(<SentAnswer check={check({ kind: 'torque', answer })} onAnswer={onAnswer} />)
  expect(onAnswer).not.toHaveBeenCalled()
  fireEvent.click(screen.getByRole('button', { name: 'Record it' }))
  expect(onAnswer).toHaveBeenCalledOnce()
})

it.each([
  ['44', 1],
  ['39.9', 0],
])('records a length of %s only where it is not out: %i', (typed, times) => {
  send({ reading: { typed, unit: 'mm', instrument: 'caliper', sentBy } })
  render(<SentAnswer check={check({ kind: 'length', minMm: 40, maxMm: 50 })} onAnswer={onAnswer} />)
  expect(onAnswer).toHaveBeenCalledTimes(times)
})

it('leaves it to somebody whether a crimp is as it should be', () => {
  const press = { die: 'B 25', force: '60.4 kN', sentBy }
  send({ press })
  render(<SentAnswer check={check({ kind: 'seen', crimp: true })} onAnswer={onAnswer} />)
  expect(onAnswer).not.toHaveBeenCalled()
  expect(screen.getByRole('status').textContent).toContain('Die B 25, 60.4 kN')
  fireEvent.click(screen.getByRole('button', { name: 'Yes, with this' }))
  expect(onAnswer.mock.calls).toEqual([[{ seen: true, press }, 'yes, die B 25']])
})

it('takes a label without what cannot be seen in it', () => {
  send({ label: '(10) Q26\u001d(21) 4181' })
  render(<SentAnswer check={check({ kind: 'note' })} onAnswer={onAnswer} />)
  fireEvent.click(screen.getByRole('button', { name: 'Record it' }))
  expect(onAnswer.mock.calls).toEqual([[{ note: '(10) Q26 (21) 4181' }, '(10) Q26 (21) 4181']])
})

it('says nothing at any other look', () => {
  send({ press: { die: 'B 25', force: '60.4 kN', sentBy } })
  const { container } = render(<SentAnswer check={check({ kind: 'seen' })} onAnswer={onAnswer} />)
  expect(container.textContent).toBe('')
})
