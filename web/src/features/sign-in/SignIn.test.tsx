// @vitest-environment happy-dom
import { fireEvent, screen } from '@testing-library/react'
import { expect, it } from 'vitest'
import { openPage } from '../../testing/page'
import { answerOf, problem, type Server } from '../../testing/server'

const nobody = (server: Server) => server.gives('GET', '/api/session', { person: null, csrfToken: 'before' })

async function signIn(name: string, password: string) {
  fireEvent.change(await screen.findByLabelText('Name'), { target: { value: name } })
  fireEvent.change(screen.getByLabelText('Password'), { target: { value: password } })
  fireEvent.submit(screen.getByLabelText('Password'))
}

it('lets somebody in to where they were going, with the token of the new session', async () => {
  const server = openPage('/stores', 'jointer', (server) => {
    nobody(server)
    server.gives('POST', '/api/sign-in', answerOf('session-storekeeper'))
  })
  await signIn('storekeeper', 'secret')
  expect(await screen.findByRole('heading', { name: 'Stores' })).toBeTruthy()
  expect(server.stored.map(({ body, headers }) => [body, headers.get('X-CSRF-Token')])).toEqual([
    [{ user: 'storekeeper', password: 'secret' }, 'before'],
  ])
})

it('asks for both, and sends nothing before', async () => {
  const server = openPage('/', 'jointer', nobody)
  await signIn('', '')
  expect(screen.getByText('Type your sign-in name.')).toBeTruthy()
  expect(screen.getByText('Type your password.')).toBeTruthy()
  expect(server.stored).toEqual([])
})

it('says why it was refused and keeps the name', async () => {
  openPage('/', 'jointer', (server) => {
    nobody(server)
    server.answers('POST', '/api/sign-in', () => problem(401, 'Name and password do not go together.'))
  })
  await signIn('jointer', 'wrong')
  expect((await screen.findByRole('alert')).textContent).toContain('do not go together')
  expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('jointer')
})

it('says that the server does not answer, and asks again', async () => {
  const server = openPage('/', 'jointer', (server) => server.answers('GET', '/api/session', () => problem(403, 'No.')))
  const again = await screen.findByRole('button', { name: 'Try again' })
  nobody(server)
  fireEvent.click(again)
  expect(await screen.findByLabelText('Password')).toBeTruthy()
})
