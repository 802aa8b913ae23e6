/** A route told once: its shapes, who may call it, what it does. From the list of them come both API and OpenAPI. */
import { z } from 'zod'
import type { Role } from '#shared/api/session'
import type { Snapshot } from '../features/catalogue/snapshot'
import type { Outcome } from '../database/writes'
import type { Services } from '../services'
import type { Work } from '../work/board'

export interface Context<Params, Query, Body> {
  params: Params
  query: Query
  body: Body
  services: Services
  /** The catalogue as it was when the request came: no older than anything its sender has seen. */
  snapshot: Snapshot
  /** Undefined on public routes when nobody is signed in. */
  session: SignedIn | undefined
  /**
   * `reportProgress` is called between the pieces of what may take long; it throws where nobody waits for the answer
   * any more.
   */
  work: Work
  cookies: { set: (token: string, expires: Date) => void; clear: () => void; token: string | undefined }
  /** What was sent to a route that takes a file. */
  upload: Buffer
  /** Where the request comes from, as far as the proxies in front are believed. */
  address: string
  /** The catalogue revision the answer speaks of, where it speaks of one. */
  revision: (revision: number) => void
}

export type StreamContext = Pick<Context<unknown, unknown, unknown>, 'services' | 'session' | 'cookies'> & {
  signal: AbortSignal
}

export interface SignedIn {
  user: { id: string; name: string; role: Role }
  csrf: string
}

/** A result that is JSON already, in UTF-8. */
export class JsonBytes {
  constructor(readonly bytes: Buffer) {}
}

export interface RouteDefinition<
  Params extends z.ZodType = z.ZodType,
  Query extends z.ZodType = z.ZodType,
  Body extends z.ZodType = z.ZodType,
  Result extends z.ZodType = z.ZodType,
> {
  method: 'get' | 'post' | 'put' | 'delete'
  /** As OpenAPI writes it: `/api/models/{id}`. */
  path: string
  summary: string
  tag: string
  /** Who may call it. */
  for: 'everyone' | readonly Role[]
  params?: Params
  query?: Query
  body?: Body
  result: Result
  status?: 200 | 201 | 204
  /** What the result is sent as; JSON where left out, else the result is its text. */
  type?: string
  /**
   * In place of `handle`, for what goes on: sends piece after piece until it returns or `signal` says that nobody
   * listens any more.
   */
  streams?: (context: StreamContext, send: (text: string) => void) => Promise<void>
  /** Statuses that are refusals of this route, beside those every route has. */
  refuses?: readonly number[]
  /** Largest body in megabytes; 1 where left out. */
  megabytes?: number
  /** Takes a file of these media types as it is, in place of JSON. */
  takes?: string
  /** What such a file holds, for the description; it is checked by whoever reads it. */
  holds?: z.ZodType
  handle: (
    context: Context<z.output<Params>, z.output<Query>, z.output<Body>>,
  ) => Promise<z.input<Result> | JsonBytes> | z.input<Result> | JsonBytes
  /**
   * The answer to a write that was done already under the key it is asked with again, from what was kept of its
   * outcome; that outcome itself where left out.
   */
  again?: (
    context: Context<z.output<Params>, z.output<Query>, z.output<Body>>,
    outcome: Outcome,
  ) => Promise<z.input<Result>> | z.input<Result>
}

/** Keeps the shapes of one route known to its handler. */
export const route = <
  Params extends z.ZodType,
  Query extends z.ZodType,
  Body extends z.ZodType,
  Result extends z.ZodType,
>(
  definition: RouteDefinition<Params, Query, Body, Result>,
): RouteDefinition => definition as unknown as RouteDefinition

/**
 * A shape whose parts are checked only as far as it goes, sent as the type that it stands for: what the core makes is
 * told whole, and the client reads the same type.
 */
export const sends = <Sent>(shape: z.ZodType): z.ZodType<Sent, Sent> => shape as z.ZodType<Sent, Sent>

/** A file, as it is. */
export const FILE = z.custom<Buffer>((value) => Buffer.isBuffer(value))

export const ANY_ROLE: readonly Role[] = ['lead', 'desk', 'viewer']
export const STAFF: readonly Role[] = ['lead', 'desk']
export const LEAD: readonly Role[] = ['lead']
