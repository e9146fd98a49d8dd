import { useMemo, useState } from 'react'
import { sayMark, type Unit } from '../../domain/length'
import { openedOn } from '../../drawing/section/opened'
import { withWalls } from '../../drawing/section/walls'
import { bracketOf, isOnOpened, rulesOf, type Rule, type Section } from './rules'

/** The rules, the one that is looked at, and the section opened on the core that it speaks of, until another is chosen. */
export function useOpened(known: Section, unit: Unit) {
  const [chosen, setChosen] = useState<Rule | null>(null)
  const [chosenCore, setCore] = useState<number | null>(null)
  const rules = useMemo(() => rulesOf(known), [known])
  const rule = rules.find((one) => chosen !== null && one.reason === chosen.reason) ?? chosen ?? rules[0] ?? null
  const core = chosenCore ?? rule?.core ?? known.atWork
  const section = useMemo(() => withWalls(openedOn(known, core)), [known, core])
  const bracket = useMemo(() => {
    const at = rule && isOnOpened(section, rule) && bracketOf(section, rule)
    return at ? { ...at, text: sayMark(rule.valueMm, unit) } : null
  }, [section, rule, unit])
  const choose = (one: Rule) => {
    setChosen(one)
    if (one.core !== null) setCore(one.core)
  }
  return { rules, rule, section, bracket, choose, setCore }
}
