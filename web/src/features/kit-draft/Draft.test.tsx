// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import type { Json, JsonObject } from '../../domain/json'
import { at } from '../../domain/json'
import { textOf } from '../../views/form/Entry'
import type { KitDraft } from '../../api/types'
import { openPage } from '../../testing/page'
import { answerOf, problem, taken, type Server } from '../../testing/server'

const ID = 'quillon-straight-12'
const PATH = `/kits/drafts/${ID}`
const API = `/api/kit-drafts/${ID}`

const draft = () => answerOf('draft') as KitDraft

/** A server that keeps drafts, and that tries them on every job. */
const keeps = (server: Server) => {
  for (const { id } of (answerOf('jobs') as { jobs: { id: string }[] }).jobs)
    for (const method of ['GET', 'POST']) server.gives(method, `${API}/tried-on/${id}`, answerOf('draft-tried'))
  let { version } = draft()
  server.answers('PUT', API, ({ body }) => taken({ ...draft(), version: (version += 1), text: String(body) }))
}

const open = (role: 'engineer' | 'jointer' | 'administrator' = 'engineer', more: (server: Server) => void = () => {}) =>
  openPage(PATH, role, (server) => {
    keeps(server)
    more(server)
  })

const section = async (name: string | RegExp) =>
  fireEvent.click(within(await screen.findByRole('navigation', { name: 'Sections of the sheet' })).getByRole('button', { name }))

/** The sheet as it was sent last. */
const sheet = (server: Server): JsonObject => {
  const sent = server.stored.at(-1)?.body
  return JSON.parse(String(sent)) as JsonObject
}

const sizeOf = (server: Server, size: number, ...path: string[]): Json | undefined => at(sheet(server), ['sizes', size, ...path])

describe('the table of sizes', () => {
  const cells = () => screen.findAllByRole('textbox')

  it('changes one figure of one size, and keeps it a moment later', async () => {
    const server = open()
    await section(/^Sizes/)
    const all = await cells()
    const before = JSON.parse(draft().text) as JsonObject
    const label = all.find((one) => (one as HTMLInputElement).value === textOf(at(before, ['sizes', 1, 'label'])))
    if (!label) throw new Error('size 2 has a label')
    fireEvent.change(label, { target: { value: '2-L' } })
    expect(screen.getByText('Keeping what you typed')).toBeTruthy()
    await waitFor(() => expect(server.stored).toHaveLength(1), { timeout: 3000 })
    expect(sizeOf(server, 1, 'label')).toBe('2-L')
    expect({ ...sheet(server), sizes: null }).toEqual({ ...before, sizes: null })
    expect(server.stored[0]?.headers.get('If-Match')).toBe(`"${draft().version}"`)
    expect(await screen.findByText('Kept. Nothing is wrong with it.')).toBeTruthy()
  })

  it('copies a size without its label and without what it is for, and takes one out', async () => {
    const server = open()
    await section(/^Sizes/)
    fireEvent.click((await screen.findAllByRole('button', { name: 'copy' }))[0] ?? document.body)
    await waitFor(() => expect(server.stored).toHaveLength(1), { timeout: 3000 })
    const before = JSON.parse(draft().text) as JsonObject
    expect(at(sheet(server), ['sizes'])).toHaveLength(4)
    const blank = { min: '', max: '' }
    const first = at(before, ['sizes', 0]) as JsonObject
    expect(sizeOf(server, 3)).toEqual({
      ...{ ...first, label: '', conductor: { ...(first['conductor'] as JsonObject), ...blank } },
      ...{ insulation: blank, oversheath: blank, connectorDiameter: blank, connectorLength: blank },
    })
    fireEvent.click(screen.getAllByRole('button', { name: 'take out' })[1] ?? document.body)
    await waitFor(() => expect(server.stored).toHaveLength(2), { timeout: 3000 })
    expect(sizeOf(server, 1, 'label')).toBe('3')
  })

  it('says in the cell what is wrong with it, and how much in its section', async () => {
    const faulty = { ...draft(), sheet: null, rules: [], problems: [{ path: 'sizes[0].label', message: 'is there twice.' }] }
    open('engineer', (server) => server.gives('GET', API, faulty))
    await section('Sizes, 1 wrong')
    expect(await screen.findByText('is there twice.')).toBeTruthy()
    expect(document.querySelectorAll('[aria-invalid="true"]')).toHaveLength(1)
    expect(screen.getByText('Kept. One thing is wrong with it.')).toBeTruthy()
  })

  it('cannot be changed by whoever may only read', async () => {
    open('jointer')
    await section(/^Sizes/)
    expect((await cells()).every((cell) => (cell as HTMLInputElement).readOnly)).toBe(true)
    expect(screen.queryByRole('button', { name: 'Add a size' })).toBeNull()
  })
})

describe('the sheet as text', () => {
  const text = () => screen.findByLabelText<HTMLTextAreaElement>('The sheet as its open file')

  it('is typed as it is, also while it cannot be read as a sheet', async () => {
    const server = open()
    await section('As text')
    fireEvent.change(await text(), { target: { value: '{"id": ' } })
    await waitFor(() => expect(server.stored).toHaveLength(1), { timeout: 3000 })
    expect((await text()).value).toContain('{"id": ')
    expect(screen.getByRole('button', { name: /^Sizes/ }).hasAttribute('disabled')).toBe(true)
  })

  it('is not lost where somebody else kept another version: one of the two is chosen', async () => {
    const theirs = { ...draft(), version: 9, author: 'Alder Finch', text: '{"id": "theirs"}' }
    const server = open('engineer', (server) =>
      server.answers('PUT', API, ({ headers }) =>
        headers.get('If-Match') === '"9"'
          ? taken({ ...theirs, version: 10 })
          : problem(409, 'Kept meanwhile.', { theirDraft: theirs }),
      ),
    )
    await section('As text')
    fireEvent.change(await text(), { target: { value: '{"id": "mine"}' } })
    expect(await screen.findByText('Alder Finch has kept another version meanwhile.', {}, { timeout: 3000 })).toBeTruthy()
    expect((await text()).value).toBe('{"id": "mine"}')
    fireEvent.click(screen.getByRole('button', { name: 'Keep mine instead' }))
    await waitFor(() => expect(server.stored).toHaveLength(2))
    expect([server.stored[1]?.body, server.stored[1]?.headers.get('If-Match')]).toEqual(['{"id": "mine"}', '"9"'])
  })

  it('or theirs is taken', async () => {
    const theirs = { ...draft(), version: 9, author: 'Alder Finch', text: '{"id": "theirs"}' }
    open('engineer', (server) => server.answers('PUT', API, () => problem(409, 'Kept meanwhile.', { theirDraft: theirs })))
    await section('As text')
    fireEvent.change(await text(), { target: { value: '{"id": "mine"}' } })
    fireEvent.click(await screen.findByRole('button', { name: 'Take that one' }, { timeout: 3000 }))
    await waitFor(async () => expect((await text()).value).toBe('{"id": "theirs"}'))
  })

  it('stays on the screen where it could not be kept, until it is tried again', async () => {
    const server = open('engineer', (server) => server.answers('PUT', API, () => problem(413, 'It is longer than 1 MB.')))
    await section('As text')
    fireEvent.change(await text(), { target: { value: '{"id": "long"}' } })
    expect((await screen.findByRole('alert', {}, { timeout: 3000 })).textContent).toContain('It is longer than 1 MB.')
    keeps(server)
    fireEvent.click(screen.getByRole('button', { name: 'Try again' }))
    await waitFor(() => expect(server.stored).toHaveLength(2), { timeout: 3000 })
  })
})

it('is drawn on the job that is planned with it, in the size that the job has', async () => {
  open()
  const tried = within(await screen.findByRole('region', { name: 'Tried on a job' }))
  expect(tried.getByLabelText<HTMLSelectElement>('Size').value).toBe('2')
  expect(await tried.findByText('Everything covers what it must.')).toBeTruthy()
})
