import type { ReactNode } from 'react'
import type { Job, Stage } from '../../api/types'
import { say } from '../../domain/sentence'
import { useUnit } from '../../ui/UnitContext'

export const stageNow = (job: Job): Stage | null => job.stages?.find((stage) => stage.key === job.next.stage) ?? null

/**
 * Where the work stands: the stage, what can hurt in it, and what the leaflet says to do.
 *
 * @param saved whether all is sent: shown on small phones, whose title line gives way
 */
export function StageHead({ job, saved }: { job: Job; saved?: ReactNode }) {
  const unit = useUnit()
  const stage = stageNow(job)
  if (!stage || job.completion.done) return null
  const number = (job.stages?.indexOf(stage) ?? 0) + 1
  return (
    <div className="grid gap-3 max-desk:px-4 max-desk:pt-3">
      <div className="flex items-baseline justify-between gap-4 desk:contents">
        <h2 className="text-lead font-semibold desk:sr-only">
          {number}. {stage.title}
        </h2>
        <span className="hidden text-label text-mute short:inline">{saved}</span>
      </div>
      <StageTime stage={stage} />
      {stage.cautions.map((caution) => (
        <p key={caution.template} className="border-l-4 border-unproved pl-3">
          <strong className="font-semibold">Caution:</strong> {say(caution, unit)}
        </p>
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

/** Why the stage comes here. */
export function StageNotes({ job }: { job: Job }) {
  const unit = useUnit()
  const stage = stageNow(job)
  if (!stage || job.completion.done) return null
  return (
    <div className="grid gap-1 max-desk:px-4">
      {stage.reason && <p className="text-label text-mute">{stage.reason}</p>}
      {stage.why && <p className="text-label text-mute">{say(stage.why, unit)}</p>}
    </div>
  )
}
