import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { LogEvent, Problem } from '../api/types'

/** An entry that was made here and that the server may not have yet; its id makes sending it twice harmless. */
export type KeptEntry = {
  /** UUIDv7: their order is the order in which they were made. */
  id: string
  jobId: string
  /** Who made it: nobody else sends it. */
  person: string
  event: LogEvent
  /** What it says, for people. */
  said: string
  /** By the clock of this device. */
  madeAt: string
  /** Told, where it is written down later than it was done. */
  doneAt: string | null
  /** Why the server would not take it; it stays until somebody decides. */
  refused: Problem | null
  /** Until then it can be undone, and is not sent; absent: it is on its way. */
  heldUntil?: string | undefined
}

interface Kept extends DBSchema {
  entries: { key: string; value: KeptEntry }
}

/** The entries kept in the browser's database. Every tab sees the same; each hears when another changed them. */
export class KeptEntries {
  #listeners = new Set<() => void>()
  #snapshot: KeptEntry[] = []
  #database: Promise<IDBPDatabase<Kept>>
  #channel = new BroadcastChannel('berm.entries')

  constructor(name = 'berm') {
    this.#database = openDB<Kept>(name, 1, {
      upgrade: (database) => void database.createObjectStore('entries', { keyPath: 'id' }),
    })
    this.#channel.onmessage = () => void this.refresh()
    void this.refresh()
  }

  /** As last read, in the order in which they were made. */
  get all(): KeptEntry[] {
    return this.#snapshot
  }

  subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener)
    return () => this.#listeners.delete(listener)
  }

  async put(...entries: KeptEntry[]): Promise<void> {
    // All of them or none: who sees one sees what was made with it.
    const { store, done } = (await this.#database).transaction('entries', 'readwrite')
    await Promise.all([...entries.map((entry) => store.put(entry)), done])
    await this.#changed()
  }

  async remove(id: string): Promise<void> {
    await (await this.#database).delete('entries', id)
    await this.#changed()
  }

  /** Reads them anew: another tab may have written. */
  async refresh(): Promise<KeptEntry[]> {
    this.#snapshot = await (await this.#database).getAll('entries')
    for (const listener of this.#listeners) listener()
    return this.#snapshot
  }

  async close(): Promise<void> {
    this.#channel.close()
    ;(await this.#database).close()
  }

  async #changed(): Promise<void> {
    this.#channel.postMessage('changed')
    await this.refresh()
  }
}
