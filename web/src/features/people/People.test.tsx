// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { expect, it } from 'vitest'
import { openPage } from '../../testing/page'
import { problem, taken } from '../../testing/server'

const account = { name: 'moss', shownAs: 'Moss Tarrant', role: 'jointer', version: 1, suspendedAt: null, oneTimeUntil: null }
const rowOf = (name: string) => within(screen.getByText(name).closest('li') ?? document.body)
const openTrainer = async () => {
  fireEvent.click(await screen.findByRole('button', { name: 'Change Ines Farrow' }))
  return within(await screen.findByRole('dialog'))
}

it('adds somebody and shows their one-time password, once', async () => {
  const server = openPage('/people', 'administrator', (server) =>
    server.answers('POST', '/api/people', () => taken({ person: account, oneTimePassword: 'k7fq-2mnt-x9rd' }, 201)),
  )
  fireEvent.click(await screen.findByRole('button', { name: 'Add somebody' }))
  fireEvent.change(screen.getByLabelText('Name, as the record shows it'), { target: { value: 'Moss Tarrant' } })
  fireEvent.change(screen.getByLabelText('Signs in as'), { target: { value: 'moss' } })
  fireEvent.click(screen.getByRole('button', { name: 'Add and give a password' }))
  expect(await screen.findByText('k7fq-2mnt-x9rd')).toBeTruthy()
  expect(server.stored[0]?.body).toEqual({ name: 'moss', shownAs: 'Moss Tarrant', role: 'jointer' })
  fireEvent.click(screen.getByRole('button', { name: 'I have passed it on' }))
  expect(screen.queryByText('k7fq-2mnt-x9rd')).toBeNull()
})

it('says at its field what is wrong with a name, and keeps what was typed', async () => {
  openPage('/people', 'administrator', (server) =>
    server.answers('POST', '/api/people', () =>
      problem(422, 'Some of it cannot be used.', { problems: [{ path: 'name', message: 'is somebody’s already.' }] }),
    ),
  )
  fireEvent.click(await screen.findByRole('button', { name: 'Add somebody' }))
  fireEvent.change(screen.getByLabelText('Name, as the record shows it'), { target: { value: 'Moss Tarrant' } })
  fireEvent.change(screen.getByLabelText('Signs in as'), { target: { value: 'jointer' } })
  fireEvent.click(screen.getByRole('button', { name: 'Add and give a password' }))
  expect(await screen.findByText('is somebody’s already.')).toBeTruthy()
  expect(screen.getByLabelText<HTMLInputElement>('Signs in as').value).toBe('jointer')
})

it('suspends somebody, standing on what was looked at', async () => {
  const server = openPage('/people', 'administrator', (server) => server.gives('PUT', '/api/people/trainer', account))
  fireEvent.click((await openTrainer()).getByRole('button', { name: 'Suspend' }))
  await waitFor(() => expect(server.stored).toHaveLength(1))
  expect(server.stored[0]?.body).toEqual({ shownAs: 'Ines Farrow', role: 'trainer', suspended: true })
  expect(server.stored[0]?.headers.get('If-Match')).toBe('"1"')
})

it('warns that another role signs somebody out, and says when somebody else changed them meanwhile', async () => {
  openPage('/people', 'administrator', (server) =>
    server.answers('PUT', '/api/people/trainer', () => problem(409, 'Somebody else changed this person meanwhile.')),
  )
  const dialog = await openTrainer()
  fireEvent.change(dialog.getByLabelText('Role'), { target: { value: 'engineer' } })
  expect(dialog.getByText('Another role signs them out.')).toBeTruthy()
  fireEvent.click(dialog.getByRole('button', { name: 'Keep' }))
  expect(await dialog.findByText('Somebody else changed this person meanwhile.')).toBeTruthy()
})

it('gives a one-time password and ends sessions', async () => {
  const server = openPage('/people', 'administrator', (server) => {
    server.answers('DELETE', '/api/people/trainer/sessions', () => taken(null, 204))
    server.answers('POST', '/api/people/trainer/one-time-password', () => taken({ oneTimePassword: 'abcd-efgh-jkmn' }, 201))
  })
  fireEvent.click((await openTrainer()).getByRole('button', { name: 'Sign out everywhere' }))
  expect(await screen.findByText('Signed out everywhere.')).toBeTruthy()
  fireEvent.click(screen.getByRole('button', { name: 'Give a one-time password' }))
  expect(await screen.findByText('abcd-efgh-jkmn')).toBeTruthy()
  expect(server.stored.map(({ method, path }) => `${method} ${path}`)).toEqual([
    'DELETE /api/people/trainer/sessions',
    'POST /api/people/trainer/one-time-password',
  ])
})

it('is read by everybody and changed by an administrator only', async () => {
  openPage('/people', 'jointer')
  expect(await screen.findByText(/An administrator adds people/)).toBeTruthy()
  expect(rowOf('Joss Pellin').getByText('administrator')).toBeTruthy()
  expect(screen.queryByRole('button', { name: /Change|Add/ })).toBeNull()
  expect(screen.queryByRole('link', { name: 'People' })).toBeNull()
})
