// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { expect, it } from 'vitest'
import type { Job, Way } from '../../api/types'
import { openPage } from '../../testing/page'
import { JOBS, jobOf, taken, type Server } from '../../testing/server'
import { outJob, RULED_OUT, said, way } from '../../testing/ways'

const ID = JOBS['half-cut']
const PAGE = `/jobs/${ID}/build/ways?end=A&cut=insulation`

const CUT_BACK = way('cut-back', 'Cut end A back', {
  cost: { connectors: 0, kits: 0, parts: [{ name: 'Marker', count: 2 }], cableMm: 9, workSeconds: 110 },
  thinnest: said('Two are left.'),
  leftSeconds: 3600,
  sawing: { off: [{ end: 'A', amountMm: 9 }], leastMm: 8, mostMm: 9.5 },
  kept: [{ end: 'A', cut: 'insulation', core: null, atMm: 57 }],
  again: [{ end: 'A', cut: 'oversheath', core: null, atMm: 248 }],
  anew: [said('Wipe, end A'), said('The wipe is white')],
})
const CUT_OUT = way('cut-out', 'Cut the connector out', {
  cost: { connectors: 1, kits: 1, parts: [], cableMm: 84, workSeconds: null },
  sawing: {
    off: [
      { end: 'A', amountMm: 42 },
      { end: 'B', amountMm: 42 },
    ],
    leastMm: null,
    mostMm: null,
  },
})

const open = (
  ways: Way[],
  more: (server: Server) => void = () => undefined,
  job: Job = outJob(),
  role: 'jointer' | 'engineer' = 'jointer',
) =>
  openPage(PAGE, role, (server) => {
    server.gives('GET', `/api/jobs/${ID}`, job)
    server.answers('GET', `/api/jobs/${ID}/ways`, () => taken({ ways, lies: null }))
    server.gives('POST', `/api/jobs/${ID}/log`, { before: job.stamp, stamp: job.stamp, changes: [] })
    more(server)
  })

it('says the ways by what they use up, and those that are none with what rules them out', async () => {
  open([CUT_BACK, CUT_OUT, RULED_OUT])
  expect(await screen.findByRole('heading', { name: 'Insulation, end A: 3 mm too far' })).toBeTruthy()
  const rows = within(await screen.findByRole('list', { name: 'What can be done' })).getAllByRole('button')
  expect(rows.map((row) => row.textContent)).toEqual([
    expect.stringContaining('Cut end A back'),
    expect.stringContaining('Cut the connector out'),
  ])
  expect(rows[0]?.textContent).toMatch(/9 mm.*2 × marker.*2/)
  expect(rows[1]?.textContent).toContain('a connector, a kit')
  const none = within(screen.getByRole('list', { name: 'What cannot be done' }))
  expect(none.getByText('An engineer lets it stand').tagName).toBe('S')
  expect(none.getByText('The gap is 15 mm.')).toBeTruthy()
})

it('says what stays and what is made again, of the way that is picked', async () => {
  open([CUT_BACK, CUT_OUT])
  const taking = within(await screen.findByRole('region', { name: 'The way you take' }))
  expect(taking.getByText('1 · Cut end A back')).toBeTruthy()
  expect(taking.getByText('Thinnest then: Two are left.')).toBeTruthy()
  expect(taking.getByText('Insulation A').parentElement?.textContent).toBe('Insulation A57 mm')
  expect(taking.getByText('Oversheath A').parentElement?.textContent).toBe('Oversheath A248 mm')
  expect(taking.getByText('2 steps are done again')).toBeTruthy()
  expect(taking.getByRole('list', { name: 'Steps that are done again', hidden: true }).textContent).toBe(
    'Wipe, end AThe wipe is white',
  )
  fireEvent.click(screen.getByRole('button', { name: /Cut the connector out/ }))
  expect(screen.getByText('2 · Cut the connector out')).toBeTruthy()
})

it('writes down what was sawn off, and why', async () => {
  const server = open([CUT_BACK])
  fireEvent.click(await screen.findByRole('button', { name: 'It is sawn off' }))
  expect(server.stored).toEqual([])
  fireEvent.change(screen.getByLabelText('Sawn off end A, in mm'), { target: { value: '9,5' } })
  fireEvent.click(screen.getByRole('button', { name: 'It is sawn off' }))
  await waitFor(() => expect(server.stored).toHaveLength(1))
  expect(server.stored[0]?.body).toMatchObject({
    event: {
      kind: 'cut-back',
      end: 'A',
      by: { typed: '9,5', unit: 'mm' },
      reason: 'Insulation, end A: 3 mm too far. Measured 61 mm by steel rule.',
    },
  })
})

it('asks for both pieces where the connector is cut out', async () => {
  const server = open([CUT_OUT], undefined, { ...outJob(), connectorFitted: { batch: 'B1' } })
  fireEvent.change(await screen.findByLabelText('Sawn off end A, in mm'), { target: { value: '42' } })
  fireEvent.click(screen.getByRole('button', { name: 'It is sawn off' }))
  expect(server.stored).toEqual([])
  fireEvent.change(await screen.findByLabelText('Sawn off end B, in mm'), { target: { value: '43' } })
  fireEvent.click(screen.getByRole('button', { name: 'It is sawn off' }))
  await waitFor(() => expect(server.stored).toHaveLength(1))
  expect(server.stored[0]?.body).toMatchObject({
    event: { kind: 'cut-out', offA: { typed: '42' }, offB: { typed: '43' } },
  })
})

it('takes what is written down as it stands', async () => {
  const writes: NonNullable<Way['writes']> = {
    kind: 'taken-off',
    ...{ stage: 'body', how: 'set', part: 'body', reason: 'off its mark' },
  }
  const server = open([way('take-off', 'Take the body off', { writes })])
  fireEvent.click(await screen.findByRole('button', { name: 'Take it: Take the body off' }))
  await waitFor(() => expect(server.stored[0]?.body).toMatchObject({ event: writes }))
})

it('changes the plan to the connector of the row', async () => {
  const connector = { id: 'tallis-shear-95-150', revision: 1 }
  const server = open([way('other-connector', 'Take another', { connector })], (one) =>
    one.gives('PUT', `/api/jobs/${ID}/plan`, jobOf('half-cut')),
  )
  fireEvent.click(await screen.findByRole('button', { name: 'Take another: change the plan' }))
  await waitFor(() => expect(server.stored[0]?.body).toMatchObject({ connector }))
})

it('lets an engineer let it stand, and calls one where somebody else looks', async () => {
  const stands = way('let-stand', 'An engineer lets it stand', { by: 'engineer' })
  const server = open([stands], undefined, outJob(), 'engineer')
  fireEvent.change(await screen.findByLabelText('Why it may stand'), { target: { value: 'filled' } })
  fireEvent.click(screen.getByRole('button', { name: 'Let it stand' }))
  await waitFor(() =>
    expect(server.stored[0]?.body).toMatchObject({
      event: { kind: 'deviation-accepted', end: 'A', cut: 'insulation', reason: 'filled', of: 'e' },
    }),
  )
})

it('writes down that the other end takes it, with the engineer’s reason', async () => {
  const writes: NonNullable<Way['writes']> = { kind: 'other-side-takes', end: 'A', cut: 'insulation', by: '3 mm', reason: '' }
  const server = open(
    [way('other-side', 'Let it stand, B takes it', { by: 'engineer', writes })],
    undefined,
    outJob(),
    'engineer',
  )
  fireEvent.change(await screen.findByLabelText('Why it may stand'), { target: { value: 'the sum is right' } })
  fireEvent.click(screen.getByRole('button', { name: 'Let it stand' }))
  await waitFor(() => expect(server.stored[0]?.body).toMatchObject({ event: { ...writes, reason: 'the sum is right' } }))
})

const ALONE = way('one-core', 'Cut core 2 back alone', {
  by: 'engineer',
  writes: {
    ...{ kind: 'core-cut-back', end: 'A', core: 2, reason: '' },
    by: { typed: '9', unit: 'mm', instrument: 'steel-rule' },
  },
})

it('cuts one core back with the engineer’s reason', async () => {
  const server = open([ALONE], undefined, outJob(), 'engineer')
  fireEvent.change(await screen.findByLabelText('Why the others have the room for it'), { target: { value: 'a wide pit' } })
  fireEvent.click(screen.getByRole('button', { name: 'Cut this core back' }))
  await waitFor(() => expect(server.stored[0]?.body).toMatchObject({ event: { ...ALONE.writes, reason: 'a wide pit' } }))
})

it('calls an engineer for one core that is cut back', async () => {
  open([ALONE])
  expect(await screen.findByText('An engineer says that the others have the room for it.')).toBeTruthy()
  expect(screen.queryByLabelText('Why the others have the room for it')).toBeNull()
})

it('plans the second joint of a piece on the same cables, with nothing that was measured on this one', async () => {
  const job = outJob()
  const server = open([way('put-in', 'Put in a piece, with two joints', { by: 'engineer' })], (server) =>
    server.answers('POST', '/api/jobs', ({ body }) => {
      const { id, name } = body as { id: string; name: string }
      const second: Job = { ...jobOf('half-cut'), id, name, version: 1, draft: { unit: 'mm', ends: {} } }
      server.gives('GET', `/api/jobs/${id}`, second)
      server.gives('PUT', `/api/jobs/${id}/plan`, second)
      return taken(second)
    }),
  )
  fireEvent.click(await screen.findByRole('button', { name: 'Plan the second joint' }))
  await waitFor(() => expect(server.stored.map(({ path }) => path.split('/').at(-1))).toContain('plan'))
  const plan = server.stored.find(({ path }) => path.endsWith('/plan'))?.body as Job['draft']
  expect(plan.kit).toEqual(job.draft.kit)
  expect(plan.connector).toEqual(job.draft.connector)
  expect(plan.ends['A']).toEqual({ cable: job.draft.ends['A']?.cable ?? null })
  expect(server.stored[0]?.body).toMatchObject({ name: `${job.name}, second joint of the piece`, function: 'joint' })
})

it('says that nothing is out there any more', async () => {
  open([], undefined, jobOf('half-cut'))
  expect(await screen.findByText('Nothing is out there any more.')).toBeTruthy()
})
