// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { expect, it } from 'vitest'
import { openPage } from '../../testing/page'
import { JOBS, jobOf } from '../../testing/server'

const PATH = `/jobs/${JOBS.finished}/record`

it('says that it is complete, what it was made of, and that the chain of entries is unbroken', async () => {
  openPage(PATH)
  expect((await screen.findByText(/Record of a/)).textContent).toMatch(/Complete\./)
  expect(screen.getAllByText(/item 09521230013321, batch Q26-0102, serial 0000871/)).toHaveLength(2)
  expect(await screen.findByText(/The chain of entries is unbroken/)).toBeTruthy()
  expect(screen.getByRole('link', { name: 'PDF' }).getAttribute('href')).toBe(`/api/jobs/${JOBS.finished}/record.pdf?unit=mm`)
})

it('is not complete while tasks are open, and says how many', async () => {
  openPage(`/jobs/${JOBS['half-cut']}/record`)
  const { completion } = jobOf('half-cut')
  expect((await screen.findByText(/Record of a/)).textContent).toContain(
    `Not complete: ${completion.open} of ${completion.all} tasks are open.`,
  )
})

it('says that the log was changed outside Berm', async () => {
  openPage(PATH, 'jointer', (server) =>
    server.gives('GET', `/api/jobs/${JOBS.finished}/chain`, {
      unbroken: false,
      faults: ['line 8 is not what was written there.'],
      lines: 20,
      lastHash: 'ab'.repeat(32),
      signedLines: 0,
    }),
  )
  expect(await screen.findByText(/The chain of entries is broken: the log was changed outside Berm/)).toBeTruthy()
  expect(screen.getByText('line 8 is not what was written there.')).toBeTruthy()
})

it('tells when something was done, and when it was written down where that was later', async () => {
  const job = jobOf('finished')
  const [first, second] = job.log
  if (!first || !second) throw new Error('two entries')
  first.doneAt = '2026-03-14T07:15:00+00:00'
  second.lapsed = true
  openPage(PATH, 'jointer', (server) => server.gives('GET', `/api/jobs/${JOBS.finished}`, job))
  const log = within(await screen.findByRole('region', { name: 'Log' }))
  const rows = log.getAllByRole('listitem').map((row) => row.textContent)
  expect(rows[0]).toMatch(/14 Mar 2026, \d\d:15 \(written 14 Mar 2026, \d\d:00\)/)
  expect(rows[1]).toContain('written for another plan: it no longer holds')
  expect(rows[2]).not.toContain('written')
})

it('withdraws an entry with a reason, and not without', async () => {
  const { stamp, log } = jobOf('finished')
  const server = openPage(PATH, 'jointer', (server) =>
    server.gives('POST', `/api/jobs/${JOBS.finished}/log`, { before: stamp, stamp, changes: [] }),
  )
  const region = within(await screen.findByRole('region', { name: 'Log' }))
  fireEvent.click(region.getAllByRole('button', { name: 'Withdraw' })[9] ?? document.body)
  const dialog = within(await screen.findByRole('dialog'))
  expect(dialog.getByText(/Oversheath, end A: 248 mm by steel rule\. It stays in the log, struck through/)).toBeTruthy()
  fireEvent.click(dialog.getByRole('button', { name: 'Withdraw it' }))
  expect(dialog.getByText('Give the reason: it stays in the record.')).toBeTruthy()
  fireEvent.change(dialog.getByLabelText('Why it was wrong'), { target: { value: 'read at the wrong end' } })
  fireEvent.click(dialog.getByRole('button', { name: 'Withdraw it' }))
  await waitFor(() => expect(server.stored).toHaveLength(1))
  expect(server.stored[0]?.body).toMatchObject({
    event: { kind: 'withdrawn', entry: log[9]?.id, reason: 'read at the wrong end' },
  })
  expect(screen.queryByRole('dialog')).toBeNull()
})

it('lets nobody withdraw who may not build', async () => {
  openPage(PATH, 'storekeeper')
  await screen.findByRole('region', { name: 'Log' })
  expect(screen.queryByRole('button', { name: 'Withdraw' })).toBeNull()
})
