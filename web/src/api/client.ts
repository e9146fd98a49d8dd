import createClient, { type Middleware } from 'openapi-fetch'
import { HandRefused } from '../engine/carried'
import { hear } from '../engine/clock'
import { heard, notHeard } from '../engine/signal'
import type { paths } from './schema'
import type { Problem } from './types'

/** The server's answer when it refuses, or null when no answer came: what was sent may or may not have arrived. */
export class ApiError extends Error {
  constructor(readonly problem: Problem | null) {
    super(problem?.detail ?? 'No answer from the server. What you typed is kept here.')
    this.name = 'ApiError'
  }

  /** Nobody answered, or who did could not ask the server. */
  get isUnheard(): boolean {
    return this.problem === null || this.problem.status >= 500
  }

  get isUnsent(): boolean {
    return this.isUnheard || [401, 429].includes(this.problem?.status ?? 0)
  }
}

let csrfToken = ''
export const setCsrfToken = (token: string): void => {
  csrfToken = token
}

const withToken: Middleware = {
  async onRequest({ request }) {
    if (request.method === 'GET') return request
    // A page that was opened without signal has none yet.
    if (csrfToken === '' && sessionAgain) await sessionAgain()
    request.headers.set('X-CSRF-Token', csrfToken)
    return request
  },
}

let sessionAgain: (() => Promise<unknown>) | null = null
/** How the session is asked for where its token is not known. */
export const setSessionAgain = (again: () => Promise<unknown>): void => {
  sessionAgain = again
}

let answerHere: (path: string) => Promise<unknown> = () => Promise.resolve(undefined)
/** Who answers what is read of a job where the server does not; undefined where nobody can. */
export const setAnswerHere = (here: typeof answerHere): void => {
  answerHere = here
}

/** A trench with one bar: longer than this nobody waits for a job. A picture is given its time, and so is what no trench asks for. */
const LONGEST_MS = 20_000
const isShort = ({ url }: Request): boolean => /\/api\/(jobs|boxes|session)/.test(url) && !url.includes('/pictures/')

/** Each answer tells what time it is for the server, and that it is there. */
async function fetched(request: Request): Promise<Response> {
  const askedAt = Date.now()
  try {
    const response = await fetch(request, isShort(request) ? { signal: AbortSignal.timeout(LONGEST_MS) } : {})
    if (UNHEARD.includes(response.status)) return (await unheard(request)) ?? response
    heard()
    hear(response.headers.get('Date'), askedAt, Date.now())
    return response
  } catch (error) {
    const here = await unheard(request)
    if (here) return here
    throw error
  }
}

/** What stands before the server says that it is not there. */
const UNHEARD = [502, 503, 504]

async function unheard(request: Request): Promise<Response | null> {
  notHeard()
  if (request.method !== 'GET') return null
  const { pathname, search } = new URL(request.url)
  try {
    const here = await answerHere(pathname + search)
    return here === undefined ? null : Response.json(here)
  } catch (error) {
    // Refused as the server would have.
    if (error instanceof HandRefused) return Response.json(error.problem, { status: error.problem.status })
    throw error
  }
}

/** The only place that calls fetch. */
export const client = createClient<paths>({ baseUrl: window.location.origin, fetch: fetched })
client.use(withToken)

/** Unwraps an answer: the data, or an ApiError. */
export async function answered<T>(call: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  const answer = await call.catch(() => {
    throw new ApiError(null)
  })
  if (answer.response.ok) return answer.data as T
  const problem = answer.error as Problem | undefined
  throw new ApiError(typeof problem === 'object' && 'detail' in problem ? problem : null)
}
