// @vitest-environment happy-dom
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import { openPage } from '../../testing/page'
import { problem, taken } from '../../testing/server'

const label = () => screen.findByLabelText<HTMLInputElement>('Label of the box')
const type = async (text: string) => fireEvent.change(await label(), { target: { value: text } })
const put = () => fireEvent.click(screen.getByRole('button', { name: 'Put it on the shelf' }))

it('shows each box by the day it expires, and why one cannot be taken', async () => {
  openPage('/stores')
  expect(await screen.findByText('✕ It expired on 2026-03-01: send it back.')).toBeTruthy()
  const days = [...document.querySelectorAll('tbody tr td:first-child')].map(
    (cell) => /\d{4}-\d\d-\d\d/.exec(cell.textContent)?.[0],
  )
  expect(days).toEqual([...days].sort())
  expect(screen.queryByLabelText('Label of the box')).toBeNull()
})

describe('a storekeeper reads a box in', () => {
  it('from its label, with what the label has and Berm does not keep', async () => {
    const server = openPage('/stores', 'storekeeper', (server) =>
      server.answers('POST', '/api/boxes', () => taken({ box: {}, skipped: ['(37) count'] }, 201)),
    )
    await type('(01)09521230013321(10)B7(37)2')
    fireEvent.change(screen.getByLabelText('Where it stands'), { target: { value: 'Van 2' } })
    put()
    expect((await screen.findByText(/It is on the shelf\./)).textContent).toContain('Not kept from its label: (37) count.')
    expect(server.stored[0]?.body).toMatchObject({ label: '(01)09521230013321(10)B7(37)2', place: 'Van 2' })
    expect((await label()).value).toBe('')
    expect(screen.getByLabelText<HTMLInputElement>('Where it stands').value).toBe('Van 2')
  })

  it('with the reader, whose separators are shown as they can be typed', async () => {
    openPage('/stores', 'storekeeper', (server) =>
      server.gives('GET', '/api/label-reader', { label: '0109521230013321\u001d10B7' }),
    )
    fireEvent.click(await screen.findByRole('button', { name: 'Read a label' }))
    await waitFor(async () => expect((await label()).value).toBe('0109521230013321<GS>10B7'))
  })

  it('and is told what is wrong with it; nothing that was typed is lost, not even by a reload', async () => {
    openPage('/stores', 'storekeeper', (server) =>
      server.answers('POST', '/api/boxes', () =>
        problem(422, 'It has faults.', { problems: [{ path: 'label', message: 'The check digit of (01) is 1, not 2.' }] }),
      ),
    )
    await type('(01)09521230013322')
    put()
    expect(await screen.findByText('The check digit of (01) is 1, not 2.')).toBeTruthy()
    expect((await label()).value).toBe('(01)09521230013322')
    cleanup()
    openPage('/stores', 'storekeeper')
    expect((await label()).value).toBe('(01)09521230013322')
  })

  it('or that the reader does not answer', async () => {
    openPage('/stores', 'storekeeper', (server) =>
      server.answers('GET', '/api/label-reader', () => problem(404, 'No label lies under it.')),
    )
    fireEvent.click(await screen.findByRole('button', { name: 'Read a label' }))
    expect(await screen.findByText('No label lies under it.')).toBeTruthy()
  })
})

describe('tools', () => {
  const open = async () => fireEvent.click(await screen.findByLabelText('Tools'))

  it('say whether their calibration holds', async () => {
    openPage('/stores')
    await open()
    const row = async (name: string) => (await screen.findByText(name)).closest('tr')?.textContent
    expect(await row('Battery press 1')).toContain('✓ calibrated')
    expect(await row('Hand-pump press, van 2')).toContain('✕ out of calibration')
    expect(await row('Small wrench 5–25')).toContain('not known')
  })

  it('are written down: a press by its dies, a wrench by its range', async () => {
    const server = openPage('/stores', 'storekeeper', (server) => server.answers('POST', '/api/tools', () => taken({}, 201)))
    await open()
    const fill = (values: Record<string, string>) => {
      for (const [name, value] of Object.entries(values)) fireEvent.change(screen.getByLabelText(name), { target: { value } })
      fireEvent.click(screen.getByRole('button', { name: 'Write it down' }))
    }
    await screen.findByLabelText('Dies')
    fill({ Name: 'Press 3', 'Serial number': 'P-3', Dies: 'hexagonal, Al 95; hexagonal, Al 150;' })
    await waitFor(() => expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe(''))
    fireEvent.change(screen.getByLabelText('Kind'), { target: { value: 'torque-wrench' } })
    fill({ Name: 'Wrench 2', 'Serial number': '', From: '20 N·m', To: '80 N·m', 'Calibrated until': '2027-02-28' })
    await waitFor(() => expect(server.stored).toHaveLength(2))
    expect(server.stored.map(({ body }) => body)).toEqual([
      {
        id: expect.any(String) as unknown,
        kind: 'crimp-press',
        name: 'Press 3',
        serial: 'P-3',
        dies: ['hexagonal, Al 95', 'hexagonal, Al 150'],
      },
      {
        id: expect.any(String) as unknown,
        kind: 'torque-wrench',
        name: 'Wrench 2',
        serial: '',
        least: '20 N·m',
        most: '80 N·m',
        calibratedUntil: '2027-02-28',
      },
    ])
  })

  it('say at each field what is wrong with it', async () => {
    openPage('/stores', 'storekeeper', (server) =>
      server.answers('POST', '/api/tools', () =>
        problem(422, 'It has faults.', { problems: [{ path: 'dies[1]', message: 'is not the name of a die.' }] }),
      ),
    )
    await open()
    fireEvent.change(await screen.findByLabelText('Name'), { target: { value: 'Press 3' } })
    fireEvent.click(screen.getByRole('button', { name: 'Write it down' }))
    expect(await screen.findByText('is not the name of a die.')).toBeTruthy()
    expect(screen.getByLabelText('Dies').getAttribute('aria-invalid')).toBe('true')
  })
})
