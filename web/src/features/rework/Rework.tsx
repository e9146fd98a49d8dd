import { useEffect, useRef, useState, type ReactNode } from 'react'
import { useQuery } from '@tanstack/react-query'
import { Link, useSearchParams } from 'react-router'
import type { Job, Way } from '../../api/types'
import { readFault, waysQuery, waysStamp, type Fault } from '../../api/ways'
import { serverNow } from '../../engine/clock'
import { sayMark, type Unit } from '../../domain/length'
import { sayMoment } from '../../domain/moment'
import { say } from '../../domain/sentence'
import { useUnit } from '../../ui/UnitContext'
import { bestWay } from '../../views/bestWay'
import { cutName } from '../../views/cuts'
import { PageHeading } from '../../views/PageHeading'
import { useJob } from '../../views/useJob'
import { foundIn, sayFound, type Found } from './fault'
import { TakeWay } from './TakeWay'
import { WayRow } from './WayRow'
import { plannedScreens, scaleOfAll, WaySection } from './WaySection'

/** What can still be done about what is out: the ways by what they use up, and those that are none with the number that rules them out. */
export function Rework() {
  const job = useJob()
  const unit = useUnit()
  const [query] = useSearchParams()
  const fault = readFault(query)
  const found = fault && foundIn(job, fault)
  const top = useRef<HTMLElement>(null)
  useEffect(() => {
    top.current?.scrollIntoView({ block: 'start' })
  }, [])
  if (!fault || !found) {
    return (
      <div className="grid gap-3 p-6">
        <PageHeading name="What can still be done" of={job.name} />
        <p>Nothing is out there any more.</p>
        <Back job={job} />
      </div>
    )
  }
  const { title, reading } = sayFound(found, unit)
  return (
    <div className="grid content-start">
      <header ref={top} className="grid scroll-mt-14 gap-1 border-b border-line px-6 py-2 max-desk:px-4">
        <div className="flex flex-wrap items-center justify-between gap-x-6">
          <PageHeading name={title} of={job.name} />
          <Back job={job} />
        </div>
        <p>{reading} This is what can still be done.</p>
      </header>
      <Ways job={job} fault={fault} found={found} />
    </div>
  )
}

const Back = ({ job }: { job: Job }) => (
  <Link to={`/jobs/${job.id}/build`} className="inline-flex min-h-11 items-center text-plan underline underline-offset-4">
    Back to the build
  </Link>
)

function Ways({ job, fault, found }: { job: Job; fault: Fault; found: Found }) {
  const unit = useUnit()
  const asked = useQuery(waysQuery(job.id, fault, waysStamp(job)))
  const [touched, setTouched] = useState<number | null>(null)
  const [now] = useState(serverNow)
  if (asked.isPending)
    return (
      <p role="status" className="px-6 py-4">
        Working out what can still be done …
      </p>
    )
  if (!asked.data)
    return (
      <p role="alert" className="px-6 py-4">
        {asked.error.message}
      </p>
    )
  const [open, none] = [asked.data.ways.filter((way) => !way.refusal), asked.data.ways.filter((way) => way.refusal)]
  const { lies } = asked.data
  const scale = scaleOfAll([lies, ...open.map((way) => way.lies)].flatMap((one) => (one ? [one] : [])))
  const picked =
    touched ??
    Math.max(
      0,
      open.findIndex((one) => one === bestWay(open)),
    )
  const way = open[picked]
  return (
    <>
      <Heads job={job} />
      {lies && (
        <div className="grid gap-x-4 border-b border-line px-6 py-2 max-desk:px-4 desk:grid-cols-[1.5rem_23rem_minmax(0,1fr)_22.5rem] desk:items-center">
          <span className="max-desk:hidden" />
          <span className="text-label text-out">As it is now</span>
          <WaySection
            lies={lies}
            scale={scale}
            planned={plannedScreens(job)}
            again={outOf(found)}
            isOut
            label="Section as it is now"
          />
        </div>
      )}
      <ol aria-label="What can be done" className="max-desk:flex max-desk:snap-x max-desk:overflow-x-auto">
        {open.map((one, i) => (
          <WayRow
            key={i}
            {...{ job, unit, scale, now }}
            way={one}
            number={i + 1}
            isPicked={i === picked}
            onPick={() => setTouched(i)}
            planned={plannedScreens(job)}
          />
        ))}
      </ol>
      <p className="px-4 py-1 text-label text-mute desk:hidden">{open.length} ways: swipe, and touch the one you take.</p>
      {way && <Taken key={picked} job={job} way={way} number={picked + 1} found={found} unit={unit} />}
      <RuledOut ways={none} unit={unit} />
    </>
  )
}

/** The cut that is out, so that it is pointed at. */
const outOf = (found: Found): Way['again'] =>
  found.is === 'cut' ? [{ end: found.mark.end, cut: found.mark.cut, core: found.mark.core, atMm: 0 }] : []

function Heads({ job }: { job: Job }) {
  const { outageEnds } = job.draft
  return (
    <div className="grid grid-cols-[1.5rem_23rem_minmax(0,1fr)_4.5rem_8rem_2rem_5rem] gap-x-4 border-b border-line px-6 py-1 text-label text-mute max-desk:hidden">
      <span />
      <span>what can be done</span>
      <span>to one scale; dotted, the screens as planned</span>
      <span className="text-right">cable</span>
      <span>parts</span>
      <span className="text-right">min</span>
      <span>{outageEnds ? `done, outage to ${sayMoment(outageEnds)}` : 'all done'}</span>
    </div>
  )
}

/** The way that was picked: what holds by least then, what stays, what is measured again, and how it is taken. */
function Taken({ job, way, number, found, unit }: { job: Job; way: Way; number: number; found: Found; unit: Unit }) {
  return (
    <section
      aria-label="The way you take"
      className="sticky bottom-0 grid border-y-2 border-ink bg-chalk desk:grid-cols-[minmax(0,29rem)_1fr_1fr] max-desk:static"
    >
      <div className="grid content-start gap-2 px-6 py-3 desk:border-r-2 desk:border-ink max-desk:px-4">
        <h2 className="text-lead font-semibold">
          {number} · {say(way.title, unit)}
        </h2>
        {way.thinnest && <p className="border-l-4 border-plan pl-3 text-label">Thinnest then: {say(way.thinnest, unit)}</p>}
        <TakeWay job={job} way={way} found={found} />
      </div>
      <Marks title="Stays measured" marks={way.kept} unit={unit} />
      <Marks title="Must be cut and measured" marks={way.again} unit={unit}>
        {way.anew.length > 0 && (
          <details>
            <summary className="min-h-11 text-plan underline underline-offset-4">
              {way.anew.length === 1 ? 'One step is done again' : `${way.anew.length} steps are done again`}
            </summary>
            <ul aria-label="Steps that are done again" className="text-label">
              {way.anew.map((one, i) => (
                <li key={i} className="border-b border-line py-0.5">
                  {say(one, unit)}
                </li>
              ))}
            </ul>
          </details>
        )}
      </Marks>
    </section>
  )
}

type MarksProps = { title: string; marks: Way['kept']; unit: Unit; children?: ReactNode }

function Marks({ title, marks, unit, children }: MarksProps) {
  return (
    <div className="grid content-start px-6 py-3 max-desk:px-4 desk:not-last:border-r desk:border-line">
      <h3 className="font-semibold">{title}</h3>
      {marks.length === 0 && <p className="text-label text-mute">No cut</p>}
      <ul className="max-h-44 overflow-y-auto">
        {marks.map((one) => (
          <li key={`${one.end}${one.cut}${one.core ?? ''}`} className="flex justify-between border-b border-line py-0.5">
            <span>
              {cutName(one.cut, unit)} {one.end}
              {one.core === null ? '' : `, core ${one.core}`}
            </span>
            <span className="font-semibold">{sayMark(one.atMm, unit)}</span>
          </li>
        ))}
      </ul>
      {children}
    </div>
  )
}

function RuledOut({ ways, unit }: { ways: Way[]; unit: Unit }) {
  if (ways.length === 0) return null
  return (
    <section className="px-6 py-3 max-desk:px-4">
      <h2 className="text-label text-mute">Cannot be done here, and why</h2>
      <ul aria-label="What cannot be done">
        {ways.map((way, i) => (
          <li key={i} className="grid gap-x-4 border-b border-line py-1.5 desk:grid-cols-[20rem_1fr]">
            <s className="text-mute">{say(way.title, unit)}</s>
            <span className="text-out">{way.refusal && say(way.refusal, unit)}</span>
          </li>
        ))}
      </ul>
    </section>
  )
}
