import { useMay } from '../../api/session'
import type { Job, Stage, StageCheck } from '../../api/types'
import { say } from '../../domain/sentence'
import { Button } from '../../ui/Button'
import { Note } from '../../ui/Note'
import { useFocus } from '../../ui/useFocus'
import { useUnit } from '../../ui/UnitContext'
import { onCore } from '../../views/cuts'
import { WhoMay } from '../../views/WhoMay'
import { useWriteDone } from './useWriteDone'

type Props = { job: Job; stage: Stage; looks: StageCheck[] }

/** Looks that follow each other: all so by one touch, and the record shows that they were; what is not so is said by itself. */
export function LooksPanel({ job, stage, looks }: Props) {
  const unit = useUnit()
  const write = useWriteDone(job.id)
  const mayBuild = useMay('build')
  const focus = useFocus<HTMLButtonElement>()
  const answer = (look: StageCheck, given: { seen: boolean; together?: number }) =>
    write(
      {
        kind: 'check-made',
        stage: stage.key,
        check: look.key,
        ...(look.end ? { end: look.end } : {}),
        ...onCore(look.core),
        ...(look.number ? { number: look.number } : {}),
        ...given,
      },
      `${say(look.ask, unit)}: ${given.seen ? 'yes' : 'no'}`,
    )
  const all = () => {
    for (const look of looks) answer(look, { seen: true, together: looks.length })
  }
  return (
    <div className="grid gap-3 max-desk:p-4">
      <h3 className="font-semibold">Look at each of these {looks.length}</h3>
      <WhoMay right="build" deed="answers this" />
      <ol className="border-t-2 border-ink">
        {looks.map((look) => (
          <li
            key={[look.key, look.end, look.core, look.number].join()}
            className="flex items-center gap-3 border-b border-line py-1"
          >
            <span className="flex-1 py-1">
              {say(look.ask, unit)}
              <span className="block text-label text-mute">{look.reason}</span>
            </span>
            {mayBuild && (
              <span className="flex shrink-0 gap-2">
                <Button onClick={() => answer(look, { seen: true })}>Yes</Button>
                <Button onClick={() => answer(look, { seen: false })}>No</Button>
              </span>
            )}
          </li>
        ))}
      </ol>
      {mayBuild && (
        <Button ref={focus} kind="primary" onClick={all}>
          All {looks.length} are so
        </Button>
      )}
      <Note>The record shows which were answered together.</Note>
    </div>
  )
}
