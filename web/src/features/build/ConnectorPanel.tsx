import { useState } from 'react'
import { useMay } from '../../api/session'
import type { Job } from '../../api/types'
import { say } from '../../domain/sentence'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'
import { WhoMay } from '../../views/WhoMay'
import { useWriteDone } from './useWriteDone'

/** The one way: everything it hides has been measured and parked. */
export function ConnectorPanel({ job }: { job: Job }) {
  const unit = useUnit()
  const write = useWriteDone(job.id)
  const mayBuild = useMay('build')
  const [batch, setBatch] = useState('')
  const name = job.function === 'joint' ? 'connector' : 'lug'
  return (
    <form
      className="grid gap-4 max-desk:p-4"
      onSubmit={(event) => {
        event.preventDefault()
        write({ kind: 'connector-fitted', batch }, batch ? `The ${name} is on, batch ${batch}` : `The ${name} is on`)
      }}
    >
      <h2 className="text-lead font-semibold">Fit the {name}</h2>
      <p className="font-semibold">{job.connector?.name}</p>
      <Note title="How it is fixed">
        {job.connector?.method}
        <details className="text-label">
          <summary className="min-h-6 text-plan underline underline-offset-4">What its sheet says besides</summary>
          {job.connector?.details.map((sentence, index) => (
            <p key={index}>{say(sentence, unit)}</p>
          ))}
        </details>
      </Note>
      <Note tone="out" title="There is no way back from here.">
        {name === 'lug' ? 'Conductor fully in.' : 'Conductors fully in, on both sides.'} All that this hides has been measured,
        and all that must wait is parked.
      </Note>
      <WhoMay right="build" deed="writes down that it is on" />
      {mayBuild && (
        <>
          <Field label="Batch, from its bag" hint="Leave it empty if it carries none.">
            {(input) => <input {...input} maxLength={80} value={batch} onChange={(event) => setBatch(event.target.value)} />}
          </Field>
          <Button type="submit" kind="primary">
            The {name} is on
          </Button>
        </>
      )}
    </form>
  )
}
