import { useState } from 'react'
import { skeletonFile, useSaveDraft } from '../../api/kits'
import { readObject } from '../../domain/json'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Modal } from '../../ui/Modal'
import { Note } from '../../ui/Note'
import { KindChooser } from './KindChooser'
import { SHEET_ID } from './sheetId'

type NewDraftProps = { open: boolean; onClose: () => void; onSaved: (id: string) => void }

/** What a sheet of no known kind begins with; what else it needs is told while it is written. */
const blank = (id: string) => ({
  id,
  revision: 1,
  edition: 2,
  name: '',
  maker: '',
  function: 'joint',
  technology: 'heat-shrink',
  ratedVoltage: '',
  insulations: [],
  metallicScreens: [],
  sizes: [],
  stock: [],
  cuts: [],
  items: [],
})

/** A sheet written from a leaflet, or one from its open file: either becomes a draft, and its faults are told there. */
export function NewDraft({ open, onClose, onSaved }: NewDraftProps) {
  const save = useSaveDraft()
  const [id, setId] = useState('')
  const [kind, setKind] = useState('')
  const [fault, setFault] = useState<string | undefined>(undefined)
  const [isGone, setIsGone] = useState(false)
  const keep = (named: string, text: string) =>
    save.mutate(
      { id: named, version: 0, text },
      {
        onSuccess: (draft) => {
          onClose()
          onSaved(draft.id)
        },
      },
    )
  const take = (text: string) => {
    const named = readObject(text)?.['id']
    setFault(typeof named === 'string' ? undefined : 'This is not a kit sheet: it must be a JSON object with an "id".')
    if (typeof named === 'string') keep(named, text)
  }
  const isFine = SHEET_ID.test(id) && kind !== ''
  const begin = async () => {
    const sheet = kind === 'none' ? blank(id) : { ...(await skeletonFile(kind)), id }
    keep(id, JSON.stringify(sheet, null, 2))
  }
  return (
    <Modal title="New kit sheet" open={open} onClose={onClose}>
      <div className="grid gap-6">
        <form
          className="grid gap-3"
          onSubmit={(event) => {
            event.preventDefault()
            setIsGone(false)
            if (isFine) begin().catch(() => setIsGone(true))
          }}
        >
          <h3 className="font-semibold">Write it from the leaflet</h3>
          <KindChooser kind={kind} onKind={setKind} />
          <Field
            label="Id of the new sheet"
            hint="It cannot be changed later."
            fault={id === '' || SHEET_ID.test(id) ? undefined : 'Lower-case letters, digits, dots and hyphens.'}
          >
            {(input) => <input {...input} value={id} onChange={(event) => setId(event.target.value)} />}
          </Field>
          <Button type="submit" kind="primary" className="justify-self-start" disabled={!isFine || save.isPending}>
            Begin
          </Button>
        </form>
        <section className="grid gap-3">
          <h3 className="font-semibold">Or take in its open file</h3>
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
        </section>
        {isGone && <Note tone="out" role="alert" title="What it begins from could not be fetched. Begin once more." />}
        {save.error && <Note tone="out" role="alert" title={save.error.message} />}
        <Button className="justify-self-start" onClick={onClose}>
          Cancel
        </Button>
      </div>
    </Modal>
  )
}
