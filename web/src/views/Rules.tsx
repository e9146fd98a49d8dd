import type { Rule, RuleChange } from '../api/types'
import { say } from '../domain/sentence'
import { useUnit } from '../ui/UnitContext'

/** Every rule of a sheet as a sentence, under the headings of the leaflet. */
export function Rules({ rules }: { rules: Rule[] }) {
  const unit = useUnit()
  const groups = new Map<string, Rule[]>()
  for (const rule of rules) {
    const heading = say(rule.heading, unit)
    groups.set(heading, [...(groups.get(heading) ?? []), rule])
  }
  return [...groups].map(([heading, ofHeading]) => (
    <section key={heading} aria-label={heading} className="border-t-2 border-ink pt-2 pb-3">
      <h3 className="font-semibold">{heading}</h3>
      <ul>
        {ofHeading.map((rule) => (
          <li key={rule.key} className="border-b border-line py-1.5 last:border-b-0">
            {say(rule.sentence, unit)}
            {rule.reason && <p className="text-label text-mute">{rule.reason}</p>}
          </li>
        ))}
      </ul>
    </section>
  ))
}

/** What one revision has otherwise than another: the old struck through, the new under it. */
export function Changes({ changes }: { changes: RuleChange[] }) {
  const unit = useUnit()
  if (changes.length === 0) return <p className="text-mute">No rule differs.</p>
  return (
    <ul aria-label="Changes, rule by rule" className="border-t-2 border-ink">
      {changes.map((change) => (
        <li key={change.key} className="grid gap-1 border-b border-line py-2">
          <p className="text-label text-mute">{say(change.heading, unit)}</p>
          {change.before && (
            <p className="text-out">
              <span className="sr-only">before: </span>
              <del>{say(change.before.sentence, unit)}</del>
              {change.before.reason !== change.after?.reason && change.before.reason && (
                <del className="block text-label">{change.before.reason}</del>
              )}
            </p>
          )}
          {change.after ? (
            <p>
              {say(change.after.sentence, unit)}
              {change.before?.reason !== change.after.reason && <span className="block text-label">{change.after.reason}</span>}
            </p>
          ) : (
            <p className="text-mute">taken out</p>
          )}
        </li>
      ))}
    </ul>
  )
}
