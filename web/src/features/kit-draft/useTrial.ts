import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { jobQueries } from '../../api/jobs'
import { kitQueries } from '../../api/kits'
import type { KitDraft } from '../../api/types'

/** The draft on the cables of a job: one that is planned with this sheet, else the first for such an accessory, unless another is chosen. */
export function useTrial(draft: KitDraft) {
  const sheet = draft.sheet
  const [chosen, setChosen] = useState('')
  const [size, setSize] = useState('')
  const jobs = useQuery(jobQueries.page(1)).data?.jobs.filter((job) => job.function === sheet?.function) ?? []
  const job = jobs.find((one) => one.id === chosen) ?? jobs.find((one) => one.kit?.id === draft.id) ?? jobs[0]
  const jobId = job?.id ?? ''
  const own = job?.kit?.id === draft.id ? job.kit.size : ''
  const label = [size, own].find((one) => sheet?.sizes.includes(one)) ?? sheet?.sizes[0] ?? ''
  const tried = useQuery({
    ...kitQueries.tried(draft.id, draft.version, jobId, label),
    enabled: sheet !== null && jobId !== '',
    // While it is faulty the last drawing stays.
    placeholderData: keepPreviousData,
  })
  return {
    jobs,
    jobId,
    sizes: sheet?.sizes ?? [],
    size: label,
    job: tried.data ?? null,
    error: tried.error,
    /** The drawing is of what was sound last. */
    isOld: sheet === null && tried.data !== undefined,
    onJob: setChosen,
    onSize: setSize,
  } as const
}
