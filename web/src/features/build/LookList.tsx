import type { StageCheck } from '../../api/types'
import { say } from '../../domain/sentence'
import { Button } from '../../ui/Button'
import { useUnit } from '../../ui/UnitContext'
import { NoAnswer, type No } from './NoAnswer'

type Props = { looks: StageCheck[]; mayBuild: boolean; onAnswer: (look: StageCheck, given: { seen: true } | No) => void }

/** Looks that follow each other: each can be answered by itself, and what is not so has to be. */
export function LookList({ looks, mayBuild, onAnswer }: Props) {
  const unit = useUnit()
  return (
    <>
      <h3 className="font-semibold">{looks.length === 1 ? 'Look at it' : `Look at each of these ${looks.length}`}</h3>
      <ol className="border-t-2 border-ink">
        {looks.map((look) => (
          <li
            key={[look.key, look.end, look.core, look.number].join()}
            className="flex items-center gap-3 border-b border-line py-1 has-[fieldset]:flex-wrap"
          >
            <span className="flex-1 py-1">
              {say(look.ask, unit)}
              <span className="block text-label text-mute">{look.reason}</span>
            </span>
            {mayBuild && (
              <span className="flex shrink-0 gap-2 has-[fieldset]:w-full has-[fieldset]:flex-wrap">
                <Button onClick={() => onAnswer(look, { seen: true })}>Yes</Button>
                <NoAnswer check={look} onNo={(no) => onAnswer(look, no)} />
              </span>
            )}
          </li>
        ))}
      </ol>
    </>
  )
}
