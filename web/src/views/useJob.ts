import { useOutletContext } from 'react-router'
import type { Job } from '../api/types'

/** The job whose frame this view stands in. */
export const useJob = (): Job => useOutletContext<Job>()
