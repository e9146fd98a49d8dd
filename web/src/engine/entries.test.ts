import 'fake-indexeddb/auto'
import { expect, it } from 'vitest'
import { KeptEntries, type KeptEntry } from './entries'

const entry = (id: string, person = 'jointer'): KeptEntry => ({
  id,
  jobId: 'job',
  person,
  event: { kind: 'connector-fitted', batch: '' },
  said: 'The connector is on',
  madeAt: '2026-03-14T08:30:00Z',
  doneAt: null,
  refused: null,
})

const heard = (entries: KeptEntries): Promise<void> =>
  new Promise((resolve) => {
    const stop = entries.subscribe(() => {
      stop()
      resolve()
    })
  })

it('loses nothing where two tabs write at once', async () => {
  const [one, other] = [new KeptEntries('two-tabs'), new KeptEntries('two-tabs')]
  await Promise.all([one.put(entry('1')), other.put(entry('2')), one.put(entry('3'))])
  expect((await one.refresh()).map(({ id }) => id)).toEqual(['1', '2', '3'])
  expect((await other.refresh()).map(({ id }) => id)).toEqual(['1', '2', '3'])
  await Promise.all([one.close(), other.close()])
})

it('tells the other tab what this one wrote and took away', async () => {
  const [one, other] = [new KeptEntries('heard'), new KeptEntries('heard')]
  await Promise.all([one.refresh(), other.refresh()])
  const written = heard(other)
  await one.put(entry('1'))
  await written
  await expect.poll(() => other.all.map(({ id }) => id)).toEqual(['1'])
  await one.remove('1')
  await expect.poll(() => other.all).toEqual([])
  await Promise.all([one.close(), other.close()])
})

it('has them in the order in which they were made, whatever order they were kept in', async () => {
  const entries = new KeptEntries('order')
  for (const id of ['0198-b', '0199-a', '0198-a']) await entries.put(entry(id))
  expect(entries.all.map(({ id }) => id)).toEqual(['0198-a', '0198-b', '0199-a'])
  await entries.close()
})

it('is there again when the page is opened again', async () => {
  const before = new KeptEntries('again')
  await before.put({ ...entry('1'), refused: { type: 'about:blank', title: 'No', status: 409, detail: 'The connector is on.' } })
  await before.close()
  const after = new KeptEntries('again')
  expect((await after.refresh())[0]?.refused?.detail).toBe('The connector is on.')
  await after.close()
})
