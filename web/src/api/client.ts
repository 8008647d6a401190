import i18next from 'i18next'
import createClient from 'openapi-fetch'
import type { components, paths } from './schema'

export type Schemas = components['schemas']

/** A problem as the server says it (RFC 9457). */
export interface Problem {
  status: number
  detail: string
  [member: string]: unknown
}

/** A request that was answered with a problem. */
export class ProblemError extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail)
  }
}

/** A request that was never answered. */
class UnreachableError extends Error {
  constructor() {
    super(i18next.t('ui.unreachable'))
  }
}

const token = () =>
  document.cookie
    .split('; ')
    .find((cookie) => cookie.startsWith('XSRF-TOKEN='))
    ?.slice('XSRF-TOKEN='.length)

/** Sends a request at once, with the token that says it comes from here; what goes wrong is thrown, in a sentence. */
async function guarded(request: Request): Promise<Response> {
  const value = token()
  if (value && request.method !== 'GET') request.headers.set('X-XSRF-TOKEN', value)
  const response = await fetch(request).catch((error: unknown) => {
    throw request.signal.aborted ? error : new UnreachableError()
  })
  if (response.ok) return response
  const problem = await response.json().catch(() => ({}))
  throw new ProblemError({ detail: response.statusText, ...problem, status: response.status })
}

export const client = createClient<paths>({ baseUrl: '/', fetch: guarded })

/** The body of a request that has one. */
export async function body<T>(request: Promise<{ data?: T }>): Promise<T> {
  return (await request).data as T
}
