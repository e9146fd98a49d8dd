import { QueryClient } from '@tanstack/react-query'
import { ApiError } from '../api/client'
import { sessionQuery } from '../api/session'

/** What the server answered last: kept here and nowhere else. */
export const queries = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 10_000,
      retry: (count, error) => error instanceof ApiError && error.isUnsent && error.problem?.status !== 401 && count < 2,
    },
  },
})

queries.getQueryCache().subscribe((event) => {
  const error: unknown = event.type === 'updated' && event.action.type === 'error' ? event.action.error : null
  // A session that has ended: ask who is signed in, and the sign-in page comes up; what was typed is kept.
  if (error instanceof ApiError && error.problem?.status === 401)
    void queries.invalidateQueries({ queryKey: sessionQuery.queryKey })
})
