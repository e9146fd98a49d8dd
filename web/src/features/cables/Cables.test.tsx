// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import type { Draft, Job } from '../../api/types'
import { openPage } from '../../testing/page'
import { answerOf, JOBS, jobOf, problem, taken, type Server } from '../../testing/server'

const ID = JOBS['no-fit']
const PATH = `/jobs/${ID}/cables`

const takesPlans = (server: Server) => {
  let version = jobOf('no-fit').version
  server.answers('PUT', `/api/jobs/${ID}/plan`, ({ body }) =>
    taken({ ...jobOf('no-fit'), version: (version += 1), draft: body as Draft } satisfies Job),
  )
}

const plans = (server: Server) => server.stored.map(({ body }) => body as Draft)

const diameter = (layer: string, unit = 'mm') =>
  screen.findByLabelText<HTMLInputElement>(`Diameter over the ${layer}, end A, in ${unit}`)

describe('a reading', () => {
  it('is added to its layer and end, at the next place round the cable', async () => {
    const server = openPage(PATH, 'jointer', takesPlans)
    fireEvent.click(
      within(await screen.findByRole('list', { name: 'Diameters over each layer' })).getByRole('button', { name: 'Oversheath' }),
    )
    const input = await diameter('oversheath')
    fireEvent.change(input, { target: { value: '26,8' } })
    fireEvent.submit(input)
    await waitFor(() => expect(server.stored).toHaveLength(1))
    const before = jobOf('no-fit').draft.ends['A']?.readings?.['oversheath'] ?? []
    expect(plans(server)[0]?.ends['A']?.readings?.['oversheath']).toEqual([
      ...before,
      expect.objectContaining({ typed: '26,8', unit: 'mm', instrument: 'caliper' }),
    ])
  })

  it('is taken out again, that one only', async () => {
    const server = openPage(PATH, 'jointer', takesPlans)
    fireEvent.click(await screen.findByRole('button', { name: 'Take out the reading 21.35 mm' }))
    await waitFor(() => expect(server.stored).toHaveLength(1))
    expect(plans(server)[0]?.ends['A']?.readings?.['insulation']?.map(({ typed }) => typed)).toEqual(['21.45'])
  })

  it('that is being typed keeps its meaning when the unit is changed', async () => {
    openPage(PATH, 'jointer', takesPlans)
    fireEvent.change(await diameter('conductor'), { target: { value: '14.3' } })
    fireEvent.click(screen.getAllByLabelText('in')[0] ?? document.body)
    expect((await diameter('conductor', 'inches')).value).toBe('14.3 mm')
    fireEvent.click(screen.getAllByLabelText('mm')[0] ?? document.body)
    expect((await diameter('conductor')).value).toBe('14.3')
  })

  it('is asked of nobody who may not plan', async () => {
    openPage(PATH, 'storekeeper')
    await screen.findByRole('list', { name: 'Diameters over each layer' })
    expect(screen.queryByLabelText(/^Diameter over/)).toBeNull()
    expect(screen.queryByRole('button', { name: /^Take out/ })).toBeNull()
  })
})

it('two changes made before the first is stored are both stored, one on the other', async () => {
  const server = openPage(PATH, 'jointer', takesPlans)
  const free = await screen.findByLabelText('By tape, end A, in mm')
  fireEvent.change(free, { target: { value: '2700' } })
  fireEvent.submit(free)
  fireEvent.click(screen.getByRole('button', { name: 'Take out the reading 21.35 mm' }))
  await waitFor(() => expect(server.stored).toHaveLength(2))
  const last = plans(server).at(-1)
  expect(last?.ends['A']?.freeLength?.typed).toBe('2700')
  expect(last?.ends['A']?.readings?.['insulation']).toHaveLength(1)
  const versions = server.stored.map(({ headers }) => headers.get('If-Match'))
  expect(versions).toEqual([`"${jobOf('no-fit').version}"`, `"${jobOf('no-fit').version + 1}"`])
})

it('keeps a plan that cannot be sent, says so, and sends it when the signal is back', async () => {
  const server = openPage(PATH, 'jointer', takesPlans)
  const out = await screen.findByRole('button', { name: 'Take out the reading 21.35 mm' })
  server.goesOffline()
  fireEvent.click(out)
  await waitFor(() => expect(screen.getAllByText('not saved yet').length).toBeGreaterThan(0))
  expect(screen.queryByRole('button', { name: 'Take out the reading 21.35 mm' })).toBeNull()
  server.comesBack()
  await waitFor(() => expect(server.stored).toHaveLength(1), { timeout: 6000 })
}, 10_000)

describe('the cable of an end', () => {
  it('is chosen from the library by what stands on the drum', async () => {
    const server = openPage(PATH, 'jointer', takesPlans)
    fireEvent.click(await screen.findByRole('button', { name: 'Another cable' }))
    const dialog = within(await screen.findByRole('dialog'))
    const { cables } = answerOf('cables') as { cables: { id: string; revision: number; designation: string }[] }
    const [, wanted] = cables
    fireEvent.click(await dialog.findByRole('button', { name: new RegExp(wanted?.designation.replace(/[()]/g, '.') ?? '') }))
    await waitFor(() => expect(server.stored).toHaveLength(1))
    expect(plans(server)[0]?.ends['A']?.cable).toEqual({ id: wanted?.id, revision: wanted?.revision })
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull())
  })

  it('is the same as at the other end at a touch', async () => {
    const job = jobOf('no-fit')
    const { A } = job.draft.ends
    job.draft.ends = A ? { A } : {}
    job.ends = job.ends.filter(({ end }) => end === 'A')
    const server = openPage(PATH, 'jointer', (server) => {
      takesPlans(server)
      server.gives('GET', `/api/jobs/${ID}`, job)
    })
    fireEvent.click(await screen.findByLabelText('End B'))
    fireEvent.click(await screen.findByRole('button', { name: 'Same cable as end A' }))
    await waitFor(() => expect(server.stored).toHaveLength(1))
    expect(plans(server)[0]?.ends['B']?.cable).toEqual(A?.cable)
  })
})

describe('what is it?', () => {
  const open = async () => fireEvent.click(await screen.findByLabelText('What is it?'))
  const PLACE = `/api/jobs/${ID}/ends/A/identification`

  it('asks for a first look where nothing is known', async () => {
    openPage(PATH, 'jointer', (server) =>
      server.gives('GET', PLACE, { candidates: [], compared: 0, named: null, isMisnamed: false, next: null }),
    )
    await open()
    expect(await screen.findByText(/Measure one layer, or say what you see/)).toBeTruthy()
  })

  it('warns where the name on the job does not agree with the cable, and says what would settle it', async () => {
    const candidate = { id: 'c', revision: 1, designation: '1×150 Cu', isPossible: true, agreements: [], contradictions: [] }
    openPage(PATH, 'jointer', (server) =>
      server.gives('GET', PLACE, {
        candidates: [candidate],
        compared: 812,
        named: { ...candidate, designation: '1×150 Al', isPossible: false },
        isMisnamed: true,
        next: { layer: 'insulation', advice: { template: 'Measure over the insulation.', values: {} } },
      }),
    )
    await open()
    expect((await screen.findByRole('alert')).textContent).toContain(
      'Something speaks against 1×150 Al, and nothing against 1×150 Cu.',
    )
    expect(screen.getByText('Held against 812 constructions of the library.')).toBeTruthy()
    fireEvent.click(screen.getByRole('button', { name: 'Measure it' }))
    expect(await diameter('insulation')).toBeTruthy()
  })

  it('says that it cannot be asked', async () => {
    openPage(PATH, 'jointer', (server) => server.answers('GET', PLACE, () => problem(422, 'Choose the cable first.')))
    await open()
    expect((await screen.findByRole('alert')).textContent).toContain('Choose the cable first.')
  })
})

describe('the bench', () => {
  it('is reached with what is known of the cable and the air', async () => {
    const job = jobOf('no-fit')
    const ends = job.ends.map((end) => ({ ...end, cable: { ...end.cable, screenWires: { count: 36, diameterMm: 0.8 } } }))
    const draft = { ...job.draft, weather: { air: '12.5 °C', humidity: 81 } }
    openPage(PATH, 'jointer', (server) => server.gives('GET', `/api/jobs/${ID}`, { ...job, ends, draft }))
    const addressOf = async (name: string) =>
      decodeURIComponent((await screen.findByRole('link', { name: `On the bench: ${name}` })).getAttribute('href') ?? '')
    // 36 × π × 0.8² / 4.
    expect(await addressOf('what its screen reads')).toBe('/bench/screen?unit=mm&area=18.10')
    fireEvent.click(screen.getByRole('radio', { name: 'Condition' }))
    expect(await addressOf('°C and °F')).toBe('/bench/temperature?unit=mm&temperature=12.5+°C')
    expect(await addressOf('dew point')).toContain('air=12.5+°C&humidity=81')
    expect(await addressOf('insulation resistance')).toContain('/bench/insulation?unit=mm')
  })
})
