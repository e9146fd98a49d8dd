// @vitest-environment happy-dom
import 'fake-indexeddb/auto'
import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { expect, it } from 'vitest'
import { openPage } from '../testing/page'
import { JOBS, jobOf } from '../testing/server'

const BUILD = `/jobs/${JOBS.staged}/build`
const LOG = `/api/jobs/${JOBS.staged}/log`

it('is written on the stage that is at work, and not when it says nothing', async () => {
  const { stamp, next } = jobOf('staged')
  const server = openPage(BUILD, 'jointer', (server) => server.gives('POST', LOG, { before: stamp, stamp, changes: [] }))
  fireEvent.click(await screen.findByText('Write a note'))
  fireEvent.click(screen.getByRole('button', { name: 'Keep the note' }))
  expect(screen.getByText('Write what you have to say.')).toBeTruthy()
  expect(server.stored).toEqual([])
  fireEvent.change(screen.getByLabelText('Note'), { target: { value: ' Water in the pit. ' } })
  fireEvent.click(screen.getByRole('button', { name: 'Keep the note' }))
  await waitFor(() =>
    expect(server.stored).toMatchObject([{ body: { event: { kind: 'noted', note: 'Water in the pit.', stage: next.stage } } }]),
  )
  expect(screen.getByLabelText<HTMLTextAreaElement>('Note').value).toBe('')
})

it('stands at its stage with who wrote it, until it is withdrawn', async () => {
  const job = jobOf('staged')
  const entry = job.log.at(-1)
  if (!entry || !job.next.stage) throw new Error('it is at work')
  const note = (id: string, text: string, counts: boolean, stage: string) => ({
    ...entry,
    ...{ id, by: 'Ada Brook', counts, event: { kind: 'noted' as const, note: text, stage } },
  })
  job.log.push(
    note('a', 'Rain since noon', true, job.next.stage),
    note('b', 'Taken back', false, job.next.stage),
    note('c', 'Elsewhere', true, 'another'),
  )
  openPage(BUILD, 'jointer', (server) => server.gives('GET', `/api/jobs/${JOBS.staged}`, job))
  const notes = within(await screen.findByRole('list', { name: 'Notes' }))
  expect(notes.getAllByRole('listitem').map((one) => one.textContent)).toEqual(['Rain since noon Ada Brook'])
})
