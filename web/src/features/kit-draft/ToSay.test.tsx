// @vitest-environment happy-dom
import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { expect, it } from 'vitest'
import type { KitDraft, SheetQuestion } from '../../api/types'
import { at, pathOf, put, type JsonObject } from '../../domain/json'
import { textOf } from '../../views/form/Entry'
import { openPage } from '../../testing/page'
import { answerOf, taken, type Server } from '../../testing/server'

const ID = 'osterwick-plain-12'
const API = `/api/kit-drafts/${ID}`
const draft = () => answerOf('draft-begun') as KitDraft

const open = (more: Partial<KitDraft> = {}) =>
  openPage(`/kits/drafts/${ID}`, 'engineer', (server) => {
    for (const { id } of (answerOf('jobs') as { jobs: { id: string }[] }).jobs)
      for (const method of ['GET', 'POST']) server.gives(method, `${API}/tried-on/${id}`, answerOf('draft-begun-tried'))
    const begun = { ...draft(), ...more }
    server.gives('GET', API, begun)
    let { version } = begun
    // As the server does: what is no longer blank is no longer asked.
    server.answers('PUT', API, ({ body }) => {
      const sheet = JSON.parse(String(body)) as JsonObject
      const isBlank = ({ path }: SheetQuestion) => /^$|…/.test(textOf(at(sheet, pathOf(path)) ?? '-'))
      const questions = begun.questions.filter((one) => one.offer !== null || isBlank(one))
      return taken({ ...begun, version: (version += 1), text: String(body), questions })
    })
  })

const asked = async () => within(await screen.findByRole('region', { name: 'To say' }))
const sent = (server: Server) => JSON.parse(String(server.stored.at(-1)?.body)) as JsonObject
const entryAt = (path: string) => document.querySelector<HTMLInputElement>(`[data-path="${path}"] input`) as HTMLInputElement

it('opens with what is not said yet, in the order of the leaflet, and nothing of it is called wrong', async () => {
  open()
  const page = await asked()
  expect(page.getByRole('heading', { name: `${draft().questions.length} to say` })).toBeTruthy()
  expect(page.getAllByRole('heading', { level: 3 }).map((one) => one.textContent)).toEqual([
    'On the cable',
    'The work',
    'Keeping',
  ])
  expect(screen.getByText(`Kept. ${draft().questions.length} things are still to say.`)).toBeTruthy()
  expect(screen.getByRole('button', { name: `On the cable, 26 to say` })).toBeTruthy()
  expect(document.querySelectorAll('[aria-invalid="true"]')).toHaveLength(0)
})

it('keeps what is answered, and the answer stays where it was typed', async () => {
  const server = open()
  await asked()
  const before = draft().questions.length
  fireEvent.change(entryAt('items[3].from'), { target: { value: 'cut_oversheath - 24 mm' } })
  await waitFor(() => expect(server.stored).toHaveLength(1), { timeout: 3000 })
  expect(at(sent(server), ['items', 3, 'from'])).toBe('cut_oversheath - 24 mm')
  expect(await screen.findByRole('heading', { name: `${before - 1} to say` })).toBeTruthy()
  expect(entryAt('items[3].from').value).toBe('cut_oversheath - 24 mm')
  expect(screen.getByText('said')).toBeTruthy()
})

it('marks the blank of a formula, so that the figure takes its place', async () => {
  open()
  await asked()
  const entry = entryAt('items[3].from')
  entry.setSelectionRange(0, 0)
  fireEvent.focus(entry)
  expect(entry.value.slice(entry.selectionStart ?? 0, entry.selectionEnd ?? 0)).toBe('…')
})

it('leaves out what the leaflet need not say', async () => {
  const server = open()
  await asked()
  fireEvent.click(within(document.querySelector('[data-path="items[3].size"]') as HTMLElement).getByRole('button'))
  await waitFor(() => expect(server.stored).toHaveLength(1), { timeout: 3000 })
  expect(at(sent(server), ['items', 3])).not.toHaveProperty('size')
})

it('lights the item that is written of in the drawing', async () => {
  open()
  await asked()
  await waitFor(() => expect(document.querySelectorAll('svg[data-section] path[stroke-width="3"]')).toHaveLength(0))
  fireEvent.focus(entryAt('items[3].from'))
  await waitFor(() => expect(document.querySelectorAll('svg[data-section] path[stroke-width="3"]').length).toBeGreaterThan(0))
})

it('says that other figures stand in where it says nothing yet', async () => {
  open()
  expect(await screen.findByText(/drawn with the figures of another of its kind/)).toBeTruthy()
})

it('offers the names that formulas know, with what they mean and come to on the job', async () => {
  const server = open()
  await asked()
  const entry = entryAt('items[3].from')
  fireEvent.change(entry, { target: { value: 'marker_n', selectionStart: 8 } })
  const option = within(await screen.findByRole('listbox', { name: 'Names' })).getByRole('option')
  expect(option.textContent).toContain('marker_near')
  expect(option.textContent).toContain('Marker: its edge towards the connector or lug')
  expect(option.textContent).toMatch(/\d+ mm/)
  fireEvent.keyDown(entry, { key: 'Enter' })
  expect(entryAt('items[3].from').value).toBe('marker_near')
  expect(screen.queryByRole('listbox')).toBeNull()
  await waitFor(() => expect(server.stored).toHaveLength(1), { timeout: 3000 })
})

const offer = { entry: { key: 'extra', name: 'Extra ring', nature: 'zone' }, at: 1, name: 'items.extra' }
const plain = (template: string) => ({ template, values: {} })
const lacks: SheetQuestion = { path: 'items', about: plain('Extra ring'), ask: plain('Has this one none?'), offer }

it('puts in at its place what accessories of its kind have', async () => {
  const server = open({ questions: [lacks] })
  await asked()
  fireEvent.click(screen.getByRole('button', { name: 'Put it in' }))
  await waitFor(() => expect(server.stored).toHaveLength(1), { timeout: 3000 })
  expect(at(sent(server), ['items', 1])).toEqual(offer.entry)
  expect(at(sent(server), ['items'])).toHaveLength(9)
})

it('or notes that this one has none', async () => {
  const text = JSON.stringify(put(JSON.parse(draft().text) as JsonObject, ['begun', 'without'], ['items.other']))
  const server = open({ questions: [lacks], text })
  await asked()
  fireEvent.click(screen.getByRole('button', { name: 'It has none' }))
  await waitFor(() => expect(server.stored).toHaveLength(1), { timeout: 3000 })
  expect(at(sent(server), ['begun', 'without'])).toEqual(['items.other', 'items.extra'])
})
