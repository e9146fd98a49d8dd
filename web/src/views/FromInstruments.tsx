import { useEffect, useEffectEvent, useState } from 'react'
import { useSentReadings } from '../api/instruments'
import type { SentReading } from '../api/types'
import { sayTyped } from '../domain/length'
import { Button } from '../ui/Button'

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
  const itself = ours.find((one) => one.enters && wasReadHere(one) && takesItself?.(one))
  const takeIt = (one: ReportOf<K>, others: SentReading[] = []) => {
    ;[one, ...others].forEach(({ id }) => had(id))
    onTake(one)
  }
  // Once for each report, however often what it is taken for is drawn anew.
  const takesIt = useEffectEvent(() => itself && takeIt(itself))
  const id = itself?.id
  useEffect(() => {
    if (id !== undefined) takesIt()
  }, [id])
  if (!isPaired) return null
  const offers = ours.filter((one) => one !== itself)
  const newest = offers.at(-1)
  return newest ? (
    <Offer
      report={newest}
      take={take}
      onTake={() => takeIt(newest, offers)}
      onLetGo={() => offers.forEach((one) => had(one.id))}
    />
  ) : (
    <p className="text-label text-mute">
      {pages > 1
        ? `A step is open on ${pages} of your pages: what an instrument sends is offered on each.`
        : 'Your instruments are heard here.'}
    </p>
  )
}

type OfferProps = { report: SentReading; take: string; onTake: () => void; onLetGo: () => void }

/** The last report that somebody has to say yes to: those before it were read for something else. */
function Offer({ report, take, onTake, onLetGo }: OfferProps) {
  return (
    <div role="status" className={`border-l-4 pl-3 ${report.outOfCalibration ? 'border-out' : 'border-plan'}`}>
      <p>
        <strong className="font-semibold">{saysWhat(report)}</strong> by {report.name} {report.sentBy.serial}
        <span className="text-label text-mute">, {[ago(report.ageSeconds), calibration(report)].filter(Boolean).join(', ')}</span>
      </p>
      <p className="flex gap-3">
        <Button onClick={onTake}>{take}</Button>
        <Button kind="link" onClick={onLetGo}>
          Not this
        </Button>
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

function calibration(report: SentReading): string {
  const until = report.sentBy.calibratedUntil
  if (until === undefined) return 'calibration not known'
  return report.outOfCalibration ? `out of calibration since ${until}` : ''
}

const ago = (seconds: number): string => (seconds < 90 ? `read ${seconds} s ago` : `read ${Math.round(seconds / 60)} minutes ago`)
