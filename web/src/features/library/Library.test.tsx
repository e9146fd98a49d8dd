// @vitest-environment happy-dom
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import type { CableType } from '../../api/types'
import { openPage } from '../../testing/page'
import { answerOf, problem, taken, type Sent } from '../../testing/server'

const cables = () => answerOf('cables') as { cables: CableType[]; total: number }

it('shows the first cable layer by layer, and another one when it is picked', async () => {
  openPage('/cables')
  const [first, second] = cables().cables
  expect(await screen.findByRole('heading', { name: first?.designation ?? '' })).toBeTruthy()
  fireEvent.click(screen.getByRole('button', { name: new RegExp(second?.designation.slice(0, 30).replace(/[()]/g, '.') ?? '') }))
  expect(await screen.findByRole('heading', { name: second?.designation ?? '' })).toBeTruthy()
})

it('searches as the drum has it, and hands over what was found', async () => {
  openPage('/cables')
  fireEvent.change(await screen.findByLabelText('As the drum or the record has it'), { target: { value: '95 al' } })
  expect(await screen.findByText(/Hand over what was found as/)).toBeTruthy()
  expect(screen.getByRole('link', { name: 'table (CSV)' }).getAttribute('href')).toBe('/api/cables.csv?search=95+al')
})

describe('a cable from its drum', () => {
  const open = async () => {
    fireEvent.click(await screen.findByRole('button', { name: 'New cable' }))
    return within(await screen.findByRole('dialog'))
  }
  const fill = (dialog: Awaited<ReturnType<typeof open>>) => {
    for (const [label, value] of [
      ['Designation', 'Old 95 by the mill'],
      ['Rated voltage', '6.35/11 (12) kV'],
      ['Conductor size', '95 mm²'],
      ['Metallic screen', 'copper-wire'],
      ['Screen wires', '36 wires'],
      ['Diameter of one wire', '0.8'],
      ['Over the insulation', '19,5'],
    ] as const)
      fireEvent.change(dialog.getByLabelText(label), { target: { value } })
  }

  it('is worked out before it is kept: only what was typed is sent', async () => {
    const [cable] = cables().cables
    const server = openPage('/cables', 'jointer', (server) => {
      server.gives('POST', '/api/cables/completed', cable)
      server.answers('POST', '/api/cables', () => taken(cable, 201))
    })
    const dialog = await open()
    fill(dialog)
    fireEvent.click(dialog.getByRole('button', { name: 'Work out the rest' }))
    expect(await dialog.findByText('This is what it comes to.')).toBeTruthy()
    fireEvent.click(dialog.getByRole('button', { name: 'Add it to the library' }))
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull())
    const [worked, added] = server.stored
    expect(worked?.body).toEqual(added?.body)
    expect(added?.body).toMatchObject({
      designation: 'Old 95 by the mill',
      ratedVoltage: '6.35/11 (12) kV',
      cores: 1,
      conductor: { size: '95 mm²', material: 'aluminium', shape: 'compacted' },
      screenWires: { count: 36, diameter: '0.8 mm' },
      layers: [{ layer: 'insulation', diameter: '19,5 mm' }],
    })
  })

  it('says at each field what is wrong with it, and shows nothing as worked out after a change', async () => {
    const server = openPage('/cables', 'jointer', (server) =>
      server.answers('POST', '/api/cables/completed', () =>
        problem(422, 'It has faults.', {
          problems: [
            { path: 'ratedVoltage', message: 'is not a rated voltage: write 6.35/11 (12) kV.' },
            { path: 'layers[0].diameter', message: 'is thinner than the conductor.' },
          ],
        }),
      ),
    )
    const dialog = await open()
    fill(dialog)
    fireEvent.click(dialog.getByRole('button', { name: 'Work out the rest' }))
    expect(await dialog.findByText('is not a rated voltage: write 6.35/11 (12) kV.')).toBeTruthy()
    const diameter = dialog.getByLabelText('Over the insulation')
    expect(diameter.getAttribute('aria-invalid')).toBe('true')
    expect(dialog.getByText('is thinner than the conductor.')).toBeTruthy()
    server.gives('POST', '/api/cables/completed', cables().cables[0])
    fireEvent.click(dialog.getByRole('button', { name: 'Work out the rest' }))
    expect(await dialog.findByText('This is what it comes to.')).toBeTruthy()
    fireEvent.change(diameter, { target: { value: '19.6' } })
    expect(dialog.queryByText('This is what it comes to.')).toBeNull()
  })

  it('is there again when the page was opened again in the middle', async () => {
    openPage('/cables')
    fill(await open())
    cleanup()
    openPage('/cables')
    const dialog = await open()
    expect(dialog.getByLabelText<HTMLInputElement>('Designation').value).toBe('Old 95 by the mill')
    expect(dialog.getByLabelText<HTMLInputElement>('Over the insulation').value).toBe('19,5')
  })
})

describe('a file of cables', () => {
  const take = async (name: string, text: string) => {
    fireEvent.click(await screen.findByRole('button', { name: 'Take in a file' }))
    const input = await screen.findByLabelText<HTMLInputElement>('File')
    fireEvent.change(input, { target: { files: [new File([text], name)] } })
  }
  const keepOf = (sent: Sent | undefined) => [sent?.headers.get('Content-Type'), sent?.body]

  it('is looked at first; then its good rows are kept', async () => {
    const found = {
      read: ['one', 'two'],
      added: [],
      known: [],
      problems: [{ row: 3, column: 'size', message: 'is no size.' }],
      skipped: [],
    }
    const server = openPage('/cables', 'jointer', (server) => server.gives('POST', '/api/cables/import', found))
    await take('drums.csv', 'designation;size')
    expect(await screen.findByText('is no size.')).toBeTruthy()
    server.gives('POST', '/api/cables/import', { ...found, added: ['one'], known: ['two'] })
    fireEvent.click(screen.getByRole('button', { name: 'Add the 2 good ones' }))
    expect(await screen.findByText('1 added.')).toBeTruthy()
    expect(screen.getByText(/In the library already, and left as they are: 1\./)).toBeTruthy()
    expect(server.stored.map(keepOf)).toEqual([
      ['text/csv', 'designation;size'],
      ['text/csv', 'designation;size'],
    ])
  })

  it('of an asset system has no rated voltage: it is asked for', async () => {
    openPage('/cables', 'jointer', (server) =>
      server.answers('POST', '/api/cables/import', () => problem(422, 'It cannot be read: there is no root element.')),
    )
    await take('assets.xml', '<rdf/>')
    expect(await screen.findByLabelText('Rated voltage of these cables')).toBeTruthy()
    expect((await screen.findByRole('alert')).textContent).toContain('no root element')
    expect(screen.queryByRole('button', { name: /^Add/ })).toBeNull()
  })
})
