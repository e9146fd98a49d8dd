import { useSyncExternalStore } from 'react'
import { onUpdate, takeUpdate, updateNow } from '../engine/shell'
import { Button } from '../ui/Button'
import { Note } from '../ui/Note'

const SAID = {
  waits: [
    'A newer version of Berm is here.',
    'Take it when you are between two steps. What was typed and what waits to be sent stays.',
  ],
  taken: ['Berm was renewed in another window.', 'Open this page again when you are between two steps.'],
} as const

/** Offered, and never taken by itself. */
export function NewVersion() {
  const update = useSyncExternalStore(onUpdate, updateNow)
  if (update === 'none') return null
  const [title, more] = SAID[update]
  return (
    <aside
      aria-label="Newer version"
      className="no-print flex flex-wrap items-center gap-x-6 gap-y-1 border-b border-line px-4 py-2 desk:px-6"
    >
      <Note role="status" title={title}>
        {more}
      </Note>
      <Button onClick={() => void takeUpdate()}>{update === 'waits' ? 'Take it now' : 'Open it again'}</Button>
    </aside>
  )
}
