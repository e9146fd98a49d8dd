// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, beforeEach, expect, it } from 'vitest'
import { forgetClock, hear } from '../engine/clock'
import { ClockNote } from './ClockNote'

const NOON = Date.parse('2026-03-14T12:00:00Z')
const MINUTE = 60_000
/** The server says that it is noon; this device says something else. */
const noonAt = (device: number) => hear(new Date(NOON).toUTCString(), device, device)

beforeEach(() => {
  localStorage.clear()
  forgetClock()
})
afterEach(cleanup)

it.each([
  [0, ''],
  [50_000, ''],
  [12 * MINUTE, 'This device’s clock is 12 minutes fast.'],
  [-5 * 60 * MINUTE, 'This device’s clock is 5 hours slow.'],
  [-72 * 60 * MINUTE, 'This device’s clock is 3 days slow.'],
])('of a clock that is %d ms ahead says “%s”', (ahead, words) => {
  noonAt(NOON + ahead)
  const { container } = render(<ClockNote />)
  expect(container.querySelector('p')?.textContent ?? '').toBe(words)
})

it('says that it jumped until somebody has looked, and then that it is wrong', () => {
  noonAt(NOON)
  noonAt(NOON + 58 * MINUTE)
  render(<ClockNote />)
  expect(screen.getByRole('alert').textContent).toContain('jumped ahead by 58 minutes')
  fireEvent.click(screen.getByRole('button', { name: 'I have looked' }))
  expect(screen.queryByRole('alert')).toBeNull()
  expect(screen.getByRole('status').textContent).toContain('58 minutes fast')
})
