import { queryOptions } from '@tanstack/react-query'
import { serverNow } from '../engine/clock'
import { answered, client } from './client'
import { carried, isLedHere } from './here'
import type { Cut, End, Way } from './types'

/** What is out: a cut, or a check. */
export type Fault =
  { end: End; cut: Cut; core?: number } | { stage: string; check: string; end?: End; core?: number; number?: number }

/** What can be done about it. @param stamp changes when the job does */
export const waysQuery = (id: string, fault: Fault, stamp: string) =>
  queryOptions({ queryKey: ['ways', id, fault, stamp], queryFn: () => askWays(id, fault) })

export const waysStamp = (job: { stamp: string; log: unknown[] }): string => `${job.stamp}/${job.log.length}`

/** As an address has it. */
export const faultQuery = (fault: Fault): string =>
  new URLSearchParams(Object.entries(fault).map(([key, value]) => [key, String(value)])).toString()

/** Of an address; null: it names nothing. */
export function readFault(query: URLSearchParams): Fault | null {
  const got = (key: string) => query.get(key) ?? undefined
  const number = (key: string) => (/^\d{1,3}$/.test(got(key) ?? '') ? { [key]: Number(got(key)) } : {})
  const end = got('end') as End | undefined
  const [cut, stage, check] = [got('cut') as Cut | undefined, got('stage'), got('check')]
  if (stage && check) return { stage, check, ...(end ? { end } : {}), ...number('core'), ...number('number') }
  return end && cut ? { end, cut, ...number('core') } : null
}

/** Of what waits here to be sent, the engine on this device knows more than the server. */
async function askWays(id: string, fault: Fault): Promise<{ ways: Way[]; lies: Way['lies'] }> {
  const here = isLedHere(id) ? carried() : null
  if (!here) return answered(client.GET('/api/jobs/{id}/ways', { params: { path: { id }, query: fault } }))
  const path = `/api/jobs/${id}/ways?${faultQuery(fault)}`
  return (await here.ask(id, { method: 'GET', path, at: new Date(serverNow()).toISOString() })) as {
    ways: Way[]
    lies: Way['lies']
  }
}
