import { sayTyped } from '../domain/length'
import type { LogEvent } from '../api/types'
import type { Unit } from '../domain/length'
import { cutName } from './cuts'

/** A log event in a few words. */
export function sayEvent(event: LogEvent, unit: Unit): string {
  switch (event.kind) {
    case 'safety-confirmed':
      return `safe to start, permit ${event.permit}`
    case 'cut-measured':
      return `${cutName(event.cut, unit)}, end ${event.end}: ${sayTyped(event.reading)}`
    case 'deviation-accepted':
      return `${cutName(event.cut, unit)}, end ${event.end}, let stand: ${event.reason}`
    case 'part-parked':
      return `${event.part.replaceAll('-', ' ')} parked on end ${event.end}`
    case 'connector-fitted':
      return event.batch ? `connector fitted, batch ${event.batch}` : 'connector fitted'
    case 'withdrawn':
      return `an entry withdrawn: ${event.reason}`
    case 'plan-changed':
      return `plan changed: ${event.summary}`
  }
}
