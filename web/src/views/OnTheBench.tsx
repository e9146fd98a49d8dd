import { Link } from 'react-router'
import { useUnit } from '../ui/UnitContext'

type Props = {
  tool: string
  name: string
  /** What the job knows of what the tool asks, with its unit; null: the job does not know it. */
  given: Record<string, string | null>
}

/** A calculation by itself, filled in with what the job knows: to try what would be, without changing anything. */
export function OnTheBench({ tool, name, given }: Props) {
  const unit = useUnit()
  const known = Object.entries(given).flatMap(([key, value]) => (value === null || value === '' ? [] : [[key, value]]))
  return (
    <Link
      to={`/bench/${tool}?${new URLSearchParams([['unit', unit], ...known]).toString()}`}
      className="no-print inline-flex min-h-11 items-center justify-self-start text-plan underline underline-offset-4"
    >
      On the bench: {name}
    </Link>
  )
}

export const inMm = (mm: number | null | undefined): string | null =>
  mm === null || mm === undefined ? null : `${Math.round(mm * 100) / 100} mm`
