import type { Job, Stage } from '../../api/types'
import { say } from '../../domain/sentence'
import { classes } from '../../ui/classes'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'

export const stageNow = (job: Job): Stage | null => job.stages?.find((stage) => stage.key === job.next.stage) ?? null

/** Where the work stands: the stage, what can hurt in it, and what the leaflet says to do. */
export function StageHead({ job }: { job: Job }) {
  const unit = useUnit()
  const stage = stageNow(job)
  if (!stage || job.completion.complete) return null
  const number = (job.stages?.indexOf(stage) ?? 0) + 1
  return (
    <div className="grid gap-3 max-desk:px-4 max-desk:pt-3">
      <h2 className="text-lead font-semibold">
        {number}. {stage.title}
      </h2>
      <StageTime stage={stage} />
      {stage.cautions.map((caution) => (
        <Note key={caution.template} tone="unproved" title="Caution">
          {say(caution, unit)}
        </Note>
      ))}
      {stage.does.length > 0 && (
        <ol className="grid list-decimal gap-1 pl-5">
          {stage.does.map((line) => (
            <li key={line.template}>{say(line, unit)}</li>
          ))}
        </ol>
      )}
    </div>
  )
}

/** "About 15 min of work, 20 min of wait", as far as the sheet says it. */
function StageTime({ stage: { workSeconds, waitSeconds } }: { stage: Stage }) {
  const minutes = (seconds: number) => `${Math.max(1, Math.round(seconds / 60))} min`
  const times = [workSeconds && `${minutes(workSeconds)} of work`, waitSeconds && `${minutes(waitSeconds)} of wait`].filter(
    Boolean,
  )
  return times.length > 0 && <p className="text-label text-mute">About {times.join(', ')}</p>
}

/** What a stage takes and leaves in its place, and why it comes here. */
export function StageNotes({ job }: { job: Job }) {
  const unit = useUnit()
  const stage = stageNow(job)
  if (!stage || job.completion.complete) return null
  return (
    <div className="grid gap-1 max-desk:px-4">
      <Named label="Comes to its place" names={stage.installs} />
      <Named label="Takes" names={stage.uses} />
      {stage.reason && <p className="text-label text-mute">{stage.reason}</p>}
      {stage.why && <p className="text-label text-mute">{say(stage.why, unit)}</p>}
    </div>
  )
}

function Named({ label, names }: { label: string; names: string[] }) {
  if (names.length === 0) return null
  return (
    <p className="text-label">
      <span className="text-mute">{label}: </span>
      {names.join(', ')}
    </p>
  )
}

/** All stages in the order of the work. */
export function StageList({ job }: { job: Job }) {
  if (!job.stages) return null
  return (
    <ol aria-label="Stages" className="flex flex-wrap gap-x-5 gap-y-1 border-b border-line pb-3">
      {job.stages.map((stage, i) => {
        const isNow = stage.key === job.next.stage
        return (
          <li key={stage.key} aria-current={isNow ? 'step' : undefined} className={classes(isNow && 'font-semibold')}>
            <span aria-hidden="true">{stage.done ? '✓' : isNow ? '▸' : '·'}</span> {i + 1}. {stage.title}
            {stage.done && <span className="sr-only"> (done)</span>}
            {stage.oneWay && <span className="text-label text-mute"> one way</span>}
            {stage.holdPoint && <span className="text-label text-mute"> hold point</span>}
          </li>
        )
      })}
    </ol>
  )
}
