// @vitest-environment happy-dom
import 'fake-indexeddb/auto'
import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { beforeEach, expect, it, vi } from 'vitest'
import type { Job } from '../api/types'
import { sayMoment } from '../domain/moment'
import { openPage } from '../testing/page'
import { JOBS, jobOf, problem, taken, type Server } from '../testing/server'

const BUILD = `/jobs/${JOBS.staged}/build`
const RECORD = `/jobs/${JOBS.staged}/record`
const { stamp, next } = jobOf('staged')
const JPEG = new Uint8Array([1, 2, 3])
/** sha256 of 1, 2, 3, by another tool. */
const HASH = '039058c6f2c0cb492c533b0a4d14ef77cc0f78abccced5287d84a1a2011cfb81'
const PUT = `/api/jobs/${JOBS.staged}/pictures/${HASH}`

const drawn: [number, number][] = []
beforeEach(() => {
  drawn.length = 0
  vi.stubGlobal('createImageBitmap', (file: File) =>
    file.type === 'image/jpeg'
      ? Promise.resolve({ width: 3200, height: 2400, close: () => {} })
      : Promise.reject(new Error('no')),
  )
  HTMLCanvasElement.prototype.toBlob = function (done) {
    drawn.push([this.width, this.height])
    done(new Blob([JPEG], { type: 'image/jpeg' }))
  }
  HTMLCanvasElement.prototype.getContext = () => null
})

const takes = (server: Server) => {
  server.gives('POST', `/api/jobs/${JOBS.staged}/log`, { before: stamp, stamp, changes: [] })
  server.answers('PUT', PUT, () => taken(null, 204))
}
const choose = (file: File) => fireEvent.change(screen.getByLabelText('Picture'), { target: { files: [file] } })
const phone = new File([new Uint8Array(9000)], 'a.jpg', { type: 'image/jpeg' })

it('is made smaller, sent, and then written down with what it shows', async () => {
  const server = openPage(BUILD, 'jointer', takes)
  fireEvent.click(await screen.findByText('Add a picture'))
  choose(phone)
  fireEvent.change(await screen.findByLabelText('What is to be seen'), { target: { value: ' The ring ' } })
  expect(drawn).toEqual([[1600, 1200]])
  fireEvent.click(screen.getByRole('button', { name: 'Keep the picture' }))
  await waitFor(() => expect(server.stored).toHaveLength(2))
  expect(server.stored.map(({ method, path }) => `${method} ${path}`)[0]).toBe(`PUT ${PUT}`)
  expect(server.stored[1]).toMatchObject({
    body: { event: { kind: 'pictured', picture: HASH, caption: 'The ring', stage: next.stage } },
  })
  await waitFor(() => expect(screen.queryByAltText('As it will be kept')).toBeNull())
})

it('says what is no picture, and what is too large to be one', async () => {
  const server = openPage(BUILD, 'jointer', takes)
  fireEvent.click(await screen.findByText('Add a picture'))
  choose(new File(['text'], 'a.txt', { type: 'text/plain' }))
  expect(await screen.findByText(/no picture that this browser can open/)).toBeTruthy()
  const large = new File([], 'large.jpg', { type: 'image/jpeg' })
  Object.defineProperty(large, 'size', { value: 50_000_001 })
  choose(large)
  expect(await screen.findByText('It is larger than 50 MB: choose a picture.')).toBeTruthy()
  expect(server.stored).toEqual([])
})

it('stays with its words where the server does not take it, and is sent again', async () => {
  const server = openPage(BUILD, 'jointer', (server) => {
    takes(server)
    server.answers('PUT', PUT, () => problem(422, 'picture cannot be opened: take it again.'))
  })
  fireEvent.click(await screen.findByText('Add a picture'))
  choose(phone)
  fireEvent.change(await screen.findByLabelText('What is to be seen'), { target: { value: 'The ring' } })
  fireEvent.click(screen.getByRole('button', { name: 'Keep the picture' }))
  expect(await screen.findByText('The picture is not kept yet.')).toBeTruthy()
  expect(screen.getByLabelText<HTMLInputElement>('What is to be seen').value).toBe('The ring')
  takes(server)
  fireEvent.click(screen.getByRole('button', { name: 'Send it again' }))
  await waitFor(() => expect(server.stored.at(-1)).toMatchObject({ body: { event: { kind: 'pictured', caption: 'The ring' } } }))
})

it('stands at its own stage, and all of them in the record', async () => {
  const picture = (entry: string, stage: string): Job['pictures'][number] => ({
    ...{ entry, stage, hash: HASH, caption: `seen at ${entry}`, by: 'Wren Addlery', at: '2026-03-14T10:42:00Z' },
  })
  const job: Job = { ...jobOf('staged'), pictures: [picture('a', next.stage ?? ''), picture('b', 'another'), picture('c', '')] }
  openPage(BUILD, 'jointer', (server) => server.gives('GET', `/api/jobs/${JOBS.staged}`, job))
  const here = within(await screen.findByRole('list', { name: 'Pictures' }))
  expect(here.getAllByRole('img').map((one) => one.getAttribute('alt'))).toEqual(['seen at a'])
  expect(here.getByRole('img').getAttribute('src')).toBe(PUT)
})

it('is shown in the record by what it shows', async () => {
  const job: Job = {
    ...jobOf('staged'),
    pictures: [{ entry: 'a', stage: 'another', hash: HASH, caption: 'The ring', by: 'Wren Addlery', at: '2026-03-14T10:42:00Z' }],
  }
  openPage(RECORD, 'trainer', (server) => server.gives('GET', `/api/jobs/${JOBS.staged}`, job))
  const region = within(await screen.findByRole('region', { name: 'Pictures of the stages' }))
  expect(region.getByRole('img').getAttribute('alt')).toBe('The ring')
  fireEvent.click(region.getByRole('img'))
  const whole = within(await screen.findByRole('dialog', { name: 'The ring' }))
  expect(whole.getByAltText('The ring, whole').getAttribute('src')).toBe(PUT)
  expect(whole.getByText(`Wren Addlery, ${sayMoment('2026-03-14T10:42:00Z')}`)).toBeTruthy()
  fireEvent.click(whole.getByRole('button', { name: 'Close' }))
  await waitFor(() => expect(screen.queryByRole('dialog')).toBeNull())
})
