// @vitest-environment happy-dom
import { fireEvent, screen, waitFor } from '@testing-library/react'
import { expect, it } from 'vitest'
import type { SentReading } from '../api/types'
import { openPage } from '../testing/page'
import { JOBS, jobOf, taken, type Server } from '../testing/server'

const BUILD = `/jobs/${JOBS['half-cut']}/build`
const WINDOW = jobOf('half-cut').markOut?.marks.find((mark) => mark.recorded === null)?.from['cable-end']
const GOOD = String(((WINDOW?.minMm ?? 0) + (WINDOW?.maxMm ?? 0)) / 2)

const sent = (more: Partial<SentReading> & { typed?: string }): SentReading => {
  const { typed = GOOD, ...others } = more
  const sentBy = { serial: 'K-2207', readAt: '2026-03-14T09:30:00Z', calibratedUntil: '2027-03-01', ...more.sentBy }
  return {
    id: 'one',
    ageSeconds: 0,
    enters: true,
    name: 'Caliper',
    outOfCalibration: false,
    reading: { typed, unit: 'mm', instrument: 'caliper', sentBy },
    ...others,
    sentBy,
  }
}

function tells(server: Server, ...readings: SentReading[]): void {
  const { stamp } = jobOf('half-cut')
  server.gives('POST', `/api/jobs/${JOBS['half-cut']}/log`, { before: stamp, stamp, changes: [] })
  server.answers('PUT', '/api/instrument-page', ({ body }) => {
    const { had } = body as { had: string[] }
    return taken({ paired: true, pages: 1, readings: readings.filter(({ id }) => !had.includes(id)) })
  })
}

const written = (server: Server) => server.stored.filter(({ path }) => path.endsWith('/log')).map(({ body }) => body as Entry)
type Entry = { event: { kind: string; reading: { typed: string; sentBy?: { serial: string } } } }

it('says nothing where nothing speaks for whoever is signed in', async () => {
  const server = openPage(BUILD)
  await screen.findByLabelText(/^Measured/)
  await waitFor(() => expect(server.sent.some(({ path }) => path === '/api/instrument-page')).toBe(true))
  expect(screen.queryByText('Your instruments are heard here.')).toBeNull()
})

it('records a reading that fits as it comes, with the instrument that sent it, and once', async () => {
  const server = openPage(BUILD, 'jointer', (one) => tells(one, sent({})))
  await waitFor(() => expect(written(server)).toHaveLength(1))
  expect(written(server)[0]?.event).toMatchObject({
    kind: 'cut-measured',
    reading: { typed: GOOD, instrument: 'caliper', sentBy: { serial: 'K-2207' } },
  })
  await waitFor(() => expect(server.sent.filter(({ path }) => path === '/api/instrument-page').length).toBeGreaterThan(1))
  const told = server.sent.filter(({ path }) => path === '/api/instrument-page').at(-1)?.body
  expect(told).toMatchObject({ had: ['one'] })
  expect(written(server)).toHaveLength(1)
})

it.each([
  ['of another page, or of some time ago', sent({ enters: false, ageSeconds: 95 }), 'read 2 minutes ago'],
  ['that does not fit', sent({ typed: '900' }), '900 mm'],
  [
    'out of calibration',
    sent({
      enters: false,
      outOfCalibration: true,
      sentBy: { serial: 'K-1', readAt: '2026-03-14T09:30:00Z', calibratedUntil: '2026-03-13' },
    }),
    'out of calibration since 2026-03-13',
  ],
  ['from before the step was opened', sent({ ageSeconds: 20 }), 'read 20 s ago'],
])('offers a reading %s', async (_, report, words) => {
  const server = openPage(BUILD, 'jointer', (one) => tells(one, report))
  const takeIt = await screen.findByRole('button', { name: 'Record it' })
  expect(takeIt.closest('[role=status]')?.textContent).toContain(words)
  expect(written(server)).toHaveLength(0)
  fireEvent.click(takeIt)
  await waitFor(() => expect(written(server)[0]?.event.reading.typed).toBe(report.reading?.typed))
})

it('lets go of what was not meant, and of what was offered before it', async () => {
  const before = sent({ id: 'before', enters: false, ageSeconds: 40, typed: '12' })
  const server = openPage(BUILD, 'jointer', (one) => tells(one, before, sent({ enters: false, typed: '13' })))
  expect(await screen.findByText('13 mm')).toBeTruthy()
  expect(screen.queryByText('12 mm')).toBeNull()
  fireEvent.click(screen.getByRole('button', { name: 'Not this' }))
  expect(await screen.findByText('Your instruments are heard here.')).toBeTruthy()
  expect(written(server)).toHaveLength(0)
})

it('is told on two pages that what is sent is offered', async () => {
  openPage(BUILD, 'jointer', (one) => one.gives('PUT', '/api/instrument-page', { paired: true, pages: 2, readings: [] }))
  expect(await screen.findByText(/A step is open on 2 of your pages/)).toBeTruthy()
})
