import schema from '../../../../docs/formats/kit-sheet.schema.json'
import { Form, type FormField } from '../../domain/form'

export const form = new Form(schema)

export type Section = { key: string; title: string; fields: FormField[] }

const fields = new Map(form.fields().map((field) => [field.key, field]))

/** What a leaflet says almost always stands ready to be filled in. */
function shown(field: FormField | undefined): FormField | undefined {
  if (!field || field.key === 'endB') return field
  const { shape } = field
  return shape.kind === 'group'
    ? { ...field, isShown: true, shape: { ...shape, fields: shape.fields.map((one) => ({ ...one, isShown: true })) } }
    : { ...field, isShown: true }
}

const section = (key: string, title: string, ...keys: string[]): Section => ({
  key,
  title,
  fields: keys.flatMap((name) => shown(fields.get(name)) ?? []),
})

/** A sheet in the order of a leaflet. */
export const SECTIONS: Section[] = [
  section('what', 'What it is', 'name', 'maker', 'function', 'technology', 'ratedVoltage'),
  section('for', 'What it is for', 'places', 'mountings', 'cores', 'insulations', 'metallicScreens', 'armours', 'endB'),
  section('box', 'In the box', 'parts', 'contents'),
  section('sizes', 'Sizes', 'sizes', 'overlappingSizes'),
  section('cuts', 'Cutting back', 'cuts'),
  section('stages', 'The work', 'stages'),
  section('keeping', 'Keeping', 'shelf'),
]
