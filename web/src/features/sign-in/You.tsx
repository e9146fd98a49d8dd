import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { sessionQuery } from '../../api/session'
import { Note } from '../../ui/Note'
import { PageHeading } from '../../views/PageHeading'
import { Instruments } from './Instruments'
import { OnThisDevice } from './OnThisDevice'
import { OwnPassword } from './OwnPassword'

/** Who is signed in, their password, and what speaks for them. */
export function You() {
  const person = useQuery(sessionQuery).data?.person
  const [isDone, setIsDone] = useState(false)
  return (
    <main className="mx-auto grid w-full max-w-[76rem] content-start gap-6 p-4 desk:p-6">
      <div>
        <PageHeading name={person?.shownAs ?? 'You'} />
        <p>
          {person?.role}, signs in as {person?.name}
        </p>
      </div>
      <section aria-label="Your password" className="grid gap-4 border-t-2 border-ink pt-4">
        <h2 className="text-lead font-semibold">Your password</h2>
        {isDone ? (
          <Note tone="inside" role="status" title="Your new password holds. You are signed out everywhere else." />
        ) : (
          <OwnPassword given={false} onDone={() => setIsDone(true)} />
        )}
      </section>
      <Instruments />
      <OnThisDevice />
    </main>
  )
}
