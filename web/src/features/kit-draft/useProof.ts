import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { kitQueries } from '../../api/kits'
import type { KitDraft } from '../../api/types'

/** The draft built in every corner of what it takes: asked for, since it takes a while; what it came to last stays where it bites. */
export function useProof(draft: KitDraft) {
  const [version, setVersion] = useState<number | null>(null)
  const canBeProved = draft.sheet !== null
  const proof = useQuery({
    ...kitQueries.proof(draft.id, version ?? draft.version),
    enabled: canBeProved && version !== null && version === draft.version,
  })
  const isNow = version === draft.version && canBeProved
  return {
    canBeProved,
    /** Of what the draft is now. */
    isNow,
    isPending: isNow && proof.isPending,
    error: isNow ? proof.error : null,
    /** What it came to; of a version before while it has not been asked for anew. */
    report: version === null ? null : (proof.data ?? null),
    ask: () => setVersion(draft.version),
  } as const
}

export type ProofAsked = ReturnType<typeof useProof>
