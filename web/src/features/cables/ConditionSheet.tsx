import { useChangePlan, useDraft } from '../../api/plan'
import type { ConditionCheck, End, Job } from '../../api/types'
import { Toggle } from '../../ui/Toggle'
import { endOf, withCondition } from './edit'
import { FreeLength } from './FreeLength'
import { Position } from './Position'
import { Walls } from './Walls'
import { Warmth } from './Warmth'

type SheetProps = { job: Job; end: End; mayPlan: boolean }

/** Is it sound, dry and warm enough; how thick is the insulation at its thinnest; and how much cable is there to work with. */
export function ConditionSheet({ job, end, mayPlan }: SheetProps) {
  return (
    <>
      <Conditions job={job} end={end} mayPlan={mayPlan} />
      <Warmth job={job} end={end} mayPlan={mayPlan} />
      <Walls job={job} end={end} mayPlan={mayPlan} />
      <FreeLength job={job} end={end} mayPlan={mayPlan} />
      <Position job={job} end={end} mayPlan={mayPlan} />
    </>
  )
}

function Conditions({ job, end, mayPlan }: SheetProps) {
  const checks = job.ends.find((one) => one.end === end)?.conditions ?? []
  return (
    <ul aria-label="Condition of the cable" className="border-t-2 border-ink">
      {checks.map((check) => (
        <Check key={check.key} job={job} end={end} check={check} mayPlan={mayPlan} />
      ))}
    </ul>
  )
}

function Check({ job, end, check, mayPlan }: SheetProps & { check: ConditionCheck }) {
  const change = useChangePlan(job)
  const answer = endOf(useDraft(job), end).conditions?.[check.key] ?? 'open'
  return (
    <li className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-b border-line py-1.5">
      <span>{check.question}</span>
      {mayPlan ? (
        <Toggle
          label={check.question}
          value={answer}
          onChange={(next) => change((now) => withCondition(now, end, check.key, next === 'open' ? null : next))}
          options={[
            { value: 'yes', label: 'yes' },
            { value: 'no', label: 'no' },
            { value: 'open', label: 'not looked' },
          ]}
        />
      ) : (
        <span className="text-mute">{answer === 'open' ? 'not looked' : answer}</span>
      )}
    </li>
  )
}
