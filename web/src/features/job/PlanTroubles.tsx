import { sayTyped } from '../../domain/length'
import { discardUnsaved, useResolve, useUnsaved } from '../../api/plan'
import type { Draft, Job } from '../../api/types'
import { layerName, word } from '../../domain/words'
import { Button } from '../../ui/Button'
import { Modal } from '../../ui/Modal'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'
import type { Unit } from '../../domain/length'

/** What the server could not take of a plan, and the two versions when somebody else was first. */
export function PlanTroubles({ job }: { job: Job }) {
  const unsaved = useUnsaved(job.id)
  const problem = unsaved?.problem
  if (!problem) return null
  if (problem.theirs) return <Conflict job={job} theirs={problem.theirs} mine={unsaved.draft} />
  return (
    <div className="border-b-2 border-out p-3 desk:px-6">
      <Note tone="out" role="alert" title={`Not saved: ${problem.detail}`}>
        <ul className="list-disc pl-5">
          {problem.problems?.map((one) => (
            <li key={one.path + one.message}>
              <span className="font-semibold">{place(one.path)}</span> {one.message}
            </li>
          ))}
        </ul>
        <Button kind="link" onClick={() => discardUnsaved(job.id)}>
          Go back to what is saved
        </Button>
      </Note>
    </div>
  )
}

/** "ends.A.readings.insulation[0].typed" as a person would point at it. */
function place(path: string): string {
  const end = /^ends\.([AB])/.exec(path)?.[1]
  const layer = /readings\.([a-z-]+)/.exec(path)?.[1]
  const what = layer ? layerName(layer, 'mm').toLowerCase() : path.includes('freeLength') ? 'free length' : path.split('.').at(-1)
  return end ? `End ${end}, ${what === end ? 'readings' : what}:` : `${path}:`
}

function Conflict({ job, theirs, mine }: { job: Job; theirs: Job; mine: Draft }) {
  const unit = useUnit()
  const resolve = useResolve(job.id)
  const rows = differences(theirs.draft, mine, unit)
  return (
    <Modal title="Somebody else changed this job while you were editing" open>
      <p>Nothing was overwritten. Both versions are here: choose which one stands.</p>
      <table className="my-4 w-full text-left">
        <thead className="border-b-2 border-ink text-label text-mute">
          <tr>
            <th className="py-1 font-normal">what</th>
            <th className="font-normal">theirs, stored</th>
            <th className="font-normal">yours, not stored</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.what} className="border-b border-line align-top">
              <td className="py-2 pr-4">{row.what}</td>
              <td className="pr-4">{row.theirs || '–'}</td>
              <td>{row.mine || '–'}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="flex flex-wrap gap-4">
        <Button kind="primary" onClick={() => resolve.takeTheirs(theirs)}>
          Keep theirs
        </Button>
        <Button onClick={() => resolve.putMineOnTop(theirs)}>Store mine in its place</Button>
      </div>
    </Modal>
  )
}

type Row = { what: string; theirs: string; mine: string }

function differences(theirs: Draft, mine: Draft, unit: Unit): Row[] {
  const [left, right] = [flat(theirs, unit), flat(mine, unit)]
  const names = [...new Set([...Object.keys(left), ...Object.keys(right)])]
  return names.flatMap((what) =>
    left[what] === right[what] ? [] : [{ what, theirs: left[what] ?? '', mine: right[what] ?? '' }],
  )
}

function flat(draft: Draft, unit: Unit): Record<string, string> {
  const rows: Record<string, string> = {
    Kit: draft.kit ? `${draft.kit.id}, revision ${draft.kit.revision}, size ${draft.kit.size}` : '',
    Connector: draft.connector ? `${draft.connector.id}, revision ${draft.connector.revision}` : '',
  }
  for (const [end, half] of Object.entries(draft.ends)) {
    rows[`End ${end}, cable`] = half.cable ? `${half.cable.id}, revision ${half.cable.revision}` : ''
    rows[`End ${end}, free length`] = half.freeLength ? sayTyped(half.freeLength) : ''
    for (const [layer, readings] of Object.entries(half.readings ?? {}))
      rows[`End ${end}, ${word(layer.replace('-', ' '), unit)}`] = readings.map(sayTyped).join(' · ')
  }
  return rows
}
