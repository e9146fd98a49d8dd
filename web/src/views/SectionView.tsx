import { useMemo } from 'react'
import type { Datum, End, Job, Mark } from '../api/types'
import { formatInchFraction, formatMm, type Unit } from '../domain/length'
import { HalfSection } from '../drawing/HalfSection'
import { openedOn } from '../drawing/section/opened'
import type { DrawnMark } from '../drawing/Tape'
import { useUnit } from '../ui/UnitContext'
import { datumName, isSameMark, markName, shownMark, type PickedMark } from './cuts'

type SectionViewProps = {
  job: Job
  datum: Datum
  active: PickedMark | null
  only?: End | null
  onPick?: (mark: PickedMark) => void
  /** How high it may be, in pixels; null: as high as it is. */
  room?: number | null
}

/** A job's section with its marks, counted from the chosen datum. Where they lie on the axis, the core says. */
export function SectionView({ job, datum, active, only = null, onPick, room = null }: SectionViewProps) {
  const unit = useUnit()
  const section = useMemo(() => job.section && openedOn(job.section, job.section.atWork), [job.section])
  if (!section || !job.markOut) return null
  const cuts = section.cuts.flatMap((cut) => {
    const mark = job.markOut?.marks.find((one) => isSameMark(cut, one))
    return mark ? [{ cut, mark }] : []
  })
  const from = origins(job, section, datum)
  const marks = cuts.map(({ cut, mark }): DrawnMark => ({
    end: mark.end,
    cut: mark.cut,
    atMm: cut.axisMm,
    text: numberAt(job, { cut, mark }, datum, unit),
    state: mark.recorded ? mark.recorded.judgement.verdict : isSameMark(active, mark) ? 'active' : 'planned',
  }))
  const pick =
    onPick &&
    ((end: End, layer: string) => {
      const found = cuts.find(({ mark }) => mark.end === end && mark.cut === layer)
      if (found) onPick(found.mark)
    })
  return (
    <HalfSection
      section={section}
      marks={marks}
      origins={from}
      unit={unit}
      only={only}
      room={room}
      lugHoleMm={only === null ? lugHole(job) : null}
      shortLaps={section.rules.flatMap(({ item, end, of, proof, binding }) =>
        binding && proof === 'fails' && of ? [{ part: item, end, of }] : [],
      )}
      caption={caption(job, cuts, datum, unit)}
      {...(pick ? { onPick: pick } : {})}
    />
  )
}

type Section = NonNullable<Job['section']>
type Drawn = { cut: Section['cuts'][number]; mark: Mark }
type Origin = { end: End; atMm: number }

/** What is set while it is planned; where it really is once it was measured. */
function numberAt(job: Job, drawn: Drawn, datum: Datum, unit: Unit): string {
  if (!drawn.mark.recorded) return shownMark(drawn.mark, datum, unit).at
  const mm = Math.abs(drawn.cut.axisMm - originOf(job, drawn, datum))
  return unit === 'in' ? formatInchFraction(mm) : formatMm(mm)
}

/** "… marks from the cable end: oversheath A 248 mm, …": the numbers that the drawing shows. */
function caption(job: Job, cuts: Drawn[], datum: Datum, unit: Unit): string {
  const said = cuts.map((one) => `${markName(one.mark, unit)}, end ${one.mark.end} ${numberAt(job, one, datum, unit)} ${unit}`)
  return `${job.name}: half-section along the axis; marks from the ${datumName(datum, unit)}: ${said.join('; ')}`
}

function lugHole(job: Job): number | null {
  const depth = job.connector?.barrels[0]?.depthMm
  return job.function === 'joint' || job.connector?.holeToMouthMm == null || depth === undefined
    ? null
    : depth - job.connector.holeToMouthMm
}

/**
 * Where the datum lies along the axis, by a cut: its place there, less its distance from the datum, on its end's side. On a core that is
 * shorter it lies nearer than on the others, and than what goes round all of them is drawn.
 */
function originOf(job: Job, { cut, mark }: Drawn, datum: Datum): number {
  const outwards = job.function === 'joint' && cut.end === 'A' ? -1 : 1
  const endMm = cut.axisMm - outwards * cut.fromEndMm
  const [fromEnd, fromDatum] = [mark.from['cable-end']?.atMm ?? 0, mark.from[datum]?.atMm ?? 0]
  return endMm + outwards * (datum === 'oversheath-cut' ? fromEnd + fromDatum : fromEnd - fromDatum)
}

/** From where the tape counts on each end. */
function origins(job: Job, section: Section, datum: Datum): Origin[] {
  return section.cuts.flatMap((cut) => {
    const mark = cut.cut === 'insulation' ? job.markOut?.marks.find((one) => isSameMark(cut, one)) : undefined
    return mark ? [{ end: cut.end, atMm: originOf(job, { cut, mark }, datum) }] : []
  })
}
