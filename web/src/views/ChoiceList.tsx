import type { Choice } from '../api/types'
import { say } from '../domain/sentence'
import { classes } from '../ui/classes'
import { useUnit } from '../ui/UnitContext'
import { OutcomeWord } from './Verdict'

type ChoiceListProps = {
  label: string
  choices: Choice[]
  isChosen: (choice: Choice) => boolean
  title: (choice: Choice) => string
  detail: (choice: Choice) => string
  onChoose: ((choice: Choice) => void) | null
}

/** Kits or connectors, the best first; each says whether it fits and what decides that. */
export function ChoiceList({ label, choices, isChosen, title, detail, onChoose }: ChoiceListProps) {
  const unit = useUnit()
  return (
    <ul aria-label={label} className="border-t-2 border-ink">
      {choices.map((choice) => (
        <li key={title(choice) + detail(choice)} className="border-b border-line">
          <button
            type="button"
            disabled={onChoose === null}
            aria-pressed={isChosen(choice)}
            onClick={() => onChoose?.(choice)}
            className={classes(
              'grid w-full gap-x-4 px-3 py-2.5 text-left hover:bg-soft disabled:hover:bg-transparent',
              isChosen(choice) && 'border-l-8 border-ink bg-soft',
            )}
          >
            <span className="font-semibold">{title(choice)}</span>
            <span className="grid grid-cols-[1fr_auto] items-baseline gap-x-4">
              <span className="text-label text-mute">{detail(choice)}</span>
              <OutcomeWord outcome={choice.outcome} />
            </span>
            {choice.worst && choice.outcome !== 'fits' && (
              <span className="text-label">
                {choice.worst.end && `End ${choice.worst.end}: `}
                {say(choice.worst.reason, unit)}
              </span>
            )}
          </button>
        </li>
      ))}
    </ul>
  )
}
