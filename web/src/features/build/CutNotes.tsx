import { useWrite } from '../../api/outbox'
import { useMay } from '../../api/session'
import type { Job, Mark } from '../../api/types'
import { sayTyped } from '../../domain/length'
import { say } from '../../domain/sentence'
import { Button } from '../../ui/Button'
import { Note } from '../../ui/Note'
import { useIsDesk } from '../../ui/useIsDesk'
import { useUnit } from '../../ui/UnitContext'
import { CallForIt } from '../../views/Calls'
import { LetStand } from '../../views/LetStand'
import { isCutOut, isOfMark, markName, onCore, sayRecorded } from '../../views/cuts'
import { Provisional } from '../../views/Provisional'
import { VerdictWord } from '../../views/Verdict'
import { WaysOn } from './WaysOn'

const TONES = { inside: 'inside', 'not-proved': 'unproved', out: 'out' } as const

type RecordedProps = {
  job: Job
  mark: Mark
  /** Brings the keypad back; null where it is out, or nobody may. */
  onAgain: (() => void) | null
  onNext: () => void
  /** A reading of it is not at the server yet. */
  isOnItsWay: boolean
}

/** What was recorded of this cut, what to do about it, and the ways on. */
export function Recorded({ job, mark, onAgain, onNext, isOnItsWay }: RecordedProps) {
  const unit = useUnit()
  const write = useWrite(job.id)
  const mayAccept = useMay('accept-deviation')
  const isDesk = useIsDesk()
  if (!mark.recorded || isOnItsWay) return isOnItsWay ? <GoOn onNext={onNext} /> : null
  const { judgement, advice, accepted, entry } = mark.recorded
  const isOpen = isCutOut(mark)
  const place = { end: mark.end, cut: mark.cut, ...onCore(mark.core) }
  return (
    <>
      <Note
        tone={TONES[judgement.verdict]}
        role="status"
        title={`Recorded: ${sayRecorded(mark.recorded, unit)} by ${mark.recorded.byWhat}`}
      >
        <VerdictWord judgement={judgement} unit={unit} />
        <Provisional entry={entry} />
        {advice && <p>{say(advice, unit)}</p>}
        {accepted !== null && <p>Let stand by an engineer: {accepted}</p>}
      </Note>
      <div className="flex flex-wrap gap-3">
        {!isOpen && <GoOn onNext={onNext} />}
        {onAgain && (
          <Button className="desk:hidden" onClick={onAgain}>
            Measure again
          </Button>
        )}
      </div>
      {isOpen && !isDesk && <WaysOn job={job} fault={place} />}
      {isOpen && (
        <LetStand
          onReason={(reason) =>
            write(
              { kind: 'deviation-accepted', ...place, reason, of: entry },
              `${markName(mark, unit)}, end ${mark.end}, let stand: ${reason}`,
            )
          }
        />
      )}
      {isOpen && !mayAccept && (
        <CallForIt job={job} what={`${markName(mark, unit)}, end ${mark.end}: ${sayTyped(mark.recorded)}, out.`} />
      )}
    </>
  )
}

function GoOn({ onNext }: { onNext: () => void }) {
  return (
    <Button kind="primary" className="justify-self-start" onClick={onNext}>
      On to what is next
    </Button>
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
        {markName(before, unit)}, end {before.end}: {sayRecorded(before.recorded, unit)} by {before.recorded.byWhat},{' '}
        <VerdictWord judgement={before.recorded.judgement} unit={unit} />
        <Provisional entry={before.recorded.entry} />
      </p>
      {before.recorded.advice && <p>{say(before.recorded.advice, unit)}</p>}
    </Note>
  )
}

/** Why it is cut there, and the working. */
export function Reason({ mark }: { mark: Mark }) {
  const unit = useUnit()
  return (
    <Note>
      <p>{mark.reason}</p>
      <details className="text-label">
        <summary className="min-h-6 text-plan underline underline-offset-4">Show the working</summary>
        <p>{say(mark.working, unit)}</p>
      </details>
    </Note>
  )
}
