import { Vault } from '../engine/vault'
import { device } from './here'
import type { Person } from './types'

/** Whose name stands here may go on without signal. */
const KEY = 'berm.person'

/** Somebody signed out and the server has not heard of it. */
const LEFT = 'berm.has-left'
export const hasLeft = (): boolean => localStorage.getItem(LEFT) !== null
export const hasLeftNow = (is: boolean): void => (is ? localStorage.setItem(LEFT, 'yes') : localStorage.removeItem(LEFT))

/** Who signed in: kept sealed, so that the page can be opened again where there is no signal. */
export async function keepPerson(person: Person): Promise<void> {
  localStorage.setItem(KEY, person.name)
  const here = await device
  const sealed = await (await Vault.of(here, person.name)).seal(person, `people/${person.name}`)
  await here.put('people', { person: person.name, sealed })
}

/** Null where nobody signed in here, or who did has signed out. */
export async function lastPerson(): Promise<Person | null> {
  const name = localStorage.getItem(KEY)
  if (name === null) return null
  const here = await device
  const row = await here.get('people', name)
  return row ? (await Vault.of(here, name)).open<Person>(row.sealed, `people/${name}`).catch(() => null) : null
}

export async function forgetPerson(): Promise<void> {
  const name = localStorage.getItem(KEY)
  localStorage.removeItem(KEY)
  if (name !== null) await (await device).delete('people', name)
}

/** All that lies here of somebody, and the key that opens it: what is gone then cannot be had back. */
export async function forgetAllOf(person: string): Promise<void> {
  const here = await device
  for (const store of ['entries', 'jobs', 'grown', 'pictures'] as const) {
    let row = await here.transaction(store, 'readwrite').store.openCursor()
    while (row) {
      if (row.value.person === person) await row.delete()
      row = await row.continue()
    }
  }
  await here.delete('keys', person)
}
