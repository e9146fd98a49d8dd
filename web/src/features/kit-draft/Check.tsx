import { useEffect } from 'react'
import { ApiError } from '../../api/client'
import { useReleaseDraft } from '../../api/kits'
import type { KitDraft } from '../../api/types'
import { readObject } from '../../domain/json'
import { say } from '../../domain/sentence'
import { Button } from '../../ui/Button'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'
import { Changes, Rules } from '../../views/Rules'
import { Proof } from './Proof'
import type { ProofAsked } from './useProof'

type CheckProps = { draft: KitDraft; isKept: boolean; proof: ProofAsked; onReleased: () => void }

/** What a second person looks at before a sheet goes out: what differs, what it says in plain sentences, where it was proved. */
export function Check({ draft, isKept, proof, onReleased }: CheckProps) {
  const { isNow, canBeProved, ask } = proof
  useEffect(() => {
    if (!isNow && canBeProved) ask()
  }, [isNow, canBeProved, ask])
  return (
    <section aria-label="Check and release" className="grid gap-6">
      <div className="grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 desk:grid-cols-2">
        <div className="grid content-start gap-3">
          <h2 className="text-lead font-semibold">1 · In plain sentences</h2>
          {draft.rules.length > 0 ? <Rules rules={draft.rules} /> : <NotYet draft={draft} />}
        </div>
        <div className="grid content-start gap-6">
          <div className="grid gap-3">
            <h2 className="text-lead font-semibold">2 · What differs from the revision before</h2>
            {draft.releasedRevision === null ? (
              <p className="text-mute">It is a new sheet: all of it does.</p>
            ) : (
              <Changes changes={draft.changes} />
            )}
          </div>
          <div className="grid gap-3">
            <h2 className="text-lead font-semibold">3 · Proof</h2>
            <Proof id={draft.id} proof={proof} />
          </div>
          {draft.questions.length > 0 && <StillAsked draft={draft} />}
          <ReleaseIt
            draft={draft}
            isReady={isKept && draft.sheet !== null && !proof.isPending && isProvedIfAsked(draft, proof)}
            onReleased={onReleased}
          />
        </div>
      </div>
    </section>
  )
}

/** A sheet of the first edition can only be looked at: it cannot say all that a proof asks. */
const isProvedIfAsked = (draft: KitDraft, proof: ProofAsked): boolean =>
  readObject(draft.text)?.['edition'] !== 2 || proof.report?.proved === true

const NotYet = ({ draft }: { draft: KitDraft }) => (
  <p className="text-mute">
    {draft.problems.length > 0 ? 'Something is wrong with it' : 'It does not say all yet'}: it cannot be released.
  </p>
)

/** Not said, and no fault: whoever releases it should know. */
function StillAsked({ draft }: { draft: KitDraft }) {
  const unit = useUnit()
  return (
    <div className="grid gap-2">
      <h2 className="text-lead font-semibold">Not said</h2>
      <ul className="border-t-2 border-ink">
        {draft.questions.slice(0, 12).map((one) => (
          <li key={`${one.path} ${one.about.template}`} className="border-b border-line py-1.5">
            {say(one.about, unit)}: {say(one.ask, unit)}
          </li>
        ))}
      </ul>
      {draft.questions.length > 12 && <p className="text-mute">and {draft.questions.length - 12} more</p>}
    </div>
  )
}

function ReleaseIt({ draft, isReady, onReleased }: { draft: KitDraft; isReady: boolean; onReleased: () => void }) {
  const unit = useUnit()
  const release = useReleaseDraft()
  const problem = release.error instanceof ApiError ? release.error.problem : null
  return (
    <div className="grid gap-3 border-t-2 border-ink pt-4">
      <Button
        kind="primary"
        className="justify-self-start"
        disabled={!isReady || release.isPending}
        onClick={() => release.mutate({ id: draft.id, version: draft.version }, { onSuccess: onReleased })}
      >
        I have checked it: release it
      </Button>
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
