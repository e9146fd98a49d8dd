import { queryOptions } from '@tanstack/react-query'
import { serverNow } from '../engine/clock'
import { answered, client } from './client'
import { carried, isLedHere } from './here'
import type { Ahead, Cut, End, Way } from './types'

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

/** What comes of a cut that is made past its mark, or short of it. @param by with its unit */
export const aheadQuery = (id: string, fault: Extract<Fault, { cut: Cut }>, by: string, stamp: string) =>
  queryOptions({ queryKey: ['ahead', id, fault, by, stamp], queryFn: () => askAhead(id, { ...fault, by }), retry: false })

async function askAhead(id: string, query: Extract<Fault, { cut: Cut }> & { by: string }): Promise<Ahead> {
  const here = isLedHere(id) ? carried() : null
  if (!here) return answered(client.GET('/api/jobs/{id}/ahead', { params: { path: { id }, query } }))
  const asked = new URLSearchParams(Object.entries(query).map(([key, value]) => [key, String(value)]))
  const path = `/api/jobs/${id}/ahead?${asked.toString()}`
  return (await here.ask(id, { method: 'GET', path, at: new Date(serverNow()).toISOString() })) as Ahead
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
