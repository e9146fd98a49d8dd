import { sayTyped } from '../domain/length'
import type { LogEvent } from '../api/types'
import type { Unit } from '../domain/length'
import { layerName } from '../domain/words'

/** A log event in a few words. */
export function sayEvent(event: LogEvent, unit: Unit): string {
  switch (event.kind) {
    case 'safety-confirmed':
      return `safe to start, permit ${event.permit}`
    case 'cut-measured':
      return `${where(event, unit)}: ${sayTyped(event.reading)}`
    case 'deviation-accepted':
      return `${where(event, unit)}, let stand: ${event.reason}`
    case 'part-parked':
      return `${event.part.replaceAll('-', ' ')} parked on end ${event.end}`
    case 'connector-fitted':
      return event.batch ? `connector fitted, batch ${event.batch}` : 'connector fitted'
    case 'check-made':
      return `${event.check.replaceAll('-', ' ')}: ${answer(event)}`
    case 'check-accepted':
      return `${event.check.replaceAll('-', ' ')}, let stand: ${event.reason}`
    case 'stage-finished':
      return `finished: ${event.stage.replaceAll('-', ' ')}`
    case 'hold-released':
      return `hold point released: ${event.stage.replaceAll('-', ' ')}`
    case 'box-opened':
      return `box opened, batch ${event.batch || '–'}${event.missing.length > 0 ? `, missing ${event.missing.join(', ')}` : ''}`
    case 'tool-taken':
      return `tool: ${event.tool.name}`
    case 'withdrawn':
      return `an entry withdrawn: ${event.reason}`
    case 'plan-changed':
      return `plan changed: ${event.summary}`
  }
}

const where = (event: { end: string; cut: string; core?: number }, unit: Unit): string =>
  `${layerName(event.cut, unit)}, end ${event.end}${event.core === undefined ? '' : `, core ${event.core}`}`

function answer(event: Extract<LogEvent, { kind: 'check-made' }>): string {
  if (event.reading) return sayTyped(event.reading)
  if (event.seen !== undefined) return event.seen ? 'yes' : 'no'
  return event.torque ?? event.note ?? (event.count === undefined ? 'waited' : String(event.count))
}
