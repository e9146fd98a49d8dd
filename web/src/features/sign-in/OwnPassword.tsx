import { useState } from 'react'
import { ApiError } from '../../api/client'
import { useChangeOwnPassword } from '../../api/session'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Note } from '../../ui/Note'

/** The old password, and a new one twice. */
export function OwnPassword({ given, onDone }: { given: boolean; onDone: () => void }) {
  const change = useChangeOwnPassword()
  const [old, setOld] = useState('')
  const [fresh, setFresh] = useState('')
  const [again, setAgain] = useState('')
  const [isTried, setIsTried] = useState(false)
  const problems = change.error instanceof ApiError ? (change.error.problem?.problems ?? []) : []
  const faultOf = (path: string) => problems.find((one) => one.path === path)?.message
  const isSame = fresh === again
  const entry = (label: string, value: string, set: (value: string) => void, isNew: boolean, fault?: string, hint?: string) => (
    <Field label={label} hint={hint} fault={fault}>
      {(input) => (
        <input
          {...input}
          type="password"
          autoComplete={isNew ? 'new-password' : 'current-password'}
          value={value}
          onChange={(event) => set(event.target.value)}
        />
      )}
    </Field>
  )
  return (
    <form
      className="grid max-w-[26rem] gap-4"
      onSubmit={(event) => {
        event.preventDefault()
        setIsTried(true)
        if (old && fresh && isSame) change.mutate({ old, new: fresh }, { onSuccess: onDone })
      }}
    >
      {entry(given ? 'The password you were given' : 'Your password now', old, setOld, false, faultOf('old'))}
      {entry(
        'Your new password',
        fresh,
        setFresh,
        true,
        faultOf('new'),
        'At least 10 characters; a few words in a row are good.',
      )}
      {entry('The new one again', again, setAgain, true, isTried && !isSame ? 'Is not the same: type both again.' : undefined)}
      {change.error && problems.length === 0 && <Note tone="out" role="alert" title={change.error.message} />}
      <Button type="submit" kind="primary" disabled={change.isPending} className="justify-self-start">
        Take the new password
      </Button>
    </form>
  )
}

/** Before anything else, for whoever came in by a password that was given to them. */
export function OwnPasswordFirst() {
  return (
    <main className="mx-auto grid max-w-[40rem] content-start gap-6 p-6">
      <title>Choose your password · Berm</title>
      <h1 className="text-[1.75rem] font-bold">Choose your password</h1>
      <p>You came in by a password that somebody else knows. It is good for this once: choose one that only you know.</p>
      <OwnPassword given onDone={() => {}} />
    </main>
  )
}
