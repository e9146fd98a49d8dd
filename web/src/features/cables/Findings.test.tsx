// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import type { Draft, Job } from '../../api/types'
import { openPage } from '../../testing/page'
import { JOBS, jobOf, taken, type Server } from '../../testing/server'

const ID = JOBS['no-fit']

/** Opens what was found at end A, on a server that takes plans. */
async function open(sheet: string, role: 'jointer' | 'storekeeper' = 'jointer', prepare: (server: Server) => void = () => {}) {
  const server = openPage(`/jobs/${ID}/cables`, role, (server) => {
    prepare(server)
    let { version } = jobOf('no-fit')
    server.answers('PUT', `/api/jobs/${ID}/plan`, ({ body }) =>
      taken({ ...jobOf('no-fit'), version: (version += 1), draft: body as Draft } satisfies Job),
    )
    server.gives('GET', `/api/jobs/${ID}/ends/A/identification`, {
      candidates: [],
      compared: 0,
      named: null,
      isMisnamed: false,
      next: null,
    })
  })
  fireEvent.click(await screen.findByLabelText(sheet))
  return server
}

/** The plan of end A as it was stored last. */
async function stored(server: Server, times = 1) {
  await waitFor(() => expect(server.stored).toHaveLength(times))
  const draft = server.stored.at(-1)?.body as Draft
  return { draft, end: draft.ends['A'] }
}

const typeAndLeave = (input: HTMLElement, text: string) => {
  fireEvent.change(input, { target: { value: text } })
  fireEvent.blur(input)
}

describe('the condition of a cable', () => {
  it('is answered question by question, and taken back', async () => {
    const server = await open('Condition')
    const list = within(await screen.findByRole('list', { name: 'Condition of the cable' }))
    const [question] = list.getAllByRole('group')
    if (!question) throw new Error('something is asked')
    fireEvent.click(within(question).getByLabelText('no'))
    const { end } = await stored(server)
    const [key, answer] = Object.entries(end?.conditions ?? {}).find(([key]) => !(key in (jobOf('no-fit').draft.ends['A']?.conditions ?? {}))) ?? Object.entries(end?.conditions ?? {})[0] ?? [] // prettier-ignore
    expect([typeof key, answer]).toEqual(['string', 'no'])
    fireEvent.click(within(question).getByLabelText('not looked'))
    expect((await stored(server, 2)).end?.conditions?.[key ?? '']).toBeUndefined()
  })

  it('is read by whoever may not plan', async () => {
    await open('Condition', 'storekeeper')
    expect(await screen.findByRole('list', { name: 'Condition of the cable' })).toBeTruthy()
    expect(within(screen.getByRole('list', { name: 'Condition of the cable' })).queryAllByRole('group')).toEqual([])
  })
})

describe('warmth and damp', () => {
  it('is kept when the field is left, with the unit of the reader', async () => {
    const server = await open('Condition')
    typeAndLeave(await screen.findByLabelText('Air, °C'), '12,5')
    expect((await stored(server)).draft.weather?.air).toBe('12,5 °C')
    typeAndLeave(screen.getByLabelText('Relative humidity, %'), '65')
    expect((await stored(server, 2)).draft.weather?.humidity).toBe(65)
    typeAndLeave(screen.getByLabelText('Cable surface, end A, °C'), '52 °F')
    expect((await stored(server, 3)).end?.surface).toBe('52 °F')
  })

  it('takes the air from an instrument where somebody says so, and leaves what it did not read', async () => {
    const sentBy = { serial: 'H-33', readAt: '2026-03-14T09:30:00Z', calibratedUntil: '2027-05-31' }
    const reading = {
      id: 'one',
      ageSeconds: 3,
      enters: true,
      name: 'Thermo-hygrometer',
      outOfCalibration: false,
      sentBy,
      air: { air: '14 °C' },
    }
    const server = await open('Condition', 'jointer', (one) =>
      one.gives('PUT', '/api/instrument-page', { paired: true, pages: 1, readings: [reading] }),
    )
    typeAndLeave(await screen.findByLabelText('Relative humidity, %'), '65')
    await stored(server)
    fireEvent.click(await screen.findByRole('button', { name: 'Take this air' }))
    expect((await stored(server, 2)).draft.weather).toEqual({ air: '14 °C', humidity: 65 })
  })

  it.each([
    ['Air, °C', 'warm', 'Type it as 12, -3.5 °C or 54 °F.'],
    ['Relative humidity, %', '101', 'Type whole per cent, from 1 to 100.'],
    ['Relative humidity, %', '0', 'Type whole per cent, from 1 to 100.'],
  ])('%s: %s stays in the field with what is wrong', async (label, text, fault) => {
    const server = await open('Condition')
    const input = await screen.findByLabelText<HTMLInputElement>(label)
    typeAndLeave(input, text)
    expect(screen.getByText(fault)).toBeTruthy()
    expect([input.value, server.stored]).toEqual([text, []])
  })
})

it('walls are added one by one and taken out', async () => {
  const server = await open('Condition')
  const region = within(await screen.findByRole('region', { name: 'Thickness of the insulation' }))
  const input = region.getByLabelText('By caliper, end A, in mm')
  for (const [i, text] of ['3.3', '3,4'].entries()) {
    fireEvent.change(input, { target: { value: text } })
    fireEvent.submit(input)
    await stored(server, i + 1)
  }
  const reading = (typed: string) => ({ typed, unit: 'mm', instrument: 'caliper' })
  expect((await stored(server, 2)).end?.walls).toEqual([reading('3.3'), reading('3,4')])
  fireEvent.click(await screen.findByRole('button', { name: 'Take out the thickness 3.3 mm' }))
  expect((await stored(server, 3)).end?.walls).toEqual([reading('3,4')])
})

describe('slack and place', () => {
  it('keep the unit that was typed in, also where the reader changes theirs before keeping', async () => {
    const server = await open('Condition')
    const slack = await screen.findByLabelText<HTMLInputElement>('Slack, end A, in mm')
    fireEvent.change(slack, { target: { value: '300' } })
    fireEvent.change(screen.getByLabelText('Where the end lies'), { target: { value: ' by the culvert ' } })
    fireEvent.click(screen.getAllByLabelText('in')[0] ?? document.body)
    const inInches = await screen.findByLabelText<HTMLInputElement>('Slack, end A, in inches')
    expect(inInches.value).toBe('300 mm')
    fireEvent.submit(inInches)
    const { end } = await stored(server)
    expect([end?.slack?.typed, end?.position]).toEqual(['300 mm', 'by the culvert'])
  })

  it('that cannot be read stay with what is wrong', async () => {
    const server = await open('Condition')
    const slack = await screen.findByLabelText<HTMLInputElement>('Slack, end A, in mm')
    fireEvent.change(slack, { target: { value: 'some' } })
    fireEvent.submit(slack)
    expect(screen.getByText(/This is not a length/)).toBeTruthy()
    expect([slack.value, server.stored]).toEqual(['some', []])
  })
})

describe('what the eye sees', () => {
  it('is kept answer by answer', async () => {
    const server = await open('What is it?')
    fireEvent.change(await screen.findByLabelText('Metallic screen'), { target: { value: 'copper wires' } })
    expect((await stored(server)).end?.seen).toMatchObject({ screen: 'copper-wire' })
    fireEvent.change(screen.getByLabelText('Metal'), { target: { value: 'aluminium' } })
    expect((await stored(server, 2)).end?.seen).toMatchObject({ screen: 'copper-wire', material: 'aluminium' })
    fireEvent.change(screen.getByLabelText('Metallic screen'), { target: { value: '' } })
    expect((await stored(server, 3)).end?.seen).not.toHaveProperty('screen')
  })

  it('counts wires as whole numbers, and measures one', async () => {
    const server = await open('What is it?')
    typeAndLeave(await screen.findByLabelText('Screen wires, counted'), '36 wires')
    expect((await stored(server)).end?.seen?.wireCount).toBe(36)
    const wire = screen.getByLabelText('One wire across, in mm')
    typeAndLeave(wire, 'thin')
    expect(screen.getByText(/This is not a length/)).toBeTruthy()
    expect(server.stored).toHaveLength(1)
    typeAndLeave(wire, '0,8')
    expect((await stored(server, 2)).end?.seen?.wireDiameter).toEqual({ typed: '0,8', unit: 'mm', instrument: 'caliper' })
  })
})
