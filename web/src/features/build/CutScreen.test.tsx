// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import type { LogEvent } from '../../api/types'
import { openPage } from '../../testing/page'
import { JOBS, jobOf, problem, type Server } from '../../testing/server'

const ID = JOBS['half-cut']
const PATH = `/jobs/${ID}/build`
const LOG = `/api/jobs/${ID}/log`

/** What the server answers to an entry that it takes, where nothing else changes. */
const takes = (server: Server): void => {
  const { stamp } = jobOf('half-cut')
  server.gives('POST', LOG, { before: stamp, stamp, changes: [] })
}

const entry = () => screen.findByLabelText<HTMLInputElement>('Measured, Insulation, end A, in mm')

async function type(text: string): Promise<HTMLInputElement> {
  const input = await entry()
  fireEvent.change(input, { target: { value: text } })
  return input
}

async function record(text: string): Promise<void> {
  fireEvent.submit(await type(text))
}

const written = (server: Server) => server.stored.map(({ body }) => (body as { event: LogEvent }).event)
const verdict = () => document.getElementById('cut-verdict')?.textContent ?? ''

describe('the verdict while it is typed', () => {
  it.each([
    ['56', 'inside'],
    ['55', 'inside, not proved'],
    ['58,5', 'out'],
    ['2 17/64 in', 'inside, not proved'],
    ['2 7/32"', 'inside'],
  ])('of %s is %s', async (text, word) => {
    openPage(PATH)
    await type(text)
    expect(verdict()).toContain(word)
    if (word === 'inside') expect(verdict()).not.toContain('not proved')
  })

  it('goes by the instrument', async () => {
    openPage(PATH)
    await type('55.2')
    expect(verdict()).toContain('not proved')
    fireEvent.change(screen.getByLabelText('by'), { target: { value: 'caliper' } })
    expect(verdict()).not.toContain('not proved')
  })

  it('offers the unit that was probably meant, at a touch', async () => {
    openPage(PATH)
    const input = await type('2.22')
    fireEvent.click(screen.getByRole('button', { name: '2.22 in?' }))
    expect(input.value).toBe('2.22 in')
    expect(verdict()).toContain('inside')
  })
})

describe('a reading is recorded', () => {
  it('with its place, its unit and its instrument, as it was typed', async () => {
    const server = openPage(PATH, 'jointer', takes)
    await record(' 56,5 ')
    await waitFor(() => expect(server.stored).toHaveLength(1))
    const reading = { typed: '56,5', unit: 'mm', instrument: 'steel-rule' }
    expect(written(server)).toEqual([{ kind: 'cut-measured', end: 'A', cut: 'insulation', reading }])
    expect(server.stored[0]?.headers.get('X-CSRF-Token')).toBe('token')
    expect((await entry()).value).toBe('')
  })

  it('with the keypad alone', async () => {
    const server = openPage(PATH, 'jointer', takes)
    const keys = within(await screen.findByRole('group', { name: 'Keypad' }))
    for (const key of ['5', '7', ',', '4', 'Delete the last sign', '5', 'Record'])
      fireEvent.click(keys.getByRole('button', { name: key }))
    await waitFor(() => expect(server.stored).toHaveLength(1))
    expect(written(server)[0]).toMatchObject({ reading: { typed: '57,5' } })
  })

  it('as done earlier, where somebody says so, until it is done now again', async () => {
    const server = openPage(PATH, 'jointer', takes)
    await entry()
    fireEvent.change(screen.getByLabelText('Done at'), { target: { value: '2026-03-14T08:15' } })
    expect(screen.getByText('What is written down here counts as done at 2026-03-14, 08:15.')).toBeTruthy()
    await record('56')
    await waitFor(() => expect(server.stored).toHaveLength(1))
    fireEvent.click(screen.getByRole('button', { name: 'It is done now again' }))
    await record('56.5')
    await waitFor(() => expect(server.stored).toHaveLength(2))
    const told = server.stored.map(({ body }) => (body as { doneAt?: string }).doneAt)
    expect(told).toEqual([new Date('2026-03-14T08:15').toISOString(), undefined])
  })

  it.each([
    ['', 'Type'],
    ['0', 'type what the instrument says'],
    ['fifty', 'not a length'],
  ])('but not where it is %j: that stays in the field with what is wrong', async (text, fault) => {
    const server = openPage(PATH, 'jointer', takes)
    await record(text)
    expect((await entry()).getAttribute('aria-invalid')).toBe('true')
    expect(verdict()).toMatch(new RegExp(fault, 'i'))
    expect([server.stored, (await entry()).value]).toEqual([[], text])
  })

  it('and another one over a cut that went too far only when that is asked for', async () => {
    const server = openPage(PATH, 'jointer', (server) => {
      const job = jobOf('half-cut')
      for (const mark of job.markOut?.marks ?? [])
        if (mark.end === 'A' && mark.cut === 'insulation')
          mark.recorded = {
            typed: '61', unit: 'mm', instrument: 'steel-rule', entry: 'e', tooLong: true, accepted: null, advice: null, sawnOffMm: null,
            judgement: { verdict: 'out', valueMm: 61, uncertaintyMm: 0.5, minMm: 55, maxMm: 58, marginMm: -3 },
          } as unknown as NonNullable<typeof mark.recorded> // prettier-ignore
      server.gives('GET', `/api/jobs/${ID}`, job)
      server.gives('GET', `/api/jobs/${ID}/ways`, { ways: [] })
      server.gives('POST', LOG, { before: job.stamp, stamp: job.stamp, changes: [] })
    })
    await record('57')
    expect(await screen.findByText('It was cut too far, and that cannot be put back')).toBeTruthy()
    fireEvent.click(screen.getByRole('button', { name: 'Keep the first' }))
    expect(server.stored).toEqual([])
    await record('57')
    fireEvent.click(await screen.findByRole('button', { name: 'Record the new reading' }))
    await waitFor(() => expect(server.stored).toHaveLength(1))
  })
})

describe('what is typed and not recorded', () => {
  it('is there again when the page is opened again, and belongs to its cut', async () => {
    openPage(PATH)
    await type('56.')
    fireEvent.click(screen.getAllByRole('button', { name: 'Insulation' })[1] ?? document.body)
    expect((await screen.findByLabelText<HTMLInputElement>('Measured, Insulation, end B, in mm')).value).toBe('')
    fireEvent.click(screen.getAllByRole('button', { name: 'Insulation' })[0] ?? document.body)
    expect((await entry()).value).toBe('56.')
  })

  it('keeps its meaning when the unit is changed', async () => {
    openPage(PATH)
    await type('56')
    fireEvent.click(screen.getByRole('button', { name: 'mm / in' }))
    const input = await screen.findByLabelText<HTMLInputElement>('Measured, Insulation, end A, in inches')
    expect(input.value).toBe('56 mm')
    expect(verdict()).toContain('inside')
  })
})

describe('without signal', () => {
  it('one reading after the other is kept, shown as not saved, and sent when it comes back', async () => {
    const server = openPage(PATH, 'jointer', takes)
    await entry()
    server.goesOffline()
    await record('56')
    expect(await screen.findByText(/Not saved yet: Insulation, end A: 56 mm/)).toBeTruthy()
    fireEvent.click(screen.getAllByRole('button', { name: 'Oversheath' })[1] ?? document.body)
    const other = await screen.findByLabelText<HTMLInputElement>('Measured, Oversheath, end B, in mm')
    fireEvent.change(other, { target: { value: '248' } })
    fireEvent.submit(other)
    expect(await screen.findByText(/Not saved yet: Oversheath, end B: 248 mm/)).toBeTruthy()
    expect(screen.getAllByText(/^no signal since \d\d:\d\d, 2 entries wait$/).length).toBeGreaterThan(0)
    server.comesBack()
    window.dispatchEvent(new Event('online'))
    await waitFor(() =>
      expect(written(server).map((event) => event.kind === 'cut-measured' && event.cut)).toEqual(['insulation', 'oversheath']),
    )
    await waitFor(() => expect(screen.queryByText(/Not saved yet/)).toBeNull())
  })

  it('and one that is refused stays, with why, and can be taken back', async () => {
    openPage(PATH, 'jointer', (server) => server.answers('POST', LOG, () => problem(409, 'Somebody fitted the connector.')))
    await record('56')
    expect((await screen.findByRole('alert')).textContent).toContain('Somebody fitted the connector.')
    fireEvent.click(screen.getByRole('button', { name: 'Take it back' }))
    await waitFor(() => expect(screen.queryByRole('alert')).toBeNull())
  })
})

it('asks whoever may not build nothing, and tells them who may', async () => {
  const server = openPage(PATH, 'storekeeper')
  expect(await screen.findByText(/A jointer records what was measured/)).toBeTruthy()
  expect(screen.queryByLabelText(/^Measured/)).toBeNull()
  expect(server.stored).toEqual([])
})
