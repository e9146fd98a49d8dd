import type { Lying, Section } from './state'

type OfCore = { perCore: boolean }
/** Of a section as the core sends it, with all that it says of each thing. */
type Opened = Section & { otherCores: { core: number; lies: Lying | null }[] }

/** The section with another core opened; the one that was is then seen from outside. */
export function openedOn<S extends Opened>(section: S, core: number): S {
  const other = section.otherCores.find((one) => one.core === core)
  if (!other) return section
  const own = other.lies === null ? null : ofCore(section)
  const rest = section.otherCores
    .filter((one) => one.core !== core)
    .map((one) => (own === null ? one : { ...one, lies: one.lies ?? own }))
  const otherCores = [...rest, { core: section.core, lies: own }].sort((a, b) => a.core - b.core)
  return { ...section, ...onOther(section, core), core, otherCores }
}

/** What lies on a core that is seen from outside, and on the cable. */
export function onOther(section: Section, core: number): Lying {
  const lies = section.otherCores.find((one) => one.core === core)?.lies
  return lies
    ? {
        connector: lies.connector,
        layers: exchanged(section.layers, lies.layers, (one) => one.perCore),
        items: exchanged(section.items, lies.items, (one) => one.perCore),
        cuts: exchanged(section.cuts, lies.cuts, (one) => one.core !== null),
      }
    : section
}

const ofCore = (section: Section): Lying => ({
  connector: section.connector,
  layers: section.layers.filter(isOfCore),
  items: section.items.filter(isOfCore),
  cuts: section.cuts.filter((one) => one.core !== null),
})

const isOfCore = (one: OfCore): boolean => one.perCore

/** In the order in which they come: what is of the cable stays, what is of the core is the other's. */
function exchanged<T>(all: T[], others: T[], isOfCore: (one: T) => boolean): T[] {
  const left = [...others]
  const kept = all.flatMap((one) => (isOfCore(one) ? left.splice(0, 1) : [one]))
  return [...kept, ...left]
}
