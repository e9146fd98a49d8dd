import { useState } from 'react'
import { useNavigate } from 'react-router'
import { newJobId, useCreateJob } from '../../api/jobs'
import { startPlan } from '../../api/plan'
import { useMay } from '../../api/session'
import type { Draft, Job } from '../../api/types'
import { Button } from '../../ui/Button'
import { Note } from '../../ui/Note'
import { WhoMay } from '../../views/WhoMay'

const LONGEST = 120

/** The joint at the other end of the piece: the same cables, kit and connector, and nothing of what was measured on this one. */
export function SecondJoint({ job }: { job: Job }) {
  const create = useCreateJob()
  const navigate = useNavigate()
  const mayPlan = useMay('plan')
  const [id] = useState(newJobId)
  if (!mayPlan) return <WhoMay right="plan" deed="plans the second joint" />
  const plan = () =>
    create.mutate(
      { id, name: nameOf(job.name), function: job.function, unit: job.draft.unit },
      {
        onSuccess: (second) => {
          startPlan(second, unmeasured(job.draft))
          void navigate(`/jobs/${second.id}/cables`)
        },
      },
    )
  return (
    <>
      <p>This joint is built at one end of the piece; the other end of it has a joint of its own, with a record of its own.</p>
      <Button kind="primary" disabled={create.isPending} onClick={plan} className="justify-self-start">
        Plan the second joint
      </Button>
      {create.isError && (
        <Note tone="out" role="alert">
          It was not made: {create.error.message} Try again.
        </Note>
      )}
    </>
  )
}

const nameOf = (name: string): string => {
  const more = ', second joint of the piece'
  return `${name.slice(0, LONGEST - more.length)}${more}`
}

/** What was measured, seen or said of these two ends is not so of the next two. */
export function unmeasured(draft: Draft): Draft {
  const ends = Object.entries(draft.ends).map(([end, { cable = null }]) => [end, { cable }])
  return { ...draft, ends: Object.fromEntries(ends) as Draft['ends'] }
}
