/** The OpenAPI document, made from the same list of routes that the application serves. */
import type { z } from 'zod'
import { ProblemDetails, schemaOf } from './components'
import type { RouteDefinition } from './route'
import { parameterWords } from './parameters'

type Schema = Record<string, unknown>

const REFUSALS: Record<number, string> = {
  400: 'The request is not readable',
  401: 'Nobody is signed in, or name and password do not go together',
  403: 'The role does not allow it, or the CSRF token is missing',
  404: 'There is no such thing',
  409: 'Somebody else changed it meanwhile; both versions are given',
  410: 'It was removed meanwhile',
  413: 'Too large',
  422: 'Understood but not right; `issues` names each place',
  429: 'Too many tries',
  503: 'Not at the moment; `Retry-After` says when',
}

export interface OpenApiDocument {
  openapi: '3.1.0'
  info: { title: string; version: string; description: string; license: Schema }
  servers: Schema[]
  tags: Schema[]
  paths: Record<string, Record<string, Schema>>
  components: { schemas: Record<string, Schema>; securitySchemes: Schema }
}

export const openApiDocument = (routes: readonly RouteDefinition[]): OpenApiDocument => {
  const components = new Map<string, Schema>()
  const paths: OpenApiDocument['paths'] = {}
  for (const definition of routes)
    paths[definition.path] = {
      ...paths[definition.path],
      [definition.method]: operationOf(definition, components),
    }
  const tags = [...new Set(routes.map(({ tag }) => tag))].sort()
  return {
    openapi: '3.1.0',
    info: {
      title: 'Handhold',
      version: '1',
      description: 'From a technique and a machine to a set-up card.',
      license: { name: 'MIT', identifier: 'MIT' },
    },
    servers: [{ url: '/', description: 'The shop’s own server' }],
    tags: tags.map((name) => ({ name, description: TAGS[name] })),
    paths,
    components: {
      schemas: Object.fromEntries([...components].sort(([a], [b]) => (a < b ? -1 : 1))),
      securitySchemes: { session: { type: 'apiKey', in: 'cookie', name: 'handhold_session' } },
    },
  }
}

const TAGS: Record<string, string> = {
  Cards: 'Cards and answers',
  Catalogue: 'Makes, machines, stitches, feet, techniques: their rows',
  Changes: 'What was written to, as it happens',
  Classes: 'Classes, what they use up, the calendar',
  Coverage: 'All techniques on all machines',
  Customers: 'People, their machines, what they own',
  Data: 'Catalogues and lists, in and out',
  Desk: 'The ask line, cases, diagnosis',
  History: 'Who changed what, and the way back',
  Outbox: 'Mail as it would be sent',
  Practice: 'Simulated machines and what came of trying',
  Samples: 'What was sewn, photographs, labels',
  Service: 'The application itself',
  Session: 'Signing in and out',
  Shared: 'What a link opens, without an account',
  Shop: 'The shop’s own choices and people',
  Workbench: 'The arithmetic, and sheets at true size',
}

/** `get /api/classes/{id}/plan` is `getClassesByIdPlan`. */
export const operationIdOf = ({ method, path }: Pick<RouteDefinition, 'method' | 'path'>): string =>
  method +
  path
    .replace(/^\/api\//, '')
    .split(/[/.-]/)
    .map((part) => part.replace(/^\{(\w+)\}$/, (_, name: string) => `By${capital(name)}`))
    .map(capital)
    .join('')

const capital = (word: string): string => word.slice(0, 1).toUpperCase() + word.slice(1)

const operationOf = (definition: RouteDefinition, components: Map<string, Schema>): Schema => {
  const { params, query, body, takes, holds, status = 200 } = definition
  const problem = schemaOf(ProblemDetails, components)
  const isOpen = definition.for === 'everyone'
  return {
    operationId: operationIdOf(definition),
    summary: definition.summary,
    tags: [definition.tag],
    ...(isOpen ? {} : { description: `Roles: ${(definition.for as readonly string[]).join(', ')}.` }),
    security: isOpen ? [] : [{ session: [] }],
    parameters: [
      ...parametersOf('path', params, components),
      ...parametersOf('query', query, components),
      ...(definition.method === 'get' || isOpen ? [] : [CSRF, KEY]),
    ],
    ...(body ? requestOf('application/json', schemaOf(body, components)) : {}),
    ...(takes === undefined ? {} : requestOf(takes, holds ? schemaOf(holds, components) : FILE)),
    responses: {
      [status]: {
        description: definition.summary,
        ...(status === 204 ? {} : { content: contentOf(definition, components) }),
      },
      ...Object.fromEntries(
        refusalsOf(definition).map((code) => [
          code,
          {
            description: REFUSALS[code] ?? 'Refused',
            content: { 'application/problem+json': { schema: problem } },
          },
        ]),
      ),
    },
  }
}

const FILE = { type: 'string', format: 'binary' }
const TEXT = /^text\//

const contentOf = ({ type, result }: RouteDefinition, components: Map<string, Schema>): Schema =>
  type === undefined
    ? { 'application/json': { schema: schemaOf(result, components) } }
    : { [type]: { schema: TEXT.test(type) ? { type: 'string' } : FILE } }

const requestOf = (type: string, schema: Schema): Schema => ({
  requestBody: { required: true, content: { [type]: { schema } } },
})

const CSRF = {
  name: 'X-CSRF-Token',
  in: 'header',
  required: true,
  description: 'As signing in gave it: the request comes from Handhold’s own pages.',
  schema: { type: 'string' },
}
const KEY = {
  name: 'Idempotency-Key',
  in: 'header',
  required: false,
  description: 'The same for a write that is sent again: it is done once, and answered as before.',
  schema: { type: 'string', pattern: '^[A-Za-z0-9_-]{8,80}$' },
}

const parametersOf = (
  where: 'path' | 'query',
  shape: z.ZodType | undefined,
  components: Map<string, Schema>,
): Schema[] => {
  if (!shape) return []
  const made = new Map(components)
  const schema = schemaOf(shape, made)
  // A shape of parameters is told parameter by parameter and is no component of its own.
  const whole = typeof schema['$ref'] === 'string' ? made.get(schema['$ref'].split('/').at(-1) ?? '') : schema
  const { properties = {}, required = [] } = whole as { properties?: Record<string, Schema>; required?: string[] }
  for (const [name, one] of made) if (one !== whole) components.set(name, one)
  return Object.entries(properties).map(([name, own]) => ({
    name,
    in: where,
    required: where === 'path' || required.includes(name),
    description: parameterWords(name),
    schema: own,
  }))
}

/** Statuses every route of its kind may refuse with, and its own. */
const refusalsOf = (definition: RouteDefinition): number[] =>
  [
    ...new Set([
      503,
      ...(definition.for === 'everyone' ? [] : [401]),
      ...(definition.for === 'everyone' || definition.method === 'get' ? [] : [403]),
      ...(definition.params || definition.query || definition.body ? [422] : []),
      ...(definition.body ? [400, 413] : []),
      ...(definition.takes ? [413, 422] : []),
      ...(definition.refuses ?? []),
    ]),
  ].sort((a, b) => a - b)
