import type { TriedDraft } from '../../api/types'
import { say } from '../../domain/sentence'
import { useUnit } from '../../ui/UnitContext'
import { OutcomeWord } from '../../views/Verdict'

/** What each size of the draft comes to on these cables, with this connector. */
export function OutcomeOfSizes({ sizes }: { sizes: TriedDraft['sizes'] }) {
  const unit = useUnit()
  return (
    <ul aria-label="Each size on these cables" className="border-t-2 border-ink">
      {sizes.map((one) => (
        <li key={one.size} className="grid grid-cols-[6rem_minmax(0,1fr)] gap-3 border-b border-line py-1.5">
          <span className="font-semibold">{one.size}</span>
          <span>
            <OutcomeWord outcome={one.outcome} />
            {one.outcome !== 'fits' && one.reason && <span className="block text-label text-mute">{say(one.reason, unit)}</span>}
          </span>
        </li>
      ))}
    </ul>
  )
}
