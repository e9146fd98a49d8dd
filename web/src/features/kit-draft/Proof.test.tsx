// @vitest-environment happy-dom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, expect, it, vi } from 'vitest'
import type { KitDraft } from '../../api/types'
import { UnitProvider } from '../../ui/UnitContext'
import { Proof } from './Proof'
import { useProof } from './useProof'

const asked: number[] = []
let answer: unknown = null
vi.mock('../../api/kits', () => ({
  kitQueries: {
    proof: (id: string, version: number) => ({
      queryKey: ['proof', id, version],
      queryFn: () => {
        asked.push(version)
        return answer
      },
    }),
  },
}))

const draft = (version: number, problems: KitDraft['problems'] = []) =>
  ({ id: 'kit-1', version, problems, sheet: problems.length === 0 ? {} : null }) as unknown as KitDraft
const Asked = ({ draft }: { draft: KitDraft }) => <Proof id={draft.id} proof={useProof(draft)} />
const shown = (one: KitDraft, queries = new QueryClient()) => (
  <QueryClientProvider client={queries}>
    <UnitProvider name="kits" initial="mm">
      <Asked draft={one} />
    </UnitProvider>
  </QueryClientProvider>
)
const plain = (template: string) => ({ template, values: {} })
const shortfall = (fault: string, corner: string | null, corners = 3) => ({
  fault,
  of: fault,
  reason: plain(`${fault}!`),
  corners,
  corner,
})

afterEach(() => {
  cleanup()
  asked.length = 0
})

it('is asked for, and not made by itself: it takes a while', async () => {
  answer = { proved: true, plans: 68, shortfalls: [], doubts: [], excepted: [{ key: 'always-sealed', reason: 'By others.' }] }
  render(shown(draft(4)))
  expect(asked).toEqual([])
  fireEvent.click(screen.getByRole('button', { name: 'Prove it' }))
  expect(await screen.findByText('Proved in 68 corners: every rule holds in each.')).toBeTruthy()
  expect(screen.getByText('Not asked of it: always-sealed. By others.')).toBeTruthy()
})

it('says of a leaflet that contradicts itself where the other number would bite', async () => {
  const doubt = { size: '1', dimension: 'screen_left', takenMm: 26, otherMm: 70, reason: 'The drawing', shortfalls: [] }
  const bites = { ...doubt, size: '2', shortfalls: [shortfall('creepage', 'size 2: thin')] }
  answer = { proved: true, plans: 68, shortfalls: [], doubts: [doubt, bites], excepted: [] }
  render(shown(draft(4)))
  fireEvent.click(screen.getByRole('button', { name: 'Prove it' }))
  expect(
    await screen.findByText(/Size 1, “screen left”: 26 mm is taken, the leaflet also says 70 mm. Either holds./),
  ).toBeTruthy()
  expect(screen.getByText(/Size 2, .* With the other number these do not hold:/)).toBeTruthy()
  expect(screen.getByText('creepage!')).toBeTruthy()
})

it('says what does not hold, where first, and gives that corner as a job', async () => {
  answer = {
    proved: false,
    plans: 68,
    shortfalls: [shortfall('not-proved', 'size 1: thin'), shortfall('unused', null)],
    doubts: [],
    excepted: [],
  }
  render(shown(draft(4)))
  fireEvent.click(screen.getByRole('button', { name: 'Prove it' }))
  expect(await screen.findByText('Built in 68 corners: 2 in all do not hold.')).toBeTruthy()
  expect(screen.getByText(/In 3 corners, first in size 1: thin/)).toBeTruthy()
  const links = screen.getAllByRole('link', { name: 'That corner as a job file' })
  expect(links.map((one) => one.getAttribute('href'))).toEqual(['/api/kit-drafts/kit-1/proof/1'])
})

it('is of the draft as it stands: changed, it is asked for again', async () => {
  answer = { proved: true, plans: 1, shortfalls: [], doubts: [], excepted: [] }
  const queries = new QueryClient()
  const { rerender } = render(shown(draft(4), queries))
  fireEvent.click(screen.getByRole('button', { name: 'Prove it' }))
  await screen.findByText(/Proved in/)
  rerender(shown(draft(5), queries))
  expect(screen.queryByText(/Proved in/)).toBeNull()
  expect(screen.getByRole('button', { name: 'Prove it' })).toBeTruthy()
})

it('waits until nothing is wrong with the text', () => {
  render(shown(draft(4, [{ path: 'name', message: 'is missing.' }])))
  expect(screen.queryByRole('button')).toBeNull()
  expect(screen.getByText('Say what is asked and mend what is wrong first: then it can be proved.')).toBeTruthy()
})
