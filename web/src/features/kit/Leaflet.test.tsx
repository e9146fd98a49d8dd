// @vitest-environment happy-dom
import 'fake-indexeddb/auto'
import { fireEvent, screen, waitFor } from '@testing-library/react'
import { expect, it } from 'vitest'
import type { Job } from '../../api/types'
import { openPage } from '../../testing/page'
import { JOBS, jobOf, type Server } from '../../testing/server'

const KIT = `/jobs/${JOBS['half-cut']}/kit`
const SHEET = 'QL 12, issue 4'
const job = (leaflet: Partial<Job['leaflet']>): Job => ({
  ...jobOf('half-cut'),
  leaflet: { sheet: SHEET, read: null, by: null, isOther: false, compared: null, ...leaflet },
})
const gives = (leaflet: Partial<Job['leaflet']>) => (server: Server) => {
  const one = job(leaflet)
  server.gives('GET', `/api/jobs/${JOBS['half-cut']}`, one)
  server.gives('POST', `/api/jobs/${JOBS['half-cut']}/log`, { before: one.stamp, stamp: one.stamp, changes: [] })
}
const other = { read: 'QL 12, issue 5', by: 'Wren Addlery', isOther: true }

it('is the sheet’s by one touch, or another one as it stands on it', async () => {
  const server = openPage(KIT, 'jointer', gives({}))
  fireEvent.click(await screen.findByRole('button', { name: `It is ${SHEET}` }))
  await waitFor(() => expect(server.stored).toMatchObject([{ body: { event: { kind: 'leaflet-read', edition: SHEET } } }]))
})

it('asks for its edition before another one is written down', async () => {
  const server = openPage(KIT, 'jointer', gives({}))
  fireEvent.click(await screen.findByRole('button', { name: 'It is this one' }))
  expect(screen.getByText('Copy the edition or the date from the leaflet.')).toBeTruthy()
  fireEvent.change(screen.getByLabelText('Another: as it stands on it'), { target: { value: 'QL 12, issue 5' } })
  fireEvent.click(screen.getByRole('button', { name: 'It is this one' }))
  await waitFor(() =>
    expect(server.stored).toMatchObject([{ body: { event: { kind: 'leaflet-read', edition: 'QL 12, issue 5' } } }]),
  )
})

it('another one waits for an engineer, who compares them in writing', async () => {
  const server = openPage(KIT, 'engineer', gives(other))
  expect(await screen.findByText(`Edition QL 12, issue 5, and the sheet is of ${SHEET}`)).toBeTruthy()
  fireEvent.change(screen.getByLabelText('How they differ, and why it may be built'), { target: { value: 'Only the cover.' } })
  fireEvent.click(screen.getByRole('button', { name: 'Let it stand' }))
  await waitFor(() =>
    expect(server.stored).toMatchObject([{ body: { event: { kind: 'leaflet-compared', reason: 'Only the cover.' } } }]),
  )
})

it('a jointer calls for it by one touch', async () => {
  const server = openPage(KIT, 'jointer', gives(other))
  fireEvent.click(await screen.findByRole('button', { name: 'Call for it' }))
  await waitFor(() => expect(server.stored).toMatchObject([{ body: { event: { kind: 'called', about: 'let-stand' } } }]))
})

it('is not asked of a sheet that does not say its edition', async () => {
  openPage(KIT, 'jointer', gives({ sheet: '' }))
  await screen.findByRole('heading', { name: /^Kit/ })
  expect(screen.queryByRole('region', { name: 'Leaflet' })).toBeNull()
})
