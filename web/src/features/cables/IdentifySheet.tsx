import { useQuery } from '@tanstack/react-query'
import { cableQueries } from '../../api/cables'
import { useChangePlan } from '../../api/plan'
import type { Candidate, End, Identified, Job, LayerKind } from '../../api/types'
import { say } from '../../domain/sentence'
import { Button } from '../../ui/Button'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'
import { OutcomeWord } from '../../views/Verdict'
import { withCable } from './edit'
import { SeenForm } from './SeenForm'

type SheetProps = { job: Job; end: End; mayPlan: boolean; onMeasure: (layer: LayerKind) => void }

/** Which construction is it really? From a few diameters and what the eye sees. */
export function IdentifySheet({ job, end, mayPlan, onMeasure }: SheetProps) {
  const unit = useUnit()
  const identified = useQuery(cableQueries.identified(job.id, job.version, end))
  const result = identified.data
  return (
    <>
      <SeenForm job={job} end={end} mayPlan={mayPlan} />
      {identified.isPending && <p role="status">Holding the library against the cable</p>}
      {identified.error && <Note tone="out" role="alert" title={identified.error.message} />}
      {result?.candidates.length === 0 && <p>Measure one layer, or say what you see: each narrows it down.</p>}
      {result && result.candidates.length > 0 && (
        <>
          <NameCheck result={result} />
          {result.next && (
            <Note title="What would settle it">
              <p>{say(result.next.advice, unit)}</p>
              {result.next.layer && mayPlan && (
                <Button kind="link" onClick={() => result.next?.layer && onMeasure(result.next.layer)}>
                  Measure it
                </Button>
              )}
            </Note>
          )}
          <ol aria-label="What it could be, the likeliest first" className="border-t-2 border-ink">
            {result.candidates.map((candidate, i) => (
              <Row key={candidate.id} job={job} end={end} candidate={candidate} place={i + 1} mayPlan={mayPlan} />
            ))}
          </ol>
          <p className="text-label text-mute">Held against {result.compared} constructions of the library.</p>
        </>
      )}
    </>
  )
}

function NameCheck({ result }: { result: Identified }) {
  const best = result.candidates[0]
  if (!result.named || !best) return null
  if (result.isMisnamed)
    return (
      <Note tone="out" role="alert" title="The name on the job does not agree with the cable.">
        Something speaks against {result.named.designation}, and nothing against {best.designation}. Look at the drum and the
        marking on the sheath before anything is cut.
      </Note>
    )
  return result.named.isPossible ? (
    <Note tone="inside" title="The name on the job agrees with what was found.">
      {result.named.designation}
    </Note>
  ) : null
}

type RowProps = { job: Job; end: End; candidate: Candidate; place: number; mayPlan: boolean }

function Row({ job, end, candidate, place, mayPlan }: RowProps) {
  const unit = useUnit()
  const change = useChangePlan(job)
  const isNamed = job.ends.find((one) => one.end === end)?.cable.id === candidate.id
  return (
    <li className="grid gap-x-4 border-b border-line py-1.5 desk:grid-cols-[1.5rem_1fr_auto]">
      <span className="text-mute">{place}</span>
      <details>
        <summary className="min-h-8 font-semibold">{candidate.designation}</summary>
        <ul className="grid gap-1 pb-2 text-label">
          {candidate.agreements.map((agreement) => (
            <li key={agreement.layer} className={agreement.isContradicted || !agreement.judgement ? 'text-out' : ''}>
              {say(agreement.reason, unit)}
            </li>
          ))}
          {candidate.contradictions.map((sight) => (
            <li key={sight} className="text-out">
              The eye sees otherwise: {sight.replace('-', ' ')}.
            </li>
          ))}
        </ul>
      </details>
      <span className="flex items-center gap-4 text-label">
        <OutcomeWord
          outcome={candidate.isPossible ? 'fits' : 'does-not-fit'}
          words={candidate.isPossible ? 'agrees' : 'disagrees'}
        />
        {isNamed ? (
          <span className="text-mute">on the job</span>
        ) : (
          mayPlan && (
            <Button kind="link" onClick={() => change((now) => withCable(now, end, candidate))}>
              Take it
            </Button>
          )
        )}
      </span>
    </li>
  )
}
