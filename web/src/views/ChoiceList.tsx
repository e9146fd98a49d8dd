import type { Choice } from '../api/types'
import { sayFine } from '../domain/length'
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

/** Kits or connectors, the best first; those that do not fit are folded away, the nearest on top, each with what is against it. */
export function ChoiceList(props: ChoiceListProps) {
  const { label, choices, isChosen } = props
  const possible = choices.filter((choice) => choice.outcome !== 'does-not-fit' || isChosen(choice))
  const others = choices.filter((choice) => !possible.includes(choice))
  return (
    <>
      {possible.length === 0 && <p className="font-semibold">None of them fits. The nearest comes first below.</p>}
      <ul aria-label={label} className="border-t-2 border-ink">
        {possible.map((choice) => (
          <ChoiceItem key={props.title(choice) + props.detail(choice)} choice={choice} {...props} />
        ))}
      </ul>
      {others.length > 0 && (
        <details open={possible.length === 0}>
          <summary className="min-h-11 text-plan underline underline-offset-4">{others.length} do not fit, and why</summary>
          <ul aria-label={`${label}: do not fit`} className="border-t border-line">
            {others.map((choice) => (
              <ChoiceItem key={props.title(choice) + props.detail(choice)} choice={choice} {...props} />
            ))}
          </ul>
        </details>
      )}
    </>
  )
}

function ChoiceItem({ choice, isChosen, title, detail, onChoose }: ChoiceListProps & { choice: Choice }) {
  const unit = useUnit()
  return (
    <li className="border-b border-line">
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
            {choice.against > 1 && ` ${choice.against - 1} more against it.`}
          </span>
        )}
        {choice.thinnest?.judgement && choice.outcome === 'fits' && (
          <span className="text-label text-mute">
            Thinnest margin: {say(choice.thinnest.label, unit)}, {sayFine(choice.thinnest.judgement.marginMm, unit)}
          </span>
        )}
      </button>
    </li>
  )
}
