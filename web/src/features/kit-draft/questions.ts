import type { SheetQuestion } from '../../api/types'
import { pathOf } from '../../domain/json'
import type { Section } from './sections'

/** What is not said yet in a section of the sheet. */
export const questionsIn = (section: Section, questions: SheetQuestion[]): SheetQuestion[] =>
  questions.filter((one) => section.fields.some((field) => field.key === pathOf(one.path)[0]))
