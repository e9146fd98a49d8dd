// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import { openPage } from '../../testing/page'
import { answerOf, problem, taken, type Server } from '../../testing/server'

const FIRST = 'harrow-allinone-28'

/** A server that keeps drafts, and has the first sheet as its open file. */
const keeps = (server: Server) => {
  const file = { id: FIRST, revision: 1, name: 'All in one', sizes: [{ label: '15', gtin: '09521230000376' }, { label: '28' }] }
  server.gives('GET', `/api/kits/${FIRST}/1`, file)
  for (const id of [FIRST, 'our-own-12', `${FIRST}-copy`]) {
    server.answers('PUT', `/api/kit-drafts/${id}`, ({ body }) =>
      taken({ ...(answerOf('draft') as object), id, text: String(body) }, 201),
    )
    server.gives('GET', `/api/kit-drafts/${id}`, { ...(answerOf('draft') as object), id })
    for (const job of (answerOf('jobs') as { jobs: { id: string }[] }).jobs)
      server.answers('POST', `/api/kit-drafts/${id}/tried-on/${job.id}`, () => problem(422, 'Not yet.'))
  }
}

const open = (role: 'engineer' | 'jointer' = 'engineer') => openPage('/kits', role, keeps)
const sheet = (server: Server) => JSON.parse(String(server.stored[0]?.body)) as Record<string, unknown>

it('reads a sheet rule by rule, each with why', async () => {
  open('jointer')
  const chosen = within(await screen.findByRole('region', { name: 'The chosen sheet' }))
  expect(await chosen.findByRole('region', { name: 'What it is for' })).toBeTruthy()
  expect(chosen.getByRole('link', { name: 'JSON file' }).getAttribute('href')).toBe(`/api/kits/${FIRST}/1`)
  expect(screen.queryByRole('button', { name: 'New sheet' })).toBeNull()
})

it('lists the drafts that wait for a second person', async () => {
  open()
  const drafts = within(await screen.findByRole('list', { name: 'Drafts' }))
  expect(drafts.getAllByRole('link').map((one) => one.getAttribute('href'))).toEqual([
    '/kits/drafts/osterwick-plain-12',
    '/kits/drafts/quillon-straight-12',
  ])
})

it('a change begins as a draft of the next revision', async () => {
  const server = open()
  fireEvent.click(await screen.findByRole('button', { name: 'Change it' }))
  expect(await screen.findByRole('heading', { name: `Draft of ${FIRST}` })).toBeTruthy()
  expect([sheet(server)['id'], sheet(server)['revision']]).toEqual([FIRST, 2])
  expect(server.stored[0]?.headers.get('If-Match')).toBe('"0"')
})

describe('a copy', () => {
  it('has an id of its own, and no item numbers: those are of the other boxes', async () => {
    const server = open()
    fireEvent.click(await screen.findByRole('button', { name: 'Duplicate' }))
    fireEvent.click(await screen.findByRole('button', { name: 'Make the draft' }))
    await screen.findByRole('heading', { name: `Draft of ${FIRST}-copy` })
    expect(sheet(server)).toEqual({
      id: `${FIRST}-copy`,
      revision: 1,
      name: 'All-in-one slip-on splice, 15 to 28 kV (copy)',
      sizes: [{ label: '15' }, { label: '28' }],
    })
  })

  it('is not made under the same id', async () => {
    const server = open()
    fireEvent.click(await screen.findByRole('button', { name: 'Duplicate' }))
    fireEvent.change(await screen.findByLabelText('Id of the new sheet'), { target: { value: FIRST } })
    expect(screen.getByText(/and not the id of this sheet/)).toBeTruthy()
    fireEvent.click(screen.getByRole('button', { name: 'Make the draft' }))
    expect(server.stored).toEqual([])
  })
})

describe('a new sheet', () => {
  const dialog = async () => {
    fireEvent.click(await screen.findByRole('button', { name: 'New sheet' }))
    return within(await screen.findByRole('dialog'))
  }

  it('begins with its id, and with nothing where its kind is not known', async () => {
    const server = open()
    const form = await dialog()
    fireEvent.click(await form.findByLabelText('None of these: begin with nothing'))
    const id = form.getByLabelText('Id of the new sheet')
    fireEvent.change(id, { target: { value: 'Our own' } })
    expect(form.getByText('Lower-case letters, digits, dots and hyphens.')).toBeTruthy()
    expect(form.getByRole('button', { name: 'Begin' }).hasAttribute('disabled')).toBe(true)
    fireEvent.change(id, { target: { value: 'our-own-12' } })
    fireEvent.click(form.getByRole('button', { name: 'Begin' }))
    await screen.findByRole('heading', { name: 'Draft of our-own-12' })
    expect(sheet(server)).toMatchObject({ id: 'our-own-12', revision: 1, edition: 2, sizes: [], stock: [], cuts: [], items: [] })
  })

  it('begins from its kind: what that has is there, and what only its leaflet can say is blank', async () => {
    const server = open()
    const form = await dialog()
    fireEvent.change(form.getByLabelText('Id of the new sheet'), { target: { value: 'our-own-12' } })
    expect(form.getByRole('button', { name: 'Begin' }).hasAttribute('disabled')).toBe(true)
    fireEvent.click(await form.findByLabelText('Slip-on termination with lined ends, one core, tape screen'))
    fireEvent.click(form.getByRole('button', { name: 'Begin' }))
    await screen.findByRole('heading', { name: 'Draft of our-own-12' })
    expect(sheet(server)).toEqual({ ...(answerOf('skeleton') as object), id: 'our-own-12' })
  })

  it('lists the kinds of what it makes', async () => {
    open()
    const form = await dialog()
    await form.findByLabelText(/lined ends/)
    fireEvent.click(form.getByLabelText('Elbow'))
    expect(form.getByLabelText(/dead-break elbow/)).toBeTruthy()
    expect(form.queryByLabelText(/lined ends/)).toBeNull()
  })

  const take = (form: Awaited<ReturnType<typeof dialog>>, text: string) =>
    fireEvent.change(form.getByLabelText('File'), { target: { files: [new File([text], 'sheet.json')] } })

  it('or with its open file, as it is', async () => {
    const server = open()
    const form = await dialog()
    take(form, '{"id": "our-own-12", "revision": 3}')
    await screen.findByRole('heading', { name: 'Draft of our-own-12' })
    expect(server.stored[0]?.body).toBe('{"id": "our-own-12", "revision": 3}')
  })

  it('but not with a file that is no sheet', async () => {
    const server = open()
    const form = await dialog()
    take(form, '[1, 2]')
    expect(await form.findByText(/This is not a kit sheet/)).toBeTruthy()
    expect(server.stored).toEqual([])
  })
})

it('a draft that was thrown away can be put back', async () => {
  const server = openPage('/kits/drafts/quillon-straight-12', 'engineer', (server) => {
    keeps(server)
    for (const job of (answerOf('jobs') as { jobs: { id: string }[] }).jobs)
      server.answers('POST', `/api/kit-drafts/quillon-straight-12/tried-on/${job.id}`, () => problem(422, 'Not yet.'))
    const session = answerOf('session-engineer') as { person: { shownAs: string } }
    server.gives('GET', '/api/kit-drafts/quillon-straight-12', {
      ...(answerOf('draft') as object),
      author: session.person.shownAs,
    })
    server.answers('DELETE', '/api/kit-drafts/quillon-straight-12', () => taken(null, 204))
    server.gives('POST', '/api/kit-drafts/quillon-straight-12/return', answerOf('draft'))
  })
  fireEvent.click(await screen.findByRole('button', { name: 'Throw the draft away' }))
  fireEvent.click(await screen.findByRole('button', { name: 'Throw it away' }))
  expect(await screen.findByText('The draft of quillon-straight-12 is thrown away.')).toBeTruthy()
  fireEvent.click(screen.getByRole('button', { name: 'Put it back' }))
  await waitFor(() => expect(server.stored.map(({ method }) => method)).toEqual(['DELETE', 'POST']))
  expect(await screen.findByRole('heading', { name: 'Draft of quillon-straight-12' })).toBeTruthy()
})

it('a revision that was found wrong is withdrawn with a reason, and not without', async () => {
  const server = openPage('/kits/harrow-allinone-28', 'engineer', (server) => {
    server.answers('PUT', '/api/kits/harrow-allinone-28/1/withdrawal', () => taken(null, 204))
  })
  fireEvent.click(await screen.findByText('Withdraw a revision'))
  fireEvent.click(screen.getByRole('button', { name: 'Withdraw revision 1' }))
  expect(screen.getByText('Write what is wrong with it.')).toBeTruthy()
  expect(server.stored).toEqual([])
  fireEvent.change(screen.getByLabelText('What is wrong with it'), { target: { value: ' Screen short ' } })
  fireEvent.click(screen.getByRole('button', { name: 'Withdraw revision 1' }))
  await waitFor(() => expect(server.stored).toMatchObject([{ method: 'PUT', body: { reason: 'Screen short' } }]))
  expect(await screen.findByText('Revision 1 is withdrawn.')).toBeTruthy()
})

it('whoever builds is told, and withdraws nothing', async () => {
  openPage('/kits/harrow-allinone-28', 'jointer')
  await screen.findByRole('heading', { name: 'Kits' })
  expect(screen.queryByText('Withdraw a revision')).toBeNull()
})
