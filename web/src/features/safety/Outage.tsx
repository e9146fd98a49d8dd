import { useChangePlan, useDraft } from '../../api/plan'
import { useMay } from '../../api/session'
import type { Job } from '../../api/types'
import { Field } from '../../ui/Field'

/** When the cable goes into service again: what is begun has to be finished or made safe by then. */
export function Outage({ job }: { job: Job }) {
  const mayPlan = useMay('plan')
  const change = useChangePlan(job)
  const { outageEnds } = useDraft(job)
  return (
    <Field label="Outage ends" hint="Where it has an end: Berm tells you in its last three hours.">
      {(input) => (
        <input
          {...input}
          type="datetime-local"
          disabled={!mayPlan}
          value={outageEnds ? local(new Date(outageEnds)) : ''}
          onChange={(event) => {
            const { value } = event.target
            change((draft) => ({ ...draft, outageEnds: value === '' ? null : new Date(value).toISOString() }))
          }}
        />
      )}
    </Field>
  )
}

const local = (at: Date): string => new Date(at.getTime() - at.getTimezoneOffset() * 60_000).toISOString().slice(0, 16)
