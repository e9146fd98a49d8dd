// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { expect, it } from 'vitest'
import { openPage } from '../../testing/page'
import { problem, taken } from '../../testing/server'

const VAN = { id: 'van', name: 'Van', madeAt: '2026-03-14T09:00:00Z', lastUsedAt: null, speaks: true }

it('makes a token, shows it once, and ends another', async () => {
  const server = openPage('/you', 'jointer', (one) => {
    one.gives('GET', '/api/instrument-tokens', { tokens: [VAN, { ...VAN, id: 'old', name: 'Old phone', speaks: false }] })
    one.answers('POST', '/api/instrument-tokens', () => taken({ secret: 'berm-0123' }, 201))
    one.answers('DELETE', '/api/instrument-tokens/van', () => taken(null, 204))
  })
  const section = within(await screen.findByRole('region', { name: 'Instruments' }))
  expect(await section.findByText(/made 14 Mar 2026, not heard yet/)).toBeTruthy()
  expect(section.getByText(/ended with your sessions/)).toBeTruthy()
  fireEvent.change(section.getByLabelText('What you call it'), { target: { value: ' Bench ' } })
  fireEvent.click(section.getByRole('button', { name: 'Make a token' }))
  expect(await section.findByText('berm-0123')).toBeTruthy()
  expect(server.stored[0]?.body).toMatchObject({ name: 'Bench' })
  fireEvent.click(section.getByRole('button', { name: 'End it: Van' }))
  await waitFor(() => expect(server.stored.at(-1)?.method).toBe('DELETE'))
})

it('says why no token was made, and keeps the name', async () => {
  const message = 'would be one too many: you have 5. End one that is not used.'
  openPage('/you', 'jointer', (one) =>
    one.answers('POST', '/api/instrument-tokens', () => problem(422, 'No', { problems: [{ path: 'name', message }] })),
  )
  const section = within(await screen.findByRole('region', { name: 'Instruments' }))
  fireEvent.change(section.getByLabelText('What you call it'), { target: { value: 'Bench' } })
  fireEvent.click(section.getByRole('button', { name: 'Make a token' }))
  expect(await section.findByText(message)).toBeTruthy()
  expect(section.getByLabelText<HTMLInputElement>('What you call it').value).toBe('Bench')
})
