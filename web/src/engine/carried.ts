import type { IDBPObjectStore } from 'idb'
import type { Package, Problem } from '../api/types'
import type { Device, OnDevice, Sealed } from './device'
import type { Hand, HandAnswer } from './hand'
import { Damaged, Vault } from './vault'

/** A job on this device. */
export type TakenAlong = {
  jobId: string
  name: string
  /** Of the server's clock: how fresh it is; null where what lies here cannot be read any more. */
  at: string | null
  /** Bytes that it takes here, pictures not counted. */
  size: number
  /** How many lines its log had. */
  lines: number | undefined
  /** What the server was asked besides, and answered. */
  paths: string[]
}

type KeptJob = { package: Package; answers: Record<string, unknown> }

/** A request to the engine, as the page would send it to the server. */
export type HandRequest = {
  method: 'GET' | 'POST' | 'PUT'
  path: string
  body?: object
  version?: number
  page?: number
  at: string
}

/** The rules on this device refused, as the server would. */
export class HandRefused extends Error {
  constructor(readonly problem: Problem) {
    super(problem.problems?.map(({ path, message }) => `${path} ${message}`).join(' ') ?? problem.detail)
    this.name = 'HandRefused'
  }
}

/** The engine on this device cannot answer for this job: what is written down stays unjudged until there is a signal. */
export class NotOpened extends Error {
  constructor(
    readonly jobId: string,
    override readonly cause: unknown,
  ) {
    super(`The engine on this device cannot answer for this job. ${cause instanceof Error ? cause.message : String(cause)}`)
    this.name = 'NotOpened'
  }
}

type JobStore = IDBPObjectStore<OnDevice, ('jobs' | 'grown')[], 'jobs', 'readwrite'>

/** The jobs that one person took along, and the engine that answers for them. */
export class Carried {
  #list: TakenAlong[] | null = null
  #listeners = new Set<() => void>()
  #vault: Promise<Vault>
  /** In the engine, by job: one opening for all that ask at once. */
  #open = new Map<string, { upTo: number; ready: Promise<void> }>()
  #troubles = new Map<string, string>()

  constructor(
    private readonly person: string,
    private readonly device: Promise<Device>,
    private readonly hand: Hand,
  ) {
    this.#vault = device.then((opened) => Vault.of(opened, person))
  }

  subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener)
    return () => this.#listeners.delete(listener)
  }

  /** Why the engine cannot answer for a job; null: it can, or was not asked yet. */
  trouble(jobId: string): string | null {
    return this.#troubles.get(jobId) ?? null
  }

  /** As last read; null until then. */
  get list(): TakenAlong[] | null {
    return this.#list
  }

  /** Whether this job is on the device. */
  async has(jobId: string): Promise<boolean> {
    return (await (await this.device).count('jobs', [this.person, jobId])) > 0
  }

  async read(): Promise<TakenAlong[]> {
    const kept = await (await this.device).getAll('jobs', IDBKeyRange.bound([this.person, ''], [this.person, '\uffff']))
    const rows = await Promise.all(kept.map((row) => this.#row(row.jobId, row.sealed)))
    this.#list = rows.toSorted((one, other) => one.name.localeCompare(other.name))
    for (const listener of this.#listeners) listener()
    return this.#list
  }

  /** Keeps a job as the server packed it: what was written here is in it, or is judged anew. */
  async keep(taken: Package, answers: Record<string, unknown>): Promise<void> {
    const jobId = taken.job.id
    const sealed = await (await this.#vault).seal({ package: taken, answers } satisfies KeptJob, `jobs/${jobId}`)
    await this.#change(jobId, (jobs) => jobs.put({ person: this.person, jobId, sealed }))
  }

  remove(jobId: string): Promise<void> {
    return this.#change(jobId, (jobs) => jobs.delete([this.person, jobId]))
  }

  /** How many lines the log had that was packed; undefined where there is none that can be read. */
  async lines(jobId: string): Promise<number | undefined> {
    return (this.#list ?? (await this.read())).find((one) => one.jobId === jobId)?.lines
  }

  /** What the server answered at this address when the job was taken along; undefined where it was not asked. */
  async answer(jobId: string, path: string): Promise<unknown> {
    return (await this.#kept(jobId)).answers[path]
  }

  /** @throws HandRefused as the server would refuse, and NotOpened where the engine cannot answer for this job */
  async ask(jobId: string, request: HandRequest): Promise<unknown> {
    await this.#opened(jobId)
    const { body, version = 0, page = 1, ...rest } = request
    const text = body === undefined ? '' : JSON.stringify(body)
    const answer = await this.hand.ask({ do: 'ask', job: jobId, ...rest, body: text, version, page })
    await this.#keepGrown(jobId, answer)
    return answered(answer)
  }

  /** A calculation alone. @throws HandRefused as the server would refuse, and HandBroken where there is no engine on this device */
  async askBench(tool: string, query: string): Promise<unknown> {
    return answered(await this.hand.ask({ do: 'bench', tool, query }))
  }

  /** The engine has ended: every job has to be opened again. */
  allClosed(): void {
    this.#open.clear()
  }

  /** Another tab may have written into it: then it is opened anew. */
  async #opened(jobId: string): Promise<void> {
    const keys = await (await this.device).getAllKeysFromIndex('grown', 'job', [this.person, jobId])
    const upTo = keys.at(-1) ?? 0
    let open = this.#open.get(jobId)
    if (open?.upTo !== upTo) this.#open.set(jobId, (open = { upTo, ready: this.#openNow(jobId) }))
    try {
      await open.ready
      this.#setTrouble(jobId, null)
    } catch (error) {
      this.#open.delete(jobId)
      const not = new NotOpened(jobId, error)
      this.#setTrouble(jobId, not.message)
      throw not
    }
  }

  #setTrouble(jobId: string, trouble: string | null): void {
    if (this.trouble(jobId) === trouble) return
    if (trouble === null) this.#troubles.delete(jobId)
    else this.#troubles.set(jobId, trouble)
    for (const listener of this.#listeners) listener()
  }

  async #openNow(jobId: string): Promise<void> {
    const kept = await this.#kept(jobId)
    const rows = await (await this.device).getAllFromIndex('grown', 'job', [this.person, jobId])
    const vault = await this.#vault
    const grown = await Promise.all(rows.map(({ sealed }) => vault.open(sealed, `grown/${jobId}`)))
    answered(await this.hand.ask({ do: 'open', package: kept.package, grown }))
  }

  async #kept(jobId: string): Promise<KeptJob> {
    const row = await (await this.device).get('jobs', [this.person, jobId])
    if (!row) throw new Damaged('This job is not on this device.')
    return (await this.#vault).open<KeptJob>(row.sealed, `jobs/${jobId}`)
  }

  async #row(jobId: string, sealed: Sealed): Promise<TakenAlong> {
    const size = sealed.bytes.byteLength
    try {
      const { package: taken, answers } = await (await this.#vault).open<KeptJob>(sealed, `jobs/${jobId}`)
      return { jobId, name: taken.job.name, at: taken.at, size, lines: taken.log.length, paths: Object.keys(answers) }
    } catch {
      return { jobId, name: '', at: null, size, lines: undefined, paths: [] }
    }
  }

  async #keepGrown(jobId: string, { grown }: HandAnswer): Promise<void> {
    if (grown === undefined) return
    const sealed = await (await this.#vault).seal(grown, `grown/${jobId}`)
    const upTo = await (await this.device).add('grown', { person: this.person, jobId, sealed })
    const open = this.#open.get(jobId)
    if (open) this.#open.set(jobId, { ...open, upTo })
  }

  /** Changes what is kept of a job, all of it or nothing, and lets go of what was written here on top of it. */
  async #change(jobId: string, change: (jobs: JobStore) => Promise<unknown>): Promise<void> {
    const stores = (await this.device).transaction(['jobs', 'grown'], 'readwrite')
    await change(stores.objectStore('jobs'))
    const grown = stores.objectStore('grown')
    for (const key of await grown.index('job').getAllKeys([this.person, jobId])) await grown.delete(key)
    await stores.done
    if (this.#open.delete(jobId)) await this.hand.ask({ do: 'close', job: jobId }).catch(() => undefined)
    await this.read()
  }
}

function answered({ status, body = 'null' }: HandAnswer): unknown {
  const answer: unknown = JSON.parse(body)
  if (status >= 400) throw new HandRefused(answer as Problem)
  return answer
}
