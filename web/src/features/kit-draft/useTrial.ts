import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { jobQueries } from '../../api/jobs'
import { kitQueries } from '../../api/kits'
import type { JobSummary, KitDraft } from '../../api/types'
import { at, isObject, readObject } from '../../domain/json'

/** The draft on the cables of a job: one that is planned with this sheet or with one of its kind, unless another is chosen. */
export function useTrial(draft: KitDraft) {
  const sheet = readObject(draft.text)
  const makes = at(sheet ?? undefined, ['function'])
  const [chosen, setChosen] = useState('')
  const [size, setSize] = useState('')
  const latest = useQuery(jobQueries.latest())
  const jobs = latest.data?.jobs.filter((job) => job.function === makes) ?? []
  const job = jobs.find((one) => one.id === chosen) ?? likeliest(jobs, draft)
  const jobId = job?.id ?? ''
  const sizes = labelsOf(at(sheet ?? undefined, ['sizes']))
  const own = job?.kit?.id === draft.id ? job.kit.size : ''
  const label = [size, own].find((one) => sizes.includes(one)) ?? sizes[0] ?? ''
  const canBeDrawn = draft.sheet !== null || (draft.like !== null && draft.problems.length === 0)
  const tried = useQuery({
    ...kitQueries.tried(draft.id, draft.version, jobId, label),
    enabled: canBeDrawn && jobId !== '',
    // While it is faulty the last drawing stays.
    placeholderData: keepPreviousData,
  })
  return {
    jobs,
    jobId,
    sizes,
    size: label,
    tried: tried.data ?? null,
    error: tried.error,
    /** No job is for such an accessory. */
    hasNone: latest.isSuccess && jobs.length === 0,
    isPending: latest.isPending || tried.isLoading,
    /** The drawing is of what was sound last. */
    isOld: !canBeDrawn && tried.data !== undefined,
    onJob: setChosen,
    onSize: setSize,
  } as const
}

const likeliest = (jobs: JobSummary[], draft: KitDraft): JobSummary | undefined =>
  jobs.find((one) => one.kit?.id === draft.id) ?? jobs.find((one) => one.kit?.id === draft.like) ?? jobs[0]

const labelsOf = (sizes: unknown): string[] =>
  (Array.isArray(sizes) ? sizes : []).filter(isObject).flatMap((one) => {
    const label = one['label']
    return typeof label === 'string' && label !== '' ? [label] : []
  })
