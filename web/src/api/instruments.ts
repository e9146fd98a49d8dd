import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { uuidv7 } from '../domain/uuid'
import { answered, client } from './client'

const EVERY_TWO_SECONDS = 2_000

/** This page among the pages of whoever is signed in. */
const PAGE = uuidv7()

/** What was taken or let go on this device, until the server knows it: through a reload too, so that nothing lands twice. */
const HAD = 'berm.had-readings'
const had = (): string[] => (localStorage.getItem(HAD) ?? '').split(' ').filter(Boolean)
const setHad = (ids: string[]): void => localStorage.setItem(HAD, ids.join(' '))

const waitingQuery = queryOptions({
  queryKey: ['instrument-page'],
  queryFn: async () => {
    const told = had()
    const answer = await answered(client.PUT('/api/instrument-page', { body: { page: PAGE, had: told } }))
    setHad(had().filter((id) => !told.includes(id)))
    return { ...answer, readings: answer.readings.filter(({ id }) => !had().includes(id)) }
  },
  refetchInterval: ({ state }) => (state.data?.paired ? EVERY_TWO_SECONDS : false),
  // Whether anything speaks for them is asked once each time that a step is opened.
  staleTime: EVERY_TWO_SECONDS,
  gcTime: 0,
  retry: false,
})

/** What instruments sent for whoever is signed in, while a step is open on this page. */
export function useSentReadings() {
  const queries = useQueryClient()
  const { data, dataUpdatedAt } = useQuery(waitingQuery)
  return {
    isPaired: data?.paired ?? false,
    pages: data?.pages ?? 0,
    /** When that was known, by this device's own clock. */
    heardAt: dataUpdatedAt,
    readings: data?.readings ?? [],
    had: (id: string) => {
      setHad([...had(), id])
      queries.setQueryData(
        waitingQuery.queryKey,
        (now) => now && { ...now, readings: now.readings.filter((one) => one.id !== id) },
      )
      void queries.invalidateQueries({ queryKey: waitingQuery.queryKey })
    },
  }
}

export const tokensQuery = queryOptions({
  queryKey: ['instrument-tokens'],
  queryFn: () => answered(client.GET('/api/instrument-tokens')),
})

export function useMakeToken() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (name: string) => answered(client.POST('/api/instrument-tokens', { body: { id: uuidv7(), name } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: tokensQuery.queryKey }),
  })
}

export function useEndToken() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (id: string) => answered(client.DELETE('/api/instrument-tokens/{id}', { params: { path: { id } } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: tokensQuery.queryKey }),
  })
}
