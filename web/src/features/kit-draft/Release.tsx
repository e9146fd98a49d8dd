import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { ApiError } from '../../api/client'
import { useDiscardDraft, useReleaseDraft } from '../../api/kits'
import { sessionQuery, useMay } from '../../api/session'
import type { KitDraft } from '../../api/types'
import { say } from '../../domain/sentence'
import { Button } from '../../ui/Button'
import { Modal } from '../../ui/Modal'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'

type ReleaseProps = { draft: KitDraft; isKept: boolean; onReleased: () => void; onDiscarded: () => void }

/** Somebody who wrote nothing in it makes it the next revision. */
export function Release({ draft, isKept, onReleased, onDiscarded }: ReleaseProps) {
  const unit = useUnit()
  const me = useQuery(sessionQuery).data?.person?.name ?? ''
  const mayWrite = useMay('write-sheet')
  const mayDiscard = useMay('discard-draft') && (draft.authors.includes(me) || !mayWrite)
  const [isAsked, setIsAsked] = useState(false)
  const release = useReleaseDraft()
  const discard = useDiscardDraft()
  if (!mayWrite && !mayDiscard) return null
  const problem = release.error instanceof ApiError ? release.error.problem : null
  return (
    <div className="grid gap-2">
      <div className="flex flex-wrap items-center gap-4">
        {!mayWrite ? null : draft.authors.includes(me) ? (
          <p className="text-mute">You wrote in it: a second person checks and releases it.</p>
        ) : (
          <Button
            kind="primary"
            disabled={!isKept || release.isPending || draft.problems.length > 0}
            onClick={() => release.mutate({ id: draft.id, version: draft.version }, { onSuccess: onReleased })}
          >
            I have checked it: release it
          </Button>
        )}
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
      {release.error && (
        <Note tone="out" role="alert" title={problem?.reason ? say(problem.reason, unit) : release.error.message}>
          {problem?.problems?.map((one) => (
            <p key={one.path + one.message}>
              <span className="font-semibold">{one.path}</span> {one.message}
            </p>
          ))}
        </Note>
      )}
    </div>
  )
}
