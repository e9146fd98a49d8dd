import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { kitQueries } from '../../api/kits'
import { classes } from '../../ui/classes'
import { Note } from '../../ui/Note'
import { Toggle } from '../../ui/Toggle'

const FUNCTIONS = [
  { value: 'joint', label: 'Joint' },
  { value: 'termination', label: 'Termination' },
  { value: 'separable-connector', label: 'Elbow' },
] as const

type Function = (typeof FUNCTIONS)[number]['value']

/** Which kind of accessory it is: what lies where, is cut, looked at and caught is then there, and only the leaflet's figures are asked. */
export function KindChooser({ kind, onKind }: { kind: string; onKind: (kind: string) => void }) {
  const [of, setOf] = useState<Function>('termination')
  const { data, error } = useQuery(kitQueries.skeletons())
  const kinds = data?.skeletons.filter((one) => one.function === of) ?? []
  if (error) return <Note tone="out" role="alert" title={error.message} />
  return (
    <div className="grid gap-2">
      <Toggle
        label="It makes a"
        value={of}
        options={FUNCTIONS}
        onChange={(next) => {
          setOf(next)
          onKind('')
        }}
        className="justify-self-start"
      />
      <fieldset className="grid max-h-72 overflow-y-auto border-2 border-line">
        <legend className="sr-only">Begin from</legend>
        {kinds.map((one) => (
          <Kind key={one.id} value={one.id} label={one.title} kind={kind} onKind={onKind} />
        ))}
        <Kind value="none" label="None of these: begin with nothing" kind={kind} onKind={onKind} />
      </fieldset>
      <p className="text-label text-mute">
        Its parts, cuts, stages and checks are there from the start. Every figure is asked for: none is another maker’s.
      </p>
    </div>
  )
}

function Kind({ value, label, kind, onKind }: { value: string; label: string; kind: string; onKind: (kind: string) => void }) {
  return (
    <label
      className={classes(
        'flex min-h-11 cursor-pointer items-center gap-3 border-b border-line px-3',
        'last:border-b-0 hover:bg-soft has-checked:bg-ink has-checked:text-chalk',
      )}
    >
      <input type="radio" name="kind" className="size-5 accent-ink" checked={kind === value} onChange={() => onKind(value)} />
      {label}
    </label>
  )
}
