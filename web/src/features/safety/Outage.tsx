import { useState } from 'react'
import { useChangePlan, useDraft } from '../../api/plan'
import { useMay } from '../../api/session'
import type { Job } from '../../api/types'
import { Field } from '../../ui/Field'

/**
 * When the cable goes into service again: what is begun has to be finished or made safe by then. Kept when the field is left, since a
 * date that is typed digit by digit is many dates.
 */
export function Outage({ job }: { job: Job }) {
  const mayPlan = useMay('plan')
  const change = useChangePlan(job)
  const { outageEnds } = useDraft(job)
  const stored = outageEnds ? local(new Date(outageEnds)) : ''
  const [typed, setTyped] = useState<string | null>(null)
  const keep = () => {
    if (typed !== null && typed !== stored)
      change((draft) => ({ ...draft, outageEnds: typed === '' ? null : new Date(typed).toISOString() }))
    setTyped(null)
  }
  return (
    <Field label="Outage ends" hint="Where it has an end: Berm tells you in its last three hours.">
      {(input) => (
        <input
          {...input}
          type="datetime-local"
          disabled={!mayPlan}
          value={typed ?? stored}
          onChange={(event) => setTyped(event.target.value)}
          onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
          onBlur={keep}
        />
      )}
    </Field>
  )
}

const local = (at: Date): string => new Date(at.getTime() - at.getTimezoneOffset() * 60_000).toISOString().slice(0, 16)
