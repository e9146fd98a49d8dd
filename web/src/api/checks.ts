import { useMutation, useQueryClient } from '@tanstack/react-query'
import { answered, client } from './client'
import type { SheetRevision } from './types'

export type CheckedKind = 'cables' | 'connectors'

export const isAmong = (sheets: SheetRevision[] | undefined, one: SheetRevision | null | undefined): boolean =>
  sheets?.some((sheet) => sheet.id === one?.id && sheet.revision === one.revision) ?? false

/** Somebody has looked at what somebody else wrote down, and found it right. */
export function useCheckSheet(kind: CheckedKind) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: ({ id, revision }: SheetRevision) => {
      const params = { path: { id, revision } }
      return answered(
        kind === 'cables'
          ? client.PUT('/api/cables/{id}/{revision}/check', { params })
          : client.PUT('/api/connectors/{id}/{revision}/check', { params }),
      )
    },
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: [kind] })
      await queries.invalidateQueries({ queryKey: ['crew'] })
    },
  })
}
