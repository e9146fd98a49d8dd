import { useState } from 'react'
import { useWrite } from '../../api/outbox'
import { useMay } from '../../api/session'
import type { Job, Mark } from '../../api/types'
import { onCore } from '../../views/cuts'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'

/** An engineer may let a cut that is out stand, with a reason that stays in the record. */
export function AcceptDeviation({ job, mark }: { job: Job; mark: Mark }) {
  const write = useWrite(job.id)
  const mayAccept = useMay('accept-deviation')
  const [reason, setReason] = useState('')
  const [isTried, setIsTried] = useState(false)
  if (!mayAccept) return null
  return (
    <form
      className="grid gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        setIsTried(true)
        if (reason.trim()) write({ kind: 'deviation-accepted', end: mark.end, cut: mark.cut, ...onCore(mark.core), reason })
      }}
    >
      <Field label="Why it may stand" fault={isTried && !reason.trim() ? 'Give the reason: it stays in the record.' : undefined}>
        {(input) => <input {...input} maxLength={600} value={reason} onChange={(event) => setReason(event.target.value)} />}
      </Field>
      <Button type="submit" className="justify-self-start">
        Let it stand
      </Button>
    </form>
  )
}
