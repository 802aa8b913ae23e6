/** The Express application: security headers, sessions, the API's routes, the client's files. */
import compression from 'compression'
import { serialize } from 'cookie'
import express, { type Express, type RequestHandler, type Response } from 'express'
import helmet from 'helmet'
import { join } from 'node:path'
import { pinoHttp } from 'pino-http'
import type { z } from 'zod'
import { AlreadyDone } from '../database/writes'
import type { Services } from '../services'
import { bodyReader } from './body'
import { arrivalOf, COOKIE, guard, REVISION_HEADER } from './guard'
import { Invalid, NotFound, problemHandler } from './problems'
import { brokenTexts } from './wholeText'
import { JsonBytes, type Context, type RouteDefinition } from './route'

/** Bytes below which packing costs the desk more time than it saves. */
const SMALL = 32 * 1024
const WORK_HEADER = 'X-Work'
const KEY_HEADER = 'Idempotency-Key'
const KEY = /^[\w-]{8,80}$/
const KEYS = '8 to 80 letters, digits, hyphens or underscores'

export const createApp = (services: Services, routes: readonly RouteDefinition[]): Express => {
  const app = express()
  app.disable('x-powered-by')
  // Answers are not kept by the browser, so there is nothing to compare.
  app.disable('etag')
  app.set('trust proxy', services.config.proxies)
  if (services.config.logLevel === 'debug') app.use(pinoHttp({ logger: services.log }))
  app.use(securityHeaders(services.config.secureCookies))
  // A shop's pages, and the cards that its links open, are nobody else's to list.
  app.use((_request, response, next) => {
    response.setHeader('X-Robots-Tag', 'noindex, nofollow')
    next()
  })
  app.get('/robots.txt', (_request, response) => void response.type('text/plain').send('User-agent: *\nDisallow: /\n'))
  // What goes on for hours is neither held back nor packed.
  const packs: compression.CompressionFilter = (request, response) =>
    !String(response.getHeader('Content-Type')).startsWith(STREAM) && compression.filter(request, response)
  app.use(compression({ threshold: SMALL, filter: packs }))
  for (const definition of routes) {
    app[definition.method](
      expressPath(definition.path),
      guard(definition, services),
      bodyReader(definition),
      definition.streams ? streamer(definition.streams, services) : handler(definition, services),
    )
  }
  app.use('/api', () => {
    throw new NotFound('There is no such address in the API; /api/openapi.json lists them all.')
  })
  if (services.config.clientFolder) serveClient(app, services.config.clientFolder)
  app.use(problemHandler(services.log))
  return app
}

const securityHeaders = (https: boolean): RequestHandler =>
  helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'self'"],
        baseUri: ["'none'"],
        formAction: ["'self'"],
        frameAncestors: ["'none'"],
        objectSrc: ["'none'"],
        imgSrc: ["'self'", 'data:', 'blob:'],
        scriptSrc: ["'self'"],
        styleSrc: ["'self'", "'unsafe-inline'"],
        workerSrc: ["'self'"],
      },
    },
    strictTransportSecurity: https,
  })

/** `{id}` as Express writes it. */
const expressPath = (path: string): string => path.replaceAll(/\{(\w+)\}/g, ':$1')

const handler =
  (definition: RouteDefinition, services: Services): RequestHandler =>
  async (request, response) => {
    const { token, session, snapshot } = arrivalOf(response)
    const work = services.work.begin(session?.user.id ?? '', request.get(WORK_HEADER))
    response.once('close', work.over)
    const context: Context<unknown, unknown, unknown> = {
      params: read(definition.params, request.params, 'address'),
      query: read(definition.query, request.query, 'query'),
      body: read(definition.body, request.body as unknown, 'body'),
      upload: Buffer.isBuffer(request.body) ? request.body : Buffer.alloc(0),
      address: request.ip ?? '',
      services,
      snapshot,
      session,
      work,
      cookies: cookieJar(response, token, services.config.secureCookies),
      revision: (revision) => response.setHeader(REVISION_HEADER, String(revision)),
    }
    const result = await onceUnderKey(definition, context, request.get(KEY_HEADER))
    response.setHeader('Cache-Control', 'no-store')
    const status = definition.status ?? 200
    if (status === 204) response.status(status).end()
    else if (definition.type !== undefined) response.status(status).type(definition.type).send(result)
    else if (result instanceof JsonBytes) response.status(status).type('json').send(result.bytes)
    else response.status(status).json(result)
  }

const STREAM = 'text/event-stream'

/** Ends with its listener, or with the application. */
const streamer =
  (streams: NonNullable<RouteDefinition['streams']>, services: Services): RequestHandler =>
  async (_request, response) => {
    const { token, session } = arrivalOf(response)
    const gone = new AbortController()
    const end = () => gone.abort()
    response.once('close', end)
    services.stopping.addEventListener('abort', end, { once: true })
    response.status(200).type(STREAM).setHeader('Cache-Control', 'no-store, no-transform')
    response.setHeader('X-Accel-Buffering', 'no')
    response.flushHeaders()
    try {
      const cookies = cookieJar(response, token, services.config.secureCookies)
      await streams({ services, session, cookies, signal: gone.signal }, (text) => void response.write(text))
    } catch (error) {
      services.log.error({ err: error }, 'a stream broke off')
    } finally {
      services.stopping.removeEventListener('abort', end)
      response.end()
    }
  }

/** A write that comes again under the key it came with before is not done again. */
const onceUnderKey = async (
  definition: RouteDefinition,
  context: Context<unknown, unknown, unknown>,
  key: string | undefined,
): Promise<unknown> => {
  const { writes } = context.services
  const user = context.session?.user.id
  if (definition.method === 'get' || key === undefined || user === undefined) return definition.handle(context)
  if (!KEY.test(key))
    throw new Invalid('The key of this write is not readable.', [{ path: [KEY_HEADER], message: KEYS }])
  const asBefore = async () => {
    const outcome = await writes.outcome(user, key)
    return outcome && (definition.again ? definition.again(context, outcome) : outcome)
  }
  const before = await asBefore()
  if (before !== undefined) return before
  try {
    const result = await writes.under(user, key, async () => definition.handle(context))
    // A file, or what is told as it is, says nothing that is kept.
    if (definition.type === undefined && !(result instanceof JsonBytes)) await writes.answered(user, key, result)
    return result
  } catch (error) {
    if (error instanceof AlreadyDone) return asBefore()
    throw error
  }
}

const NOT_RIGHT = {
  address: 'This address leads nowhere.',
  query: 'Something asked for is not right.',
  body: 'Not everything is right yet.',
}

const read = (schema: z.ZodType | undefined, value: unknown, where: keyof typeof NOT_RIGHT): unknown => {
  if (!schema) return undefined
  const broken = brokenTexts(value)
  if (broken.length > 0) throw new Invalid(NOT_RIGHT[where], broken)
  const checked = schema.safeParse(value)
  if (checked.success) return checked.data
  throw new Invalid(
    NOT_RIGHT[where],
    checked.error.issues.map(({ path, message }) => ({ path: path as (string | number)[], message })),
  )
}

const cookieJar = (response: Response, token: string | undefined, secure: boolean) => {
  const options = { httpOnly: true, sameSite: 'strict', path: '/', secure } as const
  return {
    token,
    set: (value: string, expires: Date) => {
      response.setHeader('Set-Cookie', serialize(COOKIE, value, { ...options, expires }))
    },
    clear: () => {
      response.setHeader('Set-Cookie', serialize(COOKIE, '', { ...options, maxAge: 0 }))
    },
  }
}

const serveClient = (app: Express, folder: string): void => {
  app.use('/assets', express.static(join(folder, 'assets'), { immutable: true, maxAge: '1y', fallthrough: false }))
  app.use(express.static(folder, { index: false }))
  app.get('/{*path}', (_request, response) => {
    response.setHeader('Cache-Control', 'no-cache')
    response.sendFile(join(folder, 'index.html'))
  })
}
