import { formatInches, formatMm, sayFine, type Unit } from '../../domain/length'
import type { Section } from './rules'
import { SIGNS, SignedWord } from '../../ui/SignedWord'
import { useUnit } from '../../ui/UnitContext'
import { MarginGauge, MarginHatch } from './MarginGauge'
import { keyOfRule, nameOfRule, type Rule } from './rules'

export const PROOFS: Record<Rule['proof'], { words: string; tone: string; sign: string }> = {
  proved: { words: 'proved', tone: 'text-inside', sign: SIGNS.tick },
  likely: { words: 'likely, not proved', tone: 'text-unproved', sign: SIGNS.wave },
  'not-likely': { words: 'not likely', tone: 'text-out', sign: SIGNS.mark },
  fails: { words: 'fails', tone: 'text-out', sign: SIGNS.cross },
}

/** Enough for the longest bar of those that are near; the others get an arrow. */
export const scaleOf = (rules: Rule[]): number =>
  Math.max(0.02, [...rules].map((rule) => Math.abs(rule.marginMm)).sort((a, b) => a - b)[Math.floor(rules.length / 2)] ?? 1) / 60

type Props = { section: Section; rules: Rule[]; chosen: Rule | null; onChoose: (rule: Rule) => void }

/** Every rule in one list: what is asked, nominal, worst, likely; a row lights its place in the drawing. */
export function RuleList({ section, rules, chosen, onChoose }: Props) {
  const unit = useUnit()
  const perPx = scaleOf(rules)
  return (
    <section aria-label="Rules" className="min-w-0">
      <MarginHatch />
      <h2 className="flex items-baseline gap-3 border-b-2 border-ink pb-1">
        <span className="text-lead font-semibold">{rules.length} rules</span>
        <span className="text-label text-mute">least to spare first, {unit}</span>
      </h2>
      <div className="grid grid-cols-[minmax(0,1fr)_repeat(4,3.2rem)_9rem_7.5rem] gap-x-3 px-1 py-1 text-right text-label text-mute max-desk:hidden">
        <span />
        <span>asks</span>
        <span>nominal</span>
        <span>worst</span>
        <span>likely</span>
        <span className="text-left">to spare, one scale</span>
        <span className="text-left">verdict</span>
      </div>
      <ul className="border-t border-line">
        {rules.map((rule) => (
          <li key={keyOfRule(rule)} className="border-b border-line">
            <button
              type="button"
              aria-pressed={rule === chosen}
              onClick={() => onChoose(rule)}
              className="grid min-h-12 w-full grid-cols-[minmax(0,1fr)_auto] items-center gap-x-3 px-1 text-left tabular-nums hover:bg-soft aria-pressed:bg-soft desk:min-h-8 desk:grid-cols-[minmax(0,1fr)_repeat(4,3.2rem)_9rem_7.5rem]"
            >
              <span className={`min-w-0 leading-snug desk:py-1 ${rule === chosen ? 'font-semibold' : ''}`}>
                {nameOfRule(rule, section, unit)}
              </span>
              <span className="contents max-desk:hidden">
                <span className="text-right text-mute max-desk:hidden">{asks(rule, unit)}</span>
                <span className="text-right max-desk:hidden">{bare(rule.valueMm, unit)}</span>
                <span className={`text-right font-semibold max-desk:hidden ${PROOFS[rule.proof].tone}`}>
                  {bare(rule.valueMm - rule.marginMm + rule.worstMm, unit)}
                </span>
                <span className="text-right max-desk:hidden">{bare(rule.valueMm - rule.marginMm + rule.likelyMm, unit)}</span>
                <span className="max-desk:hidden">
                  <MarginGauge rule={rule} perPx={perPx} width={140} />
                </span>
              </span>
              <SignedWord {...PROOFS[rule.proof]} />
              <span className="text-label text-mute desk:hidden">worst {spare(rule.worstMm, unit)} to spare</span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  )
}

export const spare = (mm: number, unit: Unit): string => (mm < 0 ? `−${sayFine(-mm, unit)}` : sayFine(mm, unit))

const bare = (mm: number, unit: Unit): string =>
  `${mm < 0 ? '−' : ''}${unit === 'in' ? formatInches(Math.abs(mm)) : formatMm(Math.abs(mm))}`

/** "4", "at most 9", "4 to 9". */
function asks({ minMm, maxMm }: Rule, unit: Unit): string {
  if (minMm !== null && maxMm !== null) return `${bare(minMm, unit)}–${bare(maxMm, unit)}`
  if (maxMm !== null) return `≤ ${bare(maxMm, unit)}`
  return minMm === null ? '' : bare(minMm, unit)
}
