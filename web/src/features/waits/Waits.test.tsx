// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { expect, it } from 'vitest'
import type { Wait } from '../../api/types'
import { openPage } from '../../testing/page'
import { JOBS, problem } from '../../testing/server'

const wait = (more: Partial<Wait>): Wait => ({
  job: { id: JOBS.staged, name: 'Hollin Cross 2' },
  who: 'engineer',
  what: { template: 'Hold point', values: {} },
  step: 'build',
  by: null,
  at: null,
  for: null,
  ...more,
})
const text = (template: string) => ({ what: { template, values: {} } })

it('tells an engineer what waits for them, who called and when, and what waits for others', async () => {
  openPage('/waits', 'engineer', (server) =>
    server.gives('GET', '/api/waits', {
      waits: [
        wait({ ...text('Is this lead?'), by: 'Wren Addlery', at: '2026-03-14T10:42:00Z' }),
        wait({ ...text('Another leaflet'), step: 'kit' }),
        wait({ ...text('Two springs short'), who: 'storekeeper' }),
      ],
      unseen: 0,
    }),
  )
  const mine = within(await screen.findByRole('region', { name: 'For you' }))
  await waitFor(() => expect(mine.getAllByRole('listitem')).toHaveLength(2))
  const [first, second] = mine.getAllByRole('listitem')
  expect(first?.textContent).toContain('Wren Addlery, 14 Mar 2026')
  expect(second?.textContent).toContain('waits for an engineer')
  const links = mine.getAllByRole('link').map((link) => link.getAttribute('href'))
  expect(links).toEqual([`/jobs/${JOBS.staged}/build`, `/jobs/${JOBS.staged}/kit`])
  const others = within(screen.getByRole('region', { name: 'For others' }))
  expect(others.getByText('Two springs short')).toBeTruthy()
  expect(screen.getByRole('link', { name: '2 wait for you' })).toBeTruthy()
})

it('tells a jointer their own answers, and nobody else’s', async () => {
  openPage('/waits', 'jointer', (server) =>
    server.gives('GET', '/api/waits', {
      waits: [
        wait({ ...text('Answer: take 35'), who: 'jointer', for: 'Wren Addlery', by: 'Tamsin Oake', at: '2026-03-14T11:00:00Z' }),
        wait({ ...text('Answer: no'), who: 'jointer', for: 'Ines Farrow', by: 'Tamsin Oake', at: '2026-03-14T11:00:00Z' }),
      ],
      unseen: 3,
    }),
  )
  const mine = within(await screen.findByRole('region', { name: 'For you' }))
  expect((await mine.findAllByRole('listitem')).map((one) => one.textContent)).toEqual([expect.stringContaining('take 35')])
  expect(screen.getByText('3 jobs are still looked at.')).toBeTruthy()
})

it('says so where nothing waits', async () => {
  openPage('/waits', 'storekeeper')
  expect(await screen.findByText('Nothing waits for you.')).toBeTruthy()
  expect(screen.getByRole('link', { name: 'Waits' })).toBeTruthy()
})

it('says so where it could not be fetched, and is fetched again', async () => {
  const server = openPage('/waits', 'engineer', (server) =>
    server.answers('GET', '/api/waits', () => problem(400, 'The question was not understood.')),
  )
  expect(await screen.findByText('What waits could not be fetched.')).toBeTruthy()
  server.gives('GET', '/api/waits', { waits: [], unseen: 0 })
  fireEvent.click(screen.getByRole('button', { name: 'Try again' }))
  expect(await screen.findByText('Nothing waits for you.')).toBeTruthy()
})
