// @vitest-environment happy-dom
import 'fake-indexeddb/auto'
import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { expect, it } from 'vitest'
import type { Call, Job } from '../api/types'
import { openPage } from '../testing/page'
import { JOBS, jobOf, type Server } from '../testing/server'

const BUILD = `/jobs/${JOBS.staged}/build`
const LOG = `/api/jobs/${JOBS.staged}/log`
const { stamp, next } = jobOf('staged')
const takes = (server: Server, job?: Job) => {
  server.gives('POST', LOG, { before: stamp, stamp, changes: [] })
  if (job) server.gives('GET', `/api/jobs/${JOBS.staged}`, job)
}
const call = (more: Partial<Call> = {}): Call => ({
  entry: 'call-1',
  about: 'leaflet',
  stage: next.stage ?? '',
  note: '35 mm, not 30',
  by: 'Wren Addlery',
  at: '2026-03-14T10:42:00Z',
  answer: null,
  ...more,
})
const withCalls = (...calls: Call[]): Job => ({ ...jobOf('staged'), calls })

it('calls an engineer from the stage that is at work, and not about nothing', async () => {
  const server = openPage(BUILD, 'jointer', (server) => takes(server))
  fireEvent.click(await screen.findByText('Call an engineer'))
  fireEvent.click(screen.getByRole('button', { name: 'Call' }))
  expect(screen.getByText('Write what it is about.')).toBeTruthy()
  expect(server.stored).toEqual([])
  fireEvent.click(screen.getByLabelText('The leaflet says otherwise'))
  fireEvent.change(screen.getByLabelText('What the leaflet says, with its number'), { target: { value: ' 35 mm ' } })
  fireEvent.click(screen.getByRole('button', { name: 'Call' }))
  await waitFor(() =>
    expect(server.stored).toMatchObject([
      { body: { event: { kind: 'called', about: 'leaflet', note: '35 mm', stage: next.stage } } },
    ]),
  )
})

it('shows that it was asked, and then the answer, at its own stage', async () => {
  const answered = call({
    entry: 'call-2',
    note: 'Why?',
    about: 'question',
    answer: { entry: 'a', text: 'So.', by: 'Tamsin Oake', at: '2026-03-14T11:00:00Z' },
  })
  openPage(BUILD, 'jointer', (server) =>
    takes(server, withCalls(call(), answered, call({ entry: 'call-3', stage: 'another', answer: answered.answer }))),
  )
  const texts = (name: string) =>
    within(screen.getByRole('list', { name }))
      .getAllByRole('listitem')
      .map((one) => one.textContent)
  await screen.findByRole('list', { name: 'Calls' })
  expect(texts('Calls')).toEqual([
    expect.stringContaining('has not answered yet'),
    expect.stringContaining('Answer: So. Tamsin Oake'),
  ])
  expect(screen.queryByLabelText('Answer')).toBeNull()
})

it('stands on top for an engineer, whichever stage it is of', async () => {
  openPage(BUILD, 'engineer', (server) => takes(server, withCalls(call({ stage: 'another' }))))
  const open = within(await screen.findByRole('list', { name: 'Open calls' }))
  expect(open.getAllByRole('listitem')).toHaveLength(1)
  expect(screen.queryByRole('list', { name: 'Calls' })).toBeNull()
})

it('is answered by an engineer, with words', async () => {
  const server = openPage(BUILD, 'engineer', (server) => takes(server, withCalls(call())))
  fireEvent.click(await screen.findByRole('button', { name: 'Answer' }))
  expect(screen.getByText('Write the answer.')).toBeTruthy()
  fireEvent.change(screen.getByLabelText('Answer'), { target: { value: 'Take 35.' } })
  fireEvent.click(screen.getByRole('button', { name: 'Answer' }))
  await waitFor(() =>
    expect(server.stored).toMatchObject([{ body: { event: { kind: 'answered', call: 'call-1', answer: 'Take 35.' } } }]),
  )
})
