// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, expect, it } from 'vitest'
import { UnitProvider, useUnits } from '../ui/UnitContext'
import { useTypedLength } from './useTypedLength'
import { forgetTyped, setTyped, useTyped, useTypedForm } from '../engine/typed'

afterEach(() => {
  cleanup()
  sessionStorage.clear()
  localStorage.clear()
})

function Text({ name }: { name: string }) {
  const [text, setText] = useTyped(name)
  return <input aria-label={name} value={text} onChange={(event) => setText(event.target.value)} />
}

const field = (name: string) => screen.getByLabelText<HTMLInputElement>(name)

it('is kept by field, seen wherever the field is shown, and gone when it is emptied', () => {
  render(
    <>
      <Text name="a" />
      <Text name="b" />
    </>,
  )
  fireEvent.change(field('a'), { target: { value: 'one' } })
  expect([field('a').value, field('b').value]).toEqual(['one', ''])
  cleanup()
  render(<Text name="a" />)
  expect(field('a').value).toBe('one')
  fireEvent.change(field('a'), { target: { value: '' } })
  expect(sessionStorage.getItem('berm.typed.a')).toBeNull()
})

it('can be put into a field from elsewhere, and is forgotten whole', () => {
  sessionStorage.setItem('else', 'stays')
  const { rerender } = render(<Text name="a" />)
  setTyped('a', 'two')
  rerender(<Text name="a" />)
  expect(field('a').value).toBe('two')
  forgetTyped()
  rerender(<Text name="a" />)
  expect([field('a').value, sessionStorage.getItem('else')]).toEqual(['', 'stays'])
})

const EMPTY = { name: '', sizes: ['1'] }

function Form() {
  const [form, setForm] = useTypedForm('form', EMPTY)
  return (
    <>
      <input aria-label="name" value={form.name} onChange={(event) => setForm({ ...form, name: event.target.value })} />
      <output>{form.sizes.join()}</output>
      <button onClick={() => setForm({ name: form.name, sizes: [] })}>none</button>
      <button onClick={() => setForm(null)}>clear</button>
    </>
  )
}

it('keeps a whole form, with what was taken out of it', () => {
  render(<Form />)
  fireEvent.change(field('name'), { target: { value: 'X' } })
  fireEvent.click(screen.getByText('none'))
  cleanup()
  render(<Form />)
  expect([field('name').value, screen.getByRole('status').textContent]).toEqual(['X', ''])
  fireEvent.click(screen.getByText('clear'))
  expect([field('name').value, screen.getByRole('status').textContent]).toEqual(['', '1'])
})

function Length() {
  const [text, setText] = useTypedLength('cut')
  const { setUnit } = useUnits()
  return (
    <>
      <input aria-label="length" value={text} onChange={(event) => setText(event.target.value)} />
      <button onClick={() => setUnit('in')}>in</button>
      <button onClick={() => setUnit('mm')}>mm</button>
    </>
  )
}

it.each([
  ['57', '57 mm'],
  ['57,5', '57,5 mm'],
  ['2 1/4 in', '2 1/4 in'],
  ['', ''],
])(
  'a length typed as %j in millimetres is shown as %j to who reads inches, and as it was when they change back',
  (typed, shown) => {
    render(
      <UnitProvider name="test" initial="mm">
        <Length />
      </UnitProvider>,
    )
    fireEvent.change(field('length'), { target: { value: typed } })
    fireEvent.click(screen.getByText('in'))
    expect(field('length').value).toBe(shown)
    fireEvent.click(screen.getByText('mm'))
    expect(field('length').value).toBe(typed)
  },
)
