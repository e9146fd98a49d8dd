// @vitest-environment happy-dom
import 'fake-indexeddb/auto'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { act, cleanup, renderHook } from '@testing-library/react'
import type { ReactNode } from 'react'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { jobQueries } from './jobs'
import { discardUnsaved, useChangePlan, useDraft, useResolve, useUnsaved } from './plan'
import type { Draft, Job } from './types'

type Put = { params: { header: { 'If-Match': string } }; body: Draft }
const put = vi.fn<(path: string, request: Put) => Promise<unknown>>()
vi.mock('./client', async (original) => ({
  ...(await original<typeof import('./client')>()),
  client: { PUT: (path: string, request: Put) => put(path, request) },
}))

const draft = (air: string) => ({ ends: {}, weather: { air } }) as unknown as Draft
const job = (version: number, air: string) => ({ id: 'job', version, draft: draft(air), log: [] }) as unknown as Job
const stored = (version: number, air: string) => ({ data: job(version, air), response: new Response(null, { status: 200 }) })
const refused = (status: number, detail: string) => ({
  error: { type: 'about:blank', title: detail, status, detail },
  response: new Response(null, { status }),
})

function open(shown: Job) {
  const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Infinity } } })
  queries.setQueryData(jobQueries.one('job').queryKey, shown)
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={queries}>{children}</QueryClientProvider>
  )
  const { result } = renderHook(
    () => ({ draft: useDraft(shown), unsaved: useUnsaved('job'), change: useChangePlan(shown), resolve: useResolve('job') }),
    { wrapper },
  )
  return { result, queries }
}
const air = (one: Draft) => one.weather?.air
const warmer =
  (text: string) =>
  (now: Draft): Draft => ({ ...now, weather: { ...now.weather, air: text } })
const settle = () => act(() => new Promise((resolve) => setTimeout(resolve, 0)))

beforeEach(() => {
  put.mockReset()
  localStorage.clear()
  discardUnsaved('job')
})
afterEach(cleanup)

it('shows a change at once and sends it with the version that it was made on', async () => {
  put.mockResolvedValue(stored(4, '12 °C'))
  const { result } = open(job(3, '9 °C'))
  act(() => result.current.change(warmer('12 °C')))
  expect(air(result.current.draft)).toBe('12 °C')
  await settle()
  expect([put.mock.calls[0]?.[1].params.header['If-Match'], air(put.mock.calls[0]?.[1].body as Draft)]).toEqual(['"3"', '12 °C'])
  expect(result.current.unsaved).toBeUndefined()
})

it('keeps a change that cannot be sent, also when the page is opened again', async () => {
  put.mockRejectedValue(new TypeError('no network'))
  const { result } = open(job(3, '9 °C'))
  act(() => result.current.change(warmer('12 °C')))
  await settle()
  expect([air(result.current.draft), result.current.unsaved?.problem]).toEqual(['12 °C', null])
  expect(localStorage.getItem('berm.plans')).toContain('12 °C')
})

it('sends what was typed meanwhile on top of what the server answered', async () => {
  let answer: (value: unknown) => void = () => undefined
  put.mockReturnValueOnce(new Promise((resolve) => (answer = resolve)))
  put.mockResolvedValueOnce(stored(5, '13 °C'))
  const { result } = open(job(3, '9 °C'))
  act(() => result.current.change(warmer('12 °C')))
  act(() => result.current.change(warmer('13 °C')))
  answer(stored(4, '12 °C'))
  await settle()
  expect(put.mock.calls.map(([, one]) => [one.params.header['If-Match'], air(one.body)])).toEqual([
    ['"3"', '12 °C'],
    ['"4"', '13 °C'],
  ])
  expect(result.current.unsaved).toBeUndefined()
})

it('keeps what the server refuses, with why, and sends it no more by itself', async () => {
  put.mockResolvedValue(refused(409, 'Somebody else changed it.'))
  const { result } = open(job(3, '9 °C'))
  act(() => result.current.change(warmer('12 °C')))
  await settle()
  expect([air(result.current.draft), result.current.unsaved?.problem?.detail]).toEqual(['12 °C', 'Somebody else changed it.'])
  expect(put).toHaveBeenCalledTimes(1)
})

it('puts mine on top of theirs, or takes theirs, as somebody decides', async () => {
  put.mockResolvedValueOnce(refused(409, 'Somebody else changed it.'))
  put.mockResolvedValueOnce(stored(8, '12 °C'))
  const { result, queries } = open(job(3, '9 °C'))
  act(() => result.current.change(warmer('12 °C')))
  await settle()
  act(() => result.current.resolve.putMineOnTop(job(7, '10 °C')))
  await settle()
  expect(put.mock.calls[1]?.[1].params.header['If-Match']).toBe('"7"')
  put.mockResolvedValueOnce(refused(409, 'Again.'))
  act(() => result.current.change(warmer('14 °C')))
  await settle()
  act(() => result.current.resolve.takeTheirs(job(9, '11 °C')))
  expect(result.current.unsaved).toBeUndefined()
  expect(air(queries.getQueryData<Job>(jobQueries.one('job').queryKey)?.draft as Draft)).toBe('11 °C')
})
