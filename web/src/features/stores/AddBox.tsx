import { useState } from 'react'
import { readLabel, useAddBox } from '../../api/stores'
import { ApiError } from '../../api/client'
import { useTyped } from '../../engine/typed'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { FromInstruments } from '../../views/FromInstruments'
import { Note } from '../../ui/Note'

/** A label may hold a separator that cannot be seen: it is shown as it can be typed. */
const shown = (label: string): string => label.replaceAll('\u001d', '<GS>')

const faultOf = (error: Error | null): string | undefined =>
  error instanceof ApiError ? (error.problem?.problems?.map((one) => one.message).join(' ') ?? error.message) : error?.message

/** A box comes in: its label read by the reader, or typed as it stands under the bars. */
export function AddBox() {
  const add = useAddBox()
  const [label, setLabel] = useTyped('new-box.label')
  const [place, setPlace] = useTyped('new-box.place')
  const [fault, setFault] = useState<string | undefined>(undefined)
  const read = () =>
    void readLabel().then(
      (text) => setLabel(shown(text)),
      (error: unknown) => setFault(error instanceof Error ? error.message : 'The reader does not answer.'),
    )
  return (
    <form
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        setFault(undefined)
        add.mutate({ label, place }, { onSuccess: () => setLabel('') })
      }}
    >
      <Field
        label="Label of the box"
        hint="(01) item, (10) batch, (11) made, (17) expires, (21) serial"
        fault={fault ?? faultOf(add.error)}
      >
        {(input) => <input {...input} autoComplete="off" value={label} onChange={(event) => setLabel(event.target.value)} />}
      </Field>
      <FromInstruments
        kind="label"
        take="Put it there"
        takesItself={() => label === ''}
        onTake={(sent) => setLabel(shown(sent.label))}
      />
      <Button onClick={read}>Read a label</Button>
      <Field label="Where it stands">
        {(input) => <input {...input} maxLength={80} value={place} onChange={(event) => setPlace(event.target.value)} />}
      </Field>
      <Button type="submit" kind="primary" disabled={add.isPending || label === ''}>
        Put it on the shelf
      </Button>
      {add.isSuccess && label === '' && (
        <Note tone="inside" role="status">
          It is on the shelf.
          {add.data.skipped.length > 0 && ` Not kept from its label: ${add.data.skipped.join(', ')}.`}
        </Note>
      )}
    </form>
  )
}
