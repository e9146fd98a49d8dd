// @vitest-environment happy-dom
import 'fake-indexeddb/auto'
import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { expect, it } from 'vitest'
import { openPage } from '../../testing/page'
import { JOBS, jobOf } from '../../testing/server'

const KIT = `/jobs/${JOBS['half-cut']}/kit`
const job = jobOf('half-cut')
const [material] = job.materials

it('says which piece came from where, with its batch, and not without', async () => {
  const server = openPage(KIT, 'jointer', (server) =>
    server.gives('POST', `/api/jobs/${JOBS['half-cut']}/log`, { before: job.stamp, stamp: job.stamp, changes: [] }),
  )
  const summary = await screen.findByText('A piece from another box or the store')
  fireEvent.click(summary)
  const form = within(summary.closest('details') ?? document.body)
  fireEvent.change(form.getByLabelText('How many'), { target: { value: 'two' } })
  fireEvent.click(form.getByRole('button', { name: 'Write the piece down' }))
  expect(form.getByText('Type a whole number.')).toBeTruthy()
  expect(form.getByText('Copy the batch from what it came in.')).toBeTruthy()
  expect(server.stored).toEqual([])
  fireEvent.change(form.getByLabelText('How many'), { target: { value: '2' } })
  fireEvent.change(form.getByLabelText('Its batch'), { target: { value: ' B9 ' } })
  fireEvent.change(form.getByLabelText('From'), { target: { value: 'owners-store' } })
  fireEvent.click(form.getByRole('button', { name: 'Write the piece down' }))
  const event = { kind: 'piece-taken', stock: material?.key, pieces: 2, batch: 'B9', from: 'owners-store' }
  await waitFor(() => expect(server.stored).toMatchObject([{ body: { event } }]))
})

it('is not asked of whoever does not build', async () => {
  openPage(KIT, 'storekeeper')
  await screen.findByRole('heading', { name: /^Kit/ })
  expect(screen.queryByText('A piece from another box or the store')).toBeNull()
})
