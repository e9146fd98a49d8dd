import { useState } from 'react'
import { useWithdrawSheet } from '../../api/kits'
import type { KitSheet } from '../../api/types'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Note } from '../../ui/Note'

/** A revision that was found wrong: joints that are built by it stop, and say so. There is no way back but another revision. */
export function WithdrawSheet({ sheet, mayWrite }: { sheet: KitSheet; mayWrite: boolean }) {
  const withdraw = useWithdrawSheet()
  const gone = withdraw.isSuccess ? withdraw.variables.revision : sheet.withdrawn ? sheet.revision : null
  const left = revisionsOf(sheet).filter((one) => one !== gone)
  return (
    <>
      {gone !== null && (
        <Note tone="out" title={`Revision ${gone} is withdrawn.`}>
          Joints that are built by it stop until an engineer lets each be finished, or another is chosen.
        </Note>
      )}
      {mayWrite && left.length > 0 && (
        <details>
          <summary className="min-h-11 text-plan underline underline-offset-4">Withdraw a revision</summary>
          <Withdrawal
            key={gone}
            revisions={left}
            isBusy={withdraw.isPending}
            problem={withdraw.error?.message}
            onWithdraw={(revision, reason) => withdraw.mutate({ id: sheet.id, revision, reason })}
          />
        </details>
      )}
    </>
  )
}

/** The newest first: it is what is built by now; open joints may still stand on an older one. */
const revisionsOf = (sheet: KitSheet): number[] => Array.from({ length: sheet.revision }, (_, i) => sheet.revision - i)

type WithdrawalProps = {
  revisions: number[]
  isBusy: boolean
  problem: string | undefined
  onWithdraw: (revision: number, reason: string) => void
}

function Withdrawal({ revisions, isBusy, problem, onWithdraw }: WithdrawalProps) {
  const [revision, setRevision] = useState(revisions[0] ?? 1)
  const [reason, setReason] = useState('')
  const [isTried, setIsTried] = useState(false)
  return (
    <form
      className="grid max-w-[40rem] gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        setIsTried(true)
        if (reason.trim() !== '') onWithdraw(revision, reason.trim())
      }}
    >
      {revisions.length > 1 && (
        <Field label="Which revision">
          {(input) => (
            <select {...input} value={revision} onChange={({ target }) => setRevision(Number(target.value))}>
              {revisions.map((one) => (
                <option key={one} value={one}>
                  revision {one}
                </option>
              ))}
            </select>
          )}
        </Field>
      )}
      <Field
        label="What is wrong with it"
        hint="Everybody who builds by it reads this, and stops. It cannot be taken back: release another revision."
        fault={isTried && reason.trim() === '' ? 'Write what is wrong with it.' : undefined}
      >
        {(input) => (
          <textarea {...input} rows={2} maxLength={600} value={reason} onChange={({ target }) => setReason(target.value)} />
        )}
      </Field>
      {problem && <Note tone="out" role="alert" title={problem} />}
      <Button type="submit" className="justify-self-start" disabled={isBusy}>
        Withdraw revision {revision}
      </Button>
    </form>
  )
}
