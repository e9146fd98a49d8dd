import { meantBy } from '../domain/judge'
import { Button } from '../ui/Button'
import { useUnit } from '../ui/UnitContext'

type Props = { text: string; minMm: number | null; maxMm: number | null; onTake: (text: string) => void }

/** Offers what was probably meant by a length that cannot be: the other unit, or the point one place further. */
export function Meant({ text, minMm, maxMm, onTake }: Props) {
  const unit = useUnit()
  return meantBy(text, unit, minMm, maxMm).map((one) => (
    <Button key={one} kind="link" className="min-h-6" onClick={() => onTake(one)}>
      {one}?
    </Button>
  ))
}
