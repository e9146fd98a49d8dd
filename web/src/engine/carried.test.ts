import 'fake-indexeddb/auto'
import { expect, it } from 'vitest'
import type { Package } from '../api/types'
import { Carried, HandRefused, NotOpened } from './carried'
import { openDevice } from './device'
import { Hand, type HandWorker } from './hand'

const packed = (name = 'Pit 4', at = '2026-11-28T10:00:00Z') =>
  ({ at, job: { id: 'job', name }, log: [{ body: '{}' }] }) as unknown as Package

type Message = { do: string; package?: Package; grown?: unknown[]; body?: string }

/** An engine that counts: it knows how many entries a job has, by what was opened and what was asked of it. */
function engine() {
  const opened: number[] = []
  let entries = 0
  const worker: HandWorker = {
    onmessage: null,
    onerror: null,
    terminate: () => undefined,
    postMessage: (text: string) =>
      void Promise.resolve(text).then((one) =>
        worker.onmessage?.({ data: { said: JSON.stringify(answer(JSON.parse(one) as Message)) } } as unknown as Parameters<
          NonNullable<HandWorker['onmessage']>
        >[0]),
      ),
  }
  const answer = (message: Message): object => {
    if (message.do === 'open') {
      if (message.package?.job.name === 'of old')
        return {
          status: 422,
          body: JSON.stringify({
            status: 422,
            detail: 'No.',
            problems: [{ path: 'package.format', message: 'is of another version.' }],
          }),
        }
      opened.push((entries = message.grown?.length ?? 0))
      return { status: 200 }
    }
    if (message.do === 'close') return { status: 200 }
    if (message.body === '"no"') return { status: 409, body: '{"status":409,"detail":"The connector is on."}' }
    return message.body === ''
      ? { status: 200, body: String(entries) }
      : { status: 201, body: String((entries += 1)), grown: { entries } }
  }
  return {
    opened,
    hand: new Hand(
      () => worker,
      () => undefined,
    ),
  }
}

const READ = { method: 'GET', path: '/api/jobs/job', at: '' } as const
const write = (what: string) => ({ ...READ, method: 'POST', body: what as unknown as object }) as const

it('opens a job when it is first asked, and again as it was left', async () => {
  const device = openDevice('left')
  const first = engine()
  const carried = new Carried('jointer', device, first.hand)
  await carried.keep(packed(), {})
  expect([await carried.ask('job', READ), await carried.ask('job', write('a')), await carried.ask('job', write('b'))]).toEqual([
    0, 1, 2,
  ])
  expect(first.opened).toEqual([0])
  // After the page was closed: what was written is there.
  const later = engine()
  const again = new Carried('jointer', device, later.hand)
  expect([await again.ask('job', READ), later.opened]).toEqual([2, [2]])
  // Meanwhile the other tab writes on: it is opened anew where it was overtaken.
  await carried.ask('job', write('c'))
  expect([await again.ask('job', READ), later.opened]).toEqual([3, [2, 3]])
})

it('lets go of what was written on top of a package when it is taken anew, and of all when it is removed', async () => {
  const { hand, opened } = engine()
  const carried = new Carried('jointer', openDevice('anew'), hand)
  await carried.keep(packed(), { '/api/jobs/job/crew': { people: [] } })
  await carried.ask('job', write('a'))
  await carried.keep(packed('Pit 4', '2026-11-28T11:00:00Z'), {})
  expect([await carried.ask('job', READ), opened]).toEqual([0, [0, 0]])
  expect(carried.list?.map(({ jobId, name, at }) => [jobId, name, at])).toEqual([['job', 'Pit 4', '2026-11-28T11:00:00Z']])
  expect(carried.list?.[0]?.size).toBeGreaterThan(50)
  expect(await carried.answer('job', '/api/jobs/job/crew')).toBeUndefined()
  await carried.remove('job')
  expect([carried.list, await carried.has('job')]).toEqual([[], false])
  await expect(carried.ask('job', READ)).rejects.toThrow(NotOpened)
})

it('refuses as the server would, and nothing has grown', async () => {
  const { hand } = engine()
  const carried = new Carried('jointer', openDevice('refuses'), hand)
  await carried.keep(packed(), {})
  await expect(carried.ask('job', write('no'))).rejects.toThrow(HandRefused)
  expect(await carried.ask('job', READ)).toBe(0)
})

it('shows nobody what somebody else took along', async () => {
  const device = openDevice('private')
  const { hand } = engine()
  const mine = new Carried('jointer', device, hand)
  await mine.keep(packed('Pit 4, Tern Hollow'), {})
  const theirs = new Carried('engineer', device, hand)
  expect([await theirs.read(), await theirs.has('job')]).toEqual([[], false])
  const row = await (await device).get('jobs', ['jointer', 'job'])
  expect(new TextDecoder().decode(row?.sealed.bytes)).not.toContain('Tern')
})

it('says of a job that is damaged here that it is to be taken along anew, and of an engine of another version too', async () => {
  const device = openDevice('spoilt')
  const carried = new Carried('jointer', device, engine().hand)
  await carried.keep(packed(), {})
  const row = await (await device).get('jobs', ['jointer', 'job'])
  if (!row) throw new Error('it is there')
  await (await device).put('jobs', { ...row, sealed: { ...row.sealed, bytes: row.sealed.bytes.slice(0, 30) } })
  expect((await carried.read()).map(({ at, jobId }) => [jobId, at])).toEqual([['job', null]])
  await expect(carried.ask('job', READ)).rejects.toThrow('cannot answer for this job')
  expect(carried.trouble('job')).toContain('cannot be opened')
  await carried.keep(packed('of old'), {})
  await expect(carried.ask('job', READ)).rejects.toThrow('package.format is of another version.')
  await carried.keep(packed(), {})
  expect([await carried.ask('job', READ), carried.trouble('job')]).toEqual([0, null])
})
