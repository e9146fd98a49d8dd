// @vitest-environment happy-dom
import { fireEvent, screen, waitFor } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import { asServerTime } from '../../engine/clock'
import { openPage } from '../../testing/page'
import { JOBS, jobOf, type Server } from '../../testing/server'
import { sheetOf } from './sheetRows'
import { stageNow } from './StageHead'

const PATH = `/jobs/${JOBS.staged}/build/sheet`
const takesEntries = (server: Server) =>
  server.answers('POST', `/api/jobs/${JOBS.staged}/log`, () => ({ status: 201, body: { changes: [] } }))

type Sent = { doneAt?: string; event: Record<string, unknown> }
const entries = (server: Server) => server.stored.map(({ body }) => body as Sent)

const TUBE = 'Shrink the stress tube, end A, core 2'
const STEP = 'From the insulation end to the stress tube, end A, core 2'
const tick = async (name: string) => fireEvent.click(await screen.findByRole('checkbox', { name }))
const type = (name: string, value: string) => fireEvent.change(screen.getByLabelText(name), { target: { value } })
const at = (name: string, value: string) => type(`Time of: ${name}`, value)
const send = () => fireEvent.click(screen.getByRole('button', { name: 'Write it down as done then' }))

const stageOf = () => {
  const job = jobOf('staged')
  const stage = job.stages?.find(({ key }) => key === job.next.stage)
  if (!stage) throw new Error('a stage is at work')
  return { job, stage }
}

describe('a stage sheet', () => {
  it('is written down line by line as done then, up to the first that is empty', async () => {
    const server = openPage(PATH, 'jointer', takesEntries)
    await tick(TUBE)
    type('Day', '2026-03-14')
    at(TUBE, '09:05')
    type(STEP, '5.5')
    at(STEP, '09:20')
    await tick('Shrink the stress tube, end B, core 1')
    send()
    await waitFor(() => expect(entries(server)).toHaveLength(2))
    const [set, read] = entries(server)
    expect(set?.event).toEqual({ kind: 'applied', stage: 'stress', how: 'set', part: 'stress', end: 'A', core: 2 })
    expect(read?.event).toMatchObject({
      kind: 'check-made',
      check: 'step',
      end: 'A',
      core: 2,
      reading: { typed: '5.5', unit: 'mm' },
    })
    expect([set?.doneAt, read?.doneAt]).toEqual([asServerTime('2026-03-14T09:05'), asServerTime('2026-03-14T09:20')])
    // What was ticked below the first empty line stays on the page.
    expect(screen.getByRole<HTMLInputElement>('checkbox', { name: 'Shrink the stress tube, end B, core 1' }).checked).toBe(true)
  })

  it('takes the time from the line above', async () => {
    const server = openPage(PATH, 'jointer', takesEntries)
    await tick(TUBE)
    at(TUBE, '09:05')
    type(STEP, '5.5')
    send()
    await waitFor(() => expect(entries(server)).toHaveLength(2))
    expect(entries(server)[1]?.doneAt).toBe(entries(server)[0]?.doneAt)
  })

  it('names the line and what to do where one cannot be taken, and writes nothing down', async () => {
    const server = openPage(PATH, 'jointer', takesEntries)
    await screen.findByRole('checkbox', { name: TUBE })
    send()
    expect(screen.getByRole('alert').textContent).toBe('Begin here: what comes after it is written down after it.')
    await tick(TUBE)
    send()
    expect(screen.getByRole('alert').textContent).toBe('Say when: the time that stands on the sheet.')
    at(TUBE, '09:05')
    type(STEP, 'five')
    send()
    expect(screen.getByRole('alert').textContent).toMatch(/^This is not a length/)
    expect(screen.getByLabelText<HTMLInputElement>(STEP).value).toBe('five')
    expect(entries(server)).toEqual([])
  })

  it('stops at what is out: it is put right before anything follows', async () => {
    const server = openPage(PATH, 'jointer', takesEntries)
    await tick(TUBE)
    at(TUBE, '09:05')
    type(STEP, '12')
    await tick('Shrink the stress tube, end A, core 3')
    send()
    await waitFor(() => expect(entries(server)).toHaveLength(2))
    expect(screen.getByRole<HTMLInputElement>('checkbox', { name: 'Shrink the stress tube, end A, core 3' }).checked).toBe(true)
  })

  it('is typed in by nobody who may not build', async () => {
    openPage(PATH, 'storekeeper')
    expect(await screen.findByText(/types the sheet in/)).toBeTruthy()
    expect(screen.queryByRole('checkbox')).toBeNull()
  })

  it('is of the cuts too where the sheet of the kit has no stages of its own', () => {
    const job = jobOf('half-cut')
    const stage = stageNow(job)
    expect(stage && sheetOf(job, stage, [], 'mm').rows.map(({ name, limits }) => [name, limits])[0]).toEqual([
      '4 · Insulation, end A',
      '56, 55 to 58 mm',
    ])
  })

  it('ends before what has to be answered by itself, and says what', () => {
    const { job, stage } = stageOf()
    const whole = sheetOf(job, stage, [], 'mm')
    expect([whole.then, whole.rows.at(-1)?.name]).toEqual([null, `Finished: ${stage.title}`])
    const checks = stage.checks.map((one) => (one.end === 'B' && one.core === 1 ? { ...one, kind: 'wait' as const } : one))
    const { rows, then } = sheetOf(job, { ...stage, checks }, [], 'mm')
    expect(then).toBe('From the insulation end to the stress tube, end B, core 1')
    expect(rows.at(-1)?.name).toBe('Shrink the stress tube, end B, core 1')
    const doubts = [{ template: 'The body covers the screen by a hair.', values: {} }]
    expect(sheetOf(job, { ...stage, doubts }, [], 'mm').then).toBe(`Finished: ${stage.title}`)
  })
})
