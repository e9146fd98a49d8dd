import { ApiError } from '../api/client'
import type { Job, Problem, Written } from '../api/types'
import { uuidv7 } from '../domain/uuid'
import { HandRefused, NotOpened } from './carried'
import type { Engine } from './engine'
import type { KeptEntries, KeptEntry } from './entries'
import { HandBroken } from './hand'
import type { Judge } from './judge'

export type OutboxEvents = {
  /** The server took it; what it changed. */
  onTaken: (entry: KeptEntry, answer: Written | Job) => void
  /** The engine on this device took it: what it changed there. */
  onJudged: (entry: KeptEntry, answer: Written | Job) => void
  /** The session has ended: somebody has to sign in before anything can be sent. */
  onSignedOut: () => void
  /** Nothing of these jobs waits any more. */
  onAllSent: (jobIds: string[]) => void
  /** Somebody changed the plan meanwhile: both are kept until it is decided which one stands. */
  onPlanRefused: (entry: KeptEntry, problem: Problem) => void
  /** Kept before the server has it: a picture goes before the entry that shows it. */
  sendFirst: (entry: KeptEntry) => Promise<void>
}

/** Entries on their way to the server: each is kept first, sent in the order in which they were made, and gone only once it is taken. */
export class Outbox {
  /** What changes an entry that is kept: one at a time. */
  #turn: Promise<void> = Promise.resolve()
  #sending: Promise<void> = Promise.resolve()

  constructor(
    private readonly entries: KeptEntries,
    private readonly engine: Engine,
    private readonly judge: Judge,
    private readonly events: OutboxEvents,
    /** Whether the server answered last. */
    private readonly hasSignal: () => boolean = () => true,
  ) {}

  async write(
    jobId: string,
    person: string,
    event: KeptEntry['event'],
    said: string,
    doneAt: string | null = null,
  ): Promise<void> {
    await this.writeAll(jobId, person, [{ event, said }], doneAt)
  }

  /** What one touch wrote down: all of it is kept, or nothing. */
  async writeAll(jobId: string, person: string, made: Made[], doneAt: string | null): Promise<void> {
    await this.#keep(
      person,
      made.map((one) => entryOf(jobId, person, one, doneAt)),
    )
    await this.#go(person)
  }

  /** What one touch wrote down: it can be undone for a while, until then or until the next is made. */
  async hold(jobId: string, person: string, made: Made[], doneAt: string | null, seconds: number): Promise<void> {
    const heldUntil = new Date(Date.now() + 1000 * seconds).toISOString()
    await this.#keep(
      person,
      made.map((one) => ({ ...entryOf(jobId, person, one, doneAt), heldUntil })),
    )
    setTimeout(() => void this.#go(person), 1000 * seconds + 50)
  }

  /** Not waited for any longer. */
  async sendHeld(person: string): Promise<void> {
    await this.#keep(person, [])
    await this.#go(person)
  }

  /** Tries a refused entry once more: what stood in its way may be gone. */
  async sendAgain(entry: KeptEntry): Promise<void> {
    // Whoever sends it again has seen what others wrote meanwhile.
    const heard = await this.judge.heard(entry.jobId)
    await this.#inTurn(() => this.#put(entry.id, { refused: null, judged: undefined, heard }))
    await this.#go(entry.person)
  }

  async withdraw(entry: KeptEntry): Promise<void> {
    await this.#inTurn(() => this.entries.remove(entry.id))
  }

  /** Sends what this person made here; one tab at a time, and no more once one cannot be sent. */
  async send(person: string): Promise<void> {
    const sent = this.#sending.then(() => oneTabOnly('berm.outbox', () => this.#sendAll(person)))
    this.#sending = sent.catch(() => undefined)
    await sent
  }

  /** Has the engine on this device judge what it has not seen, in the order in which it was made. */
  async judgeAll(person: string): Promise<void> {
    await this.entries.readFor(person)
    const passed = new Set<string>()
    while (await this.#inTurn(() => this.#judgeNext(person, passed)));
  }

  /**
   * Takes a job along anew: what the package has is not kept any longer, what it does not have is judged anew on top of it. Nothing is judged
   * meanwhile; and where it is cut off in the middle, an entry is judged twice at most, and never taken for judged.
   */
  async takeAnew(person: string, jobId: string, has: (entry: KeptEntry) => boolean, keep: () => Promise<void>): Promise<void> {
    await this.#inTurn(async () => {
      const ofJob = (await this.entries.refresh()).filter((one) => one.jobId === jobId && one.person === person)
      const judged = ofJob.filter((one) => one.judged)
      if (judged.length > 0) await this.entries.put(...judged.map((one) => ({ ...one, judged: undefined })))
      await keep()
      const gone = ofJob.filter((one) => one.taken && has(one))
      if (gone.length > 0) await this.entries.remove(...gone.map(({ id }) => id))
    })
  }

  /** Where there is no signal the engine here answers first; with it, where the server does not. */
  async #go(person: string): Promise<void> {
    if (this.hasSignal()) return this.send(person)
    await this.judgeAll(person)
    // Nobody waits for an answer that is not expected.
    void this.send(person)
  }

  async #keep(person: string, made: KeptEntry[]): Promise<void> {
    await this.#inTurn(async () => {
      await this.entries.readFor(person)
      const held = this.entries.all.filter((one) => one.heldUntil !== undefined)
      const heard = made[0] && (await this.judge.heard(made[0].jobId))
      await this.entries.put(...held.map((one) => ({ ...one, heldUntil: undefined })), ...made.map((one) => ({ ...one, heard })))
    })
  }

  async #sendAll(person: string): Promise<void> {
    await this.entries.readFor(person)
    const sent = new Set<string>()
    for (;;) {
      const next = await this.#first((one) => one.person === person && isWaiting(one))
      if (!next || isHeld(next)) break
      if (!(await this.#sendOne(next))) {
        await this.judgeAll(person)
        break
      }
      sent.add(next.jobId)
    }
    const done = [...sent].filter((job) => !this.entries.all.some((one) => one.jobId === job && isWaiting(one)))
    if (done.length > 0) this.events.onAllSent(done)
  }

  async #sendOne(entry: KeptEntry): Promise<boolean> {
    try {
      await this.events.sendFirst(entry)
      await this.#taken(entry, await this.engine.ask({ ask: 'write', entry }))
      return true
    } catch (error) {
      if (!(error instanceof ApiError)) throw error
      if (error.problem?.status === 401) this.events.onSignedOut()
      if (error.isUnsent) return false
      await this.#inTurn(() => this.#refused(entry, error.problem))
      return true
    }
  }

  async #taken(entry: KeptEntry, answer: Written | Job): Promise<void> {
    const isCarried = await this.judge.knows(entry.jobId)
    await this.#inTurn(async () => {
      // First what it changed, then that it is gone: between the two it is there twice, and never nowhere.
      this.events.onTaken(entry, answer)
      if (isCarried) await this.#put(entry.id, { taken: true })
      else await this.entries.remove(entry.id)
    })
  }

  /** Of a plan both are kept elsewhere, until somebody decides which one stands. */
  async #refused(entry: KeptEntry, problem: Problem | null): Promise<void> {
    if (entry.event.kind !== 'plan') return this.#put(entry.id, { refused: problem })
    if (problem) this.events.onPlanRefused(entry, problem)
    await this.entries.remove(entry.id)
  }

  /** @param passed those that cannot be judged now */
  async #judgeNext(person: string, passed: Set<string>): Promise<boolean> {
    const open = (one: KeptEntry) => one.person === person && one.refused === null && !one.judged && !passed.has(one.jobId)
    const next = await this.#first((one) => open(one) && !isHeld(one))
    if (!next) return false
    if (await this.judge.knows(next.jobId)) await this.#judgeOne(next, passed)
    else passed.add(next.jobId)
    return true
  }

  async #judgeOne(entry: KeptEntry, passed: Set<string>): Promise<void> {
    try {
      const answer = await this.judge.judge(entry)
      this.events.onJudged(entry, answer)
      await this.#put(entry.id, { judged: true })
    } catch (error) {
      // What the server has taken is not refused any more.
      if (error instanceof HandRefused && entry.taken) await this.#put(entry.id, { judged: true })
      else if (error instanceof HandRefused) await this.#refused(entry, error.problem)
      else if (error instanceof NotOpened || error instanceof HandBroken) passed.add(entry.jobId)
      else throw error
    }
  }

  /** The first of which it holds, as it is kept now: another tab may have sent it meanwhile. */
  async #first(holds: (entry: KeptEntry) => boolean): Promise<KeptEntry | null> {
    for (const known of this.entries.all.filter(holds)) {
      const now = await this.entries.get(known.id)
      if (now && holds(now)) return now
      await this.entries.refresh()
    }
    return null
  }

  /** It may have been withdrawn meanwhile. */
  async #put(id: string, change: Partial<KeptEntry>): Promise<void> {
    const now = await this.entries.get(id)
    if (now) await this.entries.put({ ...now, ...change })
  }

  async #inTurn<T>(work: () => Promise<T>): Promise<T> {
    const done = this.#turn.then(() => oneTabOnly('berm.entries', work))
    this.#turn = done.then(
      () => undefined,
      () => undefined,
    )
    return done
  }
}

export type Made = { event: KeptEntry['event']; said: string }

export const isHeld = ({ heldUntil }: KeptEntry): boolean => heldUntil !== undefined && Date.parse(heldUntil) > Date.now()

/** The server does not have it, and may take it. */
export const isWaiting = ({ refused, taken }: KeptEntry): boolean => refused === null && !taken

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
async function oneTabOnly<T>(name: string, work: () => Promise<T>): Promise<T> {
  // Not there on a page that came without TLS.
  const { locks } = navigator as { locks?: LockManager | null }
  return locks ? locks.request(name, work) : work()
}
