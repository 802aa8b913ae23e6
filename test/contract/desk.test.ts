import PostalMime from 'postal-mime'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { CaseRow, LookingView } from '#shared/api/desk'
import { codesIn } from '../reading/pdf'
import { openShop, type Person, type Shop } from './shop'

let shop: Shop
let desk: Person
let lead: Person
let viewer: Person
beforeAll(async () => {
  shop = await openShop()
  ;[desk, lead, viewer] = [await shop.as('desk'), await shop.as('lead'), await shop.as('viewer')]
})
afterAll(() => shop.close())

const cases = async (query: Record<string, string> = {}) =>
  (await desk.get('/api/cases').query(query).expect(200)).body as CaseRow[]
const keep = async (more: object = {}) =>
  (
    await desk
      .post('/api/cases')
      .send({ question: 'Trial', outcome: 'open', ...more })
      .expect(201)
  ).body as CaseRow

describe('the ask line', () => {
  it('takes a customer with their machine and feet, and says of what it is not sure', async () => {
    const { body } = await desk.get('/api/ask').query({ q: 'Bram Oosterlund buttonhole wool' }).expect(200)
    expect(body.picks).toMatchObject({
      customer: { name: 'Bram Oosterlund', sure: true },
      model: { id: 'yawl', from: 'customer' },
      technique: { id: 'buttonhole', sure: true },
      fabric: { id: 'wool-suiting' },
      owned: ['dm-blh'],
    })
    const { body: two } = await desk.get('/api/ask').query({ q: 'Anneke Dorsthoek' }).expect(200)
    expect(two.picks.model).toMatchObject({ sure: false, others: [{ id: 'eddy-4' }] })
    // Of two that could by their kind, one has no stitch for it.
    const { body: able } = await desk.get('/api/ask').query({ q: 'Lobke Strating blind hem' }).expect(200)
    expect(able.picks.model).toMatchObject({ id: 'heron-200', sure: true, others: [] })
    await viewer.get('/api/ask').query({ q: 'Bram' }).expect(403)
  })

  it('learns words that somebody confirms, and hears a reason to stop', async () => {
    const ask = async (q: string) => (await desk.get('/api/ask').query({ q }).expect(200)).body
    expect((await ask('whirligig plover')).picks.technique).toBeUndefined()
    await desk.post('/api/ask/words').send({ kind: 'technique', of: 'circles', words: 'Whirligig' }).expect(201)
    expect((await ask('whirligig plover')).picks.technique).toMatchObject({ id: 'circles', sure: true })
    await desk.post('/api/ask/words').send({ kind: 'technique', of: 'nothing', words: 'whirligig' }).expect(422)
    const { body: learnt } = await desk.get('/api/ask/words').expect(200)
    expect(learnt).toMatchObject([{ kind: 'technique', of: 'circles', words: 'whirligig', name: 'Circles on a pivot' }])
    const { kind, of, words } = learnt[0]
    await viewer.delete('/api/ask/words').send({ kind, of, words }).expect(403)
    await desk.delete('/api/ask/words').send({ kind, of, words }).expect(200)
    await desk.delete('/api/ask/words').send({ kind, of, words }).expect(404)
    expect((await ask('whirligig plover')).picks.technique).toBeUndefined()
    expect((await ask('it smells burnt')).stops).toMatchObject([{ id: 'smell', firstAid: false }])
    expect((await ask('needle in my finger')).stops).toMatchObject([{ id: 'finger', firstAid: true }])
  })

  it('hears a new customer at once, and an erased one no more', async () => {
    const ask = async () => (await desk.get('/api/ask').query({ q: 'Quirinius' }).expect(200)).body.picks.customer
    expect(await ask()).toBeUndefined()
    const { body } = await desk
      .post('/api/customers')
      .send({ name: 'Quirinius Vogel', machines: [], owns: [] })
      .expect(201)
    expect(await ask()).toMatchObject({ name: 'Quirinius Vogel' })
    await desk.delete(`/api/customers/${body.customer.id}`).expect(200)
    expect(await ask()).toBeUndefined()
  })
})

describe('cases', () => {
  it('of the demo are forty, over eight months, with something rising', async () => {
    const { body } = await desk.get('/api/cases/looking-back').expect(200)
    const looking = body as LookingView
    expect(looking.cases).toBe(40)
    expect(looking.months.length).toBeGreaterThanOrEqual(8)
    expect(looking.months.reduce((sum, [, count]) => sum + count, 0)).toBe(40)
    expect(looking.rising[0]).toMatchObject({ trouble: 'skips', before: 0 })
    expect(looking.names['skips']).toBe('Skipped stitches')
    await viewer.get('/api/cases').expect(403)
  })

  it('are found by beginnings of words, by outcome, and when a follow-up is due', async () => {
    const made = await keep({
      question: 'Zebrastripes come out crooked',
      advice: 'Use the xylographic guide',
      followUp: '2026-01-05',
    })
    expect((await cases({ q: 'zebra' })).map((row) => row.case.id)).toEqual([made.case.id])
    expect((await cases({ q: 'xylo crooked' })).map((row) => row.case.id)).toEqual([made.case.id])
    expect(await cases({ q: 'zebra nothing' })).toEqual([])
    expect((await cases({ due: '2026-01-05' })).map((row) => row.case.id)).toEqual([made.case.id])
    expect(await cases({ due: '2026-01-04' })).toEqual([])
    expect((await cases({ outcome: 'workshop' })).every((row) => row.case.outcome === 'workshop')).toBe(true)
    expect(await cases({ q: '+-*"(' })).toHaveLength((await cases()).length)
    // Pages follow each other without a gap, whatever is filtered.
    const all = await cases({ outcome: 'solved' })
    const first = await cases({ outcome: 'solved', most: '5' })
    const next = await cases({ outcome: 'solved', most: '5', before: String(first.at(-1)?.case.id) })
    expect([...first, ...next]).toEqual(all.slice(0, 10))
    await keep({ handedTo: 'Nobody Known' })
    expect(await cases({ handedTo: 'Nobody Known' })).toHaveLength(1)
    await desk.delete(`/api/cases/${made.case.id}?version=2`).expect(409)
    await desk.delete(`/api/cases/${made.case.id}?version=1`).expect(200)
    await desk.get(`/api/cases/${made.case.id}`).expect(404)
  })

  it('show both versions to the second writer, and refuse whom nobody knows', async () => {
    const { version, case: made } = await keep()
    const { id, at: _, by: __, ...facts } = made
    await desk
      .put(`/api/cases/${id}`)
      .send({ version, case: { ...facts, advice: 'One' } })
      .expect(200)
    const { body } = await lead
      .put(`/api/cases/${id}`)
      .send({ version, case: { ...facts, advice: 'Two' } })
      .expect(409)
    expect(body.theirs).toMatchObject({ version: version + 1, value: { id, advice: 'One' } })
    await desk.post('/api/cases').send({ question: 'Q', outcome: 'open', customer: 'nobody-at-all' }).expect(422)
    await desk.post('/api/cases').send({ question: '', outcome: 'open' }).expect(422)
  })

  it('lose whose they were when the customer is erased, or when they are old enough', async () => {
    const { body } = await desk
      .post('/api/customers')
      .send({ name: 'Passing Through', machines: [], owns: [] })
      .expect(201)
    const made = await keep({ customer: body.customer.id })
    await desk.delete(`/api/customers/${body.customer.id}`).expect(200)
    const { body: after } = await desk.get(`/api/cases/${made.case.id}`).expect(200)
    // What was typed freely may name anybody.
    expect(after.case).toMatchObject({ question: 'Erased with the customer.', outcome: made.case.outcome })
    expect(after.case.customer).toBeUndefined()
    const named = async () => (await cases()).filter((row) => row.case.customer !== undefined).map((row) => row.case.at)
    const before = await named()
    const { version } = (await lead.get('/api/settings')).body
    await lead
      .put('/api/settings')
      .send({ version, settings: { tolerance: { mm: 0.5, numbers: 1 }, forgetNamesAfter: 3 } })
      .expect(200)
    const cut = new Date()
    cut.setUTCMonth(cut.getUTCMonth() - 3)
    expect(await named()).toEqual(before.filter((at) => at >= cut.toISOString()))
    expect((await named()).length).toBeLessThan(before.length)
  })
})

describe('diagnosis', () => {
  it('compares what the machine shows, counts the shop’s closed cases, refuses what cannot be sewn', async () => {
    const asked = {
      model: 'plover-60',
      technique: 'blind-hem',
      fabric: 'wool-suiting',
      trouble: 'blind-hem.dots-long',
      shown: { positions: {}, values: { width: 5 } },
    }
    const { body } = await desk.post('/api/diagnosis').send(asked).expect(200)
    expect(body.causes[0]).toMatchObject({
      key: 'width.high',
      comparison: 'differs',
      named: true,
      history: { was: 0, of: 0 },
    })
    expect(body.troubleName).toBe('Dots long on the right side (blind hem)')
    await keep({ ...asked, shown: undefined, outcome: 'solved', cause: 'width.high' })
    const { body: again } = await desk.post('/api/diagnosis').send(asked).expect(200)
    expect(again.causes[0]).toMatchObject({ key: 'width.high', history: { was: 1, of: 1 } })
    const skips = await desk
      .post('/api/diagnosis')
      .send({ ...asked, trouble: 'skips' })
      .expect(200)
    expect(skips.body.causes[0]).toMatchObject({ key: 'needleKind' })
    await desk
      .post('/api/diagnosis')
      .send({ ...asked, model: 'ripple-s1' })
      .expect(422)
  })
})

describe('a card sent', () => {
  const picked = { model: 'ketch', technique: 'blind-hem', fabric: 'wool-suiting' }

  it('by link is read without an account, names nobody, is revoked and ends', async () => {
    const { body } = await desk
      .post('/api/shared-cards')
      .send({ ...picked, days: 2 })
      .expect(201)
    const { body: card } = await shop.anyone().get(`/api/shared/cards/${body.token}`).expect(200)
    expect(card).toMatchObject({ model: { id: 'ketch' }, technique: { id: 'blind-hem' } })
    expect(JSON.stringify(card)).not.toMatch(/Kvalsund/)
    const { body: rows } = await desk.get('/api/shared-cards').expect(200)
    expect(rows[0]).toMatchObject({ what: 'Blind hem on the Ketch in wool suiting' })
    expect(JSON.stringify(rows)).not.toContain(body.token)
    await desk.delete(`/api/shared-cards/${rows[0].id}`).expect(200)
    await shop.anyone().get(`/api/shared/cards/${body.token}`).expect(404)
    const later = await desk
      .post('/api/shared-cards')
      .send({ ...picked, days: 1 })
      .expect(201)
    await shop.services.database.query('UPDATE shared_card SET expires = ?', [new Date(Date.now() - 1000)])
    await shop.anyone().get(`/api/shared/cards/${later.body.token}`).expect(404)
    expect((await desk.get('/api/shared-cards').expect(200)).body).toEqual([])
  })

  it('to a customer lies in the outbox as PDF whose code opens it without an account', async () => {
    const customers = (await desk.get('/api/customers').expect(200)).body.rows
    const torben = customers.find(
      ({ customer }: { customer: { name: string } }) => customer.name === 'Torben Kvalsund',
    ).customer
    const { body } = await desk
      .post('/api/outbox/cards')
      .send({ ...picked, customer: torben.id })
      .expect(201)
    expect(body).toEqual({ to: torben.email })
    const [{ id }] = (await desk.get('/api/outbox').expect(200)).body
    const raw = await desk
      .get(`/api/outbox/${id}.eml`)
      .buffer(true)
      .parse((response, done) => {
        const parts: Buffer[] = []
        response.on('data', (part: Buffer) => parts.push(part))
        response.on('end', () => done(null, Buffer.concat(parts)))
      })
    const mail = await PostalMime.parse(raw.body as Buffer)
    const link = /http\S+\/c\/(\S+)/.exec(mail.text ?? '')
    await shop.anyone().get(`/api/shared/cards/${link?.[1]}`).expect(200)
    expect(codesIn(Buffer.from(mail.attachments[0]?.content as ArrayBuffer))).toContain(link?.[0])
    await desk
      .post('/api/outbox/cards')
      .send({ ...picked, customer: torben.id, practice: true })
      .expect(201)
    const [{ id: second }] = (await desk.get('/api/outbox').expect(200)).body
    const { text } = await desk
      .get(`/api/outbox/${second}.eml`)
      .buffer(true)
      .parse((response, done) => {
        let all = ''
        response.on('data', (part: Buffer) => (all += part.toString('latin1')))
        response.on('end', () => done(null, { text: all }))
      })
      .then((response) => response.body as { text: string })
    const practise = /\/p\/(\S+)/.exec((await PostalMime.parse(text)).text ?? '')
    await shop.anyone().get(`/api/shared/practice/${practise?.[1]}`).expect(200)
    const line = {
      is: 'line',
      points: [
        [0, 0],
        [30, 0],
      ],
      weight: 'thin',
    }
    const sheet = { title: 'Strip', width: 100, height: 40, marks: [line] }
    await desk.post('/api/outbox/sheets').send({ customer: torben.id, words: 'Mark strip', sheet }).expect(201)
    expect((await desk.get('/api/outbox')).body[0]).toMatchObject({ subject: 'Mark strip', to: torben.email })
    await desk
      .post('/api/outbox/sheets')
      .send({ customer: torben.id, words: 'Mark strip', sheet: { ...sheet, width: 9000, height: 9000 } })
      .expect(422)
    const { body: without } = await desk
      .post('/api/customers')
      .send({ name: 'No Mail', machines: [], owns: [] })
      .expect(201)
    await desk
      .post('/api/outbox/cards')
      .send({ ...picked, customer: without.customer.id })
      .expect(422)
  })
})

describe('a trade-up', () => {
  it('compares both machines for what a customer was seen to sew, and sums up what to buy once', async () => {
    const customers = (await desk.get('/api/customers').expect(200)).body.rows
    const kaja = customers.find(
      ({ customer }: { customer: { name: string } }) => customer.name === 'Kaja Vettermo',
    ).customer
    const { body } = await desk
      .get(`/api/customers/${kaja.id}/trade-up`)
      .query({ from: 'wren-24', to: 'halyard-9' })
      .expect(200)
    const sewn = body.rows.map(({ technique }: { technique: string }) => technique) as string[]
    // What the class taught, and what she rang for.
    expect(sewn).toEqual(expect.arrayContaining(['blind-hem', 'buttonhole', 'piping', 'stretch-seam']))
    const needed = body.rows.flatMap(({ to }: { to: { toGet: string[] } }) => to.toGet) as string[]
    expect(new Set(body.buy).size).toBe(body.buy.length)
    for (const id of body.buy as string[]) expect(needed).toContain(id)
    expect(body.items.map(({ item }: { item: string }) => item)).toContain('lf-05')
    await desk.get(`/api/customers/${kaja.id}/trade-up`).query({ from: 'wren-24', to: 'nothing' }).expect(404)
    await desk.get('/api/customers/nobody/trade-up').query({ from: 'wren-24', to: 'halyard-9' }).expect(404)
  })
})
