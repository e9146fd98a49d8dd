import type { Draft, LogEvent, Problem } from '../api/types'
import { openDevice, type Device, type SealedEntry } from './device'
import { Vault } from './vault'

/** A plan as it was changed where there was no signal: it goes to the server in its turn. */
export type PlanChange = { kind: 'plan'; version: number; draft: Draft }

/** That a box was opened for the job, and what was not in it: the stores know what else its entry says. */
export type BoxLook = { kind: 'open-box'; box: string; missing: string[] }

/** That a tool is used: the works know what else its entry says. */
export type ToolChoice = { kind: 'take-tool'; tool: string }

/** An entry that was made here and that the server may not have yet; its id makes sending it twice harmless. */
export type KeptEntry = {
  /** UUIDv7: their order is the order in which they were made. */
  id: string
  jobId: string
  /** Who made it: nobody else sends it. */
  person: string
  event: LogEvent | PlanChange | BoxLook | ToolChoice
  /** What it says, for people. */
  said: string
  /** By the clock of this device. */
  madeAt: string
  /** Told, where it is written down later than it was done. */
  doneAt: string | null
  /** Why the server would not take it; it stays until somebody decides. */
  refused: Problem | null
  /** How many lines of the job's log had reached this device when it was made; absent: nobody knows. */
  heard?: number | undefined
  /** Until then it can be undone, and is not sent; absent: it is on its way. */
  heldUntil?: string | undefined
  /** The engine on this device has taken it: what follows from it is known, and provisional. */
  judged?: true | undefined
  /** The server has it; it stays until what was taken along has it too. */
  taken?: true | undefined
}

/** Whoever waits here without being signed in. */
export type OthersEntry = Pick<KeptEntry, 'jobId' | 'person'>

/** The entries kept in the browser's database. Every tab sees the same; each hears when another changed them. */
export class KeptEntries {
  #listeners = new Set<() => void>()
  #snapshot: KeptEntry[] = []
  #others: OthersEntry[] = []
  #damaged: string[] = []
  #person = ''
  #vaults = new Map<string, Promise<Vault>>()
  #known = new Map<string, { iv: string; entry: KeptEntry }>()
  #device: Promise<Device>
  #channel = new BroadcastChannel('berm.entries')

  constructor(name = 'berm') {
    this.#device = openDevice(name)
    this.#channel.onmessage = () => void this.refresh()
  }

  /** Those of whoever is signed in, as last read, in the order in which they were made. */
  get all(): KeptEntry[] {
    return this.#snapshot
  }

  get others(): OthersEntry[] {
    return this.#others
  }

  /** Ids of entries of whoever is signed in that can no longer be read. */
  get damaged(): string[] {
    return this.#damaged
  }

  subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener)
    return () => this.#listeners.delete(listener)
  }

  /** From now on theirs are read, and nobody else's. */
  async readFor(person: string): Promise<void> {
    if (this.#person === person) return
    this.#person = person
    this.#known.clear()
    await this.refresh()
  }

  async put(...entries: KeptEntry[]): Promise<void> {
    const sealed = await Promise.all(entries.map((entry) => this.#sealed(entry)))
    // All of them or none: who sees one sees what was made with it.
    const { store, done } = (await this.#device).transaction('entries', 'readwrite')
    await Promise.all([...sealed.map((entry) => store.put(entry)), done])
    this.#changed(entries, [])
  }

  /** As it is kept now, whatever another tab did; null where it is gone or cannot be read. */
  async get(id: string): Promise<KeptEntry | null> {
    const kept = await (await this.#device).get('entries', id)
    return kept ? this.#opened(kept).catch(() => null) : null
  }

  async remove(...ids: string[]): Promise<void> {
    const { store, done } = (await this.#device).transaction('entries', 'readwrite')
    await Promise.all([...ids.map((id) => store.delete(id)), done])
    this.#changed([], ids)
  }

  /** Reads them anew: another tab may have written. */
  async refresh(): Promise<KeptEntry[]> {
    const person = this.#person
    const kept = await (await this.#device).getAll('entries')
    const theirs = kept.filter((one) => one.person === person)
    const mine = await Promise.all(theirs.map((one) => this.#opened(one).catch(() => null)))
    if (person === this.#person) {
      this.#snapshot = mine.filter((one) => one !== null)
      this.#others = kept.filter((one) => one.person !== person).map((one) => ({ jobId: one.jobId, person: one.person }))
      this.#damaged = theirs.flatMap(({ id }, i) => (mine[i] === null ? [id] : []))
      for (const listener of this.#listeners) listener()
    }
    return this.#snapshot
  }

  async close(): Promise<void> {
    this.#channel.close()
    ;(await this.#device).close()
  }

  /** What is known of them is changed as they were: with hundreds of them, reading all anew for each would take longer than sending it. */
  #changed(put: KeptEntry[], gone: string[]): void {
    this.#channel.postMessage('changed')
    const mine = put.filter(({ person }) => person === this.#person)
    const others = this.#snapshot.filter(({ id }) => !gone.includes(id) && !mine.some((one) => one.id === id))
    this.#snapshot = [...others, ...mine].toSorted((one, other) => (one.id < other.id ? -1 : 1))
    const theirs = put.filter(({ person }) => person !== this.#person)
    if (theirs.length > 0) this.#others = [...this.#others, ...theirs.map(({ jobId, person }) => ({ jobId, person }))]
    for (const listener of this.#listeners) listener()
  }

  async #sealed(entry: KeptEntry): Promise<SealedEntry> {
    const { id, jobId, person } = entry
    return { id, jobId, person, sealed: await (await this.#vaultOf(person)).seal(entry, `entries/${id}`) }
  }

  async #opened(kept: SealedEntry | KeptEntry): Promise<KeptEntry> {
    // As the first version of Berm kept them.
    if (!('sealed' in kept)) return kept
    const { id, person, sealed } = kept
    const known = this.#known.get(id)
    // Of each sealing there is one such number: what was opened once is not opened again at every change.
    const iv = sealed.iv.join()
    if (known?.iv === iv) return known.entry
    const entry = await (await this.#vaultOf(person)).open<KeptEntry>(sealed, `entries/${id}`)
    this.#known.set(id, { iv, entry })
    return entry
  }

  async #vaultOf(person: string): Promise<Vault> {
    const vault = this.#vaults.get(person) ?? this.#device.then((device) => Vault.of(device, person))
    this.#vaults.set(person, vault)
    return vault
  }
}
