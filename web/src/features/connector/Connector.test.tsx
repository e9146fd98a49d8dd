// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { expect, it } from 'vitest'
import type { Draft, Job, LogEvent } from '../../api/types'
import { openPage } from '../../testing/page'
import { answerOf, JOBS, jobOf, problem, taken, type Server } from '../../testing/server'

const ID = JOBS['half-cut']
const PATH = `/jobs/${ID}/connector`
const [press] = (answerOf('tools-for-half-cut') as { tools: { tool: { id: string; name: string } }[] }).tools

const takesPlans = (server: Server) =>
  server.answers('PUT', `/api/jobs/${ID}/plan`, ({ body }) =>
    taken({ ...jobOf('half-cut'), version: jobOf('half-cut').version + 1, draft: body as Draft } satisfies Job),
  )

it('chooses a connector with its revision, and says why the others do not fit', async () => {
  const server = openPage(PATH, 'jointer', takesPlans)
  expect(await screen.findByText(/The conductor is copper; this takes aluminium only/)).toBeTruthy()
  fireEvent.click(screen.getByRole('button', { name: /^Shear-bolt connector 70 to 150 Tallis/ }))
  await waitFor(() => expect(server.stored).toHaveLength(1))
  const { draft } = jobOf('half-cut')
  expect(server.stored[0]?.body).toEqual({ ...draft, connector: { id: 'tallis-shear-95-150', revision: 1 } })
})

it('says how the chosen one is fixed, each side for itself', async () => {
  openPage(PATH)
  expect(await screen.findByText('Die hexagonal, Al 95; 4 crimps on its side; it grows by 8.8 mm in all.')).toBeTruthy()
  expect(screen.getByText('One side for aluminium, 95 mm²: bore 12.6 mm, 50 mm deep.')).toBeTruthy()
})

it('names a press for the job, and offers none that has not the die', async () => {
  const { stamp } = jobOf('half-cut')
  const server = openPage(PATH, 'jointer', (server) =>
    server.gives('POST', `/api/jobs/${ID}/tools/${press?.tool.id}`, { before: stamp, stamp, changes: [] }),
  )
  const tools = within(await screen.findByRole('region', { name: 'Tools' }))
  expect(tools.getAllByRole('button', { name: 'Use it' })).toHaveLength(1)
  expect(tools.getByText(/has no die hexagonal, Cu 95/)).toBeTruthy()
  fireEvent.click(tools.getByRole('button', { name: 'Use it' }))
  await waitFor(() => expect(server.stored.map(({ path }) => path)).toEqual([`/api/jobs/${ID}/tools/${press?.tool.id}`]))
})

it('says why a press could not be named', async () => {
  openPage(PATH, 'jointer', (server) =>
    server.answers('POST', `/api/jobs/${ID}/tools/${press?.tool.id}`, () => problem(409, 'It is named for another job.')),
  )
  fireEvent.click(await screen.findByRole('button', { name: 'Use it' }))
  expect((await screen.findByRole('alert')).textContent).toContain('It is named for another job.')
})

it('a press that is not used after all is withdrawn, not struck from the record', async () => {
  const job = jobOf('half-cut')
  const tool = { ...press?.tool, kind: 'crimp-press' }
  job.log = [
    ...job.log,
    { ...job.log[0], id: 'entry-9', counts: true, lapsed: false, event: { kind: 'tool-taken', tool } },
  ] as Job['log']
  const server = openPage(PATH, 'jointer', (server) => {
    server.gives('GET', `/api/jobs/${ID}`, job)
    server.gives('POST', `/api/jobs/${ID}/log`, { before: job.stamp, stamp: job.stamp, changes: [] })
  })
  fireEvent.click(await screen.findByRole('button', { name: 'Not this one' }))
  await waitFor(() => expect(server.stored).toHaveLength(1))
  const { event } = server.stored[0]?.body as { event: LogEvent }
  expect(event).toEqual({ kind: 'withdrawn', entry: 'entry-9', reason: 'Another tool is used.' })
})
