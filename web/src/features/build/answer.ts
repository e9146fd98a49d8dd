import type { LogEvent, StageCheck } from '../../api/types'
import type { Instrument } from '../../domain/judge'
import { readLength, sayFault, type Unit } from '../../domain/length'

export type Answer = Partial<Extract<LogEvent, { kind: 'check-made' }>>
export type TypedKind = Exclude<StageCheck['kind'], 'seen' | 'wait' | 'phase'>

/** What is typed as it stands, and what it is measured with. */
export type Read = { unit: Unit; instrument: Instrument }

/** Turns what was typed into an answer, or says what is wrong with it. */
export function readAnswer(kind: TypedKind, text: string, { unit, instrument }: Read): { answer: Answer } | { fault: string } {
  const typed = text.trim()
  switch (kind) {
    case 'length': {
      const fault = readLength(typed, unit).fault
      return fault ? { fault: sayFault(fault) } : { answer: { reading: { typed, unit, instrument } } }
    }
    case 'count':
      return /^\d{1,3}$/.test(typed) ? { answer: { count: Number(typed) } } : { fault: 'Type a whole number.' }
    case 'age':
      return /^(\d{4}-\d{1,2}(-\d{1,2})?|\d{1,2}\/\d{4})$/.test(typed)
        ? { answer: { made: typed } }
        : { fault: 'Type the date as 2026-03-14, or 2026-03 where the label has no day.' }
    case 'torque':
      return typed === '' ? { fault: 'Type it with its unit: 45 N·m or 33 lbf·ft.' } : { answer: { torque: typed } }
    case 'note':
      return typed === '' ? { fault: 'Type what is printed.' } : { answer: { note: typed } }
  }
}
