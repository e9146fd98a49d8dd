// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type { StageCheck } from '../../api/types'
import { NoAnswer } from './NoAnswer'

const onNo = vi.fn()
const show = (heated: boolean) => render(<NoAnswer check={{ heated } as StageCheck} onNo={onNo} />)
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }))

beforeEach(() => onNo.mockClear())
afterEach(cleanup)

it('is a no at once where nothing was heated', () => {
  show(false)
  press('No')
  expect(onNo.mock.calls).toEqual([[{ seen: false }]])
})

it.each([
  ['A wrinkle', { seen: false, fault: 'wrinkle' }],
  ['A flat or cold spot', { seen: false, fault: 'flat-spot' }],
  ['A scorch', { seen: false, fault: 'scorch' }],
  ['A bubble', { seen: false, fault: 'bubble' }],
  ['Something else', { seen: false }],
])('asks what it is on a wall that was heated: %s', (name, no) => {
  show(true)
  press('No')
  expect(onNo).not.toHaveBeenCalled()
  press(name)
  expect(onNo.mock.calls).toEqual([[no]])
})

it('goes back without an answer', () => {
  show(true)
  press('No')
  press('Back')
  expect(screen.getByRole('button', { name: 'No' })).toBeTruthy()
  expect(onNo).not.toHaveBeenCalled()
})
