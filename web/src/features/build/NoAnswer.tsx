import { useState } from 'react'
import type { LogEvent, StageCheck } from '../../api/types'
import { Button } from '../../ui/Button'

export type No = Pick<Extract<LogEvent, { kind: 'check-made' }>, 'fault'> & { seen: false }

const FAULTS = [
  ['wrinkle', 'A wrinkle'],
  ['flat-spot', 'A flat or cold spot'],
  ['scorch', 'A scorch'],
  ['bubble', 'A bubble'],
] as const

/** It is not so; on a wall that was heated, with what the hand finds there: each has its own mend. */
export function NoAnswer({ check, onNo }: { check: StageCheck; onNo: (no: No) => void }) {
  const [isAsking, setIsAsking] = useState(false)
  if (!isAsking) return <Button onClick={() => (check.heated ? setIsAsking(true) : onNo({ seen: false }))}>No</Button>
  return (
    <fieldset className="col-span-full grid gap-2 border-l-4 border-out pl-3">
      <legend className="sr-only">What is it?</legend>
      <p className="font-semibold">What is it?</p>
      <div className="flex flex-wrap gap-2">
        {FAULTS.map(([fault, name]) => (
          <Button key={fault} onClick={() => onNo({ seen: false, fault })}>
            {name}
          </Button>
        ))}
        <Button onClick={() => onNo({ seen: false })}>Something else</Button>
        <Button kind="link" onClick={() => setIsAsking(false)}>
          Back
        </Button>
      </div>
    </fieldset>
  )
}
