import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { kitQueries } from '../../api/kits'
import { useMay } from '../../api/session'
import type { KitDraft } from '../../api/types'
import { moved, put, readObject, type Json, type JsonObject, type Path } from '../../domain/json'
import { Note } from '../../ui/Note'
import { UnitProvider } from '../../ui/UnitContext'
import { UnitToggle } from '../../ui/UnitToggle'
import { Beside } from './Beside'
import { CutExample } from './CutExample'
import { Kept } from './Kept'
import { keysFor } from './keys'
import { Release } from './Release'
import { SectionForm } from './SectionForm'
import { SectionNav, type Place } from './SectionNav'
import { FormContext } from '../../views/form/FormContext'
import { TextForm } from './TextForm'
import { useKeptText } from './useKeptText'
import { useTrial } from './useTrial'
import { PageHeading } from '../../views/PageHeading'

/** A kit sheet being written: the leaflet's sections, what is wrong where it is wrong, and beside them what comes of it. */
export function Draft() {
  const { id = '' } = useParams()
  const draft = useQuery(kitQueries.draft(id))
  return (
    <UnitProvider name="kits" initial="mm">
      <main className="mx-auto grid w-full max-w-[96rem] grid-cols-[minmax(0,1fr)] gap-4 p-4 desk:p-6">
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
  const mayWrite = useMay('write-sheet')
  const kept = useKeptText(draft)
  const json = readObject(kept.text)
  const [place, setPlace] = useState<Place>('what')
  const trial = useTrial(draft)
  return (
    <>
      <Head draft={draft} />
      <div className="flex flex-wrap items-start justify-between gap-x-8 gap-y-3">
        <Kept kept={kept} draft={draft} />
        <Release
          draft={draft}
          isKept={!kept.isChanged}
          onReleased={() => void navigate(`/kits/${draft.id}`)}
          onDiscarded={() => void navigate('/kits', { state: { discarded: draft.id } })}
        />
      </div>
      <SectionNav place={json ? place : 'text'} problems={draft.problems} onPlace={setPlace} sheet={json} />
      <div className="grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 desk:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
        {json && place !== 'text' ? (
          <FormContext
            value={{
              json,
              change: mayWrite ? (path, value) => kept.type(written(json, path, value)) : null,
              move: (path, from, by) => kept.type(JSON.stringify(moved(json, path, from, by), null, 2)),
              problems: draft.problems,
              keysFor: (path) => keysFor(path, json),
              example: (item) => <CutExample item={item} tried={trial.job} />,
            }}
          >
            <SectionForm key={place} place={place} />
          </FormContext>
        ) : (
          <TextForm text={kept.text} problems={draft.problems} onText={mayWrite ? kept.type : null} />
        )}
        <Beside draft={draft} trial={trial} />
      </div>
    </>
  )
}

const written = (json: JsonObject, path: Path, value: Json | undefined): string => JSON.stringify(put(json, path, value), null, 2)

function Head({ draft }: { draft: KitDraft }) {
  return (
    <div className="flex flex-wrap items-end justify-between gap-4">
      <div>
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
