import { useState } from 'react'
import { useChangePlan, useDraft } from '../../api/plan'
import type { End, Job, Seen } from '../../api/types'
import { inUnit, readReading, sayFault, sayTyped } from '../../domain/length'
import { word } from '../../domain/words'
import { Field } from '../../ui/Field'
import { useUnit } from '../../ui/UnitContext'
import { endOf, withSight } from './edit'

type Sight = { label: string; options: Record<string, Seen> }

/** What the eye can tell: each answer sets one thing that was seen. */
const SIGHTS: Record<string, Sight> = {
  cores: { label: 'Cores', options: { one: { cores: 1 }, three: { cores: 3 } } },
  sector: { label: 'Conductor shape', options: { round: { sector: false }, sector: { sector: true } } },
  material: { label: 'Metal', options: { copper: { material: 'copper' }, aluminium: { material: 'aluminium' } } },
  stranded: { label: 'Strands', options: { stranded: { stranded: true }, solid: { stranded: false } } },
  insulation: {
    label: 'Insulation',
    options: {
      'XLPE, milky and hard': { insulation: 'xlpe' },
      'EPR, opaque and rubbery': { insulation: 'epr' },
      paper: { insulation: 'paper' },
      'varnished cambric': { insulation: 'varnished-cambric' },
    },
  },
  screen: {
    label: 'Metallic screen',
    options: {
      'copper tape': { screen: 'copper-tape' },
      'corrugated tape': { screen: 'corrugated-tape' },
      'copper wires': { screen: 'copper-wire' },
      'concentric neutral': { screen: 'concentric-neutral' },
      'flat straps': { screen: 'flat-strap' },
      'drain wires': { screen: 'drain-wire' },
      lead: { screen: 'lead-sheath' },
    },
  },
  armour: {
    label: 'Armour',
    options: {
      none: { armour: 'none' },
      'steel wires': { armour: 'steel-wire' },
      'aluminium wires': { armour: 'aluminium-wire' },
      'steel tapes': { armour: 'steel-tape' },
    },
  },
}

export function SeenForm({ job, end, mayPlan }: { job: Job; end: End; mayPlan: boolean }) {
  const unit = useUnit()
  const change = useChangePlan(job)
  const seen = endOf(useDraft(job), end).seen ?? {}
  const keep = (key: string, part: Seen) => change((now) => withSight(now, end, key as keyof Seen, part))
  return (
    <fieldset disabled={!mayPlan} className="grid gap-3 bg-soft p-3 desk:grid-cols-3">
      <legend className="sr-only">What you see</legend>
      {Object.entries(SIGHTS).map(([key, sight]) => {
        const chosen = Object.entries(sight.options).find(([, part]) => part[key as keyof Seen] === seen[key as keyof Seen])
        return (
          <Field key={key} label={word(sight.label, unit)}>
            {(input) => (
              <select
                {...input}
                value={seen[key as keyof Seen] === undefined ? '' : (chosen?.[0] ?? '')}
                onChange={(event) => keep(key, sight.options[event.target.value] ?? {})}
              >
                <option value="">not looked</option>
                {Object.keys(sight.options).map((name) => (
                  <option key={name} value={name}>
                    {name}
                  </option>
                ))}
              </select>
            )}
          </Field>
        )
      })}
      <Wires seen={seen} keep={keep} />
    </fieldset>
  )
}

/** The screen's wires, counted, and one of them measured. */
function Wires({ seen, keep }: { seen: Seen; keep: (key: string, part: Seen) => void }) {
  const unit = useUnit()
  const [count, setCount] = useState(seen.wireCount?.toString() ?? '')
  const [wire, setWire] = useState(seen.wireDiameter ? sayTyped(seen.wireDiameter) : '')
  const length = readReading(wire, unit)
  return (
    <>
      <Field label={unit === 'in' ? 'Shield wires, counted' : 'Screen wires, counted'}>
        {(input) => (
          <input
            {...input}
            inputMode="numeric"
            autoComplete="off"
            value={count}
            onChange={(event) => setCount(event.target.value.replace(/\D/g, '').slice(0, 3))}
            onBlur={() => keep('wireCount', Number(count) > 0 ? { wireCount: Math.min(200, Number(count)) } : {})}
          />
        )}
      </Field>
      <Field label={`One wire across, ${inUnit(unit)}`} fault={wire.trim() && length.fault ? sayFault(length.fault) : undefined}>
        {(input) => (
          <input
            {...input}
            inputMode="decimal"
            autoComplete="off"
            value={wire}
            onChange={(event) => setWire(event.target.value)}
            onBlur={() => {
              if (wire.trim() && length.fault) return
              keep('wireDiameter', wire.trim() ? { wireDiameter: { typed: wire.trim(), unit, instrument: 'caliper' } } : {})
            }}
          />
        )}
      </Field>
    </>
  )
}
