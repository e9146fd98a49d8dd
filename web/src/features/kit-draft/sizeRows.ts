import type { FormField } from '../../domain/form'
import { at, isObject, type Json, type Path } from '../../domain/json'
import { textOf } from '../../views/form/Entry'
import { editionOf } from './sections'

/** One figure of every size. */
export type Row = {
  heading: string
  title: string
  path: Path
  isNeeded: boolean
  /** Some size has it, or must have it. */
  isThere: boolean
}

/** The figures that any of the sizes has, under the headings of the format. */
export function rowsOf(sizes: Json[], sheet: Json): Row[] {
  return editionOf(sheet)
    .form.fieldsOfDefinition('size')
    .flatMap((field) => rowsOfField(field, { sizes, sheet, path: [], heading: '', isThere: true }))
}

type Around = { sizes: Json[]; sheet: Json; path: Path; heading: string; isThere: boolean }

function rowsOfField(field: FormField, around: Around): Row[] {
  const path = [...around.path, field.key]
  const isThere = around.isThere && (field.isRequired || around.sizes.some((size) => at(size, path) !== undefined))
  const { shape } = field
  switch (shape.kind) {
    case 'text':
    case 'number':
      return [{ heading: around.heading, title: field.title, path, isNeeded: field.isRequired, isThere }]
    case 'group': {
      const heading = around.heading ? `${around.heading}: ${field.title}` : field.title
      return shape.fields.flatMap((one) => rowsOfField(one, { ...around, path, heading, isThere }))
    }
    case 'map':
      return keysOf(field.key, path, around).flatMap(({ key, title }) => {
        const one: FormField = { key, title, hint: '', isRequired: true, shape: shape.of }
        return rowsOfField(one, { ...around, path, heading: shape.of.kind === 'group' ? '' : field.title, isThere })
      })
    default:
      return []
  }
}

/** The keys that any size has; of parts and stock those of the sheet, by name. */
function keysOf(field: string, path: Path, { sizes, sheet }: Around): { key: string; title: string }[] {
  if (field === 'parts') return namedIn(at(sheet, ['parts']), 'Part')
  if (field === 'stock') return namedIn(at(sheet, ['stock']), 'Stock')
  const keys = sizes.flatMap((size) => {
    const there = at(size, path)
    return isObject(there) ? Object.keys(there) : []
  })
  return [...new Set(keys)].map((key) => ({ key, title: key.replaceAll('_', ' ') }))
}

const namedIn = (list: Json | undefined, what: string): { key: string; title: string }[] =>
  (Array.isArray(list) ? list : []).filter(isObject).map((one) => ({
    key: textOf(one['key']),
    title: `${what}: ${textOf(one['name'])}`,
  }))
