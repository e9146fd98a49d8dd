// @vitest-environment happy-dom
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import type { ChoicePage, Draft, Job } from '../../api/types'
import { notHeard } from '../../engine/signal'
import { openPage } from '../../testing/page'
import { answerOf, JOBS, jobOf, problem, taken, type Server } from '../../testing/server'

const ID = JOBS['half-cut']
const PATH = `/jobs/${ID}/kit`
const PLAN = `/api/jobs/${ID}/plan`

/** Takes a plan as the server does: the next version of the job has it. */
const takesPlans = (server: Server) =>
  server.answers('PUT', PLAN, ({ body }) => {
    const job = jobOf('half-cut')
    return taken({ ...job, version: job.version + 1, draft: body as Draft } satisfies Job)
  })

const choice = (name: RegExp) => screen.findByRole('button', { name })

describe('a kit is chosen', () => {
  it('with its revision and size, on the version of the plan that is shown', async () => {
    const server = openPage(PATH, 'jointer', takesPlans)
    fireEvent.click(await choice(/Straight joint, one core, 12 kV, size 1/))
    await waitFor(() => expect(server.stored).toHaveLength(1))
    const { draft, version } = jobOf('half-cut')
    expect(server.stored[0]?.body).toEqual({ ...draft, kit: { id: 'quillon-straight-12', revision: 4, size: '1' } })
    expect(server.stored[0]?.headers.get('If-Match')).toBe(`"${version}"`)
  })

  it('together with the connector that goes with it', async () => {
    const server = openPage(PATH, 'jointer', takesPlans)
    fireEvent.click((await screen.findAllByRole('button', { name: /Take both|Take this too/ }))[0] ?? document.body)
    await waitFor(() => expect(server.stored).toHaveLength(1))
    expect((server.stored[0]?.body as Draft).connector?.id).not.toBe(jobOf('half-cut').draft.connector?.id)
  })

  it('by nobody who may not plan', async () => {
    openPage(PATH, 'storekeeper')
    expect((await choice(/12 kV, size 2/)).hasAttribute('disabled')).toBe(true)
    expect(screen.getByText(/chooses the kit/)).toBeTruthy()
  })

  it('shows the chosen one, and what speaks against the others', async () => {
    openPage(PATH)
    expect((await choice(/Straight joint, one core, 12 kV, size 2/)).getAttribute('aria-pressed')).toBe('true')
    expect(screen.getByText(/95 mm² lies outside 25 mm² to 70 mm²\. 3 more against it\./)).toBeTruthy()
  })
})

it('leads on to the connector where only that is wanting', async () => {
  const job = jobOf('half-cut')
  const finding = job.fit.kit?.findings.find(({ criterion }) => criterion === 'planned')
  if (!job.fit.kit || !finding) throw new Error('the kit of the demo is planned whole')
  job.fit.kit.outcome = finding.outcome = 'cannot-tell'
  openPage(PATH, 'jointer', (server) => server.gives('GET', `/api/jobs/${ID}`, job))
  expect((await screen.findByRole('link', { name: /On to the connector/ })).getAttribute('href')).toBe(`/jobs/${ID}/connector`)
})

it('does not lead on from a kit that is refused', async () => {
  const job = jobOf('half-cut')
  const finding = job.fit.kit?.findings.find(({ criterion }) => criterion === 'planned')
  if (!job.fit.kit || !finding) throw new Error('the kit of the demo is planned whole')
  job.fit.kit.outcome = finding.outcome = 'does-not-fit'
  openPage(PATH, 'jointer', (server) => server.gives('GET', `/api/jobs/${ID}`, job))
  await screen.findByText(/^planned whole/i)
  expect(screen.queryByRole('link', { name: /On to the connector/ })).toBeNull()
})

it('does not fold away what fits with another connector', async () => {
  const page = answerOf('kits-for-half-cut') as ChoicePage
  const other = page.choices.find(({ kit, with: goes }) => kit?.id !== jobOf('half-cut').kit?.id && goes?.outcome === 'fits')
  if (!other) throw new Error('the demo has another that fits')
  other.outcome = 'does-not-fit'
  openPage(PATH, 'jointer', (server) => server.gives('GET', `/api/jobs/${ID}/kits`, page))
  const button = await choice(new RegExp(`${other.kit?.name ?? '?'}, size ${other.kit?.size ?? '?'}`))
  expect(button.closest('details')).toBeNull()
  expect(within(button.closest('li') ?? document.body).getByText(/^with /).textContent).toContain('fits')
})

describe('what the server could not take', () => {
  it('is shown by its place and stays until it is taken back', async () => {
    openPage(PATH, 'jointer', (server) =>
      server.answers('PUT', PLAN, () =>
        problem(422, 'It has faults.', { problems: [{ path: 'ends.A.readings.insulation[0].typed', message: 'is 0.' }] }),
      ),
    )
    fireEvent.change(await screen.findByLabelText('Where it will be'), { target: { value: 'indoor' } })
    const alert = await screen.findByRole('alert')
    expect(alert.textContent).toContain('Not saved: It has faults.')
    expect(alert.textContent).toContain('End A, insulation: is 0.')
    expect(screen.getByLabelText<HTMLSelectElement>('Where it will be').value).toBe('indoor')
    fireEvent.click(within(alert).getByRole('button', { name: 'Go back to what is saved' }))
    await waitFor(() => expect(screen.getByLabelText<HTMLSelectElement>('Where it will be').value).not.toBe('indoor'))
  })

  it('is shown beside what somebody else stored first, and one of the two is chosen', async () => {
    const theirs = jobOf('half-cut')
    theirs.version += 3
    theirs.draft = { ...theirs.draft, kit: { id: 'quillon-straight-12', revision: 4, size: '3' } }
    const server = openPage(PATH, 'jointer', (server) =>
      server.answers('PUT', PLAN, ({ headers }) =>
        headers.get('If-Match') === `"${theirs.version}"`
          ? taken({ ...theirs, version: theirs.version + 1 })
          : problem(409, 'Somebody else changed it.', { theirs }),
      ),
    )
    fireEvent.click(await choice(/Straight joint, one core, 12 kV, size 1/))
    const dialog = within(await screen.findByRole('dialog'))
    expect(dialog.getByText('quillon-straight-12, revision 4, size 3')).toBeTruthy()
    expect(dialog.getByText('quillon-straight-12, revision 4, size 1')).toBeTruthy()
    fireEvent.click(dialog.getByRole('button', { name: 'Store mine in its place' }))
    await waitFor(() => expect(server.stored).toHaveLength(2))
    expect((server.stored[1]?.body as Draft).kit?.size).toBe('1')
    await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull())
  })

  it('or theirs is kept', async () => {
    const theirs = jobOf('half-cut')
    theirs.version += 3
    theirs.draft = { ...theirs.draft, place: 'buried' }
    const server = openPage(PATH, 'jointer', (server) => {
      server.answers('PUT', PLAN, () => problem(409, 'Somebody else changed it.', { theirs }))
      server.gives('GET', `/api/jobs/${ID}`, jobOf('half-cut'))
    })
    fireEvent.click(await choice(/Straight joint, one core, 12 kV, size 1/))
    fireEvent.click(await screen.findByRole('button', { name: 'Keep theirs' }))
    await waitFor(() => expect(screen.getByLabelText<HTMLSelectElement>('Where it will be').value).toBe('buried'))
    expect(server.stored).toHaveLength(1)
  })
})

describe('its box', () => {
  const boxes = () =>
    answerOf('boxes') as { boxes: { id: string; batch: string; refusal: unknown; reservedFor: string | null }[] }

  it('that has expired is not offered, and says why', async () => {
    openPage(PATH)
    const item = (await screen.findByText(/It expired on 2026-03-01: send it back/)).closest('li')
    expect(item && within(item).queryByRole('button')).toBeNull()
  })

  it('is set aside, and laid out line by line before it is opened', async () => {
    const server = openPage(PATH, 'jointer', (server) => {
      server.answers('PUT', `/api/boxes/${boxes().boxes[1]?.id}/reservation`, ({ body }) => {
        const list = boxes()
        const [, box] = list.boxes
        if (box) box.reservedFor = (body as { job: string }).job
        server.gives('GET', '/api/boxes', list)
        return taken(box)
      })
      const { stamp } = jobOf('half-cut')
      server.gives('POST', `/api/boxes/${boxes().boxes[1]?.id}/opening`, { before: stamp, stamp, changes: [] })
    })
    fireEvent.click((await screen.findAllByRole('button', { name: 'Set aside for this job' }))[0] ?? document.body)
    const fieldset = (await screen.findByText(/^Open it and lay out what it holds/)).closest('fieldset')
    if (!fieldset) throw new Error('lines stand together')
    const lines = within(fieldset).getAllByRole('checkbox')
    for (const line of lines.slice(1)) fireEvent.click(line)
    fireEvent.click(screen.getByRole('button', { name: '1 missing: write it down' }))
    await waitFor(() => expect(server.stored).toHaveLength(2))
    expect(server.stored[1]?.body).toMatchObject({ job: ID, missing: [expect.any(String)] })
  })

  it('is taken as it lies in the hand where there is no signal, and another one where it was the wrong one', async () => {
    const { stamp } = jobOf('half-cut')
    const [, box] = boxes().boxes
    const path = `/api/boxes/${box?.id}/opening`
    const server = openPage(PATH, 'jointer', (server) => server.gives('POST', path, { before: stamp, stamp, changes: [] }))
    await screen.findAllByRole('button', { name: 'Set aside for this job' })
    act(notHeard)
    const inHand = screen.getAllByRole('button', { name: 'I have this one' })
    expect(screen.queryByRole('button', { name: 'Set aside for this job' })).toBeNull()
    fireEvent.click(inHand[0] ?? document.body)
    const fieldset = (await screen.findByText(`Open it and lay out what it holds: batch ${box?.batch}`)).closest('fieldset')
    for (const line of within(fieldset ?? document.body).getAllByRole('checkbox')) fireEvent.click(line)
    expect(screen.getAllByRole('button', { name: 'I have this one' })).toHaveLength(inHand.length - 1)
    fireEvent.click(screen.getByRole('button', { name: 'All of it is here' }))
    await waitFor(() => expect(server.stored.map((one) => one.path)).toEqual([path]))
    expect(server.stored[0]?.body).toMatchObject({ job: ID, missing: [] })
  })

  it('or its date is written down from the kit in the hand, and asked where it was left out', async () => {
    const { stamp } = jobOf('half-cut')
    const server = openPage(PATH, 'jointer', (server) =>
      server.gives('POST', `/api/jobs/${ID}/log`, { before: stamp, stamp, changes: [] }),
    )
    fireEvent.change(await screen.findByLabelText('Batch'), { target: { value: ' B7 ' } })
    fireEvent.click(screen.getByRole('button', { name: 'Write it down' }))
    expect(screen.getByText('Give the day that is printed on it.')).toBeTruthy()
    fireEvent.change(screen.getByLabelText(/Keeps until/), { target: { value: '2031-01-31' } })
    fireEvent.click(screen.getByRole('button', { name: 'Write it down' }))
    await waitFor(() => expect(server.stored).toHaveLength(1))
    expect(server.stored[0]?.body).toMatchObject({ event: { kind: 'kit-dated', batch: 'B7', keepsUntil: '2031-01-31' } })
  })
})
