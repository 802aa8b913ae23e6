import fc from 'fast-check'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { RouteDefinition } from '#server/http/route'
import { tables } from '#server/features/catalogue/mapper'
import { routes } from '#server/routes'
import { resourceList, resources, type Resource } from '#shared/api/resources'
import { valuesOf } from './anyValue'
import { openShop, type Person, type Shop } from './shop'

/** Requests in all; `./handhold test fire` sends more. */
const REQUESTS = Number(process.env.HANDHOLD_FIRE_REQUESTS ?? 900)
let shop: Shop
let lead: Person
let ids: string[]
beforeAll(async () => {
  shop = await openShop()
  lead = await shop.as('lead')
  const picks = (await lead.get('/api/picks').expect(200)).body
  const customers = (await lead.get('/api/customers').expect(200)).body.rows as { customer: { id: string } }[]
  ids = [
    ...[...picks.models.slice(0, 3), ...picks.techniques.slice(0, 3), ...picks.fabrics.slice(0, 2)].map(
      ({ id }: { id: string }) => id,
    ),
    ...customers.slice(0, 2).map(({ customer }) => customer.id),
    ...['lf-07', 'makes', 'models', 'stitches', 'items'],
  ]
})
afterAll(() => shop.close())

/** What ends the session that asks, or the whole shop with it, is asked for elsewhere. */
const apart = ({ method, path }: RouteDefinition) =>
  path.startsWith('/api/session') ||
  // It goes on for as long as somebody listens.
  path === '/api/changes' ||
  (path.startsWith('/api/people') && method !== 'post') ||
  path === '/api/bundle'

const asked = (definition: RouteDefinition): fc.Arbitrary<{ path: string; body: unknown }> => {
  const params = definition.params ? valuesOf(definition.params, ids) : fc.constant({})
  const query = definition.query ? valuesOf(definition.query, ids) : fc.constant({})
  const body = definition.body ? valuesOf(definition.body, ids) : fc.constant(undefined)
  return fc.tuple(params, query, body).map(([params, query, body]) => {
    const filled = definition.path.replaceAll(/\{(\w+)\}/g, (_, name: string) =>
      encoded(String((params as Record<string, unknown>)[name] ?? 'x')),
    )
    const search = Object.entries(query as Record<string, unknown>)
      .filter(([, value]) => value !== undefined)
      .map(([key, value]) => `${key}=${encoded(String(value))}`)
    return { path: `${filled}?${search.join('&')}`, body }
  })
}
const encoded = (text: string): string => encodeURIComponent(text.toWellFormed()) || '%20'

describe('what passes the schemas', () => {
  const tried = routes.filter((one) => !apart(one) && one.takes === undefined)
  it.each(tried.map((one) => [`${one.method} ${one.path}`, one] as const))(
    'is answered without a fault of ours: %s',
    async (_, definition) => {
      const failed: string[] = []
      await fc.assert(
        fc.asyncProperty(asked(definition), async ({ path, body }) => {
          const request = lead[definition.method](path).set('Content-Type', 'application/json')
          const { status } = await (body === undefined ? request : request.send(JSON.stringify(body)))
          if (status >= 500) failed.push(`${status} ${path} ${JSON.stringify(body)?.slice(0, 600)}`)
        }),
        { numRuns: Math.ceil(REQUESTS / tried.length), seed: 5, endOnFailure: true },
      )
      expect(failed.slice(0, 3)).toEqual([])
    },
  )

  it.each(resourceList)('is kept or refused without a fault of ours: rows of %s', async (resource) => {
    const counts = new Map<number, number>()
    const failed: string[] = []
    await fc.assert(
      fc.asyncProperty(valuesOf(resources[resource].schema, ids), async (value) => {
        const id = (value as { id: string }).id
        const change = {
          resource,
          id,
          version: null,
          value,
          ...(resource === 'stitches' ? { model: 'plover-60' } : {}),
        }
        const { status } = await lead.post('/api/catalogue/changes').send({ changes: [change] })
        counts.set(status, (counts.get(status) ?? 0) + 1)
        if (status >= 500) failed.push(`${status} ${JSON.stringify(value).slice(0, 600)}`)
      }),
      { numRuns: Math.ceil(REQUESTS / 20), seed: 7 },
    )
    expect(failed.slice(0, 3)).toEqual([])
    expect([...counts.keys()].every((status) => [200, 409, 410, 422].includes(status))).toBe(true)
  })

  it('a removal of what never was is refused, and no history says that it has been', async () => {
    const removal = { resource: 'threads', id: 'never-was', version: null, value: null }
    await lead
      .post('/api/catalogue/changes')
      .send({ changes: [removal] })
      .expect(410)
    expect((await lead.get('/api/history?resource=threads&row=never-was').expect(200)).body).toEqual([])
  })

  it('names and texts longer than their columns are refused with their place, at one sign beyond', async () => {
    const { bundle } = await shop.services.catalogue.snapshot()
    const first = (resource: Resource): Record<string, unknown> => {
      const { stitches = [], ...head } = bundle.models[0] ?? {}
      if (resource === 'models') return head
      return (resource === 'stitches' ? stitches[0] : bundle[resource][0]) as unknown as Record<string, unknown>
    }
    let columns = 0
    for (const resource of resourceList) {
      const value = first(resource)
      expect(resources[resource].schema.safeParse(value).success, resource).toBe(true)
      const entity = shop.services.database.getMetadata(tables[resource].entity)
      for (const name of tables[resource].columns) {
        const length = Number(entity.findColumnWithPropertyName(name)?.length)
        if (typeof value[name] !== 'string' || !(length > 0)) continue
        columns++
        const long = { ...value, [name]: 'x'.repeat(length + 1) }
        expect(resources[resource].schema.safeParse(long).success, `${resource} ${name}`).toBe(false)
      }
    }
    expect(columns).toBeGreaterThan(15)
  })
})
