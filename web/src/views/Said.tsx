import type { Job } from '../api/types'
import { Calls } from './Calls'
import { Notes } from './Notes'
import { Pictures } from './Pictures'

/** What people have to say and to show of a stage, or of the job as a whole where there is none. */
export function Said({ job, stage }: { job: Job; stage: string | null }) {
  return (
    <div className="grid gap-1">
      <Calls job={job} stage={stage} />
      <Notes job={job} stage={stage} />
      <Pictures job={job} stage={stage} />
    </div>
  )
}
