import { useUnjudged } from '../../api/outbox'
import { useMay } from '../../api/session'
import type { Job } from '../../api/types'
import { sayMark } from '../../domain/length'
import { Button } from '../../ui/Button'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'
import { WhoMay } from '../../views/WhoMay'
import { isSent, leftToPark, parkEntry, sidesNow } from './parking'
import { useTouch } from './useWriteDone'

/** Everything that cannot be put on later, in the order of threading: tick each as it goes on. */
export function ParkPanel({ job }: { job: Job }) {
  const unit = useUnit()
  const touched = useTouch(job.id)
  const mayBuild = useMay('build')
  const waiting = useUnjudged(job.id)
  const sides = sidesNow(job)
  const left = leftToPark(job, waiting)
  return (
    <div className="grid gap-3 max-desk:p-4">
      <h2 className="text-lead font-semibold">Park now</h2>
      <p>
        Clean the stretch first. What is not on the cable before the {job.function === 'joint' ? 'connector' : 'lug'} cannot be
        put on later.
      </p>
      <WhoMay right="build" deed="ticks them off" />
      {sides.map((side) => (
        <fieldset key={side.end + String(side.onCores)} className={side.parts.length === 0 ? 'hidden' : 'border-t-2 border-ink'}>
          <legend className="pr-3 font-semibold">
            End {side.end}
            {side.onCores && ', on each core'}
          </legend>
          {side.parts.map((part) => (
            <label key={part.key} className="flex min-h-14 items-center gap-4 border-b border-line">
              <input
                type="checkbox"
                className="size-7 shrink-0 accent-ink"
                checked={part.parkedOn !== null || isSent(part.key, waiting)}
                disabled={!mayBuild || part.parkedOn !== null || isSent(part.key, waiting)}
                onChange={() => touched([parkEntry(side.end, part)])}
              />
              <span className="flex flex-1 justify-between gap-3">
                <span>{part.name}</span>
                <span className="text-mute">{sayMark(part.lengthMm, unit)}</span>
              </span>
            </label>
          ))}
        </fieldset>
      ))}
      {mayBuild && left.length > 1 && (
        <Button kind="primary" onClick={() => touched(left.map(({ end, part }) => parkEntry(end, part)))}>
          All {left.length} are on
        </Button>
      )}
      <Note>Ticked by mistake? Withdraw the entry in the record: it stays in the log and no longer counts.</Note>
    </div>
  )
}
