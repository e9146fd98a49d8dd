import createClient, { type Middleware } from 'openapi-fetch'
import { hear } from '../engine/clock'
import type { paths } from './schema'
import type { Problem } from './types'

/** The server's answer when it refuses, or null when no answer came: what was sent may or may not have arrived. */
export class ApiError extends Error {
  constructor(readonly problem: Problem | null) {
    super(problem?.detail ?? 'No answer from the server. What you typed is kept here.')
    this.name = 'ApiError'
  }

  get isUnsent(): boolean {
    return this.problem === null || this.problem.status >= 500 || [401, 429].includes(this.problem.status)
  }
}

let csrfToken = ''
export const setCsrfToken = (token: string): void => {
  csrfToken = token
}

const withToken: Middleware = {
  onRequest({ request }) {
    if (request.method !== 'GET') request.headers.set('X-CSRF-Token', csrfToken)
    return request
  },
}

/** Each answer tells what time it is for the server. */
async function fetched(request: Request): Promise<Response> {
  const askedAt = Date.now()
  const response = await fetch(request)
  hear(response.headers.get('Date'), askedAt, Date.now())
  return response
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
