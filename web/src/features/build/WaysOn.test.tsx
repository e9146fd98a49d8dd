// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { expect, it } from 'vitest'
import type { Job, Mark, Way } from '../../api/types'
import { openPage } from '../../testing/page'
import { JOBS, jobOf, problem, taken, type Server } from '../../testing/server'

const ID = JOBS['half-cut']
const WAYS = `/api/jobs/${ID}/ways`
type Recorded = NonNullable<Mark['recorded']>
const said = (template: string, values: object = {}): Way['title'] => ({ template, values }) as Way['title']

const way = (kind: Way['kind'], title: string, more: Partial<Way> = {}): Way => ({
  ...{ kind, title: said(title), does: said(`This is done: ${title}.`), by: 'jointer' as const, refusal: null, thinnest: null },
  ...{ cableMm: 0, sawing: null, connector: null },
  ...more,
})

const CUT_BACK = way('cut-back', 'Cut end A back', {
  cableMm: 9,
  thinnest: said('Two are left.'),
  sawing: {
    amountMm: 9,
    leastMm: 8,
    mostMm: 9,
    kept: [{ cut: 'insulation', core: null, atMm: 57 }],
    again: [{ cut: 'oversheath', core: null, atMm: 248 }],
  },
})
const RULED_OUT = way('let-stand', 'An engineer lets it stand', {
  by: 'engineer',
  refusal: said('The gap is {is}.', { is: { mm: 15 } }),
})

/** The cut that is asked for was made too far. */
function outJob(): Job {
  const job = jobOf('half-cut')
  const judgement = { verdict: 'out', valueMm: 61, uncertaintyMm: 0.5, minMm: 55, maxMm: 58, marginMm: -3 } as const
  const recorded: Recorded = {
    ...{
      typed: '61',
      unit: 'mm' as const,
      instrument: 'steel-rule' as const,
      byWhat: 'steel rule',
      entry: 'e',
      valueMm: 61,
      sawnOffMm: null,
    },
    ...{ judgement, tooLong: true, advice: null, accepted: null },
  }
  const marks = job.markOut?.marks.map((mark) => (mark.end === 'A' && mark.cut === 'insulation' ? { ...mark, recorded } : mark))
  if (!job.markOut || !marks) throw new Error('it is marked out')
  return { ...job, markOut: { ...job.markOut, marks } }
}

const open = (ways: Way[], more: (server: Server) => void = () => undefined) =>
  openPage(`/jobs/${ID}/build`, 'jointer', (server) => {
    server.gives('GET', `/api/jobs/${ID}`, outJob())
    server.answers('GET', WAYS, () => taken({ ways }))
    more(server)
  })

it('says the ways by what they use up, and those that are none with what rules them out', async () => {
  const server = open([CUT_BACK, RULED_OUT])
  const ways = within(await screen.findByRole('region', { name: 'What can still be done' }))
  expect(server.sent.find(({ path }) => path === WAYS)).toBeTruthy()
  expect(ways.getByText('Cut end A back').tagName).toBe('P')
  expect(ways.getByText('Costs 9 mm of cable.')).toBeTruthy()
  expect(ways.getByText('Thinnest then: Two are left.')).toBeTruthy()
  expect(ways.getByText('Cut again:').parentElement?.textContent).toBe('Cut again: Oversheath 248 mm')
  expect(ways.getByText('Stays:').parentElement?.textContent).toBe('Stays: Insulation 57 mm')
  const none = within(ways.getByRole('list', { name: 'What cannot be done' }))
  expect(none.getByText('An engineer lets it stand').tagName).toBe('S')
  expect(none.getByText('The gap is 15 mm.')).toBeTruthy()
})

it('writes down what was sawn off, and why', async () => {
  const { stamp } = jobOf('half-cut')
  const server = open([CUT_BACK], (server) => server.gives('POST', `/api/jobs/${ID}/log`, { before: stamp, stamp, changes: [] }))
  fireEvent.click(await screen.findByRole('button', { name: 'It is sawn off' }))
  expect(server.stored).toEqual([])
  fireEvent.change(screen.getByLabelText('Sawn off end A, in mm'), { target: { value: '9,5' } })
  fireEvent.click(screen.getByRole('button', { name: 'It is sawn off' }))
  await waitFor(() => expect(server.stored).toHaveLength(1))
  expect(server.stored[0]?.body).toMatchObject({
    event: { kind: 'cut-back', end: 'A', by: { typed: '9,5', unit: 'mm' }, reason: 'Insulation cut at 61 mm, too far' },
  })
})

it('leaves what an engineer may say where the ways cannot be worked out', async () => {
  open([], (server) => server.answers('GET', WAYS, () => problem(409, 'Nothing is out.')))
  expect(await screen.findByText('Recorded: 61 mm by steel rule')).toBeTruthy()
  await waitFor(() => expect(screen.queryByText('Working out what can still be done …')).toBeNull())
  expect(screen.queryByRole('region', { name: 'What can still be done' })).toBeNull()
  expect(screen.getByText(/may let it stand/)).toBeTruthy()
})
