import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useDiscardDraft } from '../../api/kits'
import { sessionQuery, useMay } from '../../api/session'
import type { KitDraft } from '../../api/types'
import { Button } from '../../ui/Button'
import { Modal } from '../../ui/Modal'
import { Note } from '../../ui/Note'
import { useIsSecond } from './useIsSecond'

type ReleaseProps = { draft: KitDraft; onCheck: () => void; onDiscarded: () => void }

/** Who releases it, and the way to throw it away. */
export function Release({ draft, onCheck, onDiscarded }: ReleaseProps) {
  const me = useQuery(sessionQuery).data?.person?.name ?? ''
  const mayWrite = useMay('write-sheet')
  const mayDiscard = useMay('discard-draft') && (draft.authors.includes(me) || !mayWrite)
  const isSecond = useIsSecond(draft)
  const [isAsked, setIsAsked] = useState(false)
  const discard = useDiscardDraft()
  if (!mayWrite && !mayDiscard) return null
  return (
    <div className="flex flex-wrap items-center gap-4">
      {isSecond && <Button onClick={onCheck}>Check it, to release it</Button>}
      {mayWrite && !isSecond && <p className="text-mute">You wrote in it: a second person checks and releases it.</p>}
      {mayDiscard && (
        <Button kind="link" onClick={() => setIsAsked(true)}>
          Throw the draft away
        </Button>
      )}
      <Modal title="Throw this draft away?" open={isAsked} onClose={() => setIsAsked(false)}>
        <p className="mb-4">
          {draft.id}, written by {draft.author}. The list of kits offers to put it back as long as nobody begins another.
        </p>
        {discard.error && <Note tone="out" role="alert" title={discard.error.message} />}
        <div className="flex flex-wrap gap-3">
          <Button kind="primary" onClick={() => discard.mutate(draft.id, { onSuccess: onDiscarded })}>
            Throw it away
          </Button>
          <Button onClick={() => setIsAsked(false)}>Keep it</Button>
        </div>
      </Modal>
    </div>
  )
}
