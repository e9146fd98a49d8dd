import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { sessionQuery } from '../../api/session'
import type { Wait } from '../../api/types'
import { waitsQuery } from '../../api/waits'
import { say } from '../../domain/sentence'
import { Button } from '../../ui/Button'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'
import { PageHeading } from '../../views/PageHeading'
import { isMine } from './mine'
import { sayMoment } from '../../domain/moment'

/** What waits for whom on every job: one's own first. */
export function Waits() {
  const person = useQuery(sessionQuery).data?.person
  const query = useQuery(waitsQuery)
  const waits = query.data?.waits ?? []
  const mine = person ? waits.filter((one) => isMine(one, person)) : []
  const others = waits.filter((one) => !mine.includes(one))
  return (
    <main className="mx-auto grid w-full max-w-[76rem] gap-6 p-4 desk:p-6">
      <PageHeading name="What waits" />
      {query.isPending && <p role="status">Looking at the jobs</p>}
      {query.error && (
        <Note tone="out" role="alert" title="What waits could not be fetched.">
          {query.error.message} <Button onClick={() => void query.refetch()}>Try again</Button>
        </Note>
      )}
      {(query.data?.unseen ?? 0) > 0 && <p role="status">{query.data?.unseen} jobs are still looked at.</p>}
      {query.data && <WaitList title="For you" waits={mine} none="Nothing waits for you." />}
      {others.length > 0 && <WaitList title="For others" waits={others} none="" />}
    </main>
  )
}

function WaitList({ title, waits, none }: { title: string; waits: Wait[]; none: string }) {
  return (
    <section aria-label={title}>
      <h2 className="text-lead font-semibold">{title}</h2>
      {waits.length === 0 && <p className="mt-2">{none}</p>}
      <ul className="mt-2 border-t-2 border-ink empty:hidden">
        {waits.map((wait) => (
          <Row key={JSON.stringify(wait)} wait={wait} />
        ))}
      </ul>
    </section>
  )
}

const HANDS = { engineer: 'an engineer', jointer: 'a jointer', storekeeper: 'a storekeeper' }

function Row({ wait }: { wait: Wait }) {
  const unit = useUnit()
  const { job, what, step, by, at, who } = wait
  const since = at === null ? '' : sayMoment(at)
  return (
    <li className="grid gap-x-6 gap-y-1 border-b border-line py-3 desk:grid-cols-[1fr_1.6fr_auto]">
      <Link
        to={`/jobs/${job.id}/${step}`}
        className="min-h-11 content-center font-semibold text-plan underline underline-offset-4"
      >
        {job.name}
      </Link>
      <p className="content-center">{say(what, unit)}</p>
      <p className="content-center text-label text-mute">
        {by === null ? `waits for ${wait.for ?? HANDS[who]}` : `${by}, ${since}`}
      </p>
    </li>
  )
}
