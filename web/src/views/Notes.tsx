import { useState } from 'react'
import { useWrite } from '../api/outbox'
import { useMay } from '../api/session'
import type { Job } from '../api/types'
import { useTyped } from '../engine/typed'
import { Button } from '../ui/Button'
import { Field } from '../ui/Field'

/** What people have to say of a stage, or of the job as a whole where there is none, and room for more. */
export function Notes({ job, stage }: { job: Job; stage: string | null }) {
  const mayWrite = useMay('write-note')
  const said = job.log.flatMap(({ id, by, counts, event }) =>
    counts && event.kind === 'noted' && (event.stage ?? null) === stage ? [{ id, by, note: event.note }] : [],
  )
  return (
    <div className="no-print grid gap-2">
      {said.length > 0 && (
        <ul aria-label="Notes" className="grid gap-1">
          {said.map(({ id, by, note }) => (
            <li key={id} className="border-l-4 border-line pl-3">
              {note} <span className="text-label text-mute">{by}</span>
            </li>
          ))}
        </ul>
      )}
      {mayWrite && <NewNote job={job} stage={stage} />}
    </div>
  )
}

function NewNote({ job, stage }: { job: Job; stage: string | null }) {
  const write = useWrite(job.id)
  const [note, setNote] = useTyped(`${job.id}.note.${stage ?? ''}`)
  const [isTried, setIsTried] = useState(false)
  const isMissing = note.trim() === ''
  const store = () => {
    setIsTried(true)
    if (isMissing) return
    write({ kind: 'noted', note: note.trim(), ...(stage === null ? {} : { stage }) }, `Note: ${note.trim()}`)
    setNote('')
    setIsTried(false)
  }
  return (
    <details open={note !== '' || undefined}>
      <summary className="min-h-11 text-plan underline underline-offset-4">Write a note</summary>
      <div className="grid gap-2">
        <Field
          label="Note"
          hint="It stands in the record. Nothing waits for it."
          fault={isTried && isMissing ? 'Write what you have to say.' : undefined}
        >
          {(input) => (
            <textarea {...input} rows={3} maxLength={600} value={note} onChange={({ target }) => setNote(target.value)} />
          )}
        </Field>
        <Button onClick={store}>Keep the note</Button>
      </div>
    </details>
  )
}
