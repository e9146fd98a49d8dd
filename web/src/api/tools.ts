import { keepPreviousData, queryOptions, useMutation, useQueryClient } from '@tanstack/react-query'
import { uuidv7 } from '../domain/uuid'
import { answered, client } from './client'
import type { Tool } from './types'

export const toolQueries = {
  all: ['tools'] as const,
  page: (page: number) =>
    queryOptions({
      queryKey: [...toolQueries.all, 'page', page],
      queryFn: () => answered(client.GET('/api/tools', { params: { query: { page } } })),
      placeholderData: keepPreviousData,
    }),
  /** Judged for a job; asked anew with another connector. */
  forJob: (id: string, connector: string) =>
    queryOptions({
      queryKey: [...toolQueries.all, 'job', id, connector],
      queryFn: () => answered(client.GET('/api/jobs/{id}/tools', { params: { path: { id } } })),
    }),
}

export type NewTool = Pick<Tool, 'kind' | 'name' | 'serial'> & {
  dies?: string[]
  least?: string
  most?: string
  calibratedUntil?: string
}

export function useAddTool() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (tool: NewTool) => answered(client.POST('/api/tools', { body: { id: uuidv7(), ...tool } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: toolQueries.all }),
  })
}

export function useCalibrate() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: ({ id, version, until }: { id: string; version: number; until: string }) =>
      answered(
        client.PUT('/api/tools/{id}/calibration', {
          params: { path: { id }, header: { 'If-Match': `"${version}"` } },
          body: { until },
        }),
      ),
    onSettled: () => queries.invalidateQueries({ queryKey: toolQueries.all }),
  })
}
