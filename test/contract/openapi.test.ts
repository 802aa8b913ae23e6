import { afterAll, beforeAll, describe, expect, it } from 'vitest'
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

describe('the description of the API', () => {
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
