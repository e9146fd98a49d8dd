import type { LogEvent, StageCheck } from '../../api/types'
import { judgeReading } from '../../domain/judge'
import { sayTyped } from '../../domain/length'
import { FromInstruments } from '../../views/FromInstruments'

type Answer = Partial<Extract<LogEvent, { kind: 'check-made' }>>

/** What an instrument sent for this check: a length that fits and a torque are recorded as they come, the rest is offered. */
export function SentAnswer({ check, onAnswer }: { check: StageCheck; onAnswer: (answer: Answer, said: string) => void }) {
  const isOpen = check.answer === null
  if (check.kind === 'length')
    return (
      <FromInstruments
        kind="reading"
        take="Record it"
        takesItself={({ reading }) => isOpen && judgeReading(reading, check.minMm, check.maxMm).verdict !== 'out'}
        onTake={({ reading }) => onAnswer({ reading }, sayTyped(reading))}
      />
    )
  if (check.kind === 'torque')
    return (
      <FromInstruments
        kind="torque"
        take="Record it"
        takesItself={() => isOpen}
        onTake={({ torque, sentBy }) => onAnswer({ torque, sentBy }, torque)}
      />
    )
  if (check.kind === 'note')
    return (
      <FromInstruments
        kind="label"
        take="Record it"
        onTake={({ label }) => onAnswer({ note: readable(label) }, readable(label))}
      />
    )
  if (check.kind === 'seen' && check.crimp)
    return (
      <FromInstruments
        kind="press"
        take="Yes, with this"
        onTake={({ press }) => onAnswer({ seen: true, press }, `yes, die ${press.die}`)}
      />
    )
  return null
}

/** A label may hold a separator that cannot be seen. */
const readable = (label: string): string => label.replaceAll('\u001d', ' ').trim()
