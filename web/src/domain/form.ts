import { isObject, type Json, type JsonObject, type Path } from './json'

/** A field of a form: what can stand there, read from a JSON Schema so that the form and the published format are one. */
export type Shape =
  | { kind: 'text'; isFormula: boolean; isLong: boolean; mayBeNumber: boolean }
  | { kind: 'number' }
  | { kind: 'flag' }
  | { kind: 'choice'; options: (string | number)[] }
  | { kind: 'choices'; options: (string | number)[] }
  | { kind: 'group'; fields: FormField[] }
  | { kind: 'map'; keys: string[] | null; of: Shape }
  | { kind: 'list'; of: Shape; least: number }

export type FormField = {
  key: string
  title: string
  hint: string
  isRequired: boolean
  /** Stands there to be filled in even while the document has nothing of it. */
  isShown?: boolean
  shape: Shape
}

/** A text longer than this is typed into several lines. */
const LINE = 120

export class Form {
  constructor(private readonly schema: JsonObject) {}

  /** The fields of the document itself. */
  fields(): FormField[] {
    return this.fieldsOf(this.schema)
  }

  /** The fields of a definition: "size", "part". */
  fieldsOfDefinition(name: string): FormField[] {
    return this.fieldsOf(this.resolved({ $ref: `#/$defs/${name}` }))
  }

  /** The field at a place of a document; null where a form has none. */
  fieldAt(path: Path): FormField | null {
    let field: FormField | null = null
    let shape: Shape = { kind: 'group', fields: this.fields() }
    for (const step of path) {
      if (shape.kind === 'group') {
        field = shape.fields.find((one) => one.key === step) ?? null
        if (!field) return null
      } else if (shape.kind === 'list' || shape.kind === 'map') {
        field = { key: String(step), title: String(step), hint: '', isRequired: true, shape: shape.of }
      } else return null
      shape = field.shape
    }
    return field
  }

  private fieldsOf(schema: JsonObject): FormField[] {
    const required = Array.isArray(schema['required']) ? schema['required'] : []
    return Object.entries(objectAt(schema, 'properties')).map(([key, property]) => ({
      key,
      title: textAt(property, 'title') || key,
      hint: textAt(property, 'description'),
      isRequired: required.includes(key),
      shape: this.shapeOf(property),
    }))
  }

  private shapeOf(property: Json): Shape {
    const schema = this.resolved(property)
    const options = optionsOf(schema)
    if (options) return { kind: 'choice', options }
    const mayBeNumber = Array.isArray(schema['type'])
    switch (mayBeNumber ? 'string' : schema['type']) {
      case 'array':
        return this.listOf(schema)
      case 'object':
        return this.objectOf(schema)
      case 'boolean':
        return { kind: 'flag' }
      case 'integer':
      case 'number':
        return { kind: 'number' }
      default:
        return {
          kind: 'text',
          isFormula: isObject(property) && property['$ref'] === '#/$defs/formula',
          isLong: typeof schema['maxLength'] === 'number' && schema['maxLength'] > LINE,
          mayBeNumber,
        }
    }
  }

  private listOf(schema: JsonObject): Shape {
    const items = schema['items'] ?? {}
    const options = optionsOf(this.resolved(items))
    const least = typeof schema['minItems'] === 'number' ? schema['minItems'] : 0
    return options ? { kind: 'choices', options } : { kind: 'list', of: this.shapeOf(items), least }
  }

  private objectOf(schema: JsonObject): Shape {
    const others = schema['additionalProperties']
    if (!isObject(others)) return { kind: 'group', fields: this.fieldsOf(schema) }
    const keys = optionsOf(this.resolved(schema['propertyNames'] ?? {}))
    return { kind: 'map', keys: keys && keys.map(String), of: this.shapeOf(others) }
  }

  private resolved(schema: Json): JsonObject {
    if (!isObject(schema)) return {}
    const name = textAt(schema, '$ref').replace('#/$defs/', '')
    return name ? objectAt(objectAt(this.schema, '$defs'), name) : schema
  }
}

/** What a new item of a list, or a new group, begins as: what must be there, empty. */
export function emptyOf(shape: Shape): Json {
  switch (shape.kind) {
    case 'text':
      return ''
    case 'number':
      return 1
    case 'flag':
      return true
    case 'choice':
      return shape.options[0] ?? ''
    case 'choices':
      return []
    case 'list':
      return Array.from({ length: shape.least }, () => emptyOf(shape.of))
    case 'map':
      return {}
    case 'group':
      return Object.fromEntries(
        shape.fields.filter((field) => field.isRequired).map((field) => [field.key, emptyOf(field.shape)]),
      )
  }
}

function optionsOf(schema: JsonObject): (string | number)[] | null {
  const options = schema['enum']
  return Array.isArray(options)
    ? options.filter((option): option is string | number => typeof option === 'string' || typeof option === 'number')
    : null
}

const textAt = (schema: Json, key: string): string => {
  const text = isObject(schema) ? schema[key] : ''
  return typeof text === 'string' ? text : ''
}

const objectAt = (schema: JsonObject, key: string): JsonObject => {
  const object = schema[key]
  return isObject(object) ? object : {}
}
