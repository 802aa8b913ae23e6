import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { createConfig, lintFromString } from '@redocly/openapi-core'
import { openApiDocument, operationIdOf } from '#server/http/openapi'
import { routes } from '#server/routes'
import { openShop, type Shop } from './shop'

interface Operation {
  summary: string
  parameters?: { name: string; in: string; schema: unknown }[]
  requestBody?: { content: Record<string, { schema: unknown }> }
  responses: Record<string, { description: string; content?: Record<string, { schema: unknown }> }>
}

let shop: Shop
let paths: Record<string, Record<string, Operation>>
beforeAll(async () => {
  shop = await openShop()
  paths = (await shop.anyone().get('/api/openapi.json').expect(200)).body.paths
})
afterAll(() => shop.close())

/** Every address Express really answers, as OpenAPI writes it. */
const served = (): string[] => {
  const { stack } = shop.app.router as unknown as {
    stack: { route?: { path: string; methods: Record<string, boolean> } }[]
  }
  return stack.flatMap(({ route }) =>
    route && route.path.startsWith('/api')
      ? Object.keys(route.methods).map((method) => `${method} ${route.path.replaceAll(/:(\w+)/g, '{$1}')}`)
      : [],
  )
}

/** Every object and list of the description, with its place. */
const parts = function* (value: unknown, place = ''): Generator<[string, object]> {
  if (typeof value !== 'object' || value === null) return
  yield [place, value]
  for (const [key, part] of Object.entries(value)) yield* parts(part, `${place}/${key}`)
}

describe('the description of the API', () => {
  it('is without an error or a warning for the linter, but for what is meant', async () => {
    const document = openApiDocument(routes)
    const config = await createConfig({ extends: ['recommended'] })
    const source = JSON.stringify(document)
    const problems = await lintFromString({ source, absoluteRef: 'openapi.json', config })
    // A row's key and a table's name may both stand there; three addresses refuse nobody for what they ask.
    expect(problems.map(({ severity, ruleId }) => `${severity} ${ruleId}`).sort()).toEqual([
      'warn no-ambiguous-paths',
      'warn operation-4xx-response',
      'warn operation-4xx-response',
      'warn operation-4xx-response',
    ])
  })

  it('has names for its shapes and its operations, words for its parameters, and nothing empty', () => {
    const document = openApiDocument(routes)
    expect(Object.keys(document.components.schemas).length).toBeGreaterThan(100)
    const empty = [...parts(document)].filter(([, value]) => !Array.isArray(value) && Object.keys(value).length === 0)
    expect(empty.map(([place]) => place)).toEqual([])
    const ids = routes.map(operationIdOf)
    expect(new Set(ids).size).toBe(routes.length)
    expect(ids).toContain('putClassesById')
    expect(document.tags.every(({ description }) => typeof description === 'string')).toBe(true)
  })

  it('holds every address that is served, and none that is not', () => {
    const described = Object.entries(paths).flatMap(([path, operations]) =>
      Object.keys(operations).map((method) => `${method} ${path}`),
    )
    expect(served().length).toBeGreaterThanOrEqual(15)
    expect(described.sort()).toEqual(served().sort())
  })

  it.each(routes.map((route) => [`${route.method} ${route.path}`, route] as const))('describes %s', (_, route) => {
    const operation = paths[route.path]?.[route.method] as Operation
    expect(operation.summary.length).toBeGreaterThan(5)
    const status = String(route.status ?? 200)
    const answer = operation.responses[status]
    expect(answer).toBeDefined()
    if (status !== '204') expect(answer?.content?.[route.type ?? 'application/json']?.schema).toBeTypeOf('object')
    if (route.body) expect(operation.requestBody?.content['application/json']?.schema).toBeTypeOf('object')
    const named = [...route.path.matchAll(/\{(\w+)\}/g)].map(([, name]) => name)
    const inPath = (operation.parameters ?? []).filter((parameter) => parameter.in === 'path').map(({ name }) => name)
    expect(inPath.sort()).toEqual(named.sort())
    if (route.for !== 'everyone') expect(operation.responses['401']).toBeDefined()
  })
})
