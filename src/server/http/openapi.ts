/** The OpenAPI document, made from the same list of routes that the application serves. */
import { OpenAPIRegistry, OpenApiGeneratorV31, extendZodWithOpenApi } from '@asteasolutions/zod-to-openapi'
import { z } from 'zod'
import type { RouteDefinition } from './route'

extendZodWithOpenApi(z)

const ProblemDetails = z.object({
  type: z.string(),
  title: z.string(),
  status: z.int(),
  issues: z.array(z.object({ path: z.array(z.union([z.string(), z.number()])), message: z.string() })).optional(),
  yours: z.unknown().optional(),
  theirs: z.unknown().optional(),
  clashes: z
    .array(z.object({ resource: z.string(), row: z.string(), yours: z.unknown(), theirs: z.unknown() }))
    .optional(),
})

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
}

export const openApiDocument = (routes: readonly RouteDefinition[]) => {
  const registry = new OpenAPIRegistry()
  registry.registerComponent('securitySchemes', 'session', {
    type: 'apiKey',
    in: 'cookie',
    name: 'handhold_session',
  })
  for (const definition of routes) {
    const status = definition.status ?? 200
    registry.registerPath({
      method: definition.method,
      path: definition.path,
      summary: definition.summary,
      tags: [definition.tag],
      ...(definition.for === 'everyone'
        ? {}
        : { security: [{ session: [] }], description: `Roles: ${definition.for.join(', ')}.` }),
      request: {
        ...(definition.params ? { params: definition.params as never } : {}),
        ...(definition.query ? { query: definition.query as never } : {}),
        ...(definition.body ? { body: { content: { 'application/json': { schema: definition.body } } } } : {}),
        ...(definition.takes ? { body: { content: { [definition.takes]: { schema: z.string() } } } } : {}),
      },
      responses: {
        [status]: {
          description: definition.summary,
          ...(status === 204
            ? {}
            : { content: { [definition.type ?? 'application/json']: { schema: definition.result } } }),
        },
        ...Object.fromEntries(
          refusalsOf(definition).map((code) => [
            code,
            {
              description: REFUSALS[code] ?? 'Refused',
              content: { 'application/problem+json': { schema: ProblemDetails } },
            },
          ]),
        ),
      },
    })
  }
  return new OpenApiGeneratorV31(registry.definitions, { unionPreferredType: 'oneOf' }).generateDocument({
    openapi: '3.1.0',
    info: { title: 'Handhold', version: '1', description: 'From a technique and a machine to a set-up card.' },
  })
}

/** Statuses every route of its kind may refuse with, and its own. */
const refusalsOf = (definition: RouteDefinition): number[] =>
  [
    ...new Set([
      ...(definition.for === 'everyone' ? [] : [401]),
      ...(definition.for === 'everyone' || definition.method === 'get' ? [] : [403]),
      ...(definition.params || definition.query || definition.body ? [422] : []),
      ...(definition.body ? [400, 413] : []),
      ...(definition.takes ? [413, 422] : []),
      ...(definition.refuses ?? []),
    ]),
  ].sort((a, b) => a - b)
