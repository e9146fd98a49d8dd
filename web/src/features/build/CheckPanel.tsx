import { useEffect, useRef, useState } from 'react'
import { useWaiting, useWrite } from '../../api/outbox'
import { useMay } from '../../api/session'
import type { Job, LogEvent, Stage, StageCheck } from '../../api/types'
import { readLength, sayFault } from '../../domain/length'
import { say } from '../../domain/sentence'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'
import { onCore } from '../../views/cuts'
import { LetStand } from './LetStand'
import { useInstrument } from './useInstrument'
import { WaitClock } from './WaitClock'

type Answer = Partial<Extract<LogEvent, { kind: 'check-made' }>>
type CheckProps = { job: Job; stage: Stage; check: StageCheck }

/** One check of a stage: what is asked, its limits, an answer, and why it is asked. */
export function CheckPanel({ job, stage, check }: CheckProps) {
  const unit = useUnit()
  const write = useWrite(job.id)
  const mayBuild = useMay('build')
  const isSent = useWaiting(job.id).some((one) => one.refused === null)
  const place = { ...(check.end ? { end: check.end } : {}), ...onCore(check.core) }
  const answer = (given: Answer) => write({ kind: 'check-made', stage: stage.key, check: check.key, ...place, ...given })
  return (
    <div className="grid gap-3 max-desk:p-4">
      <h3 className="font-semibold">{say(check.ask, unit)}</h3>
      {check.limits && <p className="text-entry">{say(check.limits, unit)}</p>}
      {check.answer?.verdict === 'out' && (
        <Note tone="out" role="status" title={`Out: ${say(check.answer.sentence, unit)}`}>
          {check.mend || 'Put it right and check again; or an engineer lets it stand, with a reason.'}
        </Note>
      )}
      {mayBuild && <AnswerForm check={check} isSent={isSent} onAnswer={answer} />}
      {check.answer?.verdict === 'out' && (
        <LetStand
          onReason={(reason) => write({ kind: 'check-accepted', stage: stage.key, check: check.key, ...place, reason })}
        />
      )}
      <Note>{check.reason}</Note>
    </div>
  )
}

function AnswerForm({ check, isSent, onAnswer }: { check: StageCheck; isSent: boolean; onAnswer: (answer: Answer) => void }) {
  if (check.kind === 'seen')
    return (
      <div className="grid grid-cols-2 gap-3">
        <Button kind="primary" disabled={isSent} onClick={() => onAnswer({ seen: true })}>
          Yes
        </Button>
        <Button disabled={isSent} onClick={() => onAnswer({ seen: false })}>
          No
        </Button>
      </div>
    )
  if (check.kind === 'wait') return <WaitClock check={check} isSent={isSent} onDone={() => onAnswer({})} />
  return <TypedAnswer check={check} isSent={isSent} onAnswer={onAnswer} />
}

const LABELS = { length: 'Measured', count: 'How many', torque: 'Torque, with its unit', note: 'As printed' } as const

/** Turns what was typed into an answer, or says what is wrong with it. */
function useAnswer(kind: keyof typeof LABELS, text: string): { answer: Answer } | { fault: string } {
  const unit = useUnit()
  const [instrument] = useInstrument()
  const typed = text.trim()
  if (kind === 'length') {
    const fault = readLength(typed, unit).fault
    return fault ? { fault: sayFault(fault) } : { answer: { reading: { typed, unit, instrument } } }
  }
  if (kind === 'count') return /^\d{1,3}$/.test(typed) ? { answer: { count: Number(typed) } } : { fault: 'Type a whole number.' }
  if (typed === '') return { fault: kind === 'torque' ? 'Type it with its unit: 45 N·m or 33 lbf·ft.' : 'Type what is printed.' }
  return { answer: kind === 'torque' ? { torque: typed } : { note: typed } }
}

function TypedAnswer({ check, isSent, onAnswer }: { check: StageCheck; isSent: boolean; onAnswer: (answer: Answer) => void }) {
  const unit = useUnit()
  const [text, setText] = useState('')
  const [isTried, setIsTried] = useState(false)
  const input = useRef<HTMLInputElement>(null)
  useEffect(() => input.current?.focus({ preventScroll: true }), [])
  const kind = check.kind === 'count' || check.kind === 'torque' || check.kind === 'note' ? check.kind : 'length'
  const read = useAnswer(kind, text)
  return (
    <form
      className="grid gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        setIsTried(true)
        if ('answer' in read && !isSent) onAnswer(read.answer)
      }}
    >
      <Field
        label={kind === 'length' ? `${LABELS.length}, ${unit}` : LABELS[kind]}
        fault={isTried && 'fault' in read ? read.fault : undefined}
      >
        {(field) => (
          <input
            {...field}
            ref={input}
            autoComplete="off"
            inputMode={kind === 'note' || kind === 'torque' ? 'text' : 'decimal'}
            value={text}
            onChange={(event) => setText(event.target.value)}
          />
        )}
      </Field>
      <Button type="submit" kind="primary" disabled={isSent}>
        Record
      </Button>
    </form>
  )
}
