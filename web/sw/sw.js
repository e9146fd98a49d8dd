/*
 * Berm where there is no signal: the page and, where a job was taken along, the engine come from here. Nothing of a job is kept by it: that lies
 * sealed in the browser's database. What the build knows is set in where the capital words stand.
 */
const VERSION = 'THE_VERSION'
const SHELL = THE_SHELL
/** Both builds of the engine; a browser runs one of them. */
const ENGINE = THE_ENGINE

const CACHE = `berm-${VERSION}`
/** A trench with one bar: longer than this nobody waits for a newer page. */
const LONGEST_MS = 3000

const engineHere = () => ENGINE['Suspending' in WebAssembly ? 'suspending' : 'other']

/** Fetches what is not there yet, one after another, and says so after each. */
async function keep(urls, onEach = () => {}) {
  const cache = await caches.open(CACHE)
  for (const [i, url] of urls.entries()) {
    if (!(await cache.match(url))) await cache.add(url)
    onEach(i + 1, urls.length)
  }
}

/** Whoever took a job along finds the engine of this version too: the update is not taken before it is there. */
async function install() {
  await keep(['/', ...SHELL])
  const before = (await caches.keys()).filter((name) => name.startsWith('berm-') && name !== CACHE)
  const hadEngine = await Promise.all(
    before.map(async (name) => (await (await caches.open(name)).match('/has-engine')) !== undefined),
  )
  if (hadEngine.includes(true)) await keepEngine()
}

async function keepEngine(onEach) {
  await keep(engineHere(), onEach)
  await (await caches.open(CACHE)).put('/has-engine', new Response('yes'))
}

async function activate() {
  for (const name of await caches.keys()) if (name.startsWith('berm-') && name !== CACHE) await caches.delete(name)
  await self.clients.claim()
}

self.addEventListener('install', (event) => event.waitUntil(install()))
self.addEventListener('activate', (event) => event.waitUntil(activate()))

self.addEventListener('message', (event) => {
  const [port] = event.ports
  if (event.data === 'take-over') void self.skipWaiting()
  if (event.data === 'keep-engine')
    event.waitUntil(
      keepEngine((done, of) => port?.postMessage({ done, of })).then(
        () => port?.postMessage({ ended: true }),
        (error) => port?.postMessage({ failed: String(error?.message ?? error) }),
      ),
    )
})

self.addEventListener('fetch', (event) => {
  const { request } = event
  const url = new URL(request.url)
  if (request.method !== 'GET' || url.origin !== self.location.origin) return
  if (request.mode === 'navigate' && !url.pathname.startsWith('/api/')) event.respondWith(page(request))
  else if (url.pathname.startsWith('/build/')) event.respondWith(file(request))
})

/** The newest page where the server answers in time, else the one that is here: every address is one page. */
async function page(request) {
  try {
    const answer = await fetch(request, { signal: AbortSignal.timeout(LONGEST_MS) })
    if (answer.status < 500) return answer
  } catch {
    // No signal.
  }
  return (await (await caches.open(CACHE)).match('/')) ?? Response.error()
}

/** Files of the build never change under their name. */
async function file(request) {
  return (await caches.match(request, { ignoreVary: true })) ?? fetch(request)
}
