import { useState } from 'react'
import { ApiError } from '../../api/client'
import { useAddTool, type NewTool } from '../../api/tools'
import { useTypedForm } from '../../engine/typed'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Note } from '../../ui/Note'

const EMPTY = { name: '', serial: '', dies: '', least: '', most: '', calibratedUntil: '' }

/** A press with its dies, or a wrench with its range, is written down. */
export function AddTool() {
  const add = useAddTool()
  const [kind, setKind] = useState<NewTool['kind']>('crimp-press')
  const [typed, setTyped] = useTypedForm('new-tool', EMPTY)
  const problems = add.error instanceof ApiError ? (add.error.problem?.problems ?? []) : []
  const faultOf = (key: string) => problems.find((one) => one.path === key || one.path.startsWith(`${key}[`))?.message
  const text = (key: keyof typeof EMPTY, label: string, hint?: string, type = 'text') => (
    <Field label={label} hint={hint} fault={faultOf(key)}>
      {(input) => (
        <input
          {...input}
          type={type}
          value={typed[key]}
          onChange={(event) => setTyped({ ...typed, [key]: event.target.value })}
        />
      )}
    </Field>
  )
  return (
    <form
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        add.mutate(toolOf(kind, typed), { onSuccess: () => setTyped(null) })
      }}
    >
      <Field label="Kind">
        {(input) => (
          <select {...input} value={kind} onChange={(event) => setKind(event.target.value as NewTool['kind'])}>
            <option value="crimp-press">crimp press</option>
            <option value="torque-wrench">torque wrench</option>
          </select>
        )}
      </Field>
      {text('name', 'Name')}
      {text('serial', 'Serial number')}
      {kind === 'crimp-press' ? (
        text('dies', 'Dies', 'As connectors name them; a semicolon between two: hexagonal, Al 95; hexagonal, Al 150')
      ) : (
        <>
          {text('least', 'From', '20 N·m, or 15 lbf·ft')}
          {text('most', 'To')}
        </>
      )}
      {text('calibratedUntil', 'Calibrated until', undefined, 'date')}
      {add.error && (
        <Note tone="out" role="alert" title={add.error.message}>
          {problems.filter((one) => one.path === '').map((one) => one.message)}
        </Note>
      )}
      <Button type="submit" kind="primary" disabled={add.isPending || typed.name === ''}>
        Write it down
      </Button>
    </form>
  )
}

function toolOf(kind: NewTool['kind'], typed: typeof EMPTY): NewTool {
  const { name, serial, least, most, calibratedUntil } = typed
  const dies = typed.dies
    .split(';')
    .map((die) => die.trim())
    .filter(Boolean)
  return {
    kind,
    name,
    serial,
    ...(kind === 'crimp-press' ? { dies } : { least, most }),
    ...(calibratedUntil ? { calibratedUntil } : {}),
  }
}
