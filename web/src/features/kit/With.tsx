import type { Choice } from '../../api/types'
import { Button } from '../../ui/Button'
import { OutcomeWord } from '../../views/Verdict'

type Connector = NonNullable<Choice['with']>['connector']

type WithProps = {
  choice: Choice
  /** "connector" or "lug". */
  word: string
  isChosen: boolean
  isTaken: boolean
  onTake: ((connector: Connector) => void) | null
}

/** The connector that goes with a kit best, and a way to take both. */
export function With({ choice, word, isChosen, isTaken, onTake }: WithProps) {
  if (choice.connectorsThatGo === null) return null
  if (!choice.with)
    return <p className="px-3 pb-2.5 text-label font-semibold text-unproved">No {word} that we have a sheet of goes with it.</p>
  const { connector, outcome } = choice.with
  const others = choice.connectorsThatGo - 1
  return (
    <div className="flex items-center justify-between gap-4 px-3 pb-2.5">
      <p className="text-label">
        with {connector.name}, {connector.maker} <OutcomeWord outcome={outcome} />
        {others > 0 && <span className="block text-mute">{others} more would go with it</span>}
      </p>
      {onTake && !isTaken && (
        <Button className="shrink-0" onClick={() => onTake(connector)}>
          {isChosen ? 'Take this too' : 'Take both'}
        </Button>
      )}
    </div>
  )
}
