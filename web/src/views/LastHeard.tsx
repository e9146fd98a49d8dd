import { useQuery } from '@tanstack/react-query'
import { peopleQueries } from '../api/people'
import { sessionQuery } from '../api/session'
import { clockOrDay } from '../domain/waiting'
import { serverNow } from '../engine/clock'
import { Note } from '../ui/Note'

/** Longer than a page that has a signal is ever silent. */
const SILENT_MS = 150_000

/** Who has this job along and has not been heard from: what they wrote since is not here yet. */
export function LastHeard({ jobId }: { jobId: string }) {
  const me = useQuery(sessionQuery).data?.person?.name
  const crew = useQuery(peopleQueries.crew(jobId)).data?.people ?? []
  const silent = crew.filter(
    ({ name, alongAt, heardAt }) =>
      name !== me && alongAt !== null && heardAt !== null && serverNow() - Date.parse(heardAt) > SILENT_MS,
  )
  return silent.map(({ name, shownAs, heardAt }) => (
    <Note
      key={name}
      tone="unproved"
      role="status"
      title={`${shownAs} has this job along, and was last heard from at ${clockOrDay(heardAt ?? '')}.`}
    >
      What they wrote down since then is not here yet.
    </Note>
  ))
}
