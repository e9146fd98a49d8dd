import { useState } from 'react'
import type { KitDraft } from '../../api/types'
import { useMay } from '../../api/session'
import { classes } from '../../ui/classes'
import { Toggle } from '../../ui/Toggle'
import type { OfferedName } from '../../views/form/FormContext'
import { Changes, Rules } from '../../views/Rules'
import { Names } from './Names'
import { Proof } from './Proof'
import { TriedOn } from './TriedOn'
import type { ProofAsked } from './useProof'
import type { useTrial } from './useTrial'

type View = 'drawing' | 'words' | 'proof' | 'changes' | 'names'

type BesideProps = {
  draft: KitDraft
  trial: ReturnType<typeof useTrial>
  proof: ProofAsked
  names: OfferedName[]
  lit: string | null
}

/** What comes of the draft: drawn on a job, in plain sentences, and held against the revision before. */
export function Beside({ draft, trial, proof, names, lit }: BesideProps) {
  const mayWrite = useMay('write-sheet')
  const [view, setView] = useState<View>('drawing')
  const options: { value: View; label: string }[] = [
    { value: 'drawing', label: 'On a job' },
    { value: 'words', label: 'In words' },
    ...(mayWrite ? [{ value: 'proof' as const, label: 'Proof' }] : []),
    ...(draft.releasedRevision === null ? [] : [{ value: 'changes' as const, label: `Changes (${draft.changes.length})` }]),
    { value: 'names', label: 'Names' },
  ]
  return (
    <aside
      aria-label="What comes of it"
      className={classes(
        'grid grid-cols-[minmax(0,1fr)] content-start gap-4',
        'desk:sticky desk:top-4 desk:max-h-[calc(100vh-2rem)] desk:overflow-y-auto',
      )}
    >
      <Toggle label="Show" value={view} options={options} onChange={setView} className="justify-self-start" />
      {view === 'drawing' && <TriedOn trial={trial} lit={lit} />}
      {view === 'words' &&
        (draft.rules.length > 0 ? (
          <Rules rules={draft.rules} />
        ) : (
          <p className="text-mute">Say what is asked and mend what is wrong first: then every rule is said here.</p>
        ))}
      {view === 'proof' && <Proof id={draft.id} proof={proof} />}
      {view === 'changes' && <Changes changes={draft.changes} />}
      {view === 'names' && <Names names={names} />}
    </aside>
  )
}
