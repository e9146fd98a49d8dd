import { useState } from 'react'
import { ApiError } from '../../api/client'
import { useAddCable } from '../../api/cables'
import type { CableType, CableTypeFile } from '../../api/types'
import type { Unit } from '../../domain/length'
import { layerName } from '../../domain/words'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'

const LAYERS = ['conductor', 'insulation', 'insulation-screen', 'metallic-screen', 'oversheath'] as const
type Diameters = Record<(typeof LAYERS)[number], string>

const CHOICES = {
  material: { label: 'Conductor material', options: ['copper', 'aluminium'] },
  shape: { label: 'Conductor', options: ['compacted', 'stranded', 'compressed', 'solid'] },
  insulation: { label: 'Insulation', options: ['xlpe', 'tr-xlpe', 'epr'] },
  metallicScreen: { label: 'Metallic screen', options: ['copper-tape', 'copper-wire'] },
  oversheath: { label: 'Oversheath', options: ['pe', 'pvc'] },
} as const

type Chosen = Record<keyof typeof CHOICES, string>

function fileOf(name: string, voltage: string, size: string, chosen: Chosen, diameters: Diameters, unit: Unit): CableTypeFile {
  const slug = name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 50)
  return {
    id: `${slug || 'cable'}-${crypto.randomUUID().slice(0, 6)}`,
    revision: 1,
    designation: name,
    standard: '',
    ratedVoltage: voltage,
    conductor: { material: chosen.material, shape: chosen.shape, size },
    insulation: chosen.insulation,
    metallicScreen: chosen.metallicScreen,
    oversheath: chosen.oversheath,
    layers: LAYERS.map((layer) => ({
      layer,
      diameter: /^[\d\s.,/-]+$/.test(diameters[layer]) ? `${diameters[layer].trim()} ${unit}` : diameters[layer],
      basis: 'stated',
      source: 'entered from the drum or datasheet',
    })),
  }
}

/** A cable that the library does not have, from its drum or datasheet. */
export function NewCable({ onDone, onBack }: { onDone: (cable: CableType) => void; onBack: () => void }) {
  const unit = useUnit()
  const add = useAddCable()
  const [name, setName] = useState('')
  const [voltage, setVoltage] = useState(unit === 'in' ? '15 kV' : '6.35/11 (12) kV')
  const [size, setSize] = useState('')
  const [chosen, setChosen] = useState<Chosen>({
    material: 'aluminium',
    shape: 'compacted',
    insulation: 'xlpe',
    metallicScreen: 'copper-tape',
    oversheath: 'pe',
  })
  const [diameters, setDiameters] = useState<Diameters>({
    conductor: '',
    insulation: '',
    'insulation-screen': '',
    'metallic-screen': '',
    oversheath: '',
  })
  const problems = add.error instanceof ApiError ? (add.error.problem?.problems ?? []) : []
  const fault = (path: string) => problems.find((problem) => problem.path === path)?.message
  const others = problems.filter((problem) => problem.path === '')
  return (
    <form
      className="grid gap-4"
      onSubmit={(event) => {
        event.preventDefault()
        add.mutate(fileOf(name, voltage, size, chosen, diameters, unit), { onSuccess: onDone })
      }}
    >
      <div className="grid gap-4 desk:grid-cols-3">
        <Field label="Designation" fault={fault('designation')}>
          {(input) => <input {...input} autoFocus value={name} onChange={(event) => setName(event.target.value)} />}
        </Field>
        <Field label="Rated voltage" fault={fault('ratedVoltage')}>
          {(input) => <input {...input} value={voltage} onChange={(event) => setVoltage(event.target.value)} />}
        </Field>
        <Field label="Conductor size" hint="95 mm², 4/0, 500 kcmil" fault={fault('conductor.size')}>
          {(input) => <input {...input} value={size} onChange={(event) => setSize(event.target.value)} />}
        </Field>
      </div>
      <div className="grid gap-4 desk:grid-cols-5">
        {(Object.keys(CHOICES) as (keyof Chosen)[]).map((key) => (
          <Field key={key} label={CHOICES[key].label}>
            {(input) => (
              <select {...input} value={chosen[key]} onChange={(event) => setChosen({ ...chosen, [key]: event.target.value })}>
                {CHOICES[key].options.map((option) => (
                  <option key={option} value={option}>
                    {option.replace('-', ' ')}
                  </option>
                ))}
              </select>
            )}
          </Field>
        ))}
      </div>
      <fieldset className="grid gap-4 border-t border-line pt-3 desk:grid-cols-5">
        <legend className="pr-3 text-label text-mute">Diameters, in {unit} where no unit is typed</legend>
        {LAYERS.map((layer, i) => (
          <Field key={layer} label={`Over ${layerName(layer, unit).toLowerCase()}`} fault={fault(`layers[${i}].diameter`)}>
            {(input) => (
              <input
                {...input}
                inputMode="decimal"
                value={diameters[layer]}
                onChange={(event) => setDiameters({ ...diameters, [layer]: event.target.value })}
              />
            )}
          </Field>
        ))}
      </fieldset>
      {add.error && (
        <Note tone="out" role="alert" title={add.error.message}>
          {others.map((problem) => (
            <p key={problem.message}>The cable: {problem.message}</p>
          ))}
        </Note>
      )}
      <div className="flex gap-4">
        <Button type="submit" kind="primary" disabled={add.isPending}>
          Keep and use this cable
        </Button>
        <Button onClick={onBack}>Back to the list</Button>
      </div>
    </form>
  )
}
