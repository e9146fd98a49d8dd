import { useEffect, useState } from 'react'
import { useSentReadings } from '../api/instruments'
import type { SentReading } from '../api/types'
import { sayTyped } from '../domain/length'
import { Button } from '../ui/Button'
import { Note } from '../ui/Note'

const A_SECOND = 1000

type Kind = 'reading' | 'torque' | 'press' | 'air' | 'label'

/** A report of this kind, with what it says. */
export type ReportOf<K extends Kind> = SentReading & Required<Pick<SentReading, K>>

type Props<K extends Kind> = {
  kind: K
  /** What is done with a report that somebody takes. */
  onTake: (report: ReportOf<K>) => void
  /** The words on its button. */
  take: string
  /** Whether it may be taken by itself; where it may not, or is old, or two pages are open, it is offered. */
  takesItself?: (report: ReportOf<K>) => boolean
}

const isOf = <K extends Kind>(report: SentReading, kind: K): report is ReportOf<K> => report[kind] !== undefined

/** What instruments sent for the step that is open here: taken by itself, or offered. Nothing where none speaks for this person. */
export function FromInstruments<K extends Kind>({ kind, onTake, take, takesItself }: Props<K>) {
  const { isPaired, pages, readings, heardAt, had } = useSentReadings()
  const [openedAt] = useState(() => Date.now())
  const ours = readings.filter((one) => isOf(one, kind))
  const wasReadHere = (one: SentReading) => heardAt - one.ageSeconds * 1000 >= openedAt - A_SECOND
  const itself = ours.find((one) => one.enters && !isOutOfCalibration(one) && wasReadHere(one) && takesItself?.(one))
  const takeIt = (one: ReportOf<K>) => {
    had(one.id)
    onTake(one)
  }
  useEffect(() => {
    if (itself) takeIt(itself)
    // Once for each report.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [itself?.id])
  if (!isPaired) return null
  return (
    <div className="grid gap-2 empty:hidden">
      {ours
        .filter((one) => one !== itself)
        .map((one) => (
          <Note
            key={one.id}
            role="status"
            tone={isOutOfCalibration(one) ? 'out' : 'plan'}
            title={`${saysWhat(one)}, ${one.name} ${one.sentBy.serial}`}
          >
            <p>{[calibration(one), ago(one.ageSeconds)].filter(Boolean).join('; ')}</p>
            <p className="flex flex-wrap gap-3 pt-1">
              <Button onClick={() => takeIt(one)}>{take}</Button>
              <Button kind="link" onClick={() => had(one.id)}>
                Not this
              </Button>
            </p>
          </Note>
        ))}
      <p className="text-label text-mute">
        {pages > 1
          ? `A step is open on ${pages} of your pages: what an instrument sends is offered on each.`
          : 'Your instruments are heard here.'}
      </p>
    </div>
  )
}

function saysWhat({ reading, torque, press, air, label }: SentReading): string {
  if (reading) return sayTyped(reading)
  if (press) return `Die ${press.die}, ${press.force}`
  if (air) return [air.air, air.humidity === undefined ? '' : `${air.humidity} %`].filter(Boolean).join(', ')
  return torque ?? label?.replaceAll('\u001d', '<GS>') ?? ''
}

/** The last day belongs to it. */
export function isOutOfCalibration({ sentBy: { calibratedUntil, readAt } }: SentReading): boolean {
  return calibratedUntil !== undefined && calibratedUntil < readAt.slice(0, 10)
}

function calibration(report: SentReading): string {
  const until = report.sentBy.calibratedUntil
  if (until === undefined) return 'calibration not known'
  return isOutOfCalibration(report) ? `out of calibration since ${until}` : ''
}

const ago = (seconds: number): string => (seconds < 90 ? `read ${seconds} s ago` : `read ${Math.round(seconds / 60)} minutes ago`)
