import type { SheetQuestion } from '../../api/types'
import { pathOf } from '../../domain/json'
import type { Section } from './sections'

/** What is not said yet in a section of the sheet. */
export const questionsIn = (section: Section, questions: SheetQuestion[]): SheetQuestion[] =>
  questions.filter((one) => section.fields.some((field) => field.key === pathOf(one.path)[0]))

/** What the sheet can be released without: entries that accessories of its kind have, and mistakes that nothing shows. */
export const isOpen = (question: SheetQuestion): boolean => question.offer !== null || question.path === 'stages'
