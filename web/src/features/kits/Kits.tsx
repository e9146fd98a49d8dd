import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useLocation, useNavigate, useParams } from 'react-router'
import { kitQueries, sheetFile, sheetPath, useReturnDraft, useSaveDraft } from '../../api/kits'
import { useMay } from '../../api/session'
import type { KitDraftSummary, KitSheet } from '../../api/types'
import { accessory } from '../../domain/words'
import { Button } from '../../ui/Button'
import { classes } from '../../ui/classes'
import { Note } from '../../ui/Note'
import { UnitProvider, useUnit } from '../../ui/UnitContext'
import { UnitToggle } from '../../ui/UnitToggle'
import { WithdrawSheet } from './WithdrawSheet'
import { DuplicateSheet } from './DuplicateSheet'
import { NewDraft } from './NewDraft'
import { Changes, Rules } from '../../views/Rules'
import { PageHeading } from '../../views/PageHeading'
import { WhoMay } from '../../views/WhoMay'
import { Unreadable } from '../../views/Unreadable'

/** Kit sheets: read rule by rule, written as drafts, released by a second person. */
export function Kits() {
  return (
    <UnitProvider name="kits" initial="mm">
      <Sheet />
    </UnitProvider>
  )
}

function Sheet() {
  const { id } = useParams()
  const navigate = useNavigate()
  const list = useQuery(kitQueries.list())
  const [isNew, setIsNew] = useState(false)
  const mayWrite = useMay('write-sheet')
  const chosen = list.data?.kits.find((sheet) => sheet.id === id) ?? list.data?.kits[0]
  const openDraft = (draft: string) => void navigate(`/kits/drafts/${draft}`)
  return (
    <main className="mx-auto grid w-full max-w-[84rem] grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-5 p-4 desk:grid-cols-[22rem_minmax(0,1fr)] desk:p-6">
      <div className="flex flex-wrap items-center justify-between gap-4 desk:col-span-2">
        <PageHeading name="Kits" />
        <div className="flex flex-wrap gap-3">
          <UnitToggle />
          {mayWrite && <Button onClick={() => setIsNew(true)}>New sheet</Button>}
        </div>
      </div>
      <section aria-label="Kit sheets" className="grid content-start gap-5">
        {list.error && <Note tone="out" role="alert" title={list.error.message} />}
        <WhoMay right="write-sheet" deed="writes kit sheets, and a second one releases them" />
        <Discarded onPutBack={openDraft} />
        <DraftList drafts={list.data?.drafts ?? []} />
        <Unreadable rows={list.data?.unreadable} />
        <KitList kits={list.data?.kits ?? []} chosen={chosen} />
      </section>
      <section aria-label="The chosen sheet" className="grid content-start gap-3">
        {chosen && (
          <Released
            key={`${chosen.id}/${chosen.revision}`}
            sheet={chosen}
            hasDraft={list.data?.drafts.some((draft) => draft.id === chosen.id) ?? false}
            onDraft={openDraft}
          />
        )}
      </section>
      <NewDraft open={isNew} onClose={() => setIsNew(false)} onSaved={openDraft} />
    </main>
  )
}

/** The draft that was just thrown away, as long as one stays here. */
function Discarded({ onPutBack }: { onPutBack: (id: string) => void }) {
  const state = useLocation().state as { discarded?: string } | null
  const back = useReturnDraft()
  const id = state?.discarded
  if (!id) return null
  return (
    <Note tone="unproved" role="status" title={`The draft of ${id} is thrown away.`}>
      <Button kind="link" onClick={() => back.mutate(id, { onSuccess: () => onPutBack(id) })}>
        Put it back
      </Button>
      {back.error && <p>{back.error.message}</p>}
    </Note>
  )
}

const ROW = 'grid min-h-12 w-full px-2 py-1.5 text-left hover:bg-soft'

function KitList({ kits, chosen }: { kits: KitSheet[]; chosen: KitSheet | undefined }) {
  const unit = useUnit()
  return (
    <ul aria-label="Released kit sheets" className="border-t-2 border-ink">
      {kits.map((sheet) => (
        <li key={sheet.id} className="border-b border-line">
          <Link
            to={`/kits/${sheet.id}`}
            aria-current={sheet === chosen ? 'true' : undefined}
            className={classes(ROW, sheet === chosen && 'border-l-8 border-ink bg-soft')}
          >
            <span className="font-semibold">{sheet.name}</span>
            <span className="text-label text-mute">
              {sheet.maker} · {sheet.technology.replace('-', ' ')} {accessory(sheet.function, unit)} · revision {sheet.revision}
              {sheet.withdrawn && <strong className="text-out"> withdrawn</strong>}
            </span>
          </Link>
        </li>
      ))}
    </ul>
  )
}

function DraftList({ drafts }: { drafts: KitDraftSummary[] }) {
  if (drafts.length === 0) return null
  return (
    <div>
      <h2 className="font-semibold">Drafts, waiting for a second person</h2>
      <ul aria-label="Drafts" className="border-t-2 border-ink">
        {drafts.map((draft) => (
          <li key={draft.id} className="border-b border-line">
            <Link to={`/kits/drafts/${draft.id}`} className={ROW}>
              <span className="font-semibold">{draft.id}</span>
              <span className="text-label text-mute">written last by {draft.author}</span>
            </Link>
          </li>
        ))}
      </ul>
    </div>
  )
}

type ReleasedProps = { sheet: KitSheet; hasDraft: boolean; onDraft: (id: string) => void }

function Released({ sheet, hasDraft, onDraft }: ReleasedProps) {
  const words = useQuery(kitQueries.words(sheet.id, sheet.revision))
  const save = useSaveDraft()
  const mayWrite = useMay('write-sheet')
  const [isDuplicating, setIsDuplicating] = useState(false)
  const begin = async () => {
    const file = await sheetFile(sheet.id, sheet.revision)
    const text = JSON.stringify({ ...file, revision: sheet.revision + 1 }, null, 2)
    save.mutate({ id: sheet.id, version: 0, text }, { onSuccess: () => onDraft(sheet.id) })
  }
  return (
    <>
      <div className="flex flex-wrap items-center justify-between gap-4 border-t-2 border-ink pt-3">
        <div>
          <h2 className="text-lead font-semibold">{sheet.name}</h2>
          <p className="text-label text-mute">
            {sheet.id}, revision {sheet.revision} · sizes {sheet.sizes.join(', ')}
          </p>
        </div>
        <div className="flex flex-wrap gap-3">
          <a
            className="inline-flex min-h-12 items-center border-2 border-ink px-5 hover:bg-soft"
            href={sheetPath(sheet.id, sheet.revision)}
            download={`${sheet.id}-${sheet.revision}.json`}
          >
            JSON file
          </a>
          {mayWrite && <Button onClick={() => setIsDuplicating(true)}>Duplicate</Button>}
          {mayWrite && (
            <Button disabled={save.isPending} onClick={() => (hasDraft ? onDraft(sheet.id) : void begin())}>
              {hasDraft ? 'Open its draft' : 'Change it'}
            </Button>
          )}
        </div>
      </div>
      {save.error && <Note tone="out" role="alert" title={save.error.message} />}
      <DuplicateSheet sheet={sheet} open={isDuplicating} onClose={() => setIsDuplicating(false)} onDraft={onDraft} />
      {(mayWrite || sheet.withdrawn) && <WithdrawSheet key={sheet.id} sheet={sheet} mayWrite={mayWrite} />}
      {sheet.revision > 1 && <Before sheet={sheet} />}
      {words.data && <Rules rules={words.data.rules} />}
    </>
  )
}

/** What this revision changed, where the one before is here. */
function Before({ sheet }: { sheet: KitSheet }) {
  const changes = useQuery({ ...kitQueries.changes(sheet.id, sheet.revision - 1, sheet.revision), retry: false })
  if (!changes.data) return null
  return (
    <details>
      <summary className="min-h-11 text-plan underline underline-offset-4">
        What revision {sheet.revision} changed:{' '}
        {changes.data.changes.length === 1 ? 'one rule' : `${changes.data.changes.length} rules`}
      </summary>
      <Changes changes={changes.data.changes} />
    </details>
  )
}
