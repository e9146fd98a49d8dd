import { queryOptions } from '@tanstack/react-query'
import { serverNow } from '../engine/clock'
import { onCore, type PickedMark } from '../views/cuts'
import { answered, client } from './client'
import { carried, isLedHere } from './here'
import type { Way } from './types'

/** What can be done about a cut that is out. @param stamp changes when the job does */
export const waysQuery = (id: string, mark: PickedMark, stamp: string) =>
  queryOptions({ queryKey: ['ways', id, mark.end, mark.cut, mark.core, stamp], queryFn: () => askWays(id, mark) })

/** Of a cut that waits here to be sent, the engine on this device knows more than the server. */
async function askWays(id: string, { end, cut, core }: PickedMark): Promise<{ ways: Way[] }> {
  const query = { end, cut, ...onCore(core) }
  const here = isLedHere(id) ? carried() : null
  if (!here) return answered(client.GET('/api/jobs/{id}/ways', { params: { path: { id }, query } }))
  const asked = new URLSearchParams(Object.entries(query).map(([key, value]) => [key, String(value)]))
  const path = `/api/jobs/${id}/ways?${asked.toString()}`
  return (await here.ask(id, { method: 'GET', path, at: new Date(serverNow()).toISOString() })) as { ways: Way[] }
}
