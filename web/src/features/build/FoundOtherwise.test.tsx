// @vitest-environment happy-dom
import 'fake-indexeddb/auto'
import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { expect, it } from 'vitest'
import type { Job } from '../../api/types'
import { openPage } from '../../testing/page'
import { JOBS, jobOf, type Server } from '../../testing/server'

const BUILD = `/jobs/${JOBS.staged}/build`
const LOG = `/api/jobs/${JOBS.staged}/log`
const { stamp } = jobOf('staged')
const takes = (server: Server) => server.gives('POST', LOG, { before: stamp, stamp, changes: [] })

it('is written down with where and what is seen, and not without', async () => {
  const server = openPage(BUILD, 'jointer', takes)
  fireEvent.click(await screen.findByText('The cable is otherwise than planned'))
  fireEvent.click(screen.getByRole('button', { name: 'Write down what was found' }))
  expect(screen.getByText('Write what you see.')).toBeTruthy()
  expect(server.stored).toEqual([])
  fireEvent.change(screen.getByLabelText('What shows'), { target: { value: 'other-screen' } })
  fireEvent.click(within(screen.getByRole('group', { name: 'At' })).getByLabelText('End B'))
  fireEvent.change(screen.getByLabelText('What you see, and how far'), { target: { value: ' Wires, not tape. ' } })
  fireEvent.click(screen.getByRole('button', { name: 'Write down what was found' }))
  await waitFor(() =>
    expect(server.stored).toMatchObject([
      { body: { event: { kind: 'found', what: 'other-screen', end: 'B', note: 'Wires, not tape.' } } },
    ]),
  )
})

const found = (): Job => {
  const job = jobOf('staged')
  return {
    ...job,
    next: { ...job.next, step: 'cables', task: null },
    obstacles: [
      {
        code: 'found-otherwise', severity: 'stops', step: 'cables', end: 'A', core: null, hides: [],
        reason: { template: 'Found at end A: water in the strands. Plan anew.', values: {} },
        acceptable: { kind: 'found-accepted', found: 'entry-7' },
      },
    ],
  } // prettier-ignore
}

it('stands in the way with the way to the cables, and an engineer lets it stand in writing', async () => {
  const server = openPage(BUILD, 'engineer', (server) => {
    takes(server)
    server.gives('GET', `/api/jobs/${JOBS.staged}`, found())
  })
  expect(await screen.findByText(/water in the strands/)).toBeTruthy()
  expect(screen.getByRole('link', { name: 'See to it' }).getAttribute('href')).toBe(`/jobs/${JOBS.staged}/cables`)
  fireEvent.change(screen.getByLabelText('Why it may stand'), { target: { value: 'Cut back 2 m.' } })
  fireEvent.click(screen.getByRole('button', { name: 'Let it stand' }))
  await waitFor(() =>
    expect(server.stored).toMatchObject([
      { body: { event: { kind: 'found-accepted', found: 'entry-7', reason: 'Cut back 2 m.' } } },
    ]),
  )
})
