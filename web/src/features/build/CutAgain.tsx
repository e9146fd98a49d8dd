import { Button } from '../../ui/Button'
import { Modal } from '../../ui/Modal'

/** A cut that went too far cannot be put back: another reading of it is asked about before it takes the place of the first. */
export function CutAgain({ isOpen, onKeep, onRecord }: { isOpen: boolean; onKeep: () => void; onRecord: () => void }) {
  return (
    <Modal title="It was cut too far, and that cannot be put back" open={isOpen} onClose={onKeep}>
      <p>
        The reading before says so. Record another one only if that one was read wrong: both stay in the log. What was sawn off
        the end is written down under “What can still be done”, and every reading of this end follows.
      </p>
      <div className="mt-4 flex flex-wrap gap-4">
        <Button kind="primary" onClick={onRecord}>
          Record the new reading
        </Button>
        <Button onClick={onKeep}>Keep the first</Button>
      </div>
    </Modal>
  )
}
