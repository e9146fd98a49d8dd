import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { createContext, useContext } from 'react'
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

export function useChangeOwnPassword() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: async (body: { old: string; new: string }) => remember(await answered(client.PUT('/api/own-password', { body }))),
    onSuccess: (session) => queries.setQueryData(sessionQuery.queryKey, session),
  })
}

/** Whether the job that is on the screen is given to the person who looks at it; true where there is no job. */
export const IsTheirs = createContext(true)

const IN_A_JOB: Person['may'] = ['plan', 'build', 'accept-deviation', 'write-note']

/** What the person who is signed in may do here; the server checks it again on every request. */
export function useMay(right: Person['may'][number]): boolean {
  const isTheirs = useContext(IsTheirs)
  return useRole(right) && (isTheirs || !IN_A_JOB.includes(right))
}

/** What their role lets them do, in whatever job. */
export function useRole(right: Person['may'][number]): boolean {
  return useQuery(sessionQuery).data?.person?.may.includes(right) ?? false
}
