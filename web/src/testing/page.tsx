import 'fake-indexeddb/auto'
import { QueryClientProvider } from '@tanstack/react-query'
import { cleanup, configure, render } from '@testing-library/react'
import { createMemoryRouter, RouterProvider } from 'react-router'
import { afterEach, beforeEach, expect, vi } from 'vitest'
import type { Person } from '../api/types'
import { queries } from '../app/queries'
import { routes } from '../app/routes'
import { Server } from './server'

// Each page is fetched when it is first opened; on a busy machine that takes longer than the second which is waited by default.
configure({ asyncUtilTimeout: 5000 })

let opened: Server | null = null

beforeEach(() => {
  // What React complains of is a fault of ours.
  vi.spyOn(console, 'error').mockImplementation(() => {})
  // What a touch writes down is an entry at once, unless a test asks otherwise.
  localStorage.setItem('berm.undo-seconds', '0')
})

afterEach(() => {
  cleanup()
  queries.clear()
  localStorage.clear()
  sessionStorage.clear()
  expect(opened?.unanswered ?? []).toEqual([])
  opened = null
  expect(vi.mocked(console.error).mock.calls).toEqual([])
})

/** Berm as a person of this role opens it at a path. */
export function openPage(path: string, role: Person['role'] = 'jointer', prepare: (server: Server) => void = () => {}): Server {
  opened = new Server(role)
  prepare(opened)
  render(
    <QueryClientProvider client={queries}>
      <RouterProvider router={createMemoryRouter(routes, { initialEntries: [path] })} />
    </QueryClientProvider>,
  )
  return opened
}
