/** The types of the wire for the client, written from the API's own description. */
import openapiTS, { astToString, transformSchemaObject, tsUnion, type SchemaObject } from 'openapi-typescript'
import { format, resolveConfig } from 'prettier'
import ts from 'typescript'
import { openApiDocument } from '../http/openapi'
import { routes } from '../routes'

const { factory } = ts

/** What the description only tells in words, and the core has a type for. */
const TOLD_IN_WORDS: Record<string, string> = {
  Reason: '#core/answer/reasons',
  ToldStep: '#core/procedure/types',
  ToldCause: '#core/procedure/types',
  DiagnosisView: '#shared/api/desk',
}
const HEAD = [
  '/** What the API takes and gives, from its own description. Written by `npm run docs`. */',
  ...Object.entries(TOLD_IN_WORDS).map(([name, from]) => `import type { ${name} } from '${from}'`),
  '',
].join('\n')

/** What is written beside paths, operations and components, and is empty here. */
const UNUSED: ReadonlySet<string | undefined> = new Set(['webhooks', '$defs'])

const nameOf = (node: ts.Node): string | undefined => (ts.isTypeAliasDeclaration(node) ? node.name.text : undefined)

/** TypeScript: what each operation takes, and gives where it succeeds. */
export const wireTypes = async (): Promise<string> => {
  const { paths, ...document } = openApiDocument(routes)
  const types = await openapiTS(JSON.stringify({ ...document, paths: successful(paths) }), {
    inject: HEAD,
    // What has a default may be left out of what is sent.
    defaultNonNullable: false,
    transform: (schema, { ctx, path = '' }) => {
      const { pattern, propertyNames, additionalProperties: value } = schema as Told
      const name = /^#\/components\/schemas\/(\w+)$/.exec(path)?.[1]
      if (name !== undefined && name in TOLD_IN_WORDS) return factory.createTypeReferenceNode(name)
      if (pattern !== undefined) return wordsOf(pattern)
      if (!propertyNames || value === undefined) return undefined
      // Of any word the usual record says as much.
      if (!isNamed(propertyNames as Told, document.components.schemas)) return undefined
      const at = { ctx, path: '' }
      const record = factory.createTypeReferenceNode('Record', [
        transformSchemaObject(propertyNames, at),
        transformSchemaObject(value, at),
      ])
      return factory.createTypeReferenceNode('Partial', [record])
    },
  })
  const written = astToString(types.filter((node) => !UNUSED.has(nameOf(node))))
  return format(written, { ...(await resolveConfig('package.json')), parser: 'typescript' })
}

type Told = SchemaObject & {
  $ref?: string
  enum?: unknown[]
  pattern?: string
  propertyNames?: SchemaObject
  additionalProperties?: SchemaObject
}

/** Whether names are some words out of a list. */
const isNamed = (names: Told, components: Record<string, unknown>): boolean => {
  const of = (names.$ref === undefined ? names : components[names.$ref.split('/').at(-1) ?? '']) as Told
  return of.enum !== undefined || (of.pattern !== undefined && wordsOf(of.pattern) !== undefined)
}

type Paths = ReturnType<typeof openApiDocument>['paths']

/** Refusals and headers are the transport's, the words are for people. */
const successful = (paths: Paths): Paths =>
  Object.fromEntries(
    Object.entries(paths).map(([path, operations]) => [
      path,
      Object.fromEntries(
        Object.entries(operations).map(([method, { summary: _, description: __, ...operation }]) => {
          const parameters = operation['parameters'] as { in: string }[]
          const responses = operation['responses'] as Record<string, object>
          return [
            method,
            {
              ...operation,
              parameters: parameters.filter((one) => one.in !== 'header'),
              responses: Object.fromEntries(
                Object.entries(responses)
                  .filter(([status]) => status.startsWith('2'))
                  .map(([status, response]) => [status, { ...response, description: '' }]),
              ),
            },
          ]
        }),
      ),
    ]),
  )

/** Words told by a pattern, `^(low|high|own:.+)$`; undefined of any other pattern. */
const wordsOf = (pattern: string): ts.TypeNode | undefined => {
  const words = /^\^\(([\w:.+|]+)\)\$$/.exec(pattern)?.[1]?.split('|')
  return words && tsUnion(words.map(wordOf))
}

const wordOf = (word: string): ts.TypeNode => {
  const open = word.endsWith('.+') ? word.slice(0, -2) : undefined
  if (open === undefined) return factory.createLiteralTypeNode(factory.createStringLiteral(word))
  const rest = factory.createKeywordTypeNode(ts.SyntaxKind.StringKeyword)
  return factory.createTemplateLiteralType(factory.createTemplateHead(open), [
    factory.createTemplateLiteralTypeSpan(rest, factory.createTemplateTail('')),
  ])
}
