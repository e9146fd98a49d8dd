import { useWaiting, useWrite } from '../../api/outbox'
import { useMay } from '../../api/session'
import type { Job } from '../../api/types'
import { Button } from '../../ui/Button'
import { Note } from '../../ui/Note'
import { CheckPanel } from './CheckPanel'
import { stageNow } from './StageHead'

/** What the stage still asks for: a check, a word that it is finished, or an engineer's look. */
export function StagePanel({ job }: { job: Job }) {
  const write = useWrite(job.id)
  const mayBuild = useMay('build')
  const mayRelease = useMay('accept-deviation')
  const isSent = useWaiting(job.id).some((one) => one.refused === null)
  const stage = stageNow(job)
  if (!stage) return null
  const { task, check, end, core } = job.next
  const asked = stage.checks.find((one) => one.key === check && one.end === end && one.core === core)
  if (task === 'check' && asked) return <CheckPanel key={[asked.key, end, core].join()} job={job} stage={stage} check={asked} />
  if (task === 'release')
    return (
      <div className="grid gap-3 max-desk:p-4">
        <Note tone="unproved" title="Hold point">
          An engineer looks at it before work goes on.
        </Note>
        {mayRelease && (
          <Button kind="primary" disabled={isSent} onClick={() => write({ kind: 'hold-released', stage: stage.key })}>
            I have looked: go on
          </Button>
        )}
      </div>
    )
  return (
    <div className="grid gap-3 max-desk:p-4">
      {stage.oneWay && (
        <Note tone="out" title="There is no way back from here.">
          What this stage hides has been measured.
        </Note>
      )}
      {mayBuild && (
        <Button kind="primary" disabled={isSent} onClick={() => write({ kind: 'stage-finished', stage: stage.key })}>
          It is done
        </Button>
      )}
    </div>
  )
}
