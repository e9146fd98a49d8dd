// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import type { LogEvent, StageCheck, StageWork } from '../../api/types'
import { openPage } from '../../testing/page'
import { JOBS, jobOf, type Server } from '../../testing/server'

type More = { work?: Partial<StageWork>[]; finishTouch?: number; role?: 'jointer' | 'storekeeper' }

/** The staged job of the demo with these looks, one after another, in the stage that is on. */
function open(looks: Partial<StageCheck>[], { work = [], finishTouch = 9, role = 'jointer' }: More = {}): Server {
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
  stage.finishTouch = finishTouch
  stage.work = work.map((one, i) => ({
    how: 'set',
    part: `part-${i}`,
    end: null,
    core: null,
    title: { template: `Shrink the tube ${i}`, values: {} },
    done: false,
    entry: null,
    guide: [{ template: 'From here to there.', values: {} }],
    undoing: null,
    touch: 7,
    ...one,
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
    open([{}, {}], { role: 'storekeeper' })
    expect(await screen.findByText(/answers this/)).toBeTruthy()
    expect(screen.queryByRole('button', { name: /^All/ })).toBeNull()
  })
})

describe('work', () => {
  const applied = { kind: 'applied', stage: 'stress', how: 'set' }

  it('is told with how it is done, and written down with the looks at it and the stage that it finishes', async () => {
    const server = open([{}], { work: [{ end: 'A', core: 2 }], finishTouch: 7 })
    expect(await screen.findByText('From here to there.')).toBeTruthy()
    fireEvent.click(screen.getByRole('button', { name: 'Done, and it is so' }))
    await waitFor(() => expect(server.stored).toHaveLength(3))
    expect(written(server)).toEqual([
      { ...applied, part: 'part-0', end: 'A', core: 2 },
      { kind: 'check-made', stage: 'stress', check: 'look-0', seen: true },
      { kind: 'stage-finished', stage: 'stress' },
    ])
  })

  it('is ticked place by place where it is done at several, and told once', async () => {
    const tube = { part: 'tube', title: { template: 'Shrink the tube', values: {} } }
    const server = open([{ touch: 8 }], { work: [{ ...tube, end: 'A' }, { ...tube, end: 'B' }] }) // prettier-ignore
    expect(await screen.findAllByRole('heading', { name: 'Shrink the tube' })).toHaveLength(1)
    fireEvent.click(screen.getByRole('button', { name: 'Done, end B' }))
    await waitFor(() => expect(server.stored).toHaveLength(1))
    expect(written(server)).toEqual([{ ...applied, part: 'tube', end: 'B' }])
  })

  it('is written down with the reading that is made on it', async () => {
    const server = open([{ kind: 'count' }], { work: [{}] })
    fireEvent.change(await screen.findByLabelText('How many'), { target: { value: '2' } })
    fireEvent.click(screen.getByRole('button', { name: 'Record' }))
    await waitFor(() => expect(server.stored).toHaveLength(2))
    expect(written(server)).toMatchObject([
      { ...applied, part: 'part-0' },
      { kind: 'check-made', check: 'look-0', count: 2 },
    ])
  })

  it('comes off again with a reason and what that costs, and not without', async () => {
    const undoing = { template: 'It is lost.', values: {} }
    const server = open([{ touch: 8 }], { work: [{ done: true, undoing, core: 2 }, {}] })
    fireEvent.click(await screen.findByText('Something has to come off again'))
    expect(screen.getByText('It is lost.')).toBeTruthy()
    fireEvent.click(screen.getByRole('button', { name: 'It is off' }))
    expect(screen.getByText('Give the reason: it stays in the record.')).toBeTruthy()
    fireEvent.change(screen.getByLabelText('Why it comes off'), { target: { value: 'scorched' } })
    fireEvent.click(screen.getByRole('button', { name: 'It is off' }))
    await waitFor(() => expect(server.stored).toHaveLength(1))
    expect(written(server)).toEqual([
      { kind: 'taken-off', stage: 'stress', how: 'set', part: 'part-0', core: 2, reason: 'scorched' },
    ])
  })
})

describe('work that is left', () => {
  it('is left safe by whoever says with what it is covered', async () => {
    const server = open([{}, {}])
    fireEvent.click(await screen.findByText('Leave it for the night, or to another shift'))
    fireEvent.click(screen.getByRole('button', { name: 'It is left safe' }))
    expect(screen.getByText('Say with what it is covered.')).toBeTruthy()
    fireEvent.change(screen.getByLabelText('Covered with'), { target: { value: 'a bag' } })
    fireEvent.click(screen.getByRole('button', { name: 'It is left safe' }))
    await waitFor(() => expect(server.stored).toHaveLength(1))
    expect(written(server)).toEqual([{ kind: 'left-safe', covered: 'a bag' }])
    expect(await screen.findByRole('heading', { name: /Safe to start/ })).toBeTruthy()
  })
})

describe('a touch that was not meant', () => {
  it('is undone before it is an entry, and what it answered is asked again', async () => {
    const server = open([{}, {}])
    localStorage.setItem('berm.undo-seconds', '10')
    fireEvent.click(await screen.findByRole('button', { name: 'All 2 are so' }))
    expect(await screen.findByText(/^Look 0 is so: yes/)).toBeTruthy()
    expect(screen.queryByRole('button', { name: 'All 2 are so' })).toBeNull()
    fireEvent.click(screen.getByRole('button', { name: 'Undo' }))
    expect(await screen.findByRole('button', { name: 'All 2 are so' })).toBeTruthy()
    expect(server.stored).toEqual([])
  })

  // Not the same touch as in the test before: twice within a moment is meant once.
  it('is written down at once where nobody wants to wait', async () => {
    const server = open([{}, {}, {}])
    localStorage.setItem('berm.undo-seconds', '10')
    fireEvent.click(await screen.findByRole('button', { name: 'All 3 are so' }))
    fireEvent.click(await screen.findByRole('button', { name: 'Write it down now' }))
    await waitFor(() => expect(server.stored).toHaveLength(3))
  })

  it('is waited for only where this device does', async () => {
    open([{}, {}])
    fireEvent.click(await screen.findByLabelText('A touch can be undone for ten seconds'))
    expect(localStorage.getItem('berm.undo-seconds')).toBe('10')
  })
})
