// @vitest-environment happy-dom
import { fireEvent, screen, waitFor } from '@testing-library/react'
import { expect, it } from 'vitest'
import type { Session } from '../../api/types'
import { openPage } from '../../testing/page'
import { answerOf, problem, taken } from '../../testing/server'

const session = (ownPasswordFirst: boolean): Session => {
  const known = answerOf('session-jointer') as Session
  return { ...known, person: known.person && { ...known.person, ownPasswordFirst } }
}
const type = (label: string, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } })
const take = () => fireEvent.click(screen.getByRole('button', { name: 'Take the new password' }))

it('comes before anything else for whoever came in by a password that was given to them', async () => {
  const server = openPage('/', 'jointer', (server) => {
    server.gives('GET', '/api/session', session(true))
    server.answers('PUT', '/api/own-password', () => taken(session(false)))
  })
  expect(await screen.findByText('Choose your password')).toBeTruthy()
  expect(screen.queryByRole('link', { name: 'Jobs' })).toBeNull()
  type('The password you were given', 'k7fq-2mnt-x9rd')
  type('Your new password', 'a splice in the rain')
  type('The new one again', 'a splice in the sun')
  take()
  expect(screen.getByText('Is not the same: type both again.')).toBeTruthy()
  expect(server.stored).toEqual([])
  type('The new one again', 'a splice in the rain')
  take()
  expect(await screen.findByRole('link', { name: 'Jobs' })).toBeTruthy()
  expect(server.stored[0]?.body).toEqual({ old: 'k7fq-2mnt-x9rd', new: 'a splice in the rain' })
})

it('is changed on one’s own page, and says at its field what is wrong with it', async () => {
  let answer = problem(422, 'Some of it cannot be used.', { problems: [{ path: 'new', message: 'is easily guessed.' }] })
  openPage('/you', 'jointer', (server) => server.answers('PUT', '/api/own-password', () => answer))
  await screen.findByText('Your password', { selector: 'h2' })
  type('Your password now', 'old words in a row')
  type('Your new password', 'aaaaaaaaaa')
  type('The new one again', 'aaaaaaaaaa')
  take()
  expect(await screen.findByText('is easily guessed.')).toBeTruthy()
  answer = taken(session(false))
  take()
  await waitFor(() => expect(screen.getByText(/Your new password holds/)).toBeTruthy())
})
