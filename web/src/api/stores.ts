import { keepPreviousData, queryOptions, useMutation, useQueryClient, type QueryClient } from '@tanstack/react-query'
import { uuidv7 } from '../domain/uuid'
import { answered, client } from './client'
import { jobQueries } from './jobs'

export type BoxesOf = { kit?: string; size?: string; job?: string; page?: number }

export const storesQueries = {
  all: ['stores'] as const,
  /** @param stamp changes when something may have happened to them elsewhere */
  boxes: (of: BoxesOf, stamp = 0) =>
    queryOptions({
      queryKey: [...storesQueries.all, 'boxes', of, stamp],
      queryFn: () => answered(client.GET('/api/boxes', { params: { query: of } })),
      placeholderData: keepPreviousData,
    }),
}

/** What the label reader sees now. */
export const readLabel = async (): Promise<string> => (await answered(client.GET('/api/label-reader'))).label

/** A box that is opened is written into its job's log. */
async function afterwards(queries: QueryClient): Promise<void> {
  await queries.invalidateQueries({ queryKey: storesQueries.all })
  await queries.invalidateQueries({ queryKey: jobQueries.all })
}

function useStoresMutation<T, A>(mutationFn: (input: T) => Promise<A>) {
  const queries = useQueryClient()
  return useMutation({ mutationFn, onSuccess: () => afterwards(queries) })
}

export const useAddBox = () =>
  useStoresMutation(({ label, place }: { label: string; place: string }) =>
    answered(client.POST('/api/boxes', { body: { id: uuidv7(), label, place } })),
  )

export const useReserveBox = () =>
  useStoresMutation(({ id, job }: { id: string; job: string | null }) =>
    answered(client.PUT('/api/boxes/{id}/reservation', { params: { path: { id } }, body: { job } })),
  )
