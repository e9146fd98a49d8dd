import type { UnreadableRow } from '../api/types'
import { Note } from '../ui/Note'

/** What is kept and cannot be read, in its place in a list. */
export function Unreadable({ rows }: { rows: UnreadableRow[] | undefined }) {
  return rows?.map(({ id, reason }) => (
    <Note key={id} tone="out" title={`${id} cannot be read.`}>
      {reason} Tell the administrator; nothing else is hidden by it.
    </Note>
  ))
}
