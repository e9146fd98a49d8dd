import { useState } from 'react'
import { Link } from 'react-router'
import type { Datum, Job, Mark } from '../../api/types'
import { say } from '../../domain/sentence'
import { Note } from '../../ui/Note'
import { Toggle } from '../../ui/Toggle'
import { useUnit } from '../../ui/UnitContext'
import { coresName, datumName, isInRow, isSameMark, markedOut, marksOf, type PickedMark } from '../../views/cuts'
import { Margins } from '../../views/Margins'
import { MarkTables } from '../../views/MarkTables'
import { Materials } from '../../views/Materials'
import { OtherMarks } from '../../views/OtherMarks'
import { NotPlanned } from '../../views/NotPlanned'
import { SectionView } from '../../views/SectionView'
import { Target } from '../../views/Target'
import { useJob } from '../../views/useJob'
import { Parking } from './Parking'

export function MarkOut() {
  const job = useJob()
  const unit = useUnit()
  const [datum, setDatum] = useState<Datum>('cable-end')
  const [picked, setPicked] = useState<PickedMark | null>(null)
  if (!job.markOut) return <NotPlanned job={job} />
  const mark = job.markOut.marks.find((one) => isSameMark(picked, one)) ?? job.markOut.marks[0] ?? null
  const obstacles = job.obstacles.filter((one) => one.step !== 'safety')
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] content-start">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2 px-4 pt-3 desk:px-6">
        <title>{`Mark out · ${job.name} · Berm`}</title>
        <h1 className="sr-only">Mark out</h1>
        <nav aria-label="Mark out" className="flex border-2 border-ink">
          <span aria-current="page" className="inline-flex min-h-11 items-center bg-ink px-4 font-semibold text-chalk">
            Marks
          </span>
          <Link to={`/jobs/${job.id}/section`} className="inline-flex min-h-11 items-center px-4 hover:bg-soft">
            Section
          </Link>
          <Link to={`/jobs/${job.id}/paper`} className="inline-flex min-h-11 items-center px-4 hover:bg-soft">
            On paper
          </Link>
        </nav>
        <span className="text-label text-mute">Measured from the</span>
        <Toggle
          label="Measured from"
          value={datum}
          onChange={setDatum}
          options={job.markOut.datums.map((value) => ({ value, label: datumName(value, unit) }))}
        />
        <span className="text-label text-mute max-desk:hidden">to scale along the axis; thin layers drawn thicker</span>
      </div>
      <div className="max-desk:hidden">
        <SectionView job={job} datum={datum} active={mark} onPick={setPicked} />
      </div>
      <div className="desk:hidden">
        <SectionView job={job} datum={datum} active={mark} only={mark?.end ?? 'A'} onPick={setPicked} />
      </div>
      <div className="grid grid-cols-[minmax(0,1fr)] border-t border-line desk:grid-cols-[25.5rem_minmax(0,1fr)]">
        <section aria-label="The chosen mark" className="grid content-start gap-4 p-4 desk:border-r-2 desk:border-ink desk:p-6">
          {mark && <Hero job={job} mark={mark} datum={datum} />}
          <Parking job={job} />
        </section>
        <section aria-label="Marks" className="grid grid-cols-[minmax(0,1fr)] content-start gap-6 p-4 desk:p-6">
          <Obstacles job={job} reasons={obstacles.map(({ reason }) => say(reason, unit))} />
          <MarkTables job={job} datum={datum} active={mark} onPick={setPicked} show="tools" />
          <OtherMarks job={job} datum={datum} />
          <Margins job={job} />
          <Materials job={job} />
        </section>
      </div>
    </div>
  )
}

/** One mark with its number, window, tool, reason and working. */
function Hero({ job, mark, datum }: { job: Job; mark: Mark; datum: Datum }) {
  const unit = useUnit()
  const marks = marksOf(job, mark.end)
  const row = markedOut(marks, datum, unit).find((one) => isInRow(mark, one))
  return (
    <div className="grid gap-2">
      <Target mark={mark} datum={datum} cores={row ? coresName(row, marks) : ''} />
      <Note>
        <p>{mark.reason}</p>
        <details className="text-label">
          <summary className="min-h-6 text-plan underline underline-offset-4">Show the working</summary>
          <p className="py-1">from the cable end: {say(mark.working, unit)}</p>
          <p className="text-mute">Source: the kit sheet. All marks are counted from one datum, so that errors do not add up.</p>
        </details>
      </Note>
    </div>
  )
}

function Obstacles({ job, reasons }: { job: Job; reasons: string[] }) {
  const unit = useUnit()
  if (reasons.length > 0)
    return (
      <div className="grid gap-2">
        {reasons.map((reason) => (
          <Note key={reason} tone="out">
            {reason}
          </Note>
        ))}
      </div>
    )
  return (
    <p className="flex flex-wrap items-center justify-between gap-4">
      <span>Cut from the outside in, each end in this order.</span>
      <Link
        to={`/jobs/${job.id}/${job.next.step}`}
        className="inline-flex min-h-12 items-center bg-ink px-5 font-semibold text-chalk hover:bg-plan"
      >
        {say(job.next.title, unit)} →
      </Link>
    </p>
  )
}
