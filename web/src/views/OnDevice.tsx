import { useState } from 'react'
import { askToStay, leaveBehind, takeAlong, useTakenAlong, type Progress } from '../api/device'
import { clockOrDay, sayBytes } from '../domain/waiting'
import { Button } from '../ui/Button'
import { Note } from '../ui/Note'

type State = { is: 'quiet' } | { is: 'taking'; progress: Progress } | { is: 'failed'; why: string }

/** Whether a job is on this device, how fresh, and the way to take it along or leave it behind. */
export function OnDevice({ jobId, children }: { jobId: string; children?: string }) {
  const taken = useTakenAlong()?.find((one) => one.jobId === jobId)
  const [state, take] = useTaking(takeAlongNow(jobId))
  if (state.is === 'taking') return <Taking progress={state.progress} />
  return (
    <div className="grid gap-1 text-label">
      {taken ? (
        <p>
          {taken.at === null ? (
            <span className="text-out">What lies on this device of it cannot be read: take it along anew.</span>
          ) : (
            <>
              On this device, as of {clockOrDay(taken.at)}, {sayBytes(taken.size)}
            </>
          )}
        </p>
      ) : (
        children && <p className="text-mute">{children}</p>
      )}
      <p className="flex flex-wrap items-center gap-x-5">
        <Button kind="link" onClick={() => void take()}>
          {taken ? 'Take it anew' : 'Take it along'}
        </Button>
        {taken && (
          <Button kind="link" onClick={() => void leaveBehind(jobId)}>
            Remove it from here
          </Button>
        )}
      </p>
      {state.is === 'failed' && (
        <Note tone="out" role="alert" title="It could not be taken along.">
          {state.why}
        </Note>
      )}
    </div>
  )
}

/** Takes one along, and asks the browser to let it lie. */
export const takeAlongNow =
  (...jobs: string[]) =>
  async (onProgress: (progress: Progress) => void): Promise<void> => {
    await askToStay()
    for (const [i, job] of jobs.entries())
      await takeAlong(job, (now) => onProgress({ ...now, step: i * now.of + now.step, of: jobs.length * now.of }))
  }

type Take = (onProgress: (progress: Progress) => void) => Promise<void>

export function useTaking(taking: Take): [State, () => Promise<void>] {
  const [state, setState] = useState<State>({ is: 'quiet' })
  const take = async () => {
    setState({ is: 'taking', progress: { step: 0, of: 4, doing: 'Beginning' } })
    try {
      await taking((progress) => setState({ is: 'taking', progress }))
      setState({ is: 'quiet' })
    } catch (error) {
      setState({ is: 'failed', why: error instanceof Error ? error.message : String(error) })
    }
  }
  return [state, take]
}

export function Taking({ progress: { step, of, doing } }: { progress: Progress }) {
  return (
    <div role="status" className="grid max-w-80 gap-1 text-label">
      <progress className="h-3 w-full accent-ink" value={step} max={of + 1} aria-label="Taking it along" />
      {doing}
    </div>
  )
}
