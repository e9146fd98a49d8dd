import { useState } from 'react'
import { ApiError } from '../../api/client'
import { useChangePerson, useEndSessions, useGivePassword } from '../../api/people'
import type { Account } from '../../api/types'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Note } from '../../ui/Note'
import { ROLES } from './roles'

type PersonFormProps = { person: Account; onGiven: (password: string) => void; onDone: () => void }

export function PersonForm({ person, onGiven, onDone }: PersonFormProps) {
  const change = useChangePerson(person)
  const [shownAs, setShownAs] = useState(person.shownAs)
  const [role, setRole] = useState(person.role)
  const isSuspended = person.suspendedAt !== null
  const problems = change.error instanceof ApiError ? (change.error.problem?.problems ?? []) : []
  const save = (suspended: boolean) => change.mutate({ shownAs, role, suspended }, { onSuccess: onDone })
  return (
    <div className="grid gap-6">
      <form
        className="grid items-start gap-4 desk:grid-cols-[1fr_1fr_auto]"
        onSubmit={(event) => {
          event.preventDefault()
          save(isSuspended)
        }}
      >
        <Field label="Name, as the record shows it" fault={problems.find((one) => one.path === 'shownAs')?.message}>
          {(input) => <input {...input} value={shownAs} onChange={(event) => setShownAs(event.target.value)} />}
        </Field>
        <Field label="Role" hint={role === person.role ? undefined : 'Another role signs them out.'}>
          {(input) => (
            <select {...input} value={role} onChange={(event) => setRole(event.target.value as Account['role'])}>
              {ROLES.map((one) => (
                <option key={one}>{one}</option>
              ))}
            </select>
          )}
        </Field>
        <Button type="submit" kind="primary" disabled={change.isPending} className="desk:mt-6">
          Keep
        </Button>
      </form>
      {change.error && problems.length === 0 && <Note tone="out" role="alert" title={change.error.message} />}
      <Sessions person={person} onGiven={onGiven} />
      <div className="border-t border-line pt-4">
        <Button disabled={change.isPending} onClick={() => save(!isSuspended)}>
          {isSuspended ? 'Take on again' : 'Suspend'}
        </Button>
        <p className="mt-1 text-label text-mute">
          {isSuspended
            ? 'Signs in again with the password they had.'
            : 'Signed out at once, and cannot sign in. What they wrote stays.'}
        </p>
      </div>
    </div>
  )
}

function Sessions({ person, onGiven }: { person: Account; onGiven: (password: string) => void }) {
  const give = useGivePassword(person)
  const end = useEndSessions(person)
  const error = give.error ?? end.error
  return (
    <div className="grid gap-2 border-t border-line pt-4">
      <div className="flex flex-wrap gap-3">
        <Button
          disabled={give.isPending}
          onClick={() => give.mutate(undefined, { onSuccess: ({ oneTimePassword }) => onGiven(oneTimePassword) })}
        >
          Give a one-time password
        </Button>
        <Button disabled={end.isPending} onClick={() => end.mutate(undefined)}>
          Sign out everywhere
        </Button>
      </div>
      {end.isSuccess && (
        <p role="status" className="text-label">
          Signed out everywhere.
        </p>
      )}
      {error && <Note tone="out" role="alert" title={error.message} />}
    </div>
  )
}
