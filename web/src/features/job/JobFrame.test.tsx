// @vitest-environment happy-dom
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react'
import { expect, it } from 'vitest'
import { openPage } from '../../testing/page'
import { JOBS, jobOf, problem } from '../../testing/server'

const steps = async () => within(await screen.findByRole('navigation', { name: 'Steps of the job' })).getAllByRole('listitem')

it('shows along the top what is done, and which step stops', async () => {
  openPage(`/jobs/${JOBS['no-fit']}/cables`)
  const said = (await steps()).map(
    (step) => `${step.textContent}: ${within(step).queryByRole('img')?.getAttribute('aria-label') ?? ''}`,
  )
  expect(said).toEqual([
    'Safe to start: done',
    'Cables: done',
    'Kit: something stands in the way',
    'Connector: done',
    'Mark out: done',
    'Build: ',
    'Record: ',
  ])
})

it('leads to what is next from anywhere else, and is not said twice where one is there', async () => {
  openPage(`/jobs/${JOBS['half-cut']}/kit`)
  const next = await screen.findByRole('link', { name: /^Next: Cut the insulation, end A/ })
  fireEvent.click(next)
  await screen.findByRole('heading', { name: 'Build' })
  expect(screen.queryByRole('link', { name: /^Next:/ })).toBeNull()
  expect(screen.queryByText('Cut the insulation, end A')).toBeNull()
})

it('opens a job in the unit in which it was left', async () => {
  openPage(`/jobs/${JOBS['half-cut']}/mark-out`)
  await screen.findAllByText('mark, mm')
  fireEvent.click(screen.getAllByLabelText('in')[0] ?? document.body)
  expect(await screen.findAllByText('mark, in')).toHaveLength(2)
  const kept = localStorage.getItem(`berm.unit.${JOBS['half-cut']}`)
  cleanup()
  localStorage.setItem(`berm.unit.${JOBS['half-cut']}`, kept ?? '')
  openPage(`/jobs/${JOBS['half-cut']}/mark-out`)
  expect(await screen.findAllByText('mark, in')).toHaveLength(2)
})

it('has at its foot which job, cables, kit and permit this is', async () => {
  openPage(`/jobs/${JOBS['in-inches']}/kit`, 'jointer', (server) => {
    for (const what of ['kits', 'connectors']) server.gives('GET', `/api/jobs/${JOBS['in-inches']}/${what}`, { choices: [], total: 0, possible: 0, page: 1, perPage: 10 }) // prettier-ignore
  })
  const foot = (await screen.findByRole('contentinfo')).textContent
  expect(foot).toContain('spliceGannet Quay 7 · splice')
  expect(foot).toContain('kitTape-shield splice, 15 kV, size A · revision 2')
  expect(foot).toContain('permitnot confirmed')
})

it('says that a job could not be fetched, and fetches it when asked again', async () => {
  const server = openPage('/jobs/gone/kit', 'jointer', (server) =>
    server.answers('GET', '/api/jobs/gone', () => problem(404, 'There is no such job.')),
  )
  expect((await screen.findByRole('alert')).textContent).toContain('There is no such job.')
  server.gives('GET', '/api/jobs/gone', { ...jobOf('half-cut'), id: 'gone', kit: null })
  server.gives('GET', '/api/jobs/gone/kits', { choices: [], total: 0, possible: 0, page: 1, perPage: 10 })
  fireEvent.click(screen.getByRole('button', { name: 'Try again' }))
  await waitFor(() => expect(screen.queryByRole('alert')).toBeNull())
  expect(await screen.findByRole('heading', { name: 'Kit' })).toBeTruthy()
})

it('tells that there is no such page', async () => {
  openPage('/nowhere')
  expect(await screen.findByRole('heading', { name: 'There is nothing here' })).toBeTruthy()
  expect(screen.getByRole('link', { name: 'All jobs' }).getAttribute('href')).toBe('/')
})
