// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import type { LogEvent, StageCheck } from '../../api/types'
import { openPage } from '../../testing/page'
import { JOBS, jobOf, type Server } from '../../testing/server'

/** The staged job of the demo with these looks, one after another, in the stage that is on. */
function open(looks: Partial<StageCheck>[], role: 'jointer' | 'storekeeper' = 'jointer'): Server {
  const job = jobOf('staged')
  const stage = job.stages?.find((one) => one.key === job.next.stage)
  const [pattern] = stage?.checks ?? []
  if (!stage || !pattern) throw new Error('it has checks')
  stage.checks = looks.map((look, i) => ({
    ...pattern,
    key: `look-${i}`,
    ask: { template: `Look ${i} is so`, values: {} },
    kind: 'seen',
    end: null,
    core: null,
    number: null,
    done: false,
    answer: null,
    limits: null,
    touch: 7,
    ...look,
  }))
  const next = stage.checks.find((one) => !one.done) ?? pattern
  job.next = { ...job.next, task: 'check', check: next.key, end: next.end, core: next.core, number: next.number }
  return openPage(`/jobs/${JOBS.staged}/build`, role, (server) => {
    server.gives('GET', `/api/jobs/${JOBS.staged}`, job)
    server.gives('POST', `/api/jobs/${JOBS.staged}/log`, { before: job.stamp, stamp: job.stamp, changes: [] })
  })
}

const written = (server: Server) => server.stored.map(({ body }) => (body as { event: LogEvent }).event)

describe('looks that follow each other', () => {
  it('are answered together by one touch, each an entry of its own that says so', async () => {
    const server = open([{ end: 'A', core: 1 }, { end: 'B', core: 1 }, { number: 2 }])
    fireEvent.click(await screen.findByRole('button', { name: 'All 3 are so' }))
    await waitFor(() => expect(server.stored).toHaveLength(3))
    const made = { kind: 'check-made', stage: 'stress', seen: true, together: 3 }
    expect(written(server)).toEqual([
      { ...made, check: 'look-0', end: 'A', core: 1 },
      { ...made, check: 'look-1', end: 'B', core: 1 },
      { ...made, check: 'look-2', number: 2 },
    ])
  })

  it('are answered one by one where one is not so', async () => {
    const server = open([{}, {}])
    const [, second] = await screen.findAllByRole('listitem').then((all) => all.filter((one) => /^Look \d/.test(one.textContent)))
    if (!second) throw new Error('two are shown')
    fireEvent.click(within(second).getByRole('button', { name: 'No' }))
    await waitFor(() => expect(server.stored).toHaveLength(1))
    expect(written(server)).toEqual([{ kind: 'check-made', stage: 'stress', check: 'look-1', seen: false }])
  })

  it('never take a reading with them, nor what was answered or belongs to another touch', async () => {
    open([{ done: true }, { key: 'flush' }, { key: 'film' }, { kind: 'length', key: 'lap' }, { touch: 8, key: 'even' }])
    expect(await screen.findByRole('button', { name: 'All 2 are so' })).toBeTruthy()
    expect(screen.queryByText('Look 0 is so')).toBeNull()
    expect(screen.queryByText('Look 4 is so')).toBeNull()
  })

  it('is asked by itself where it is alone, or was found not to be so', async () => {
    open([{ key: 'alone' }, { touch: 8, key: 'even' }])
    expect(await screen.findByRole('button', { name: 'Yes' })).toBeTruthy()
    expect(screen.queryByRole('button', { name: /^All/ })).toBeNull()
  })

  it('is answered by whoever may build', async () => {
    open([{}, {}], 'storekeeper')
    expect(await screen.findByText(/answers this/)).toBeTruthy()
    expect(screen.queryByRole('button', { name: /^All/ })).toBeNull()
  })
})
