import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { createContext, useContext } from 'react'
import { forgetTyped } from '../engine/typed'
import { answered, ApiError, client, setCsrfToken, setSessionAgain } from './client'
import { isHere, me } from './here'
import { forgetAllOf, forgetPerson, hasLeft, hasLeftNow, keepPerson, lastPerson } from './lastPerson'
import type { Person, Session } from './types'
import { discardAll } from './unsaved'

function remember(session: Session): Session {
  setCsrfToken(session.csrfToken)
  isHere(session.person?.name ?? null)
  if (session.person) void keepPerson(session.person)
  return session
}

/** Where there is no signal, whoever signed in last and did not sign out goes on. */
async function session(): Promise<Session> {
  try {
    const now = await answered(client.GET('/api/session'))
    return remember(now.person && hasLeft() ? await leftThen(now) : now)
  } catch (error) {
    const person = error instanceof ApiError && error.isUnheard ? await lastPerson() : null
    if (!person) throw error
    return remember({ person, csrfToken: '' })
  }
}

/** They signed out here while there was no signal: the server hears of it now. */
async function leftThen({ csrfToken }: Session): Promise<Session> {
  setCsrfToken(csrfToken)
  await answered(client.DELETE('/api/session'))
  hasLeftNow(false)
  return answered(client.GET('/api/session'))
}

export const sessionQuery = queryOptions({ queryKey: ['session'], queryFn: session, staleTime: Infinity })

setSessionAgain(async () => setCsrfToken((await answered(client.GET('/api/session'))).csrfToken))

export function useSignIn() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: async (body: { user: string; password: string }) =>
      remember(await answered(client.POST('/api/sign-in', { body }))),
    onSuccess: (session) => {
      hasLeftNow(false)
      queries.setQueryData(sessionQuery.queryKey, session)
    },
  })
}

/** Signing out, also where there is no signal. What lies here stays, sealed, unless it is to be deleted. */
export function useSignOut() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: async ({ deletes }: { deletes: boolean }) => {
      const person = me()
      await answered(client.DELETE('/api/session')).catch((error: unknown) => {
        if (!(error instanceof ApiError && error.isUnheard)) throw error
        hasLeftNow(true)
      })
      await forgetPerson()
      if (!deletes) return
      discardAll()
      await forgetAllOf(person)
    },
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
