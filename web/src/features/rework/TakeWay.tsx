import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { useUnjudged, useWrite } from '../../api/outbox'
import { useChangePlan } from '../../api/plan'
import { useMay } from '../../api/session'
import type { End, Job, LogEvent, Reading, Way } from '../../api/types'
import { inUnit, sayFine, sayTyped } from '../../domain/length'
import { say } from '../../domain/sentence'
import { Button } from '../../ui/Button'
import { useUnit } from '../../ui/UnitContext'
import { onCore } from '../../views/cuts'
import { CallForIt } from '../../views/Calls'
import { LengthEntry } from '../../views/LengthEntry'
import { LetStand } from '../../views/LetStand'
import { WhoMay } from '../../views/WhoMay'
import { useInstrument } from '../../views/useInstrument'
import { reasonOf, sayFound, type Found } from './fault'
import { SecondJoint } from './PutIn'

type TakeProps = { job: Job; way: Way; found: Found }

/** How a way is taken: what is written down by it, what is measured first, who is asked, or where it goes on. */
export function TakeWay({ job, way, found }: TakeProps) {
  const unit = useUnit()
  const mayBuild = useMay('build')
  if (way.writes?.kind === 'core-cut-back')
    return <OneCore job={job} found={found} event={way.writes} title={say(way.title, unit)} />
  if (way.kind === 'let-stand' || way.kind === 'fill' || way.writes?.kind === 'other-side-takes')
    return <Standing job={job} found={found} taken={way.writes?.kind === 'other-side-takes' ? way.writes : null} />
  if (way.kind === 'put-in')
    return (
      <>
        <CallForIt job={job} what={`${sayFound(found, unit).title}. ${say(way.title, unit)}.`} />
        <SecondJoint job={job} />
      </>
    )
  if (way.connector ?? way.kit) return <Replan job={job} way={way} />
  if (!mayBuild) return <WhoMay right="build" deed="takes this way" />
  if (way.sawing) return <Sawn key={way.kind} job={job} sawing={way.sawing} found={found} />
  if (way.writes) return <Written job={job} event={way.writes} title={say(way.title, unit)} />
  return (
    <Link to={`/jobs/${job.id}/build`} className="inline-flex min-h-12 items-center bg-ink px-5 font-semibold text-chalk">
      {way.kind === 'make-safe' ? 'Back to the build: leave it safe there' : 'Back to the build, and measure or look again'}
    </Link>
  )
}

function useDone(job: Job) {
  const write = useWrite(job.id)
  const navigate = useNavigate()
  return (event: LogEvent, said: string) => {
    write(event, said)
    void navigate(`/jobs/${job.id}/build`)
  }
}

function Written({ job, event, title }: { job: Job; event: NonNullable<Way['writes']>; title: string }) {
  const done = useDone(job)
  return (
    <Button kind="primary" onClick={() => done(event, title)}>
      Take it: {title}
    </Button>
  )
}

/** What was sawn off is measured, end by end: the pieces tell. */
function Sawn({ job, sawing, found }: { job: Job; sawing: NonNullable<Way['sawing']>; found: Found }) {
  const unit = useUnit()
  const done = useDone(job)
  const [instrument] = useInstrument()
  const [read, setRead] = useState<Reading[]>([])
  const kind = job.connectorFitted ? 'cut-out' : 'cut-back'
  const isOnItsWay = useUnjudged(job.id).some((one) => one.refused === null && one.event.kind === kind)
  const next = sawing.off[read.length]
  if (isOnItsWay || !next) return null
  const add = (by: Reading) => {
    const all = [...read, by]
    if (all.length < sawing.off.length) setRead(all)
    else
      done(
        sawnOff(kind, next.end, all, reasonOf(found, unit)),
        kind === 'cut-back' ? `End ${next.end} cut back` : 'Cut out again',
      )
  }
  return (
    <div className="grid gap-2">
      {read.map((one, i) => (
        <p key={i}>
          End {sawing.off[i]?.end}: {sayTyped(one)} sawn off
        </p>
      ))}
      <p className="text-label text-mute">
        {sayFine(next.amountMm, unit)} is asked for
        {sawing.mostMm === null || sawing.leastMm === null
          ? ', at least.'
          : `, ${sayFine(sawing.leastMm, unit)} to ${sayFine(sawing.mostMm, unit)} puts it right.`}
      </p>
      <LengthEntry
        key={next.end}
        name={`${job.id}.${next.end}.sawn-off`}
        label={`Sawn off end ${next.end}, ${inUnit(unit)}`}
        action="It is sawn off"
        instrument={instrument}
        onAdd={add}
      />
    </div>
  )
}

function sawnOff(kind: 'cut-out' | 'cut-back', end: End, [first, second]: Reading[], reason: string): LogEvent {
  if (!first) throw new Error('one end is measured at least')
  if (kind === 'cut-back') return { kind, end, by: first, reason }
  return { kind, offA: first, ...(second ? { offB: second } : {}), reason }
}

function Replan({ job, way }: { job: Job; way: Way }) {
  const unit = useUnit()
  const change = useChangePlan(job)
  const navigate = useNavigate()
  const mayPlan = useMay('plan')
  if (!mayPlan) return <WhoMay right="plan" deed="takes another one" />
  const take = () => {
    const { connector, kit } = way
    if (connector) change((draft) => ({ ...draft, connector }))
    if (kit) change((draft) => ({ ...draft, kit: { id: kit.id, revision: kit.revision, size: kit.size } }))
    void navigate(`/jobs/${job.id}/${kit ? 'kit' : 'build'}`)
  }
  return (
    <Button kind="primary" onClick={take}>
      {say(way.title, unit)}: change the plan
    </Button>
  )
}

type OneCoreProps = { job: Job; found: Found; event: Extract<LogEvent, { kind: 'core-cut-back' }>; title: string }

/** An engineer says that the others have the room; what is sawn off is as long as it is planned, and its cuts are measured anew. */
function OneCore({ job, found, event, title }: OneCoreProps) {
  const unit = useUnit()
  const done = useDone(job)
  const mayAccept = useMay('accept-deviation')
  return (
    <>
      <LetStand
        onReason={(reason) => done({ ...event, reason }, `${title}: ${reason}`)}
        deed="says that the others have the room for it"
        label="Why the others have the room for it"
        action="Cut this core back"
      />
      {!mayAccept && <CallForIt job={job} what={`${sayFound(found, unit).title}, out. ${title}?`} />}
    </>
  )
}

type Taken = Extract<LogEvent, { kind: 'other-side-takes' }>

/** @param taken where the other end takes it: then that is written down with the reason */
function Standing({ job, found, taken }: { job: Job; found: Found; taken: Taken | null }) {
  const unit = useUnit()
  const done = useDone(job)
  const mayAccept = useMay('accept-deviation')
  const { title } = sayFound(found, unit)
  const stand = (reason: string) => done(taken ? { ...taken, reason } : standing(found, reason), `${title}, let stand: ${reason}`)
  return (
    <>
      <LetStand onReason={stand} />
      {!mayAccept && <CallForIt job={job} what={`${title}, out.`} />}
    </>
  )
}

function standing(found: Found, reason: string): LogEvent {
  if (found.is === 'cut') {
    const { end, cut, core, recorded } = found.mark
    return { kind: 'deviation-accepted', end, cut, ...onCore(core), reason, of: recorded.entry }
  }
  const { key, end, core, number, answer } = found.check
  return {
    ...{ kind: 'check-accepted' as const, stage: found.stage, check: key, reason },
    ...(end ? { end } : {}),
    ...onCore(core),
    ...(number ? { number } : {}),
    ...(answer.entry ? { of: answer.entry } : {}),
  }
}
