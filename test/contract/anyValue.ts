/** Values of a schema, made from what it says of itself as JSON Schema: of every kind, at every bound. */
import fc from 'fast-check'
import { z } from 'zod'

interface Shape {
  type?: string | string[]
  const?: unknown
  enum?: unknown[]
  anyOf?: Shape[]
  oneOf?: Shape[]
  allOf?: Shape[]
  properties?: Record<string, Shape>
  required?: string[]
  additionalProperties?: Shape | boolean
  propertyNames?: Shape
  items?: Shape
  prefixItems?: Shape[]
  minItems?: number
  maxItems?: number
  minLength?: number
  maxLength?: number
  pattern?: string
  format?: string
  minimum?: number
  maximum?: number
  exclusiveMinimum?: number
  exclusiveMaximum?: number
  $ref?: string
  $defs?: Record<string, Shape>
}

const SIGNS = fc.oneof(
  fc.string({ unit: 'grapheme' }),
  fc.constantFrom(
    '',
    ' ',
    '\u0000',
    '😀',
    '\ud83d',
    '\ufeff',
    "'; DROP TABLE x",
    '=1+1',
    '../..',
    '%',
    '\\',
    '"',
    '\n',
  ),
)

/** `ids`: what is there, so that some values speak of it. */
export const valuesOf = (schema: z.ZodType, ids: readonly string[]): fc.Arbitrary<unknown> => {
  const root = z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }) as Shape
  const made = (shape: Shape, depth: number): fc.Arbitrary<unknown> => {
    if (shape.$ref) return made(root.$defs?.[shape.$ref.split('/').at(-1) ?? ''] ?? root, depth + 1)
    if ('const' in shape) return fc.constant(shape.const)
    if (shape.enum) return fc.constantFrom(...shape.enum)
    const choices = shape.anyOf ?? shape.oneOf
    if (choices) return fc.oneof(...choices.map((one) => made(one, depth)))
    if (shape.allOf) return made(Object.assign({}, ...shape.allOf) as Shape, depth)
    switch (Array.isArray(shape.type) ? shape.type[0] : shape.type) {
      case 'string':
        return textOf(shape, ids)
      case 'integer':
        return fc.oneof(
          fc.integer({ min: Math.ceil(lowest(shape, -1e6)), max: Math.floor(highest(shape, 1e6)) }),
          ...atBounds([0, 1, -1, 2 ** 31, 2 ** 53 - 1], shape),
        )
      case 'number':
        return fc.oneof(
          fc.double({ min: lowest(shape, -1e9), max: highest(shape, 1e9), noNaN: true }),
          ...atBounds([0, 1, 0.1, 1e300, -1e300], shape),
        )
      case 'boolean':
        return fc.boolean()
      case 'null':
        return fc.constant(null)
      case 'array': {
        if (shape.prefixItems) return fc.tuple(...shape.prefixItems.map((one) => made(one, depth + 1)))
        const most = Math.min(shape.maxItems ?? 4, depth > 3 ? 1 : 4)
        const least = Math.min(shape.minItems ?? 0, 4)
        return fc.array(made(shape.items ?? {}, depth + 1), { minLength: least, maxLength: Math.max(least, most) })
      }
      case 'object': {
        const fields = Object.entries(shape.properties ?? {}).map(([key, one]) => [key, made(one, depth + 1)] as const)
        const known = fc.record(Object.fromEntries(fields), { requiredKeys: shape.required ?? [] })
        if (typeof shape.additionalProperties !== 'object' || fields.length > 0) return known
        return fc.dictionary(textOf(shape.propertyNames ?? {}, ids), made(shape.additionalProperties, depth + 1), {
          maxKeys: 3,
        })
      }
      default:
        return fc.oneof(fc.constantFrom(null, true, 0, 'x', [], {}), fc.jsonValue({ maxDepth: 2 }))
    }
  }
  return made(root, 0)
}

const textOf = (shape: Shape, ids: readonly string[]): fc.Arbitrary<string> => {
  const { minLength = 0, maxLength = 10_000, pattern } = shape
  const fits = (text: string) => text.length >= minLength && text.length <= maxLength
  if (pattern) {
    const own = ids.filter((id) => new RegExp(pattern, 'u').test(id))
    const any = fc.stringMatching(new RegExp(pattern, 'u')).filter(fits)
    return own.length > 0 ? fc.oneof(fc.constantFrom(...own), any) : any
  }
  const long = [255, 256, maxLength].filter((length) => length >= minLength && length <= maxLength)
  return fc.oneof(
    SIGNS.filter(fits),
    fc.constantFrom(...long.map((length) => 'ü'.repeat(length)), 'x'.repeat(Math.max(1, minLength))),
    ...(ids.some(fits) ? [fc.constantFrom(...ids.filter(fits))] : []),
  )
}

const lowest = ({ minimum, exclusiveMinimum }: Shape, otherwise: number): number =>
  Math.max(minimum ?? otherwise, exclusiveMinimum === undefined ? otherwise : exclusiveMinimum + 1e-6)
const highest = ({ maximum, exclusiveMaximum }: Shape, otherwise: number): number =>
  Math.min(maximum ?? otherwise, exclusiveMaximum === undefined ? otherwise : exclusiveMaximum - 1e-6)
/** Those of the numbers that are within what the shape says. */
const atBounds = (numbers: number[], shape: Shape): fc.Arbitrary<number>[] => {
  const within = numbers.filter((one) => isWithin(one, shape))
  return within.length > 0 ? [fc.constantFrom(...within)] : []
}
const isWithin = (value: number, shape: Shape): boolean =>
  value >= lowest(shape, -Infinity) && value <= highest(shape, Infinity)
