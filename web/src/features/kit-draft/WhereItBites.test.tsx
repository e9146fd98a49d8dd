// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it } from 'vitest'
import type { Proof, TriedDraft } from '../../api/types'
import { answerOf } from '../../testing/server'
import { UnitProvider } from '../../ui/UnitContext'
import { Comes } from './Comes'
import { OutcomeOfSizes } from './OutcomeOfSizes'
import { WhereItBites } from './WhereItBites'

const SHEET = { items: [{ key: 'body' }, { key: 'seal' }], placeRules: [{ key: 'gap' }], cuts: [{ cut: 'oversheath' }] }
const plain = (template: string) => ({ template, values: {} })
const tried = () => answerOf('draft-begun-tried') as TriedDraft

/** The rules of the trial, one of them not proved. */
function failing(item: string, rule: 'laps' | 'distance' = 'laps', of: string | null = 'connector'): TriedDraft {
  const answer = tried()
  const section = answer.job.section
  const first = section?.rules[0]
  if (!section || !first) throw new Error('it is drawn')
  const fails = { ...first, ...{ item, rule, of, proof: 'fails' as const }, reason: plain(`${item} is short.`), worst: null }
  return { ...answer, job: { ...answer.job, section: { ...section, rules: [...section.rules, fails] } } }
}

const shortfall = (list: 'items' | 'placeRules', key: string, of: string) => ({
  ...{ fault: 'not-proved' as const, of, reason: plain(`${of} in a corner.`), corners: 4, corner: 'size 1: thin' },
  part: { list, key },
})
const proof = (...shortfalls: Proof['shortfalls']): Proof => ({
  ...{ proved: false, plans: 9, shortfalls, doubts: [], excepted: [] },
})

type Shown = { path: (string | number)[]; of?: TriedDraft | null; report?: Proof | null; isOld?: boolean }
const show = ({ path, of = null, report = null, isOld = false }: Shown) =>
  render(
    <UnitProvider name="kits" initial="mm">
      <WhereItBites path={path} sheet={SHEET} tried={of} report={report} isOld={isOld} />
    </UnitProvider>,
  )
const said = () => screen.queryAllByRole('listitem').map((one) => one.textContent)

afterEach(cleanup)

describe('what does not hold is said where it is written', () => {
  it('on the job at hand', () => {
    show({ path: ['items', 0], of: failing('body') })
    expect(said()).toEqual(['On this job: body is short. '])
  })

  it('and in the corners that were proved, with the first of them', () => {
    show({ path: ['placeRules', 0], report: proof(shortfall('placeRules', 'gap', 'gap distance')) })
    expect(said()).toEqual(['In 4 corners: gap distance in a corner.First in size 1: thin.'])
  })

  it('once, where both say the same', () => {
    show({ path: ['items', 0], of: failing('body'), report: proof(shortfall('items', 'body', 'body laps connector')) })
    expect(said()).toHaveLength(1)
  })

  it('twice, where the proof is of what it was before', () => {
    const report = proof(shortfall('items', 'body', 'body laps connector'))
    show({ path: ['items', 0], of: failing('body'), report, isOld: true })
    expect(said()[1]).toContain('In 4 corners before this change')
  })

  it('and nowhere else', () => {
    show({ path: ['items', 1], of: failing('body'), report: proof(shortfall('placeRules', 'gap', 'gap distance')) })
    show({ path: ['items', 0, 'rules'], of: failing('body') })
    expect(said()).toEqual([])
  })
})

describe('what an entry comes to', () => {
  const comes = (path: (string | number)[]) => {
    render(
      <UnitProvider name="kits" initial="mm">
        <p data-testid="it">
          <Comes path={path} sheet={SHEET} tried={tried()} />
        </p>
      </UnitProvider>,
    )
    return screen.getByTestId('it').textContent
  }

  it('is where a cut is marked', () => {
    expect(comes(['cuts', 0])).toMatch(/^[\d.]+ mm on end A$/)
  })

  it('is how long an item lies', () => {
    expect(comes(['items', 0])).toBe('lies 275 mm long')
  })

  it('is nothing for what does not lie there', () => {
    expect(comes(['placeRules', 0])).toBe('')
  })
})

it('says of each size what it comes to on these cables, and why not', () => {
  const sizes: TriedDraft['sizes'] = [
    { size: '1', outcome: 'does-not-fit', reason: plain('The cable is thicker.') },
    { size: '2', outcome: 'fits', reason: plain('It fits best of all.') },
  ]
  render(
    <UnitProvider name="kits" initial="mm">
      <OutcomeOfSizes sizes={sizes} />
    </UnitProvider>,
  )
  expect(screen.getByText('The cable is thicker.')).toBeTruthy()
  expect(screen.queryByText('It fits best of all.')).toBeNull()
})
