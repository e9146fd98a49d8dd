import { keepPreviousData, queryOptions, useMutation, useQueryClient } from '@tanstack/react-query'
import type { JsonObject } from '../domain/json'
import { answered, client } from './client'
import { jobQueries } from './jobs'

export const connectorQueries = {
  all: ['connectors'] as const,
  page: (search: string, page: number) =>
    queryOptions({
      queryKey: [...connectorQueries.all, 'page', search, page],
      queryFn: ({ signal }) => answered(client.GET('/api/connectors', { params: { query: { search, page } }, signal })),
      placeholderData: keepPreviousData,
    }),
}

/** A connector as its open file. */
export const connectorFile = async (id: string, revision: number): Promise<JsonObject> =>
  await answered(client.GET('/api/{kind}/{id}/{revision}', { params: { path: { kind: 'connectors', id, revision } } }))

export const connectorPath = (id: string, revision: number): string => `/api/connectors/${id}/${revision}`

export function useAddConnector() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (file: JsonObject) => answered(client.POST('/api/connectors', { body: file })),
    onSuccess: async () => {
      await queries.invalidateQueries({ queryKey: connectorQueries.all })
      await queries.invalidateQueries({ queryKey: jobQueries.all })
    },
  })
}
