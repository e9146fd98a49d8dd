import { ApiError } from '../api/client'
import type { LogEvent, Written } from '../api/types'
import { uuidv7 } from '../domain/uuid'
import type { Engine } from './engine'
import type { KeptEntries, KeptEntry } from './entries'

export type OutboxEvents = {
  /** The server took it; what it changed. */
  onTaken: (entry: KeptEntry, written: Written) => void
  /** The session has ended: somebody has to sign in before anything can be sent. */
  onSignedOut: () => void
}

/** Entries on their way to the server: each is kept first, sent in the order in which they were made, and gone only once it is taken. */
export class Outbox {
  /** Several entries made at once wait for each other, also where the browser has no locks. */
  #turn: Promise<void> = Promise.resolve()
  /** What is made at once is kept in the order in which it was made, and lets go of what was held before. */
  #keeping: Promise<void> = Promise.resolve()

  constructor(
    private readonly entries: KeptEntries,
    private readonly engine: Engine,
    private readonly events: OutboxEvents,
  ) {}

  async write(jobId: string, person: string, event: LogEvent, said: string, doneAt: string | null = null): Promise<void> {
    await this.#keep(person, [entryOf(jobId, person, { event, said }, doneAt)])
    await this.send(person)
  }

  /** What one touch wrote down: it can be undone for a while, until then or until the next is made. */
  async hold(jobId: string, person: string, made: Made[], doneAt: string | null, seconds: number): Promise<void> {
    const heldUntil = new Date(Date.now() + 1000 * seconds).toISOString()
    await this.#keep(
      person,
      made.map((one) => ({ ...entryOf(jobId, person, one, doneAt), heldUntil })),
    )
    setTimeout(() => void this.send(person), 1000 * seconds + 50)
  }

  /** Not waited for any longer. */
  async sendHeld(person: string): Promise<void> {
    await this.#keep(person, [])
    await this.send(person)
  }

  async #keep(person: string, made: KeptEntry[]): Promise<void> {
    const kept = this.#keeping.then(async () => {
      const held = this.entries.all.filter((one) => one.heldUntil !== undefined && one.person === person)
      await this.entries.put(...held.map((one) => ({ ...one, heldUntil: undefined })), ...made)
    })
    this.#keeping = kept.catch(() => undefined)
    await kept
  }

  /** Tries a refused entry once more: what stood in its way may be gone. */
  async sendAgain(entry: KeptEntry): Promise<void> {
    await this.entries.put({ ...entry, refused: null })
    await this.send(entry.person)
  }

  async withdraw(entry: KeptEntry): Promise<void> {
    await this.entries.remove(entry.id)
  }

  /** Sends what this person made here; one tab at a time, and no more once one cannot be sent. */
  async send(person: string): Promise<void> {
    const sent = this.#turn.then(() => oneTabOnly(() => this.#sendAll(person)))
    this.#turn = sent.catch(() => undefined)
    await sent
  }

  async #sendAll(person: string): Promise<void> {
    for (;;) {
      const next = (await this.entries.refresh()).find((one) => one.person === person && one.refused === null)
      if (!next || isHeld(next) || !(await this.#sendOne(next))) return
    }
  }

  async #sendOne(entry: KeptEntry): Promise<boolean> {
    try {
      const written = await this.engine.ask({ ask: 'write', entry })
      // First what it changed, then that it is gone: between the two it is there twice, and never nowhere.
      this.events.onTaken(entry, written)
      await this.entries.remove(entry.id)
      return true
    } catch (error) {
      if (!(error instanceof ApiError)) throw error
      if (error.problem?.status === 401) this.events.onSignedOut()
      if (error.isUnsent) return false
      await this.entries.put({ ...entry, refused: error.problem })
      return true
    }
  }
}

export type Made = { event: LogEvent; said: string }

export const isHeld = ({ heldUntil }: KeptEntry): boolean => heldUntil !== undefined && Date.parse(heldUntil) > Date.now()

const entryOf = (jobId: string, person: string, made: Made, doneAt: string | null): KeptEntry => ({
  id: uuidv7(),
  jobId,
  person,
  ...made,
  madeAt: new Date().toISOString(),
  doneAt,
  refused: null,
})

/** Two tabs that sent at once would each send the same entries: harmless, but the answers would cross. */
async function oneTabOnly(work: () => Promise<void>): Promise<void> {
  // Not there on a page that came without TLS.
  const { locks } = navigator as { locks?: LockManager | null }
  await (locks ? locks.request('berm.outbox', work) : work())
}
