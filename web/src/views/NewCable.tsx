import { useState } from 'react'
import { useAddCable, useCompleteCable } from '../api/cables'
import { ApiError } from '../api/client'
import type { CableType, Problem } from '../api/types'
import { inUnit, sayFine } from '../domain/length'
import { layerName, word } from '../domain/words'
import { useTypedForm } from '../engine/typed'
import { Button } from '../ui/Button'
import { Field } from '../ui/Field'
import { Note } from '../ui/Note'
import { useUnit } from '../ui/UnitContext'
import { CHOICES, emptyForm, fileOf, givenLayers, hasWires, layersOf, optionName, type CableForm } from './cableForm'

type Problems = NonNullable<Problem['problems']>
type Edit = (change: Partial<CableForm>) => void

/** A cable that the library does not have, from its drum or datasheet: only what is known; the rest is worked out. */
export function NewCable({ onDone, onBack }: { onDone: (cable: CableType) => void; onBack: () => void }) {
  const unit = useUnit()
  const add = useAddCable()
  const complete = useCompleteCable()
  const [id] = useState(() => crypto.randomUUID().slice(0, 6))
  const [empty] = useState(() => emptyForm(unit))
  const [form, setForm] = useTypedForm('new-cable', empty)
  const error = add.error ?? complete.error
  const problems = error instanceof ApiError ? (error.problem?.problems ?? []) : []
  const done = (cable: CableType) => {
    setForm(null)
    onDone(cable)
  }
  const edit: Edit = (change) => {
    setForm({ ...form, ...change })
    add.reset()
    complete.reset()
  }
  return (
    <form
      className="grid gap-4"
      onSubmit={(event) => {
        event.preventDefault()
        if (complete.data) add.mutate(fileOf(form, id, unit), { onSuccess: done })
        else complete.mutate(fileOf(form, id, unit))
      }}
    >
      <Names form={form} edit={edit} problems={problems} />
      <Choices form={form} edit={edit} problems={problems} />
      <Diameters form={form} edit={edit} problems={problems} />
      {problems
        .filter((problem) => problem.path === '')
        .map((problem) => (
          <Note key={problem.message} tone="out" role="alert" title={problem.message} />
        ))}
      {error && problems.length === 0 && <Note tone="out" role="alert" title={error.message} />}
      {complete.data && <Completed cable={complete.data} />}
      <div className="flex flex-wrap gap-4">
        <Button type="submit" kind="primary" disabled={add.isPending || complete.isPending}>
          {complete.data ? 'Add it to the library' : 'Work out the rest'}
        </Button>
        <Button onClick={onBack}>Back</Button>
      </div>
    </form>
  )
}

type PartProps = { form: CableForm; edit: Edit; problems: Problems }

const faultAt = (problems: Problems, path: string) => problems.find((problem) => problem.path === path)?.message

function Names({ form, edit, problems }: PartProps) {
  return (
    <div className="grid gap-4 desk:grid-cols-3">
      <Field label="Designation" fault={faultAt(problems, 'designation')}>
        {(input) => <input {...input} autoFocus value={form.name} onChange={(event) => edit({ name: event.target.value })} />}
      </Field>
      <Field label="Rated voltage" hint="6.35/11 (12) kV, or 15 kV" fault={faultAt(problems, 'ratedVoltage')}>
        {(input) => <input {...input} value={form.voltage} onChange={(event) => edit({ voltage: event.target.value })} />}
      </Field>
      <Field label="Conductor size" hint="95 mm², 4/0, 500 kcmil" fault={faultAt(problems, 'conductor.size')}>
        {(input) => <input {...input} value={form.size} onChange={(event) => edit({ size: event.target.value })} />}
      </Field>
    </div>
  )
}

function Choices({ form, edit, problems }: PartProps) {
  const unit = useUnit()
  return (
    <div className="grid gap-4 desk:grid-cols-5">
      {(Object.keys(CHOICES) as (keyof typeof CHOICES)[]).map((key) => (
        <Field key={key} label={word(CHOICES[key].label, unit)} fault={faultAt(problems, CHOICES[key].path)}>
          {(input) => (
            <select {...input} value={form[key]} onChange={(event) => edit({ [key]: event.target.value })}>
              {CHOICES[key].options.map((option) => (
                <option key={option} value={option}>
                  {optionName(option)}
                </option>
              ))}
            </select>
          )}
        </Field>
      ))}
      {hasWires(form) && (
        <>
          <Field label="Screen wires" hint="Counted; leave empty if not" fault={faultAt(problems, 'screenWires.count')}>
            {(input) => (
              <input
                {...input}
                inputMode="numeric"
                value={form.wireCount}
                onChange={(event) => edit({ wireCount: event.target.value.replace(/\D/g, '') })}
              />
            )}
          </Field>
          <Field label="Diameter of one wire" fault={faultAt(problems, 'screenWires.diameter')}>
            {(input) => (
              <input {...input} value={form.wireDiameter} onChange={(event) => edit({ wireDiameter: event.target.value })} />
            )}
          </Field>
        </>
      )}
    </div>
  )
}

function Diameters({ form, edit, problems }: PartProps) {
  const unit = useUnit()
  const given = givenLayers(form)
  return (
    <fieldset className="grid gap-4 border-t border-line pt-3 desk:grid-cols-5">
      <legend className="pr-3 text-label text-mute">
        Diameters that are stated, {inUnit(unit)} where no unit is typed; leave out what is not known
      </legend>
      {layersOf(form).map((layer) => (
        <Field
          key={layer}
          label={`Over the ${layerName(layer, unit).toLowerCase()}`}
          fault={faultAt(problems, `layers[${given.indexOf(layer)}].diameter`)}
        >
          {(input) => (
            <input
              {...input}
              inputMode="decimal"
              value={form.diameters[layer] ?? ''}
              onChange={(event) => edit({ diameters: { ...form.diameters, [layer]: event.target.value } })}
            />
          )}
        </Field>
      ))}
    </fieldset>
  )
}

/** What was worked out, before it is kept. */
function Completed({ cable }: { cable: CableType }) {
  const unit = useUnit()
  return (
    <Note tone="inside" role="status" title="This is what it comes to.">
      <ul className="grid gap-x-6 text-label desk:grid-cols-2">
        {cable.layers.map((layer) => (
          <li key={layer.layer}>
            {layerName(layer.layer, unit)} {sayFine(layer.diameterMm, unit)} · {layer.basis}
          </li>
        ))}
        {cable.unknown.map((layer) => (
          <li key={layer} className="text-unproved">
            {layerName(layer, unit)}: no rule gives it; it is asked for when it is needed
          </li>
        ))}
      </ul>
    </Note>
  )
}
