import first from '../../../../docs/formats/kit-sheet-1.schema.json'
import second from '../../../../docs/formats/kit-sheet.schema.json'
import { Form, type FormField } from '../../domain/form'
import { isObject, type Json } from '../../domain/json'

export type Section = { key: string; title: string; fields: FormField[] }
type Edition = { form: Form; sections: Section[] }

/** What a leaflet says almost always stands ready to be filled in. */
function shown(field: FormField | undefined): FormField | undefined {
  if (!field || field.key === 'endB') return field
  const { shape } = field
  return shape.kind === 'group'
    ? { ...field, isShown: true, shape: { ...shape, fields: shape.fields.map((one) => ({ ...one, isShown: true })) } }
    : { ...field, isShown: true }
}

type Heading = [key: string, title: string, ...fields: string[]]

function edition(form: Form, headings: Heading[]): Edition {
  const fields = new Map(form.fields().map((field) => [field.key, field]))
  return {
    form,
    sections: headings.map(([key, title, ...keys]) => ({
      key,
      title,
      fields: keys.flatMap((name) => shown(fields.get(name)) ?? []),
    })),
  }
}

const WHAT: Heading[] = [
  ['what', 'What it is', 'name', 'maker', 'leaflet', 'function', 'technology', 'ratedVoltage'],
  ['for', 'What it is for', 'places', 'mountings', 'cores', 'insulations', 'metallicScreens', 'armours', 'endB', 'asked'],
]
const SIZES: Heading[] = [
  ['sizes', 'Sizes', 'sizes', 'overlappingSizes'],
  ['cuts', 'Cutting back', 'cuts'],
]
const WORK: Heading[] = [
  ['stages', 'The work', 'stages'],
  ['keeping', 'Keeping', 'shelf'],
]

/** A sheet in the order of a leaflet. */
const EDITIONS: Record<'first' | 'second', Edition> = {
  first: edition(new Form(first), [...WHAT, ['box', 'In the box', 'parts', 'contents'], ...SIZES, ...WORK]),
  second: edition(new Form(second), [
    ...WHAT,
    ['box', 'In the box', 'stock'],
    ...SIZES,
    ['items', 'On the cable', 'items', 'placeRules', 'excepted'],
    ...WORK,
  ]),
}

/** The form of the edition that a sheet is written in. */
export const editionOf = (sheet: Json): Edition => EDITIONS[isObject(sheet) && sheet['edition'] === 2 ? 'second' : 'first']
