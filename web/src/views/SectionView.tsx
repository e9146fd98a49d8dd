import type { Cut, Datum, End, Job } from '../api/types'
import { HalfSection } from '../drawing/HalfSection'
import { markText, type DrawnMark } from '../drawing/Tape'
import { useUnit } from '../ui/UnitContext'

type SectionViewProps = {
  job: Job
  datum: Datum
  active: { end: End; cut: Cut } | null
  only?: End | null
  onPick?: (end: End, cut: Cut) => void
}

const CUTS: readonly string[] = ['oversheath', 'metallic-screen', 'insulation-screen', 'insulation']

/** A job's section with its marks, counted from the chosen datum. */
export function SectionView({ job, datum, active, only = null, onPick }: SectionViewProps) {
  const unit = useUnit()
  if (!job.section || !job.markOut) return null
  const isJoint = job.function === 'joint'
  const along = (end: End, mm: number) => (isJoint && end === 'A' ? -mm : mm)
  const axisDatum: Datum = isJoint ? 'joint-centre' : 'cable-end'
  const marks = job.markOut.marks.map((mark): DrawnMark => {
    const from = mark.from[datum] ?? mark.from['cable-end']
    const isActive = active?.end === mark.end && active.cut === mark.cut
    return {
      end: mark.end,
      cut: mark.cut,
      atMm: along(mark.end, mark.from[axisDatum]?.atMm ?? 0),
      text: from ? markText(from.atMm, from.inches.at, unit) : '',
      state: mark.recorded ? mark.recorded.judgement.verdict : isActive ? 'active' : 'planned',
    }
  })
  const pick = onPick && ((end: End, layer: string) => CUTS.includes(layer) && onPick(end, layer as Cut))
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
      caption={`${job.name}: half-section along the axis, marks ${job.markOut.marks.map((mark) => `${mark.cut} ${mark.end}`).join(', ')}`}
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
  const firsts = (job.markOut?.marks ?? []).filter((mark) => mark.cut === 'insulation')
  return firsts.map((mark) => {
    const [place, from] = [mark.from[axisDatum]?.atMm ?? 0, mark.from[datum]?.atMm ?? 0]
    return { end: mark.end, atMm: along(mark.end, datum === 'oversheath-cut' ? place + from : place - from) }
  })
}
