// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type { KitSheet } from '../../api/types'
import { WithdrawSheet } from './WithdrawSheet'

const mutate = vi.fn()
let state: object = {}
vi.mock('../../api/kits', () => ({
  useWithdrawSheet: () => ({ mutate, isPending: false, error: null, isSuccess: false, ...state }),
}))

const show = (sheet: Partial<KitSheet>, mayWrite = true) =>
  render(
    <WithdrawSheet
      sheet={{ id: 'quillon-straight-12', revision: 3, withdrawn: false, ...sheet } as KitSheet}
      mayWrite={mayWrite}
    />,
  )
const choices = () => screen.getAllByRole('option').map((one) => one.textContent)

beforeEach(() => {
  mutate.mockClear()
  state = {}
})
afterEach(cleanup)

it('withdraws an older revision, on which joints may still stand', () => {
  show({})
  expect(choices()).toEqual(['revision 3', 'revision 2', 'revision 1'])
  fireEvent.change(screen.getByLabelText('Which revision'), { target: { value: '2' } })
  fireEvent.change(screen.getByLabelText('What is wrong with it'), { target: { value: 'Lap short' } })
  fireEvent.click(screen.getByRole('button', { name: 'Withdraw revision 2' }))
  expect(mutate.mock.calls).toEqual([[{ id: 'quillon-straight-12', revision: 2, reason: 'Lap short' }]])
})

it('says which is withdrawn, and offers the others', () => {
  state = { isSuccess: true, variables: { revision: 2 } }
  show({})
  expect(screen.getByText('Revision 2 is withdrawn.')).toBeTruthy()
  expect(choices()).toEqual(['revision 3', 'revision 1'])
})

it('tells whoever may not write it, and offers them nothing', () => {
  show({ withdrawn: true }, false)
  expect(screen.getByText('Revision 3 is withdrawn.')).toBeTruthy()
  expect(screen.queryByText('Withdraw a revision')).toBeNull()
})
