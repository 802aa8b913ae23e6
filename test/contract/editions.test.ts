/** New editions of shipped techniques: offered once, taken in parts, never over what the shop made its own unasked. */
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Bundle, Technique } from '#core/catalogue/types'
import { demoBundle } from '#demo/bundle'
import type { EditionOffer } from '#shared/api/editions'
import { openShop, type Person, type Shop } from './shop'

let shop: Shop
let lead: Person
const shipped = (id: string) => demoBundle().techniques.find((one) => one.id === id) as Technique

/** The library as it shipped before: a method less, another with other words, and one of the shop's own. */
const older = (): Bundle => {
  const bundle = demoBundle()
  const techniques = bundle.techniques.map((technique) => {
    if (technique.id !== 'buttonhole') return technique
    const methods = technique.methods
      .filter(({ id }) => id !== 'memory' && id !== 'counted')
      .map((method) => (method.id === 'sensor' ? { ...method, because: 'as it was said before' } : method))
    return { ...technique, methods: [...methods, { ...(methods[0] as (typeof methods)[0]), id: 'ours', name: 'Ours' }] }
  })
  const functions = bundle.functions.filter(({ id }) => id !== 'buttonhole.counted')
  return { ...bundle, functions, techniques, makes: [], models: [], items: [], fits: [], samples: [] }
}

beforeAll(async () => {
  shop = await openShop({ demo: false })
  lead = await shop.as('lead')
  await lead.post('/api/bundle').set('Content-Type', 'application/json').send(older()).expect(200)
})
afterAll(() => shop.close())

const offers = async (): Promise<EditionOffer[]> => (await lead.get('/api/editions').expect(200)).body
const kept = async () => (await lead.get('/api/catalogue/techniques/buttonhole').expect(200)).body

describe('a new edition', () => {
  it('is offered part by part, with what differs in words', async () => {
    const [offer, ...more] = await offers()
    expect(more).toEqual([])
    expect(offer?.parts.map(({ id, is }) => `${is} ${id}`)).toEqual([
      'changed method:sensor',
      'added method:memory',
      'added method:counted',
    ])
    expect(offer?.parts[0]?.differences).toEqual([
      { heading: 'because', before: 'as it was said before', after: shipped('buttonhole').methods[0]?.because },
    ])
  })

  it('is not for a person who may not write, nor for a part that it has not', async () => {
    const desk = await shop.as('desk')
    await desk.get('/api/editions').expect(403)
    const { body } = await lead.post('/api/editions/buttonhole').send({ version: 1, take: ['method:none'] })
    expect(body).toMatchObject({ status: 422, issues: [{ path: ['take', 0] }] })
    await lead.post('/api/editions/nothing').send({ version: 1, take: [] }).expect(404)
  })

  it('is refused where somebody has changed the technique meanwhile, and stays offered', async () => {
    const { version } = await kept()
    await lead
      .post('/api/editions/buttonhole')
      .send({ version: version + 1, take: ['method:memory'] })
      .expect(409)
    expect(await offers()).toHaveLength(1)
  })

  it('is taken in parts with the kinds of stitches it speaks of; the rest stays', async () => {
    const { version, value } = await kept()
    await lead
      .post('/api/editions/buttonhole')
      .send({ version, take: ['method:memory', 'method:counted'] })
      .expect(200)
    const now = (await kept()).value as Technique
    expect(now.methods.map(({ id }) => id)).toEqual([
      'sensor',
      'lever',
      'memory',
      'manual',
      'counted',
      'stepped',
      'zigzag',
      'corded',
      'ours',
    ])
    expect(now.methods[0]).toEqual(value.methods[0])
    expect(now.methods.find(({ id }) => id === 'counted')).toEqual(
      shipped('buttonhole').methods.find(({ id }) => id === 'counted'),
    )
    await lead.get('/api/catalogue/functions/buttonhole.counted').expect(200)
    expect(await offers()).toEqual([])
  })

  it('of which nothing is wanted is not offered again either; what was once had never is', async () => {
    const { version, value } = await kept()
    const changed = { ...value, name: 'Buttonholes, our way' }
    await lead.put('/api/catalogue/techniques/buttonhole').send({ version, value: changed }).expect(200)
    expect(await offers()).toEqual([])
    // A technique taken in as shipped and then changed by the shop is the shop's own.
    const hem = (await lead.get('/api/catalogue/techniques/blind-hem')).body
    await lead
      .put('/api/catalogue/techniques/blind-hem')
      .send({ version: hem.version, value: { ...hem.value, name: 'Blind hem, our way' } })
      .expect(200)
    expect(await offers()).toEqual([])
  })
})
