import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query'
import { createBrowserRouter, Link, Navigate, NavLink, Outlet, RouterProvider } from 'react-router'
import { ApiError } from '../api/client'
import { useOutbox } from '../api/outbox'
import { sessionQuery, useSignOut } from '../api/session'
import { Build } from '../features/build/Build'
import { Cables } from '../features/cables/Cables'
import { Connector } from '../features/connector/Connector'
import { JobFrame } from '../features/job/JobFrame'
import { JobList } from '../features/jobs/JobList'
import { Kit } from '../features/kit/Kit'
import { Kits } from '../features/kits/Kits'
import { Library } from '../features/library/Library'
import { MarkOut } from '../features/mark-out/MarkOut'
import { Record } from '../features/record/Record'
import { Safety } from '../features/safety/Safety'
import { SignIn } from '../features/sign-in/SignIn'
import { Stores } from '../features/stores/Stores'
import { Button } from '../ui/Button'
import { Note } from '../ui/Note'

const queries = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 10_000,
      retry: (count, error) => error instanceof ApiError && error.isUnsent && error.problem?.status !== 401 && count < 2,
    },
  },
})

queries.getQueryCache().subscribe((event) => {
  const error: unknown = event.type === 'updated' && event.action.type === 'error' ? event.action.error : null
  // A session that has ended: ask who is signed in, and the sign-in page comes up; what was typed is kept.
  if (error instanceof ApiError && error.problem?.status === 401)
    void queries.invalidateQueries({ queryKey: sessionQuery.queryKey })
})

function SignedIn() {
  const session = useQuery(sessionQuery)
  if (session.isPending)
    return (
      <p role="status" className="p-6">
        Opening Berm
      </p>
    )
  if (session.error)
    return (
      <main className="grid gap-4 p-6">
        <h1 className="text-lead font-bold">Berm</h1>
        <Note tone="out" role="alert" title="The server does not answer.">
          What you typed is kept in this browser.
        </Note>
        <Button className="justify-self-start" onClick={() => void session.refetch()}>
          Try again
        </Button>
      </main>
    )
  return session.data.person ? <AtWork /> : <SignIn />
}

/** What was made here is sent from wherever somebody is. */
function AtWork() {
  useOutbox()
  return <Outlet />
}

const PLACES = [
  { to: '/', name: 'Jobs' },
  { to: '/cables', name: 'Cables' },
  { to: '/kits', name: 'Kits' },
  { to: '/connectors', name: 'Connectors' },
  { to: '/stores', name: 'Stores' },
]

function WithHead() {
  const person = useQuery(sessionQuery).data?.person
  const signOut = useSignOut()
  return (
    <>
      <header className="grid grid-cols-[1fr_auto] items-center border-b-2 border-ink px-4 desk:flex desk:justify-between desk:px-6">
        <nav aria-label="Berm" className="contents desk:flex desk:items-stretch desk:gap-6">
          <Link to="/" className="inline-flex min-h-12 items-center text-lead font-bold">
            Berm
          </Link>
          <div className="flex justify-between gap-2 max-desk:order-last max-desk:col-span-2 max-desk:text-label desk:gap-6">
            {PLACES.map(({ to, name }) => (
              <NavLink
                key={to}
                to={to}
                end={to === '/'}
                className={({ isActive }) =>
                  `inline-flex min-h-12 items-center border-b-4 ${isActive ? 'border-ink font-semibold' : 'border-transparent hover:border-line'}`
                }
              >
                {name}
              </NavLink>
            ))}
          </div>
        </nav>
        <span className="flex items-center gap-4 text-label">
          <span className="max-desk:hidden">
            {person?.shownAs}, {person?.role}
          </span>
          <Button kind="link" className="whitespace-nowrap" onClick={() => signOut.mutate()}>
            Sign out
          </Button>
        </span>
      </header>
      <Outlet />
    </>
  )
}

function Lost() {
  return (
    <main className="grid gap-4 p-6">
      <h1 className="text-lead font-bold">There is nothing here</h1>
      <a href="/" className="text-plan underline">
        All jobs
      </a>
    </main>
  )
}

function Broken() {
  return (
    <main className="grid gap-4 p-6">
      <h1 className="text-lead font-bold">This page failed</h1>
      <p>
        What was typed is kept in this browser, and what was saved is safe. Open the page again; if it stays, tell the
        administrator.
      </p>
      <a href="/" className="text-plan underline">
        All jobs
      </a>
    </main>
  )
}

const router = createBrowserRouter([
  {
    element: <SignedIn />,
    errorElement: <Broken />,
    children: [
      {
        element: <WithHead />,
        children: [
          { path: '/', element: <JobList /> },
          { path: '/cables', element: <Library /> },
          { path: '/kits/:id?', element: <Kits /> },
          { path: '/kits/drafts/:id', lazy: async () => ({ Component: (await import('../features/kit-draft/Draft')).Draft }) },
          {
            path: '/connectors',
            lazy: async () => ({ Component: (await import('../features/connectors/Connectors')).Connectors }),
          },
          { path: '/stores', element: <Stores /> },
        ],
      },
      {
        path: '/jobs/:id',
        element: <JobFrame />,
        children: [
          { index: true, element: <Navigate to="safety" replace /> },
          { path: 'safety', element: <Safety /> },
          { path: 'cables', element: <Cables /> },
          { path: 'kit', element: <Kit /> },
          { path: 'connector', element: <Connector /> },
          { path: 'mark-out', element: <MarkOut /> },
          { path: 'build', element: <Build /> },
          { path: 'record', element: <Record /> },
        ],
      },
      { path: '*', element: <Lost /> },
    ],
  },
])

export function App() {
  return (
    <QueryClientProvider client={queries}>
      <RouterProvider router={router} />
    </QueryClientProvider>
  )
}
