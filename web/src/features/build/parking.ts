import type { KeptEntry } from '../../api/outbox'
import type { Job, LogEvent, ParkingSide } from '../../api/types'

type Part = ParkingSide['parts'][number]

/** What is parked in the stage that is at work; where the sheet has no stages, everything. */
export function sidesNow(job: Job): ParkingSide[] {
  const stage = job.stages?.find((one) => one.key === job.next.stage)
  const isNow = (key: string) => !stage || stage.parks.includes(key)
  return (job.parking ?? []).map((side) => ({ ...side, parts: side.parts.filter((part) => isNow(part.key)) }))
}

/** What of that is neither parked nor on its way. */
export const leftToPark = (job: Job, waiting: KeptEntry[]): { end: 'A' | 'B'; part: Part }[] =>
  sidesNow(job).flatMap((side) =>
    side.parts.filter((part) => part.parkedOn === null && !isSent(part.key, waiting)).map((part) => ({ end: side.end, part })),
  )

export const isSent = (part: string, waiting: KeptEntry[]): boolean =>
  waiting.some((one) => one.refused === null && one.event.kind === 'part-parked' && one.event.part === part)

export const parkEntry = (end: 'A' | 'B', part: Part): { event: LogEvent; said: string } => ({
  event: { kind: 'part-parked', end, part: part.key },
  said: `${part.name} parked on end ${end}`,
})
