// @vitest-environment happy-dom
import 'fake-indexeddb/auto'
import { beforeEach, expect, it, vi } from 'vitest'
import { answerOf, JOBS, Server } from '../testing/server'
import type { HandWorker } from '../engine/hand'
import { leaveBehind, renew, takeAlong } from './device'
import { carried, entries, isHere, outbox } from './here'
import { answered, ApiError, client } from './client'
import type { Draft } from './types'

/** What the engine was asked. */
const asked: { path?: string; page?: number }[] = []

/** What it answers with. */
let says: { status: number; [told: string]: unknown }

/** An engine that opens what it is given, and answers whatever it is asked. */
vi.mock('../engine/hand', async (original) => ({
  ...(await original<typeof import('../engine/hand')>()),
  handWorker: (): HandWorker => {
    const worker: HandWorker = {
      onmessage: null,
      onerror: null,
      terminate: () => undefined,
      postMessage: (message: string) => {
        asked.push(JSON.parse(message) as { path?: string })
        void Promise.resolve().then(() =>
          worker.onmessage?.({ data: { said: JSON.stringify({ status: says.status, body: JSON.stringify(told()) }) } } as never),
        )
      },
    }
    return worker
  },
}))
const kept = vi.fn<(onEach: (done: number, of: number) => void) => Promise<void>>()
vi.mock('../engine/shell', () => ({ keepEngine: (onEach: (done: number, of: number) => void) => kept(onEach) }))

const told = () => (says.status === 200 ? {} : says)

const JOB = JOBS['half-cut']
const kit = { id: 'quillon-straight-12', revision: 4, size: '11 kV' }
const packed = (lines: string[]) => ({
  format: 'berm/package/1',
  at: '2026-11-28T10:00:00Z',
  job: { id: JOB, name: 'Sallow Fen 3', version: 2, plan: { kit } },
  log: lines.map((id) => ({ body: JSON.stringify({ id, event: { kind: 'noted' } }) })),
})

let server: Server
beforeEach(async () => {
  says = { status: 200 }
  server = new Server('jointer')
  server.gives('GET', `/api/jobs/${JOB}/package`, packed(['1']))
  server.gives('GET', `/api/kits/${kit.id}/${kit.revision}/words`, { sheet: {}, rules: [] })
  kept.mockReset()
  kept.mockImplementation((onEach) => {
    onEach(4, 4)
    return Promise.resolve()
  })
  isHere('jointer')
  await leaveBehind(JOB)
})

it('takes the engine, then the job with what its pages read, and says how far it is', async () => {
  const said: string[] = []
  await takeAlong(JOB, ({ step, of, doing }) => said.push(`${step}/${of} ${doing}`))
  expect(said).toEqual([
    '1/4 The engine',
    '1/4 The engine, 4 of 4 parts',
    '2/4 The job, its sheets and its log',
    '3/4 What else could be chosen',
    '4/4 The pictures',
  ])
  expect(carried()?.list?.map(({ name }) => name)).toEqual(['Sallow Fen 3'])
  server.goesOffline()
  const crew = await answered(client.GET('/api/jobs/{id}/crew', { params: { path: { id: JOB } } }))
  expect(crew).toEqual(answerOf('crew'))
  const query = { kit: kit.id, size: kit.size, job: JOB }
  asked.length = 0
  expect(await answered(client.GET('/api/boxes', { params: { query } }))).toEqual({})
  expect(await answered(client.GET('/api/jobs/{id}/tools', { params: { path: { id: JOB } } }))).toEqual({})
  await answered(client.GET('/api/jobs/{id}/kits', { params: { path: { id: JOB }, query: { page: 2 } } }))
  expect(asked.map(({ path, page }) => [path, page])).toEqual([
    [`/api/boxes?kit=${kit.id}&size=11%20kV&job=${JOB}`, 1],
    [`/api/jobs/${JOB}/tools`, 1],
    [`/api/jobs/${JOB}/kits`, 2],
  ])
  await expect(answered(client.GET('/api/cables'))).rejects.toThrow('No answer from the server')
})

it('works on the bench, for which no job is needed, and is refused as by the server', async () => {
  server.goesOffline()
  const work = (given: Record<string, string>) =>
    answered(
      client.GET('/api/bench/{tool}', {
        params: { path: { tool: 'dew' }, query: { unit: 'mm', given } },
        querySerializer: { object: { style: 'form', explode: true } },
      }),
    )
  asked.length = 0
  expect(await answered(client.GET('/api/bench'))).toEqual({})
  expect(await work({ air: '22.5' })).toEqual({})
  expect(asked).toEqual([
    { do: 'bench', tool: '', query: '' },
    { do: 'bench', tool: 'dew', query: 'unit=mm&air=22.5' },
  ])
  says = { status: 422, detail: 'Some of it cannot be used.', problems: [{ path: 'air', message: 'must be a number' }] }
  const refused = await work({ air: 'soon' }).catch((error: unknown) => error)
  expect(refused instanceof ApiError && refused.problem?.problems).toEqual(says['problems'])
})

it('is not there where the engine could not be fetched, and says so', async () => {
  kept.mockRejectedValue(new Error('The engine could not be fetched: it was cut off'))
  await expect(takeAlong(JOB)).rejects.toThrow('it was cut off')
  expect(carried()?.list).toEqual([])
})

it('does not begin where there is no room for it', async () => {
  vi.stubGlobal('navigator', { storage: { estimate: () => Promise.resolve({ usage: 990_000_000, quota: 1_000_000_000 }) } })
  await expect(takeAlong(JOB)).rejects.toThrow('This device has room for 10.0 MB more, and it takes 60.0 MB')
  expect(server.sent.map(({ path }) => path)).not.toContain(`/api/jobs/${JOB}/package`)
  vi.unstubAllGlobals()
})

it('is renewed with what was sent since, which is then kept no longer', async () => {
  await takeAlong(JOB)
  server.answers('POST', `/api/jobs/${JOB}/log`, () => ({ status: 201, body: { changes: [] } }))
  await outbox.write(JOB, 'jointer', { kind: 'noted', note: 'sent' }, 'Note')
  const [sent] = entries.all
  expect(sent?.taken).toBe(true)
  await renew(JOB)
  expect(entries.all.length).toBe(1)
  server.gives('GET', `/api/jobs/${JOB}/package`, packed(['1', sent?.id ?? '']))
  await renew(JOB)
  expect(entries.all).toEqual([])
})

it('keeps a plan that was sent until a package has it', async () => {
  await takeAlong(JOB)
  server.answers('PUT', `/api/jobs/${JOB}/plan`, () => ({ status: 200, body: answerOf('job-half-cut') }))
  await outbox.write(JOB, 'jointer', { kind: 'plan', version: 2, draft: {} as Draft }, 'The plan as changed')
  await renew(JOB)
  expect(entries.all.map(({ said, taken }) => [said, taken])).toEqual([['The plan as changed', true]])
  const later = packed(['1'])
  server.gives('GET', `/api/jobs/${JOB}/package`, { ...later, job: { ...later.job, version: 3 } })
  await renew(JOB)
  expect(entries.all).toEqual([])
})
