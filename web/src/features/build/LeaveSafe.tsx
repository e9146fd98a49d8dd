import { useState } from 'react'
import { useNavigate } from 'react-router'
import { useWrite } from '../../api/outbox'
import { useMay } from '../../api/session'
import type { Job } from '../../api/types'
import { useTyped } from '../../engine/typed'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Note } from '../../ui/Note'

/** For the night, or for another shift: what is half done is covered, and safe to start is asked anew. */
export function LeaveSafe({ job }: { job: Job }) {
  const mayBuild = useMay('build')
  if (!mayBuild || job.safety === null || job.completion.done) return null
  return (
    <details>
      <summary className="min-h-11 text-plan underline underline-offset-4">Leave it for the night, or to another shift</summary>
      <LeaveForm job={job} />
    </details>
  )
}

function LeaveForm({ job }: { job: Job }) {
  const write = useWrite(job.id)
  const navigate = useNavigate()
  const [covered, setCovered] = useTyped(`${job.id}.covered`)
  const [to, setTo] = useTyped(`${job.id}.left-to`)
  const [isTried, setIsTried] = useState(false)
  const stage = job.stages?.find((one) => one.key === job.next.stage)
  const leave = () => {
    setIsTried(true)
    if (covered.trim() === '') return
    const other = to.trim() === '' ? {} : { to: to.trim() }
    write({ kind: 'left-safe', covered: covered.trim(), ...other }, `Left safe, covered with ${covered.trim()}`)
    setCovered('')
    setTo('')
    void navigate(`/jobs/${job.id}/safety`)
  }
  return (
    <div className="grid gap-2">
      <Note tone="unproved" title={stage ? `Half done: ${stage.title}` : 'Half done'}>
        Cover conductor and insulation against water and dirt, leave nothing hot or wet with solvent, hold what may move, guard
        the pit. Whoever goes on confirms anew that it is safe to start, dry and clean.
      </Note>
      <Field label="Covered with" fault={isTried && covered.trim() === '' ? 'Say with what it is covered.' : undefined}>
        {(input) => <input {...input} maxLength={200} value={covered} onChange={({ target }) => setCovered(target.value)} />}
      </Field>
      <Field label="Who goes on with it" hint="Leave it empty where it is you.">
        {(input) => <input {...input} maxLength={120} value={to} onChange={({ target }) => setTo(target.value)} />}
      </Field>
      <Button onClick={leave}>It is left safe</Button>
    </div>
  )
}
