// @vitest-environment happy-dom
import 'fake-indexeddb/auto'
import { expect, it, vi } from 'vitest'
import { ApiError } from '../api/client'
import type { Draft, LogEvent, Written } from '../api/types'
import { HandRefused, NotOpened } from './carried'
import type { Ask, Engine } from './engine'
import { KeptEntries, type KeptEntry } from './entries'
import type { Judge } from './judge'
import { Outbox } from './outbox'

const park = (part: string): LogEvent => ({ kind: 'part-parked', end: 'A', part })
const problem = (status: number, detail: string) => ({ type: 'about:blank', title: detail, status, detail })
const refused = (status: number, detail = 'No.') => new ApiError(problem(status, detail))

let database = 0

/** No job was taken along. */
const NOBODY: Judge = {
  knows: () => Promise.resolve(false),
  judge: () => Promise.reject(new Error('asked all the same')),
  heard: () => Promise.resolve(undefined),
}

/** An outbox whose server answers as it is told, entry by entry. */
function outbox(answer: (part: string) => Error | null, judge: Judge = NOBODY, hasSignal = () => true) {
  const entries = new KeptEntries(`outbox-${(database += 1)}`)
  const sent: string[] = []
  const log: string[] = []
  const engine: Engine = {
    ask: (question: Ask) => {
      if (question.ask !== 'write') return Promise.reject(new Error('asked for something else'))
      const { event } = question.entry
      const part = event.kind === 'part-parked' ? event.part : event.kind
      const error = answer(part)
      if (error) return Promise.reject(error)
      sent.push(part)
      return Promise.resolve({ changes: [] } as unknown as Written) as never
    },
  }
  const events = {
    onTaken: (entry: KeptEntry) => log.push(`taken ${entry.said}, kept ${entries.all.length}`),
    onJudged: (entry: KeptEntry) => log.push(`judged ${entry.said}`),
    onSignedOut: vi.fn(),
    onAllSent: (jobs: string[]) => log.push(`all of ${jobs.join()} sent`),
    onPlanRefused: vi.fn(),
    sendFirst: vi.fn<(entry: KeptEntry) => Promise<void>>(() => Promise.resolve()),
  }
  return { entries, sent, log, events, engine, box: new Outbox(entries, engine, judge, events, hasSignal) }
}

const parts = (entries: KeptEntries) => entries.all.map(({ said, refused }) => `${said}${refused ? `: ${refused.detail}` : ''}`)

it('keeps an entry until the server has taken it, and says so before it is gone', async () => {
  const { entries, sent, log, box } = outbox(() => null)
  await box.write('job', 'jointer', park('tube'), 'tube')
  expect([sent, log, entries.all]).toEqual([['tube'], ['taken tube, kept 1', 'all of job sent'], []])
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
  expect([sent, parts(entries), entries.others]).toEqual([['sleeve'], [], [{ jobId: 'job', person: 'jointer' }]])
  await entries.readFor('jointer')
  expect(parts(entries)).toEqual(['tube'])
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

/** A job that was taken along: its engine takes what it is told, part by part. */
function judge(answer: (part: string) => Error | null) {
  const judged: string[] = []
  const knows = (jobId: string) => Promise.resolve(jobId === 'job')
  return {
    judged,
    knows,
    heard: () => Promise.resolve<number | undefined>(7),
    judge: ({ event }: KeptEntry) => {
      const part = event.kind === 'part-parked' ? event.part : event.kind
      const error = answer(part)
      if (error) return Promise.reject(error)
      judged.push(part)
      return Promise.resolve({ changes: [] } as unknown as Written)
    },
  }
}

const states = (entries: KeptEntries) =>
  entries.all.map(({ said, judged, taken, refused }) =>
    [said, ...(judged ? ['judged'] : []), ...(taken ? ['taken'] : []), ...(refused ? [refused.detail] : [])].join(' '),
  )

it('has the engine here judge what the server does not answer, in order, and sends it later all the same', async () => {
  let isOffline = true
  const here = judge(() => null)
  const { entries, sent, log, box } = outbox(() => (isOffline ? new ApiError(null) : null), here)
  for (const part of ['sleeve', 'tube']) await box.write('job', 'jointer', park(part), part)
  await box.write('other', 'jointer', park('mesh'), 'mesh')
  expect([here.judged, states(entries)]).toEqual([
    ['sleeve', 'tube'],
    ['sleeve judged', 'tube judged', 'mesh'],
  ])
  isOffline = false
  await box.send('jointer')
  expect([sent, states(entries)]).toEqual([
    ['sleeve', 'tube', 'mesh'],
    ['sleeve judged taken', 'tube judged taken'],
  ])
  expect(log.at(-1)).toBe('all of job,other sent')
})

it('asks the engine here first where there is no signal, and does not wait for the server', async () => {
  const here = judge(() => null)
  const never = new Promise<never>(() => undefined)
  const { entries, box, engine } = outbox(
    () => null,
    here,
    () => false,
  )
  vi.spyOn(engine, 'ask').mockReturnValue(never)
  await box.write('job', 'jointer', park('tube'), 'tube')
  await box.write('job', 'jointer', park('mesh'), 'mesh')
  expect(states(entries)).toEqual(['tube judged', 'mesh judged'])
})

it('shows what the engine here would not take, and sends it again when somebody says so', async () => {
  let isOffline = true
  let isOut = true
  const here = judge((part) => (part === 'tube' && isOut ? new HandRefused(problem(409, 'The connector is on.')) : null))
  const { entries, sent, box } = outbox(() => (isOffline ? new ApiError(null) : null), here)
  for (const part of ['tube', 'mesh']) await box.write('job', 'jointer', park(part), part)
  expect(states(entries)).toEqual(['tube The connector is on.', 'mesh judged'])
  isOut = false
  const [tube] = entries.all
  if (tube) await box.sendAgain(tube)
  expect(states(entries)).toEqual(['tube judged', 'mesh judged'])
  isOffline = false
  await box.send('jointer')
  expect(sent).toEqual(['tube', 'mesh'])
})

it('lets what the engine here cannot open stand unjudged', async () => {
  const here = judge(() => new NotOpened('job', new Error('another format')))
  const { entries, box } = outbox(() => new ApiError(null), here)
  await box.write('job', 'jointer', park('tube'), 'tube')
  await box.write('job', 'jointer', park('mesh'), 'mesh')
  expect(states(entries)).toEqual(['tube', 'mesh'])
})

it('lets go of what the package has, and has the rest judged anew on top of it', async () => {
  let isOffline = false
  const here = judge(() => null)
  const { entries, box } = outbox(() => (isOffline ? new ApiError(null) : null), here)
  for (const part of ['sleeve', 'tube']) await box.write('job', 'jointer', park(part), part)
  isOffline = true
  await box.write('job', 'jointer', park('mesh'), 'mesh')
  // What the server took while the package did not have it yet is judged here too, in its place.
  expect([here.judged, states(entries)]).toEqual([
    ['sleeve', 'tube', 'mesh'],
    ['sleeve judged taken', 'tube judged taken', 'mesh judged'],
  ])
  const [sleeve] = entries.all
  let during: string[] = []
  await box.takeAnew(
    'jointer',
    'job',
    ({ id }) => id === sleeve?.id,
    () => {
      during = states(entries)
      return Promise.resolve()
    },
  )
  // Cut off there, nothing would be taken for judged that the new package does not have.
  expect(during).toEqual(['sleeve taken', 'tube taken', 'mesh'])
  expect(states(entries)).toEqual(['tube taken', 'mesh'])
  await box.judgeAll('jointer')
  expect(here.judged).toEqual(['sleeve', 'tube', 'mesh', 'tube', 'mesh'])
})

it('keeps a plan that somebody else changed meanwhile for whoever decides, and goes on', async () => {
  const { entries, sent, events, box } = outbox((part) => (part === 'plan' ? refused(409, 'Changed meanwhile.') : null))
  await box.write('job', 'jointer', { kind: 'plan', version: 3, draft: {} as Draft }, 'The plan as changed')
  await box.write('job', 'jointer', park('tube'), 'tube')
  expect([sent, entries.all]).toEqual([['tube'], []])
  expect(events.onPlanRefused.mock.calls[0]?.[1]).toMatchObject({ detail: 'Changed meanwhile.' })
})

it('is not sent before the picture that it shows', async () => {
  const { sent, events, box } = outbox(() => null)
  const order: string[] = []
  events.sendFirst.mockImplementation(({ said }) => Promise.resolve(void order.push(`${said} before ${sent.length}`)))
  await box.write('job', 'jointer', park('tube'), 'tube')
  expect(order).toEqual(['tube before 0'])
})

it('says how much of the log had reached this device, and says it anew when somebody has looked', async () => {
  let lines = 7
  const here = { ...judge(() => null), heard: () => Promise.resolve(lines) }
  const { entries, box } = outbox((part) => (part === 'tube' ? refused(409, 'The plan was changed meanwhile.') : null), here)
  await box.write('job', 'jointer', park('tube'), 'tube')
  expect(entries.all[0]?.heard).toBe(7)
  lines = 9
  const [tube] = entries.all
  if (tube) await box.sendAgain(tube)
  expect(entries.all[0]?.heard).toBe(9)
})

it('keeps a plan that the engine here refuses where plans are decided on', async () => {
  const here = judge((part) => (part === 'plan' ? new HandRefused(problem(409, 'Changed meanwhile.')) : null))
  const { entries, events, box } = outbox(() => new ApiError(null), here)
  await box.write('job', 'jointer', { kind: 'plan', version: 3, draft: {} as Draft }, 'The plan as changed')
  await box.write('job', 'jointer', park('tube'), 'tube')
  expect(states(entries)).toEqual(['tube judged'])
  expect(events.onPlanRefused.mock.calls[0]?.[1]).toMatchObject({ detail: 'Changed meanwhile.' })
})
