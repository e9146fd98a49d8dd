import { useQuery } from '@tanstack/react-query'
import { startTransition, useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { kitQueries } from '../../api/kits'
import { useMay } from '../../api/session'
import type { KitDraft } from '../../api/types'
import { moved, pathOf, put, readObject, type Json, type JsonObject } from '../../domain/json'
import { Note } from '../../ui/Note'
import { UnitProvider } from '../../ui/UnitContext'
import { UnitToggle } from '../../ui/UnitToggle'
import { Beside } from './Beside'
import { Check } from './Check'
import { Comes } from './Comes'
import { Kept } from './Kept'
import { keysFor } from './keys'
import { itemAt } from './lit'
import { useNames } from './Names'
import { Release } from './Release'
import { SectionForm } from './SectionForm'
import { SectionNav, type Place } from './SectionNav'
import { FormContext, type OfferedName } from '../../views/form/FormContext'
import { TextForm } from './TextForm'
import { ToSay } from './ToSay'
import { useIsSecond } from './useIsSecond'
import { useKeptText } from './useKeptText'
import { useProof, type ProofAsked } from './useProof'
import { useTrial } from './useTrial'
import { WhereItBites } from './WhereItBites'
import { PageHeading } from '../../views/PageHeading'

/** A kit sheet being written: the leaflet's sections, what is wrong where it is wrong, and beside them what comes of it. */
export function Draft() {
  const { id = '' } = useParams()
  const draft = useQuery(kitQueries.draft(id))
  return (
    <UnitProvider name="kits" initial="mm">
      <main className="mx-auto grid w-full max-w-[96rem] grid-cols-[minmax(0,1fr)] gap-3 p-4 desk:px-6 desk:py-4">
        {draft.error && (
          <Note tone="out" role="alert" title={draft.error.message}>
            <Link to="/kits" className="text-plan underline">
              All kits
            </Link>
          </Note>
        )}
        {draft.isPending && <p role="status">Fetching the draft</p>}
        {draft.data && <Loaded key={id} draft={draft.data} />}
      </main>
    </UnitProvider>
  )
}

function Loaded({ draft }: { draft: KitDraft }) {
  const navigate = useNavigate()
  const kept = useKeptText(draft)
  const json = readObject(kept.text)
  const isSecond = useIsSecond(draft)
  const [place, setPlace] = useState<Place>(draft.sheet === null && draft.questions.length > 0 ? 'to-say' : 'what')
  const trial = useTrial(draft, kept.text)
  const proof = useProof(draft)
  const names = useNames(draft, trial.tried)
  const [writing, setWriting] = useState('')
  return (
    <>
      <Head draft={draft} />
      <div className="flex flex-wrap items-center justify-between gap-x-8 gap-y-3">
        <Kept kept={kept} draft={draft} />
        <Release
          draft={draft}
          onCheck={() => setPlace('check')}
          onDiscarded={() => void navigate('/kits', { state: { discarded: draft.id } })}
        />
      </div>
      <SectionNav
        place={json ? place : 'text'}
        problems={draft.problems}
        questions={draft.questions}
        onPlace={setPlace}
        sheet={json}
        isSecond={isSecond}
      />
      {place === 'check' ? (
        <Check draft={draft} isKept={!kept.isChanged} proof={proof} onReleased={() => void navigate(`/kits/${draft.id}`)} />
      ) : (
        <div className="grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 desk:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
          <div
            className="min-w-0"
            onFocusCapture={(event) => {
              const next = placeOf(event.target)
              // Never before what is typed at once: the entry would be drawn with what it held.
              startTransition(() => setWriting(next))
            }}
          >
            <Form key={place} {...{ draft, kept, json, place, trial, proof, names }} onPlace={setPlace} />
          </div>
          <Beside draft={draft} trial={trial} proof={proof} names={names} lit={json && itemAt(json, pathOf(writing))} />
        </div>
      )}
    </>
  )
}

/** Where in the sheet the entry stands that is written in. */
const placeOf = (target: EventTarget): string =>
  target instanceof Element ? (target.closest('[data-path]')?.getAttribute('data-path') ?? '') : ''

type FormProps = {
  draft: KitDraft
  kept: ReturnType<typeof useKeptText>
  json: JsonObject | null
  place: Place
  trial: ReturnType<typeof useTrial>
  proof: ProofAsked
  names: OfferedName[]
  onPlace: (place: Place) => void
}

/** One section of the sheet, what it does not say yet, or all of it as text. */
function Form({ draft, kept, json, place, trial, proof, names, onPlace }: FormProps) {
  const mayWrite = useMay('write-sheet')
  if (!json || place === 'text')
    return <TextForm text={kept.text} problems={draft.problems} onText={mayWrite ? kept.type : null} />
  const type = (next: Json) => kept.type(JSON.stringify(next, null, 2))
  return (
    <FormContext
      value={{
        json,
        change: mayWrite ? (path, value) => type(put(json, path, value)) : null,
        move: (path, from, by) => type(moved(json, path, from, by)),
        problems: draft.problems,
        keysFor: (path) => keysFor(path, json),
        names,
        example: (path) => <Comes path={path} sheet={json} tried={trial.tried} />,
        notes: (path) => <WhereItBites path={path} sheet={json} tried={trial.tried} report={proof.report} isOld={!proof.isNow} />,
      }}
    >
      {place === 'to-say' ? <ToSay questions={draft.questions} onPlace={onPlace} /> : <SectionForm place={place} />}
    </FormContext>
  )
}

function Head({ draft }: { draft: KitDraft }) {
  return (
    <div className="flex flex-wrap items-center justify-between gap-4">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <Link
          to={draft.releasedRevision === null ? '/kits' : `/kits/${draft.id}`}
          className="text-plan underline underline-offset-4"
        >
          ← Kits
        </Link>
        <PageHeading name={`Draft of ${draft.id}`} />
        <p className="text-label text-mute">
          Written last by {draft.author}
          {draft.releasedRevision === null ? ', a new sheet' : `, after revision ${draft.releasedRevision}`}.
        </p>
      </div>
      <UnitToggle />
    </div>
  )
}
