import { useState } from 'react'
import { useWaiting, useWrite } from '../../api/outbox'
import { useMay } from '../../api/session'
import type { Job, Mark } from '../../api/types'
import { readLength } from '../../domain/length'
import { say } from '../../domain/sentence'
import { Keypad } from '../../ui/Keypad'
import { Note } from '../../ui/Note'
import { useUnits } from '../../ui/UnitContext'
import { isOfMark, onCore } from '../../views/cuts'
import { Target } from '../../views/Target'
import { CutEntry } from './CutEntry'
import { Before, Recorded } from './CutNotes'
import { LetStand } from './LetStand'
import { useInstrument } from './useInstrument'

/** One cut: its target, its window, a large entry, and the verdict on the spot. */
export function CutPanel({ job, mark, onDone }: { job: Job; mark: Mark; onDone: () => void }) {
  const { unit, setUnit } = useUnits()
  const write = useWrite(job.id)
  const mayBuild = useMay('build')
  const [text, setText] = useState('')
  const [isTried, setIsTried] = useState(false)
  const [instrument, setInstrument] = useInstrument()
  const isOnItsWay = useWaiting(job.id).some(
    (one) => one.refused === null && one.event.kind === 'cut-measured' && isOfMark(one.event, mark),
  )
  const length = readLength(text, unit)
  const record = () => {
    setIsTried(true)
    if (length.fault || isOnItsWay) return
    write({
      kind: 'cut-measured',
      end: mark.end,
      cut: mark.cut,
      ...onCore(mark.core),
      reading: { typed: text.trim(), unit, instrument },
    })
    setText('')
    setIsTried(false)
    onDone()
  }
  return (
    <>
      <div className="max-desk:px-4 max-desk:pt-3">
        <Target mark={mark} datum="cable-end" />
      </div>
      {mayBuild && (
        <CutEntry
          mark={mark}
          text={text}
          onText={setText}
          isTried={isTried}
          isOnItsWay={isOnItsWay}
          instrument={instrument}
          onInstrument={setInstrument}
          onRecord={record}
        />
      )}
      <div className="grid gap-3 max-desk:px-4">
        <Recorded mark={mark} />
        {mark.recorded?.judgement.verdict === 'out' && mark.recorded.accepted === null && (
          <LetStand
            onReason={(reason) =>
              write({ kind: 'deviation-accepted', end: mark.end, cut: mark.cut, ...onCore(mark.core), reason })
            }
          />
        )}
        <Before job={job} mark={mark} />
        <Note>
          <p>{mark.reason}</p>
          <details className="text-label">
            <summary className="min-h-6 text-plan underline underline-offset-4">Show the working</summary>
            <p>{say(mark.working, unit)}</p>
          </details>
        </Note>
      </div>
      {mayBuild && (
        <div className="sticky bottom-0 bg-chalk desk:hidden">
          <Keypad
            withFractions={unit === 'in'}
            label="Record"
            isReady={!isOnItsWay}
            onKey={(key) => setText(text + key)}
            onDelete={() => setText(text.slice(0, -1))}
            onRecord={record}
            onUnit={() => setUnit(unit === 'in' ? 'mm' : 'in')}
          />
        </div>
      )}
    </>
  )
}
