import type { ReactNode } from 'react'
import type { Job } from '../../api/types'
import { useUnit } from '../../ui/UnitContext'
import { accessory } from '../../domain/words'
import { classes } from '../../ui/classes'
import { GivenTo } from './Crew'
import { SavedState } from '../../views/SavedState'

/** Which job, cables, kit and permit this is, and whether all is saved. It never leaves the screen. */
export function TitleBlock({ job }: { job: Job }) {
  const unit = useUnit()
  const cable = (end: 'A' | 'B') => job.ends.find((one) => one.end === end)?.cable
  return (
    <footer className="grid grid-cols-2 border-t-2 border-ink text-label max-desk:hidden desk:grid-flow-col desk:grid-cols-none print:hidden">
      <Cell label={accessory(job.function, unit)}>{job.name}</Cell>
      <Cell label={job.function === 'joint' ? 'cable A' : 'cable'}>{cable('A')?.designation ?? 'not chosen'}</Cell>
      {job.function === 'joint' && <Cell label="cable B">{cable('B')?.designation ?? 'not chosen'}</Cell>}
      <Cell label="kit">{job.kit ? `${job.kit.name}, size ${job.kit.size} · revision ${job.kit.revision}` : 'not chosen'}</Cell>
      <Cell label="permit">{job.safety ? `${job.safety.permit}, confirmed` : 'not confirmed'}</Cell>
      <Cell label="given to">
        <span className="flex items-baseline gap-2">
          <GivenTo job={job.id} />
        </span>
      </Cell>
      <Cell label="saved" isWhole>
        <SavedState job={job} />
      </Cell>
    </footer>
  )
}

/** @param isWhole never cut short */
function Cell({ label, isWhole = false, children }: { label: string; isWhole?: boolean; children: ReactNode }) {
  return (
    <div className={classes('border-r border-line px-4 py-1.5 last:border-r-0', isWhole ? 'min-w-max' : 'min-w-0')}>
      <p className="text-mute">{label}</p>
      <div className="truncate">{children}</div>
    </div>
  )
}
