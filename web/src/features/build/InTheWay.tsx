import { Link } from 'react-router'
import { useWrite } from '../../api/outbox'
import { useMay } from '../../api/session'
import type { Job, Obstacle } from '../../api/types'
import { say } from '../../domain/sentence'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'
import { CallForIt } from '../../views/Calls'
import { LetStand } from '../../views/LetStand'

/** What stands in the way, where each is seen to, and what an engineer may let stand. */
export function InTheWay({ job }: { job: Job }) {
  // What two answered is asked on its own.
  const obstacles = job.obstacles.filter(({ code }) => code !== 'unsettled')
  return (
    <div className="grid gap-3 max-desk:p-4">
      {obstacles.length > 0 && <h2 className="font-semibold">In the way</h2>}
      {obstacles.map((obstacle) => (
        <OneObstacle key={JSON.stringify(obstacle)} job={job} obstacle={obstacle} />
      ))}
    </div>
  )
}

function OneObstacle({ job, obstacle }: { job: Job; obstacle: Obstacle }) {
  const unit = useUnit()
  const write = useWrite(job.id)
  const mayAccept = useMay('accept-deviation')
  const { acceptable, step } = obstacle
  const said = say(obstacle.reason, unit)
  return (
    <div className="grid gap-2">
      <Note tone={obstacle.severity === 'stops' ? 'out' : 'unproved'}>
        {said}{' '}
        {step !== 'build' && (
          <Link className="text-plan underline" to={`/jobs/${job.id}/${step}`}>
            See to it
          </Link>
        )}
      </Note>
      {acceptable && <LetStand onReason={(reason) => write({ ...acceptable, reason }, `${said} Let stand: ${reason}`)} />}
      {acceptable && !mayAccept && <CallForIt job={job} what={said} />}
    </div>
  )
}
