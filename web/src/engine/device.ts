import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { KeptEntry } from './entries'

/** What only the key of a person opens. */
export type Sealed = { iv: Uint8Array<ArrayBuffer>; bytes: ArrayBuffer }

/** What lies in this browser. Whose it is and which job it belongs to can be read; the rest is sealed. */
export interface OnDevice extends DBSchema {
  /** One for each person; it seals and opens, and cannot be read out. */
  keys: { key: string; value: { person: string; key: CryptoKey } }
  /** Who may go on here without signal: whoever signed in last and did not sign out. */
  people: { key: string; value: { person: string; sealed: Sealed } }
  /** Entries on their way; the first version of Berm did not seal them. */
  entries: { key: string; value: SealedEntry | KeptEntry }
  /** Jobs that were taken along. */
  jobs: { key: [string, string]; value: { person: string; jobId: string; sealed: Sealed } }
  /** What was written into them here since, in order. */
  grown: { key: number; value: { person: string; jobId: string; sealed: Sealed }; indexes: { job: [string, string] } }
  pictures: { key: [string, string]; value: { person: string; hash: string; jobId: string; sealed: Sealed } }
}

export type SealedEntry = { id: string; jobId: string; person: string; sealed: Sealed }

export type Device = IDBPDatabase<OnDevice>

/** Opens it, and makes it where it is not there yet. A page that was opened before lets go of it: the newer one needs it. */
export const openDevice = (name = 'berm'): Promise<Device> =>
  openDB<OnDevice>(name, 2, {
    upgrade: (device, before) => {
      if (before < 1) device.createObjectStore('entries', { keyPath: 'id' })
      device.createObjectStore('keys', { keyPath: 'person' })
      device.createObjectStore('people', { keyPath: 'person' })
      device.createObjectStore('jobs', { keyPath: ['person', 'jobId'] })
      device.createObjectStore('grown', { autoIncrement: true }).createIndex('job', ['person', 'jobId'])
      device.createObjectStore('pictures', { keyPath: ['person', 'hash'] })
    },
    blocking: (_before, _wanted, event) => (event.target as IDBDatabase).close(),
  })
