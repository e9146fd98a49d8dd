import { useTyped } from '../../engine/typed'
import type { At } from './now'

/** The end where whoever holds this device works; kept for this tab, and for this job. */
export function useMyEnd(jobId: string): [At, (at: At) => void] {
  const [at, setAt] = useTyped(`${jobId}.my-end`)
  return [at === 'A' || at === 'B' ? at : 'both', (next) => setAt(next === 'both' ? '' : next)]
}
