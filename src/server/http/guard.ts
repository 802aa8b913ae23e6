/** Who may ask is settled after the head of a request and before any of its body is read. */
import { parse as parseCookies } from 'cookie'
import type { Request, RequestHandler, Response } from 'express'
import { timingSafeEqual } from 'node:crypto'
import type { Snapshot } from '../features/catalogue/snapshot'
import type { Services } from '../services'
import { Forbidden, NotSignedIn } from './problems'
import type { RouteDefinition, SignedIn } from './route'

export const COOKIE = 'handhold_session'
export const REVISION_HEADER = 'Catalogue-Revision'
/** A body up to this size has mostly come with its head: it is let go by; a larger one ends the connection. */
const LET_GO_BY = 64 * 1024

export interface Arrival {
  token: string | undefined
  session: SignedIn | undefined
  snapshot: Snapshot
}

/** What `guard` found out about a request. */
export const arrivalOf = (response: Response): Arrival => response.locals['arrival'] as Arrival

export const guard =
  (definition: RouteDefinition, services: Services): RequestHandler =>
  async (request, response, next) => {
    const token = parseCookies(request.headers.cookie ?? '')[COOKIE]
    try {
      const { session, revision } = await services.door.within(() => services.sessions.arriving(token))
      // Also who is refused is told how far the catalogue is.
      response.setHeader(REVISION_HEADER, String(revision))
      authorise(definition, session, request)
      const snapshot = await services.door.within(() => services.catalogue.snapshot(revision))
      response.setHeader(REVISION_HEADER, String(snapshot.revision))
      response.locals['arrival'] = { token, session, snapshot } satisfies Arrival
    } catch (error) {
      leaveUnread(request, response)
      throw error
    }
    next()
  }

/** Nothing is read of a large body whose sender is refused: what is on its way ends with the connection. */
const leaveUnread = (request: Request, response: Response): void => {
  const announced = Number(request.headers['content-length'] ?? 0)
  if (announced <= LET_GO_BY && request.headers['transfer-encoding'] === undefined) return
  request.pause()
  response.setHeader('Connection', 'close')
  response.once('finish', () => request.socket.destroySoon())
}

const authorise = (definition: RouteDefinition, session: SignedIn | undefined, request: Request): void => {
  if (definition.for === 'everyone') return
  if (!session) throw new NotSignedIn()
  if (definition.method !== 'get' && !sameToken(request.get('X-CSRF-Token'), session.csrf)) {
    throw new Forbidden('The request did not come from Handhold’s own pages. Reload the page and try again.')
  }
  if (!definition.for.includes(session.user.role)) {
    throw new Forbidden(
      `This needs the role ${definition.for.join(' or ')}; you are signed in as ${session.user.role}.`,
    )
  }
}

const sameToken = (given: string | undefined, expected: string): boolean => {
  const [a, b] = [Buffer.from(given ?? ''), Buffer.from(expected)]
  return a.length === b.length && timingSafeEqual(a, b)
}
