import { useState } from 'react'
import { useWrite } from '../../api/outbox'
import { useMay } from '../../api/session'
import type { Job, Stage } from '../../api/types'
import { say } from '../../domain/sentence'
import { Button } from '../../ui/Button'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'
import { useFocus } from '../../ui/useFocus'
import { CallForIt } from '../../views/Calls'
import { WhoMay } from '../../views/WhoMay'
import { useWriteDone } from './useWriteDone'

/** The stage has all that it asks for: somebody says that it is done. */
export function FinishPanel({ job, stage }: { job: Job; stage: Stage }) {
  const write = useWriteDone(job.id)
  const mayBuild = useMay('build')
  const focus = useFocus<HTMLButtonElement>()
  const unit = useUnit()
  const [isAsked, ask] = useState(false)
  const mustAsk = stage.doubts.length > 0 && !isAsked
  return (
    <div className="grid gap-3 max-desk:p-4">
      {isAsked && (
        <Note tone="unproved" title="Likely to hold, not proved">
          {stage.doubts.map((doubt, index) => (
            <p key={index}>{say(doubt, unit)}</p>
          ))}
          <p>Measure again what can still be measured, or go on as it lies.</p>
        </Note>
      )}
      {stage.oneWay && (
        <Note tone="out" title="There is no way back from here.">
          What this stage hides has been measured.
        </Note>
      )}
      <WhoMay right="build" deed="says that it is done" />
      {mayBuild && (
        <Button
          ref={focus}
          kind="primary"
          onClick={() => (mustAsk ? ask(true) : write({ kind: 'stage-finished', stage: stage.key }, `Finished: ${stage.title}`))}
        >
          {isAsked ? 'Go on: it is done' : 'It is done'}
        </Button>
      )}
    </div>
  )
}

/** A hold point: work waits for an engineer. */
export function ReleasePanel({ job, stage }: { job: Job; stage: Stage }) {
  const write = useWrite(job.id)
  const mayRelease = useMay('accept-deviation')
  return (
    <div className="grid gap-3 max-desk:p-4">
      <Note tone="unproved" title="Hold point">
        An engineer looks at it before work goes on.
      </Note>
      {mayRelease && (
        <Button
          kind="primary"
          onClick={() => write({ kind: 'hold-released', stage: stage.key }, `Hold point released: ${stage.title}`)}
        >
          I have looked: go on
        </Button>
      )}
      {!mayRelease && <CallForIt job={job} what={`Hold point: ${stage.title}`} />}
    </div>
  )
}
