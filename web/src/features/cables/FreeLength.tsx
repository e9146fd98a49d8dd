import { useState } from 'react'
import { useChangePlan, useDraft } from '../../api/plan'
import type { End, Job } from '../../api/types'
import { inUnit, readLength, sayFault, sayMark, sayTyped } from '../../domain/length'
import { word } from '../../domain/words'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { useUnit } from '../../ui/UnitContext'
import { endOf, withFreeLength } from './edit'

/** The straight, clean cable past the oversheath cut: where parts wait before the connector. */
export function FreeLength({ job, end, mayPlan }: { job: Job; end: End; mayPlan: boolean }) {
  const unit = useUnit()
  const change = useChangePlan(job)
  const stored = endOf(useDraft(job), end).freeLength
  const [text, setText] = useState('')
  const [isTried, setIsTried] = useState(false)
  const length = readLength(text, unit)
  const needed = job.parking?.find((side) => side.end === end)?.neededMm
  const save = () => {
    setIsTried(true)
    if (length.fault) return
    change((draft) => withFreeLength(draft, end, { typed: text.trim(), unit, instrument: 'tape' }))
    setText('')
    setIsTried(false)
  }
  return (
    <form
      className="grid items-start gap-3 border-t-2 border-ink pt-3 desk:grid-cols-[1fr_16rem_auto]"
      onSubmit={(event) => {
        event.preventDefault()
        save()
      }}
    >
      <div>
        <p className="font-semibold">Free length for parking</p>
        <p className="text-label text-mute">
          Straight, clean cable past the {word('oversheath', unit)} cut.
          {needed !== undefined && needed > 0 && ` The parts that wait here need ${sayMark(needed, unit)} nose to tail.`}
        </p>
        <p className="text-lead font-semibold">{stored ? sayTyped(stored) : 'not measured'}</p>
      </div>
      {mayPlan && (
        <>
          <Field
            label={`By tape, end ${end}, ${inUnit(unit)}`}
            fault={isTried && length.fault ? sayFault(length.fault) : undefined}
          >
            {(input) => (
              <input
                {...input}
                inputMode="decimal"
                autoComplete="off"
                value={text}
                onChange={(event) => setText(event.target.value)}
              />
            )}
          </Field>
          <Button type="submit" className="desk:mt-6">
            {stored ? 'Replace length' : 'Add length'}
          </Button>
        </>
      )}
    </form>
  )
}
