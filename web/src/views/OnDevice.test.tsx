// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type { TakenAlong } from '../engine/carried'
import { OnDevice } from './OnDevice'

let taken: TakenAlong[] = []
const takeAlong = vi.fn<(job: string, onProgress: (now: object) => void) => Promise<void>>()
const leaveBehind = vi.fn()
const askToStay = vi.fn(() => Promise.resolve(true))
vi.mock('../api/device', () => ({
  useTakenAlong: () => taken,
  takeAlong: (...given: Parameters<typeof takeAlong>) => takeAlong(...given),
  leaveBehind: (job: string) => leaveBehind(job) as unknown,
  askToStay: () => askToStay(),
}))

beforeEach(() => {
  taken = []
  vi.clearAllMocks()
})
afterEach(cleanup)

it('shows how far the taking along is, and asks the browser to let it lie', async () => {
  let end: () => void = () => undefined
  takeAlong.mockImplementation((_, onProgress) => {
    onProgress({ step: 4, of: 4, doing: 'The engine, 3 of 4 parts' })
    return new Promise((resolve) => (end = resolve))
  })
  render(<OnDevice jobId="job">It works there.</OnDevice>)
  fireEvent.click(screen.getByRole('button', { name: 'Take it along' }))
  expect((await screen.findByText('The engine, 3 of 4 parts')).textContent).toBeTruthy()
  expect(screen.getByRole('progressbar', { name: 'Taking it along' }).getAttribute('value')).toBe('4')
  expect([askToStay.mock.calls.length, takeAlong.mock.calls[0]?.[0]]).toEqual([1, 'job'])
  end()
  await waitFor(() => expect(screen.queryByRole('progressbar')).toBeNull())
})

it('says why it could not, and offers it again', async () => {
  takeAlong.mockRejectedValue(new Error('The engine could not be fetched: it was cut off'))
  render(<OnDevice jobId="job">It works there.</OnDevice>)
  fireEvent.click(screen.getByRole('button', { name: 'Take it along' }))
  expect((await screen.findByRole('alert')).textContent).toContain('it was cut off')
  expect(screen.getByRole('button', { name: 'Take it along' })).toBeTruthy()
})

it('tells how fresh and how large what lies here is, and removes it', () => {
  taken = [
    { jobId: 'job', name: 'Pit 4', at: new Date(2026, 10, 27, 10, 42).toISOString(), size: 1_234_567, lines: 3, paths: [] },
  ]
  render(<OnDevice jobId="job">It works there.</OnDevice>)
  expect(screen.getByText('On this device, as of 27 Nov, 10:42, 1.2 MB')).toBeTruthy()
  fireEvent.click(screen.getByRole('button', { name: 'Remove it from here' }))
  expect(leaveBehind).toHaveBeenCalledWith('job')
})

it('says of what is damaged that it is to be taken along anew', () => {
  taken = [{ jobId: 'job', name: '', at: null, size: 30, lines: undefined, paths: [] }]
  render(<OnDevice jobId="job">It works there.</OnDevice>)
  expect(screen.getByText(/cannot be read: take it along anew/)).toBeTruthy()
})
