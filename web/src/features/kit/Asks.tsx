import { useState } from 'react'
import type { Draft, Job } from '../../api/types'
import { formatInchFraction, formatMm } from '../../domain/length'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { useUnit } from '../../ui/UnitContext'

type Ask = Job['asked'][number]
type AsksProps = { asked: Ask[]; said: NonNullable<Draft['said']>; onSay: ((key: string, value: string) => void) | null }

/** What the sheet asks of this job: which end is the long one, how far a core must reach. Each with why. */
export function Asks({ asked, said, onSay }: AsksProps) {
  if (asked.length === 0) return null
  return (
    <section aria-label="The kit asks" className="grid gap-3 border-l-4 border-line pl-4">
      <h2 className="font-semibold">The kit asks</h2>
      {asked.map((ask) =>
        ask.kind === 'length' ? (
          <Reach key={ask.key} ask={ask} value={said[ask.key] ?? ask.value ?? ''} onSay={onSay} />
        ) : (
          <Field key={ask.key} label={ask.name} hint={ask.reason}>
            {(input) => (
              <select
                {...input}
                disabled={!onSay}
                value={said[ask.key] ?? ask.value ?? ''}
                onChange={(event) => onSay?.(ask.key, event.target.value)}
              >
                {ask.value === null && <option value="">choose</option>}
                {ask.values.map((value) => (
                  <option key={value} value={value}>
                    {ask.kind === 'role' ? `end ${value}` : value}
                  </option>
                ))}
              </select>
            )}
          </Field>
        ),
      )}
    </section>
  )
}

function Reach({ ask, value, onSay }: { ask: Ask; value: string; onSay: AsksProps['onSay'] }) {
  const unit = useUnit()
  const [text, setText] = useState(value)
  const limit = (mm: number | null) => (mm === null ? '' : unit === 'in' ? `${formatInchFraction(mm)} in` : `${formatMm(mm)} mm`)
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        onSay?.(ask.key, /[a-z"″]\s*$/i.test(text) ? text : `${text} ${unit}`)
      }}
    >
      <Field label={ask.name} hint={`${ask.reason} ${limit(ask.minMm)} to ${limit(ask.maxMm)}.`}>
        {(input) => <input {...input} disabled={!onSay} value={text} onChange={(event) => setText(event.target.value)} />}
      </Field>
      {onSay && (
        <Button type="submit" disabled={text.trim() === '' || text === value}>
          Keep it
        </Button>
      )}
    </form>
  )
}
