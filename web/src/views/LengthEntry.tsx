import { useState } from 'react'
import type { Reading } from '../api/types'
import { readReading, sayFault } from '../domain/length'
import { Button } from '../ui/Button'
import { Field } from '../ui/Field'
import { useUnit } from '../ui/UnitContext'
import { useTypedLength } from './useTypedLength'

type LengthEntryProps = {
  /** What the field is kept by while it is typed into. */
  name: string
  label: string
  action: string
  instrument: Reading['instrument']
  onAdd: (reading: Reading) => void
}

/** One reading of a length: what cannot be read stays on the screen with what is wrong. */
export function LengthEntry({ name, label, action, instrument, onAdd }: LengthEntryProps) {
  const unit = useUnit()
  const [text, setText] = useTypedLength(name)
  const [isTried, setIsTried] = useState(false)
  const length = readReading(text, unit)
  const add = () => {
    setIsTried(true)
    if (length.fault) return
    onAdd({ typed: text.trim(), unit, instrument })
    setText('')
    setIsTried(false)
  }
  return (
    <form
      className="flex flex-wrap items-start gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        add()
      }}
    >
      <Field label={label} fault={isTried && length.fault ? sayFault(length.fault) : undefined}>
        {(input) => (
          <input
            {...input}
            inputMode="decimal"
            autoComplete="off"
            value={text}
            onChange={(event) => setText(event.target.value)}
          />
        )}
      </Field>
      <Button type="submit" className="mt-6">
        {action}
      </Button>
    </form>
  )
}
