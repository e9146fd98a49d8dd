// @vitest-environment happy-dom
import { cleanup, render, screen } from '@testing-library/react'
import { afterEach, expect, it } from 'vitest'
import type { Job } from '../../api/types'
import { UnitProvider } from '../../ui/UnitContext'
import { StageHead } from './StageHead'

const plain = (template: string) => ({ template, values: {} })
const stage = {
  key: 'cores',
  title: 'Screens',
  does: [plain('Three cuts along the [insulation screen], then lift it off.')],
  cautions: [plain('Wires of the [metallic screen] prick.')],
}
const job = {
  stages: [{ key: 'check' }, stage],
  next: { stage: 'cores' },
  completion: { done: false, complete: false },
} as unknown as Job

const show = (unit: 'mm' | 'in') =>
  render(
    <UnitProvider name="test" initial={unit}>
      <StageHead job={job} />
    </UnitProvider>,
  )

afterEach(cleanup)

it.each([
  [{ workSeconds: 900, waitSeconds: 1200 }, 'About 15 min of work, 20 min of wait'],
  [{ workSeconds: 30, waitSeconds: null }, 'About 1 min of work'],
  [{ workSeconds: null, waitSeconds: null }, null],
])('says how long a stage takes, as far as its sheet says it', (times, said) => {
  const timed = { ...job, stages: [{ key: 'check' }, { ...stage, ...times }] } as unknown as Job
  render(
    <UnitProvider name="test" initial="mm">
      <StageHead job={timed} />
    </UnitProvider>,
  )
  expect(screen.queryByText(/^About/)?.textContent ?? null).toBe(said)
})

it.each([
  ['mm', 'Three cuts along the insulation screen, then lift it off.', 'Wires of the metallic screen prick.'],
  ['in', 'Three cuts along the insulation shield, then lift it off.', 'Wires of the metallic shield prick.'],
] as const)('says what to do in the words of a reader of %s', (unit, does, caution) => {
  show(unit)
  expect(screen.getByRole('heading').textContent).toBe('2. Screens')
  expect(screen.getByRole('listitem').textContent).toBe(does)
  expect(screen.getByText(caution)).toBeDefined()
})
