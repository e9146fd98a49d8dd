import type { Job } from '../../api/types'
import { classes } from '../../ui/classes'
import { useUnit } from '../../ui/UnitContext'
import { isSameMark, markName, marksOf, type PickedMark } from '../../views/cuts'

const BARS = { inside: 'bg-inside', 'not-proved': 'bg-unproved', out: 'bg-out' } as const

/** A1 to B4: the cuts as chips, for the phone. */
export function CutChips({ job, active, onPick }: { job: Job; active: PickedMark | null; onPick: (mark: PickedMark) => void }) {
  const unit = useUnit()
  return (
    <ol className="flex relative overflow-x-auto border-b border-line" aria-label="Cuts by end and order">
      {job.ends.flatMap((cable) =>
        marksOf(job, cable.end).map((mark) => {
          const isActive = isSameMark(active, mark)
          return (
            <li key={mark.end + markName(mark, unit)} className="min-w-12 flex-1 border-r border-line">
              <button
                type="button"
                className={classes(
                  'grid min-h-12 w-full content-center justify-items-center gap-1',
                  isActive && 'bg-ink text-chalk',
                )}
                aria-current={isActive || undefined}
                onClick={() => onPick(mark)}
              >
                {mark.end}
                {mark.order}
                {mark.core !== null && <span className="text-label">.{mark.core}</span>}
                <span
                  className={classes(
                    'h-1.5 w-5',
                    mark.recorded ? BARS[mark.recorded.judgement.verdict] : 'border border-current opacity-60',
                  )}
                />
              </button>
            </li>
          )
        }),
      )}
    </ol>
  )
}
