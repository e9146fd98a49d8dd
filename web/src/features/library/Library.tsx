import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { isAmong } from '../../api/checks'
import { cableQueries, exportPath } from '../../api/cables'
import { useMay } from '../../api/session'
import type { CableType } from '../../api/types'
import { Button } from '../../ui/Button'
import { Modal } from '../../ui/Modal'
import { Note } from '../../ui/Note'
import { UnitProvider, useUnit } from '../../ui/UnitContext'
import { UnitToggle } from '../../ui/UnitToggle'
import { CableFacts } from '../../views/CableFacts'
import { CableSearch } from '../../views/CableSearch'
import { NewCable } from '../../views/NewCable'
import { ImportCables } from './ImportCables'
import { NotChecked } from '../../views/NotChecked'
import { PageHeading } from '../../views/PageHeading'
import { WhoMay } from '../../views/WhoMay'

/** The library of cable types: find one, see it layer by layer, take some in, hand some over. */
export function Library() {
  return (
    <UnitProvider name="library" initial="mm">
      <Sheet />
    </UnitProvider>
  )
}

function Sheet() {
  const [search, setSearch] = useState('')
  const [chosen, setChosen] = useState<CableType | null>(null)
  const [page, setPage] = useState(1)
  const [dialog, setDialog] = useState<'new' | 'import' | null>(null)
  const mayAdd = useMay('add-cable')
  const unit = useUnit()
  const first = useQuery(cableQueries.page('', unit, 1)).data?.cables[0]
  const unchecked = useQuery(cableQueries.page(search, unit, page)).data?.unchecked
  const shown = chosen ?? first
  const choose = (cable: CableType, on: number) => {
    setChosen(cable)
    setPage(on)
  }
  return (
    <main className="mx-auto grid w-full max-w-[84rem] grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-5 p-4 desk:grid-cols-[minmax(0,1fr)_minmax(0,36rem)] desk:p-6">
      <div className="flex flex-wrap items-center justify-between gap-4 desk:col-span-2">
        <PageHeading name="Cables" />
        <div className="flex flex-wrap items-center gap-3">
          <UnitToggle />
          {mayAdd && <Button onClick={() => setDialog('import')}>Take in a file</Button>}
          {mayAdd && (
            <Button kind="primary" onClick={() => setDialog('new')}>
              New cable
            </Button>
          )}
        </div>
      </div>
      <section aria-label="Find a cable" className="grid content-start gap-3">
        <WhoMay right="add-cable" deed="adds cables" />
        <CableSearch search={search} onSearch={setSearch} chosen={shown ?? null} onChoose={choose} />
        <HandOver search={search} />
      </section>
      <section aria-label="The chosen cable" className="grid content-start gap-3">
        {shown && (
          <>
            <div className="border-t-2 border-ink pt-3">
              <h2 className="text-lead font-semibold">{shown.designation}</h2>
              <p className="text-label text-mute">
                {shown.standard || 'entered by hand'} · {shown.conductorShape} {shown.conductorMaterial} · {shown.id}, revision{' '}
                {shown.revision}
              </p>
            </div>
            {shown.standard.startsWith('paper') && (
              <Note tone="unproved" title="An estimate, from memory of old standards.">
                Paper cables differ from maker to maker and decade to decade: only what you measure counts.
              </Note>
            )}
            {isAmong(unchecked, shown) && <NotChecked kind="cables" sheet={shown} />}
            <CableFacts key={`${shown.id}${shown.revision}`} cable={shown} />
          </>
        )}
      </section>
      <Modal title="A cable from its drum or datasheet" open={dialog === 'new'} onClose={() => setDialog(null)}>
        <NewCable
          onDone={(cable) => {
            setChosen(cable)
            setDialog(null)
          }}
          onBack={() => setDialog(null)}
        />
      </Modal>
      <Modal title="Take in cables from a file" open={dialog === 'import'} onClose={() => setDialog(null)}>
        <ImportCables onDone={() => setDialog(null)} />
      </Modal>
    </main>
  )
}

const FORMATS = [
  ['csv', 'table (CSV)'],
  ['json', 'JSON'],
  ['xml', 'asset system (CIM)'],
] as const

function HandOver({ search }: { search: string }) {
  return (
    <p className="flex flex-wrap items-center gap-x-4 text-label text-mute">
      Hand over {search ? 'what was found' : 'all'} as
      {FORMATS.map(([format, name]) => (
        <a
          key={format}
          href={exportPath(format, search)}
          download
          className="inline-flex min-h-11 items-center text-plan underline underline-offset-4"
        >
          {name}
        </a>
      ))}
    </p>
  )
}
