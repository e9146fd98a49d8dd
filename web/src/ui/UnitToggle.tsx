import { Toggle } from './Toggle'
import { useUnits } from './UnitContext'

const OPTIONS = [
  { value: 'mm', label: 'mm' },
  { value: 'in', label: 'in' },
] as const

/** What the reader reads in. */
export function UnitToggle({ className = '' }: { className?: string }) {
  const { unit, setUnit } = useUnits()
  return <Toggle label="Read in" value={unit} onChange={setUnit} options={OPTIONS} className={className} />
}
