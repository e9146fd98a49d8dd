// @vitest-environment happy-dom
import { fireEvent, screen, within } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import { openPage } from '../../testing/page'
import { JOBS, jobOf } from '../../testing/server'

const IN_MM = `/jobs/${JOBS['half-cut']}/mark-out`
const IN_INCHES = `/jobs/${JOBS['in-inches']}/mark-out`

const table = async (end: 'A' | 'B') => {
  const tables = await screen.findAllByRole('table')
  const found = tables.find((one) => within(one).queryByText(`End ${end}`))
  if (!found) throw new Error(`no table of end ${end}`)
  return within(found)
}

const cells = (row: HTMLElement) =>
  within(row)
    .getAllByRole('cell')
    .map((cell) => cell.textContent)

const cells0 = (row: HTMLElement) =>
  within(row)
    .queryAllByRole('cell')
    .map((cell) => cell.textContent)

describe('every mark with its window, from the datum that is chosen', () => {
  it('from the cable end', async () => {
    openPage(IN_MM)
    const [, first] = (await table('A')).getAllByRole('row')
    expect(first && cells(first).slice(0, 4)).toEqual(['1', 'Oversheath', '248', '245 to 251'])
  })

  it('from the oversheath cut: the same places counted the other way, by what the core says', async () => {
    openPage(IN_MM)
    await table('A')
    fireEvent.click(screen.getByLabelText('oversheath cut'))
    const mark = jobOf('half-cut').markOut?.marks.find((one) => one.end === 'A' && one.cut === 'insulation')
    const from = mark?.from['oversheath-cut']
    expect(from?.atMm).toBe(192)
    const rows = (await table('A')).getAllByRole('row').slice(1).map(cells)
    expect(rows.find((row) => row[1] === 'Insulation')?.[2]).toBe('192')
  })

  it('of a core that is shorter, what goes round all of them where its own tape has it', async () => {
    const job = jobOf('half-cut')
    // Core 2 is 14 mm shorter: from its end all that is shared lies so much nearer, and is drawn where the others have it.
    const shorter = (atMm: number | undefined) => (atMm ?? 0) - 14
    const marks = job.markOut?.marks.filter(({ end, cut }) => end === 'A' && cut !== 'oversheath') ?? []
    for (const mark of marks) {
      const from = mark.from['oversheath-cut']
      if (from) from.atMm = shorter(from.atMm)
    }
    openPage(IN_MM, 'jointer', (server) => server.gives('GET', `/api/jobs/${JOBS['half-cut']}`, job))
    const said = async () => (await screen.findAllByRole('img', { name: /half-section/ }))[0]?.getAttribute('aria-label')
    expect(await said()).toContain('Oversheath, end A 248 mm')
    fireEvent.click(screen.getByLabelText('oversheath cut'))
    expect(await said()).toContain('Oversheath, end A 0 mm')
  })

  it('marks that are no cuts too: how deep the conductor goes, and where the compound ends', async () => {
    const job = jobOf('half-cut')
    const edge = (mm: string) => ({ 'cable-end': { mm, in: '2' }, 'oversheath-cut': { mm: '186', in: '7 5/16' } })
    job.markOut?.others.push({
      kind: 'zone',
      end: 'A',
      onCores: false,
      name: 'Release compound',
      reason: { template: 'Off the [oversheath].', values: {} },
      handMm: 2,
      at: edge('62'),
      to: edge('80'),
    })
    openPage(IN_MM, 'jointer', (server) => server.gives('GET', `/api/jobs/${JOBS['half-cut']}`, job))
    const rows = within(await screen.findByRole('region', { name: 'Marks that are no cuts' }))
      .getAllByRole('row')
      .map(cells0)
    expect(rows[1]?.slice(0, 3)).toEqual([
      'Insertion mark on the conductorAt the mouth of the connector, the conductor is home.',
      'A',
      '50',
    ])
    expect(rows.at(-1)).toEqual(['Release compoundOff the oversheath.', 'A', '62', '80', '± 2 mm'])
    fireEvent.click(screen.getByLabelText('oversheath cut'))
    expect(screen.getAllByText('186').length).toBeGreaterThan(0)
  })

  it('in inches as fractions, in the words of those who read inches', async () => {
    openPage(IN_INCHES)
    const rows = (await table('A'))
      .getAllByRole('row')
      .slice(1)
      .map((row) => cells(row).slice(1, 4))
    expect(rows).toEqual([
      ['Jacket', '9 5/8', '9 1/2 to 9 3/4'],
      ['Metallic shield', '8 1/8', '8 to 8 1/4'],
      ['Insulation shield', '6 1/8', '6 1/16 to 6 3/16'],
      ['Insulation', '1 7/8', '1 7/8 to 2'],
    ])
  })
})

it('says of the chosen mark why it is there, and the working', async () => {
  openPage(IN_INCHES)
  fireEvent.click((await table('B')).getByRole('button', { name: 'Insulation' }))
  const hero = within(await screen.findByRole('region', { name: 'The chosen mark' }))
  expect(hero.getAllByRole('heading')[0]?.textContent).toMatch(/4 · Insulation\s*, end B/)
  expect(hero.getByText(/from the cable end:/).textContent).toMatch(/= 1\.\d+ in$/)
})

it('says of a part how it lies on what it must cover, in the units of the reader', async () => {
  openPage(IN_INCHES)
  expect(
    await screen.findByText('End A: the stress tube covers 1 5/8 in of the insulation shield; the kit asks for 1 in.'),
  ).toBeTruthy()
})

it('draws a cut that was measured where it is, with its own number, and what is planned with the number to set', async () => {
  openPage(IN_MM)
  const [drawing] = await screen.findAllByRole('img', { name: /half-section along the axis/ })
  expect(drawing?.getAttribute('aria-label')).toContain('Insulation screen, end A 165.8 mm; Insulation, end A 56 mm')
  fireEvent.click(screen.getByLabelText('oversheath cut'))
  const [other] = screen.getAllByRole('img', { name: /half-section along the axis/ })
  expect(other?.getAttribute('aria-label')).toContain('Insulation screen, end A 82.2 mm; Insulation, end A 192 mm')
})

describe('parking', () => {
  const region = async () => within(await screen.findByRole('region', { name: 'Parking' }))

  it('goes on in order, with the room that is left', async () => {
    openPage(IN_INCHES)
    const parking = await region()
    expect(parking.getAllByRole('listitem').map((one) => one.textContent)).toEqual([
      expect.stringContaining('Dual-wall tube'),
      expect.stringContaining('Insulating tube'),
      expect.stringContaining('Stress tube'),
      expect.stringContaining('Outer sleeve'),
    ])
    expect(parking.getAllByText('18 in to spare')).toHaveLength(2)
  })

  it('says by how much it does not fit, and that nobody measured the room', async () => {
    const job = jobOf('in-inches')
    const [a, b] = job.parking ?? []
    if (!a || !b) throw new Error('two ends')
    a.spareMm = -25.4
    b.spareMm = null
    openPage(IN_INCHES, 'jointer', (server) => server.gives('GET', `/api/jobs/${JOBS['in-inches']}`, job))
    const parking = await region()
    expect(parking.getByText('1 in short')).toBeTruthy()
    expect(parking.getByText('room not measured')).toBeTruthy()
  })

  it('tells what waits on each core apart from what waits on the sheath', async () => {
    openPage(`/jobs/${JOBS.staged}/mark-out`)
    const parking = await region()
    expect(parking.getAllByText(/^End A/).map((one) => one.textContent)).toEqual([
      'End A, thread on in this order',
      'End A, on each core, thread on in this order',
    ])
  })
})

it('says why there are no marks yet, and where it is seen to', async () => {
  openPage(`/jobs/${JOBS['no-fit']}/mark-out`, 'jointer', (server) =>
    server.gives('GET', `/api/jobs/${JOBS['no-fit']}`, { ...jobOf('no-fit'), markOut: null, section: null, parking: null }),
  )
  expect(await screen.findByRole('heading', { name: 'It cannot be marked out yet' })).toBeTruthy()
  expect(document.title).toBe('It cannot be marked out yet · Brinlow Mill · joint 1 · Berm')
  const ways = screen.getAllByRole('link', { name: 'See to it' }).map((link) => link.getAttribute('href'))
  expect(ways).toContain(`/jobs/${JOBS['no-fit']}/kit`)
  expect(screen.queryByRole('table')).toBeNull()
})
