import { keepPreviousData, queryOptions, useMutation, useQueryClient } from '@tanstack/react-query'
import type { Unit } from '../domain/length'
import { answered, client } from './client'
import type { CableTypeFile, End } from './types'

export const cableQueries = {
  all: ['cables'] as const,
  /** The types of this unit's world come first. */
  page: (search: string, unit: Unit, page: number) =>
    queryOptions({
      queryKey: [...cableQueries.all, 'page', search, unit, page],
      queryFn: ({ signal }) =>
        answered(client.GET('/api/cables', { params: { query: { search, unit, page, perPage: 30 } }, signal })),
      placeholderData: keepPreviousData,
    }),
  /** What the cable at a job's end could be; asked anew with each version of the plan. */
  identified: (jobId: string, version: number, end: End) =>
    queryOptions({
      queryKey: [...cableQueries.all, 'identified', jobId, version, end],
      queryFn: () => answered(client.GET('/api/jobs/{id}/ends/{end}/identification', { params: { path: { id: jobId, end } } })),
      placeholderData: keepPreviousData,
    }),
}

export const exportPath = (format: 'csv' | 'json' | 'xml', search: string): string =>
  `/api/cables.${format}?${new URLSearchParams({ search }).toString()}`

export function useAddCable() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (body: CableTypeFile) => answered(client.POST('/api/cables', { body })),
    onSuccess: () => queries.invalidateQueries({ queryKey: cableQueries.all }),
  })
}

/** What a description would be completed to, without keeping it. */
export function useCompleteCable() {
  return useMutation({ mutationFn: (body: CableTypeFile) => answered(client.POST('/api/cables/completed', { body })) })
}

type ImportFile = { text: string; type: string; keep: 'nothing' | 'good' | 'all'; ratedVoltage: string }

export function useImportCables() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: ({ text, type, keep, ratedVoltage }: ImportFile) =>
      answered(
        client.POST('/api/cables/import', {
          params: { query: { keep, ...(ratedVoltage ? { ratedVoltage } : {}) } },
          body: text,
          headers: { 'Content-Type': type },
          bodySerializer: (body: unknown) => body as string,
        }),
      ),
    onSuccess: () => queries.invalidateQueries({ queryKey: cableQueries.all }),
  })
}
