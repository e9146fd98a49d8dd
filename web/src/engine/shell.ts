/**
 * The page where there is no signal: a service worker keeps it, and, where a job was taken along, the engine. A newer version of Berm is
 * fetched beside the one that runs and waits until somebody takes it.
 */

/** `none`: this is the newest known; `waits`: a newer one is here; `taken`: another page has taken it, and this one is of before. */
export type Update = 'none' | 'waits' | 'taken'

let update: Update = 'none'
let isAskedFor = false
const listeners = new Set<() => void>()

export const updateNow = (): Update => update

export const onUpdate = (listener: () => void): (() => void) => {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

function set(next: Update): void {
  update = next
  for (const listener of listeners) listener()
}

/** Not there on a page that came without TLS, nor in a window that keeps nothing. */
const workers = (): ServiceWorkerContainer | null =>
  (navigator as { serviceWorker?: ServiceWorkerContainer }).serviceWorker ?? null

const AN_HOUR = 3_600_000

export async function keepPage(): Promise<void> {
  const container = workers()
  if (!container) return
  const hadOne = container.controller !== null
  container.addEventListener('controllerchange', () => {
    if (isAskedFor) window.location.reload()
    else if (hadOne) set('taken')
  })
  const registration = await container.register('/sw.js').catch(() => null)
  if (!registration) return
  const look = () => {
    if (registration.waiting && container.controller) set('waits')
  }
  look()
  registration.addEventListener('updatefound', () => registration.installing?.addEventListener('statechange', look))
  window.setInterval(() => void registration.update().catch(() => undefined), AN_HOUR)
}

/** Takes the newer version: the page opens again with it. */
export async function takeUpdate(): Promise<void> {
  isAskedFor = true
  const waiting = (await workers()?.getRegistration())?.waiting
  if (waiting) waiting.postMessage('take-over')
  else window.location.reload()
}

export class NoEngine extends Error {
  override name = 'NoEngine'
}

/** Keeps the engine of this version on the device. @throws NoEngine */
export async function keepEngine(onEach: (done: number, of: number) => void): Promise<void> {
  const worker = (await workers()?.ready)?.active
  if (!worker) throw new NoEngine('This browser keeps no pages: jobs cannot be taken along in it.')
  const { port1, port2 } = new MessageChannel()
  await new Promise<void>((resolve, reject) => {
    port1.onmessage = ({ data }: MessageEvent<{ done?: number; of?: number; ended?: true; failed?: string }>) => {
      if (data.done !== undefined) onEach(data.done, data.of ?? data.done)
      if (data.ended) resolve()
      if (data.failed !== undefined) reject(new NoEngine(`The engine could not be fetched: ${data.failed}`))
    }
    worker.postMessage('keep-engine', [port2])
  })
}
