// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { Safety } from './Safety'

const write = vi.fn()
let may: string[] = ['build']
let safety: object | null = null
let left: object | null = null
vi.mock('../../api/outbox', () => ({ useWrite: () => write, useWaiting: () => [] }))
vi.mock('../../api/session', () => {
  const has = (right: string) => may.includes(right)
  return { useMay: has, useRole: has }
})
vi.mock('../../views/OnDevice', () => ({ OnDevice: () => null }))
vi.mock('./Outage', () => ({ Outage: () => null }))
vi.mock('../../views/useJob', () => ({ useJob: () => ({ id: 'job-1', name: 'Joint 1', safety, left }) }))

const show = () =>
  render(
    <MemoryRouter>
      <Safety />
    </MemoryRouter>,
  )
const fill = (label: string, text: string) => fireEvent.change(screen.getByLabelText(label), { target: { value: text } })
const confirm = () => fireEvent.click(screen.getByRole('button', { name: 'Confirm, from the permit' }))
const tickAll = () => screen.getAllByRole('checkbox').forEach((box) => fireEvent.click(box))

beforeEach(() => {
  write.mockClear()
  may = ['build']
  safety = null
  left = null
})
afterEach(cleanup)

it('writes down who confirmed it, from which permit, and when', () => {
  show()
  fill('Permit number', 'P-2207')
  fill('Confirmed by', 'E. Marlock')
  fill('When', '2026-03-14T08:00')
  tickAll()
  confirm()
  expect(write.mock.calls[0]?.[0]).toEqual({
    kind: 'safety-confirmed',
    permit: 'P-2207',
    confirmedBy: 'E. Marlock',
    confirmedAt: new Date('2026-03-14T08:00').toISOString(),
    identified: true,
    isolated: true,
    provedDead: true,
    earthed: true,
  })
})

it.each([
  ['no permit', '', 'E. Marlock', true, 'Copy the number from the permit.'],
  ['nobody', 'P-2207', ' ', true, 'Name the person who confirms it.'],
])('%s: says what is missing and keeps the rest', (_, permit, who, isTicked, says) => {
  show()
  fill('Permit number', permit)
  fill('Confirmed by', who)
  if (isTicked) tickAll()
  confirm()
  expect(write).not.toHaveBeenCalled()
  expect(screen.getByText(says)).toBeTruthy()
  expect(screen.getByLabelText<HTMLInputElement>('Permit number').value).toBe(permit)
})

it('is not safe while one of the four is not certain', () => {
  show()
  fill('Permit number', 'P-2207')
  fill('Confirmed by', 'E. Marlock')
  screen.getAllByRole('checkbox').slice(1).forEach((box) => fireEvent.click(box)) // prettier-ignore
  confirm()
  expect(write).not.toHaveBeenCalled()
})

it('shows who confirmed it, and asks nobody again', () => {
  safety = { permit: 'P-1', confirmedBy: 'Somebody', confirmedAt: '2026-03-14T08:00:00Z', endsAt: null }
  show()
  expect(screen.getByText('Permit P-1')).toBeTruthy()
  expect(screen.queryByRole('checkbox')).toBeNull()
})

it('tells whoever may not that the jointer does', () => {
  may = []
  show()
  expect(screen.getByText(/The jointer confirms it here/)).toBeTruthy()
  expect(screen.queryByRole('checkbox')).toBeNull()
})

it('asks of what was left half done whether it is dry and clean, too', () => {
  left = { at: '2026-03-14T17:00:00Z', by: 'Wren Addlery', covered: 'a bag, taped', to: 'the night shift' }
  show()
  expect(screen.getByText(/Covered with a bag, taped\. the night shift goes on with it\./)).toBeTruthy()
  fill('Permit number', 'P-2208')
  fill('Confirmed by', 'E. Marlock')
  screen.getAllByRole('checkbox').slice(0, 4).forEach((box) => fireEvent.click(box)) // prettier-ignore
  confirm()
  expect(write).not.toHaveBeenCalled()
  expect(screen.getByText(/Not confirmed: dry and clean/)).toBeTruthy()
  fireEvent.click(screen.getByLabelText(/Dry and clean/))
  confirm()
  expect(write.mock.calls[0]?.[0]).toMatchObject({ kind: 'safety-confirmed', permit: 'P-2208', dryAndClean: true })
})

it('keeps when the permit ends, and asks again where that lies before it was confirmed', () => {
  show()
  fill('Permit number', 'P-2207')
  fill('Confirmed by', 'E. Marlock')
  fill('When', '2026-03-14T08:00')
  fill('Permit ends', '2026-03-14T07:00')
  tickAll()
  confirm()
  expect(write).not.toHaveBeenCalled()
  expect(screen.getByText(/lies before it was confirmed/)).toBeTruthy()
  fill('Permit ends', '2026-03-14T17:00')
  confirm()
  expect(write.mock.calls[0]?.[0]).toMatchObject({ endsAt: new Date('2026-03-14T17:00').toISOString() })
})

it('is confirmed anew once the permit has ended', () => {
  const confirmed = {
    permit: 'P-1',
    confirmedBy: 'E. Marlock',
    confirmedAt: '2020-03-14T08:00:00Z',
    endsAt: '2099-03-14T17:00:00Z',
  }
  safety = confirmed
  show()
  expect(screen.queryByRole('button', { name: 'Confirm, from the permit' })).toBeNull()
  cleanup()
  safety = { ...confirmed, endsAt: '2020-03-14T17:00:00Z' }
  show()
  expect(screen.getByText('Permit P-1 has ended')).toBeTruthy()
  expect(screen.getByRole('button', { name: 'Confirm, from the permit' })).toBeTruthy()
})
