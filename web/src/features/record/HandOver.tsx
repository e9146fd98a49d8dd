import { useState } from 'react'
import { useUnjudged, useWrite } from '../../api/outbox'
import { useMay } from '../../api/session'
import type { Job } from '../../api/types'
import { useTyped } from '../../engine/typed'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Note } from '../../ui/Note'
import { WhoMay } from '../../views/WhoMay'

/** All is done: whoever takes it over signs for it by name. Nothing where work is open or it is handed over. */
export function HandOver({ job }: { job: Job }) {
  const mayBuild = useMay('build')
  const isOnItsWay = useUnjudged(job.id).some((one) => one.refused === null && one.event.kind === 'handed-over')
  if (!job.completion.done || job.completion.complete) return null
  return (
    <section aria-label="Hand over" className="no-print grid max-w-[36rem] gap-3 border-2 border-ink p-4">
      <h2 className="text-lead font-semibold">Hand it over</h2>
      <p>Read the record with whoever takes it over. What is written after that was not signed for.</p>
      {isOnItsWay && (
        <Note tone="unproved" role="status">
          Kept here, and on its way.
        </Note>
      )}
      {mayBuild ? !isOnItsWay && <Signed job={job} /> : <WhoMay right="build" deed="hands it over" />}
    </section>
  )
}

function Signed({ job }: { job: Job }) {
  const write = useWrite(job.id)
  const [name, setName] = useTyped(`${job.id}.signed-by`)
  const [isTried, setIsTried] = useState(false)
  const isMissing = name.trim() === ''
  return (
    <form
      noValidate
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        setIsTried(true)
        if (isMissing) return
        write({ kind: 'handed-over', signedBy: name.trim() }, `Handed over, signed for by ${name.trim()}`)
        setName('')
      }}
    >
      <Field
        label="Signed for by"
        hint="first and last name, and for whom"
        fault={isTried && isMissing ? 'Name who takes it over.' : undefined}
      >
        {(input) => (
          <input {...input} autoComplete="name" maxLength={120} value={name} onChange={({ target }) => setName(target.value)} />
        )}
      </Field>
      <Button kind="primary" type="submit">
        Hand over
      </Button>
    </form>
  )
}
