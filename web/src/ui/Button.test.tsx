// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, expect, it, vi } from 'vitest'
import { Button } from './Button'

afterEach(cleanup)

it('hears the first of a double touch, and each that comes by itself, by touch or by key', () => {
  const heard = vi.fn()
  render(<Button onClick={heard}>Yes</Button>)
  const press = (detail: number) => fireEvent.click(screen.getByRole('button'), { detail })
  press(1)
  press(2)
  expect(heard).toHaveBeenCalledTimes(1)
  press(1)
  press(0)
  expect(heard).toHaveBeenCalledTimes(3)
})

it('sends a form once', () => {
  const sent = vi.fn((event: { preventDefault: () => void }) => event.preventDefault())
  render(
    <form onSubmit={sent}>
      <Button type="submit">Record</Button>
    </form>,
  )
  fireEvent.click(screen.getByRole('button'), { detail: 1 })
  fireEvent.click(screen.getByRole('button'), { detail: 2 })
  expect(sent).toHaveBeenCalledTimes(1)
})
