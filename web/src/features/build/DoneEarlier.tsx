import { Link } from 'react-router'
import { useMay } from '../../api/session'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Note } from '../../ui/Note'
import { useToldTime } from './useWriteDone'

/**
 * When it was done, where it is written down later than that, from a paper sheet or from memory: waits are counted from there. It holds for
 * all that is written down on this job until it is taken away again.
 */
export function DoneEarlier({ jobId }: { jobId: string }) {
  const [at, setAt] = useToldTime(jobId)
  const mayBuild = useMay('build')
  if (!mayBuild) return null
  return (
    <details open={at !== '' || undefined}>
      <summary className="min-h-11 text-plan underline underline-offset-4">It was done earlier</summary>
      <div className="grid gap-2">
        <Field label="Done at" hint="As your own clock showed it; it stands in the log beside the time of writing.">
          {(input) => <input {...input} type="datetime-local" value={at} onChange={(event) => setAt(event.target.value)} />}
        </Field>
        {at !== '' && (
          <Note tone="unproved" role="status" title={`What is written down here counts as done at ${at.replace('T', ', ')}.`}>
            <Button kind="link" onClick={() => setAt('')}>
              It is done now again
            </Button>
          </Note>
        )}
        <Link
          to={`/jobs/${jobId}/build/sheet`}
          className="inline-flex min-h-11 items-center text-plan underline underline-offset-4"
        >
          Type in a stage sheet, line by line
        </Link>
      </div>
    </details>
  )
}
