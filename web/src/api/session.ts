import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { forgetTyped } from '../engine/typed'
import { answered, client, setCsrfToken } from './client'
import type { Person, Session } from './types'

function remember(session: Session): Session {
  setCsrfToken(session.csrfToken)
  return session
}

export const sessionQuery = queryOptions({
  queryKey: ['session'],
  queryFn: async () => remember(await answered(client.GET('/api/session'))),
  staleTime: Infinity,
})

export function useSignIn() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: async (body: { user: string; password: string }) =>
      remember(await answered(client.POST('/api/sign-in', { body }))),
    onSuccess: (session) => queries.setQueryData(sessionQuery.queryKey, session),
  })
}

export function useSignOut() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: () => answered(client.DELETE('/api/session')),
    onSuccess: () => {
      queries.clear()
      forgetTyped()
      window.location.assign('/')
    },
  })
}

/** What the person who is signed in may do; the server checks it again on every request. */
export function useMay(right: Person['may'][number]): boolean {
  return useQuery(sessionQuery).data?.person?.may.includes(right) ?? false
}
