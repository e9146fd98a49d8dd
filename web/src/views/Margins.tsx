import type { Job } from '../api/types'
import { sayFine, type Unit } from '../domain/length'
import { say } from '../domain/sentence'
import { SIGNS, SignedWord } from '../ui/SignedWord'
import { useUnit } from '../ui/UnitContext'

type Ruling = NonNullable<Job['section']>['rules'][number]

const ORDER = { fails: 0, 'not-likely': 1, likely: 2, proved: 3 }
const PROOFS: Record<Ruling['proof'], { words: string; tone: string; sign: string }> = {
  proved: { words: 'proved', tone: 'text-inside', sign: SIGNS.tick },
  likely: { words: 'likely, not proved', tone: 'text-unproved', sign: SIGNS.wave },
  'not-likely': { words: 'not likely', tone: 'text-out', sign: SIGNS.mark },
  fails: { words: 'fails', tone: 'text-out', sign: SIGNS.cross },
}

/** What every rule leaves: as planned, at the worst, and how sure that is; the least sure first. */
export function Margins({ job }: { job: Job }) {
  const unit = useUnit()
  const rules = (job.section?.rules ?? []).filter((rule) => rule.binding)
  if (rules.length === 0) return null
  const sorted = [...rules].sort((one, other) => ORDER[one.proof] - ORDER[other.proof] || one.worstMm - other.worstMm)
  const open = rules.filter((rule) => rule.proof !== 'proved').length
  return (
    <details open={open > 0}>
      <summary className="min-h-11 text-plan underline underline-offset-4">
        Margins: {rules.length} rules, {open === 0 ? 'all proved' : `${open} not proved`}
      </summary>
      <ul aria-label="Margins" className="border-t border-line">
        {sorted.map((rule, i) => (
          <Margin key={i} rule={rule} unit={unit} />
        ))}
      </ul>
    </details>
  )
}

/** What is left, or what is lacking. */
const left = (mm: number, unit: Unit): string => (mm < 0 ? `${sayFine(-mm, unit)} short` : sayFine(mm, unit))

function Margin({ rule, unit }: { rule: Ruling; unit: Unit }) {
  return (
    <li className="grid gap-x-4 gap-y-1 border-b border-line py-2.5 desk:grid-cols-[11rem_7rem_1fr] desk:items-baseline">
      <SignedWord {...PROOFS[rule.proof]} />
      <span className="font-semibold tabular-nums">
        {left(rule.worstMm, unit)}
        <span className="block text-label font-normal text-mute">at the worst; {left(rule.marginMm, unit)} as planned</span>
      </span>
      <span>
        {say(rule.reason, unit)}
        {rule.worst && <span className="block text-label text-mute">{say(rule.worst, unit)}</span>}
      </span>
    </li>
  )
}
