export type Json = string | number | boolean | null | Json[] | { [key: string]: Json }
export type JsonObject = Record<string, Json>

/** Where something stands in a document: keys of objects and places in lists. */
export type Path = readonly (string | number)[]

export const isObject = (json: Json | undefined): json is JsonObject =>
  typeof json === 'object' && json !== null && !Array.isArray(json)

/** As the server names a place: "sizes[2].insulation.min". */
export const pathText = (path: Path): string =>
  path
    .map((step) => (typeof step === 'number' ? `[${step}]` : `.${step}`))
    .join('')
    .replace(/^\./, '')

/** A place as the server names it, step by step. */
export const pathOf = (text: string): Path =>
  text
    .split(/[.[\]]+/)
    .filter((step) => step !== '')
    .map((step) => (/^\d+$/.test(step) ? Number(step) : step))

/** What stands there; undefined where nothing does. */
export function at(json: Json | undefined, path: Path): Json | undefined {
  return path.reduce<Json | undefined>((place, step) => {
    if (typeof step === 'number') return Array.isArray(place) ? place[step] : undefined
    return isObject(place) ? place[step] : undefined
  }, json)
}

/** The document with something else standing there; undefined takes it out. What is on the way there and missing is made. */
export function put(json: Json | undefined, path: Path, value: Json | undefined): Json {
  const [step, ...rest] = path
  if (step === undefined) return value ?? null
  return typeof step === 'number' ? inList(json, step, rest, value) : inObject(json, step, rest, value)
}

function inList(json: Json | undefined, step: number, rest: Path, value: Json | undefined): Json {
  const list = Array.isArray(json) ? json : []
  if (rest.length === 0 && value === undefined) return list.filter((_, place) => place !== step)
  return Object.assign([...list], { [step]: put(list[step], rest, value) })
}

function inObject(json: Json | undefined, step: string, rest: Path, value: Json | undefined): Json {
  const object = isObject(json) ? json : {}
  if (rest.length > 0 || value !== undefined) return { ...object, [step]: put(object[step], rest, value) }
  return Object.fromEntries(Object.entries(object).filter(([key]) => key !== step))
}

/** The list there with one of its items a place earlier (-1) or later (1). */
export function moved(json: Json, path: Path, from: number, by: -1 | 1): Json {
  const list = at(json, path)
  if (!Array.isArray(list) || list[from] === undefined || list[from + by] === undefined) return json
  const next = [...list]
  next.splice(from + by, 0, ...next.splice(from, 1))
  return put(json, path, next)
}

/** A document from its text; null where it cannot be read as an object. */
export function readObject(text: string): JsonObject | null {
  try {
    const json = JSON.parse(text) as Json
    return isObject(json) ? json : null
  } catch {
    return null
  }
}
