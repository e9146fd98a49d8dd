import { sayMark } from '../../domain/length'
import { SignedWord } from '../../ui/SignedWord'
import { useUnit } from '../../ui/UnitContext'
import { PROOFS } from './RuleList'
import { nameOfRule, type Rule, type Section } from './rules'

/** What is bracketed in the drawing, in one line beside it: more of it is said below. */
export function Least({ rule, section, isFirst }: { rule: Rule; section: Section; isFirst: boolean }) {
  const unit = useUnit()
  return (
    <p className="flex flex-wrap items-center gap-x-2 text-label">
      <span className="text-mute">{isFirst ? 'least to spare:' : 'chosen:'}</span>
      <span>{nameOfRule(rule, section, unit)}</span>
      <span className="font-semibold tabular-nums">{sayMark(rule.valueMm, unit)}</span>
      <SignedWord {...PROOFS[rule.proof]} />
    </p>
  )
}
