import { useState } from 'react'
import { useImportCables } from '../../api/cables'
import type { CableImport } from '../../api/types'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Note } from '../../ui/Note'

type Picked = { name: string; text: string; type: string }

const typeOf = (name: string): string =>
  name.endsWith('.json') ? 'application/json' : /\.(xml|rdf)$/.test(name) ? 'application/rdf+xml' : 'text/csv'

/** First what a file holds and what is wrong with it; then all of it, or its good rows. */
export function ImportCables({ onDone }: { onDone: () => void }) {
  const send = useImportCables()
  const [file, setFile] = useState<Picked | null>(null)
  const [ratedVoltage, setRatedVoltage] = useState('')
  const look = (picked: Picked) => send.mutate({ ...picked, keep: 'nothing', ratedVoltage })
  const result = send.data
  const isStored = result !== undefined && result.added.length + result.known.length > 0
  return (
    <div className="grid gap-4">
      <p>
        A table (CSV), a JSON file of cable types, or RDF/XML from an asset system with the cable classes of IEC 61968-11. Nothing
        is stored before you have seen what the file holds.
      </p>
      <div className="grid items-start gap-4 desk:grid-cols-2">
        <Field label="File" hint="At most 5 MB">
          {(input) => (
            <input
              {...input}
              type="file"
              accept=".csv,.txt,.json,.xml,.rdf"
              className={`${input.className} py-2`}
              onChange={(event) => {
                const picked = event.target.files?.[0]
                if (picked)
                  void picked.text().then((text) => {
                    const next = { name: picked.name, text, type: typeOf(picked.name) }
                    setFile(next)
                    look(next)
                  })
              }}
            />
          )}
        </Field>
        {file?.type === 'application/rdf+xml' && (
          <Field label="Rated voltage of these cables" hint="Asset files have none: 6.35/11 (12) kV, or 15 kV">
            {(input) => (
              <input
                {...input}
                value={ratedVoltage}
                onChange={(event) => setRatedVoltage(event.target.value)}
                onBlur={() => look(file)}
              />
            )}
          </Field>
        )}
      </div>
      {send.isPending && <p role="status">Reading the file</p>}
      {send.error && <Note tone="out" role="alert" title={send.error.message} />}
      {result && <Result result={result} isStored={isStored} />}
      <div className="flex flex-wrap gap-4">
        {file && result && !isStored && result.read.length > 0 && (
          <Button
            kind="primary"
            disabled={send.isPending}
            onClick={() => send.mutate({ ...file, keep: result.problems.length > 0 ? 'good' : 'all', ratedVoltage })}
          >
            {result.problems.length > 0
              ? result.read.length === 1
                ? 'Add the good one'
                : `Add the ${result.read.length} good ones`
              : `Add all ${result.read.length}`}
          </Button>
        )}
        <Button onClick={onDone}>{isStored ? 'Done' : 'Cancel'}</Button>
      </div>
    </div>
  )
}

function Result({ result, isStored }: { result: CableImport; isStored: boolean }) {
  return (
    <div className="grid gap-3">
      <Note tone={isStored ? 'inside' : 'plan'} role="status" title={summary(result, isStored)}>
        {result.skipped.length > 0 && <p>Not read, since it is no cable type: {result.skipped.join(', ')}.</p>}
        {isStored && result.known.length > 0 && <p>In the library already, and left as they are: {result.known.length}.</p>}
      </Note>
      {result.problems.length > 0 && (
        <table className="w-full text-left">
          <thead>
            <tr className="border-b-2 border-ink text-label text-mute">
              <th className="py-1 pr-4 font-normal">row</th>
              <th className="pr-4 font-normal">column</th>
              <th className="font-normal">what is wrong</th>
            </tr>
          </thead>
          <tbody>
            {result.problems.slice(0, 50).map((problem) => (
              <tr key={`${problem.row} ${problem.column} ${problem.message}`} className="border-b border-line align-top">
                <td className="py-1.5 pr-4">{problem.row}</td>
                <td className="pr-4 font-semibold">{problem.column || 'whole row'}</td>
                <td>{problem.message}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {result.problems.length > 50 && <p className="text-mute">and {result.problems.length - 50} more.</p>}
    </div>
  )
}

function summary(result: CableImport, isStored: boolean): string {
  if (isStored) return `${result.added.length} added.`
  const cables = result.read.length === 1 ? 'one cable' : `${result.read.length} cables`
  return result.problems.length === 0
    ? `The file holds ${cables}, all of them sound.`
    : `The file holds ${cables} that can be read; what is wrong stands below.`
}
