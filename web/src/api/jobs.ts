import {
  infiniteQueryOptions,
  keepPreviousData,
  queryOptions,
  useMutation,
  useQueryClient,
  type QueryClient,
} from '@tanstack/react-query'
import type { Unit } from '../domain/length'
import { newerOf } from '../domain/newer'
import { uuidv7 } from '../domain/uuid'
import { answered, client } from './client'
import { askJob, serverHas } from './here'
import type { AccessoryFunction, ChoicePage, Job } from './types'

/** The best first, a page at a time. */
const page = {
  initialPageParam: 1,
  getNextPageParam: (last: ChoicePage) => (last.page * last.perPage < last.total ? last.page + 1 : null),
  placeholderData: keepPreviousData,
}

export const jobQueries = {
  all: ['jobs'] as const,
  page: (page: number) =>
    queryOptions({
      queryKey: [...jobQueries.all, 'page', page],
      queryFn: () => answered(client.GET('/api/jobs', { params: { query: { page, perPage: 20 } } })),
      placeholderData: keepPreviousData,
    }),
  /** The last fifty: enough to find one that a draft can be tried on. */
  latest: () =>
    queryOptions({
      queryKey: [...jobQueries.all, 'latest'],
      queryFn: () => answered(client.GET('/api/jobs', { params: { query: { page: 1, perPage: 50 } } })),
    }),
  one: (id: string) =>
    queryOptions({
      queryKey: [...jobQueries.all, 'one', id],
      queryFn: async ({ client: queries }) => {
        const { job, isHere } = await askJob(id)
        return known(queries.getQueryData<Job>([...jobQueries.all, 'one', id]), job, isHere)
      },
    }),
  kits: (id: string, version: number) =>
    infiniteQueryOptions({
      queryKey: [...jobQueries.all, 'kits', id, version],
      queryFn: ({ pageParam: page }) =>
        answered(client.GET('/api/jobs/{id}/kits', { params: { path: { id }, query: { page } } })),
      ...page,
    }),
  /** Whether the log is as it was written: asked anew each time it is looked at. */
  chain: (id: string, stamp: string) =>
    queryOptions({
      queryKey: ['chain', id, stamp],
      queryFn: () => answered(client.GET('/api/jobs/{id}/chain', { params: { path: { id } } })),
      staleTime: 0,
    }),
  connectors: (id: string, version: number) =>
    infiniteQueryOptions({
      queryKey: [...jobQueries.all, 'connectors', id, version],
      queryFn: ({ pageParam: page }) =>
        answered(client.GET('/api/jobs/{id}/connectors', { params: { path: { id }, query: { page } } })),
      ...page,
    }),
}

export function useCreateJob() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (body: { id: string; name: string; function: AccessoryFunction; unit: Unit }) =>
      answered(client.POST('/api/jobs', { body })),
    onSuccess: (job) => {
      storeJob(job, queries)
      void queries.invalidateQueries({ queryKey: [...jobQueries.all, 'page'] })
    },
  })
}

/** Jobs that are shown as the engine on this device has them. */
const shownFromHere = new Set<string>()

/** Keeps a job as it was answered. @param isHere by the engine on this device */
export function storeJob(job: Job, queries: QueryClient, isHere = false): void {
  queries.setQueryData<Job>(jobQueries.one(job.id).queryKey, (kept) => known(kept, job, isHere))
}

/** The newer one of the same side; between the two sides, the one that was asked. */
function known(kept: Job | undefined, job: Job, isHere: boolean): Job {
  const wasHere = shownFromHere.has(job.id)
  if (isHere) shownFromHere.add(job.id)
  else shownFromHere.delete(job.id)
  const shown = wasHere === isHere ? newerOf(kept, job) : job
  if (!isHere) serverHas(shown)
  return shown
}

export const newJobId = (): string => uuidv7()
