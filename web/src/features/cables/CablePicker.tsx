import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { cablesQuery } from '../../api/cables'
import { useMay } from '../../api/session'
import type { CableType } from '../../api/types'
import { sayFine } from '../../domain/length'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Modal } from '../../ui/Modal'
import { useUnit } from '../../ui/UnitContext'
import { NewCable } from './NewCable'

type PickerProps = { open: boolean; onClose: () => void; onChoose: (cable: CableType) => void }

export function CablePicker({ open, onClose, onChoose }: PickerProps) {
  const [isNew, setIsNew] = useState(false)
  const mayAdd = useMay('add-cable')
  return (
    <Modal title={isNew ? 'Enter the cable’s layers' : 'Which cable is it called?'} open={open} onClose={onClose}>
      {isNew ? (
        <NewCable onDone={onChoose} onBack={() => setIsNew(false)} />
      ) : (
        <>
          <Library onChoose={onChoose} />
          <div className="mt-4 flex flex-wrap gap-4">
            {mayAdd && <Button onClick={() => setIsNew(true)}>It is not here: enter its layers</Button>}
            <Button onClick={onClose}>Cancel</Button>
          </div>
        </>
      )}
    </Modal>
  )
}

/** Every word typed must occur in the cable's name. */
function matches(cable: CableType, search: string): boolean {
  const name = cable.designation.toLowerCase()
  return search
    .toLowerCase()
    .split(/\s+/)
    .every((part) => name.includes(part))
}

function Library({ onChoose }: { onChoose: (cable: CableType) => void }) {
  const unit = useUnit()
  const cables = useQuery(cablesQuery)
  const [search, setSearch] = useState('')
  const found = cables.data?.cables.filter((cable) => matches(cable, search.replace('x', '×'))) ?? []
  return (
    <div className="grid gap-3">
      <Field label="As the drum or the record has it" hint={`${found.length} found`}>
        {(input) => (
          <input {...input} autoFocus placeholder="95 al 11" value={search} onChange={(event) => setSearch(event.target.value)} />
        )}
      </Field>
      {cables.error && <p role="alert">{cables.error.message}</p>}
      {cables.data && found.length === 0 && <p>No cable has these words. Type fewer, or enter its layers.</p>}
      <ul className="max-h-[44dvh] overflow-auto border-t-2 border-ink" aria-label="Cables" tabIndex={0}>
        {found.map((cable) => (
          <li key={`${cable.id}${cable.revision}`} className="border-b border-line">
            <button
              type="button"
              className="grid min-h-12 w-full gap-x-4 px-2 py-1.5 text-left hover:bg-soft desk:grid-cols-[1fr_auto]"
              onClick={() => onChoose(cable)}
            >
              <span className="font-semibold">{cable.designation}</span>
              <span className="text-label text-mute">
                over insulation {sayFine(cable.layers.find((layer) => layer.layer === 'insulation')?.diameterMm ?? 0, unit)} ·
                over all {sayFine(cable.layers.at(-1)?.diameterMm ?? 0, unit)}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </div>
  )
}
