import { useState } from 'react'
import { useNavigate } from 'react-router'
import { useWaiting, useWrite } from '../../api/outbox'
import { useMay } from '../../api/session'
import type { Job } from '../../api/types'
import { serverNow } from '../../engine/clock'
import { useTyped } from '../../engine/typed'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Note } from '../../ui/Note'
import { useJob } from '../../views/useJob'
import { OnDevice } from '../../views/OnDevice'
import { PageHeading } from '../../views/PageHeading'
import { Outage } from './Outage'
import { sayMoment } from '../../domain/moment'

const CHECKS = [
  {
    key: 'identified',
    label: 'Identified',
    how: 'This is the cable on the permit: spiked, signal-traced or as local rules say.',
  },
  { key: 'isolated', label: 'Isolated', how: 'Every point of supply is open, locked and tagged.' },
  { key: 'provedDead', label: 'Proved dead', how: 'With a tester that was proved before and after.' },
  {
    key: 'earthed',
    label: 'Earthed',
    how: 'Earths stand at the points that the permit names, against stored and induced voltage.',
  },
] as const

/** A named person confirms from the local permit; Berm never says that it is safe. */
export function Safety() {
  const job = useJob()
  const mayBuild = useMay('build')
  return (
    <div className="mx-auto grid max-w-[70rem] gap-8 p-4 desk:grid-cols-[minmax(0,1fr)_20rem] desk:p-8">
      <section>
        <PageHeading name="Safe to start" of={job.name} />
        {job.safety && (
          <div className="mt-4">
            <Confirmed job={job} />
          </div>
        )}
        {!job.safety && !job.left && !mayBuild && (
          <p className="mt-4">Nobody has confirmed it yet. The jointer confirms it here, from the local permit.</p>
        )}
        {job.left && <Left left={job.left} />}
        {(!job.safety || hasEnded(job.safety)) && mayBuild && <Confirm job={job} />}
        <div className="mt-6 max-w-[20rem]">
          <Outage job={job} />
        </div>
      </section>
      <aside className="grid content-start gap-4 text-label">
        <div className="grid gap-2 border-2 border-ink p-3">
          <h2 className="font-semibold">No signal where you go?</h2>
          <OnDevice jobId={job.id}>
            Taken along, the whole of it works there: every check is judged and the plan follows.
          </OnDevice>
        </div>
        <Note tone="out" title="The work kills.">
          Live, induced and stored voltage; the wrong cable; gas in pits and vaults. If one of the four is not certain, do not
          touch the cable.
        </Note>
        <Note title="Berm does not say that it is safe.">
          It keeps who confirmed it, from which permit, and when. Local rules govern; competent people only.
        </Note>
      </aside>
    </div>
  )
}

/** By this device's clock; the server judges by when work was done. */
const hasEnded = ({ endsAt }: NonNullable<Job['safety']>) => endsAt !== null && Date.parse(endsAt) < serverNow()

function Confirmed({ job: { safety } }: { job: Job }) {
  if (!safety) return null
  const isOver = hasEnded(safety)
  return (
    <Note tone={isOver ? 'out' : 'inside'} title={`Permit ${safety.permit}${isOver ? ' has ended' : ''}`}>
      <p>
        {safety.confirmedBy} confirmed at {sayMoment(safety.confirmedAt)} that the cable is identified, isolated, proved dead and
        earthed.{safety.endsAt !== null && ` The permit ${isOver ? 'ended' : 'ends'} at ${sayMoment(safety.endsAt)}.`}
      </p>
      {isOver && <p>Nothing more is done at the cable before it is confirmed anew, from a permit that holds.</p>}
    </Note>
  )
}

function Left({ left }: { left: NonNullable<Job['left']> }) {
  return (
    <div className="mt-4">
      <Note tone="unproved" title={`Left half done by ${left.by}, ${sayMoment(left.at)}`}>
        Covered with {left.covered}.{left.to !== '' && ` ${left.to} goes on with it.`} It is confirmed anew before anybody works
        on it.
      </Note>
    </div>
  )
}

const AS_LEFT = {
  key: 'dryAndClean',
  label: 'Dry and clean',
  how: 'Uncovered and looked at: as it was left, no water, no dirt, nothing moved.',
} as const

function localNow(): string {
  const now = new Date()
  return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 16)
}

function Confirm({ job }: { job: Job }) {
  const write = useWrite(job.id)
  const navigate = useNavigate()
  const waiting = useWaiting(job.id)
  const [permit, setPermit] = useTyped(`${job.id}.permit`)
  const [who, setWho] = useTyped(`${job.id}.confirmed-by`)
  const [at, setAt] = useState(localNow)
  const [until, setUntil] = useTyped(`${job.id}.permit-ends`)
  const [checks, setChecks] = useState<Record<string, boolean>>({})
  const [isTried, setIsTried] = useState(false)
  const asked = job.left ? [...CHECKS, AS_LEFT] : CHECKS
  const missing = asked.filter((check) => !checks[check.key])
  const moment = new Date(at)
  const end = until === '' ? null : new Date(until)
  const isEndWrong = end !== null && !(end > moment)
  const submit = () => {
    setIsTried(true)
    if (missing.length > 0 || !permit.trim() || !who.trim() || Number.isNaN(moment.getTime()) || isEndWrong) return
    const confirmed = {
      kind: 'safety-confirmed' as const,
      permit,
      confirmedBy: who,
      confirmedAt: moment.toISOString(),
      identified: true,
      isolated: true,
      provedDead: true,
      earthed: true,
      ...(job.left ? { dryAndClean: true } : {}),
      ...(end ? { endsAt: end.toISOString() } : {}),
    }
    write(confirmed, `Safe to start, permit ${permit}`)
    setPermit('')
    setUntil('')
    setWho('')
    void navigate(`/jobs/${job.id}/${job.left ? 'build' : 'cables'}`)
  }
  return (
    <form
      className="mt-4 grid gap-5"
      onSubmit={(event) => {
        event.preventDefault()
        submit()
      }}
    >
      <div className="grid gap-4 desk:grid-cols-2">
        <Field label="Permit number" fault={isTried && !permit.trim() ? 'Copy the number from the permit.' : undefined}>
          {(input) => <input {...input} maxLength={80} value={permit} onChange={(event) => setPermit(event.target.value)} />}
        </Field>
        <Field label="Confirmed by" fault={isTried && !who.trim() ? 'Name the person who confirms it.' : undefined}>
          {(input) => <input {...input} maxLength={120} value={who} onChange={(event) => setWho(event.target.value)} />}
        </Field>
        <Field label="When" fault={isTried && Number.isNaN(moment.getTime()) ? 'Give the date and the time.' : undefined}>
          {(input) => <input {...input} type="datetime-local" value={at} onChange={(event) => setAt(event.target.value)} />}
        </Field>
        <Field
          label="Permit ends"
          hint="Where it has an end: Berm tells you in its last hour."
          fault={isTried && isEndWrong ? 'It lies before it was confirmed: give the end that stands on the permit.' : undefined}
        >
          {(input) => <input {...input} type="datetime-local" value={until} onChange={(event) => setUntil(event.target.value)} />}
        </Field>
      </div>
      <Ticks asked={asked} checks={checks} onChange={setChecks} />
      {isTried && missing.length > 0 && (
        <Note tone="out" role="alert" title="Do not start.">
          Not confirmed: {missing.map((check) => check.label.toLowerCase()).join(', ')}.
        </Note>
      )}
      {waiting.map((one) => one.refused && <Note key={one.id} tone="out" role="alert" title={one.refused.detail} />)}
      <Button type="submit" kind="primary" className="justify-self-start">
        Confirm, from the permit
      </Button>
    </form>
  )
}

type TicksProps = {
  asked: readonly { key: string; label: string; how: string }[]
  checks: Record<string, boolean>
  onChange: (checks: Record<string, boolean>) => void
}

function Ticks({ asked, checks, onChange }: TicksProps) {
  return (
    <fieldset className="border-t-2 border-ink">
      <legend className="sr-only">What the person confirms</legend>
      {asked.map((check) => (
        <label key={check.key} className="flex min-h-14 items-center gap-4 border-b border-line py-2">
          <input
            type="checkbox"
            className="size-7 shrink-0 accent-ink"
            checked={checks[check.key] ?? false}
            onChange={(event) => onChange({ ...checks, [check.key]: event.target.checked })}
          />
          <span>
            <span className="font-semibold">{check.label}</span>
            <span className="block text-label text-mute">{check.how}</span>
          </span>
        </label>
      ))}
    </fieldset>
  )
}
