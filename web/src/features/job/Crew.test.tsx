// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { expect, it } from 'vitest'
import { openPage } from '../../testing/page'
import { JOBS, jobOf, problem, type Server } from '../../testing/server'

const JOB = JOBS['half-cut']
const CREW = `/api/jobs/${JOB}/crew`
const others = { people: [{ name: 'moss', shownAs: 'Moss Tarrant' }], uncheckedCables: [], uncheckedConnectors: [] }
const givenToMoss = (server: Server) => server.gives('GET', CREW, others)

it('of a job that is somebody else’s everything is read and nothing offered', async () => {
  openPage(`/jobs/${JOB}/safety`, 'jointer', givenToMoss)
  expect(await screen.findByText('Given to Moss Tarrant.')).toBeTruthy()
  expect(screen.queryByRole('button', { name: /Confirm/ })).toBeNull()
  expect(screen.queryByRole('button', { name: 'Take it on too' })).toBeNull()
  expect(screen.queryByRole('button', { name: 'Give to others' })).toBeNull()
})

it('an engineer takes it on', async () => {
  const server = openPage(`/jobs/${JOB}/safety`, 'engineer', (server) => {
    givenToMoss(server)
    server.answers('PUT', CREW, () => {
      const people = [...others.people, { name: 'engineer', shownAs: 'Tamsin Oake' }]
      server.gives('GET', CREW, { ...others, people })
      return { status: 200, body: { people } }
    })
  })
  fireEvent.click(await screen.findByRole('button', { name: 'Take it on too' }))
  await waitFor(() => expect(screen.queryByText('Given to Moss Tarrant.')).toBeNull())
  expect(server.stored[0]?.body).toEqual({ people: ['moss', 'engineer'] })
})

it('whoever has it gives it to others, and never to nobody', async () => {
  const server = openPage(`/jobs/${JOB}/safety`, 'jointer', (server) =>
    server.answers('PUT', CREW, () => problem(422, 'Some of it cannot be used.')),
  )
  fireEvent.click((await screen.findAllByRole('button', { name: 'Give to others' }))[0] ?? document.body)
  const dialog = within(await screen.findByRole('dialog'))
  const box = async (name: RegExp) => fireEvent.click(await dialog.findByRole('checkbox', { name }))
  expect(dialog.queryByRole('checkbox', { name: /Bram Kettley/ })).toBeNull()
  await box(/Wren Addlery/)
  await box(/Tamsin Oake/)
  fireEvent.click(dialog.getByRole('button', { name: 'Give it to them' }))
  await waitFor(() => expect(server.stored[0]?.body).toEqual({ people: ['checker'] }))
  expect(await dialog.findByText('Some of it cannot be used.')).toBeTruthy()
  await box(/Hedda Loram/)
  expect(dialog.getByText(/Name at least one/)).toBeTruthy()
  expect(dialog.getByRole<HTMLButtonElement>('button', { name: 'Give it to them' }).disabled).toBe(true)
})

it('what only its writer has looked at is said where it is used, and looked at by an engineer', async () => {
  const { connector } = jobOf('half-cut').draft
  if (!connector) throw new Error('the job has a connector')
  const check = `/api/connectors/${connector.id}/${connector.revision}/check`
  const server = openPage(`/jobs/${JOB}/connector`, 'engineer', (server) => {
    server.gives('GET', CREW, {
      people: [{ name: 'engineer', shownAs: 'T' }],
      uncheckedCables: [],
      uncheckedConnectors: [connector],
    })
    server.answers('PUT', check, () => {
      server.gives('GET', CREW, { people: [{ name: 'engineer', shownAs: 'T' }], uncheckedCables: [], uncheckedConnectors: [] })
      return { status: 204, body: null }
    })
  })
  expect(await screen.findByText(/Not checked: only who wrote it down has looked at it/)).toBeTruthy()
  fireEvent.click(screen.getByRole('button', { name: 'I have looked at it: it is right' }))
  await waitFor(() => expect(screen.queryByText(/Not checked/)).toBeNull())
  expect(server.stored.map(({ path }) => path)).toEqual([check])
})
