import { classes } from '../../ui/classes'
import { faultsOutside, faultsWithin } from '../../views/form/faults'
import { FaultCount } from '../../views/form/FaultCount'
import { editionOf, type Section } from './sections'
import type { Json } from '../../domain/json'
import type { Problem } from '../../views/form/FormContext'

/** A section by its key, or the sheet's text as a whole. */
export type Place = string

const keysOf = (section: Section): string[] => section.fields.map((field) => field.key)

const faultsOf = (section: Section, problems: Problem[]): number =>
  keysOf(section).reduce((sum, key) => sum + faultsWithin(problems, [key]), 0)

type SectionNavProps = { place: Place; problems: Problem[]; onPlace: (place: Place) => void; sheet: Json }

/** The sections in the leaflet's order, with how much is wrong in each. */
export function SectionNav({ place, problems, onPlace, sheet }: SectionNavProps) {
  const { sections } = editionOf(sheet)
  const places = [
    ...sections.map((section) => ({
      key: section.key,
      title: section.title,
      faults: faultsOf(section, problems),
      isOpen: sheet !== null,
    })),
    { key: 'text', title: 'As text', faults: faultsOutside(problems, sections.flatMap(keysOf)).length, isOpen: true },
  ]
  return (
    <nav aria-label="Sections of the sheet" className="flex flex-wrap border-b-2 border-ink">
      {places.map((one) => (
        <button
          key={one.key}
          type="button"
          disabled={!one.isOpen}
          aria-current={one.key === place ? 'true' : undefined}
          aria-label={one.faults > 0 ? `${one.title}, ${one.faults} wrong` : one.title}
          onClick={() => onPlace(one.key)}
          className={classes(
            'min-h-12 px-4 disabled:opacity-50',
            one.key === place ? 'bg-ink font-semibold text-chalk [&_.text-out]:text-chalk' : 'hover:bg-soft',
          )}
        >
          {one.title} <FaultCount count={one.faults} />
        </button>
      ))}
    </nav>
  )
}
