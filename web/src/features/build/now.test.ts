import { describe, expect, it } from 'vitest'
import type { KeptEntry } from '../../api/outbox'
import type { Job, LogEvent } from '../../api/types'
import { keyOf, nowIn } from './now'

const mark = (end: 'A' | 'B', cut: string, recorded: unknown = null) => ({ end, cut, core: null, recorded })
const marks = [mark('A', 'oversheath', {}), mark('A', 'insulation'), mark('B', 'oversheath')]
const check = (key: string, done = false, touch = 0, kind = 'length') => ({
  key, end: null, core: null, number: null, done, touch, kind, answer: null,
}) // prettier-ignore
const work = (part: string, touch: number) => ({ how: 'set', part, end: null, core: null, done: false, touch })

function job(next: object, more: object = {}): Job {
  const task = { step: 'build', task: null, stage: null, check: null, end: null, core: null, number: null, cut: null, ...next }
  const checks = [check('grease', true, 0), check('dry', false, 1), check('round', false, 2)]
  const stages = [{ key: 'clean', work: [], doubts: [], cuts: [], connectorTouch: null, finishTouch: 3, checks }]
  return {
    next: task,
    completion: { done: false, complete: false },
    connectorFitted: false,
    markOut: { marks },
    stages,
    ...more,
  } as unknown as Job
}

const waits = (event: LogEvent, refused: KeptEntry['refused'] = null): KeptEntry => ({
  id: '1', jobId: 'job', person: 'jointer', event, said: '', madeAt: '', doneAt: null, refused,
}) // prettier-ignore
const measured = (end: 'A' | 'B', cut: 'insulation' | 'oversheath'): LogEvent => ({
  kind: 'cut-measured',
  end,
  cut,
  reading: { typed: '57', unit: 'mm', instrument: 'steel-rule' },
})
const made = (key: string): LogEvent => ({ kind: 'check-made', stage: 'clean', check: key, seen: true })
const refusal = { type: 'about:blank', title: 'No', status: 409, detail: 'No.' }

describe('what the build asks for now', () => {
  const cutting = job({ task: 'cut', end: 'A', cut: 'insulation' })
  it('is what the server says is next', () => {
    expect(keyOf(nowIn(cutting, null, []))).toBe('cut,A,insulation,')
    expect(nowIn(job({ task: 'park' }), null, [])).toEqual({ is: 'park' })
    expect(nowIn(job({ task: 'connector' }), null, [])).toEqual({ is: 'connector' })
    expect(nowIn(job({ step: 'record' }), null, [])).toEqual({ is: 'done' })
    expect(nowIn(job({ step: 'kit' }), null, [])).toEqual({ is: 'blocked' })
  })
  it('is what was picked, as long as it can still be cut', () => {
    expect(keyOf(nowIn(cutting, { end: 'B', cut: 'oversheath', core: null }, []))).toBe('cut,B,oversheath,')
    const closed = job({ task: 'check', stage: 'clean', check: 'dry' }, { connectorFitted: true })
    expect(keyOf(nowIn(closed, { end: 'B', cut: 'oversheath', core: null }, []))).toBe('check,clean,dry,,,')
  })
  it('is done when the server says that all is, whatever is left to read', () => {
    expect(nowIn(job({ task: 'cut' }, { completion: { done: true } }), null, [])).toEqual({ is: 'done' })
  })
})

describe('one touch', () => {
  const tube = { key: 'tube', doubts: [], cuts: [], connectorTouch: null, finishTouch: 4 }
  const at = (stage: object) => nowIn(job({ task: 'work', stage: 'tube' }, { stages: [{ ...tube, ...stage }] }), null, [])

  it('takes work and the looks at it, and finishes the stage with the last of them', () => {
    const looks = [check('flat', false, 4, 'seen'), check('smooth', false, 4, 'seen')]
    const now = at({ work: [work('body', 4)], checks: looks })
    expect(now).toMatchObject({ is: 'touch', work: [{ part: 'body' }], looks, reading: null, finishes: true })
    expect(keyOf(now)).toBe('work,tube,set,body,,')
  })
  it('does not finish it while a look of it was found not so, or a doubt has to be asked', () => {
    const bad = { ...check('flat', false, 4, 'seen'), answer: { verdict: 'out' } }
    expect(at({ work: [], checks: [check('smooth', false, 4, 'seen'), bad] })).toMatchObject({ finishes: false })
    expect(at({ work: [], checks: [check('smooth', false, 4, 'seen')], doubts: [{}] })).toMatchObject({ finishes: false })
  })
  it('takes one reading with the work that it is made on, and never two', () => {
    const now = at({ work: [work('tape', 2)], checks: [check('lap', false, 2), check('across', false, 3)] })
    expect(now).toMatchObject({ is: 'touch', work: [{ part: 'tape' }], looks: [], reading: { key: 'lap' }, finishes: false })
    expect(keyOf(now)).toBe('check,tube,lap,,,')
  })
  it('leaves out what is on its way', () => {
    const applied = waits({ kind: 'applied', stage: 'tube', how: 'set', part: 'body' })
    const stages = [{ ...tube, work: [work('body', 1), work('tape', 2)], checks: [] }]
    expect(nowIn(job({ task: 'work', stage: 'tube' }, { stages }), null, [applied])).toMatchObject({ work: [{ part: 'tape' }] })
    expect(nowIn(job({ task: 'work', stage: 'tube' }, { stages }), null, [{ ...applied, refused: refusal }])).toMatchObject({
      work: [{ part: 'body' }],
    })
  })
})

describe('who works at one end', () => {
  const both = (touch: number, more: object = {}) =>
    (['A', 'B'] as const).map((end) => ({ ...check('lap', false, touch + (end === 'B' ? 1 : 0)), end, ...more }))
  const stage = { key: 'tube', work: [], doubts: [], finishTouch: 9, connectorTouch: null, cuts: [] }
  const at = (end: 'A' | 'B', more: object, next: object = {}) =>
    nowIn(job({ task: 'check', stage: 'tube', ...next }, { stages: [{ ...stage, ...more }] }), null, [], end)

  it('is asked for what is next there', () => {
    expect(keyOf(at('A', { checks: both(1) }))).toBe('check,tube,lap,A,,')
    expect(keyOf(at('B', { checks: both(1) }))).toBe('check,tube,lap,B,,')
  })
  it('cuts there while the other end is cut', () => {
    const cuts = [
      { end: 'A', cut: 'insulation', core: null, done: false, touch: 1 },
      { end: 'B', cut: 'oversheath', core: null, done: false, touch: 2 },
    ]
    expect(keyOf(at('B', { cuts, checks: both(3) }, { task: 'cut', end: 'A', cut: 'insulation' }))).toBe('cut,B,oversheath,')
    expect(keyOf(at('A', { cuts, checks: both(3) }, { task: 'cut', end: 'A', cut: 'insulation' }))).toBe('cut,A,insulation,')
  })
  it('waits where only the other end is open, and does not finish the stage for it', () => {
    const [first] = both(1)
    expect(at('B', { checks: [first] })).toMatchObject({ is: 'other-end', at: 'B' })
    const looks = both(9, { kind: 'seen', touch: 9 })
    expect(at('B', { checks: looks })).toMatchObject({ is: 'touch', looks: [{ end: 'B' }], finishes: false })
  })
  it('does not go on past the connector', () => {
    expect(at('B', { connectorTouch: 2, checks: both(2, { touch: 3 }) })).toMatchObject({ is: 'other-end' })
  })
})

describe('without signal the work goes on', () => {
  it('to the next cut that is not on its way', () => {
    const cutting = job({ task: 'cut', end: 'A', cut: 'insulation' })
    expect(keyOf(nowIn(cutting, null, [waits(measured('A', 'insulation'))]))).toBe('cut,B,oversheath,')
    expect(nowIn(cutting, null, [waits(measured('A', 'insulation')), waits(measured('B', 'oversheath'))])).toEqual({ is: 'kept' })
  })
  it('to a cut that comes before the next check of its stage', () => {
    const cuts = [{ end: 'B', cut: 'oversheath', core: null, done: false, touch: 2 }]
    const checks = [check('dry', false, 1), check('round', false, 3)]
    const stage = { key: 'clean', work: [], doubts: [], cuts, connectorTouch: null, finishTouch: 4, checks }
    const checking = job({ task: 'check', stage: 'clean', check: 'dry' }, { stages: [stage] })
    expect(keyOf(nowIn(checking, null, [waits(made('dry'))]))).toBe('cut,B,oversheath,')
    const cut = waits(measured('B', 'oversheath'))
    expect(keyOf(nowIn(checking, null, [waits(made('dry')), cut]))).toBe('check,clean,round,,,')
  })
  it('and waits for the server where the connector comes next', () => {
    const stage = { key: 'clean', work: [], doubts: [], cuts: [], connectorTouch: 2, finishTouch: 4 }
    const checks = [check('dry', false, 1), check('round', false, 3)]
    const checking = job({ task: 'check', stage: 'clean', check: 'dry' }, { stages: [{ ...stage, checks }] })
    expect(nowIn(checking, null, [waits(made('dry'))])).toEqual({ is: 'kept' })
  })
  it('to the next check, and then to finishing the stage', () => {
    const checking = job({ task: 'check', stage: 'clean', check: 'dry' })
    expect(keyOf(nowIn(checking, null, [waits(made('dry'))]))).toBe('check,clean,round,,,')
    expect(keyOf(nowIn(checking, null, [waits(made('dry')), waits(made('round'))]))).toBe('finish,clean')
    const finished = waits({ kind: 'stage-finished', stage: 'clean' })
    expect(nowIn(checking, null, [waits(made('dry')), waits(made('round')), finished])).toEqual({ is: 'kept' })
  })
  it('but what was refused is asked again', () => {
    const checking = job({ task: 'check', stage: 'clean', check: 'dry' })
    expect(keyOf(nowIn(checking, null, [waits(made('dry'), refusal)]))).toBe('check,clean,dry,,,')
    expect(nowIn(job({ task: 'connector' }), null, [waits({ kind: 'connector-fitted', batch: '' })])).toEqual({ is: 'kept' })
    expect(nowIn(job({ task: 'connector' }), null, [waits({ kind: 'connector-fitted', batch: '' }, refusal)])).toEqual({
      is: 'connector',
    })
  })
})
