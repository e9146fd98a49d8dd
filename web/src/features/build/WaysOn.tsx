import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { useUnjudged, useWrite } from '../../api/outbox'
import { useMay } from '../../api/session'
import type { Job, Mark, Way } from '../../api/types'
import { waysQuery } from '../../api/ways'
import { sayFine, sayMark, sayTyped, type Unit, inUnit } from '../../domain/length'
import { say } from '../../domain/sentence'
import { useUnit } from '../../ui/UnitContext'
import { cutName, markName, sayRecorded } from '../../views/cuts'
import { LengthEntry } from '../../views/LengthEntry'
import { useInstrument } from './useInstrument'

/** What can still be done about a cut that is out: by what each way uses up, and last what is none, with the number that rules it out. */
export function WaysOn({ job, mark }: { job: Job; mark: Mark }) {
  const unit = useUnit()
  const found = useQuery(waysQuery(job.id, mark, `${job.stamp}/${job.log.length}`))
  if (found.isPending) return <p role="status">Working out what can still be done …</p>
  if (!found.data) return null
  const [open, out] = [found.data.ways.filter((way) => !way.refusal), found.data.ways.filter((way) => way.refusal)]
  return (
    <section aria-label="What can still be done" className="grid gap-2">
      <h3 className="text-lead font-semibold">What can still be done</h3>
      <ol className="border-t border-line">
        {open.map((way, i) => (
          <li key={way.kind} className="grid grid-cols-[1.5rem_1fr] gap-x-2 border-b border-line py-2">
            <span className="font-semibold">{i + 1}</span>
            <Open job={job} mark={mark} way={way} unit={unit} />
          </li>
        ))}
      </ol>
      {out.length > 0 && (
        <ul aria-label="What cannot be done" className="grid gap-1 text-label">
          {out.map((way) => (
            <li key={way.kind}>
              <s className="text-mute">{say(way.title, unit)}</s>{' '}
              <span className="text-out">{way.refusal && say(way.refusal, unit)}</span>
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}

type WayProps = { job: Job; mark: Mark; way: Way; unit: Unit }

function Open({ job, mark, way, unit }: WayProps) {
  return (
    <div className="grid gap-1">
      <p className="font-semibold">{say(way.title, unit)}</p>
      <p>{say(way.does, unit)}</p>
      <Cost way={way} unit={unit} />
      {way.thinnest && <p className="text-label text-mute">Thinnest then: {say(way.thinnest, unit)}</p>}
      {way.sawing && <SawnOff job={job} mark={mark} sawing={way.sawing} unit={unit} />}
      {way.connector && (
        <Link to={`/jobs/${job.id}/connector`} className="min-h-11 text-plan underline underline-offset-4">
          Choose it under Connector
        </Link>
      )}
    </div>
  )
}

function Cost({ way, unit }: { way: Way; unit: Unit }) {
  const parts = [
    ...(way.cableMm > 0 ? [`${sayFine(way.cableMm, unit)} of cable`] : []),
    ...(way.connector ? ['a connector'] : []),
  ]
  return parts.length > 0 && <p className="text-label">Costs {parts.join(' and ')}.</p>
}

type SawnOffProps = { job: Job; mark: Mark; sawing: NonNullable<Way['sawing']>; unit: Unit }

/** What was sawn off is measured: the piece tells. */
function SawnOff({ job, mark, sawing, unit }: SawnOffProps) {
  const write = useWrite(job.id)
  const mayBuild = useMay('build')
  const [instrument] = useInstrument()
  const isOnItsWay = useUnjudged(job.id).some((one) => one.refused === null && one.event.kind === 'cut-back')
  const recorded = mark.recorded
  return (
    <>
      <Marks title="Cut again" marks={sawing.again} unit={unit} />
      <Marks title="Stays" marks={sawing.kept} unit={unit} />
      {mayBuild && recorded && !isOnItsWay && (
        <LengthEntry
          name={`${job.id}.${mark.end}.sawn-off`}
          label={`Sawn off end ${mark.end}, ${inUnit(unit)}`}
          action="It is sawn off"
          instrument={instrument}
          onAdd={(by) =>
            write(
              {
                kind: 'cut-back',
                end: mark.end,
                by,
                reason: `${markName(mark, unit)} cut at ${sayRecorded(recorded, unit)}, too far`,
              },
              `End ${mark.end} cut back by ${sayTyped(by)}`,
            )
          }
        />
      )}
    </>
  )
}

function Marks({ title, marks, unit }: { title: string; marks: NonNullable<Way['sawing']>['again']; unit: Unit }) {
  if (marks.length === 0) return null
  const said = marks.map(
    (one) => `${cutName(one.cut, unit)}${one.core === null ? '' : `, core ${one.core}`} ${sayMark(one.atMm, unit)}`,
  )
  return (
    <p className="text-label">
      <span className="font-semibold">{title}:</span> {said.join(' · ')}
    </p>
  )
}
