import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query'
import { answered, client } from './client'
import type { CableTypeFile } from './types'

export const cablesQuery = queryOptions({
  queryKey: ['cables'],
  queryFn: () => answered(client.GET('/api/cables')),
  staleTime: 60_000,
})

export function useAddCable() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (body: CableTypeFile) => answered(client.POST('/api/cables', { body })),
    onSuccess: () => queries.invalidateQueries({ queryKey: cablesQuery.queryKey }),
  })
}
