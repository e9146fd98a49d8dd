import { useState } from 'react'
import { useUnjudged, useWrite } from '../api/outbox'
import { useMay } from '../api/session'
import type { Call, CallAbout, Job } from '../api/types'
import { useTyped } from '../engine/typed'
import { Button } from '../ui/Button'
import { Field } from '../ui/Field'

const ABOUT: Record<CallAbout, string> = {
  'let-stand': 'Come and look',
  leaflet: 'The leaflet says otherwise',
  question: 'A question',
}

/** Who called for an engineer at a stage, or on the job as a whole, and what was answered; and the way to call. */
export function Calls({ job, stage }: { job: Job; stage: string | null }) {
  const mayCall = useMay('write-note')
  const mayAnswer = useMay('accept-deviation')
  const isOpen = (one: Call) => one.answer === null
  // Whoever answers has what is open on top of the work.
  const calls = job.calls.filter((one) => stage === null || (isOpen(one) ? !mayAnswer : one.stage === stage))
  return (
    <div className="no-print grid gap-2">
      <CallList job={job} label="Calls" calls={calls} />
      {mayCall && <NewCall job={job} stage={stage} />}
    </div>
  )
}

/** For whoever answers: what nobody has answered yet, wherever the work has come to. */
export function OpenCalls({ job }: { job: Job }) {
  const mayAnswer = useMay('accept-deviation')
  return !mayAnswer ? null : <CallList job={job} label="Open calls" calls={job.calls.filter((one) => one.answer === null)} />
}

function CallList({ job, label, calls }: { job: Job; label: string; calls: Call[] }) {
  if (calls.length === 0) return null
  return (
    <ul aria-label={label} className="grid gap-2">
      {calls.map((call) => (
        <OneCall key={call.entry} job={job} call={call} />
      ))}
    </ul>
  )
}

const clockOf = (at: string) => new Date(at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })

function OneCall({ job, call }: { job: Job; call: Call }) {
  const mayAnswer = useMay('accept-deviation')
  return (
    <li className="grid gap-1 border-l-4 border-unproved pl-3">
      <p>
        <span className="font-semibold">{ABOUT[call.about]}:</span> {call.note}{' '}
        <span className="text-label text-mute">
          {call.by}, {clockOf(call.at)}
        </span>
      </p>
      {call.answer ? (
        <p>
          <span className="font-semibold">Answer:</span> {call.answer.text}{' '}
          <span className="text-label text-mute">
            {call.answer.by}, {clockOf(call.answer.at)}
          </span>
        </p>
      ) : (
        <p className="text-label text-unproved">An engineer was called and has not answered yet. Go on with what can be done.</p>
      )}
      {!call.answer && mayAnswer && <NewAnswer job={job} call={call} />}
    </li>
  )
}

function NewAnswer({ job, call }: { job: Job; call: Call }) {
  const write = useWrite(job.id)
  const [answer, setAnswer] = useTyped(`${job.id}.answer.${call.entry}`)
  const [isTried, setIsTried] = useState(false)
  const isMissing = answer.trim() === ''
  return (
    <form
      className="grid gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        setIsTried(true)
        if (isMissing) return
        write({ kind: 'answered', call: call.entry, answer: answer.trim() }, `Answer: ${answer.trim()}`)
        setAnswer('')
      }}
    >
      <Field label="Answer" fault={isTried && isMissing ? 'Write the answer.' : undefined}>
        {(input) => <input {...input} maxLength={600} value={answer} onChange={({ target }) => setAnswer(target.value)} />}
      </Field>
      <Button type="submit" className="justify-self-start">
        Answer
      </Button>
    </form>
  )
}

function NewCall({ job, stage }: { job: Job; stage: string | null }) {
  const write = useWrite(job.id)
  const [note, setNote] = useTyped(`${job.id}.call.${stage ?? ''}`)
  const [about, setAbout] = useState<CallAbout>('question')
  const [isTried, setIsTried] = useState(false)
  const isMissing = note.trim() === ''
  const call = () => {
    setIsTried(true)
    if (isMissing) return
    write({ kind: 'called', about, note: note.trim(), ...(stage === null ? {} : { stage }) }, `${ABOUT[about]}: ${note.trim()}`)
    setNote('')
    setIsTried(false)
  }
  return (
    <details open={note !== '' || undefined}>
      <summary className="min-h-11 text-plan underline underline-offset-4">Call an engineer</summary>
      <div className="grid gap-2">
        <fieldset className="flex flex-wrap gap-x-5 gap-y-1">
          <legend className="text-label text-mute">What for</legend>
          {(['question', 'let-stand', 'leaflet'] as const).map((one) => (
            <label key={one} className="flex min-h-11 items-center gap-2">
              <input
                type="radio"
                name="call-about"
                className="size-6 accent-ink"
                checked={about === one}
                onChange={() => setAbout(one)}
              />
              {ABOUT[one]}
            </label>
          ))}
        </fieldset>
        <Field
          label={about === 'leaflet' ? 'What the leaflet says, with its number' : 'What it is about'}
          hint="An engineer sees it among what waits. The work goes on meanwhile."
          fault={isTried && isMissing ? 'Write what it is about.' : undefined}
        >
          {(input) => (
            <textarea {...input} rows={2} maxLength={600} value={note} onChange={({ target }) => setNote(target.value)} />
          )}
        </Field>
        <Button onClick={call}>Call</Button>
      </div>
    </details>
  )
}

/** Whoever may not let a thing stand calls, by one touch, for who may; what was called for is not called for again. */
export function CallForIt({ job, what }: { job: Job; what: string }) {
  const write = useWrite(job.id)
  const mayCall = useMay('write-note')
  const isOnItsWay = useUnjudged(job.id).some(
    ({ event, refused }) => refused === null && event.kind === 'called' && event.note === what,
  )
  const called = job.calls.find((one) => one.note === what && one.answer === null)
  const { stage } = job.next
  if (called) return <p className="text-label text-unproved">An engineer was called at {clockOf(called.at)}.</p>
  if (!mayCall) return null
  return (
    <Button
      className="justify-self-start"
      disabled={isOnItsWay}
      onClick={() => write({ kind: 'called', about: 'let-stand', note: what, ...(stage ? { stage } : {}) }, `Called: ${what}`)}
    >
      Call for it
    </Button>
  )
}
