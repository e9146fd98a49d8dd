import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { kitQueries } from '../../api/kits'
import type { KitDraft } from '../../api/types'
import { say } from '../../domain/sentence'
import { Button } from '../../ui/Button'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'

/** The draft built in every corner of what it takes: what does not hold, and where first. */
export function Proof({ draft }: { draft: KitDraft }) {
  const unit = useUnit()
  const [version, setVersion] = useState<number | null>(null)
  const isAsked = version === draft.version && draft.problems.length === 0
  const proof = useQuery({ ...kitQueries.proof(draft.id, draft.version), enabled: isAsked })
  if (draft.problems.length > 0) return <p className="text-mute">Mend what is wrong first: then it can be proved.</p>
  return (
    <section aria-label="Proof" className="grid gap-3">
      {!isAsked && (
        <>
          <p>
            Builds it on the thinnest and thickest cables that it takes, with the shortest and longest connectors, indoors and
            out, and says which rule does not hold somewhere. A sheet of the second edition is released only when it is proved.
          </p>
          <Button className="justify-self-start" onClick={() => setVersion(draft.version)}>
            Prove it
          </Button>
        </>
      )}
      {isAsked && proof.isPending && <p role="status">Building it in every corner. This takes some seconds.</p>}
      {proof.error && <Note tone="out" role="alert" title={proof.error.message} />}
      {isAsked && proof.data && (
        <>
          <Note
            tone={proof.data.proved ? 'inside' : 'out'}
            title={
              proof.data.proved
                ? `Proved in ${proof.data.plans} corners: every rule holds in each.`
                : `Built in ${proof.data.plans} corners: ${proof.data.shortfalls.length} in all do not hold.`
            }
          />
          <ol className="border-ink not-empty:border-t-2">
            {proof.data.shortfalls.map((one, i) => (
              <li key={`${one.fault} ${one.of}`} className="grid gap-1 border-b border-line py-2">
                <p className="font-semibold">{say(one.reason, unit)}</p>
                {one.corner && (
                  <p className="text-label text-mute">
                    In {one.corners === 1 ? 'one corner' : `${one.corners} corners`}, first in {one.corner}.{' '}
                    <a
                      className="text-plan underline underline-offset-4"
                      href={`/api/kit-drafts/${draft.id}/proof/${i + 1}`}
                      download={`${draft.id}-${i + 1}.job.json`}
                    >
                      That corner as a job file
                    </a>
                  </p>
                )}
              </li>
            ))}
          </ol>
          {proof.data.excepted.map((one) => (
            <p key={one.key} className="text-label text-mute">
              Not asked of it: {one.key}. {one.reason}
            </p>
          ))}
        </>
      )}
    </section>
  )
}
