import type { TriedDraft } from '../../api/types'
import { at, isObject, type JsonObject, type Path } from '../../domain/json'
import { sayMark, type Unit } from '../../domain/length'
import { useUnit } from '../../ui/UnitContext'

type ComesProps = { path: Path; sheet: JsonObject; tried: TriedDraft | null }

/** What an entry comes to on the job that the draft is tried on: where a cut is marked, how long an item lies. */
export function Comes({ path, sheet, tried }: ComesProps) {
  const unit = useUnit()
  const text = tried ? wordsFor(path, at(sheet, path), tried, unit) : null
  return text && <span className="text-label text-mute">{text}</span>
}

function wordsFor([list]: Path, entry: unknown, { job }: TriedDraft, unit: Unit): string | null {
  if (!isObject(entry as JsonObject)) return null
  const { cut, key } = entry as JsonObject
  if (list === 'cuts') {
    const mark = job.markOut?.marks.find((one) => one.cut === cut)
    const end = mark?.from['cable-end']
    return mark && end ? `${sayMark(end.atMm, unit)} on end ${mark.end}` : null
  }
  const item = list === 'items' ? job.section?.items.find((one) => one.key === key) : undefined
  return item ? `lies ${sayMark(item.toMm - item.fromMm, unit)} long` : null
}
