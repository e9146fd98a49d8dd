import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { ApiError } from '../../api/client'
import { jobQueries } from '../../api/jobs'
import { kitQueries } from '../../api/kits'
import type { Job, KitDraft, KitSheet } from '../../api/types'
import { say } from '../../domain/sentence'
import { Field } from '../../ui/Field'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'
import { MarkTables } from '../../views/MarkTables'
import { SectionView } from '../../views/SectionView'

/** The draft on real cables: every mark and part as it would lie, before anybody builds to it. */
export function TriedOn({ draft, sheet }: { draft: KitDraft; sheet: KitSheet }) {
  const jobs = useQuery(jobQueries.page(1)).data?.jobs.filter((job) => job.function === sheet.function) ?? []
  const [job, setJob] = useState('')
  const [size, setSize] = useState(sheet.sizes[0] ?? '')
  return (
    <section aria-label="Tried on a job" className="grid gap-3 border-t-2 border-ink pt-3">
      <h3 className="font-semibold">Try it on a job</h3>
      <div className="grid gap-3 desk:grid-cols-[1fr_10rem]">
        <Field label="Job" hint="Its cables and its connector; nothing is kept">
          {(input) => (
            <select {...input} value={job} onChange={(event) => setJob(event.target.value)}>
              <option value="">none</option>
              {jobs.map((one) => (
                <option key={one.id} value={one.id}>
                  {one.name}
                </option>
              ))}
            </select>
          )}
        </Field>
        <Field label="Size">
          {(input) => (
            <select {...input} value={size} onChange={(event) => setSize(event.target.value)}>
              {sheet.sizes.map((one) => (
                <option key={one} value={one}>
                  {one}
                </option>
              ))}
            </select>
          )}
        </Field>
      </div>
      {job && <Outcome draft={draft} job={job} size={size} />}
    </section>
  )
}

function Outcome({ draft, job, size }: { draft: KitDraft; job: string; size: string }) {
  const tried = useQuery(kitQueries.tried(draft.id, draft.version, job, size))
  const problem = tried.error instanceof ApiError ? tried.error.problem?.problems?.[0] : undefined
  if (tried.error)
    return <Note tone="out" role="alert" title={problem ? `${problem.path} ${problem.message}` : tried.error.message} />
  return tried.data ? <Planned job={tried.data} /> : <p role="status">Working it out</p>
}

function Planned({ job }: { job: Job }) {
  const unit = useUnit()
  const obstacles = job.steps.flatMap((step) => (step.step === 'safety' ? [] : step.obstacles))
  return (
    <div className="grid gap-3">
      {obstacles.map((reason) => (
        <Note key={say(reason, unit)} tone="out">
          {say(reason, unit)}
        </Note>
      ))}
      {obstacles.length === 0 && <Note tone="inside" title="It fits, and everything covers what it must." />}
      {job.markOut && (
        <>
          <SectionView job={job} datum="cable-end" active={null} />
          <div className="grid gap-4 relative overflow-x-auto">
            <MarkTables job={job} show="tools" />
          </div>
        </>
      )}
    </div>
  )
}
