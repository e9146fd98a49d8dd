import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { ApiError } from '../../api/client'
import { kitQueries, useDiscardDraft, useReleaseDraft, useSaveDraft } from '../../api/kits'
import { sessionQuery, useMay } from '../../api/session'
import type { KitDraft } from '../../api/types'
import { say } from '../../domain/sentence'
import { Button } from '../../ui/Button'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'
import { Changes, Rules } from './Rules'
import { TriedOn } from './TriedOn'

/** A draft: its text, what is wrong with it, and what it would change. */
export function DraftSheet({ id, onDone }: { id: string; onDone: () => void }) {
  const draft = useQuery(kitQueries.draft(id))
  if (draft.error) return <Note tone="out" role="alert" title={draft.error.message} />
  return draft.data ? <Draft draft={draft.data} onDone={onDone} /> : <p role="status">Fetching the draft</p>
}

function Draft({ draft, onDone }: { draft: KitDraft; onDone: () => void }) {
  const [text, setText] = useState<string | null>(null)
  const save = useSaveDraft()
  const mayWrite = useMay('write-sheet')
  const isChanged = text !== null && text !== draft.text
  return (
    <>
      <div className="border-t-2 border-ink pt-3">
        <h2 className="text-lead font-semibold">Draft of {draft.id}</h2>
        <p className="text-label text-mute">
          Written last by {draft.author}
          {draft.releasedRevision === null ? ', a new sheet' : `, after revision ${draft.releasedRevision}`}.
        </p>
      </div>
      <Faults draft={draft} isChanged={isChanged} />
      {!isChanged && <Release draft={draft} onDone={onDone} />}
      {draft.releasedRevision !== null && draft.problems.length === 0 && (
        <>
          <h3 className="font-semibold">What it would change</h3>
          <Changes changes={draft.changes} />
        </>
      )}
      {draft.sheet && !isChanged && <TriedOn draft={draft} sheet={draft.sheet} />}
      <label className="grid gap-1">
        <span className="text-label text-mute">The sheet as its open file</span>
        <textarea
          className="min-h-[26rem] w-full border-2 border-ink bg-white p-3 font-mono text-label"
          spellCheck={false}
          readOnly={!mayWrite}
          value={text ?? draft.text}
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      {save.error && (
        <Note tone="out" role="alert" title={save.error.message}>
          What you typed is still here.
        </Note>
      )}
      {mayWrite && (
        <Button
          kind="primary"
          className="justify-self-start"
          disabled={!isChanged || save.isPending}
          onClick={() =>
            text !== null && save.mutate({ id: draft.id, version: draft.version, text }, { onSuccess: () => setText(null) })
          }
        >
          Keep and check
        </Button>
      )}
      {draft.rules.length > 0 && <Rules rules={draft.rules} />}
    </>
  )
}

function Faults({ draft, isChanged }: { draft: KitDraft; isChanged: boolean }) {
  if (isChanged) return <Note title="Changed and not kept yet.">Keep it to see what is wrong with it and what it changes.</Note>
  if (draft.problems.length === 0) return <Note tone="inside" title="Nothing is wrong with it." />
  return (
    <Note
      tone="out"
      title={draft.problems.length === 1 ? 'One thing is wrong with it.' : `${draft.problems.length} things are wrong with it.`}
    >
      <ul>
        {draft.problems.map((problem) => (
          <li key={problem.path + problem.message}>
            <span className="font-semibold">{problem.path || 'the sheet'}</span> {problem.message}
          </li>
        ))}
      </ul>
    </Note>
  )
}

/** Somebody else than the author makes it the next revision. */
function Release({ draft, onDone }: { draft: KitDraft; onDone: () => void }) {
  const unit = useUnit()
  const me = useQuery(sessionQuery).data?.person?.shownAs
  const mayWrite = useMay('write-sheet')
  const release = useReleaseDraft()
  const discard = useDiscardDraft()
  if (!mayWrite) return null
  const problem = release.error instanceof ApiError ? release.error.problem : null
  return (
    <div className="grid gap-2">
      <div className="flex flex-wrap items-center gap-4">
        {draft.author === me ? (
          <p className="text-mute">You wrote it last: a second person checks and releases it.</p>
        ) : (
          <Button
            kind="primary"
            disabled={release.isPending || draft.problems.length > 0}
            onClick={() => release.mutate({ id: draft.id, version: draft.version }, { onSuccess: onDone })}
          >
            I have checked it: release it
          </Button>
        )}
        <Button kind="link" onClick={() => discard.mutate(draft.id, { onSuccess: onDone })}>
          Throw the draft away
        </Button>
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
