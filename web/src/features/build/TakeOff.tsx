import { useState } from 'react'
import { useWrite } from '../../api/outbox'
import { useMay } from '../../api/session'
import type { Job, Stage, StageWork } from '../../api/types'
import { say, type Sentence } from '../../domain/sentence'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'
import { onCore, placeName } from '../../views/cuts'

type Applied = StageWork & { undoing: Sentence }

/** What was placed or set in this stage and has to come off again: what that costs, and why. */
export function TakeOff({ job, stage }: { job: Job; stage: Stage }) {
  const mayBuild = useMay('build')
  const applied = stage.work.filter((one): one is Applied => one.undoing !== null)
  if (!mayBuild || applied.length === 0) return null
  return (
    <details>
      <summary className="min-h-11 text-plan underline underline-offset-4">Something has to come off again</summary>
      <TakeOffForm job={job} stage={stage} applied={applied} />
    </details>
  )
}

const keyOf = (one: StageWork): string => [one.how, one.part, one.end, one.core].join()

function TakeOffForm({ job, stage, applied }: { job: Job; stage: Stage; applied: Applied[] }) {
  const unit = useUnit()
  const write = useWrite(job.id)
  // What lies outermost comes off first.
  const last = applied.at(-1)
  const [chosen, choose] = useState(last ? keyOf(last) : '')
  const [reason, setReason] = useState('')
  const [isTried, setIsTried] = useState(false)
  const one = applied.find((each) => keyOf(each) === chosen) ?? last
  if (!one) return null
  const name = [say(one.title, unit), placeName(one)].filter(Boolean).join(', ')
  const takeOff = () => {
    setIsTried(true)
    if (reason.trim() === '') return
    const { how, part, end, core } = one
    const place = { stage: stage.key, how, part, ...(end ? { end } : {}), ...onCore(core) }
    write({ kind: 'taken-off', ...place, reason: reason.trim() }, `Taken off again: ${name}`)
    setReason('')
    setIsTried(false)
  }
  return (
    <div className="grid gap-2">
      <Field label="What was done">
        {(input) => (
          <select {...input} value={keyOf(one)} onChange={({ target }) => choose(target.value)}>
            {applied.map((each) => (
              <option key={keyOf(each)} value={keyOf(each)}>
                {[say(each.title, unit), placeName(each)].filter(Boolean).join(', ')}
              </option>
            ))}
          </select>
        )}
      </Field>
      <Note tone="unproved" title={say(one.undoing, unit)}>
        It is done anew, and what was looked at and measured on it is asked again.
      </Note>
      <Field
        label="Why it comes off"
        fault={isTried && reason.trim() === '' ? 'Give the reason: it stays in the record.' : undefined}
      >
        {(input) => <input {...input} maxLength={400} value={reason} onChange={({ target }) => setReason(target.value)} />}
      </Field>
      <Button onClick={takeOff}>It is off</Button>
    </div>
  )
}
