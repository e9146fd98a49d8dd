import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useLostSince } from '../../api/device'
import { useUnjudged, useWrite } from '../../api/outbox'
import { useMay } from '../../api/session'
import { storesQueries, useReserveBox } from '../../api/stores'
import type { Box, Job } from '../../api/types'
import { say } from '../../domain/sentence'
import { Button } from '../../ui/Button'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'
import { RefusedEntry } from '../../views/RefusedEntry'

/** The boxes of the chosen kit, the first to expire first: one is set aside, opened and checked. */
export function KitBoxes({ job }: { job: Job }) {
  const unit = useUnit()
  const kit = job.kit
  const boxes = useQuery({
    ...storesQueries.boxes({ kit: kit?.id ?? '', size: kit?.size ?? '', job: job.id }, job.log.length),
    enabled: kit !== null,
  })
  const mayTake = useMay('take-box')
  const reserve = useReserveBox()
  const hasSignal = useLostSince() === null
  const [inHand, setInHand] = useState('')
  if (!kit || !boxes.data) return null
  const taken = boxes.data.boxes.filter((box) => box.reservedFor === job.id || (box.id === inHand && !box.refusal))
  return (
    <section aria-label="Boxes of this kit" className="grid gap-3">
      <h2 className="text-lead font-semibold">Which box</h2>
      {boxes.data.total === 0 && <p>The stores have no box of this kit and size.</p>}
      {reserve.error && (
        <Note tone="out" role="alert">
          {reserve.error.message}
        </Note>
      )}
      <ul className="border-t border-line">
        {boxes.data.boxes.map((box) => (
          <li key={box.id} className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-b border-line py-2">
            <span>
              <span className="font-semibold">{box.expiresOn ? `expires ${box.expiresOn}` : 'expiry not known'}</span>, batch{' '}
              {box.batch || '–'}
              {box.serial && `, serial ${box.serial}`}
              <span className="block text-label text-mute">{box.place}</span>
            </span>
            {box.refusal ? (
              <span className="text-label font-semibold text-out">✕ {say(box.refusal, unit)}</span>
            ) : (
              mayTake &&
              (box.reservedFor === job.id ? (
                hasSignal && (
                  <Button disabled={box.openedAt !== null} onClick={() => reserve.mutate({ id: box.id, job: null })}>
                    Put back
                  </Button>
                )
              ) : !hasSignal ? (
                box.id !== inHand && (
                  <Button
                    disabled={taken.some((one) => one.openedAt && one.missing.length === 0)}
                    onClick={() => setInHand(box.id)}
                  >
                    I have this one
                  </Button>
                )
              ) : (
                <Button
                  disabled={taken.some((one) => one.missing.length === 0)}
                  onClick={() => reserve.mutate({ id: box.id, job: job.id })}
                >
                  Set aside for this job
                </Button>
              ))
            )}
          </li>
        ))}
      </ul>
      {taken.map((box) => (
        <BoxCheck key={box.id} job={job} box={box} />
      ))}
    </section>
  )
}

/** What should lie in the box, ticked off as it is laid out. */
function BoxCheck({ job, box }: { job: Job; box: Box }) {
  const mayTake = useMay('take-box')
  const write = useWrite(job.id)
  const sent = useUnjudged(job.id).filter(({ event }) => event.kind === 'open-box' && event.box === box.id)
  const [there, setThere] = useState<string[]>([])
  if (box.openedAt) return <Opened job={job} box={box} />
  const missing = box.holds.map((line) => line.key).filter((key) => !there.includes(key))
  return (
    <fieldset className="grid gap-1">
      <legend className="font-semibold">Open it and lay out what it holds{box.batch && `: batch ${box.batch}`}</legend>
      {box.holds.map((line) => (
        <label key={line.key} className="flex min-h-11 items-center gap-3">
          <input
            type="checkbox"
            className="size-6 shrink-0 accent-ink"
            checked={there.includes(line.key)}
            onChange={() => setThere(there.includes(line.key) ? there.filter((key) => key !== line.key) : [...there, line.key])}
          />
          <span>
            {line.count} × {line.name.toLowerCase()}
          </span>
        </label>
      ))}
      {sent.map((one) => (
        <RefusedEntry key={one.id} entry={one} />
      ))}
      {mayTake && (
        <Button
          kind="primary"
          disabled={sent.length > 0}
          onClick={() => write({ kind: 'open-box', box: box.id, missing }, `Box opened, batch ${box.batch || '–'}`)}
        >
          {missing.length === 0 ? 'All of it is here' : `${missing.length} missing: write it down`}
        </Button>
      )}
    </fieldset>
  )
}

function Opened({ job, box }: { job: Job; box: Box }) {
  const mayTake = useMay('take-box')
  const write = useWrite(job.id)
  const entry = job.log.findLast((one) => one.counts && one.event.kind === 'box-opened' && one.event.box === box.id)
  return (
    <Note tone={box.missing.length > 0 ? 'out' : 'inside'} title={`Opened and checked, batch ${box.batch || '–'}`}>
      <p>{box.missing.length === 0 ? 'Everything was in it.' : `Missing: ${namesOf(box, box.missing)}. Take another box.`}</p>
      {mayTake && entry && (
        <Button
          kind="link"
          onClick={() =>
            write(
              { kind: 'withdrawn', entry: entry.id, reason: 'The wrong box was opened.' },
              'The wrong box was opened: put back',
            )
          }
        >
          It was the wrong one and is whole: back on the shelf
        </Button>
      )}
    </Note>
  )
}

const namesOf = (box: Box, keys: string[]): string =>
  keys.map((key) => (box.holds.find((line) => line.key === key)?.name ?? key).toLowerCase()).join(', ')
