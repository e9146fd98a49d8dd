// @vitest-environment happy-dom
import 'fake-indexeddb/auto'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, expect, it, vi } from 'vitest'
import type { Job } from '../../api/types'
import { ReadingEntry } from './ReadingEntry'

const change = vi.fn()
let readings: { typed: string; unit: 'mm' | 'in'; instrument: 'caliper' }[] = []
vi.mock('../../api/plan', () => ({
  useChangePlan: () => change,
  useDraft: () => ({ ends: { A: { cable: null, readings: { insulation: readings }, freeLength: null } } }),
}))

const job = {
  ends: [{ end: 'A', cable: { layers: [{ layer: 'insulation', minMm: 17.5, maxMm: 21.6 }] } }],
} as unknown as Job

const onFirst = vi.fn()
function open(before: string[] = []) {
  readings = before.map((typed) => ({ typed, unit: 'mm', instrument: 'caliper' }))
  render(
    <QueryClientProvider client={new QueryClient()}>
      <ReadingEntry job={job} end="A" layer="insulation" onStep={() => undefined} onFirst={onFirst} />
    </QueryClientProvider>,
  )
  return screen.getByLabelText<HTMLInputElement>(/Diameter over the insulation/)
}

function type(input: HTMLInputElement, text: string) {
  fireEvent.change(input, { target: { value: text } })
  fireEvent.submit(input)
}

afterEach(() => {
  cleanup()
  change.mockClear()
  onFirst.mockClear()
})

it('adds a reading, empties the field and goes on to the next layer', () => {
  const input = open()
  type(input, '19.5')
  expect([change.mock.calls.length, onFirst.mock.calls.length, input.value]).toEqual([1, 1, ''])
})

it('stays at the layer after its second reading', () => {
  type(open(['19.4']), '19.5')
  expect([change.mock.calls.length, onFirst.mock.calls.length]).toEqual([1, 0])
})

it.each([
  ['abc', 'This is not a length'],
  ['0', 'This is 0'],
  ['3/4', 'Fractions are read in inches only'],
  ['-3', 'A length is measured from zero up'],
])('keeps what cannot be read, with what is wrong: %s', (text, fault) => {
  const input = open()
  type(input, text)
  expect([change.mock.calls.length, input.value]).toEqual([0, text])
  expect(screen.getByText(new RegExp(fault))).toBeTruthy()
})

it('asks before it adds a reading far from those before, and adds it when one is sure', () => {
  const input = open(['19.4', '19.5'])
  type(input, '21.2')
  expect(change).not.toHaveBeenCalled()
  expect(screen.getByText(/Far from what was measured before/)).toBeTruthy()
  fireEvent.click(screen.getByRole('button', { name: 'Add 21.2 all the same' }))
  expect(change).toHaveBeenCalledOnce()
})

it('offers the other unit where only that fits the cable', () => {
  const input = open()
  fireEvent.change(input, { target: { value: '0.77' } })
  fireEvent.click(screen.getByRole('button', { name: 'Add it as 0.77 in' }))
  const edit = change.mock.calls[0]?.[0] as (draft: object) => unknown
  expect(JSON.stringify(edit({ ends: {} }))).toContain('"typed":"0.77","unit":"in"')
})
