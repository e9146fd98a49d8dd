import { useState } from 'react'
import { useUnjudged, useWrite } from '../../api/outbox'
import { useMay } from '../../api/session'
import type { Job } from '../../api/types'
import { useTyped } from '../../engine/typed'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Note } from '../../ui/Note'
import { CallForIt } from '../../views/Calls'
import { LetStand } from '../../views/LetStand'

/** Which edition of the leaflet lies in the box: another than the sheet's stops until an engineer has compared them. */
export function Leaflet({ job }: { job: Job }) {
  const { sheet, read, by, isOther, compared } = job.leaflet
  const write = useWrite(job.id)
  const mayAccept = useMay('accept-deviation')
  if (sheet === '') return null
  const what = `The leaflet in the box is edition ${read ?? ''}, the sheet’s ${sheet}: compare them.`
  return (
    <section aria-label="Leaflet" className="grid gap-3 border-t-2 border-ink pt-3">
      <h2 className="text-lead font-semibold">The leaflet in the box</h2>
      {read === null ? (
        <Asked job={job} sheet={sheet} />
      ) : (
        <Note
          tone={isOther && compared === null ? 'out' : isOther ? 'unproved' : 'inside'}
          title={isOther ? `Edition ${read}, and the sheet is of ${sheet}` : `Edition ${read}, as the sheet`}
        >
          <p>Read by {by}.</p>
          {compared !== null && <p>Compared by an engineer: {compared}</p>}
        </Note>
      )}
      {isOther && compared === null && (
        <>
          <LetStand
            deed="compares them, and lets the joint be built by it"
            label="How they differ, and why it may be built"
            onReason={(reason) => write({ kind: 'leaflet-compared', reason }, `Leaflet compared: ${reason}`)}
          />
          {!mayAccept && <CallForIt job={job} what={what} />}
        </>
      )}
    </section>
  )
}

function Asked({ job, sheet }: { job: Job; sheet: string }) {
  const write = useWrite(job.id)
  const mayBuild = useMay('build')
  const isOnItsWay = useUnjudged(job.id).some((one) => one.refused === null && one.event.kind === 'leaflet-read')
  const [edition, setEdition] = useTyped(`${job.id}.leaflet`)
  const [isTried, setIsTried] = useState(false)
  const say = (read: string) => write({ kind: 'leaflet-read', edition: read }, `Leaflet in the box: edition ${read}`)
  const said = `This sheet was written from edition ${sheet}.`
  if (!mayBuild || isOnItsWay) return <p>{said} It is asked when the box is opened.</p>
  return (
    <form
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        setIsTried(true)
        if (edition.trim() !== '') say(edition.trim())
      }}
    >
      <p>{said} Which one lies in the box?</p>
      <Button kind="primary" className="justify-self-start" onClick={() => say(sheet)}>
        It is {sheet}
      </Button>
      <Field
        label="Another: as it stands on it"
        fault={isTried && edition.trim() === '' ? 'Copy the edition or the date from the leaflet.' : undefined}
      >
        {(input) => <input {...input} maxLength={60} value={edition} onChange={({ target }) => setEdition(target.value)} />}
      </Field>
      <Button type="submit" className="justify-self-start">
        It is this one
      </Button>
    </form>
  )
}
