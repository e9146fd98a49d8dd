import { useState } from 'react'
import { useChangePlan, useDraft } from '../../api/plan'
import type { End, Job } from '../../api/types'
import { inUnit, readLength, sayFault, sayTyped } from '../../domain/length'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { useUnit } from '../../ui/UnitContext'
import { endOf, withField } from './edit'

/** How much cable can still be pulled or cut back, and where the end lies. */
export function Position({ job, end, mayPlan }: { job: Job; end: End; mayPlan: boolean }) {
  const unit = useUnit()
  const change = useChangePlan(job)
  const half = endOf(useDraft(job), end)
  const [typed, setTyped] = useState({ text: half.slack ? sayTyped(half.slack) : '', unit })
  // A bare number keeps the unit that it was typed in.
  const slack = typed.text === '' || typed.unit === unit ? typed.text : sayTyped({ typed: typed.text.trim(), unit: typed.unit })
  const [position, setPosition] = useState(half.position ?? '')
  const [isTried, setIsTried] = useState(false)
  const length = readLength(slack, unit)
  const save = () => {
    setIsTried(true)
    if (slack.trim() !== '' && length.fault) return
    change((now) => {
      const withSlack = withField(now, end, 'slack', slack.trim() ? { typed: slack.trim(), unit, instrument: 'tape' } : null)
      return withField(withSlack, end, 'position', position.trim() || null)
    })
    setIsTried(false)
  }
  return (
    <form
      className="grid items-start gap-3 border-t-2 border-ink pt-3 desk:grid-cols-[10rem_1fr_auto]"
      onSubmit={(event) => {
        event.preventDefault()
        save()
      }}
    >
      <Field
        label={`Slack, end ${end}, ${inUnit(unit)}`}
        hint="To pull, or to cut back"
        fault={isTried && slack.trim() !== '' && length.fault ? sayFault(length.fault) : undefined}
      >
        {(input) => (
          <input
            {...input}
            disabled={!mayPlan}
            autoComplete="off"
            value={slack}
            onChange={(event) => setTyped({ text: event.target.value, unit })}
          />
        )}
      </Field>
      <Field label="Where the end lies" hint="As the next crew would look for it">
        {(input) => (
          <input
            {...input}
            disabled={!mayPlan}
            maxLength={200}
            value={position}
            onChange={(event) => setPosition(event.target.value)}
          />
        )}
      </Field>
      {mayPlan && (
        <Button type="submit" className="desk:mt-6">
          Keep
        </Button>
      )}
    </form>
  )
}
