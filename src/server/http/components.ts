/** The shapes of the wire by name: what a module of the API's shapes exports is a component of its description. */
import { z } from 'zod'
import * as answer from '#shared/api/answer'
import * as card from '#shared/api/card'
import * as catalogue from '#shared/api/catalogue'
import * as changes from '#shared/api/changes'
import * as classes from '#shared/api/classes'
import * as coverage from '#shared/api/coverage'
import * as customers from '#shared/api/customers'
import * as desk from '#shared/api/desk'
import * as editions from '#shared/api/editions'
import * as fit from '#shared/api/fit'
import * as merging from '#shared/api/merging'
import * as outbox from '#shared/api/outbox'
import * as practice from '#shared/api/practice'
import * as records from '#shared/api/records'
import * as resources from '#shared/api/resources'
import * as rows from '#shared/api/rows'
import * as samples from '#shared/api/samples'
import * as session from '#shared/api/session'
import * as translate from '#shared/api/translate'
import * as workbench from '#shared/api/workbench'

const modules: readonly object[] = [
  answer,
  card,
  catalogue,
  changes,
  classes,
  coverage,
  customers,
  desk,
  editions,
  fit,
  merging,
  outbox,
  practice,
  records,
  resources,
  rows,
  samples,
  session,
  translate,
  workbench,
]

/** What every refusal says (RFC 9457). */
export const ProblemDetails = z.object({
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

const named = z.registry<{ id: string }>()

const known = new Set<string>()
const add = (name: string, shape: z.ZodType): void => {
  // Alike for two names, it is known by the first.
  if (named.has(shape)) return
  if (known.has(name)) throw new Error(`two shapes are called ${name}`)
  named.add(shape, { id: name })
  known.add(name)
}
add('ProblemDetails', ProblemDetails)
for (const shapes of modules)
  for (const [name, shape] of Object.entries(shapes) as [string, unknown][])
    if (shape instanceof z.ZodType) add(name, shape)

type Schema = Record<string, unknown>

/** A shape as JSON Schema, with the components it speaks of by reference; those are put into `components`. */
export const schemaOf = (shape: z.ZodType, components: Map<string, Schema>): Schema => {
  const {
    $schema: _,
    $defs = {},
    ...schema
  } = z.toJSONSchema(shape, {
    metadata: named,
    io: 'input',
    unrepresentable: 'any',
    override: ({ jsonSchema }) => {
      // What may be anything says so.
      if (Object.keys(jsonSchema).length === 0) jsonSchema.description = 'Any JSON value.'
      if (isEmpty(jsonSchema.additionalProperties)) jsonSchema.additionalProperties = true
    },
  })
  for (const [name, one] of Object.entries($defs)) components.set(name, pointed(one) as Schema)
  return pointed(schema) as Schema
}

const isEmpty = (value: unknown): boolean =>
  typeof value === 'object' && value !== null && Object.keys(value).length === 0

/** References as OpenAPI has them. */
const pointed = (value: unknown): unknown => {
  if (Array.isArray(value)) return value.map(pointed)
  if (typeof value !== 'object' || value === null) return value
  return Object.fromEntries(
    Object.entries(value).map(([key, part]) => [
      key,
      key === '$ref' && typeof part === 'string' ? part.replace('#/$defs/', '#/components/schemas/') : pointed(part),
    ]),
  )
}
