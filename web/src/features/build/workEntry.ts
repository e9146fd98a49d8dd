import type { LogEvent, Reading, Stage, StageCheck, StageWork } from '../../api/types'
import { sayTyped, type Unit } from '../../domain/length'
import { say } from '../../domain/sentence'
import { markName, onCore, placeName, type PickedMark } from '../../views/cuts'

type Looked = Pick<Extract<LogEvent, { kind: 'check-made' }>, 'seen' | 'together' | 'press' | 'fault'>
type Made = { event: LogEvent; said: string }

/** One piece of work, done. */
export const workEntry = (stage: Stage, { how, part, end, core, title }: StageWork, unit: Unit): Made => ({
  event: { kind: 'applied', stage: stage.key, how, part, ...(end ? { end } : {}), ...onCore(core) },
  said: [`Done: ${say(title, unit)}`, placeName({ end, core })].filter(Boolean).join(', '),
})

/** One cut, measured. */
export const cutEntry = (mark: PickedMark, reading: Reading, unit: Unit): Made => ({
  event: { kind: 'cut-measured', end: mark.end, cut: mark.cut, ...onCore(mark.core), reading },
  said: `${markName(mark, unit)}, end ${mark.end}: ${sayTyped(reading)}`,
})

/** One look, answered. */
export const lookEntry = (stage: Stage, look: StageCheck, given: Looked, unit: Unit): Made => ({
  event: {
    kind: 'check-made',
    stage: stage.key,
    check: look.key,
    ...(look.end ? { end: look.end } : {}),
    ...onCore(look.core),
    ...(look.number ? { number: look.number } : {}),
    ...given,
  },
  said: `${say(look.ask, unit)}: ${given.seen ? 'yes' : 'no'}`,
})
