import { describe, expect, it } from 'vitest'
import schema from '../../../docs/formats/kit-sheet-1.schema.json'
import { pathOf } from './json'
import { emptyOf, Form, type FormField, type Shape } from './form'

const form = new Form(schema)
const field = (fields: FormField[], key: string): FormField => {
  const found = fields.find((one) => one.key === key)
  if (!found) throw new Error(`no field ${key}`)
  return found
}

/** Every field at any depth. */
function all(fields: FormField[]): FormField[] {
  return fields.flatMap((one) => [one, ...all(within(one.shape))])
}
function within(shape: Shape): FormField[] {
  switch (shape.kind) {
    case 'group':
      return shape.fields
    case 'list':
    case 'map':
      return within(shape.of)
    default:
      return []
  }
}

describe('the form of a kit sheet', () => {
  const fields = form.fields()
  it('has a title of its own for every field', () => {
    expect(all(fields).length).toBeGreaterThan(100)
    expect(all(fields).filter((one) => one.title === one.key)).toEqual([])
  })
  it('finds the field at a place of a document', () => {
    const titleAt = (path: string) => form.fieldAt(pathOf(path))?.title
    expect(titleAt('sizes[1].conductor.min')).toBe('From')
    expect(form.fieldAt(pathOf('sizes[0].dimensions.reach'))?.shape).toMatchObject({ kind: 'text' })
    expect(form.fieldAt(pathOf('cuts[0].cases[1].distance'))?.shape).toMatchObject({ kind: 'text', isFormula: true })
    expect(titleAt('nonsense')).toBeUndefined()
    expect(titleAt('name.more')).toBeUndefined()
  })
  it('knows what can stand where', () => {
    expect(field(fields, 'technology').shape).toEqual({ kind: 'choice', options: ['heat-shrink', 'cold-shrink', 'premoulded'] })
    expect(field(fields, 'places').shape).toMatchObject({ kind: 'choices' })
    expect(field(fields, 'overlappingSizes').shape).toEqual({ kind: 'flag' })
    expect(field(fields, 'cores').shape).toEqual({ kind: 'choice', options: [1, 3] })
    expect(field(within(field(fields, 'cuts').shape), 'depth').shape).toMatchObject({ kind: 'text', isFormula: true })
    expect(field(within(field(fields, 'stages').shape), 'does').shape).toEqual({
      kind: 'list',
      of: { kind: 'text', isFormula: false, isLong: true, mayBeNumber: false },
      least: 0,
    })
    expect(field(form.fieldsOfDefinition('part'), 'laps').shape).toMatchObject({ kind: 'map', of: { kind: 'text' } })
  })
  it('begins a new item with what must be there', () => {
    expect(emptyOf(field(fields, 'stages').shape)).toEqual([])
    const cut = field(fields, 'cuts').shape
    expect(cut.kind === 'list' && emptyOf(cut.of)).toEqual({
      cut: 'oversheath',
      tool: '',
      cases: [{ distance: '', tolerance: {}, reason: '' }],
    })
  })
})
