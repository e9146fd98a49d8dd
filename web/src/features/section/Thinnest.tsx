import { sayFine } from '../../domain/length'
import { say } from '../../domain/sentence'
import { SectionDrawing, type Bracket } from '../../drawing/section/SectionDrawing'
import type { Section } from './rules'
import { SignedWord } from '../../ui/SignedWord'
import { useUnit } from '../../ui/UnitContext'
import { MarginGauge } from './MarginGauge'
import { PROOFS, scaleOf, spare } from './RuleList'
import type { Rule } from './rules'

const PATTERNS = ['bg-out', 'bg-unproved', 'bg-plan', 'bg-mute', 'bg-line']

type Props = { section: Section; stage: number | null; rule: Rule; bracket: Bracket | null; isFirst: boolean; width: number }

/** A rule enlarged where it is, with its gauge, and what takes of its margin. */
export function Thinnest({ section, stage, rule, bracket, isFirst, width }: Props) {
  const unit = useUnit()
  const span = bracket ? Math.max(40, (bracket.toMm - bracket.fromMm) * 1.6) : 0
  const middle = bracket ? (bracket.fromMm + bracket.toMm) / 2 : 0
  return (
    <section aria-label="The chosen rule" className="grid content-start gap-3">
      <h2 className="grid gap-1">
        <span className="text-label text-mute">{isFirst ? 'The least to spare' : 'Chosen'}</span>
        <span className="text-lead font-semibold">{say(rule.reason, unit)}</span>
      </h2>
      <p className="flex flex-wrap items-center gap-3">
        <SignedWord {...PROOFS[rule.proof]} />
        <MarginGauge rule={rule} perPx={scaleOf([rule])} width={220} />
      </p>
      <dl className="grid grid-cols-3 gap-2 tabular-nums">
        {[
          ['to spare', rule.marginMm],
          ['likely', rule.likelyMm],
          ['worst', rule.worstMm],
        ].map(([name, mm]) => (
          <div key={name} className="border-t border-line pt-1">
            <dt className="text-label text-mute">{name}</dt>
            <dd className="font-semibold">{spare(Number(mm), unit)}</dd>
          </div>
        ))}
      </dl>
      {bracket && width > 0 && (
        <SectionDrawing
          section={section}
          stage={stage}
          unit={unit}
          width={width}
          height={120}
          range={[middle - span / 2, middle + span / 2]}
          lit={rule.item}
          bracket={bracket}
          isBare
          only={bracket.isOfCable ? 'cable' : 'core'}
          title={`Enlarged: ${say(rule.reason, unit)}`}
        />
      )}
      {rule.causes.length > 0 && <Causes rule={rule} />}
    </section>
  )
}

/** What can be lost, cut by who takes it. */
function Causes({ rule }: { rule: Rule }) {
  const unit = useUnit()
  const all = rule.causes.reduce((sum, one) => sum + one.takesMm, 0)
  return (
    <div className="grid gap-2">
      <h3 className="text-label text-mute">What can take of it</h3>
      <div className="flex h-3 w-full" aria-hidden>
        {rule.causes.map((one, i) => (
          <span
            key={say(one.cause, unit)}
            className={`${PATTERNS[i] ?? 'bg-line'} border-r border-chalk`}
            style={{ width: `${(100 * one.takesMm) / all}%` }}
          />
        ))}
      </div>
      <ul className="grid gap-0.5 text-label">
        {rule.causes.map((one, i) => (
          <li key={say(one.cause, unit)} className="flex items-baseline gap-2">
            <span className={`inline-block size-2.5 shrink-0 ${PATTERNS[i] ?? 'bg-line'}`} aria-hidden />
            <span className="flex-1">{say(one.cause, unit)}</span>
            <span className="font-semibold tabular-nums">{sayFine(one.takesMm, unit)}</span>
          </li>
        ))}
      </ul>
    </div>
  )
}
