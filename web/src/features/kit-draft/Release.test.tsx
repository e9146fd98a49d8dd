// @vitest-environment happy-dom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type { KitDraft } from '../../api/types'
import { Release } from './Release'

const [release, discard] = [vi.fn(), vi.fn()]
let may: string[] = []
vi.mock('../../api/kits', () => ({
  useReleaseDraft: () => ({ mutate: release, isPending: false, error: null }),
  useDiscardDraft: () => ({ mutate: discard, error: null }),
}))
vi.mock('../../api/session', () => ({
  useMay: (right: string) => may.includes(right),
  sessionQuery: { queryKey: ['session'], queryFn: () => null },
}))

function show(me: string, rights: string[], more: Partial<KitDraft> = {}, isKept = true) {
  may = rights
  const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } })
  queries.setQueryData(['session'], { person: { name: me } })
  const draft = { id: 'kit-1', version: 3, author: 'Ann', authors: ['Ann', 'Dov'], problems: [], ...more } as unknown as KitDraft
  render(
    <QueryClientProvider client={queries}>
      <Release draft={draft} isKept={isKept} onReleased={() => undefined} onDiscarded={() => undefined} />
    </QueryClientProvider>,
  )
}
const button = (name: string) => screen.queryByRole<HTMLButtonElement>('button', { name })
const ENGINEER = ['write-sheet', 'discard-draft']

beforeEach(() => {
  release.mockClear()
  discard.mockClear()
})
afterEach(cleanup)

it('is released by a second person, at the version that was looked at', () => {
  show('Ben', ENGINEER)
  fireEvent.click(button('I have checked it: release it') as HTMLElement)
  expect(release.mock.calls[0]?.[0]).toEqual({ id: 'kit-1', version: 3 })
})

it.each(['Ann', 'Dov'])('is not released by %s, who wrote in it', (author) => {
  show(author, ENGINEER)
  expect(button('I have checked it: release it')).toBeNull()
  expect(screen.getByText(/a second person checks and releases it/)).toBeTruthy()
})

it.each([
  ['something is wrong with it', { problems: [{ path: 'name', message: 'is missing.' }] }, true],
  ['it is not kept yet', {}, false],
])('is not released while %s', (_, more, isKept) => {
  show('Ben', ENGINEER, more, isKept)
  expect(button('I have checked it: release it')?.disabled).toBe(true)
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
