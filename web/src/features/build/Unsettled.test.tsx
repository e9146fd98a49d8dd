// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type { Job } from '../../api/types'
import { Unsettled } from './Unsettled'

let may = true
const write = vi.fn()
vi.mock('../../api/outbox', () => ({ useWrite: () => write }))
vi.mock('../../api/session', () => ({ useMay: () => may, sessionQuery: { queryKey: ['session'] } }))
vi.mock('@tanstack/react-query', () => ({ useQuery: () => ({ data: { person: { shownAs: 'Bo' } } }) }))

const event = (typed: string) => ({
  kind: 'cut-measured',
  end: 'A',
  cut: 'insulation-screen',
  reading: { typed, unit: 'mm', instrument: 'steel-rule' },
})
const line = (id: string, by: string, typed: string) => ({
  id,
  by,
  event: event(typed),
  doneAt: new Date().toISOString(),
  said: { template: `Insulation screen, end A: ${typed} mm`, values: {} },
})
const show = (second: string) => {
  const log = [line('1', 'Ada', '186'), line('2', second, '189')]
  render(<Unsettled job={{ id: 'job', log, unsettled: [{ counts: '1', asked: '2', by: second }] } as unknown as Job} />)
}

beforeEach(() => {
  may = true
  vi.clearAllMocks()
})
afterEach(cleanup)

it('shows both and which counts now, and asks who made the later one', () => {
  show('Bo')
  expect(screen.getByText(/186 mm/).textContent).toContain('Ada')
  expect(screen.getByText(/186 mm/).textContent).toContain('counts now')
  expect(screen.getByText(/189 mm/).textContent).not.toContain('counts now')
  fireEvent.click(screen.getByRole('button', { name: 'Mine counts' }))
  expect(write.mock.calls).toEqual([[event('189'), 'Insulation screen, end A: 189 mm']])
})

it('takes the later one back with the reason', () => {
  show('Bo')
  fireEvent.click(screen.getByRole('button', { name: 'Take mine back' }))
  expect(write.mock.calls[0]?.[0]).toEqual({
    kind: 'withdrawn',
    entry: '2',
    reason: 'The other answer counts: Insulation screen, end A: 186 mm',
  })
})

it('asks nobody else', () => {
  show('Cy')
  expect(screen.queryByRole('button')).toBeNull()
  expect(screen.getByText(/Cy is asked which of them counts/)).toBeTruthy()
  cleanup()
  may = false
  show('Bo')
  expect(screen.queryByRole('button')).toBeNull()
})
