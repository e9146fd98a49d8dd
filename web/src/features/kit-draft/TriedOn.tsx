import { ApiError } from '../../api/client'
import type { TriedDraft } from '../../api/types'
import { say } from '../../domain/sentence'
import { Field } from '../../ui/Field'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'
import { Materials } from '../../views/Materials'
import { MarkTables } from '../../views/MarkTables'
import { SectionFigure } from '../../views/SectionFigure'
import { OutcomeOfSizes } from './OutcomeOfSizes'
import type { useTrial } from './useTrial'

type TriedOnProps = { trial: ReturnType<typeof useTrial>; lit: string | null }

/** The draft on real cables: every mark and part as it would lie, before anybody builds to it; what is being written of is lit. */
export function TriedOn({ trial, lit }: TriedOnProps) {
  const problem = trial.error instanceof ApiError ? trial.error.problem?.problems?.[0] : undefined
  return (
    <section aria-label="Tried on a job" className="grid grid-cols-[minmax(0,1fr)] gap-3">
      <div className="grid gap-3 desk:grid-cols-[1fr_8rem]">
        <Field label="Try it on the job" hint={trial.hasNone ? 'There is no job for such an accessory yet.' : undefined}>
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
      {!trial.tried && !trial.error && (
        <p className="text-mute">
          {trial.isPending ? 'Drawing it' : 'As soon as nothing is wrong with it, it is drawn here on the cables of a job.'}
        </p>
      )}
      {trial.isOld && <Note tone="unproved">Drawn as it was before something was wrong with it.</Note>}
      {trial.tried?.standsIn && (
        <Note tone="unproved">
          What it does not say yet is drawn with the figures of another of its kind. None of them is kept.
        </Note>
      )}
      {trial.error && (
        <Note tone="out" role="alert" title={problem ? `${problem.path} ${problem.message}` : trial.error.message} />
      )}
      {trial.tried && <Planned tried={trial.tried} lit={lit} />}
    </section>
  )
}

/** What is in the way because of the sheet. */
const OF_SHEET = new Set(['cannot-be-marked-out', 'room-short', 'lap-short', 'material-short'])

function Planned({ tried, lit }: { tried: TriedDraft; lit: string | null }) {
  const unit = useUnit()
  const { job } = tried
  // Whether these cables suit it, is said size by size.
  const obstacles = job.obstacles.filter((one) => OF_SHEET.has(one.code))
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-3">
      {job.section && <SectionFigure section={job.section} lit={lit} title={`${job.name}: section as the draft has it`} />}
      {obstacles.map(({ reason }) => (
        <Note key={say(reason, unit)} tone="out">
          {say(reason, unit)}
        </Note>
      ))}
      {obstacles.length === 0 && job.section && <Note tone="inside" title="Everything covers what it must." />}
      <OutcomeOfSizes sizes={tried.sizes} />
      <Materials job={job} />
      {job.markOut && <MarkTables job={job} show="marks" />}
    </div>
  )
}
