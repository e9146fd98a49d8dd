import { useRole } from '../api/session'
import type { Person } from '../api/types'
import { Note } from '../ui/Note'

type Right = Person['may'][number]

const WHO: Record<Right, string> = {
  read: 'Everybody',
  plan: 'A jointer or an engineer',
  'add-cable': 'A jointer or an engineer',
  'write-sheet': 'An engineer',
  'discard-draft': 'Who wrote it, or an administrator,',
  build: 'A jointer',
  'keep-stores': 'A storekeeper',
  'take-box': 'A jointer, an engineer or a storekeeper',
  'accept-deviation': 'An engineer',
  'write-note': 'Whoever the job is given to',
  'give-job': 'A jointer, an engineer or an administrator',
  'give-every-job': 'An engineer or an administrator',
  'manage-people': 'An administrator',
}

/** Whoever may not is told who may. Nothing for those who may. */
export function WhoMay({ right, deed }: { right: Right; deed: string }) {
  const may = useRole(right)
  return may ? null : (
    <Note>
      {WHO[right]} {deed}.
    </Note>
  )
}
