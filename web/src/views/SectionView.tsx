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
    text: numberAt({ cut, mark }, from, datum, unit),
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
      caption={caption(job, cuts, from, datum, unit)}
      {...(pick ? { onPick: pick } : {})}
    />
  )
}

type Section = NonNullable<Job['section']>
type Drawn = { cut: { axisMm: number; end: End }; mark: Mark }
type Origin = { end: End; atMm: number }

/** What is set while it is planned; where it really is once it was measured. */
function numberAt({ cut, mark }: Drawn, origins: Origin[], datum: Datum, unit: Unit): string {
  const origin = origins.find(({ end }) => end === cut.end)
  if (!mark.recorded || !origin) return shownMark(mark, datum, unit).at
  const mm = Math.abs(cut.axisMm - origin.atMm)
  return unit === 'in' ? formatInchFraction(mm) : formatMm(mm)
}

/** "… marks from the cable end: oversheath A 248 mm, …": the numbers that the drawing shows. */
function caption(job: Job, cuts: Drawn[], origins: Origin[], datum: Datum, unit: Unit): string {
  const said = cuts.map(
    (one) => `${markName(one.mark, unit)}, end ${one.mark.end} ${numberAt(one, origins, datum, unit)} ${unit}`,
  )
  return `${job.name}: half-section along the axis; marks from the ${datumName(datum, unit)}: ${said.join('; ')}`
}

function lugHole(job: Job): number | null {
  const depth = job.connector?.barrels[0]?.depthMm
  return job.function === 'joint' || job.connector?.holeToMouthMm == null || depth === undefined
    ? null
    : depth - job.connector.holeToMouthMm
}

/** Where the datum of each end lies along the axis: a cut's place there, less its distance from the datum, on that end's side. */
function origins(job: Job, section: Section, datum: Datum): Origin[] {
  return section.cuts.flatMap((cut) => {
    const mark = cut.cut === 'insulation' ? job.markOut?.marks.find((one) => isSameMark(cut, one)) : undefined
    if (!mark) return []
    const outwards = job.function === 'joint' && cut.end === 'A' ? -1 : 1
    const endMm = cut.axisMm - outwards * cut.fromEndMm
    const [fromEnd, fromDatum] = [mark.from['cable-end']?.atMm ?? 0, mark.from[datum]?.atMm ?? 0]
    return [{ end: cut.end, atMm: endMm + outwards * (datum === 'oversheath-cut' ? fromEnd + fromDatum : fromEnd - fromDatum) }]
  })
}
