// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { SignOut } from './SignOut'

let [unsent, taken] = [0, 0]
const mutate = vi.fn()
vi.mock('../../api/outbox', () => ({ useMineWaiting: () => unsent }))
vi.mock('../../api/device', () => ({ useTakenAlong: () => Array.from({ length: taken }) }))
vi.mock('../../api/session', () => ({ useSignOut: () => ({ mutate, isPending: false }) }))

beforeEach(() => vi.clearAllMocks())
afterEach(cleanup)

const open = (waits: number, jobs: number) => {
  ;[unsent, taken] = [waits, jobs]
  render(<SignOut />)
  fireEvent.click(screen.getByRole('button', { name: 'Sign out' }))
}

it('is done at once where nothing lies on the device', () => {
  open(0, 0)
  expect(mutate.mock.calls).toEqual([[{ deletes: false }]])
})

it('asks what is to become of what is not sent, and throws nothing away by one touch', () => {
  open(2, 1)
  expect(mutate).not.toHaveBeenCalled()
  expect(screen.getByText('2 entries are not sent yet.')).toBeTruthy()
  const deletes = screen.getByRole<HTMLButtonElement>('button', { name: 'Sign out and delete it, with its key' })
  expect(deletes.disabled).toBe(true)
  fireEvent.click(screen.getByRole('checkbox', { name: 'What is not sent may be lost for good' }))
  expect(deletes.disabled).toBe(false)
  fireEvent.click(screen.getByRole('button', { name: 'Sign out and keep it here' }))
  expect(mutate.mock.calls).toEqual([[{ deletes: false }]])
})

it('deletes what was taken along, where somebody asks for it', () => {
  open(0, 3)
  expect(screen.getByText(/3 jobs lie on this device, sealed/)).toBeTruthy()
  fireEvent.click(screen.getByRole('button', { name: 'Sign out and delete it, with its key' }))
  expect(mutate.mock.calls).toEqual([[{ deletes: true }]])
})
