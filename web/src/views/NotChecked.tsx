import { useCheckSheet, type CheckedKind } from '../api/checks'
import { useRole } from '../api/session'
import type { SheetRevision } from '../api/types'
import { Button } from '../ui/Button'
import { Note } from '../ui/Note'

/** Beside a name in a list. */
export const NotCheckedMark = () => <span className="font-semibold text-unproved">not checked</span>

/** Said wherever a sheet is used that only its writer has looked at; whoever may, looks at it here. */
export function NotChecked({ kind, sheet }: { kind: CheckedKind; sheet: SheetRevision }) {
  const mayCheck = useRole('write-sheet')
  const check = useCheckSheet(kind)
  return (
    <Note tone="unproved" title="Not checked: only who wrote it down has looked at it.">
      <p>Hold it against the maker’s sheet, number by number, before anything rests on it.</p>
      {mayCheck && (
        <Button className="mt-2" disabled={check.isPending} onClick={() => check.mutate(sheet)}>
          I have looked at it: it is right
        </Button>
      )}
      {check.error && (
        <p role="alert" className="font-semibold text-out">
          {check.error.message}
        </p>
      )}
    </Note>
  )
}
