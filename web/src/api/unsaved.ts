import { Kept, useKept } from '../engine/local'
import type { Draft, Problem } from './types'

/** A plan as it stands on this screen and not yet on the server. */
export type Unsaved = { version: number; draft: Draft; problem: Problem | null }

export const unsaved = new Kept<Record<string, Unsaved>>('berm.plans', {})

export function useUnsaved(jobId: string): Unsaved | undefined {
  return useKept(unsaved)[jobId]
}

export function keep(jobId: string, value: Unsaved | undefined): void {
  const others = Object.entries(unsaved.value).filter(([id]) => id !== jobId)
  unsaved.set(Object.fromEntries(value ? [...others, [jobId, value]] : others))
}

/** Nobody's plan is left here. */
export const discardAll = (): void => unsaved.set({})

/** The server would not take it: it is shown with what the server has, until somebody decides. */
export const keepRefused = (jobId: string, { version, draft }: Pick<Unsaved, 'version' | 'draft'>, problem: Problem): void =>
  keep(jobId, { version, draft, problem })
