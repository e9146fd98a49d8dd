import { useState } from 'react'
import type { LogEvent } from '../../api/types'
import { useTyped } from '../../engine/typed'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'

type Made = Extract<LogEvent, { kind: 'check-made' }>
type ProvedBy = NonNullable<Made['by']>

const PROVED: Record<ProvedBy, string> = {
  continuity: 'Rung out from the other end',
  signal: 'A signal sent in at the other end',
  phasing: 'Compared at voltage',
  marks: 'The marks on the cores alone',
}

type Props = { name: string; onAnswer: (answer: Pick<Made, 'phase' | 'by'>, said: string) => void }

/** Which phase a core is, as it is called here, and by what that was proved. */
export function PhaseAnswer({ name, onAnswer }: Props) {
  const [phase, setPhase] = useTyped(name)
  const [by, setBy] = useState<ProvedBy | null>(null)
  const [isTried, setIsTried] = useState(false)
  const isMissing = phase.trim() === ''
  return (
    <form
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        setIsTried(true)
        if (isMissing || by === null) return
        onAnswer({ phase: phase.trim(), by }, `${phase.trim()}, ${PROVED[by].toLowerCase()}`)
        setPhase('')
      }}
    >
      <Field label="Phase, as it is called here" fault={isTried && isMissing ? 'Type the phase: L1, red, C.' : undefined}>
        {(input) => (
          <input {...input} autoComplete="off" maxLength={12} value={phase} onChange={({ target }) => setPhase(target.value)} />
        )}
      </Field>
      <fieldset className="grid">
        <legend className="text-label text-mute">Proved by</legend>
        {(['continuity', 'signal', 'phasing', 'marks'] as const).map((one) => (
          <label key={one} className="flex min-h-11 items-center gap-3">
            <input
              type="radio"
              name={`${name}-by`}
              className="size-6 accent-ink"
              checked={by === one}
              onChange={() => setBy(one)}
            />
            {PROVED[one]}
          </label>
        ))}
        {isTried && by === null && (
          <p role="alert" className="text-label text-out">
            Say by what it was proved.
          </p>
        )}
      </fieldset>
      <Button type="submit" kind="primary" className="justify-self-start">
        Record
      </Button>
    </form>
  )
}
