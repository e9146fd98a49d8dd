import type { SheetQuestion } from '../../api/types'
import type { Json } from '../../domain/json'
import { classes } from '../../ui/classes'
import { FaultCount } from '../../views/form/FaultCount'
import { faultsOutside, faultsWithin } from '../../views/form/faults'
import type { Problem } from '../../views/form/FormContext'
import { questionsIn } from './questions'
import { editionOf, type Section } from './sections'

/** A section by its key, what it does not say yet, the sheet's text as a whole, or its check by a second person. */
export type Place = string

const keysOf = (section: Section): string[] => section.fields.map((field) => field.key)

const faultsOf = (section: Section, problems: Problem[]): number =>
  keysOf(section).reduce((sum, key) => sum + faultsWithin(problems, [key]), 0)

type SectionNavProps = {
  place: Place
  problems: Problem[]
  questions: SheetQuestion[]
  onPlace: (place: Place) => void
  sheet: Json
  /** Whether whoever looks may release it. */
  isSecond: boolean
}

/** The sections in the leaflet's order, with how much is wrong in each and how much is not said yet. */
export function SectionNav({ place, problems, questions, onPlace, sheet, isSecond }: SectionNavProps) {
  const { sections } = editionOf(sheet)
  const places = [
    ...(questions.length > 0 || place === 'to-say'
      ? [{ key: 'to-say', title: 'To say', faults: 0, asked: questions.length, isOpen: true }]
      : []),
    ...sections.map((section) => ({
      key: section.key,
      title: section.title,
      faults: faultsOf(section, problems),
      asked: questionsIn(section, questions).length,
      isOpen: sheet !== null,
    })),
    {
      key: 'text',
      title: 'As text',
      faults: faultsOutside(problems, sections.flatMap(keysOf)).length,
      asked: 0,
      isOpen: true,
    },
    ...(isSecond ? [{ key: 'check', title: 'Check and release', faults: 0, asked: 0, isOpen: true }] : []),
  ]
  return (
    <nav aria-label="Sections of the sheet" className="flex border-b-2 border-ink max-desk:overflow-x-auto desk:flex-wrap">
      {places.map((one) => (
        <button
          key={one.key}
          type="button"
          disabled={!one.isOpen}
          aria-current={one.key === place ? 'true' : undefined}
          aria-label={[one.title, one.faults > 0 && `${one.faults} wrong`, one.asked > 0 && `${one.asked} to say`]
            .filter(Boolean)
            .join(', ')}
          onClick={() => onPlace(one.key)}
          className={classes(
            'min-h-12 shrink-0 px-3 whitespace-nowrap disabled:opacity-50',
            one.key === place ? 'bg-ink font-semibold text-chalk [&_span]:text-chalk' : 'hover:bg-soft',
          )}
        >
          {one.title} <FaultCount count={one.faults} />
          {one.asked > 0 && <span className="text-label text-mute tabular-nums"> {one.asked}</span>}
        </button>
      ))}
    </nav>
  )
}
