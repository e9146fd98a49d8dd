import { useState } from 'react'
import { useUnjudged, useWrite } from '../../api/outbox'
import { useMay } from '../../api/session'
import type { Job } from '../../api/types'
import { useTyped } from '../../engine/typed'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'

/** Of a kit whose box was not opened here: its batch, and until when it keeps, are asked all the same. */
export function KitDate({ job }: { job: Job }) {
  const write = useWrite(job.id)
  const isOnItsWay = useUnjudged(job.id).some((one) => one.refused === null && one.event.kind === 'kit-dated')
  const mayBuild = useMay('build')
  const [batch, setBatch] = useTyped(`${job.id}.kit-batch`)
  const [until, setUntil] = useTyped(`${job.id}.kit-until`)
  const [isTried, setIsTried] = useState(false)
  const isAsked = job.fit.kit?.findings.some((one) => one.criterion === 'shelf-life' && one.outcome === 'cannot-tell') ?? false
  if (!isAsked || isOnItsWay || !mayBuild) return null
  return (
    <form
      className="grid gap-3 border-t-2 border-ink pt-3"
      onSubmit={(event) => {
        event.preventDefault()
        setIsTried(true)
        if (until !== '') write({ kind: 'kit-dated', batch: batch.trim(), keepsUntil: until }, `The kit keeps until ${until}`)
      }}
    >
      <h2 className="text-lead font-semibold">Or from the kit in hand</h2>
      <div className="grid gap-3 desk:grid-cols-2">
        <Field label="Batch">
          {(input) => <input {...input} maxLength={40} value={batch} onChange={(event) => setBatch(event.target.value)} />}
        </Field>
        <Field label="Keeps until" fault={isTried && until === '' ? 'Give the day that is printed on it.' : undefined}>
          {(input) => <input {...input} type="date" value={until} onChange={(event) => setUntil(event.target.value)} />}
        </Field>
      </div>
      <Button type="submit" className="justify-self-start">
        Write it down
      </Button>
    </form>
  )
}
