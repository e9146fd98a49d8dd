/** What the engine in the hand answers a message with; what grew is kept beside the entry that it came of. */
export type HandAnswer = { status: number; body?: string; grown?: unknown }

type Said = { ready?: true; said?: string; broken?: string }

/** A worker, as far as it is needed here. */
export type HandWorker = Pick<Worker, 'postMessage' | 'terminate'> & {
  onmessage: ((event: MessageEvent<Said>) => void) | null
  onerror: ((event: ErrorEvent) => void) | null
}

/** The rules did not start on this device, or ended in the middle: nothing of what was asked is known to be done. */
export class HandBroken extends Error {
  override name = 'HandBroken'
}

/** The engine in a worker of its own: messages are answered in the order in which they are asked. */
export class Hand {
  #worker: HandWorker | null = null
  #waiting: { resolve: (answer: HandAnswer) => void; reject: (error: HandBroken) => void }[] = []

  constructor(
    private readonly make: () => HandWorker,
    /** All that was opened is closed: it has to be opened again. */
    private readonly onBroken: () => void,
  ) {}

  ask(message: object): Promise<HandAnswer> {
    const worker = (this.#worker ??= this.#started())
    return new Promise((resolve, reject) => {
      this.#waiting.push({ resolve, reject })
      worker.postMessage(JSON.stringify(message))
    })
  }

  end(): void {
    this.#fail('it was ended')
  }

  #started(): HandWorker {
    const worker = this.make()
    worker.onmessage = ({ data }) => {
      if (data.said !== undefined) this.#waiting.shift()?.resolve(JSON.parse(data.said) as HandAnswer)
      if (data.broken !== undefined) this.#fail(data.broken)
    }
    worker.onerror = (event) => this.#fail(event.message)
    return worker
  }

  #fail(why: string): void {
    this.#worker?.terminate()
    this.#worker = null
    const waiting = this.#waiting.splice(0)
    this.onBroken()
    for (const { reject } of waiting) reject(new HandBroken(why))
  }
}

export const handWorker = (): HandWorker => new Worker(new URL('../../hand/worker.js', import.meta.url), { type: 'module' })
