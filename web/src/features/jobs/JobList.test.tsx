// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { expect, it } from 'vitest'
import { openPage } from '../../testing/page'
import { answerOf, JOBS, jobOf, problem, taken } from '../../testing/server'

const row = async (name: RegExp) => {
  const link = await screen.findByRole('link', { name })
  const item = link.closest('li')
  if (!item) throw new Error('a job stands in a list')
  return within(item)
}

it('says of each job what stands in the way first, how much more, and leads to the step where it is seen to', async () => {
  openPage('/')
  const trouble = await row(/Weir Lane pit 3/)
  expect(trouble.getByText(/lies 0\.1 °F above the dew point of 51\.9 °F: it needs 5\.4 °F/)).toBeTruthy()
  expect(trouble.getByText('and 2 more things in the way')).toBeTruthy()
  expect(trouble.getByRole('link', { name: /Put right what is wrong with the cable/ }).getAttribute('href')).toContain('/cables')
  expect(trouble.getByRole('img').getAttribute('aria-label')).toBe('1 of 7 steps done')
})

it('says of a build that goes well what is next, at which core', async () => {
  openPage('/')
  const going = await row(/Hollin Cross 2/)
  expect(going.getByText('Nothing stands in the way.')).toBeTruthy()
  expect(going.getByRole('link', { name: /end A, core 2/ }).getAttribute('href')).toBe(`/jobs/${JOBS.staged}/build`)
})

it('says of what is complete that it is', async () => {
  openPage('/')
  expect((await row(/Sallow Fen 3 · joint 1/)).getByText('Built, recorded and handed over.')).toBeTruthy()
})

async function newJob(name: string) {
  fireEvent.click(await screen.findByRole('button', { name: 'New job' }))
  fireEvent.change(await screen.findByLabelText('Place and position'), { target: { value: name } })
  fireEvent.click(screen.getByLabelText('Inches'))
  fireEvent.click(screen.getByRole('button', { name: 'Make the job' }))
}

it('makes a job and goes on to safe to start', async () => {
  const server = openPage('/', 'jointer', (server) => {
    server.answers('POST', '/api/jobs', ({ body }) => {
      const job = { ...jobOf('half-cut'), ...(body as object), safety: null, log: [] }
      server.gives('GET', `/api/jobs/${job.id}`, job)
      return taken(job, 201)
    })
  })
  await newJob('Pier 4 · splice')
  expect(await screen.findByRole('button', { name: 'Confirm, from the permit' })).toBeTruthy()
  expect(server.stored.map(({ body }) => body)).toEqual([
    { id: expect.stringMatching(/^[0-9a-f-]{36}$/) as unknown, name: 'Pier 4 · splice', function: 'joint', unit: 'in' },
  ])
})

it('asks for a name, and keeps what was typed where the server refuses', async () => {
  const server = openPage('/', 'jointer', (server) =>
    server.answers('POST', '/api/jobs', () => problem(422, 'A job of this name is open.')),
  )
  await newJob('  ')
  expect(screen.getByText(/Give the job a name/)).toBeTruthy()
  expect(server.stored).toEqual([])
  fireEvent.change(screen.getByLabelText('Place and position'), { target: { value: 'Pier 4' } })
  fireEvent.click(screen.getByRole('button', { name: 'Make the job' }))
  expect((await screen.findByRole('alert')).textContent).toContain('A job of this name is open.')
  expect(screen.getByLabelText<HTMLInputElement>('Place and position').value).toBe('Pier 4')
})

it('offers no new job to whoever may make none, and says who may', async () => {
  openPage('/', 'storekeeper')
  await row(/Weir Lane pit 3/)
  expect(screen.queryByRole('button', { name: 'New job' })).toBeNull()
  expect(screen.getByText(/makes jobs/)).toBeTruthy()
})

it('says that the list could not be fetched, and fetches it when asked again', async () => {
  const server = openPage('/', 'jointer', (server) => server.answers('GET', '/api/jobs', () => problem(403, 'Not here.')))
  const again = await screen.findByRole('button', { name: 'Try again' })
  server.gives('GET', '/api/jobs', { jobs: [], total: 0, page: 1, perPage: 20 })
  fireEvent.click(again)
  await waitFor(() => expect(screen.getByText(/There is no job yet/)).toBeTruthy())
})

it('says which job cannot be read and why, and shows the others', async () => {
  openPage('/', 'jointer', (server) =>
    server.gives('GET', '/api/jobs', {
      ...(answerOf('jobs') as object),
      unreadable: [{ id: 'Weir Lane pit 9', reason: 'unit is missing: fill it in.' }],
    }),
  )
  expect(await screen.findByText('Weir Lane pit 9 cannot be read.')).toBeTruthy()
  expect(screen.getByText(/unit is missing/)).toBeTruthy()
  expect(within(screen.getByRole('list', { name: 'Jobs' })).getAllByRole('listitem').length).toBeGreaterThan(3)
})
