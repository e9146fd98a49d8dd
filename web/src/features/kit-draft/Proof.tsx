import type { ReactNode } from 'react'
import type { Proof as Report } from '../../api/types'
import { sayMark } from '../../domain/length'
import { say } from '../../domain/sentence'
import { Button } from '../../ui/Button'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'
import type { ProofAsked } from './useProof'

/** The draft built in every corner of what it takes: what does not hold, and where first. */
export function Proof({ id, proof }: { id: string; proof: ProofAsked }) {
  if (!proof.canBeProved)
    return <p className="text-mute">Say what is asked and mend what is wrong first: then it can be proved.</p>
  return (
    <section aria-label="Proof" className="grid gap-3">
      {!proof.isNow && (
        <>
          <p>
            Builds it on the thinnest and thickest cables that it takes, with the shortest and longest connectors, indoors and
            out, and says which rule does not hold somewhere. A sheet of the second edition is released only when it is proved.
          </p>
          <Button className="justify-self-start" onClick={proof.ask}>
            Prove it
          </Button>
        </>
      )}
      {proof.isPending && <p role="status">Building it in every corner. This takes some seconds.</p>}
      {proof.error && <Note tone="out" role="alert" title={proof.error.message} />}
      {proof.isNow && proof.report && <Found id={id} report={proof.report} />}
    </section>
  )
}

/** What the other number of a leaflet that contradicts itself would come to. */
function Doubt({ doubt }: { doubt: Report['doubts'][number] }) {
  const unit = useUnit()
  const holds = doubt.shortfalls.length === 0
  const what = `Size ${doubt.size}, “${doubt.dimension.replaceAll('_', ' ')}”`
  const numbers = `${sayMark(doubt.takenMm, unit)} is taken, the leaflet also says ${sayMark(doubt.otherMm, unit)}`
  return (
    <div className="grid gap-2">
      <Note
        tone={holds ? 'inside' : 'unproved'}
        title={`${what}: ${numbers}. ${holds ? 'Either holds.' : 'With the other number these do not hold:'}`}
      >
        {doubt.reason}
      </Note>
      <Shortfalls shortfalls={doubt.shortfalls} />
    </div>
  )
}

/** What does not hold, the worst first. */
function Shortfalls({ shortfalls, more }: { shortfalls: Report['shortfalls']; more?: (place: number) => ReactNode }) {
  const unit = useUnit()
  return (
    <ol className="border-ink not-empty:border-t-2">
      {shortfalls.map((one, i) => (
        <li key={`${one.fault} ${one.of}`} className="grid gap-1 border-b border-line py-2">
          <p className="font-semibold">{say(one.reason, unit)}</p>
          {one.corner && (
            <p className="text-label text-mute">
              In {one.corners === 1 ? 'one corner' : `${one.corners} corners`}, first in {one.corner}. {more?.(i + 1)}
            </p>
          )}
        </li>
      ))}
    </ol>
  )
}

function Found({ id, report }: { id: string; report: Report }) {
  return (
    <>
      <Note
        tone={report.proved ? 'inside' : 'out'}
        title={
          report.proved
            ? `Proved in ${report.plans} corners: every rule holds in each.`
            : `Built in ${report.plans} corners: ${report.shortfalls.length} in all do not hold.`
        }
      />
      <Shortfalls
        shortfalls={report.shortfalls}
        more={(place) => (
          <a
            className="text-plan underline underline-offset-4"
            href={`/api/kit-drafts/${id}/proof/${place}`}
            download={`${id}-${place}.job.json`}
          >
            That corner as a job file
          </a>
        )}
      />
      {report.doubts.map((one) => (
        <Doubt key={`${one.size} ${one.dimension} ${one.otherMm}`} doubt={one} />
      ))}
      {report.excepted.map((one) => (
        <p key={one.key} className="text-label text-mute">
          Not asked of it: {one.key}. {one.reason}
        </p>
      ))}
    </>
  )
}
