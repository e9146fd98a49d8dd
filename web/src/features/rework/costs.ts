import type { Job, Way } from '../../api/types'
import { sayFine, type Unit } from '../../domain/length'

const many = (count: number, what: string) => (count === 1 ? `a ${what}` : `${count} ${what}s`)

/** What a way uses up of the kit, and beside it. */
export function sayParts({ cost }: Way, of: Job['function']): string {
  const parts = [
    ...(cost.connectors > 0 ? [many(cost.connectors, of === 'joint' ? 'connector' : 'lug')] : []),
    ...(cost.kits > 0 ? [many(cost.kits, 'kit')] : []),
    ...cost.parts.map(({ name, count }) => (count === 1 ? name.toLowerCase() : `${count} × ${name.toLowerCase()}`)),
  ]
  return parts.length > 0 ? parts.join(', ') : 'none'
}

export const sayCable = ({ cost }: Way, unit: Unit): string => (cost.cableMm > 0 ? sayFine(cost.cableMm, unit) : 'none')

/** Whole minutes; a dash where the sheet does not say. */
export const sayMinutes = (seconds: number | null): string => (seconds === null ? '–' : `${Math.ceil(seconds / 60)}`)

/** When all of it is done, at the sheet's own pace from now on, and whether that is before the outage ends; null: nobody can tell. */
export function finishOf({ leftSeconds }: Way, now: number, outageEnds: string | null): { at: Date; isLate: boolean } | null {
  if (leftSeconds === null) return null
  const at = new Date(now + leftSeconds * 1000)
  return { at, isLate: outageEnds !== null && at.getTime() > new Date(outageEnds).getTime() }
}

export const sayClock = (at: Date): string => at.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })
