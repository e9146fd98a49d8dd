import { useQuery } from '@tanstack/react-query'
import { Link, NavLink, Outlet } from 'react-router'
import { useOutbox } from '../api/outbox'
import { sessionQuery } from '../api/session'
import { OwnPasswordFirst } from '../features/sign-in/OwnPassword'
import { SignIn } from '../features/sign-in/SignIn'
import { SignOut } from '../features/sign-in/SignOut'
import { WaitsForMe } from '../features/waits/WaitsForMe'
import { Button } from '../ui/Button'
import { Note } from '../ui/Note'
import { NewVersion } from '../views/NewVersion'

/** Whoever is not signed in signs in first, wherever they were going. */
export function SignedIn() {
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
  if (!session.data.person) return <SignIn />
  return session.data.person.ownPasswordFirst ? <OwnPasswordFirst /> : <AtWork />
}

/** What was made here is sent from wherever somebody is. */
function AtWork() {
  useOutbox()
  return (
    <>
      <NewVersion />
      <Outlet />
    </>
  )
}

const PLACES = [
  { to: '/', name: 'Jobs' },
  { to: '/cables', name: 'Cables' },
  { to: '/kits', name: 'Kits' },
  { to: '/connectors', name: 'Connectors' },
  { to: '/stores', name: 'Stores' },
  { to: '/bench', name: 'Bench' },
]

/** The head with the places. */
export function WithHead() {
  const person = useQuery(sessionQuery).data?.person
  const places = person?.may.includes('manage-people') ? [...PLACES, { to: '/people', name: 'People' }] : PLACES
  return (
    <>
      <header className="grid grid-cols-[1fr_auto] items-center border-b-2 border-ink px-4 desk:flex desk:justify-between desk:px-6">
        <nav aria-label="Berm" className="contents desk:flex desk:items-stretch desk:gap-6">
          <Link to="/" className="inline-flex min-h-12 items-center text-lead font-bold">
            Berm
          </Link>
          <div className="flex justify-between gap-2 max-desk:order-last max-desk:col-span-2 max-desk:text-label desk:gap-6">
            {places.map(({ to, name }) => (
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
          <WaitsForMe />
          <Link to="/you" className="min-h-11 content-center px-1 text-plan underline underline-offset-4 desk:hidden">
            You
          </Link>
          <span className="max-desk:hidden">
            <Link to="/you" className="underline-offset-4 hover:underline">
              {person?.shownAs}, {person?.role}
            </Link>
          </span>
          <SignOut />
        </span>
      </header>
      <Outlet />
    </>
  )
}
