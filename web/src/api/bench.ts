import { keepPreviousData, queryOptions } from '@tanstack/react-query'
import type { Unit } from '../domain/length'
import { answered, client } from './client'

export const benchQueries = {
  tools: () => queryOptions({ queryKey: ['bench'], queryFn: () => answered(client.GET('/api/bench')), staleTime: Infinity }),
  /** What a tool comes to; while it is asked anew the last one stays. */
  outcome: (tool: string, unit: Unit, given: Record<string, string>) =>
    queryOptions({
      queryKey: ['bench', tool, unit, given],
      queryFn: () =>
        answered(
          client.GET('/api/bench/{tool}', {
            params: { path: { tool }, query: { unit, given } },
            querySerializer: { object: { style: 'form', explode: true } },
          }),
        ),
      placeholderData: keepPreviousData,
      retry: false,
      staleTime: Infinity,
    }),
}
