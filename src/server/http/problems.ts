/** What can go wrong with a request, and the one place where it becomes an answer (RFC 9457 problem details). */
import type { ErrorRequestHandler } from 'express'
import type { Logger } from 'pino'
import { isDuplicate, isLost, isUnavailable, isUnfit } from '../database/faults'

const RETRY_SECONDS = 5

export interface FieldIssue {
  path: (string | number)[]
  message: string
}

/** A refusal with the HTTP status it is given. `title` is for people. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    title: string,
    readonly more: Record<string, unknown> = {},
  ) {
    super(title)
    this.name = new.target.name
  }
}

export class Invalid extends Problem {
  constructor(title: string, issues: readonly FieldIssue[]) {
    super(422, title, { issues })
  }
}

/** A row that is not as its writer saw it; `theirs` is null where it was removed. */
export interface VersionConflict {
  resource: string
  row: string
  yours: unknown
  theirs: { version: number; value: unknown } | null
}

/** Carries both versions of every row in question, so that the second writer can choose; the first also by itself. */
export class Conflict extends Problem {
  constructor(title: string, clashes: readonly VersionConflict[]) {
    super(409, title, { yours: clashes[0]?.yours, theirs: clashes[0]?.theirs, clashes })
  }
}

export class NotFound extends Problem {
  constructor(title: string) {
    super(404, title)
  }
}

export class Gone extends Problem {
  constructor(title: string, clashes: readonly VersionConflict[] = []) {
    super(410, title, { clashes })
  }
}

export class NotSignedIn extends Problem {
  constructor(title = 'Please sign in.') {
    super(401, title)
  }
}

export class Forbidden extends Problem {
  constructor(title: string) {
    super(403, title)
  }
}

/** The database does not answer. Nothing was changed, as far as anybody was told. */
export class Unavailable extends Problem {
  constructor() {
    super(503, 'The shop’s database does not answer at the moment. Please try again in a few seconds.')
  }
}

/** Too many write the same at once; each try lost. Nothing was changed. */
export class Busy extends Problem {
  constructor() {
    super(503, 'Several people are writing here at this moment. Nothing was changed; please try again.')
  }
}

interface ExpressError {
  type?: string
  status?: number
  limit?: number
}

/** What Express and its body parser refuse, told in words. */
const expressProblem = (error: ExpressError): Problem | undefined => {
  if (error.type === 'entity.too.large') {
    const limit = error.limit === undefined ? '' : ` The most is ${Math.round(error.limit / 1024 / 1024)} MB.`
    return new Problem(413, `That is too much at once.${limit} Nothing was kept.`)
  }
  if (error.type === 'entity.parse.failed') return new Problem(400, 'The request is not readable JSON.')
  if (error.type?.startsWith('encoding') || error.type?.startsWith('charset')) {
    return new Problem(415, 'The request is in an encoding that is not understood.')
  }
  if (error.status === 404) return new Problem(404, 'There is nothing at this address.')
  // What Express itself refuses: an address or a body that cannot be read, a request that broke off.
  if (error.status !== undefined && error.status >= 400 && error.status < 500)
    return new Problem(error.status, 'The request cannot be read.')
  return undefined
}

const databaseProblem = (error: unknown): Problem | undefined => {
  if (isUnavailable(error)) return new Unavailable()
  if (isLost(error) || isDuplicate(error)) return new Busy()
  if (isUnfit(error)) return new Invalid('A text is longer than can be kept, or holds signs that cannot be.', [])
  return undefined
}

export const problemHandler =
  (log: Logger): ErrorRequestHandler =>
  (error, _request, response, next) => {
    if (response.headersSent) {
      next(error)
      return
    }
    const problem = error instanceof Problem ? error : (databaseProblem(error) ?? expressProblem(error as ExpressError))
    if (!problem || problem.status === 503) log.error({ err: error }, 'a request failed')
    const { status, message, more } = problem ?? {
      status: 500,
      message: 'Something went wrong here; nothing was changed. Please try again.',
      more: {},
    }
    if (status === 503) response.setHeader('Retry-After', String(RETRY_SECONDS))
    response
      .status(status)
      .type('application/problem+json')
      .send(JSON.stringify({ type: 'about:blank', title: message, status, ...more }))
  }
