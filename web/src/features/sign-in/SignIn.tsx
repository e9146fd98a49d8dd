import { useState } from 'react'
import { useAllWaiting } from '../../api/outbox'
import { useSignIn } from '../../api/session'
import { entriesWait } from '../../domain/waiting'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Note } from '../../ui/Note'

export function SignIn() {
  const signIn = useSignIn()
  const [user, setUser] = useState('')
  const [password, setPassword] = useState('')
  const [isTried, setIsTried] = useState(false)
  const submit = () => {
    setIsTried(true)
    if (user && password) signIn.mutate({ user, password })
  }
  return (
    <main className="mx-auto grid min-h-dvh max-w-[58rem] content-center gap-10 p-6 desk:grid-cols-[1fr_22rem] desk:items-center">
      <div>
        <title>Sign in · Berm</title>
        <h1 className="text-target leading-none font-bold">Berm</h1>
        <p className="mt-4 max-w-[30rem] text-lead">
          Every cut, tube and check of a medium-voltage joint or termination, worked out from the cable in front of you.
        </p>
        <Tape />
        <p className="mt-4 max-w-[30rem] text-label text-mute">
          Berm computes and records. It never overrules the leaflet in the box, local rules or a licensed person.
        </p>
      </div>
      <form
        className="grid gap-4 border-t-2 border-ink pt-6 desk:border-t-0 desk:border-l-2 desk:pt-0 desk:pl-8"
        onSubmit={(event) => {
          event.preventDefault()
          submit()
        }}
      >
        <Field label="Name" fault={isTried && !user ? 'Type your sign-in name.' : undefined}>
          {(input) => (
            <input
              {...input}
              autoFocus
              autoComplete="username"
              autoCapitalize="none"
              value={user}
              onChange={(event) => setUser(event.target.value)}
            />
          )}
        </Field>
        <Field label="Password" fault={isTried && !password ? 'Type your password.' : undefined}>
          {(input) => (
            <input
              {...input}
              type="password"
              autoComplete="current-password"
              value={password}
              onChange={(event) => setPassword(event.target.value)}
            />
          )}
        </Field>
        <Button type="submit" kind="primary" disabled={signIn.isPending}>
          {signIn.isPending ? 'Signing in' : 'Sign in'}
        </Button>
        <Waiting />
        {signIn.error && (
          <Note tone="out" role="alert">
            {signIn.error.message}
          </Note>
        )}
      </form>
    </main>
  )
}

/** Whoever was signed out while entries waited learns that they are still here. */
function Waiting() {
  const count = useAllWaiting()
  if (count === 0) return null
  return (
    <Note tone="unproved" role="status" title={`On this device ${entriesWait(count)}.`}>
      Sent by {count === 1 ? 'itself' : 'themselves'}, as soon as whoever made {count === 1 ? 'it' : 'them'} signs in here.
    </Note>
  )
}

function Tape() {
  return (
    <svg className="mt-6 block h-9 w-full max-w-[30rem]" aria-hidden>
      <rect width="100%" height="100%" fill="var(--color-tape)" stroke="var(--color-ink)" strokeWidth={2} />
      {Array.from({ length: 60 }, (_, i) => (
        <line
          key={i}
          x1={8 + i * 9}
          x2={8 + i * 9}
          y1={0}
          y2={i % 10 === 0 ? 20 : i % 5 === 0 ? 14 : 8}
          stroke="var(--color-tape-ink)"
        />
      ))}
    </svg>
  )
}
