/** Calls to the API. A refusal becomes an `ApiProblem` with what the server said. */
import type { Address, BodyOf, Method, QueryOf, ResultOf, With } from './operations'

export interface Clash {
  resource: string
  row: string
  yours: unknown
  theirs: { version: number; value: unknown } | null
}

export interface ProblemDetails {
  title: string
  status: number
  issues?: { path: (string | number)[]; message: string }[]
  yours?: unknown
  theirs?: unknown
  /** It was stopped on request. */
  stopped?: boolean
  /** Every row that somebody else has changed meanwhile. */
  clashes?: Clash[]
}

export class ApiProblem extends Error {
  constructor(readonly details: ProblemDetails) {
    super(details.title)
    this.name = 'ApiProblem'
  }
}

const UNREACHABLE: ProblemDetails = {
  title: 'Handhold does not answer. What you typed is kept here; please try again in a moment.',
  status: 0,
}

let csrf: string | undefined
export const rememberCsrf = (token: string | undefined): void => {
  csrf = token
}

/** Called when a request finds that nobody is signed in any more. */
let signedOut: () => void = () => undefined
export const whenSignedOut = (callback: () => void): void => {
  signedOut = callback
}

/** Called with the catalogue's revision that each answer speaks of. */
let revised: (revision: number) => void = () => undefined
export const noteRevision = (callback: (revision: number) => void): void => {
  revised = callback
}

/** JSON, or a file as it is. */
type Body = { json: unknown } | { file: Blob } | undefined

/** What the server cannot do now is asked so often. A write says each time that it is the same, and is done once. */
const TRIES = 4
/** After a line that broke it is asked once more, ms. */
const BROKEN_MS = 400
const LONGEST_WAIT = 10
/** After how many seconds it wants to be asked again; undefined where it does not say. */
const secondsIn = (response: Response): number | undefined => {
  const seconds = Number(response.headers.get('Retry-After') ?? NaN)
  return seconds >= 0 ? Math.min(seconds, LONGEST_WAIT) : undefined
}

/** 16 bytes, also where the page did not come over HTTPS. */
const newKey = (): string =>
  [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => byte.toString(16).padStart(2, '0')).join('')

/** `work`: the name under which it is asked how far it is. `key`: of a write that is sent again. */
const send = async (
  method: string,
  path: string,
  accept: string,
  body: Body,
  work?: string,
  key = newKey(),
  tries = TRIES,
): Promise<Response> => {
  const again = async (wait: number, left: number) => {
    await new Promise((done) => setTimeout(done, wait))
    return send(method, path, accept, body, work, key, left)
  }
  const type =
    body === undefined ? undefined : 'json' in body ? 'application/json' : body.file.type || 'application/octet-stream'
  const response = await fetch(path, {
    method,
    headers: {
      Accept: accept,
      ...(type === undefined ? {} : { 'Content-Type': type }),
      ...(work === undefined ? {} : { 'X-Work': work }),
      ...(csrf === undefined || method === 'GET' ? {} : { 'X-CSRF-Token': csrf }),
      ...(method === 'GET' ? {} : { 'Idempotency-Key': key }),
    },
    ...(body === undefined ? {} : { body: 'json' in body ? JSON.stringify(body.json) : body.file }),
  }).catch(() => undefined)
  // Only who is signed in has writes known again.
  const isKnownAgain = method === 'GET' || csrf !== undefined
  if (!response) {
    if (tries < TRIES || !isKnownAgain) throw new ApiProblem(UNREACHABLE)
    return again(BROKEN_MS, 1)
  }
  const revision = Number(response.headers.get('Catalogue-Revision') ?? NaN)
  if (revision >= 0) revised(revision)
  if (response.ok) return response
  const wait = isKnownAgain && response.status === 503 ? secondsIn(response) : undefined
  if (wait !== undefined && tries > 1) return again(wait * 1000, tries - 1)
  if (response.status === 401 && path !== '/api/session') signedOut()
  const said: unknown = await response.json().catch(() => undefined)
  throw new ApiProblem((said as ProblemDetails | undefined) ?? { ...UNREACHABLE, status: response.status })
}

/**
 * A question or a write. What is sent and what comes back is typed by the API's description; an address that it has not
 * is no address. `work`: the name under which it is asked how far it is.
 */
export const call = async <M extends Uppercase<Method>, Path extends Address<Lowercase<M>>>(
  method: M,
  path: Path,
  ...[body, work]: With<
    Lowercase<M>,
    Path,
    undefined extends BodyOf<Lowercase<M>, Path>
      ? [body?: undefined, work?: string]
      : [body: BodyOf<Lowercase<M>, Path>, work?: string]
  >
): Promise<ResultOf<Lowercase<M>, Path>> => {
  const response = await send(method, path, 'application/json', body === undefined ? undefined : { json: body }, work)
  const told: unknown = response.status === 204 ? undefined : await response.json().catch(() => undefined)
  return told as ResultOf<Lowercase<M>, Path>
}

/** A file that is kept, or is made from what is sent. */
export const file = async (path: string, body?: unknown, work?: string): Promise<Blob> =>
  (
    await send(body === undefined ? 'GET' : 'POST', path, '*/*', body === undefined ? undefined : { json: body }, work)
  ).blob()

export const upload = async <Path extends Address<'put'>>(path: Path, content: Blob): Promise<void> => {
  await send('PUT', path, 'application/json', { file: content })
}

/** What is left out or empty is not asked for. */
export const get = async <Path extends Address<'get'>>(
  path: Path,
  ...[query]: With<'get', Path, [query?: QueryOf<'get', Path>]>
): Promise<ResultOf<'get', Path>> => {
  const given = Object.entries<string | undefined>(query ?? {}).filter((entry): entry is [string, string] =>
    Boolean(entry[1]),
  )
  const search = new URLSearchParams(given).toString()
  const response = await send('GET', search ? `${path}?${search}` : path, 'application/json', undefined)
  const told: unknown = await response.json().catch(() => undefined)
  return told as ResultOf<'get', Path>
}

/** What to show a person for anything that was thrown. */
export const problemText = (error: unknown): string =>
  error instanceof ApiProblem
    ? [
        error.message,
        ...(error.details.issues ?? []).slice(0, 8).map(({ path, message }) => `${path.join(' › ')}: ${message}`),
      ].join('\n')
    : 'Something went wrong on this page. Reload it; nothing was changed.'

/** What somebody else has stored meanwhile. */
export const theirsOf = (error: unknown): { version: number; value: unknown } | undefined =>
  error instanceof ApiProblem ? (error.details.clashes?.[0]?.theirs ?? undefined) : undefined

/** The same for what somebody typed over a version that is no longer the last. */
export const keptText = (error: unknown): string =>
  error instanceof ApiProblem && error.details.status === 409
    ? `${error.message} What you typed is kept here; saving again shows both.`
    : problemText(error)
