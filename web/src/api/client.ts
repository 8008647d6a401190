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

/** What is wrong with a field, if that is what stands in the way. */
export function fieldError(error: Error | null, field: string): string | undefined {
  return error instanceof ProblemError && error.problem.field === field ? error.message : undefined
}

/** A request that was never answered. */
class UnreachableError extends Error {
  constructor() {
    super(i18next.t('ui.unreachable'))
  }
}

/** A request that can be made again: one that was sent has lost its body, and a clone of it is sent slowly, in pieces. */
class Repeatable extends Request {
  readonly #init?: RequestInit

  constructor(address: RequestInfo | URL, init?: RequestInit) {
    super(address, init)
    this.#init = init
  }

  again() {
    return new Repeatable(this.url, this.#init)
  }
}

const LONGEST_WAIT_MS = 30_000

/** For whom the page speaks; another tab may have signed somebody else in. */
let person: string | null = null
/** Asks a person to sign in again, who was signed out behind their back; whether they did. */
let askAgain: ((somebodyElse: boolean) => Promise<boolean>) | undefined
let asking: Promise<boolean> | undefined

/** From now on the page speaks for this person; for nobody when null. */
export function speakFor(username: string | null) {
  person = username
}

/** Who asks for the password again where a session has ended. */
export function signInAgainBy(ask: typeof askAgain) {
  askAgain = ask
}

const token = () =>
  document.cookie
    .split('; ')
    .find((cookie) => cookie.startsWith('XSRF-TOKEN='))
    ?.slice('XSRF-TOKEN='.length)

const isSession = (request: Request) => new URL(request.url).pathname === '/api/session'

async function sent(request: Request): Promise<Response> {
  const value = token()
  if (value && request.method !== 'GET') request.headers.set('X-XSRF-TOKEN', value)
  if (person && !isSession(request)) request.headers.set('X-Didaxis-Person', person)
  const signal = AbortSignal.any([request.signal, AbortSignal.timeout(LONGEST_WAIT_MS)])
  return fetch(request, { signal }).catch((error: unknown) => {
    throw request.signal.aborted ? error : new UnreachableError()
  })
}

/** What went wrong; never a word of the protocol. */
async function problemOf(response: Response): Promise<Problem> {
  const problem = (await response.json().catch(() => ({}))) as Partial<Problem>
  return { ...problem, detail: problem.detail ?? i18next.t('ui.failed'), status: response.status }
}

/** Whether a refusal came only from a session that had ended, and the person has signed in again. */
async function signedInAgain(problem: Problem, request: Request): Promise<boolean> {
  if (!person || isSession(request)) return false
  const cookiesGone = problem.status === 403 && problem.reason === 'token'
  if (problem.status !== 401 && !cookiesGone) return false
  if (cookiesGone) {
    // The answer brings a new token; if the session still stands that is all there is to mend.
    const session = await sent(new Request(new URL('/api/session', location.href)))
    const { username } = (await session.json()) as Schemas['SessionView']
    if (username === person) return true
  }
  asking ??= (askAgain?.(problem.reason === 'someone-else') ?? Promise.resolve(false)).finally(
    () => (asking = undefined),
  )
  return asking
}

/** Sends a request at once, with the token that says it comes from here; what goes wrong is thrown, in a sentence. */
async function guarded(request: Request): Promise<Response> {
  let response = await sent(request)
  if (response.ok) return response
  let problem = await problemOf(response)
  if (await signedInAgain(problem, request)) {
    response = await sent((request as Repeatable).again())
    if (response.ok) return response
    problem = await problemOf(response)
  }
  throw new ProblemError(problem)
}

export const client = createClient<paths>({ baseUrl: '/', Request: Repeatable, fetch: guarded })

/** The body of a request that has one. */
export async function body<T>(request: Promise<{ data?: T }>): Promise<T> {
  return (await request).data as T
}
