import 'fake-indexeddb/auto'
import { openDB } from 'idb'
import { expect, it } from 'vitest'
import { openDevice } from './device'
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

/** As whoever works at this device opens them. */
const opened = async (name: string, person = 'jointer'): Promise<KeptEntries> => {
  const entries = new KeptEntries(name)
  await entries.readFor(person)
  return entries
}

it('loses nothing where two tabs write at once', async () => {
  const [one, other] = [await opened('two-tabs'), await opened('two-tabs')]
  await Promise.all([one.put(entry('1')), other.put(entry('2')), one.put(entry('3'))])
  expect((await one.refresh()).map(({ id }) => id)).toEqual(['1', '2', '3'])
  expect((await other.refresh()).map(({ id }) => id)).toEqual(['1', '2', '3'])
  await Promise.all([one.close(), other.close()])
})

it('tells the other tab what this one wrote and took away', async () => {
  const [one, other] = [await opened('heard'), await opened('heard')]
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
  const entries = await opened('order')
  for (const id of ['0198-b', '0199-a', '0198-a']) await entries.put(entry(id))
  expect(entries.all.map(({ id }) => id)).toEqual(['0198-a', '0198-b', '0199-a'])
  await entries.close()
})

it('is there again when the page is opened again', async () => {
  const before = await opened('again')
  await before.put({ ...entry('1'), refused: { type: 'about:blank', title: 'No', status: 409, detail: 'The connector is on.' } })
  await before.close()
  const after = await opened('again')
  expect((await after.refresh())[0]?.refused?.detail).toBe('The connector is on.')
  await after.close()
})

it('shows nobody what somebody else made here, but that it waits', async () => {
  const mine = await opened('sealed')
  await mine.put(entry('1'))
  await mine.readFor('engineer')
  expect([mine.all, mine.others]).toEqual([[], [{ jobId: 'job', person: 'jointer' }]])
  const device = await openDevice('sealed')
  const row = await device.get('entries', '1')
  if (!row || !('sealed' in row)) throw new Error('it is sealed')
  expect(Object.keys(row).toSorted()).toEqual(['id', 'jobId', 'person', 'sealed'])
  expect(new TextDecoder().decode(row.sealed.bytes)).not.toContain('connector')
  const key = (await device.get('keys', 'jointer'))?.key
  if (!key) throw new Error('there is a key')
  expect(key.extractable).toBe(false)
  await expect(crypto.subtle.exportKey('raw', key)).rejects.toThrow()
  device.close()
  await mine.close()
})

it('says which cannot be read any more, and has all the others', async () => {
  const before = await opened('damaged')
  for (const id of ['1', '2', '3']) await before.put(entry(id))
  await before.close()
  const device = await openDevice('damaged')
  const row = await device.get('entries', '2')
  if (!row || !('sealed' in row)) throw new Error('it is sealed')
  await device.put('entries', { ...row, sealed: { ...row.sealed, bytes: row.sealed.bytes.slice(0, 40) } })
  // One that was put in the place of another is not it either.
  const other = await device.get('entries', '1')
  if (!other) throw new Error('it is there')
  await device.put('entries', { ...other, id: '4' })
  device.close()
  const after = await opened('damaged')
  expect([after.all.map(({ id }) => id), after.damaged]).toEqual([
    ['1', '3'],
    ['2', '4'],
  ])
  await after.close()
})

it('takes what the first version of Berm kept', async () => {
  const first = await openDB('old', 1, { upgrade: (old) => void old.createObjectStore('entries', { keyPath: 'id' }) })
  await first.put('entries', entry('1'))
  first.close()
  const after = await opened('old')
  expect(after.all).toEqual([entry('1')])
  await after.close()
})
