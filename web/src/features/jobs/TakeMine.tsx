import { useTakenAlong } from '../../api/device'
import type { JobSummary } from '../../api/types'
import { Button } from '../../ui/Button'
import { Note } from '../../ui/Note'
import { takeAlongNow, Taking, useTaking } from '../../views/OnDevice'

type Props = { jobs: JobSummary[]; mine: string[] }

/** All of mine for the day: those on this page that are not done, at once. */
export function TakeMine({ jobs, mine }: Props) {
  const open = jobs.filter(({ id, completion }) => mine.includes(id) && !completion.complete).map(({ id }) => id)
  const taken = useTakenAlong()
  const here = open.filter((id) => taken?.some((one) => one.jobId === id)).length
  const [state, take] = useTaking(takeAlongNow(...open))
  if (open.length === 0) return null
  if (state.is === 'taking') return <Taking progress={state.progress} />
  return (
    <div className="grid justify-items-start gap-1 text-label desk:justify-items-end">
      <span className="flex flex-wrap items-baseline gap-x-4">
        {here > 0 && `${here} of ${open.length} on this device`}
        <Button kind="link" onClick={() => void take()}>
          {open.length === 1 ? 'Take mine along' : `Take all ${open.length} of mine along`}
        </Button>
      </span>
      {state.is === 'failed' && (
        <Note tone="out" role="alert" title="Not all could be taken along.">
          {state.why}
        </Note>
      )}
    </div>
  )
}
