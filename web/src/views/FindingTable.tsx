import type { Finding } from '../api/types'
import { say } from '../domain/sentence'
import { capital } from '../domain/words'
import { Gauge } from '../drawing/Gauge'
import { useUnit } from '../ui/UnitContext'
import { OutcomeWord } from './Verdict'

const ORDER = { 'does-not-fit': 0, 'cannot-tell': 1, 'fits-unproved': 2, fits: 3 }

/** What stops comes first, then figures with the least to spare, then kinds. */
const place = ({ outcome, judgement }: Finding): [number, number] => [ORDER[outcome], judgement ? judgement.marginMm : Infinity]

function byPlace(a: Finding, b: Finding): number {
  const [[outcome, margin], [otherOutcome, otherMargin]] = [place(a), place(b)]
  return outcome - otherOutcome || (margin === otherMargin ? 0 : margin - otherMargin)
}

/** Criterion by criterion, what stops first: outcome, margin as a gauge, and the reason in a sentence. */
export function FindingTable({ findings, caption }: { findings: Finding[]; caption: string }) {
  const unit = useUnit()
  const sorted = [...findings].sort(byPlace)
  return (
    <ul aria-label={caption} className="border-t border-line">
      {sorted.map((finding, index) => (
        <li
          key={index}
          className="grid gap-x-4 gap-y-1 border-b border-line py-2.5 desk:grid-cols-[10.5rem_9rem_7rem_1fr] desk:items-center"
        >
          <span className="text-label text-mute">
            {capital(say(finding.label, unit))}
            {finding.end && `, end ${finding.end}`}
          </span>
          <OutcomeWord outcome={finding.outcome} />
          <span className="max-desk:hidden">
            {finding.judgement && (
              <Gauge
                valueMm={finding.judgement.valueMm}
                uncertaintyMm={finding.judgement.uncertaintyMm}
                minMm={finding.judgement.minMm}
                maxMm={finding.judgement.maxMm}
              />
            )}
          </span>
          <span>{say(finding.reason, unit)}</span>
        </li>
      ))}
    </ul>
  )
}
