import type { Job, Mark, Stage, StageCheck } from '../../api/types'
import { inMm, type Unit } from '../../domain/length'
import { Button } from '../../ui/Button'
import { useUnit } from '../../ui/UnitContext'
import { placeName, type PickedMark } from '../../views/cuts'
import { setTypedLength } from '../../views/useTypedLength'
import { checkField, cutField } from './typedIn'

type Window = { minMm: number | null; maxMm: number | null }

const lies = (mm: number, { minMm, maxMm }: Window): boolean => (minMm === null || mm >= minMm) && (maxMm === null || mm <= maxMm)

/** A reading that is out here and would be inside at another place where the same is asked: the long end measured for the short one. */
function fitsElsewhere<T extends Window>(text: string, unit: Unit, here: Window, others: T[]): T | undefined {
  const mm = inMm(text, unit)
  return Number.isNaN(mm) || lies(mm, here) ? undefined : others.find((other) => lies(mm, other))
}

/** Offers the same cut of another end or core, where what is typed lies inside its window. */
export function OtherCut({
  job,
  mark,
  text,
  onPick,
}: {
  job: Job
  mark: Mark
  text: string
  onPick: (mark: PickedMark) => void
}) {
  const unit = useUnit()
  const windowOf = (one: Mark) => ({
    mark: one,
    minMm: one.from['cable-end']?.minMm ?? null,
    maxMm: one.from['cable-end']?.maxMm ?? null,
  })
  const others = (job.markOut?.marks ?? []).filter((one) => one.cut === mark.cut && one !== mark && one.recorded === null)
  const other = fitsElsewhere(text, unit, windowOf(mark), others.map(windowOf))?.mark
  if (!other) return null
  const take = () => {
    setTypedLength(cutField(job.id, other), text, unit)
    setTypedLength(cutField(job.id, mark), '', unit)
    onPick(other)
  }
  return (
    <Button kind="link" className="min-h-6" onClick={take}>
      Of {placeName(other)}?
    </Button>
  )
}

/** The same of a check. */
export function OtherCheck({ job, stage, check, text }: { job: Job; stage: Stage; check: StageCheck; text: string }) {
  const unit = useUnit()
  const others = stage.checks.filter((one) => one.key === check.key && one !== check && one.answer === null)
  const other = check.kind === 'length' ? fitsElsewhere(text, unit, check, others) : undefined
  if (!other) return null
  const fieldOf = (one: StageCheck) => checkField(job.id, { ...one, stage: stage.key, check: one.key })
  const take = () => {
    setTypedLength(fieldOf(other), text, unit)
    setTypedLength(fieldOf(check), '', unit)
  }
  return (
    <Button kind="link" className="min-h-6" onClick={take}>
      Of {placeName(other)}? Keep it there
    </Button>
  )
}
