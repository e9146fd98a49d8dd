import type { UseInfiniteQueryResult, InfiniteData } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { isAmong } from '../api/checks'
import type { Choice, ChoicePage, SheetRevision } from '../api/types'
import { sayFine } from '../domain/length'
import { say } from '../domain/sentence'
import { Button } from '../ui/Button'
import { classes } from '../ui/classes'
import { useUnit } from '../ui/UnitContext'
import { NotCheckedMark } from './NotChecked'
import { OutcomeWord } from './Verdict'

type ItemProps = {
  isChosen: (choice: Choice) => boolean
  title: (choice: Choice) => string
  detail: (choice: Choice) => string
  onChoose: ((choice: Choice) => void) | null
  /** What is said below a choice. */
  below?: (choice: Choice) => ReactNode
}

type ChoiceListProps = ItemProps & {
  label: string
  pages: UseInfiniteQueryResult<InfiniteData<ChoicePage>>
}

/** Kits or connectors, the best first; those that do not fit are folded away, the nearest on top, each with what is against it. */
export function ChoiceList({ label, pages, ...item }: ChoiceListProps) {
  const choices = pages.data?.pages.flatMap((page) => page.choices) ?? []
  const unchecked = pages.data?.pages.flatMap((page) => page.unchecked) ?? []
  const first = pages.data?.pages[0]
  if (!first || first.total === 0) return null
  // What fits with another connector than the one that is chosen is not folded away.
  const possible = choices.filter(
    (choice) =>
      choice.outcome !== 'does-not-fit' || item.isChosen(choice) || (choice.with && choice.with.outcome !== 'does-not-fit'),
  )
  const others = choices.filter((choice) => !possible.includes(choice))
  const more = pages.hasNextPage && (
    <Button disabled={pages.isFetchingNextPage} onClick={() => void pages.fetchNextPage()}>
      Show more: {choices.length} of {first.total}
    </Button>
  )
  return (
    <>
      {first.possible === 0 && <p className="font-semibold">None of them fits. The nearest comes first below.</p>}
      <ul aria-label={label} className="border-t-2 border-ink">
        {possible.map((choice) => (
          <ChoiceItem key={item.title(choice) + item.detail(choice)} choice={choice} unchecked={unchecked} {...item} />
        ))}
      </ul>
      {others.length === 0 && more}
      {first.total > first.possible && (
        <details open={possible.length === 0}>
          <summary className="min-h-11 text-plan underline underline-offset-4">
            {first.total - first.possible} do not fit, and why
          </summary>
          <ul aria-label={`${label}: do not fit`} className="border-t border-line">
            {others.map((choice) => (
              <ChoiceItem key={item.title(choice) + item.detail(choice)} choice={choice} unchecked={unchecked} {...item} />
            ))}
          </ul>
          {others.length > 0 && more}
        </details>
      )}
    </>
  )
}

type ChoiceItemProps = ItemProps & { choice: Choice; unchecked: SheetRevision[] }

function ChoiceItem({ choice, unchecked, isChosen, title, detail, onChoose, below }: ChoiceItemProps) {
  const unit = useUnit()
  return (
    <li className={classes('border-b border-line', isChosen(choice) && 'border-l-8 border-l-ink bg-soft')}>
      <button
        type="button"
        disabled={onChoose === null}
        aria-pressed={isChosen(choice)}
        onClick={() => onChoose?.(choice)}
        className="grid w-full gap-x-4 px-3 py-2.5 text-left hover:bg-soft disabled:hover:bg-transparent"
      >
        <span className="font-semibold">{title(choice)}</span>
        <span className="grid grid-cols-[1fr_auto] items-baseline gap-x-4">
          <span className="text-label text-mute">
            {detail(choice)} {isAmong(unchecked, choice.connector) && <NotCheckedMark />}
          </span>
          <OutcomeWord outcome={choice.outcome} />
        </span>
        {choice.worst && choice.outcome !== 'fits' && (
          <span className="text-label">
            {choice.worst.end && `End ${choice.worst.end}: `}
            {say(choice.worst.reason, unit)}
            {choice.against > 1 && ` ${choice.against - 1} more against it.`}
            {choice.against === 0 && choice.open > 1 && ` ${choice.open - 1} more to measure or say.`}
          </span>
        )}
        {choice.thinnest?.judgement && choice.outcome === 'fits' && (
          <span className="text-label text-mute">
            Thinnest margin: {say(choice.thinnest.label, unit)}, {sayFine(choice.thinnest.judgement.marginMm, unit)}
          </span>
        )}
      </button>
      {below?.(choice)}
    </li>
  )
}
