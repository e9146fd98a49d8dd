// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, expect, it, vi } from 'vitest'
import type { Job } from '../../api/types'
import { UnitProvider } from '../../ui/UnitContext'
import { Asks } from './Asks'

type Ask = Job['asked'][number]
const ROLE: Ask = {
  key: 'long',
  name: 'Long side',
  kind: 'role',
  values: ['A', 'B'],
  minMm: null,
  maxMm: null,
  reason: 'Tubes wait there.',
  value: 'A',
}
const ask = (more: Partial<Ask>): Ask => ({ ...ROLE, ...more })
const say = vi.fn()
const show = (one: Ask, said = {}, onSay: typeof say | null = say) =>
  render(
    <UnitProvider name="kits" initial="mm">
      <Asks asked={[one]} said={said} onSay={onSay} />
    </UnitProvider>,
  )
afterEach(() => {
  cleanup()
  say.mockClear()
})

it('asks which end has a part to play, with why, and takes what the sheet takes while nobody has said', () => {
  show(ask({}))
  const field = screen.getByLabelText('Long side')
  expect((field as HTMLSelectElement).value).toBe('A')
  expect(screen.getByText('Tubes wait there.')).toBeTruthy()
  fireEvent.change(field, { target: { value: 'B' } })
  expect(say).toHaveBeenCalledWith('long', 'B')
})

it('shows what was said rather than what is usual', () => {
  show(ask({}), { long: 'B' })
  expect(screen.getByLabelText<HTMLSelectElement>('Long side').value).toBe('B')
})

it('offers nothing as chosen that nobody chose', () => {
  show(ask({ value: null }))
  expect(screen.getByLabelText<HTMLSelectElement>('Long side').value).toBe('')
})

it('takes a length with its unit, or with the one that is read in', () => {
  show(ask({ key: 'reach', name: 'Reach', kind: 'length', values: [], minMm: 300, maxMm: 900, value: null }))
  const field = screen.getByLabelText('Reach')
  expect(screen.getByText(/300 mm to 900 mm/)).toBeTruthy()
  fireEvent.change(field, { target: { value: '450' } })
  fireEvent.click(screen.getByRole('button', { name: 'Keep it' }))
  expect(say).toHaveBeenLastCalledWith('reach', '450 mm')
  fireEvent.change(field, { target: { value: '18 1/2 in' } })
  fireEvent.click(screen.getByRole('button', { name: 'Keep it' }))
  expect(say).toHaveBeenLastCalledWith('reach', '18 1/2 in')
})

it('is only read by whoever may not plan', () => {
  show(ask({}), {}, null)
  expect(screen.getByLabelText<HTMLSelectElement>('Long side').disabled).toBe(true)
})

it('is not there where nothing is asked', () => {
  render(<Asks asked={[]} said={{}} onSay={say} />)
  expect(screen.queryByRole('region')).toBeNull()
})
