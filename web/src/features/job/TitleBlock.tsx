import type { ReactNode } from 'react'
import { useWaiting } from '../../api/outbox'
import { useUnsaved } from '../../api/plan'
import type { Job } from '../../api/types'
import { useUnit } from '../../ui/UnitContext'
import { word } from '../../domain/words'

/** Which job, cables, kit and permit this is, and whether all is saved. It never leaves the screen. */
export function TitleBlock({ job }: { job: Job }) {
  const unit = useUnit()
  const waiting = useWaiting(job.id).length
  const cable = (end: 'A' | 'B') => job.ends.find((one) => one.end === end)?.cable
  return (
    <footer className="grid grid-cols-2 border-t-2 border-ink text-label max-desk:hidden desk:grid-flow-col desk:grid-cols-none print:hidden">
      <Cell label={word(job.function, unit)}>{job.name}</Cell>
      <Cell label={job.function === 'joint' ? 'cable A' : 'cable'}>{cable('A')?.designation ?? 'not chosen'}</Cell>
      {job.function === 'joint' && <Cell label="cable B">{cable('B')?.designation ?? 'not chosen'}</Cell>}
      <Cell label="kit">{job.kit ? `${job.kit.name}, size ${job.kit.size} · revision ${job.kit.revision}` : 'not chosen'}</Cell>
      <Cell label="permit">{job.safety ? `${job.safety.permit}, confirmed` : 'not confirmed'}</Cell>
      <Cell label="saved">
        <SavedState waiting={waiting} job={job} />
      </Cell>
    </footer>
  )
}

export function SavedState({ waiting, job }: { waiting: number; job: Job }) {
  const unsaved = useUnsaved(job.id)
  if (waiting > 0 || unsaved)
    return (
      <span role="status" className="font-semibold text-unproved">
        not saved yet
      </span>
    )
  const at = new Date(job.changedAt).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })
  return <span role="status">{at}, all sent</span>
}

function Cell({ label, children }: { label: string; children: ReactNode }) {
  return (
    <div className="min-w-0 border-r border-line px-4 py-1.5 last:border-r-0">
      <p className="text-mute">{label}</p>
      <div className="truncate">{children}</div>
    </div>
  )
}
