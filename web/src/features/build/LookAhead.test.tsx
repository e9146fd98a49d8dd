// @vitest-environment happy-dom
import { fireEvent, screen } from '@testing-library/react'
import { expect, it } from 'vitest'
import type { Ahead } from '../../api/types'
import { openPage } from '../../testing/page'
import { JOBS, jobOf, problem, taken, type Server } from '../../testing/server'
import { said } from '../../testing/ways'

const ID = JOBS['half-cut']
const AHEAD: Ahead = {
  ...{ atMm: 58, byMm: 2, verdict: 'out', marginMm: -0.5, mostMm: 4, times: 2 },
  first: said('The gap is {is}.', { is: { mm: 10.5 } }),
  shifts: [{ rule: said('The gap is {is}.', { is: { mm: 8 } }), plannedMm: 3.5, thenMm: 1.5, holds: true }],
}

function open(answer: Parameters<Server['answers']>[2]) {
  const server = openPage(`/jobs/${ID}/build`, 'jointer', (one) => {
    one.gives('GET', `/api/jobs/${ID}`, jobOf('half-cut'))
    one.answers('GET', `/api/jobs/${ID}/ahead`, answer)
  })
  return server
}

async function look(typed: string) {
  fireEvent.click(await screen.findByText('What if I cut this too long?'))
  fireEvent.change(screen.getByLabelText('Past its mark, in mm; short of it with −'), { target: { value: typed } })
  fireEvent.click(screen.getByRole('button', { name: 'Look' }))
}

it('says which margin goes first, how far it may go, and how often the end can be cut back', async () => {
  const server = open(() => taken(AHEAD))
  await look('2')
  expect(await screen.findByText('58 mm: out by 0.5 mm')).toBeTruthy()
  expect(
    screen.getByText(
      'Every rule holds, or most likely will, as far as 4 mm past the mark. Then this goes first: The gap is 10.5 mm.',
    ),
  ).toBeTruthy()
  expect(screen.getByText(/To spare at the worst: 3.5 mm →/).textContent).toContain('1.5 mm')
  expect(screen.getByText('End A can be cut back for another connector 2 more times.')).toBeTruthy()
  expect(server.sent.find(({ path }) => path.includes('/ahead'))).toBeTruthy()
})

it('keeps what cannot be read, and says what is wrong', async () => {
  const server = open(() => taken(AHEAD))
  await look('two')
  expect(screen.getByLabelText('Past its mark, in mm; short of it with −')).toHaveProperty('value', 'two')
  expect(server.sent.find(({ path }) => path.includes('/ahead'))).toBeUndefined()
})

it('says why nothing can be said', async () => {
  open(() => problem(409, 'Berm looks no farther.'))
  await look('-65')
  expect(await screen.findByText('Berm looks no farther.')).toBeTruthy()
})
