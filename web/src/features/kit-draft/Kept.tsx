import type { KitDraft } from '../../api/types'
import { Button } from '../../ui/Button'
import { Note } from '../../ui/Note'
import type { useKeptText } from './useKeptText'

/** Whether what was typed is kept, and how much is wrong with it. */
export function Kept({ kept, draft }: { kept: ReturnType<typeof useKeptText>; draft: KitDraft }) {
  if (kept.theirs)
    return (
      <Note tone="out" role="alert" title={`${kept.theirs.author} has kept another version meanwhile.`}>
        <span className="flex flex-wrap gap-3">
          <Button onClick={kept.takeTheirs}>Take that one</Button>
          <Button onClick={kept.keepMine}>Keep mine instead</Button>
        </span>
      </Note>
    )
  if (kept.error)
    return (
      <Note tone="out" role="alert" title={kept.error.message}>
        What you typed is still here.{' '}
        <Button kind="link" onClick={kept.tryAgain}>
          Try again
        </Button>
      </Note>
    )
  if (kept.isChanged) return <Note title="Keeping what you typed" role="status" />
  const wrong = draft.problems.length
  const asked = draft.sheet === null ? draft.questions.length : 0
  const says = [
    wrong > 0 && `${wrong === 1 ? 'One thing is' : `${wrong} things are`} wrong with it.`,
    asked > 0 && `${asked === 1 ? 'One thing is' : `${asked} things are`} still to say.`,
  ].filter((one) => one !== false)
  if (says.length === 0) return <Note tone="inside" role="status" title="Kept. Nothing is wrong with it." />
  return <Note tone={wrong > 0 ? 'out' : 'plan'} role="status" title={`Kept. ${says.join(' ')}`} />
}
