import { useState } from 'react'
import { useWithdrawSheet } from '../../api/kits'
import type { KitSheet } from '../../api/types'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Note } from '../../ui/Note'

/** A revision that was found wrong: joints that are built by it stop, and say so. There is no way back but another revision. */
export function WithdrawSheet({ sheet }: { sheet: KitSheet }) {
  const withdraw = useWithdrawSheet()
  const [reason, setReason] = useState('')
  const [isTried, setIsTried] = useState(false)
  if (sheet.withdrawn || withdraw.isSuccess)
    return (
      <Note tone="out" title={`Revision ${sheet.revision} is withdrawn.`}>
        Joints that are built by it stop until an engineer lets each be finished, or another is chosen.
      </Note>
    )
  return (
    <details>
      <summary className="min-h-11 text-plan underline underline-offset-4">Withdraw revision {sheet.revision}</summary>
      <form
        className="grid max-w-[40rem] gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          setIsTried(true)
          if (reason.trim() !== '') withdraw.mutate({ id: sheet.id, revision: sheet.revision, reason: reason.trim() })
        }}
      >
        <Field
          label="What is wrong with it"
          hint="Everybody who builds by it reads this, and stops. It cannot be taken back: release another revision."
          fault={isTried && reason.trim() === '' ? 'Write what is wrong with it.' : undefined}
        >
          {(input) => (
            <textarea {...input} rows={2} maxLength={600} value={reason} onChange={({ target }) => setReason(target.value)} />
          )}
        </Field>
        {withdraw.error && <Note tone="out" role="alert" title={withdraw.error.message} />}
        <Button type="submit" className="justify-self-start" disabled={withdraw.isPending}>
          Withdraw it
        </Button>
      </form>
    </details>
  )
}
