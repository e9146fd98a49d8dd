import { describe, expect, it } from 'vitest'
import type { KeptEntry } from '../../api/outbox'
import type { Job, LogEvent } from '../../api/types'
import { keyOf, nowIn } from './now'

const mark = (end: 'A' | 'B', cut: string, recorded: unknown = null) => ({ end, cut, core: null, recorded })
const marks = [mark('A', 'oversheath', {}), mark('A', 'insulation'), mark('B', 'oversheath')]
const check = (key: string, done = false) => ({ key, end: null, core: null, number: null, done })

function job(next: object, more: object = {}): Job {
  const task = { step: 'build', task: null, stage: null, check: null, end: null, core: null, number: null, cut: null, ...next }
  const stages = [{ key: 'clean', checks: [check('grease', true), check('dry'), check('round')] }]
  return {
    next: task,
    completion: { complete: false },
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
  it('is done when the server says complete, whatever is left to read', () => {
    expect(nowIn(job({ task: 'cut' }, { completion: { complete: true } }), null, [])).toEqual({ is: 'done' })
  })
})

describe('without signal the work goes on', () => {
  it('to the next cut that is not on its way', () => {
    const cutting = job({ task: 'cut', end: 'A', cut: 'insulation' })
    expect(keyOf(nowIn(cutting, null, [waits(measured('A', 'insulation'))]))).toBe('cut,B,oversheath,')
    expect(nowIn(cutting, null, [waits(measured('A', 'insulation')), waits(measured('B', 'oversheath'))])).toEqual({ is: 'kept' })
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
