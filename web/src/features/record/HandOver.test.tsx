// @vitest-environment happy-dom
import 'fake-indexeddb/auto'
import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { expect, it } from 'vitest'
import { openPage } from '../../testing/page'
import { JOBS, jobOf } from '../../testing/server'

const PATH = `/jobs/${JOBS.finished}/record`
const SENTENCE = 'All is done; not handed over yet.'

/** All is done on it, and nobody has signed for it. */
function done() {
  const job = jobOf('finished')
  job.completion = { ...job.completion, complete: false, sentence: { ...job.completion.sentence, template: SENTENCE } }
  return job
}

it('is handed over to whoever signs for it by name, and not without', async () => {
  const job = done()
  const server = openPage(PATH, 'jointer', (server) => {
    server.gives('GET', `/api/jobs/${JOBS.finished}`, job)
    server.gives('POST', `/api/jobs/${JOBS.finished}/log`, { before: job.stamp, stamp: job.stamp, changes: [] })
  })
  const region = within(await screen.findByRole('region', { name: 'Hand over' }))
  expect(screen.getByText(/Record of a/).textContent).toContain(SENTENCE)
  fireEvent.click(region.getByRole('button', { name: 'Hand over' }))
  expect(region.getByText('Name who takes it over.')).toBeTruthy()
  expect(server.stored).toEqual([])
  fireEvent.change(region.getByLabelText('Signed for by'), { target: { value: '  Ida Morrow, control ' } })
  fireEvent.click(region.getByRole('button', { name: 'Hand over' }))
  await waitFor(() =>
    expect(server.stored).toMatchObject([{ body: { event: { kind: 'handed-over', signedBy: 'Ida Morrow, control' } } }]),
  )
})

it('is asked for by nobody while work is open, nor once it is handed over', async () => {
  openPage(PATH)
  await screen.findByText(/Record of a/)
  expect(screen.queryByRole('region', { name: 'Hand over' })).toBeNull()
})

it('says who may, to whoever may not', async () => {
  openPage(PATH, 'trainer', (server) => server.gives('GET', `/api/jobs/${JOBS.finished}`, done()))
  const region = within(await screen.findByRole('region', { name: 'Hand over' }))
  expect(region.queryByRole('button')).toBeNull()
  expect(region.getByText(/hands it over/)).toBeTruthy()
})
