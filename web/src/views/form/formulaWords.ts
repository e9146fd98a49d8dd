import type { OfferedName } from './FormContext'

/** Stands in a formula where a figure will. */
export const BLANK = '…'

/** So many names are offered at once: what is sought is soon among them. */
const MOST = 6

/** The name that is being typed before the caret; null where none is, or where it is the unit of a number. */
export function wordAt(formula: string, caret: number): { text: string; from: number; to: number } | null {
  const before = /[a-z_][a-z0-9_]*$/.exec(formula.slice(0, caret))
  if (!before || /[\d·°]\s*$/.test(formula.slice(0, before.index))) return null
  const after = /^[a-z0-9_]*/.exec(formula.slice(caret))
  return { text: before[0], from: caret - before[0].length, to: caret + (after?.[0].length ?? 0) }
}

/** Names that begin so, then those with a word that does; none where the name is whole already. */
export function offers(typed: string, names: OfferedName[]): OfferedName[] {
  if (names.some((one) => one.name === typed)) return []
  const begin = names.filter((one) => one.name.startsWith(typed))
  const within = names.filter((one) => !one.name.startsWith(typed) && one.name.includes(`_${typed}`))
  return [...begin, ...within].slice(0, MOST)
}
