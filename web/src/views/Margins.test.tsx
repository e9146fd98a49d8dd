// @vitest-environment happy-dom
import { cleanup, render, screen, within } from '@testing-library/react'
import { afterEach, describe, expect, it } from 'vitest'
import type { Job } from '../api/types'
import { jobOf } from '../testing/server'
import { UnitProvider } from '../ui/UnitContext'
import { Margins } from './Margins'
import { Materials } from './Materials'

type Ruling = NonNullable<Job['section']>['rules'][number]
type Material = Job['materials'][number]
const plain = (template: string) => ({ template, values: {} })

const job = jobOf('half-cut')
const [rule] = job.section?.rules ?? []
const [material] = job.materials
if (!rule || !material) throw new Error('the demo has rules and materials')
const ruling = (more: Partial<Ruling>): Ruling => ({ ...rule, binding: true, worst: null, ...more })
const stock = (more: Partial<Material>): Material => ({ ...material, ...more })

const show = (of: Job, unit: 'mm' | 'in' = 'mm') =>
  render(
    <UnitProvider name={`views-${unit}`} initial={unit}>
      <Margins job={of} />
      <Materials job={of} />
    </UnitProvider>,
  )
const withRules = (...rules: Ruling[]): Job => ({ ...job, materials: [], section: job.section && { ...job.section, rules } })
const rows = () =>
  within(screen.getByRole('list', { name: 'Margins' }))
    .getAllByRole('listitem')
    .map((row) => row.textContent)

afterEach(() => {
  cleanup()
  sessionStorage.clear()
})

describe('margins', () => {
  it('stand with the least sure first, and of two alike the one that has less left', () => {
    show(
      withRules(
        ruling({ proof: 'proved', worstMm: 9, reason: plain('far') }),
        ruling({ proof: 'proved', worstMm: 2, reason: plain('near') }),
        ruling({ proof: 'fails', worstMm: -4, reason: plain('lost') }),
        ruling({ proof: 'likely', worstMm: -1, reason: plain('maybe') }),
        ruling({ proof: 'not-likely', worstMm: -2, reason: plain('hardly') }),
      ),
    )
    expect(rows().map((text) => /(far|near|lost|maybe|hardly)$/.exec(text)?.[0])).toEqual([
      'lost',
      'hardly',
      'maybe',
      'near',
      'far',
    ])
    expect(screen.getByText('Margins: 5 rules, 3 not proved')).toBeTruthy()
  })
  it('say what is lacking as lacking', () => {
    show(withRules(ruling({ proof: 'likely', worstMm: -1.2, marginMm: 3.5, reason: plain('x') })))
    expect(rows()[0]).toContain('1.2 mm shortat the worst; 3.5 mm as planned')
  })
  it('are in the unit of the reader', () => {
    show(withRules(ruling({ proof: 'proved', worstMm: 25.4, marginMm: 50.8, reason: plain('x') })), 'in')
    expect(rows()[0]).toMatch(/1(\.0+)? inat the worst; 2(\.0+)? in as planned/)
  })
  it('are closed where all is proved, and open where not', () => {
    const { container } = show(withRules(ruling({ proof: 'proved' })))
    expect(container.querySelector('details')?.open).toBe(false)
    cleanup()
    const { container: other } = show(withRules(ruling({ proof: 'fails' })))
    expect(other.querySelector('details')?.open).toBe(true)
  })
  it('leave out what does not bind', () => {
    show(withRules(ruling({ binding: false })))
    expect(screen.queryByRole('list')).toBeNull()
  })
})

describe('materials', () => {
  const cells = () =>
    screen
      .getAllByRole('row')
      .slice(1)
      .map((row) =>
        within(row)
          .getAllByRole('cell')
          .map((cell) => cell.textContent),
      )
  const of = (...materials: Material[]): Job => ({ ...job, section: null, materials })

  it('in pieces, where nothing is measured off', () => {
    show(
      of(
        stock({ name: 'Spring', count: 3, pieces: 2, neededMm: null, hasMm: null, leftMm: null, short: null, takers: ['Earth'] }),
      ),
    )
    expect(cells()).toEqual([['Springearth', '3', '2', '1']])
    expect(screen.getByText('Materials: the box holds enough')).toBeTruthy()
  })
  it('in metres, where a roll is cut', () => {
    show(of(stock({ name: 'Tape', neededMm: 1250, hasMm: 2000, leftMm: 750, short: null, takers: ['Wrap'] })))
    expect(cells()).toEqual([['Tapewrap', '2 m', '1.25 m', '0.75 m']])
  })
  it('says what is not known, and makes nothing of it', () => {
    show(of(stock({ name: 'Tape', neededMm: 1250, hasMm: null, leftMm: null, short: null, takers: [] })))
    expect(cells()[0]?.slice(1)).toEqual(['not said', '1.25 m', 'not said'])
  })
  it('names a shortage, and opens for it', () => {
    const { container } = show(of(stock({ short: plain('500 mm too little.') })))
    expect(screen.getByText('Materials: the box is short of 1')).toBeTruthy()
    expect(screen.getByText('500 mm too little.')).toBeTruthy()
    expect(container.querySelector('details')?.open).toBe(true)
  })
})
