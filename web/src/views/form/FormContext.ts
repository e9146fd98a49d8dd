import { createContext, useContext, type ReactNode } from 'react'
import type { Json, JsonObject, Path } from '../../domain/json'

export type Problem = { path: string; message: string }
export type Option = { value: string | number; name: string }

/** A name that formulas know, what it means, and what it comes to where it is tried. */
export type OfferedName = { name: string; meaning: string; now: string }

type FormState = {
  json: JsonObject
  /** Null: it may only be read. */
  change: ((path: Path, value: Json | undefined) => void) | null
  move: (path: Path, from: number, by: -1 | 1) => void
  problems: Problem[]
  /** What a field may name of the document itself; null where it is typed. */
  keysFor?: (path: Path) => Option[] | null
  /** What formulas may name. */
  names?: OfferedName[]
  /** What comes of an item, said beside its name. */
  example?: (path: Path) => ReactNode
  /** What does not hold of an item, said where it is written. */
  notes?: (path: Path) => ReactNode
}

export const FormContext = createContext<FormState | null>(null)

/** The document that is being written. */
export function useForm(): FormState {
  const form = useContext(FormContext)
  if (!form) throw new Error('there is no form here')
  return form
}
