// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type { Job, Stage } from '../../api/types'
import { FinishPanel, ReleasePanel } from './StagePanel'

const write = vi.fn()
let may: string[] = []
vi.mock('../../api/outbox', () => ({ useWrite: () => write, useUnjudged: () => [] }))
vi.mock('../../api/session', () => {
  const has = (right: string) => may.includes(right)
  return { useMay: has, useRole: has }
})

const job = { id: 'job', calls: [], next: { stage: 'close' } } as unknown as Job
const stage = { key: 'close', title: 'Close', oneWay: true, doubts: [] } as unknown as Stage

beforeEach(() => {
  write.mockClear()
  may = ['build']
})
afterEach(() => {
  cleanup()
  sessionStorage.clear()
})

it('writes down that a stage is done, now', () => {
  render(<FinishPanel job={job} stage={stage} />)
  expect(screen.getByText('There is no way back from here.')).toBeTruthy()
  fireEvent.click(screen.getByRole('button', { name: 'It is done' }))
  expect(write.mock.calls).toEqual([[{ kind: 'stage-finished', stage: 'close' }, 'Finished: Close', null]])
})

it('asks once, before there is no way back, where a rule is likely to hold and not proved', () => {
  const doubts = [{ template: 'The body covers the screen by a hair.', values: {} }]
  render(<FinishPanel job={job} stage={{ ...stage, doubts }} />)
  expect(screen.queryByText('The body covers the screen by a hair.')).toBeNull()
  fireEvent.click(screen.getByRole('button', { name: 'It is done' }))
  expect(write).not.toHaveBeenCalled()
  expect(screen.getByText('The body covers the screen by a hair.')).toBeTruthy()
  fireEvent.click(screen.getByRole('button', { name: 'Go on: it is done' }))
  expect(write.mock.calls).toEqual([[{ kind: 'stage-finished', stage: 'close' }, 'Finished: Close', null]])
})

it('or when it was done, where somebody says so', () => {
  sessionStorage.setItem('berm.typed.job.done-at', '2026-03-14T08:15')
  render(<FinishPanel job={job} stage={stage} />)
  fireEvent.click(screen.getByRole('button', { name: 'It is done' }))
  expect(write.mock.calls[0]?.[2]).toBe(new Date('2026-03-14T08:15').toISOString())
})

it('asks only who builds', () => {
  may = ['accept-deviation']
  render(<FinishPanel job={job} stage={stage} />)
  expect(screen.queryByRole('button')).toBeNull()
  expect(screen.getByText('A jointer says that it is done.')).toBeTruthy()
})

it('a jointer calls for an engineer to a hold point, and once', () => {
  may = ['build', 'write-note']
  render(<ReleasePanel job={job} stage={stage} />)
  fireEvent.click(screen.getByRole('button', { name: 'Call for it' }))
  const called = { kind: 'called', about: 'let-stand', note: 'Hold point: Close', stage: 'close' }
  expect(write.mock.calls[0]?.[0]).toEqual(called)
  cleanup()
  const calls = [{ ...called, entry: 'a', by: 'Wren', at: '2026-03-14T10:42:00Z', answer: null }]
  render(<ReleasePanel job={{ ...job, calls } as unknown as Job} stage={stage} />)
  expect(screen.queryByRole('button')).toBeNull()
  expect(screen.getByText(/An engineer was called at/)).toBeTruthy()
})

it('lets only an engineer release a hold point', () => {
  render(<ReleasePanel job={job} stage={stage} />)
  expect(screen.queryByRole('button')).toBeNull()
  cleanup()
  may = ['accept-deviation']
  render(<ReleasePanel job={job} stage={stage} />)
  fireEvent.click(screen.getByRole('button'))
  expect(write.mock.calls[0]?.[0]).toEqual({ kind: 'hold-released', stage: 'close' })
})
