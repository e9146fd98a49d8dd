import { useState } from 'react'
import { useSaveDraft } from '../../api/kits'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Modal } from '../../ui/Modal'
import { Note } from '../../ui/Note'

/** The id that a sheet's text carries, if it can be read at all. */
function idOf(text: string): string | null {
  try {
    const json: unknown = JSON.parse(text)
    return typeof json === 'object' && json !== null && 'id' in json && typeof json.id === 'string' ? json.id : null
  } catch {
    return null
  }
}

type NewDraftProps = { open: boolean; onClose: () => void; onSaved: (id: string) => void }

/** A sheet from its open file becomes a draft; its faults are told there. */
export function NewDraft({ open, onClose, onSaved }: NewDraftProps) {
  const save = useSaveDraft()
  const [fault, setFault] = useState<string | undefined>(undefined)
  const take = (text: string) => {
    const id = idOf(text)
    if (id === null) {
      setFault('This is not a kit sheet: it must be a JSON object with an "id".')
      return
    }
    setFault(undefined)
    save.mutate(
      { id, version: 0, text },
      {
        onSuccess: (draft) => {
          onSaved(draft.id)
          onClose()
        },
      },
    )
  }
  return (
    <Modal title="Take in a kit sheet" open={open} onClose={onClose}>
      <div className="grid gap-4">
        <p>A kit sheet as JSON becomes a draft. Whatever is wrong with it is told there, and a second person releases it.</p>
        <Field label="File" fault={fault}>
          {(input) => (
            <input
              {...input}
              type="file"
              accept=".json"
              className={`${input.className} py-2`}
              onChange={(event) => void event.target.files?.[0]?.text().then(take)}
            />
          )}
        </Field>
        {save.error && <Note tone="out" role="alert" title={save.error.message} />}
        <Button className="justify-self-start" onClick={onClose}>
          Cancel
        </Button>
      </div>
    </Modal>
  )
}
