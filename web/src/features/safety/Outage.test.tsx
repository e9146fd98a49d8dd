// @vitest-environment happy-dom
import { fireEvent, screen, waitFor } from '@testing-library/react'
import { expect, it } from 'vitest'
import type { Draft } from '../../api/types'
import { openPage } from '../../testing/page'
import { JOBS, jobOf, taken, type Server } from '../../testing/server'

const ID = JOBS['half-cut']

function open(role: 'jointer' | 'storekeeper', outageEnds: string | null = null): Server {
  return openPage(`/jobs/${ID}/safety`, role, (server) => {
    const job = jobOf('half-cut')
    server.gives('GET', `/api/jobs/${ID}`, { ...job, draft: { ...job.draft, outageEnds } })
    server.answers('PUT', `/api/jobs/${ID}/plan`, ({ body }) => taken({ ...job, version: job.version + 1, draft: body as Draft }))
  })
}

const field = () => screen.findByLabelText<HTMLInputElement>('Outage ends')

it('is kept with the plan when it is left, as a moment and once, and taken away again', async () => {
  const server = open('jointer')
  for (const value of ['0002-03-14T16:00', '0202-03-14T16:00', '2026-03-14T16:00'])
    fireEvent.change(await field(), { target: { value } })
  expect(server.stored).toEqual([])
  fireEvent.blur(await field())
  await waitFor(() => expect(server.stored).toHaveLength(1))
  expect((server.stored[0]?.body as Draft).outageEnds).toBe(new Date('2026-03-14T16:00').toISOString())
  expect((await field()).value).toBe('2026-03-14T16:00')
  fireEvent.change(await field(), { target: { value: '' } })
  fireEvent.blur(await field())
  await waitFor(() => expect((server.stored.at(-1)?.body as Draft).outageEnds).toBeNull())
})

it('is read by whoever may not plan', async () => {
  open('storekeeper', new Date('2026-03-14T16:00').toISOString())
  const input = await field()
  expect([input.value, input.disabled]).toEqual(['2026-03-14T16:00', true])
})
