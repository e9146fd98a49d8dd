import { pathText, type Path } from '../../domain/json'
import type { Problem } from './FormContext'

/** What is wrong at a place itself. */
export const faultAt = (problems: Problem[], path: Path): string | undefined =>
  problems
    .filter((problem) => problem.path === pathText(path))
    .map((problem) => problem.message)
    .join(' ') || undefined

const isWithin = (place: string, of: string): boolean => place === of || place.startsWith(`${of}.`) || place.startsWith(`${of}[`)

/** How much is wrong at a place or anywhere in it. */
export const faultsWithin = (problems: Problem[], path: Path): number =>
  problems.filter((problem) => isWithin(problem.path, pathText(path))).length

/** What is wrong with no place of its own among these. */
export const faultsOutside = (problems: Problem[], places: string[]): Problem[] =>
  problems.filter((problem) => !places.some((place) => isWithin(problem.path, place)))
