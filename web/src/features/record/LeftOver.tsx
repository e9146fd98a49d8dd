import { useState } from 'react'
import type { Job } from '../../api/types'
import { say } from '../../domain/sentence'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'

type Material = Job['materials'][number]

/** What is over in the box once the connector is on and closed: a piece too many names the step that was left out. */
export function LeftOver({ job }: { job: Job }) {
  const pieces = job.materials.filter(({ missed }) => missed.length > 0)
  if (!job.connectorFitted || pieces.length === 0) return null
  return (
    <details className="no-print">
      <summary className="min-h-11 text-plan underline underline-offset-4">Count what is over in the box</summary>
      <ul className="border-t border-line">
        {pieces.map((one) => (
          <Counted key={one.key} one={one} />
        ))}
      </ul>
    </details>
  )
}

function Counted({ one }: { one: Material }) {
  const unit = useUnit()
  const [over, count] = useState('')
  const missed = one.missed.find((each) => String(each.over) === over.trim())
  const least = one.missed[0]?.over ?? 1
  return (
    <li className="grid gap-2 border-b border-line py-2">
      <label className="flex flex-wrap items-center justify-between gap-4">
        <span>
          {one.name}{' '}
          <span className="text-label text-mute">{least === 1 ? 'none should be over' : `${least - 1} should be over`}</span>
        </span>
        <input
          inputMode="numeric"
          value={over}
          onChange={({ target }) => count(target.value)}
          className="min-h-11 w-20 border-2 border-ink bg-field px-3 text-right"
        />
      </label>
      {missed && <Note tone="out">{say(missed.says, unit)}</Note>}
    </li>
  )
}
