// @vitest-environment happy-dom
import 'fake-indexeddb/auto'
import { beforeEach, expect, it, vi } from 'vitest'
import { openDevice } from '../engine/device'
import type { KeptEntry } from '../engine/entries'
import { ApiError } from './client'
import { pictureDataUrl, sendPicture, sendPictureOf } from './pictures'

let isOffline = false
let person = 'jointer'
let taken = ['job']
const device = openDevice('pictures')
vi.mock('./here', () => ({
  get device() {
    return device
  },
  me: () => person,
  carried: () => ({ has: (job: string) => Promise.resolve(taken.includes(job)) }),
}))
const sent: string[] = []
vi.mock('./client', async (original) => ({
  ...(await original<typeof import('./client')>()),
  client: {
    PUT: async (_: string, { params, body }: { params: { path: { hash: string } }; body: Blob }) => {
      if (isOffline) throw new TypeError('Failed to fetch')
      sent.push(`${params.path.hash.slice(0, 8)} ${await body.text()}`)
      return { data: null, response: new Response(null, { status: 204 }) }
    },
  },
}))

/** SHA-256 of "abc": FIPS 180-4, the first example of its test vectors. */
const ABC = 'ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad'
const picture = new Blob(['abc'], { type: 'image/jpeg' })
const entry = { jobId: 'job', event: { kind: 'pictured', picture: ABC } } as KeptEntry

beforeEach(async () => {
  isOffline = false
  person = 'jointer'
  taken = ['job']
  sent.length = 0
  await (await device).clear('pictures')
})

it('sends a picture at once where there is a signal, by its hash, and keeps nothing', async () => {
  expect([await sendPicture('job', picture), sent, await pictureDataUrl(ABC)]).toEqual([ABC, ['ba7816bf abc'], null])
})

it('keeps it where there is none, shows it from here, and sends it before the entry that shows it, once', async () => {
  isOffline = true
  expect(await sendPicture('job', picture)).toBe(ABC)
  expect(await pictureDataUrl(ABC)).toBe(`data:image/jpeg;base64,${btoa('abc')}`)
  await expect(sendPictureOf(entry)).rejects.toThrow(ApiError)
  isOffline = false
  await sendPictureOf(entry)
  await sendPictureOf(entry)
  expect(sent).toEqual(['ba7816bf abc'])
  person = 'engineer'
  expect(await pictureDataUrl(ABC)).toBeNull()
})

it('keeps none of a job that was not taken along', async () => {
  isOffline = true
  taken = []
  await expect(sendPicture('job', picture)).rejects.toThrow(ApiError)
  expect(await pictureDataUrl(ABC)).toBeNull()
})
