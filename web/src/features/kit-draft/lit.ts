import { at, isObject, type Json, type JsonObject, type Path } from '../../domain/json'

/** The item that is being written of: itself, what it is made of, or the step that sets it. Null where it is none. */
export function itemAt(sheet: JsonObject, path: Path): string | null {
  const [list, place, group] = path
  const entry = typeof place === 'number' ? at(sheet, [String(list), place]) : undefined
  switch (list) {
    case 'items':
      return textAt(entry, 'key')
    case 'stock':
      return madeOf(sheet, textAt(entry, 'key'))
    case 'sizes':
      return group === 'stock' ? madeOf(sheet, String(path[3] ?? '')) : null
    case 'stages': {
      const step = typeof path[3] === 'number' ? at(entry, ['steps', path[3]]) : undefined
      return textAt(step, 'set') ?? textAt(step, 'place') ?? textAt(step, 'park')
    }
    default:
      return null
  }
}

function madeOf(sheet: JsonObject, stock: string | null): string | null {
  const items = Array.isArray(sheet['items']) ? sheet['items'] : []
  return stock === null
    ? null
    : textAt(
        items.filter(isObject).find((item) => item['of'] === stock),
        'key',
      )
}

function textAt(entry: Json | undefined, key: string): string | null {
  const text = isObject(entry) ? entry[key] : undefined
  return typeof text === 'string' && text !== '' ? text : null
}
