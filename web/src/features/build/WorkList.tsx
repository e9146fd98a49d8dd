import type { Stage, StageWork } from '../../api/types'
import { say } from '../../domain/sentence'
import { Button } from '../../ui/Button'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'
import { placeName } from '../../views/cuts'

type Props = { work: StageWork[]; doubts?: Stage['doubts']; mayBuild: boolean; onDone: (work: StageWork) => void }

/** What is to be done, thing by thing: how it is done on this very cable, and each place where it is. */
export function WorkList({ work, doubts = [], mayBuild, onDone }: Props) {
  const unit = useUnit()
  const isSet = work.some((one) => one.how === 'set')
  return (
    <ol className="border-t-2 border-ink">
      {isSet && doubts.length > 0 && (
        <li className="py-2">
          <Note tone="unproved" title="Likely to hold, not proved: before it is set">
            {doubts.map((doubt, index) => (
              <p key={index}>{say(doubt, unit)}</p>
            ))}
          </Note>
        </li>
      )}
      {alike(work).map(([first, ...others]) => (
        <li key={first.how + first.part} className="grid gap-1 border-b border-line py-2">
          <h3 className="font-semibold">{say(first.title, unit)}</h3>
          <Guide lines={first.guide.map((line) => say(line, unit))} />
          {mayBuild && (
            <div className="flex flex-wrap gap-2 pt-1">
              {[first, ...others].map((one) => (
                <Button key={placeName(one)} onClick={() => onDone(one)}>
                  {placeName(one) === '' ? 'Done' : `Done, ${placeName(one)}`}
                </Button>
              ))}
            </div>
          )}
        </li>
      ))}
    </ol>
  )
}

/** Where it lies comes first; the rest is read once. */
function Guide({ lines: [where, ...rest] }: { lines: string[] }) {
  return (
    <>
      {where && <p>{where}</p>}
      {rest.length > 0 && <p className="text-label">{rest.join(' ')}</p>}
    </>
  )
}

/** The same thing at several ends and cores, told once where it is done alike. */
function alike(work: StageWork[]): [StageWork, ...StageWork[]][] {
  const groups: [StageWork, ...StageWork[]][] = []
  const told = (one: StageWork) => JSON.stringify([one.how, one.part, one.guide])
  for (const one of work) {
    const group = groups.find(([first]) => told(first) === told(one))
    if (group) group.push(one)
    else groups.push([one])
  }
  return groups
}
