import type { Job } from '../../api/types'
import { isObject, type Json } from '../../domain/json'
import { sayMark } from '../../domain/length'
import { useUnit } from '../../ui/UnitContext'

/** Where a cut lies on the job that the draft is tried on. */
export function CutExample({ item, tried }: { item: Json; tried: Job | null }) {
  const unit = useUnit()
  const cut = isObject(item) ? item['cut'] : undefined
  const mark = tried?.markOut?.marks.find((one) => one.cut === cut)
  const at = mark?.from['cable-end']
  return mark && at ? (
    <span className="text-label text-mute">
      {sayMark(at.atMm, unit)} on end {mark.end}
    </span>
  ) : null
}
