import type { Lying, Section } from './state'

/**
 * The section as it is drawn: a part whose wall its sheet does not say is seen, and what lies on it is lifted. How, the core says; no
 * figure is told from it.
 */
export function withWalls<S extends Section>(section: S): S {
  if (section.items.every((item) => item.drawn === null)) return section
  const otherCores = section.otherCores.map((one) => ({ ...one, lies: one.lies && drawn(one.lies) }))
  return { ...drawn(section), otherCores }
}

const drawn = <L extends Lying>(lying: L): L => ({
  ...lying,
  items: lying.items.map((item) => ({ ...item, outline: item.drawn ?? item.outline })),
})
