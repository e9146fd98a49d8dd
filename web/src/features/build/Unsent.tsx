import { useTrouble } from '../../api/device'
import { useDamaged, useRefused, useWaiting, type KeptEntry } from '../../api/outbox'
import type { Job } from '../../api/types'
import { setTyped } from '../../engine/typed'
import { Button } from '../../ui/Button'
import { Note } from '../../ui/Note'
import { RefusedEntry } from '../../views/RefusedEntry'
import { setTypedLength } from '../../views/useTypedLength'
import { typedIn } from './typedIn'
import { sayMoment } from '../../domain/moment'

/** What the server does not have yet, or would not take. Nothing here goes away by itself. */
export function Unsent({ job }: { job: Job }) {
  const waiting = useWaiting(job.id).filter((one) => one.heldUntil === undefined)
  const damaged = useDamaged()
  const trouble = useTrouble(job.id)
  const judged = waiting.filter((one) => one.judged && one.refused === null).length
  return (
    <>
      {trouble !== null && (
        <Note tone="out" role="alert" title="What is written down here is not judged.">
          {trouble} It is kept all the same, and judged and sent where there is a signal.
        </Note>
      )}
      {damaged.length > 0 && <Damaged made={damaged} />}
      {waiting.map((one) => (
        <div key={one.id} className="empty:hidden">
          {one.refused ? <RefusedTyped entry={one} /> : !one.judged && <OnItsWay entry={one} />}
        </div>
      ))}
      {judged > 0 && (
        <Note tone="unproved" role="status" title={`Judged on this device: ${judged === 1 ? 'an entry' : `${judged} entries`}.`}>
          By the same rules as the server’s, and provisional until it has them. They are sent by themselves, in order.
        </Note>
      )}
    </>
  )
}

/** What cannot be opened any more cannot be sent; when it was made is in its id. */
function Damaged({ made }: { made: Date[] }) {
  const times = made.map(sayMoment).join('; ')
  return (
    <Note
      tone="out"
      role="alert"
      title={`${made.length === 1 ? 'An entry' : `${made.length} entries`} on this device cannot be read.`}
    >
      Made at {times}. Write down again what you did then; everything else is there.
    </Note>
  )
}

function OnItsWay({ entry }: { entry: KeptEntry }) {
  return (
    <Note tone="unproved" role="status" title={`Not saved yet: ${entry.said}`}>
      It is kept here and sent as soon as the server answers.
    </Note>
  )
}

/** What was typed can be changed where it was typed. */
function RefusedTyped({ entry }: { entry: KeptEntry }) {
  const { withdraw } = useRefused()
  const typed = typedIn(entry.jobId, entry.event)
  return (
    <RefusedEntry entry={entry}>
      {typed && (
        <Button
          kind="link"
          onClick={() => {
            if (typed.unit) setTypedLength(typed.field, typed.text, typed.unit)
            else setTyped(typed.field, typed.text)
            withdraw(entry)
          }}
        >
          Change it
        </Button>
      )}
    </RefusedEntry>
  )
}
