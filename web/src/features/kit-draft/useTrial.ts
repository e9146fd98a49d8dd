import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { jobQueries } from '../../api/jobs'
import { kitQueries } from '../../api/kits'
import { useMay } from '../../api/session'
import type { JobSummary, KitDraft, TriedDraft } from '../../api/types'
import { at, isObject, readObject } from '../../domain/json'

/** How long after the last key it is drawn anew. */
const PAUSE = 60

/**
 * The draft on the cables of a job: one that is planned with this sheet or with one of its kind, unless another is chosen. Who writes in it
 * sees it as it is typed, before it is kept.
 */
export function useTrial(draft: KitDraft, text: string) {
  const mayWrite = useMay('write-sheet')
  const typed = useSettled(text)
  const sheet = readObject(typed)
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
  const isKept = typed === draft.text
  const isSound = draft.sheet !== null || (draft.like !== null && draft.problems.length === 0)
  const canBeDrawn = isKept ? isSound : sheet !== null
  const asked = { enabled: canBeDrawn && jobId !== '', placeholderData: (before: TriedDraft | undefined) => before }
  const typedOn = useQuery({
    ...kitQueries.triedAsTyped(draft.id, typed, jobId, label),
    ...asked,
    enabled: asked.enabled && mayWrite,
  })
  const keptOn = useQuery({
    ...kitQueries.tried(draft.id, draft.version, jobId, label),
    ...asked,
    enabled: asked.enabled && !mayWrite,
  })
  const tried = mayWrite ? typedOn : keptOn
  const last = useLast(tried.data)
  return {
    jobs,
    jobId,
    sizes,
    size: label,
    /** While it is faulty the last drawing stays. */
    tried: last ?? null,
    error: isKept ? tried.error : null,
    /** No job is for such an accessory. */
    hasNone: latest.isSuccess && jobs.length === 0,
    isPending: latest.isPending || tried.isLoading,
    /** The drawing is of what was sound last. */
    isOld: last !== undefined && (!canBeDrawn || tried.isError),
    onJob: setChosen,
    onSize: setSize,
  } as const
}

/** What it was a moment ago, until the hand rests. */
function useSettled(text: string): string {
  const [settled, setSettled] = useState(text)
  useEffect(() => {
    const timer = setTimeout(() => setSettled(text), PAUSE)
    return () => clearTimeout(timer)
  }, [text])
  return settled
}

/** The last that there was. */
function useLast<T>(now: T | undefined): T | undefined {
  const [last, setLast] = useState(now)
  if (now !== undefined && now !== last) setLast(now)
  return now ?? last
}

const likeliest = (jobs: JobSummary[], draft: KitDraft): JobSummary | undefined =>
  jobs.find((one) => one.kit?.id === draft.id) ?? jobs.find((one) => one.kit?.id === draft.like) ?? jobs[0]

const labelsOf = (sizes: unknown): string[] =>
  (Array.isArray(sizes) ? sizes : []).filter(isObject).flatMap((one) => {
    const label = one['label']
    return typeof label === 'string' && label !== '' ? [label] : []
  })
