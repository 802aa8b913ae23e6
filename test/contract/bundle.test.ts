import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { demoBundle } from '#demo/bundle'
import { openShop, type Shop } from './shop'

let shop: Shop
let empty: Shop
beforeAll(async () => {
  shop = await openShop()
  empty = await openShop({ demo: false })
})
afterAll(async () => {
  await shop.close()
  await empty.close()
})

describe('the catalogue as a file', () => {
  it('comes out as it went in, missing keys and order included', async () => {
    const { body } = await (await shop.as('viewer')).get('/api/bundle').expect(200)
    expect(body).toEqual(JSON.parse(JSON.stringify(demoBundle())))
  })

  it('out of one shop into an empty one and out again gives the same bytes', async () => {
    const first = await (await shop.as('lead')).get('/api/bundle').expect(200)
    const lead = await empty.as('lead')
    const taken = await lead.post('/api/bundle').send(first.body).expect(200)
    expect(taken.body).toMatchObject({ changed: 0, same: 0 })
    expect(taken.body.added).toBeGreaterThan(200)
    const second = await lead.get('/api/bundle').expect(200)
    expect(second.text).toBe(first.text)
  })

  it('taken in twice changes nothing the second time, not even the revision', async () => {
    const lead = await shop.as('lead')
    const before = await lead.get('/api/bundle')
    const again = await lead.post('/api/bundle').send(before.body).expect(200)
    expect(again.body).toMatchObject({ added: 0, changed: 0, revision: Number(before.headers['catalogue-revision']) })
  })

  it('says where a broken one is broken and changes nothing', async () => {
    const lead = await shop.as('lead')
    const before = await lead.get('/api/bundle')
    const broken = structuredClone(before.body)
    broken.models[0].name = 'Renamed'
    broken.models[1].scales.width.from = 'wide'
    broken.items[3].what = 'gadget'
    const refused = await lead.post('/api/bundle').send(broken).expect(422)
    const places = refused.body.issues.map(({ path }: { path: unknown[] }) => path.join('.'))
    expect(places.join(' ')).toContain('models.1.scales.width')
    expect(places).toContain('items.3.what')
    expect((await lead.get('/api/bundle')).text).toBe(before.text)
  })

  it('refuses a sound file that names what is nowhere, all of it', async () => {
    const lead = await shop.as('lead')
    const before = await lead.get('/api/bundle')
    const loose = structuredClone(before.body)
    loose.models[0].name = 'Renamed'
    loose.fits[0].item = 'no-such-item'
    const refused = await lead.post('/api/bundle').send(loose).expect(422)
    expect(refused.body.issues).toContainEqual({
      path: ['fits', loose.fits[0].id, 'item'],
      message: 'no item “no-such-item” in the catalogue',
    })
    expect((await lead.get('/api/bundle')).text).toBe(before.text)
  })

  it('keeps the tables as the entities say', async () => {
    const { upQueries } = await shop.services.database.driver.createSchemaBuilder().log()
    expect(upQueries.map(({ query }) => query)).toEqual([])
  })
})

describe('a second server beside the first', () => {
  it('never answers from an older catalogue than the database holds', async () => {
    const other = await openShop({ url: shop.databaseUrl })
    try {
      await (await other.as('viewer')).get('/api/picks').expect(200)
      const lead = await shop.as('lead')
      const row = await lead.get('/api/catalogue/fabrics/felt').expect(200)
      await lead
        .put('/api/catalogue/fabrics/felt')
        .send({ version: row.body.version, value: { ...row.body.value, name: 'Thick felt' } })
        .expect(200)
      const seen = await (await other.as('viewer')).get('/api/picks').expect(200)
      expect(seen.body.fabrics.map(({ name }: { name: string }) => name)).toContain('Thick felt')
    } finally {
      await other.close()
    }
  })
})
