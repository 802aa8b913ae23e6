import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { openShop, type Person, type Shop } from './shop'

let shop: Shop
let lead: Person
beforeAll(async () => {
  shop = await openShop()
  lead = await shop.as('lead')
})
afterAll(() => shop.close())

const read = async (path: string) => (await lead.get(path).expect(200)).body
const revision = async () => Number((await lead.get('/api/picks')).headers['catalogue-revision'])

describe('one row', () => {
  it('gives two writers of one row 409 with both versions to the second', async () => {
    const path = '/api/catalogue/items/lf-22'
    const row = await read(path)
    const mine = { ...row.value, price: 3100 }
    const theirs = { ...row.value, price: 3300 }
    const written = await lead.put(path).send({ version: row.version, value: mine }).expect(200)
    expect(written.body.version).toBe(await revision())
    const refused = await lead.put(path).send({ version: row.version, value: theirs }).expect(409)
    expect(refused.body).toMatchObject({
      yours: { price: 3300 },
      theirs: { version: written.body.version, value: { price: 3100 } },
    })
    expect((await read(path)).value.price).toBe(3100)
  })

  it('says the catalogue’s revision with every answer, refusals too', async () => {
    const now = String(await revision())
    for (const path of [
      '/api/session',
      '/api/picks',
      '/api/catalogue/items/no-such',
      '/api/history?resource=nothing',
    ]) {
      expect((await lead.get(path)).headers['catalogue-revision'], path).toBe(now)
    }
    expect((await shop.anyone().get('/api/picks')).headers['catalogue-revision']).toBe(now)
  })

  it('lets only one of two simultaneous writers through', async () => {
    const path = '/api/catalogue/items/lf-28'
    const row = await read(path)
    const statuses = await Promise.all(
      [1, 2, 3, 4].map(
        async (n) =>
          (await lead.put(path).send({ version: row.version, value: { ...row.value, price: 2000 + n } })).status,
      ),
    )
    expect(statuses.sort()).toEqual([200, 409, 409, 409])
    expect((await read(path)).version).toBe(await revision())
  })

  it('raises the revision and writes the whole aggregate before and after into the history', async () => {
    const before = await revision()
    const path = '/api/catalogue/stitches/plover-60/s-utility-106'
    const row = await read(path)
    const value = { ...row.value, defaults: { ...row.value.defaults, width: 3.4 } }
    const written = await lead.put(path).send({ version: row.version, value }).expect(200)
    expect(Number(written.headers['catalogue-revision'])).toBe(before + 1)
    const [entry] = await read('/api/history?resource=stitches&row=plover-60%2Fs-utility-106')
    expect(entry).toMatchObject({ revision: before + 1, by: 'Maren Tolvik', before: row.value, after: value })
  })

  it('answers the next card from what was written', async () => {
    const card = '/api/card?technique=centre-guide&model=plover-60&fabric=denim&method=centre-guide'
    const settings = async () => (await read(card)).stages[0].answer.settings
    const path = '/api/catalogue/stitches/plover-60/s-utility-106'
    const row = await read(path)
    const value = { ...row.value, defaults: { ...row.value.defaults, width: 4.2 } }
    await lead.put(path).send({ version: row.version, value }).expect(200)
    expect((await settings()).width.default).toBe(4.2)
  })

  it('names every field that is not right, and what is not there', async () => {
    const row = await read('/api/catalogue/items/lf-01')
    const refused = await lead
      .put('/api/catalogue/items/lf-01')
      .send({ version: row.version, value: { ...row.value, slot: -3, colour: 'red' } })
      .expect(422)
    expect(JSON.stringify(refused.body.issues)).toContain('colour')
    expect(JSON.stringify(refused.body.issues)).toContain('slot')
    await lead.get('/api/catalogue/items/no-such').expect(404)
    await lead.get('/api/no-such-address').expect(404)
    const asked = await lead.get('/api/card?technique=blind-hem&model=none&fabric=felt').expect(422)
    expect(asked.body.issues).toEqual([{ path: ['model'], message: 'no model “none” in the catalogue' }])
  })
})
