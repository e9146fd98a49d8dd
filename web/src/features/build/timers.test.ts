import { describe, expect, it } from 'vitest'
import type { Job } from '../../api/types'
import { clock, isShown, readAt, timersOf } from './timers'

const at = Date.parse('2026-03-14T10:00:00Z')
const wait = (key: string, more: object = {}) => ({
  key, kind: 'wait', end: null, core: null, done: false, countedFrom: '2026-03-14T10:00:00Z',
  ask: { template: key, values: {} }, leastSeconds: null, mostSeconds: null, mend: '', ...more,
}) // prettier-ignore
const job = (...checks: object[]): Job =>
  ({ stages: [{ key: 'tube', checks }], draft: {}, safety: null, completion: { done: false } }) as unknown as Job

describe('clocks', () => {
  it('run from when their clock was started until they are answered, the first to end on top', () => {
    const timers = timersOf(
      job(
        wait('cool', { leastSeconds: 1200 }),
        wait('warm', { mostSeconds: 900 }),
        wait('answered', { done: true }),
        wait('later', { countedFrom: null }),
        { ...wait('look'), kind: 'seen' },
      ),
    )
    expect(timers.map((one) => one.name.template)).toEqual(['warm', 'cool'])
  })

  it('say how much is to be waited, and since when it is over', () => {
    const [cool] = timersOf(job(wait('cool', { leastSeconds: 1200 })))
    if (!cool) throw new Error('it runs')
    expect(readAt(cool, at + 300_000)).toEqual({ left: 900, part: 0.25, state: 'waits' })
    expect(readAt(cool, at + 1_199_000).state).toBe('waits')
    expect(readAt(cool, at + 1_200_000)).toMatchObject({ left: 0, state: 'over' })
    expect(readAt(cool, at - 60_000)).toMatchObject({ left: 1200, state: 'waits' })
  })

  it('say how much is left of what must not take long', () => {
    const [warm] = timersOf(job(wait('warm', { mostSeconds: 900 })))
    if (!warm) throw new Error('it runs')
    expect(readAt(warm, at + 225_000)).toEqual({ left: 675, part: 0.25, state: 'runs-out' })
    expect(readAt(warm, at + 900_000).state).toBe('runs-out')
    expect(readAt(warm, at + 901_000)).toMatchObject({ left: -1, state: 'late' })
  })

  it('wait first and run out then, where both are asked', () => {
    const [both] = timersOf(job(wait('set', { leastSeconds: 300, mostSeconds: 600 })))
    if (!both) throw new Error('it runs')
    expect(readAt(both, at + 299_000).state).toBe('waits')
    expect(readAt(both, at + 300_000)).toMatchObject({ left: 300, state: 'runs-out' })
  })

  it('are read as a clock is', () => {
    expect([clock(0), clock(65), clock(3725), clock(-61.5)]).toEqual(['0:00', '1:05', '1:02:05', '1:01'])
  })

  it("show the permit's end in its last hour and after it, and not once all is done", () => {
    const safety = { permit: 'P-7', confirmedBy: 'E', confirmedAt: '2026-03-14T10:00:00Z', endsAt: '2026-03-14T16:00:00Z' }
    const permitted = { ...job(), safety } as Job
    const [permit] = timersOf(permitted)
    if (!permit) throw new Error('it runs')
    const shownAt = (hours: number) => isShown(permit, readAt(permit, at + hours * 3_600_000))
    expect([4.9, 5.1, 6.5].map(shownAt)).toEqual([false, true, true])
    expect(readAt(permit, at + 6.5 * 3_600_000)).toMatchObject({ left: -1800, state: 'late' })
    expect(timersOf({ ...permitted, completion: { ...permitted.completion, done: true } })).toEqual([])
    expect(timersOf({ ...permitted, safety: { ...safety, endsAt: null } })).toEqual([])
  })
})

describe('the end of the outage', () => {
  const outage = (more: object = {}) =>
    timersOf({ ...job(), draft: { outageEnds: '2026-03-14T16:00:00Z' }, safety: null, ...more } as unknown as Job)

  it.each([
    ['2026-03-14T13:00:00Z', false],
    ['2026-03-14T13:00:01Z', true],
  ])('at %s is shown: %s', (now, isSeen) => {
    const [timer] = outage()
    if (!timer) throw new Error('it runs')
    const reading = readAt(timer, Date.parse(now))
    expect(isShown(timer, reading)).toBe(isSeen)
    expect(reading.left).toBe((Date.parse('2026-03-14T16:00:00Z') - Date.parse(now)) / 1000)
  })

  it('is late once it is past, and nothing once all is done or where it has none', () => {
    const [timer] = outage()
    expect(timer && readAt(timer, Date.parse('2026-03-14T16:00:01Z')).state).toBe('late')
    expect(outage({ completion: { done: true } })).toEqual([])
    expect(outage({ draft: {} })).toEqual([])
  })
})
