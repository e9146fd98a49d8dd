// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, expect, it, vi } from 'vitest'
import type { KeptEntry } from '../../api/outbox'
import type { Job } from '../../api/types'
import { Unsent } from './Unsent'

let kept: KeptEntry[] = []
let damaged: Date[] = []
let trouble: string | null = null
const [sendAgain, withdraw] = [vi.fn(), vi.fn()]
vi.mock('../../api/device', () => ({ useTrouble: () => trouble }))
vi.mock('../../api/outbox', () => ({
  useWaiting: () => kept,
  useDamaged: () => damaged,
  useRefused: () => ({ sendAgain, withdraw }),
}))

const entry = (id: string, refused: KeptEntry['refused'] = null): KeptEntry => ({
  id,
  jobId: 'job',
  person: 'jointer',
  event: { kind: 'connector-fitted', batch: '' },
  said: `Entry ${id}`,
  madeAt: '',
  doneAt: null,
  refused,
})
const show = (...entries: KeptEntry[]) => {
  kept = entries
  render(<Unsent job={{ id: 'job' } as unknown as Job} />)
}

afterEach(cleanup)

it('says of each entry that waits that it is kept', () => {
  show(entry('1'), entry('2'))
  expect(screen.getAllByRole('status').map((one) => one.textContent)).toEqual([
    expect.stringContaining('Not saved yet: Entry 1'),
    expect.stringContaining('Not saved yet: Entry 2'),
  ])
})

it('shows why an entry was refused, with what can be done with that one', () => {
  const problem = {
    type: 'about:blank',
    title: 'No',
    status: 422,
    detail: 'It has faults.',
    problems: [{ path: 'event.reading.typed', message: 'is 0.' }],
  }
  show(entry('1'), entry('2', problem))
  expect(screen.getByRole('alert').textContent).toContain('Not recorded: Entry 2')
  expect(screen.getByRole('alert').textContent).toContain('event.reading.typed is 0.')
  fireEvent.click(screen.getByRole('button', { name: 'Send it again' }))
  fireEvent.click(screen.getByRole('button', { name: 'Take it back' }))
  expect([sendAgain.mock.calls[0]?.[0], withdraw.mock.calls[0]?.[0]]).toEqual([kept[1], kept[1]])
})

it('puts what was typed back into its field to be changed', () => {
  const reading = { typed: '57,5', unit: 'mm', instrument: 'steel-rule' } as const
  const problem = { type: 'about:blank', title: 'No', status: 409, detail: 'Record the cut outside it first.' }
  show({ ...entry('1', problem), event: { kind: 'cut-measured', end: 'A', cut: 'insulation', reading } })
  fireEvent.click(screen.getByRole('button', { name: 'Change it' }))
  expect(sessionStorage.getItem('berm.typed.job.A.insulation.')).toBe('57,5')
  expect(withdraw.mock.lastCall?.[0]).toEqual(kept[0])
})

it('offers no change where nothing was typed', () => {
  show(entry('1', { type: 'about:blank', title: 'No', status: 409, detail: 'No.' }))
  expect(screen.queryByRole('button', { name: 'Change it' })).toBeNull()
})

it('tells in one line what was judged here, and shows what was refused by itself', () => {
  const problem = { type: 'about:blank', title: 'No', status: 409, detail: 'The connector is on.' }
  show({ ...entry('1'), judged: true }, { ...entry('2'), judged: true }, { ...entry('3', problem), judged: true }, entry('4'))
  expect(screen.getAllByRole('status').map((one) => one.textContent)).toEqual([
    expect.stringContaining('Not saved yet: Entry 4'),
    expect.stringMatching(/^Judged on this device: 2 entries\./),
  ])
  expect(screen.getByRole('alert').textContent).toContain('Not recorded: Entry 3')
})

it('says when those were made that cannot be read any more', () => {
  damaged = [new Date(2026, 10, 28, 10, 42)]
  show()
  expect(screen.getByRole('alert').textContent).toContain('An entry on this device cannot be read.')
  expect(screen.getByRole('alert').textContent).toContain('28 Nov 2026, 10:42')
  damaged = []
})

it('says why nothing is judged here, and that it is kept all the same', () => {
  trouble = 'The engine on this device cannot answer for this job. format is of another version of Berm.'
  show(entry('1'))
  expect(screen.getByRole('alert').textContent).toContain('of another version of Berm. It is kept all the same')
  trouble = null
})
