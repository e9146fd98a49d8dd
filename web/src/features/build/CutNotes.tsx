import { sayTyped } from '../../domain/length'
import type { Job, Mark } from '../../api/types'
import { say } from '../../domain/sentence'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'
import { isOfMark, markName } from '../../views/cuts'
import { VerdictWord } from '../../views/Verdict'

const TONES = { inside: 'inside', 'not-proved': 'unproved', out: 'out' } as const

/** What was recorded of this cut, and what to do about it. */
export function Recorded({ mark }: { mark: Mark }) {
  const unit = useUnit()
  if (!mark.recorded) return null
  const { judgement, advice, accepted } = mark.recorded
  return (
    <Note tone={TONES[judgement.verdict]} role="status" title={`Recorded: ${sayTyped(mark.recorded)}`}>
      <VerdictWord judgement={judgement} unit={unit} />
      {advice && <p>{say(advice, unit)}</p>}
      {accepted !== null && <p>Let stand by an engineer: {accepted}</p>}
    </Note>
  )
}

/** What the last reading, of another cut, still asks for. */
export function Before({ job, mark }: { job: Job; mark: Mark }) {
  const unit = useUnit()
  const last = job.log.at(-1)?.event
  if (last?.kind !== 'cut-measured' || isOfMark(last, mark)) return null
  const before = job.markOut?.marks.find((one) => isOfMark(last, one))
  if (!before?.recorded) return null
  return (
    <Note tone={TONES[before.recorded.judgement.verdict]} role="status">
      <p>
        {markName(before, unit)}, end {before.end}: {sayTyped(before.recorded)},{' '}
        <VerdictWord judgement={before.recorded.judgement} unit={unit} />
      </p>
      {before.recorded.advice && <p>{say(before.recorded.advice, unit)}</p>}
    </Note>
  )
}
