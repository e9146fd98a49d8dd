// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import type { Job, LogEvent } from '../../api/types'
import { openPage } from '../../testing/page'
import { JOBS, jobOf, type Server } from '../../testing/server'

type Name = keyof typeof JOBS

/** A job of the demo with something else next, on a server that takes entries. */
function open(name: Name, change: (job: Job) => void, role: 'jointer' | 'engineer' | 'storekeeper' = 'jointer'): Server {
  const job = jobOf(name)
  change(job)
  return openPage(`/jobs/${JOBS[name]}/build`, role, (server) => {
    server.gives('GET', `/api/jobs/${JOBS[name]}`, job)
    server.gives('POST', `/api/jobs/${JOBS[name]}/log`, { before: job.stamp, stamp: job.stamp, changes: [] })
  })
}

const next = (job: Job, more: Partial<Job['next']>) => {
  job.next = { ...job.next, cut: null, part: null, stage: null, check: null, ...more }
}

const written = (server: Server) => server.stored.map(({ body }) => (body as { event: LogEvent }).event)

describe('the connector', () => {
  const connector = (job: Job) => {
    for (const mark of job.markOut?.marks ?? []) mark.recorded ??= job.markOut?.marks[0]?.recorded ?? null
    for (const side of job.parking ?? []) for (const part of side.parts) part.parkedOn ??= side.end
    next(job, { task: 'connector' })
  }

  it('is fitted once all that it hides is measured, with the batch from its bag', async () => {
    const server = open('half-cut', connector)
    fireEvent.change(await screen.findByLabelText('Batch, from its bag'), { target: { value: 'BW-9' } })
    expect(screen.getByText('There is no way back from here.')).toBeTruthy()
    fireEvent.click(screen.getByRole('button', { name: 'The connector is on' }))
    await waitFor(() => expect(server.stored).toHaveLength(1))
    expect(written(server)).toEqual([{ kind: 'connector-fitted', batch: 'BW-9' }])
  })

  it('is put on by whoever may build', async () => {
    open('half-cut', connector, 'storekeeper')
    expect(await screen.findByText(/writes down that it is on/)).toBeTruthy()
    expect(screen.queryByRole('button', { name: 'The connector is on' })).toBeNull()
  })
})

describe('parking', () => {
  const parking = (job: Job) => {
    for (const side of job.parking ?? []) for (const part of side.parts) part.parkedOn = null
    next(job, { task: 'park' })
  }

  it('is ticked off part by part, each at its end', async () => {
    const server = open('half-cut', parking)
    const boxes = await screen.findAllByRole('checkbox')
    fireEvent.click(boxes[1] ?? document.body)
    await waitFor(() => expect(server.stored).toHaveLength(1))
    const side = jobOf('half-cut').parking?.[0]
    expect(written(server)).toEqual([{ kind: 'part-parked', end: side?.end, part: side?.parts[1]?.key }])
  })

  it('offers only what belongs to the stage', async () => {
    open('staged', (job) => {
      parking(job)
      const [stage] = job.stages ?? []
      if (!stage) throw new Error('it has stages')
      const part = job.parking?.flatMap((side) => side.parts)[0]?.key ?? ''
      stage.parks = [part]
      next(job, { task: 'park', stage: stage.key })
    })
    await screen.findByRole('heading', { name: 'Park now' })
    const shown = screen
      .getAllByRole('group')
      .filter((group) => !group.className.includes('hidden') && group.tagName === 'FIELDSET')
    expect(shown.flatMap((group) => within(group).queryAllByRole('checkbox')).length).toBeLessThan(4)
  })
})

describe('a check of a stage', () => {
  it('is answered at its end and core, in the stage that is on', async () => {
    const server = open('staged', () => {})
    expect(await screen.findByRole('heading', { name: /5\s*\.\s*Stress tubes, one a side/ })).toBeTruthy()
    const input = await screen.findByLabelText('Measured, mm')
    fireEvent.change(input, { target: { value: '5' } })
    fireEvent.submit(input)
    await waitFor(() => expect(server.stored).toHaveLength(2))
    expect(written(server)).toEqual([
      { kind: 'applied', stage: 'stress', how: 'set', part: 'stress', end: 'A', core: 2 },
      {
        kind: 'check-made',
        stage: 'stress',
        check: 'step',
        end: 'A',
        core: 2,
        reading: { typed: '5', unit: 'mm', instrument: 'steel-rule' },
      },
    ])
  })

  it('shows every stage, which are done, and which have no way back', async () => {
    open('staged', () => {})
    const stages = within(await screen.findByRole('list', { name: 'Stages' }))
      .getAllByRole('listitem')
      .map((one) => one.textContent)
    expect(stages).toHaveLength(12)
    expect(stages.filter((one) => one.includes('(done)'))).toHaveLength(4)
    expect(stages[4]).toContain('one way')
    expect(stages[11]).toContain('hold point')
  })
})

describe('what stands in the way', () => {
  const inTheWay = (job: Job) => {
    next(job, { task: null, step: 'connector' })
    job.obstacles = [
      {
        code: 'lap-short', severity: 'stops', step: 'connector', end: 'A', core: null, hides: [],
        reason: { template: 'End A: the tube would cover {is} of the [insulation screen].', values: { is: { mm: 7 } } },
        acceptable: { kind: 'lap-accepted', part: 'tube', rule: 'laps', of: 'insulation-screen', end: 'A' },
      },
    ] as unknown as Job['obstacles'] // prettier-ignore
  }

  it('is said, with where it is seen to, and let stand by an engineer with a reason', async () => {
    const server = open('half-cut', inTheWay, 'engineer')
    expect(await screen.findByText(/End A: the tube would cover 7 mm of the insulation screen\./)).toBeTruthy()
    expect(screen.getByRole('link', { name: 'See to it' }).getAttribute('href')).toBe(`/jobs/${JOBS['half-cut']}/connector`)
    fireEvent.click(screen.getByRole('button', { name: 'Let it stand' }))
    expect(screen.getByText('Give the reason: it stays in the record.')).toBeTruthy()
    fireEvent.change(screen.getByLabelText('Why it may stand'), { target: { value: 'the maker agreed' } })
    fireEvent.click(screen.getByRole('button', { name: 'Let it stand' }))
    await waitFor(() => expect(server.stored).toHaveLength(1))
    expect(written(server)[0]).toMatchObject({ kind: 'lap-accepted', part: 'tube', reason: 'the maker agreed' })
  })

  it('is let stand by nobody else', async () => {
    open('half-cut', inTheWay)
    expect(await screen.findByText(/An engineer may let it stand/)).toBeTruthy()
    expect(screen.queryByRole('button', { name: 'Let it stand' })).toBeNull()
  })
})

it('says that all is done and the record is ready', async () => {
  openPage(`/jobs/${JOBS.finished}/build`)
  expect(await screen.findByText('Complete.')).toBeTruthy()
  expect(screen.getByText('The record is ready.')).toBeTruthy()
})
