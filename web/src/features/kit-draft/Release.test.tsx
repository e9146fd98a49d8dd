// @vitest-environment happy-dom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type { KitDraft } from '../../api/types'
import { UnitProvider } from '../../ui/UnitContext'
import { Check } from './Check'
import { Release } from './Release'
import type { ProofAsked } from './useProof'

const [release, discard, check, ask] = [vi.fn(), vi.fn(), vi.fn(), vi.fn()]
let may: string[] = []
vi.mock('../../api/kits', () => ({
  useReleaseDraft: () => ({ mutate: release, isPending: false, error: null }),
  useDiscardDraft: () => ({ mutate: discard, error: null }),
}))
vi.mock('../../api/session', () => ({
  useMay: (right: string) => may.includes(right),
  sessionQuery: { queryKey: ['session'], queryFn: () => null },
}))

const draftOf = (more: Partial<KitDraft> = {}) =>
  ({
    ...{ id: 'kit-1', version: 3, author: 'Ann', authors: ['Ann', 'Dov'], sheet: {}, text: '{}', releasedRevision: 2 },
    ...{ problems: [], questions: [], changes: [], rules: [], ...more },
  }) as unknown as KitDraft

function show(me: string, rights: string[]) {
  may = rights
  const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } })
  queries.setQueryData(['session'], { person: { name: me } })
  render(
    <QueryClientProvider client={queries}>
      <Release draft={draftOf()} onCheck={check} onDiscarded={() => undefined} />
    </QueryClientProvider>,
  )
}

const report = { proved: true, plans: 40, shortfalls: [], doubts: [], excepted: [] }
const proved: ProofAsked = { canBeProved: true, isNow: true, isPending: false, error: null, report, ask }

const look = (more: Partial<KitDraft> = {}, proof: Partial<ProofAsked> = {}, isKept = true) =>
  render(
    <UnitProvider name="kits" initial="mm">
      <Check draft={draftOf(more)} isKept={isKept} proof={{ ...proved, ...proof }} onReleased={() => undefined} />
    </UnitProvider>,
  )
const button = (name: string) => screen.queryByRole<HTMLButtonElement>('button', { name })
const RELEASE = 'I have checked it: release it'
const ENGINEER = ['write-sheet', 'discard-draft']
const plain = (template: string) => ({ template, values: {} })

beforeEach(() => vi.clearAllMocks())
afterEach(cleanup)

it('is released by a second person, who has it before their eyes, at the version that was looked at', () => {
  look({
    rules: [{ key: 'a', heading: plain('Cutting back'), sentence: plain('The sheath is cut at 90 mm.'), reason: '' }],
    changes: [
      {
        key: 'a',
        heading: plain('Cut'),
        before: null,
        after: { key: 'a', heading: plain('Cut'), sentence: plain('90, not 80.'), reason: '' },
      },
    ],
  })
  for (const seen of ['The sheath is cut at 90 mm.', '90, not 80.', 'Proved in 40 corners: every rule holds in each.'])
    expect(screen.getByText(seen)).toBeTruthy()
  fireEvent.click(button(RELEASE) as HTMLElement)
  expect(release.mock.calls[0]?.[0]).toEqual({ id: 'kit-1', version: 3 })
})

it('is proved without being told to, before it is released', () => {
  look({}, { isNow: false, report: null })
  expect(ask).toHaveBeenCalled()
})

it('says what is still not said', () => {
  look({ questions: [{ path: 'stages', about: plain('Carbon left'), ask: plain('Which check shows it?'), offer: null }] })
  expect(screen.getByText('Carbon left: Which check shows it?')).toBeTruthy()
})

it('is a second person who is led to it', () => {
  show('Ben', ENGINEER)
  fireEvent.click(button('Check it, to release it') as HTMLElement)
  expect(check).toHaveBeenCalled()
})

it.each(['Ann', 'Dov'])('is not released by %s, who wrote in it', (author) => {
  show(author, ENGINEER)
  expect(button('Check it, to release it')).toBeNull()
  expect(screen.getByText(/a second person checks and releases it/)).toBeTruthy()
})

it.each([
  ['something is wrong with it', { sheet: null, problems: [{ path: 'name', message: 'is missing.' }] }, {}, true],
  ['it does not say all', { sheet: null }, {}, true],
  ['it is being proved', {}, { isPending: true }, true],
  ['it is not kept yet', {}, {}, false],
  ['it is not proved', { text: '{"edition": 2}' }, { report: { ...report, proved: false } }, true],
])('is not released while %s', (_, more, proof, isKept) => {
  look(more, proof, isKept)
  expect(button(RELEASE)?.disabled).toBe(true)
})

it('is thrown away only after it was asked', () => {
  show('Ann', ENGINEER)
  fireEvent.click(button('Throw the draft away') as HTMLElement)
  expect(discard).not.toHaveBeenCalled()
  fireEvent.click(button('Keep it') as HTMLElement)
  expect(discard).not.toHaveBeenCalled()
  fireEvent.click(button('Throw the draft away') as HTMLElement)
  fireEvent.click(button('Throw it away') as HTMLElement)
  expect(discard.mock.calls[0]?.[0]).toBe('kit-1')
})

it('is thrown away by its author and the administrator, and nobody else', () => {
  show('Ben', ENGINEER)
  expect(button('Throw the draft away')).toBeNull()
  cleanup()
  show('Cid', ['discard-draft'])
  expect(button('Throw the draft away')).toBeTruthy()
  cleanup()
  show('Dan', [])
  expect(screen.queryAllByRole('button')).toEqual([])
})
