import type { Datum, End, Job } from '../api/types'
import { HalfSection } from '../drawing/HalfSection'
import { markText, type DrawnMark } from '../drawing/Tape'
import { useUnit } from '../ui/UnitContext'
import { isSameMark, type PickedMark } from './cuts'

type SectionViewProps = {
  job: Job
  datum: Datum
  active: PickedMark | null
  only?: End | null
  onPick?: (mark: PickedMark) => void
}

/** A job's section with its marks, counted from the chosen datum. */
export function SectionView({ job, datum, active, only = null, onPick }: SectionViewProps) {
  const unit = useUnit()
  if (!job.section || !job.markOut) return null
  const isJoint = job.function === 'joint'
  const along = (end: End, mm: number) => (isJoint && end === 'A' ? -mm : mm)
  const axisDatum: Datum = isJoint ? 'joint-centre' : 'cable-end'
  const core = active?.core ?? job.next.core ?? 1
  const onCore = job.markOut.marks.filter((mark) => mark.core === null || mark.core === core)
  const marks = onCore.map((mark): DrawnMark => {
    const from = mark.from[datum] ?? mark.from['cable-end']
    const isActive = isSameMark(active, mark)
    return {
      end: mark.end,
      cut: mark.cut,
      atMm: along(mark.end, mark.from[axisDatum]?.atMm ?? 0),
      text: from ? markText(from.atMm, from.inches.at, unit) : '',
      state: mark.recorded ? mark.recorded.judgement.verdict : isActive ? 'active' : 'planned',
    }
  })
  const pick =
    onPick &&
    ((end: End, layer: string) => {
      const mark = onCore.find((one) => one.end === end && one.cut === layer)
      if (mark) onPick(mark)
    })
  return (
    <HalfSection
      section={job.section}
      marks={marks}
      origins={origins(job, datum, axisDatum, along)}
      unit={unit}
      only={only}
      lugHoleMm={
        isJoint || only !== null || job.connector?.holeToMouthMm == null
          ? null
          : job.connector.boreDepthMm - job.connector.holeToMouthMm
      }
      shortLaps={job.section.laps.filter((lap) => lap.judgement.verdict === 'out')}
      caption={`${job.name}: half-section along the axis, marks ${onCore.map((mark) => `${mark.cut} ${mark.end}`).join(', ')}`}
      {...(pick ? { onPick: pick } : {})}
    />
  )
}

/** Where the datum of each end lies along the axis: a mark's place there, less (or plus) its distance from the datum. */
function origins(
  job: Job,
  datum: Datum,
  axisDatum: Datum,
  along: (end: End, mm: number) => number,
): { end: End; atMm: number }[] {
  const firsts = (job.markOut?.marks ?? []).filter((mark) => mark.cut === 'insulation' && (mark.core ?? 1) === 1)
  return firsts.map((mark) => {
    const [place, from] = [mark.from[axisDatum]?.atMm ?? 0, mark.from[datum]?.atMm ?? 0]
    return { end: mark.end, atMm: along(mark.end, datum === 'oversheath-cut' ? place + from : place - from) }
  })
}
