import { useQuery } from '@tanstack/react-query'
import { useState, type ReactNode } from 'react'
import { peopleQueries, useGiveJob } from '../../api/people'
import { IsTheirs, sessionQuery, useRole } from '../../api/session'
import type { Account, Hand } from '../../api/types'
import { Button } from '../../ui/Button'
import { Modal } from '../../ui/Modal'
import { Note } from '../../ui/Note'

const names = (people: Hand[]) => people.map((one) => one.shownAs).join(', ') || 'nobody yet'

/** Whom a job is given to; until it is known, nobody is kept from working. */
export function useCrew(job: string): { people: Hand[]; isMine: boolean } {
  const crew = useQuery(peopleQueries.crew(job)).data?.people
  const me = useQuery(sessionQuery).data?.person?.name
  return { people: crew ?? [], isMine: crew?.some((one) => one.name === me) ?? true }
}

/** What is shown inside of a job that is not theirs offers nothing to change. */
export function Theirs({ job, children }: { job: string; children: ReactNode }) {
  return <IsTheirs value={useCrew(job).isMine}>{children}</IsTheirs>
}

/** To whom else the job belongs, and a way to be one of them. */
export function ReadOnly({ job }: { job: string }) {
  const { people, isMine } = useCrew(job)
  const me = useQuery(sessionQuery).data?.person
  const mayGive = useRole('give-every-job')
  const mayPlan = useRole('plan')
  const give = useGiveJob(job)
  if (isMine) return null
  return (
    <div className="flex flex-wrap items-center gap-x-6 gap-y-2 border-b border-line px-4 py-2 desk:px-6">
      <Note title={`Given to ${names(people)}.`}>You can read this job. Who has it can give it to you too.</Note>
      {mayGive && mayPlan && me && (
        <Button disabled={give.isPending} onClick={() => give.mutate([...people, { name: me.name, shownAs: me.shownAs }])}>
          Take it on too
        </Button>
      )}
      {give.error && <Note tone="out" role="alert" title={give.error.message} />}
    </div>
  )
}

/** The names, and a dialog to give the job to others. */
export function GivenTo({ job }: { job: string }) {
  const { people, isMine } = useCrew(job)
  const [isOpen, setIsOpen] = useState(false)
  const mayEvery = useRole('give-every-job')
  const mayOwn = useRole('give-job') && isMine
  return (
    <>
      <span className="truncate">{names(people)}</span>
      {(mayOwn || mayEvery) && (
        <button
          type="button"
          className="min-h-6 shrink-0 px-1 max-desk:min-h-11 text-plan underline underline-offset-4"
          onClick={() => setIsOpen(true)}
        >
          Give to others
        </button>
      )}
      <Modal title="Given to" open={isOpen} onClose={() => setIsOpen(false)}>
        <Chooser job={job} people={people} onDone={() => setIsOpen(false)} />
      </Modal>
    </>
  )
}

const canHaveIt = (person: Account) => !person.suspendedAt && ['jointer', 'engineer'].includes(person.role)

function Chooser({ job, people, onDone }: { job: string; people: Hand[]; onDone: () => void }) {
  const all = useQuery(peopleQueries.all)
  const give = useGiveJob(job)
  const [chosen, setChosen] = useState<Hand[]>(people)
  const has = (name: string) => chosen.some((one) => one.name === name)
  const turn = (one: Hand) => setChosen(has(one.name) ? chosen.filter(({ name }) => name !== one.name) : [...chosen, one])
  return (
    <form
      className="grid gap-4"
      onSubmit={(event) => {
        event.preventDefault()
        give.mutate(chosen, { onSuccess: onDone })
      }}
    >
      <p>They write to the job; everybody else reads it.</p>
      <ul className="grid gap-1 desk:grid-cols-2">
        {all.data?.people.filter(canHaveIt).map(({ name, shownAs, role }) => (
          <li key={name}>
            <label className="flex min-h-12 items-center gap-3">
              <input type="checkbox" className="size-6 accent-ink" checked={has(name)} onChange={() => turn({ name, shownAs })} />
              <span>
                {shownAs} <span className="text-label text-mute">{role}</span>
              </span>
            </label>
          </li>
        ))}
      </ul>
      {chosen.length === 0 && <Note tone="unproved" title="Name at least one: a job is always somebody’s." />}
      {give.error && <Note tone="out" role="alert" title={give.error.message} />}
      <Button type="submit" kind="primary" disabled={give.isPending || chosen.length === 0} className="justify-self-start">
        Give it to them
      </Button>
    </form>
  )
}
