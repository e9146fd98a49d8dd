import { useState } from 'react'
import { useWrite } from '../../api/outbox'
import { useMay } from '../../api/session'
import type { FoundWhat, Job } from '../../api/types'
import { useTyped } from '../../engine/typed'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { useUnit } from '../../ui/UnitContext'
import { say } from '../../domain/sentence'

const WHAT: Record<FoundWhat, string> = {
  'wet-strands': 'Water in the strands',
  'wet-paper': 'Damp papers',
  'other-screen': 'Another [metallic screen]',
  'other-conductor': 'Another conductor',
  'other-size': 'Another diameter',
  'damaged-sheath': 'The [oversheath] is damaged',
  'damaged-insulation': 'The insulation is damaged',
  other: 'Something else',
}

/** What opening the cable shows is otherwise than planned: nothing is built on before it is planned anew, or let stand. */
export function FoundOtherwise({ job }: { job: Job }) {
  const mayBuild = useMay('build')
  if (!mayBuild || job.safety === null || job.completion.done) return null
  return (
    <details>
      <summary className="min-h-11 text-plan underline underline-offset-4">The cable is otherwise than planned</summary>
      <FoundForm job={job} />
    </details>
  )
}

function FoundForm({ job }: { job: Job }) {
  const unit = useUnit()
  const write = useWrite(job.id)
  const [what, setWhat] = useState<FoundWhat>('wet-strands')
  const [end, setEnd] = useState<'A' | 'B'>('A')
  const [note, setNote] = useTyped(`${job.id}.found`)
  const [isTried, setIsTried] = useState(false)
  const isMissing = note.trim() === ''
  const name = (one: FoundWhat) => say({ template: WHAT[one], values: {} }, unit)
  return (
    <form
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        setIsTried(true)
        if (isMissing) return
        write({ kind: 'found', what, end, note: note.trim() }, `Found at end ${end}: ${name(what)}. ${note.trim()}`)
        setNote('')
        setIsTried(false)
      }}
    >
      <Field label="What shows">
        {(input) => (
          <select {...input} value={what} onChange={({ target }) => setWhat(target.value as FoundWhat)}>
            {(Object.keys(WHAT) as FoundWhat[]).map((one) => (
              <option key={one} value={one}>
                {name(one)}
              </option>
            ))}
          </select>
        )}
      </Field>
      {job.function === 'joint' && (
        <fieldset className="flex gap-5">
          <legend className="text-label text-mute">At</legend>
          {(['A', 'B'] as const).map((one) => (
            <label key={one} className="flex min-h-11 items-center gap-2">
              <input
                type="radio"
                name="found-at"
                className="size-6 accent-ink"
                checked={end === one}
                onChange={() => setEnd(one)}
              />
              End {one}
            </label>
          ))}
        </fieldset>
      )}
      <Field
        label="What you see, and how far"
        hint="Work stops here until the cables are planned with it, or an engineer lets it stand."
        fault={isTried && isMissing ? 'Write what you see.' : undefined}
      >
        {(input) => (
          <textarea {...input} rows={2} maxLength={600} value={note} onChange={({ target }) => setNote(target.value)} />
        )}
      </Field>
      <Button type="submit" className="justify-self-start">
        Write down what was found
      </Button>
    </form>
  )
}
