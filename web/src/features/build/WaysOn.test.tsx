// @vitest-environment happy-dom
import { screen, waitFor, within } from '@testing-library/react'
import { expect, it } from 'vitest'
import type { Way } from '../../api/types'
import { openPage } from '../../testing/page'
import { JOBS, problem, taken, type Server } from '../../testing/server'
import { outJob, RULED_OUT, way } from '../../testing/ways'

const ID = JOBS['half-cut']
const WAYS = `/api/jobs/${ID}/ways`

const open = (ways: Way[], more: (server: Server) => void = () => undefined) =>
  openPage(`/jobs/${ID}/build`, 'jointer', (server) => {
    server.gives('GET', `/api/jobs/${ID}`, outJob())
    server.answers('GET', WAYS, () => taken({ ways, lies: null }))
    more(server)
  })

it('says the best way on where a cut is out, and leads to all of them', async () => {
  const stands = way('let-stand', 'Let it stand', { by: 'engineer' })
  const server = open([stands, way('cut-back', 'Cut end A back'), way('start-over', 'Make end A new'), RULED_OUT])
  const ways = within(await screen.findByRole('region', { name: 'What can still be done' }))
  expect(server.sent.find(({ path }) => path.startsWith(WAYS))).toBeTruthy()
  expect(ways.getByText('Cut end A back')).toBeTruthy()
  expect(ways.queryByText('Make end A new')).toBeNull()
  const link = ways.getByRole('link', { name: 'What can still be done: 3 ways' })
  expect(link.getAttribute('href')).toBe(`/jobs/${ID}/build/ways?end=A&cut=insulation`)
})

it('leaves what an engineer may say where the ways cannot be worked out', async () => {
  open([], (server) => server.answers('GET', WAYS, () => problem(409, 'Nothing is out.')))
  expect(await screen.findByText('Recorded: 61 mm by steel rule')).toBeTruthy()
  await waitFor(() => expect(screen.queryByText('Working out what can still be done …')).toBeNull())
  expect(screen.queryByRole('region', { name: 'What can still be done' })).toBeNull()
  expect(screen.getByText(/may let it stand/)).toBeTruthy()
})
