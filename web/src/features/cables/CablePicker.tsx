import { useState } from 'react'
import { useMay } from '../../api/session'
import type { CableType } from '../../api/types'
import { Button } from '../../ui/Button'
import { Modal } from '../../ui/Modal'
import { CableSearch } from '../../views/CableSearch'
import { NewCable } from '../../views/NewCable'

type PickerProps = { open: boolean; onClose: () => void; onChoose: (cable: CableType) => void }

export function CablePicker({ open, onClose, onChoose }: PickerProps) {
  const [isNew, setIsNew] = useState(false)
  const [search, setSearch] = useState('')
  const mayAdd = useMay('add-cable')
  return (
    <Modal title={isNew ? 'A cable from its drum or datasheet' : 'Which cable is it called?'} open={open} onClose={onClose}>
      {isNew ? (
        <NewCable onDone={onChoose} onBack={() => setIsNew(false)} />
      ) : (
        <>
          <CableSearch search={search} onSearch={setSearch} chosen={null} onChoose={onChoose} />
          <div className="mt-4 flex flex-wrap gap-4">
            {mayAdd && <Button onClick={() => setIsNew(true)}>It is not here: enter it</Button>}
            <Button onClick={onClose}>Cancel</Button>
          </div>
        </>
      )}
    </Modal>
  )
}
