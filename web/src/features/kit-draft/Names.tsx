import { useUnit } from '../../ui/UnitContext'
import { say } from '../../domain/sentence'
import { sayMark, type Unit } from '../../domain/length'
import type { KitDraft, TriedDraft } from '../../api/types'
import type { OfferedName } from '../../views/form/FormContext'

/** What a formula may use, what each means, and what it comes to on the job that the draft is tried on. */
export function Names({ names }: { names: OfferedName[] }) {
  return (
    <div className="grid gap-3">
      <p>
        A formula is a sum of lengths with their units: <code>half_connector + 5 mm</code>. It may use <code>+ - * /</code>,
        comparisons, <code>and</code>, <code>or</code>, <code>not</code>, <code>? :</code>, <code>min</code> and <code>max</code>,
        and these names, which are offered while one types.
      </p>
      <dl className="border-t-2 border-ink">
        {names.map((one) => (
          <div key={one.name} className="grid grid-cols-[minmax(0,1fr)_auto] gap-x-4 border-b border-line py-1">
            <dt className="font-mono text-label">{one.name}</dt>
            <dd className="text-label font-semibold tabular-nums">{one.now}</dd>
            <dd className="col-span-full text-label text-mute">{one.meaning}</dd>
          </div>
        ))}
      </dl>
    </div>
  )
}

/** Both ends where they differ. */
export function useNames(draft: KitDraft, tried: TriedDraft | null): OfferedName[] {
  const unit = useUnit()
  return draft.names.map((one) => ({
    name: one.name,
    meaning: one.texts ? `${say(one.meaning, unit)}: ${one.texts.map((text) => `"${text}"`).join(', ')}` : say(one.meaning, unit),
    now: nowOf(tried?.values[one.name], unit),
  }))
}

function nowOf(values: TriedDraft['values'][string] | undefined, unit: Unit): string {
  const said = Object.entries(values ?? {}).map(([end, value]) => ({
    end,
    text: value.mm === undefined ? (value.text ?? '') : sayMark(value.mm, unit),
  }))
  const isAlike = said.every((one) => one.text === said[0]?.text)
  return isAlike ? (said[0]?.text ?? '') : said.map((one) => `${one.end} ${one.text}`).join(', ')
}
