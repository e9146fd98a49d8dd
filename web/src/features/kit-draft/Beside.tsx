import { useState } from 'react'
import type { KitDraft } from '../../api/types'
import { Toggle } from '../../ui/Toggle'
import { Changes, Rules } from '../../views/Rules'
import { useMay } from '../../api/session'
import { Proof } from './Proof'
import { TriedOn } from './TriedOn'
import type { useTrial } from './useTrial'

type View = 'drawing' | 'words' | 'proof' | 'changes' | 'names'

/** What comes of the draft: drawn on a job, in plain sentences, and held against the revision before. */
export function Beside({ draft, trial }: { draft: KitDraft; trial: ReturnType<typeof useTrial> }) {
  const mayWrite = useMay('write-sheet')
  const [view, setView] = useState<View>('drawing')
  const options: { value: View; label: string }[] = [
    { value: 'drawing', label: 'On a job' },
    { value: 'words', label: 'In words' },
    ...(mayWrite ? [{ value: 'proof' as const, label: 'Proof' }] : []),
    ...(draft.releasedRevision === null ? [] : [{ value: 'changes' as const, label: `Changes (${draft.changes.length})` }]),
    { value: 'names', label: 'Names for formulas' },
  ]
  return (
    <aside
      aria-label="What comes of it"
      className="grid content-start gap-4 desk:sticky desk:top-4 desk:max-h-[calc(100vh-2rem)] desk:overflow-y-auto"
    >
      <Toggle label="Show" value={view} options={options} onChange={setView} className="justify-self-start" />
      {view === 'drawing' && <TriedOn trial={trial} />}
      {view === 'words' &&
        (draft.rules.length > 0 ? (
          <Rules rules={draft.rules} />
        ) : (
          <p className="text-mute">Mend what is wrong first: then every rule is said here.</p>
        ))}
      {view === 'proof' && <Proof draft={draft} />}
      {view === 'changes' && <Changes changes={draft.changes} />}
      {view === 'names' && <Names names={draft.names} />}
    </aside>
  )
}

/** What a formula may use, and what each stands for. */
function Names({ names }: { names: KitDraft['names'] }) {
  return (
    <div className="grid gap-3">
      <p>
        A formula is a sum of lengths with their units: <code>connector_length / 2 + 5 mm</code>. It may use <code>+ - * /</code>,
        comparisons, <code>and</code>, <code>or</code>, <code>not</code>, <code>? :</code>, <code>min</code> and <code>max</code>,
        and these names.
      </p>
      <dl className="border-t-2 border-ink">
        {names.map((one) => (
          <div key={one.name} className="grid gap-x-4 border-b border-line py-1 desk:grid-cols-[16rem_1fr]">
            <dt className="font-mono text-label">{one.name}</dt>
            <dd className="text-label text-mute">{one.texts ? one.texts.map((text) => `"${text}"`).join(', ') : one.is}</dd>
          </div>
        ))}
      </dl>
    </div>
  )
}
