import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { isAmong } from '../../api/checks'
import { connectorFile, connectorPath, connectorQueries } from '../../api/connectors'
import { useMay } from '../../api/session'
import type { Connector } from '../../api/types'
import type { JsonObject } from '../../domain/json'
import { Button } from '../../ui/Button'
import { classes } from '../../ui/classes'
import { Field } from '../../ui/Field'
import { Note } from '../../ui/Note'
import { UnitProvider } from '../../ui/UnitContext'
import { UnitToggle } from '../../ui/UnitToggle'
import { ConnectorFacts } from './ConnectorFacts'
import { ConnectorForm } from './ConnectorForm'
import { NotChecked, NotCheckedMark } from '../../views/NotChecked'
import { PageHeading } from '../../views/PageHeading'
import { WhoMay } from '../../views/WhoMay'
import { Unreadable } from '../../views/Unreadable'

/** Connectors and lugs: looked through, written from their makers' sheets, changed revision by revision. */
export function Connectors() {
  return (
    <UnitProvider name="connectors" initial="mm">
      <Sheet />
    </UnitProvider>
  )
}

const blank: JsonObject = {
  id: '',
  revision: 1,
  name: '',
  maker: '',
  kind: 'joint-connector',
  fixing: 'crimp',
  materials: [],
  conductor: { min: '', max: '' },
  bore: '',
  boreDepth: '',
  diameter: '',
  length: '',
  method: '',
}

function Sheet() {
  const [search, setSearch] = useState('')
  const [page, setPage] = useState(1)
  const [picked, setPicked] = useState<Connector | null>(null)
  const [written, setWritten] = useState<JsonObject | null>(null)
  const list = useQuery(connectorQueries.page(search, page))
  const mayWrite = useMay('write-sheet')
  const data = list.data
  const shown = data?.connectors.find((one) => one.id === picked?.id) ?? picked ?? data?.connectors[0]
  const change = (connector: Connector) =>
    void connectorFile(connector.id, connector.revision).then((file) => setWritten({ ...file, revision: connector.revision + 1 }))
  return (
    <main className="mx-auto grid w-full max-w-[84rem] grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-5 p-4 desk:grid-cols-[24rem_minmax(0,1fr)] desk:p-6">
      <div className="flex flex-wrap items-center justify-between gap-4 desk:col-span-2">
        <PageHeading name="Connectors" />
        <div className="flex flex-wrap gap-3">
          <UnitToggle />
          {mayWrite && <Button onClick={() => setWritten(blank)}>New connector</Button>}
        </div>
      </div>
      <section aria-label="Connectors and lugs" className="grid content-start gap-3">
        <WhoMay right="write-sheet" deed="adds connectors" />
        <Field label="Find, by name or maker">
          {(input) => (
            <input
              {...input}
              type="search"
              value={search}
              onChange={(event) => {
                setSearch(event.target.value)
                setPage(1)
              }}
            />
          )}
        </Field>
        {list.error && <Note tone="out" role="alert" title={list.error.message} />}
        <Unreadable rows={data?.unreadable} />
        {data?.total === 0 && <p>None is called so.</p>}
        <ul className="border-t-2 border-ink">
          {data?.connectors.map((one) => (
            <Row
              key={one.id}
              connector={one}
              isShown={one.id === shown?.id}
              isUnchecked={isAmong(data.unchecked, one)}
              onPick={() => {
                setPicked(one)
                setWritten(null)
              }}
            />
          ))}
        </ul>
        {data && data.page * data.perPage < data.total && (
          <Button className="justify-self-start" onClick={() => setPage(page + 1)}>
            Next page: {data.total} in all
          </Button>
        )}
      </section>
      <section aria-label="The chosen connector" className="grid content-start gap-3">
        {written ? (
          <ConnectorForm
            begun={written}
            onDone={(connector) => {
              setPicked(connector)
              setWritten(null)
            }}
            onCancel={() => setWritten(null)}
          />
        ) : (
          shown && (
            <>
              <Shown connector={shown} onChange={mayWrite ? () => change(shown) : null} />
              {isAmong(data?.unchecked, shown) && <NotChecked kind="connectors" sheet={shown} />}
            </>
          )
        )}
      </section>
    </main>
  )
}

type RowProps = { connector: Connector; isShown: boolean; isUnchecked: boolean; onPick: () => void }

function Row({ connector, isShown, isUnchecked, onPick }: RowProps) {
  return (
    <li className="border-b border-line">
      <button
        type="button"
        aria-current={isShown ? 'true' : undefined}
        className={classes(
          'grid min-h-12 w-full px-2 py-1.5 text-left hover:bg-soft',
          isShown && 'border-l-8 border-ink bg-soft',
        )}
        onClick={onPick}
      >
        <span className="font-semibold">{connector.name}</span>
        <span className="text-label text-mute">
          {connector.maker} · {connector.kind.replace('-', ' ')} · {connector.fixing.replace('-', ' ')} · revision{' '}
          {connector.revision} {isUnchecked && <NotCheckedMark />}
        </span>
      </button>
    </li>
  )
}

function Shown({ connector, onChange }: { connector: Connector; onChange: (() => void) | null }) {
  return (
    <>
      <div className="flex flex-wrap items-center justify-between gap-4 border-t-2 border-ink pt-3">
        <h2 className="text-lead font-semibold">{connector.name}</h2>
        <div className="flex flex-wrap gap-3">
          <a
            className="inline-flex min-h-12 items-center border-2 border-ink px-5 hover:bg-soft"
            href={connectorPath(connector.id, connector.revision)}
            download={`${connector.id}-${connector.revision}.json`}
          >
            JSON file
          </a>
          {onChange && <Button onClick={onChange}>Change it</Button>}
        </div>
      </div>
      <ConnectorFacts connector={connector} />
    </>
  )
}
