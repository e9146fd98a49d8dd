import type { Job, Mark, Way } from '../api/types'
import { jobOf } from './server'

type Recorded = NonNullable<Mark['recorded']>

export const said = (template: string, values: object = {}): Way['title'] => ({ template, values }) as Way['title']

export const way = (kind: Way['kind'], title: string, more: Partial<Way> = {}): Way => ({
  ...{ kind, title: said(title), does: said(`This is done: ${title}.`), by: 'jointer' as const, refusal: null, thinnest: null },
  ...{
    cost: { connectors: 0, kits: 0, parts: [], cableMm: 0, workSeconds: null },
    kept: [],
    again: [],
    anew: [],
    leftSeconds: null,
  },
  ...{ sawing: null, writes: null, connector: null, kit: null, lies: null },
  ...more,
})

export const RULED_OUT = way('let-stand', 'An engineer lets it stand', {
  by: 'engineer',
  refusal: said('The gap is {is}.', { is: { mm: 15 } }),
})

/** The cut that is asked for was made too far. */
export function outJob(): Job {
  const job = jobOf('half-cut')
  const judgement = { verdict: 'out', valueMm: 61, uncertaintyMm: 0.5, minMm: 55, maxMm: 58, marginMm: -3 } as const
  const recorded: Recorded = {
    ...{ typed: '61', unit: 'mm' as const, instrument: 'steel-rule' as const, byWhat: 'steel rule', entry: 'e' },
    ...{ valueMm: 61, sawnOffMm: null, judgement, tooLong: true, advice: null, accepted: null },
  }
  const marks = job.markOut?.marks.map((mark) => (mark.end === 'A' && mark.cut === 'insulation' ? { ...mark, recorded } : mark))
  if (!job.markOut || !marks) throw new Error('it is marked out')
  return { ...job, markOut: { ...job.markOut, marks } }
}
