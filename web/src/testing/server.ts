import { readFileSync } from 'node:fs'
import { vi } from 'vitest'
import type { Job, Person, Problem } from '../api/types'

/** What the page sent. */
export type Sent = { method: string; path: string; search: string; body: unknown; headers: Headers }

type Answer = { status: number; body: unknown }
type Answering = (sent: Sent) => Answer

/** A fresh copy of what the server answered; see tests/Http/AnswersForThePageTest.php. */
export const answerOf = (name: string): unknown => JSON.parse(readFileSync(`../cases/answers/${name}.json`, 'utf8'))

/** A fresh copy of one of the jobs below. */
export const jobOf = (name: keyof typeof JOBS): Job => answerOf(`job-${name}`) as Job

/** The jobs of the demo that the tests of the page stand on, by what is to be seen in them. */
export const JOBS = {
  finished: '019aa100-0000-7000-8000-000000000001',
  'half-cut': '019aa100-0000-7000-8000-000000000002',
  'in-inches': '019aa100-0000-7000-8000-000000000003',
  'no-fit': '019aa100-0000-7000-8000-000000000004',
  staged: '019aa100-0000-7000-8000-000000000007',
} as const

export const problem = (status: number, detail: string, more: Partial<Problem> = {}): Answer => ({
  status,
  body: { type: 'about:blank', title: detail, status, detail, ...more },
})

export const taken = (body: unknown, status = 200): Answer => ({ status, body })

/** A server that answers as the real one did, and otherwise as a test tells it. */
export class Server {
  readonly sent: Sent[] = []
  /** A question that no test gave an answer to: a fault of the page, or of the test. */
  readonly unanswered: string[] = []
  readonly #answers = new Map<string, Answering>()
  #isOnline = true

  constructor(role: Person['role']) {
    this.gives('GET', '/api/session', answerOf(`session-${role}`))
    this.gives('GET', '/api/jobs', answerOf('jobs'))
    for (const [name, id] of Object.entries(JOBS)) this.gives('GET', `/api/jobs/${id}`, answerOf(`job-${name}`))
    for (const what of ['kits', 'connectors', 'tools'])
      this.gives('GET', `/api/jobs/${JOBS['half-cut']}/${what}`, answerOf(`${what}-for-half-cut`))
    for (const what of ['cables', 'kits', 'connectors', 'tools', 'boxes']) this.gives('GET', `/api/${what}`, answerOf(what))
    this.gives('PUT', '/api/instrument-page', { paired: false, pages: 0, readings: [] })
    this.gives('GET', '/api/instrument-tokens', { tokens: [] })
    this.gives('GET', '/api/waits', { waits: [], unseen: 0 })
    this.gives('GET', '/api/people', answerOf('people'))
    this.gives('GET', '/api/kits/harrow-allinone-28/1/words', answerOf('words-of-a-kit'))
    this.gives('GET', '/api/kit-drafts/quillon-straight-12', answerOf('draft'))
    this.gives('GET', '/api/kit-drafts/osterwick-plain-12', answerOf('draft-begun'))
    this.gives('GET', '/api/kit-skeletons', answerOf('skeletons'))
    this.gives('GET', '/api/kit-skeletons/kind-14', answerOf('skeleton'))
    vi.stubGlobal('fetch', (request: Request) => this.#fetch(request))
  }

  gives(method: string, path: string, body: unknown): void {
    this.answers(method, path, () => taken(body))
  }

  answers(method: string, path: string, answering: Answering): void {
    this.#answers.set(`${method} ${path}`, answering)
  }

  /** No answer comes any more, as in a manhole. */
  goesOffline(): void {
    this.#isOnline = false
  }

  comesBack(): void {
    this.#isOnline = true
  }

  /** What was sent to be stored, without what was only asked. */
  get stored(): Sent[] {
    // What a draft is tried with as it is typed, and that a step is open here, nobody keeps.
    return this.sent.filter(({ method, path }) => method !== 'GET' && !/\/tried-on\/|^\/api\/instrument-page$/.test(path))
  }

  /** Every job is given to the same people and has a log that nobody touched, where a test does not say otherwise. */
  #ofEveryJob(method: string, path: string): Answering | undefined {
    const is = /^\/api\/jobs\/[^/]+\/(crew|chain)$/.exec(path)
    return method === 'GET' && is?.[1] ? () => taken(answerOf(is[1] ?? '')) : undefined
  }

  async #fetch(request: Request): Promise<Response> {
    if (!this.#isOnline) throw new TypeError('Failed to fetch')
    const { pathname, search } = new URL(request.url)
    const text = await request.text()
    const isJson = request.headers.get('Content-Type')?.includes('json') && text !== ''
    const body: unknown = isJson ? JSON.parse(text) : text || null
    const sent = { method: request.method, path: pathname, search, body, headers: request.headers }
    this.sent.push(sent)
    const answering = this.#answers.get(`${request.method} ${pathname}`) ?? this.#ofEveryJob(request.method, pathname)
    if (!answering) this.unanswered.push(`${request.method} ${pathname}`)
    const answer = answering ? answering(sent) : problem(404, 'There is no answer in this test.')
    const type = answer.status < 400 ? 'application/json' : 'application/problem+json'
    return new Response(answer.status === 204 ? null : JSON.stringify(answer.body), {
      status: answer.status,
      headers: { 'Content-Type': type },
    })
  }
}
