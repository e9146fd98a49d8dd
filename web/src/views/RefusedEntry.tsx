import type { ReactNode } from 'react'
import { useRefused, type KeptEntry } from '../api/outbox'
import { say } from '../domain/sentence'
import { Button } from '../ui/Button'
import { Note } from '../ui/Note'
import { useUnit } from '../ui/UnitContext'

/** An entry that was refused, why, and what can be done with it. @param children what else */
export function RefusedEntry({ entry, children }: { entry: KeptEntry; children?: ReactNode }) {
  const unit = useUnit()
  const { sendAgain, withdraw } = useRefused()
  const problem = entry.refused
  if (!problem) return null
  return (
    <Note tone="out" role="alert" title={`Not recorded: ${entry.said}`}>
      <p>{problem.reason ? say(problem.reason, unit) : problem.detail}</p>
      {problem.problems?.map((one) => (
        <p key={one.path}>
          {one.path} {one.message}
        </p>
      ))}
      <p className="flex flex-wrap gap-x-5">
        <Button kind="link" onClick={() => sendAgain(entry)}>
          Send it again
        </Button>
        {children}
        <Button kind="link" onClick={() => withdraw(entry)}>
          Take it back
        </Button>
      </p>
    </Note>
  )
}
