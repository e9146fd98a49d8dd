import { createContext, useContext } from 'react'
import type { Job, KitDraft } from '../../api/types'
import type { JsonObject, Path, Json } from '../../domain/json'

export type Problem = KitDraft['problems'][number]

type Sheet = {
  json: JsonObject
  /** Null: it may only be read. */
  change: ((path: Path, value: Json | undefined) => void) | null
  move: (path: Path, from: number, by: -1 | 1) => void
  problems: Problem[]
  /** The job that the draft is tried on, as it would be with it. */
  tried: Job | null
}

export const SheetContext = createContext<Sheet | null>(null)

/** The draft that is being written. */
export function useSheet(): Sheet {
  const sheet = useContext(SheetContext)
  if (!sheet) throw new Error('there is no sheet here')
  return sheet
}
