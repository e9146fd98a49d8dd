import { useQuery } from '@tanstack/react-query'
import { useWrite } from '../../api/outbox'
import { sessionQuery, useMay } from '../../api/session'
import type { Job, LogEntry } from '../../api/types'
import { say } from '../../domain/sentence'
import { clockOrDay } from '../../domain/waiting'
import { Button } from '../../ui/Button'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'

/** Answers of two who did not know of each other: both stay, and who made the later one is asked which counts. */
export function Unsettled({ job }: { job: Job }) {
  const entry = (id: string) => job.log.find((one) => one.id === id)
  return job.unsettled.map(({ counts, asked }) => {
    const [first, second] = [entry(counts), entry(asked)]
    return first && second ? <Two key={asked} job={job} first={first} second={second} /> : null
  })
}

type TwoProps = { job: Job; first: LogEntry; second: LogEntry }

function Two({ job, first, second }: TwoProps) {
  const unit = useUnit()
  const me = useQuery(sessionQuery).data?.person?.shownAs
  const isMine = useMay('build') && second.by === me
  const write = useWrite(job.id)
  const said = say(second.said, unit)
  return (
    <Note tone="out" role="alert" title="Answered twice, by two who did not know of each other.">
      <ul className="my-1 grid gap-1">
        {[first, second].map((one) => (
          <li key={one.id}>
            {say(one.said, unit)}{' '}
            <span className="text-label text-mute">
              {one.by}, {clockOrDay(one.doneAt)}
              {one === first && ', counts now'}
            </span>
          </li>
        ))}
      </ul>
      {isMine ? (
        <p className="flex flex-wrap gap-3">
          <Button onClick={() => write(second.event, said)}>Mine counts</Button>
          <Button
            onClick={() =>
              write(
                { kind: 'withdrawn', entry: second.id, reason: `The other answer counts: ${say(first.said, unit)}` },
                `Taken back: ${said}`,
              )
            }
          >
            Take mine back
          </Button>
        </p>
      ) : (
        <p>{second.by} is asked which of them counts. Nothing that cannot be undone is done before.</p>
      )}
    </Note>
  )
}
