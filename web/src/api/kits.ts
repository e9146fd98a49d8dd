import { queryOptions, useMutation, useQueryClient, type QueryClient } from '@tanstack/react-query'
import { answered, client } from './client'
import { jobQueries } from './jobs'
import type { KitDraft } from './types'

export const kitQueries = {
  all: ['kits'] as const,
  list: () => queryOptions({ queryKey: [...kitQueries.all, 'list'], queryFn: () => answered(client.GET('/api/kits')) }),
  words: (id: string, revision: number) =>
    queryOptions({
      queryKey: [...kitQueries.all, 'words', id, revision],
      queryFn: () => answered(client.GET('/api/kits/{id}/{revision}/words', { params: { path: { id, revision } } })),
      staleTime: Infinity,
    }),
  changes: (id: string, from: number, to: number) =>
    queryOptions({
      queryKey: [...kitQueries.all, 'changes', id, from, to],
      queryFn: () => answered(client.GET('/api/kits/{id}/changes/{from}/{to}', { params: { path: { id, from, to } } })),
      staleTime: Infinity,
    }),
  /** A draft tried on a job: asked anew with each version of the draft. */
  tried: (id: string, version: number, job: string, size: string) =>
    queryOptions({
      queryKey: [...kitQueries.all, 'tried', id, version, job, size],
      queryFn: () =>
        answered(client.GET('/api/kit-drafts/{id}/tried-on/{job}', { params: { path: { id, job }, query: { size } } })),
    }),
  /** As it is being typed: asked with the text itself, and kept by nobody. */
  triedAsTyped: (id: string, text: string, job: string, size: string) =>
    queryOptions({
      queryKey: [...kitQueries.all, 'typed', id, text, job, size],
      queryFn: ({ signal }) =>
        answered(
          client.POST('/api/kit-drafts/{id}/tried-on/{job}', {
            ...{ params: { path: { id, job }, query: { size } }, body: text, signal },
            ...{ headers: { 'Content-Type': 'text/plain' }, bodySerializer: (body: unknown) => body as string },
          }),
        ),
      // A text is typed once.
      gcTime: 10_000,
      retry: false,
    }),
  /** Of a version of a draft: asked for when somebody wants it proved, for it takes a while. */
  proof: (id: string, version: number) =>
    queryOptions({
      queryKey: [...kitQueries.all, 'proof', id, version],
      queryFn: () => answered(client.GET('/api/kit-drafts/{id}/proof', { params: { path: { id } } })),
      staleTime: Infinity,
      retry: false,
    }),
  /** What a new sheet can be begun from. */
  skeletons: () =>
    queryOptions({
      queryKey: [...kitQueries.all, 'skeletons'],
      queryFn: () => answered(client.GET('/api/kit-skeletons')),
      staleTime: Infinity,
    }),
  draft: (id: string) =>
    queryOptions({
      queryKey: [...kitQueries.all, 'draft', id],
      queryFn: () => answered(client.GET('/api/kit-drafts/{id}', { params: { path: { id } } })),
    }),
}

/** A sheet as its open file, to begin a draft with. */
export const sheetFile = async (id: string, revision: number): Promise<Record<string, unknown>> =>
  answered(client.GET('/api/{kind}/{id}/{revision}', { params: { path: { kind: 'kits', id, revision } } }))

/** A sheet of a kind with nothing of its maker's in it. */
export const skeletonFile = async (id: string): Promise<Record<string, unknown>> =>
  answered(client.GET('/api/kit-skeletons/{id}', { params: { path: { id } } }))

export const sheetPath = (id: string, revision: number): string => `/api/kits/${id}/${revision}`

const listAnew = (queries: QueryClient) => queries.invalidateQueries({ queryKey: kitQueries.list().queryKey })

export function useSaveDraft() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: ({ id, version, text }: { id: string; version: number; text: string }) =>
      answered(
        client.PUT('/api/kit-drafts/{id}', {
          params: { path: { id }, header: { 'If-Match': `"${version}"` } },
          body: text,
          headers: { 'Content-Type': 'text/plain' },
          bodySerializer: (body: unknown) => body as string,
        }),
      ),
    onSuccess: (draft: KitDraft) => {
      queries.setQueryData(kitQueries.draft(draft.id).queryKey, draft)
      void listAnew(queries)
    },
  })
}

/** Shows a draft as the server has it. */
export function useKeepDraft() {
  const queries = useQueryClient()
  return (draft: KitDraft) => queries.setQueryData(kitQueries.draft(draft.id).queryKey, draft)
}

export function useReleaseDraft() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: ({ id, version }: { id: string; version: number }) =>
      answered(client.POST('/api/kit-drafts/{id}/release', { params: { path: { id }, header: { 'If-Match': `"${version}"` } } })),
    onSuccess: ({ sheet }) => {
      queries.removeQueries({ queryKey: kitQueries.draft(sheet.id).queryKey })
      void listAnew(queries)
      void queries.invalidateQueries({ queryKey: jobQueries.all })
    },
  })
}

export function useReturnDraft() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (id: string) => answered(client.POST('/api/kit-drafts/{id}/return', { params: { path: { id } } })),
    onSuccess: () => listAnew(queries),
  })
}

export function useDiscardDraft() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: (id: string) => answered(client.DELETE('/api/kit-drafts/{id}', { params: { path: { id } } })),
    onSuccess: () => listAnew(queries),
  })
}

export function useWithdrawSheet() {
  const queries = useQueryClient()
  return useMutation({
    mutationFn: ({ id, revision, reason }: { id: string; revision: number; reason: string }) =>
      answered(client.PUT('/api/kits/{id}/{revision}/withdrawal', { params: { path: { id, revision } }, body: { reason } })),
    onSuccess: () => {
      void listAnew(queries)
      void queries.invalidateQueries({ queryKey: jobQueries.all })
    },
  })
}
