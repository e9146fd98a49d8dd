import { useQuery } from '@tanstack/react-query'
import { sessionQuery, useMay } from '../../api/session'
import type { KitDraft } from '../../api/types'

/** Whether whoever looks may release the draft: may write sheets, and wrote nothing in this one. */
export function useIsSecond(draft: KitDraft): boolean {
  const me = useQuery(sessionQuery).data?.person?.name ?? ''
  return useMay('write-sheet') && !draft.authors.includes(me)
}
