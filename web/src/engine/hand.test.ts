import { expect, it } from 'vitest'
import { Hand, HandBroken, type HandWorker } from './hand'

/** A worker that answers when it is told. */
function worker() {
  const asked: string[] = []
  const one: HandWorker & { says: (data: object) => void; asked: string[]; isEnded: boolean } = {
    asked,
    isEnded: false,
    onmessage: null,
    onerror: null,
    postMessage: (text: string) => void asked.push(text),
    terminate: () => {
      one.isEnded = true
    },
    says: (data) => one.onmessage?.({ data } as unknown as Parameters<NonNullable<HandWorker['onmessage']>>[0]),
  }
  return one
}

it('answers in the order in which it was asked, and is started when it is first asked', async () => {
  const made: ReturnType<typeof worker>[] = []
  const hand = new Hand(
    () => (made[made.length] = worker()),
    () => undefined,
  )
  expect(made.length).toBe(0)
  const answers = [hand.ask({ do: 'one' }), hand.ask({ do: 'two' })]
  made[0]?.says({ ready: true })
  made[0]?.says({ said: '{"status":200,"body":"1"}' })
  made[0]?.says({ said: '{"status":409,"body":"2","grown":{}}' })
  expect(await Promise.all(answers)).toEqual([
    { status: 200, body: '1' },
    { status: 409, body: '2', grown: {} },
  ])
  expect([made.length, made[0]?.asked]).toEqual([1, ['{"do":"one"}', '{"do":"two"}']])
})

it('says to all who wait that it broke, and is started anew when it is asked again', async () => {
  const made: ReturnType<typeof worker>[] = []
  let broke = 0
  const hand = new Hand(
    () => (made[made.length] = worker()),
    () => (broke += 1),
  )
  const answers = [hand.ask({}), hand.ask({})]
  made[0]?.says({ broken: 'out of memory' })
  for (const answer of answers) await expect(answer).rejects.toThrow(new HandBroken('out of memory'))
  expect([broke, made[0]?.isEnded]).toEqual([1, true])
  const again = hand.ask({ do: 'again' })
  made[1]?.says({ said: '{"status":200}' })
  expect(await again).toEqual({ status: 200 })
  made[1]?.onerror?.({ message: 'it was not there' } as ErrorEvent)
  expect(broke).toBe(2)
})
