import { useEffect, useRef, useState, type ReactNode } from 'react'
import { useWrite } from '../../api/outbox'
import { useMay } from '../../api/session'
import type { Job, Stage, StageCheck } from '../../api/types'
import { sayTyped } from '../../domain/length'
import { say } from '../../domain/sentence'
import { useTyped } from '../../engine/typed'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Note } from '../../ui/Note'
import { useFocus } from '../../ui/useFocus'
import { useUnit } from '../../ui/UnitContext'
import { onCore } from '../../views/cuts'
import { useTypedLength } from '../../views/useTypedLength'
import { CallForIt } from '../../views/Calls'
import { PhaseAnswer } from './PhaseAnswer'
import { LetStand } from '../../views/LetStand'
import { Meant } from '../../views/Meant'
import { Provisional } from '../../views/Provisional'
import { WhoMay } from '../../views/WhoMay'
import { NoAnswer } from './NoAnswer'
import { OtherCheck } from './OtherPlace'
import { SentAnswer } from './SentAnswer'
import { OnTheBench } from '../../views/OnTheBench'
import { useInstrument } from '../../views/useInstrument'
import { readAnswer, type Answer } from './answer'
import { checkField } from './typedIn'
import { useWriteDone } from './useWriteDone'
import { WaitClock } from './WaitClock'
import { WaysOn } from './WaysOn'

type CheckProps = { job: Job; stage: Stage; check: StageCheck; before?: () => void }

/**
 * One check of a stage: what is asked, its limits, an answer, and why it is asked.
 *
 * @param before what is written down with the answer: the work that it is made on
 */
export function CheckPanel({ job, stage, check, before }: CheckProps) {
  const unit = useUnit()
  const write = useWrite(job.id)
  const writeDone = useWriteDone(job.id)
  const mayBuild = useMay('build')
  const mayAccept = useMay('accept-deviation')
  const of = check.answer?.entry ? { of: check.answer.entry } : {}
  const place = {
    ...(check.end ? { end: check.end } : {}),
    ...onCore(check.core),
    ...(check.number ? { number: check.number } : {}),
  }
  const answer = (given: Answer, said: string) => {
    before?.()
    writeDone({ kind: 'check-made', stage: stage.key, check: check.key, ...place, ...given }, `${say(check.ask, unit)}: ${said}`)
  }
  // The ways on come in place of the number.
  const isOut = check.answer?.verdict === 'out' && check.answer.accepted === null
  return (
    <div className="grid gap-3 max-desk:p-4">
      <h3 className="font-semibold">{say(check.ask, unit)}</h3>
      {check.answer?.by && <p className="text-label text-mute">Sent by {check.answer.by}</p>}
      {check.limits && (
        <p className={isOut ? 'text-lead' : 'text-entry max-sm:text-[clamp(1.4rem,7.4vw,2rem)]'}>{say(check.limits, unit)}</p>
      )}
      {check.answer?.verdict === 'out' && (
        <Note tone="out" role="status" title={`Out: ${say(check.answer.sentence, unit)}`}>
          {check.mend || 'Put it right and check again; or an engineer lets it stand, with a reason.'}
          <Provisional entry={check.answer.entry} />
        </Note>
      )}
      {isOut && <WaysOn job={job} fault={{ stage: stage.key, check: check.key, ...place }} />}
      <WhoMay right="build" deed="answers this" />
      {mayBuild && <SentAnswer check={check} onAnswer={answer} />}
      {mayBuild && (
        <AnswerForm
          check={check}
          name={checkField(job.id, { ...check, stage: stage.key, check: check.key })}
          onAnswer={answer}
          elsewhere={(text) => <OtherCheck job={job} stage={stage} check={check} text={text} />}
        />
      )}
      {isOut && (
        <>
          <LetStand
            onReason={(reason) =>
              write(
                { kind: 'check-accepted', stage: stage.key, check: check.key, ...place, reason, ...of },
                `${say(check.ask, unit)}, let stand: ${reason}`,
              )
            }
          />
          {!mayAccept && check.answer && (
            <CallForIt job={job} what={`${say(check.ask, unit)}: ${say(check.answer.sentence, unit)}`} />
          )}
        </>
      )}
      {check.kind === 'torque' && (
        <OnTheBench
          tool="torque"
          name="the wrench’s unit"
          given={{ torque: check.limits ? torqueIn(say(check.limits, unit)) : null }}
        />
      )}
      <Note>{check.reason}</Note>
    </div>
  )
}

type AnswerProps = {
  check: StageCheck
  name: string
  onAnswer: (answer: Answer, said: string) => void
  /** Offers another place for what is typed. */
  elsewhere: (text: string) => ReactNode
}

function AnswerForm({ check, name, onAnswer, elsewhere }: AnswerProps) {
  if (check.kind === 'seen') return <YesOrNo check={check} onAnswer={onAnswer} />
  if (check.kind === 'phase') return <PhaseAnswer name={name} onAnswer={onAnswer} />
  if (check.kind === 'wait') return <WaitClock check={check} onDone={() => onAnswer({ waited: true }, 'waited')} />
  return <TypedAnswer check={check} name={name} onAnswer={onAnswer} elsewhere={elsewhere} />
}

function YesOrNo({ check, onAnswer }: Pick<AnswerProps, 'check' | 'onAnswer'>) {
  const focus = useFocus<HTMLButtonElement>()
  return (
    <div className="grid grid-cols-2 gap-3">
      <Button ref={focus} kind="primary" onClick={() => onAnswer({ seen: true }, 'yes')}>
        Yes
      </Button>
      <NoAnswer check={check} onNo={(no) => onAnswer(no, no.fault ? `no, ${no.fault.replace('-', ' ')}` : 'no')} />
    </div>
  )
}

/** The first torque of a sentence, as a wrench has it. */
const torqueIn = (text: string): string | null => /\d+(?:\.\d+)? (?:N·m|lbf·ft)/.exec(text)?.[0] ?? null

const LABELS = {
  length: 'Measured',
  count: 'How many',
  torque: 'Torque, with its unit',
  note: 'As printed',
  age: 'Date, as 2026-03-14 or 2026-03',
} as const

function TypedAnswer({ check, name, onAnswer, elsewhere }: AnswerProps) {
  const unit = useUnit()
  const asLength = useTypedLength(name)
  const asText = useTyped(name)
  const [text, setText] = check.kind === 'length' ? asLength : asText
  const [isTried, setIsTried] = useState(false)
  const input = useRef<HTMLInputElement>(null)
  useEffect(() => input.current?.focus({ preventScroll: true }), [])
  const kind = check.kind === 'seen' || check.kind === 'wait' || check.kind === 'phase' ? 'note' : check.kind
  const [instrument] = useInstrument()
  const read = readAnswer(kind, text, { unit, instrument })
  return (
    <form
      className="grid gap-2 desk:grid-cols-[minmax(0,1fr)_auto] desk:items-end"
      onSubmit={(event) => {
        event.preventDefault()
        setIsTried(true)
        if (!('answer' in read)) return
        onAnswer(read.answer, kind === 'length' ? sayTyped({ typed: text.trim(), unit }) : text.trim())
        setText('')
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
            inputMode={kind === 'length' || kind === 'count' ? 'decimal' : 'text'}
            value={text}
            onChange={(event) => setText(event.target.value)}
          />
        )}
      </Field>
      <Button type="submit" kind="primary">
        Record
      </Button>
      {check.kind === 'length' && (
        <p className="desk:col-span-2 empty:hidden">
          <Meant text={text} minMm={check.minMm} maxMm={check.maxMm} onTake={setText} />
          {elsewhere(text)}
        </p>
      )}
    </form>
  )
}
