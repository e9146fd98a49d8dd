import { at, isObject, type JsonObject, type Path } from '../../domain/json'
import type { Option } from '../../views/form/FormContext'

const CUTS = ['oversheath', 'armour', 'bedding', 'lead-sheath', 'belt', 'metallic-screen', 'insulation-screen', 'insulation']

/** What a field may name of the sheet itself: a part by its key, a stage, a layer. Null: it is typed. */
export function keysFor(path: Path, sheet: JsonObject): Option[] | null {
  // An item is made of stock; of everything else a rule speaks.
  const field = path[0] === 'items' && path.length === 3 && path[2] === 'of' ? 'madeOf' : path.at(-1)
  switch (field) {
    case 'parks':
    case 'installs':
      return named(sheet, 'parts', 'name')
    case 'uses':
      return named(sheet, 'contents', 'name')
    case 'use':
    case 'madeOf':
      return named(sheet, 'stock', 'name')
    case 'park':
    case 'place':
    case 'set':
    case 'off':
    case 'partOf':
      return named(sheet, 'items', 'name')
    case 'dimension':
      return dimensionsOf(sheet, path[1])
    case 'after':
      return named(sheet, 'stages', 'title')
    case 'of':
      return [
        ...CUTS.map((cut) => ({ value: cut, name: cut.replaceAll('-', ' ') })),
        { value: 'connector', name: 'connector' },
        ...named(sheet, 'parts', 'name'),
        ...named(sheet, 'items', 'name'),
      ]
    default:
      return null
  }
}

/** What a size measures by names of its own. */
function dimensionsOf(sheet: JsonObject, size: string | number | undefined): Option[] {
  const there = typeof size === 'number' ? at(sheet, ['sizes', size, 'dimensions']) : undefined
  return isObject(there) ? Object.keys(there).map((name) => ({ value: name, name: name.replaceAll('_', ' ') })) : []
}

function named(sheet: JsonObject, list: string, name: string): Option[] {
  const items = sheet[list]
  return (Array.isArray(items) ? items : []).filter(isObject).flatMap((item) => {
    const key = item['key']
    const shown = item[name]
    return typeof key === 'string'
      ? [{ value: key, name: typeof shown === 'string' ? shown.charAt(0).toLowerCase() + shown.slice(1) : key }]
      : []
  })
}
