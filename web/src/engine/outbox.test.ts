// @vitest-environment happy-dom
import 'fake-indexeddb/auto'
import { expect, it, vi } from 'vitest'
import { ApiError } from '../api/client'
import type { LogEvent, Written } from '../api/types'
import type { Ask, Engine } from './engine'
import { KeptEntries, type KeptEntry } from './entries'
import { Outbox } from './outbox'

const park = (part: string): LogEvent => ({ kind: 'part-parked', end: 'A', part })
const problem = (status: number, detail: string) => ({ type: 'about:blank', title: detail, status, detail })
const refused = (status: number, detail = 'No.') => new ApiError(problem(status, detail))

let database = 0

/** An outbox whose server answers as it is told, entry by entry. */
function outbox(answer: (part: string) => Error | null) {
  const entries = new KeptEntries(`outbox-${(database += 1)}`)
  const sent: string[] = []
  const log: string[] = []
  const engine: Engine = {
    ask: (question: Ask) => {
      if (question.ask !== 'write' || question.entry.event.kind !== 'part-parked')
        return Promise.reject(new Error('asked for something else'))
      const { part } = question.entry.event
      const error = answer(part)
      if (error) return Promise.reject(error)
      sent.push(part)
      return Promise.resolve({ changes: [] } as unknown as Written) as never
    },
  }
  const events = {
    onTaken: (entry: KeptEntry) => log.push(`taken ${entry.said}, kept ${entries.all.length}`),
    onSignedOut: vi.fn(),
  }
  return { entries, sent, log, events, box: new Outbox(entries, engine, events) }
}

const parts = (entries: KeptEntries) => entries.all.map(({ said, refused }) => `${said}${refused ? `: ${refused.detail}` : ''}`)

it('keeps an entry until the server has taken it, and says so before it is gone', async () => {
  const { entries, sent, log, box } = outbox(() => null)
  await box.write('job', 'jointer', park('tube'), 'tube')
  expect([sent, log, entries.all]).toEqual([['tube'], ['taken tube, kept 1'], []])
})

it('keeps what is made without signal and sends it later in the order in which it was made', async () => {
  let isOffline = true
  const { entries, sent, box } = outbox(() => (isOffline ? new ApiError(null) : null))
  for (const part of ['sleeve', 'tube', 'mesh']) await box.write('job', 'jointer', park(part), part)
  expect([sent, parts(entries)]).toEqual([[], ['sleeve', 'tube', 'mesh']])
  isOffline = false
  await box.send('jointer')
  expect([sent, entries.all]).toEqual([['sleeve', 'tube', 'mesh'], []])
})

it('sends entries that are made at once one after another, each once', async () => {
  const { entries, sent, box } = outbox(() => null)
  await Promise.all(['sleeve', 'tube', 'mesh'].map((part) => box.write('job', 'jointer', park(part), part)))
  expect([sent, entries.all]).toEqual([['sleeve', 'tube', 'mesh'], []])
})

it('never throws a refused entry away, and goes on with the next', async () => {
  const { entries, sent, box } = outbox((part) => (part === 'tube' ? refused(409, 'The connector is on.') : null))
  for (const part of ['tube', 'sleeve']) await box.write('job', 'jointer', park(part), part)
  expect([sent, parts(entries)]).toEqual([['sleeve'], ['tube: The connector is on.']])
})

it('sends a refused entry again, or takes it back, when somebody says so', async () => {
  let isRefused = true
  const { entries, sent, box } = outbox(() => (isRefused ? refused(409) : null))
  await box.write('job', 'jointer', park('tube'), 'tube')
  await box.write('job', 'jointer', park('sleeve'), 'sleeve')
  isRefused = false
  await box.send('jointer')
  expect(sent).toEqual([])
  const [tube, sleeve] = entries.all
  if (!tube || !sleeve) throw new Error('two were kept')
  await box.sendAgain(tube)
  await box.withdraw(sleeve)
  expect([sent, entries.all]).toEqual([['tube'], []])
})

it('keeps everything when the session has ended, asks to sign in, and then sends', async () => {
  let isSignedIn = false
  const { entries, sent, events, box } = outbox(() => (isSignedIn ? null : refused(401)))
  await box.write('job', 'jointer', park('tube'), 'tube')
  expect([parts(entries), events.onSignedOut.mock.calls.length]).toEqual([['tube'], 1])
  isSignedIn = true
  await box.send('jointer')
  expect([sent, entries.all]).toEqual([['tube'], []])
})

it('sends only what the person who is signed in has made', async () => {
  let isOffline = true
  const { entries, sent, box } = outbox(() => (isOffline ? new ApiError(null) : null))
  await box.write('job', 'jointer', park('tube'), 'tube')
  await box.write('job', 'engineer', park('sleeve'), 'sleeve')
  isOffline = false
  await box.send('engineer')
  expect([sent, parts(entries)]).toEqual([['sleeve'], ['tube']])
})

it('does not take a fault of its own for a refusal', async () => {
  const { entries, box } = outbox(() => new TypeError('a slip in the program'))
  await expect(box.write('job', 'jointer', park('tube'), 'tube')).rejects.toThrow('a slip in the program')
  expect(parts(entries)).toEqual(['tube'])
})

it('holds what a touch wrote down until its time is over, and sends it then', async () => {
  const { entries, sent, box } = outbox(() => null)
  await box.hold(
    'job',
    'jointer',
    [
      { event: park('tube'), said: 'tube' },
      { event: park('mesh'), said: 'mesh' },
    ],
    null,
    60,
  )
  await box.send('jointer')
  expect([sent, parts(entries)]).toEqual([[], ['tube', 'mesh']])
  await box.sendHeld('jointer')
  expect([sent, entries.all]).toEqual([['tube', 'mesh'], []])
  await box.hold('job', 'jointer', [{ event: park('sleeve'), said: 'sleeve' }], null, 0.05)
  await vi.waitFor(() => expect(sent).toEqual(['tube', 'mesh', 'sleeve']))
})

it('lets go of what was held once the next is made: only the last touch can be undone', async () => {
  const { entries, sent, box } = outbox(() => null)
  await box.hold('job', 'jointer', [{ event: park('tube'), said: 'tube' }], null, 60)
  await box.hold('job', 'jointer', [{ event: park('mesh'), said: 'mesh' }], null, 60)
  expect(entries.all.map(({ said, heldUntil }) => [said, heldUntil !== undefined])).toEqual([
    ['tube', false],
    ['mesh', true],
  ])
  const [, mesh] = entries.all
  if (!mesh) throw new Error('it is held')
  await box.withdraw(mesh)
  await box.write('job', 'jointer', park('sleeve'), 'sleeve')
  expect([sent, entries.all]).toEqual([['tube', 'sleeve'], []])
})

it('holds the last of several touches that are made at once', async () => {
  const { entries, box } = outbox(() => null)
  const touch = (part: string) => box.hold('job', 'jointer', [{ event: park(part), said: part }], null, 60)
  await Promise.all(['sleeve', 'tube', 'mesh'].map(touch))
  expect(entries.all.map(({ said, heldUntil }) => [said, heldUntil !== undefined])).toEqual([
    ['sleeve', false],
    ['tube', false],
    ['mesh', true],
  ])
})
