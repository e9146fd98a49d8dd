import { useState } from 'react'
import { sheetFile, useSaveDraft } from '../../api/kits'
import type { KitSheet } from '../../api/types'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Modal } from '../../ui/Modal'
import { Note } from '../../ui/Note'
import { SHEET_ID } from './sheetId'

type DuplicateSheetProps = { sheet: KitSheet; open: boolean; onClose: () => void; onDraft: (id: string) => void }

/** The item number belongs to the box of the other kit. */
function withoutGtin(size: unknown): unknown {
  if (typeof size !== 'object' || size === null) return size
  return Object.fromEntries(Object.entries(size).filter(([key]) => key !== 'gtin'))
}

/** A sheet much like another one begins as its copy, under an id of its own. */
export function DuplicateSheet({ sheet, open, onClose, onDraft }: DuplicateSheetProps) {
  const save = useSaveDraft()
  const [id, setId] = useState(`${sheet.id}-copy`)
  const isFine = SHEET_ID.test(id) && id !== sheet.id
  const duplicate = async () => {
    const file = await sheetFile(sheet.id, sheet.revision)
    const sizes = Array.isArray(file['sizes']) ? file['sizes'].map(withoutGtin) : file['sizes']
    const text = JSON.stringify({ ...file, id, revision: 1, name: `${sheet.name} (copy)`, sizes }, null, 2)
    save.mutate(
      { id, version: 0, text },
      {
        onSuccess: () => {
          onClose()
          onDraft(id)
        },
      },
    )
  }
  return (
    <Modal open={open} onClose={onClose} title="Duplicate and change">
      <form
        className="grid gap-4"
        onSubmit={(event) => {
          event.preventDefault()
          if (isFine) void duplicate()
        }}
      >
        <Field
          label="Id of the new sheet"
          hint="It cannot be changed later."
          fault={isFine ? undefined : 'Lower-case letters, digits, dots and hyphens, and not the id of this sheet.'}
        >
          {(input) => <input {...input} value={id} onChange={(event) => setId(event.target.value)} />}
        </Field>
        {save.error && <Note tone="out" role="alert" title={save.error.message} />}
        <Button type="submit" kind="primary" disabled={save.isPending}>
          Make the draft
        </Button>
      </form>
    </Modal>
  )
}
