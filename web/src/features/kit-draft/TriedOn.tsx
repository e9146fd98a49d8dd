import { ApiError } from '../../api/client'
import type { Job } from '../../api/types'
import { say } from '../../domain/sentence'
import { Field } from '../../ui/Field'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'
import { MarkTables } from '../../views/MarkTables'
import { SectionView } from '../../views/SectionView'
import type { useTrial } from './useTrial'

/** The draft on real cables: every mark and part as it would lie, before anybody builds to it. */
export function TriedOn({ trial }: { trial: ReturnType<typeof useTrial> }) {
  if (trial.sizes.length === 0 && !trial.job)
    return <p className="text-mute">As soon as nothing is wrong with it, it is drawn here on the cables of a job.</p>
  const problem = trial.error instanceof ApiError ? trial.error.problem?.problems?.[0] : undefined
  return (
    <section aria-label="Tried on a job" className="grid gap-3">
      <div className="grid gap-3 desk:grid-cols-[1fr_8rem]">
        <Field
          label="Try it on the job"
          hint={trial.jobs.length === 0 ? 'There is no job for such an accessory yet.' : undefined}
        >
          {(input) => (
            <select {...input} value={trial.jobId} onChange={(event) => trial.onJob(event.target.value)}>
              {trial.jobs.map((one) => (
                <option key={one.id} value={one.id}>
                  {one.name}
                </option>
              ))}
            </select>
          )}
        </Field>
        <Field label="Size">
          {(input) => (
            <select {...input} value={trial.size} onChange={(event) => trial.onSize(event.target.value)}>
              {trial.sizes.map((one) => (
                <option key={one} value={one}>
                  {one}
                </option>
              ))}
            </select>
          )}
        </Field>
      </div>
      {trial.isOld && <Note tone="unproved">Drawn as it was before something was wrong with it.</Note>}
      {trial.error && (
        <Note tone="out" role="alert" title={problem ? `${problem.path} ${problem.message}` : trial.error.message} />
      )}
      {trial.job && <Planned job={trial.job} />}
    </section>
  )
}

function Planned({ job }: { job: Job }) {
  const unit = useUnit()
  const obstacles = job.obstacles.filter((one) => one.step !== 'safety')
  return (
    <div className="grid gap-3">
      {job.markOut && <SectionView job={job} datum="cable-end" active={null} />}
      {obstacles.map(({ reason }) => (
        <Note key={say(reason, unit)} tone="out">
          {say(reason, unit)}
        </Note>
      ))}
      {obstacles.length === 0 && <Note tone="inside" title="It fits, and everything covers what it must." />}
      {job.markOut && <MarkTables job={job} show="tools" />}
    </div>
  )
}
