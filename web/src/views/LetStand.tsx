import { useState } from 'react'
import { useMay } from '../api/session'
import { Button } from '../ui/Button'
import { Field } from '../ui/Field'
import { WhoMay } from './WhoMay'

type Props = {
  onReason: (reason: string) => void
  /** "compares them": what an engineer does here. */
  deed?: string
  label?: string
  action?: string
}

/** An engineer may let what is out stand, with a reason that stays in the record. */
export function LetStand({
  onReason,
  deed = 'may let it stand, with a reason',
  label = 'Why it may stand',
  action = 'Let it stand',
}: Props) {
  const mayAccept = useMay('accept-deviation')
  const [reason, setReason] = useState('')
  const [isTried, setIsTried] = useState(false)
  if (!mayAccept) return <WhoMay right="accept-deviation" deed={deed} />
  return (
    <form
      className="grid gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        setIsTried(true)
        if (reason.trim()) onReason(reason)
      }}
    >
      <Field label={label} fault={isTried && !reason.trim() ? 'Give the reason: it stays in the record.' : undefined}>
        {(input) => <input {...input} maxLength={600} value={reason} onChange={(event) => setReason(event.target.value)} />}
      </Field>
      <Button type="submit" className="justify-self-start">
        {action}
      </Button>
    </form>
  )
}
