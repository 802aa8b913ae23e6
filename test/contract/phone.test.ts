import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { CaseRow } from '#shared/api/desk'
import { UNNAMED_STOP } from '#core/desk/cases'
import { UNSEEN_DANGEROUS } from '#shared/messages/stopLines.testkit'
import { stopsIn } from '#shared/messages/stops'
import { handoutPass } from '../../src/server/features/desk/shareRoutes'
import { openShop, type Person, type Shop } from './shop'

const CARD = { model: 'plover-60', technique: 'blind-hem', fabric: 'wool-suiting' }
const keyOf = (name: string | number) => `telephone-key-${String(name).padStart(10, '0')}`

let shop: Shop
let desk: Person
let lead: Person
beforeAll(async () => {
  shop = await openShop()
  ;[desk, lead] = [await shop.as('desk'), await shop.as('lead')]
})
afterAll(() => shop.close())

const linkTo = async (card: object = CARD): Promise<string> =>
  (await desk.post('/api/shared-cards').send(card).expect(201)).body.token as string
const phone = () => shop.anyone()
const said = (token: string, what: 'worked' | 'cases', body: object) =>
  phone().post(`/api/shared/cards/${token}/${what}`).send(body)
const told = async (token: string, ...keys: string[]) =>
  (await phone().get(`/api/shared/cards/${token}/told`).query({ keys: keys.join() }).expect(200)).body
const asked = async () => (await desk.get('/api/cases').expect(200)).body as CaseRow[]

describe('a telephone that says it worked', () => {
  it('counts once a link for the values that the card has, and outlives the link', async () => {
    const worked = async () => (await desk.get('/api/worked').query(CARD).expect(200)).body
    const [one, two] = [await linkTo(), await linkTo()]
    await said(one, 'worked', { key: keyOf('a') }).expect(201)
    await said(one, 'worked', { key: keyOf('a') }).expect(201)
    await said(one, 'worked', { key: keyOf('b') }).expect(201)
    await said(two, 'worked', { key: keyOf('c') }).expect(201)
    expect(await worked()).toEqual({ now: 2, otherwise: 0 })
    expect(await told(one)).toEqual({ worked: true, asked: [] })
    const [{ id }] = (await desk.get('/api/shared-cards').expect(200)).body
    await desk.delete(`/api/shared-cards/${id}`).expect(200)
    expect(await worked()).toEqual({ now: 2, otherwise: 0 })
    const good = { ...CARD, method: 'with-guide', stage: 'hem', stitch: 's-utility-114', foot: 'lf-07' }
    const edition = (await desk.get('/api/models/plover-60').expect(200)).body.model.edition
    const sample = { ...good, edition, used: { width: 3.1, length: 2.5 }, verdict: 'good' }
    const made = await lead.post('/api/samples').send(sample).expect(201)
    await lead.post(`/api/samples/${made.body.id}/pin`).send({ pinned: true }).expect(200)
    expect(await worked()).toEqual({ now: 0, otherwise: 2 })
  })

  it('is refused where the card says that nothing can be sewn', async () => {
    const impossible = await linkTo({ ...CARD, model: 'confluence-5', technique: 'buttonhole' })
    await said(impossible, 'worked', { key: keyOf('none') }).expect(422)
    await said(impossible, 'cases', { key: keyOf('none'), words: 'Why?' }).expect(422)
  })
})

describe('a telephone that says it does not', () => {
  it('makes a case of what it tells, in its own words, and shows the answer at the link', async () => {
    const token = await linkTo()
    const tells = {
      key: keyOf('case'),
      trouble: 'blind-hem.fold-missed',
      shown: { positions: {}, values: { width: 2 } },
      rungs: ['rethread'],
      words: 'The fold is never caught, whatever I do',
    }
    await said(token, 'cases', tells).expect(201)
    await said(token, 'cases', tells).expect(201)
    const found = (await asked()).filter(({ case: one }) => one.phone)
    expect(found).toHaveLength(1)
    const [{ case: made, version }] = found as [CaseRow]
    expect(made).toMatchObject({ ...CARD, trouble: tells.trouble, question: tells.words, outcome: 'open', phone: true })
    expect(await told(token, tells.key)).toMatchObject({ worked: false, asked: [{ words: tells.words }] })
    const { id, at: _, by: __, phone: ___, ...content } = made
    const waiting = async () =>
      (await desk.get('/api/cases').query({ waiting: 'phone' }).expect(200)).body.map((row: CaseRow) => row.case.id)
    await desk.post('/api/cases').send({ question: 'Rung in', outcome: 'open' }).expect(201)
    expect(await waiting()).toEqual([made.id])
    const answer = 'Set the width to 3.'
    const changed = await desk
      .put(`/api/cases/${id}`)
      .send({ version, case: { ...content, answer } })
      .expect(200)
    expect(changed.body.case).toMatchObject({ phone: true, answer })
    expect(await waiting()).toEqual([])
    const [there] = (await told(token, tells.key)).asked
    expect(there).toMatchObject({ answer, words: tells.words })
    const [elsewhere] = (await told(token)).asked
    expect(elsewhere).toMatchObject({ answer })
    expect(elsewhere).not.toHaveProperty('words')
    expect(await told(await linkTo(), tells.key)).toEqual({ worked: false, asked: [] })
    await said(token, 'cases', { ...tells, key: keyOf('own'), by: 'Nobody', customer: 'x' }).expect(422)
    await desk.post('/api/cases').send({ question: 'Q', outcome: 'open', phone: true }).expect(422)
    const many = Object.fromEntries(Array.from({ length: 101 }, (_, i) => [`c${i}`, 'x']))
    const flood = { ...tells, key: keyOf('flood'), shown: { positions: many, values: {} } }
    await said(token, 'cases', flood).expect(422)
    await said(token, 'cases', { ...tells, key: keyOf('long'), words: 'x'.repeat(1001) }).expect(422)
  })

  it('hears a reason to stop in the words, and hands it to the workshop', async () => {
    const token = await linkTo()
    await said(token, 'cases', { key: keyOf('stop'), words: 'It smells burnt and there is smoke' }).expect(201)
    const [latest] = await asked()
    expect(latest?.case).toMatchObject({ outcome: 'workshop', stop: expect.any(String) })
    expect((await told(token)).asked[0].stop).toBe(latest?.case.stop)
    // Every danger that has a name was asked for: what sounds like one without is left to the desk.
    const words = UNSEEN_DANGEROUS.find((line) => stopsIn(line)[0]?.id === UNNAMED_STOP)
    await said(token, 'cases', { key: keyOf('unnamed'), words }).expect(201)
    expect((await asked())[0]?.case).toMatchObject({ outcome: 'open', question: words })
    expect((await asked())[0]?.case).not.toHaveProperty('stop')
    expect((await told(token)).asked[0]).not.toHaveProperty('stop')
  })

  it('leaves no more than a link may, however many come at once', async () => {
    const token = await linkTo()
    const before = (await asked()).length
    const sent = await Promise.all(
      Array.from({ length: 12 }, (_, i) => said(token, 'cases', { key: keyOf(`many${i}`), words: `Question ${i}` })),
    )
    expect(sent.map(({ status }) => status).sort()).toEqual([
      ...Array<number>(3).fill(201),
      ...Array<number>(9).fill(429),
    ])
    expect((await asked()).length).toBe(before + 3)
    const ticks = await Promise.all(
      Array.from({ length: 8 }, (_, i) => said(token, 'worked', { key: keyOf(`ticks${i}`) })),
    )
    expect(ticks.every(({ status }) => status === 201)).toBe(true)
    const [{ count }] = await shop.services.database.query(
      'SELECT COUNT(*) AS count FROM card_report r JOIN shared_card c ON r.link = c.id WHERE r.worked IS NOT NULL ' +
        'AND c.id = (SELECT MAX(id) FROM shared_card)',
    )
    expect(Number(count)).toBe(1)
  })

  it('shows the shop’s photograph of its own machine, and of no other', async () => {
    const picture = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#888' } })
      .jpeg()
      .toBuffer()
    for (const model of ['plover-60', 'yawl'])
      await lead.put(`/api/models/${model}/photos/front`).set('Content-Type', 'image/jpeg').send(picture).expect(200)
    const token = await linkTo()
    const at = (path: string) => phone().get(`/api/shared/cards/${token}/photos${path}`)
    const { body } = await at('').expect(200)
    expect(body).toMatchObject([{ model: 'plover-60', view: 'front' }])
    const { body: shown, headers } = await at('/front').expect(200)
    expect(headers['content-type']).toBe('image/jpeg')
    expect(await sharp(shown as Buffer).metadata()).toMatchObject({ format: 'jpeg', width: 60 })
    await at('/left').expect(404)
    await at('/front?model=yawl&technique=blind-hem&fabric=wool-suiting').expect(200)
    expect((await at('?model=yawl&technique=blind-hem&fabric=wool-suiting')).body).toEqual(body)
    await phone()
      .get(`/api/shared/cards/${'x'.repeat(43)}/photos/front`)
      .expect(404)
  })

  it('shows nobody of a class what another has asked', async () => {
    const made = await desk.get('/api/classes').expect(200)
    const id = made.body[0].class.id as string
    const { services } = shop
    const pass = (await handoutPass(services, id, { name: 'Somebody', at: services.now() })).slice('/c/'.length)
    const send = (key: string, words: string) =>
      phone().post(`/api/shared/cards/${pass}/cases`).query(CARD).send({ key, words })
    await send(keyOf('mine'), 'Mine').expect(201)
    await send(keyOf('yours'), 'Yours').expect(201)
    const { body } = await phone()
      .get(`/api/shared/cards/${pass}/told`)
      .query({ ...CARD, keys: keyOf('mine') })
      .expect(200)
    expect(body.asked).toMatchObject([{ words: 'Mine' }])
  })
})

describe('a telephone that compares', () => {
  it('has the very diagnosis of the desk, without what the shop has counted', async () => {
    const token = await linkTo()
    const body = { trouble: 'blind-hem.fold-missed', shown: { positions: {}, values: { width: 1.5 } } }
    const here = await desk
      .post('/api/diagnosis')
      .send({ ...CARD, ...body })
      .expect(200)
    const there = await phone().post(`/api/shared/cards/${token}/diagnosis`).send(body).expect(200)
    const causes = (view: typeof here) => view.body.causes.map(({ key }: { key: string }) => key)
    expect(causes(there)).toEqual(causes(here))
    expect(there.body.causes.every((one: { history: { of: number } }) => one.history.of === 0)).toBe(true)
    const { body: trial } = await phone().get(`/api/shared/cards/${token}/machine`).expect(200)
    expect(trial.model.id).toBe('plover-60')
    await phone().get(`/api/shared/cards/${token}/machine`).query({ stage: 'nothing' }).expect(422)
    await phone().get('/api/shared/cards/aaaaaaaaaaaaaaaaaaaaaaaa/told').expect(404)
  })
})
