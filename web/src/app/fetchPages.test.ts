// @vitest-environment happy-dom
import 'fake-indexeddb/auto'
import type { RouteObject } from 'react-router'
import { expect, it, vi } from 'vitest'
import { fetchPages } from './fetchPages'
import { routes } from './routes'

const lazies = (all: RouteObject[]): unknown[] =>
  all.flatMap(({ lazy, children }) => [...(lazy ? [lazy] : []), ...lazies(children ?? [])])

it('fetches the pages within pages too, and goes on after one that cannot be had', async () => {
  const fetched: string[] = []
  const page = (name: string) => () => {
    fetched.push(name)
    return Promise.resolve({})
  }
  await fetchPages([
    { path: 'job', lazy: page('job'), children: [{ path: 'build', lazy: page('build') }] },
    { path: 'gone', lazy: vi.fn().mockRejectedValue(new Error('no signal')) },
    { path: 'record', lazy: page('record') },
  ])
  expect(fetched).toEqual(['job', 'build', 'record'])
})

it('knows how to fetch each page of Berm', () => {
  const pages = lazies(routes)
  expect(pages.length).toBeGreaterThan(10)
  expect(pages.every((lazy) => typeof lazy === 'function')).toBe(true)
})
