import { useChangePlan, useDraft } from '../../api/plan'
import type { End, Job } from '../../api/types'
import { inUnit, sayMark, sayTyped } from '../../domain/length'
import { word } from '../../domain/words'
import { useUnit } from '../../ui/UnitContext'
import { LengthEntry } from '../../views/LengthEntry'
import { endOf, withFreeLength } from './edit'

/** The straight, clean cable past the oversheath cut: where parts wait before the connector. */
export function FreeLength({ job, end, mayPlan }: { job: Job; end: End; mayPlan: boolean }) {
  const unit = useUnit()
  const change = useChangePlan(job)
  const stored = endOf(useDraft(job), end).freeLength
  const needed = job.parking?.find((side) => side.end === end)?.neededMm
  return (
    <section
      aria-label="Free length for parking"
      className="grid items-start gap-3 border-t-2 border-ink pt-3 desk:grid-cols-[1fr_auto]"
    >
      <div>
        <p className="font-semibold">Free length for parking</p>
        <p className="text-label text-mute">
          Straight, clean cable past the {word('oversheath', unit)} cut.
          {needed !== undefined && needed > 0 && ` The parts that wait here need ${sayMark(needed, unit)} nose to tail.`}
        </p>
        <p className="text-lead font-semibold">{stored ? sayTyped(stored) : 'not measured'}</p>
      </div>
      {mayPlan && (
        <LengthEntry
          name={`${job.id}.${end}.free-length`}
          label={`By tape, end ${end}, ${inUnit(unit)}`}
          action={stored ? 'Replace length' : 'Add length'}
          instrument="tape"
          onAdd={(reading) => change((draft) => withFreeLength(draft, end, reading))}
        />
      )}
    </section>
  )
}
