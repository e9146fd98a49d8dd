import { queryOptions } from '@tanstack/react-query'
import { answered, client } from './client'

const EVERY_MINUTE = 60_000
const SOON = 2_000

/** What waits for whom; asked again soon while the server has not looked at every job yet. */
export const waitsQuery = queryOptions({
  queryKey: ['waits'],
  queryFn: () => answered(client.GET('/api/waits')),
  refetchInterval: ({ state }) => ((state.data?.unseen ?? 0) > 0 ? SOON : EVERY_MINUTE),
})
