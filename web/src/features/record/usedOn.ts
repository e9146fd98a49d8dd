import type { Job } from '../../api/types'

/** The box that was opened last and not put back. */
export function boxOf(job: Job): string | null {
  const entry = job.log.findLast((one) => one.counts && one.event.kind === 'box-opened')
  if (entry?.event.kind !== 'box-opened') return null
  const { item, batch, serial, expiresOn, missing } = entry.event
  return [
    `item ${item}`,
    batch && `batch ${batch}`,
    serial && `serial ${serial}`,
    expiresOn && `keeps until ${expiresOn}`,
    missing.length > 0 ? `missing: ${missing.join(', ')}` : 'complete',
  ]
    .filter(Boolean)
    .join(', ')
}

/** The presses and wrenches that were named and still count. */
export const toolsOf = (job: Job): string[] =>
  job.log.flatMap(({ counts, event }) =>
    counts && event.kind === 'tool-taken'
      ? [event.tool.serial ? `${event.tool.name} (${event.tool.serial})` : event.tool.name]
      : [],
  )
