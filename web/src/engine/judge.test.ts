// @vitest-environment happy-dom
import { expect, it } from 'vitest'
import type { Draft } from '../api/types'
import { Server } from '../testing/server'
import type { Carried, HandRequest } from './carried'
import { engine } from './engine'
import type { KeptEntry } from './entries'
import { judgeOf } from './judge'

const JOB = '019aa100-0000-7000-8000-000000000002'
const BOX = '019aa200-0000-7000-8000-000000000001'

const EVENTS: [KeptEntry['event'], string, string][] = [
  [{ kind: 'noted', note: 'wet' }, 'POST', `/api/jobs/${JOB}/log`],
  [{ kind: 'plan', version: 3, draft: { unit: 'mm' } as unknown as Draft }, 'PUT', `/api/jobs/${JOB}/plan`],
  [{ kind: 'open-box', box: BOX, missing: ['mesh'] }, 'POST', `/api/boxes/${BOX}/opening`],
  [{ kind: 'take-tool', tool: 'press-1' }, 'POST', `/api/jobs/${JOB}/tools/press-1`],
]

/** Whoever answers is asked the same: of what was made here, when, and what had been heard of then. */
it.each(EVENTS)('asks the engine here what it asks the server: %j', async (event, method, path) => {
  const server = new Server('jointer')
  server.answers(method, path, () => ({ status: 201, body: { changes: [] } }))
  const times = { madeAt: '2026-11-28T10:00:00.000Z', doneAt: '2026-11-28T09:30:00.000Z', heard: 4 }
  const entry: KeptEntry = { id: BOX, jobId: JOB, person: 'jointer', event, said: 'it', refused: null, ...times }
  const asked: HandRequest[] = []
  const here = { ask: (_: string, request: HandRequest) => Promise.resolve(asked.push(request)) } as unknown as Carried

  await engine.ask({ ask: 'write', entry })
  await judgeOf(
    () => here,
    () => undefined,
  ).judge(entry)

  const [sent] = server.stored
  const untimed = (body: unknown) => ({ ...(body as object), sentAt: undefined })
  expect([sent?.method, sent?.path, untimed(sent?.body)]).toEqual([method, path, untimed(asked[0]?.body)])
  expect([asked[0]?.method, asked[0]?.path]).toEqual([method, path])
  expect(asked[0]?.version).toBe(event.kind === 'plan' ? 3 : undefined)
  if (event.kind === 'open-box') expect(sent?.body).toMatchObject({ job: JOB, missing: ['mesh'], id: BOX, ...times })
})
