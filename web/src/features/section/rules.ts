import type { Bracket } from '../../drawing/section/SectionDrawing'
import type { Unit } from '../../domain/length'
import { capital, layerName } from '../../domain/words'
import { isOfCable } from '../../drawing/section/state'
import type { Job } from '../../api/types'

export type Section = NonNullable<Job['section']>
export type Rule = Section['rules'][number]

const ORDER = { fails: 0, 'not-likely': 1, likely: 2, proved: 3 }

/** What every rule leaves, the least sure and then the least to spare first. */
export const rulesOf = (section: Section): Rule[] =>
  section.rules
    .filter((rule) => rule.binding)
    .sort((one, other) => ORDER[one.proof] - ORDER[other.proof] || one.worstMm - other.worstMm)

const VERBS: Partial<Record<Rule['rule'], string>> = {
  laps: 'onto the',
  covers: 'over the',
  butts: 'against the',
  gap: 'from the',
  'ends-short-of': 'short of the',
  'centred-on': 'centred on the',
  'clear-of': 'clear of the',
  passes: 'passes',
  grips: 'grips',
  wall: 'wall',
  build: 'thickness',
  interference: 'stretch',
}

/** "Stress tube onto the insulation screen, end A". */
export function nameOfRule(rule: Rule, section: Section, unit: Unit): string {
  const item = section.items.find((one) => one.key === rule.of)
  const of = rule.of === null ? '' : item ? lower(item.name) : lower(layerName(rule.of, unit))
  const core = hasTwin(section, rule) ? `, core ${rule.core}` : ''
  const where = `${rule.end === null ? '' : `, end ${rule.end}`}${core}`
  const name = rule.name.replace(/\[([^\]]+)\]/g, (_, term: string) => layerName(term, unit))
  return [capital(name), VERBS[rule.rule] ?? '', of].filter((one) => one !== '').join(' ') + where
}

const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1)

/** Whether it comes to something else on another core: where not, it is said once for all. */
const hasTwin = (section: Section, rule: Rule): boolean =>
  section.rules.some((one) => one.core !== rule.core && keyOfRule({ ...one, core: null }) === keyOfRule({ ...rule, core: null }))

/** Whether a rule speaks of what is opened: of that core, of every core alike, or of the cable. */
export const isOnOpened = (section: Section, rule: Rule): boolean => rule.core === section.core || !hasTwin(section, rule)

export const keyOfRule = (rule: Rule): string => [rule.item, rule.rule, rule.of, rule.end, rule.core].join()

/** Where a rule about a lap or a cover has what it asks for: between the edges that it speaks of. Null where it speaks of no stretch. */
export function bracketOf(section: Section, rule: Rule): Bracket | null {
  const item = section.items.find(
    (one) => one.key === rule.item && (rule.end === null || one.end === null || one.end === rule.end),
  )
  if (!item || rule.of === null) return null
  const layer = section.layers.find((one) => one.key === rule.of && (rule.end === null || one.end === rule.end))
  const other = section.items.find(
    (one) => one.key === rule.of && (rule.end === null || one.end === null || one.end === rule.end),
  )
  const of = rule.of === 'connector' ? section.connector : (layer ?? other)
  if (!of) return null
  const isShort = rule.proof === 'fails' || rule.proof === 'not-likely'
  const [fromMm, toMm] =
    rule.rule === 'covers' ? shorterSide(item, of) : [Math.max(item.fromMm, of.fromMm), Math.min(item.toMm, of.toMm)]
  return { fromMm: Math.min(fromMm, toMm), toMm: Math.max(fromMm, toMm), isShort, isOfCable: isOfCable(section, item) }
}

type Along = { fromMm: number; toMm: number }

const shorterSide = (item: Along, of: Along): [number, number] =>
  of.fromMm - item.fromMm <= item.toMm - of.toMm ? [item.fromMm, of.fromMm] : [of.toMm, item.toMm]
