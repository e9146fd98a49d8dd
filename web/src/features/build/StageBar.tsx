import type { Job, Stage } from '../../api/types'
import { classes } from '../../ui/classes'

/** All stages in the order of the work, as numbers; the one that is on has its name. */
export function StageBar({ job }: { job: Job }) {
  const stages = job.stages ?? []
  if (stages.length === 0) return null
  const now = stages.findIndex((one) => one.key === job.next.stage)
  return (
    <ol aria-label="Stages" className="flex min-w-0 overflow-x-auto border-b border-line max-desk:hidden">
      {stages.map((stage, i) => (
        <li
          key={stage.key}
          aria-current={i === now ? 'step' : undefined}
          title={`${i + 1}. ${stage.title}`}
          className={classes(
            'flex min-h-9 shrink-0 items-center gap-2 border-r border-line px-3',
            i === now ? 'bg-ink font-semibold text-chalk' : 'text-label',
            stage.done && i !== now && 'border-b-4 border-b-inside',
          )}
        >
          <span aria-hidden="true">{i + 1}</span>
          <span className={i === now ? '' : 'sr-only'}>
            {stage.title}
            {i !== now && stateOf(stage)}
          </span>
          {i === now && stage.oneWay && <span className="border-l border-mute pl-2 text-label font-normal">one way</span>}
          {i === now && stage.holdPoint && <span className="border-l border-mute pl-2 text-label font-normal">hold point</span>}
        </li>
      ))}
    </ol>
  )
}

const stateOf = (stage: Stage): string =>
  [stage.done && ' (done)', stage.oneWay && ' one way', stage.holdPoint && ' hold point'].filter(Boolean).join('')
