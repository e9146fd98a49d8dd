import { INSTRUMENT_NAMES, UNCERTAINTY_MM, type Instrument } from '../domain/judge'
import { sayFine } from '../domain/length'
import { Field } from '../ui/Field'
import { useUnit } from '../ui/UnitContext'

type Props = { instrument: Instrument; onChange: (instrument: Instrument) => void }

/** What is measured with, and how truly it reads. */
export function InstrumentField({ instrument, onChange }: Props) {
  const unit = useUnit()
  return (
    <Field label="Instrument" hint={`± ${sayFine(UNCERTAINTY_MM[instrument], unit)}`}>
      {(described) => (
        <select {...described} value={instrument} onChange={(event) => onChange(event.target.value as Instrument)}>
          {Object.entries(INSTRUMENT_NAMES).map(([value, name]) => (
            <option key={value} value={value}>
              {name}
            </option>
          ))}
        </select>
      )}
    </Field>
  )
}
