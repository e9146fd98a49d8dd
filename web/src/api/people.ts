import { queryOptions, useMutation, useQueryClient } from '@tanstack/react-query'
import { answered, client } from './client'
import type { Account, Hand } from './types'

export const peopleQueries = {
  all: queryOptions({ queryKey: ['people'], queryFn: () => answered(client.GET('/api/people')) }),
  crew: (job: string) =>
    queryOptions({
      queryKey: ['crew', job],
      queryFn: () => answered(client.GET('/api/jobs/{id}/crew', { params: { path: { id: job } } })),
      // By it the server hears from who is at the job, and they of each other.
      refetchInterval: 60_000,
    }),
}

export type NewPerson = Pick<Account, 'name' | 'shownAs' | 'role'>
export type ChangedPerson = Pick<Account, 'shownAs' | 'role'> & { suspended: boolean }

function usePeopleDeed<T, A>(deed: (given: T) => Promise<A>) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: deed,
    onSuccess: () => queries.invalidateQueries({ queryKey: peopleQueries.all.queryKey }),
  })
}

export const useAddPerson = () => usePeopleDeed((body: NewPerson) => answered(client.POST('/api/people', { body })))

export const useChangePerson = ({ name, version }: Account) =>
  usePeopleDeed((body: ChangedPerson) =>
    answered(client.PUT('/api/people/{name}', { params: { path: { name }, header: { 'If-Match': `"${version}"` } }, body })),
  )

export const useGivePassword = ({ name }: Account) =>
  usePeopleDeed(() => answered(client.POST('/api/people/{name}/one-time-password', { params: { path: { name } } })))

export const useEndSessions = ({ name }: Account) =>
  usePeopleDeed(() => answered(client.DELETE('/api/people/{name}/sessions', { params: { path: { name } } })))

/** Whom a job is given to from now on. */
export function useGiveJob(job: string) {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (people: Hand[]) =>
      answered(
        client.PUT('/api/jobs/{id}/crew', {
          params: { path: { id: job } },
          body: { people: people.map((one) => one.name) },
        }),
      ),
    onSuccess: () => queries.invalidateQueries({ queryKey: peopleQueries.crew(job).queryKey }),
  })
}
