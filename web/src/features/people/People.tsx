import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { peopleQueries } from '../../api/people'
import { useMay } from '../../api/session'
import type { Account } from '../../api/types'
import { Button } from '../../ui/Button'
import { Modal } from '../../ui/Modal'
import { Note } from '../../ui/Note'
import { PageHeading } from '../../views/PageHeading'
import { WhoMay } from '../../views/WhoMay'
import { AddPerson } from './AddPerson'
import { Given } from './Given'
import { PersonForm } from './PersonForm'

/** Everybody who can sign in, and what an administrator does about them. */
export function People() {
  const people = useQuery(peopleQueries.all)
  const mayManage = useMay('manage-people')
  const [isNew, setIsNew] = useState(false)
  const [chosen, setChosen] = useState<string | null>(null)
  const [given, setGiven] = useState<{ name: string; password: string } | null>(null)
  const person = people.data?.people.find((one) => one.name === chosen)
  return (
    <main className="mx-auto grid w-full max-w-[76rem] content-start gap-4 p-4 desk:p-6">
      <div className="flex flex-wrap items-center justify-between gap-4">
        <PageHeading name="People" />
        {mayManage && (
          <Button kind="primary" onClick={() => setIsNew(true)}>
            Add somebody
          </Button>
        )}
      </div>
      <WhoMay right="manage-people" deed="adds people and changes what they are" />
      {people.error && <Note tone="out" role="alert" title={people.error.message} />}
      {given && <Given {...given} onDone={() => setGiven(null)} />}
      <ul aria-label="People" className="border-t-2 border-ink">
        {people.data?.people.map((one) => (
          <Row key={one.name} person={one} onChoose={mayManage ? () => setChosen(one.name) : null} />
        ))}
      </ul>
      <Modal title="Add somebody" open={isNew} onClose={() => setIsNew(false)}>
        <AddPerson
          onDone={(name, password) => {
            setIsNew(false)
            setGiven({ name, password })
          }}
        />
      </Modal>
      <Modal title={person?.shownAs ?? ''} open={person !== undefined} onClose={() => setChosen(null)}>
        {person && (
          <PersonForm
            key={`${person.name}${person.version}`}
            person={person}
            onGiven={(password) => {
              setChosen(null)
              setGiven({ name: person.shownAs, password })
            }}
            onDone={() => setChosen(null)}
          />
        )}
      </Modal>
    </main>
  )
}

function Row({ person, onChoose }: { person: Account; onChoose: (() => void) | null }) {
  return (
    <li className="grid items-center gap-x-6 border-b border-line py-2 desk:grid-cols-[1.2fr_1fr_1.6fr_auto]">
      <span className="font-semibold">{person.shownAs}</span>
      <span>{person.role}</span>
      <span className="text-label text-mute">
        signs in as {person.name}
        {person.suspendedAt && <span className="font-semibold text-out"> · suspended</span>}
        {!person.suspendedAt && person.oneTimeUntil && ` · password given, good until ${day(person.oneTimeUntil)}`}
      </span>
      {onChoose && (
        <Button className="justify-self-start" onClick={onChoose} aria-label={`Change ${person.shownAs}`}>
          Change
        </Button>
      )}
    </li>
  )
}

const day = (at: string) => new Date(at).toLocaleDateString('en-GB', { dateStyle: 'medium' })
