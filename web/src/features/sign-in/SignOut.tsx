import { useState } from 'react'
import { useTakenAlong } from '../../api/device'
import { useMineWaiting } from '../../api/outbox'
import { useSignOut } from '../../api/session'
import { Button } from '../../ui/Button'
import { Modal } from '../../ui/Modal'
import { Note } from '../../ui/Note'

/** Signing out; where something lies on this device, what is to become of it is asked first. */
export function SignOut() {
  const [isOpen, setIsOpen] = useState(false)
  const signOut = useSignOut()
  const unsent = useMineWaiting()
  const taken = useTakenAlong()?.length ?? 0
  const isAsked = unsent > 0 || taken > 0
  return (
    <>
      <Button
        kind="link"
        className="whitespace-nowrap"
        onClick={() => (isAsked ? setIsOpen(true) : signOut.mutate({ deletes: false }))}
      >
        Sign out
      </Button>
      <Modal title="Before you sign out" open={isOpen} onClose={() => setIsOpen(false)}>
        <Choice unsent={unsent} taken={taken} onChoice={(deletes) => signOut.mutate({ deletes })} isBusy={signOut.isPending} />
      </Modal>
    </>
  )
}

type ChoiceProps = { unsent: number; taken: number; onChoice: (deletes: boolean) => void; isBusy: boolean }

function Choice({ unsent, taken, onChoice, isBusy }: ChoiceProps) {
  const [isSure, setIsSure] = useState(false)
  return (
    <div className="grid gap-4">
      {unsent > 0 && (
        <Note tone="out" title={`${unsent === 1 ? 'An entry is' : `${unsent} entries are`} not sent yet.`}>
          Kept here, {unsent === 1 ? 'it is' : 'they are'} sent when you sign in on this device again; nobody else can.
        </Note>
      )}
      {taken > 0 && (
        <p>
          {taken === 1 ? 'A job lies' : `${taken} jobs lie`} on this device, sealed: nobody else who signs in here sees anything
          of it.
        </p>
      )}
      <Button kind="primary" className="justify-self-start" disabled={isBusy} onClick={() => onChoice(false)}>
        Sign out and keep it here
      </Button>
      <div className="grid gap-2 border-t border-line pt-4">
        {unsent > 0 && (
          <label className="flex min-h-11 items-center gap-3">
            <input type="checkbox" className="size-6 accent-ink" checked={isSure} onChange={() => setIsSure(!isSure)} />
            <span>What is not sent may be lost for good</span>
          </label>
        )}
        <Button className="justify-self-start" disabled={isBusy || (unsent > 0 && !isSure)} onClick={() => onChoice(true)}>
          Sign out and delete it, with its key
        </Button>
      </div>
    </div>
  )
}
