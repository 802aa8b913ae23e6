/** What a shop keeps beside its catalogue: its history, what is taken back, and writes that come twice or at once. */
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { RecordWriteView } from '#shared/api/records'
import { openShop, type Person, type Shop } from './shop'

let shop: Shop
let lead: Person
let desk: Person
let viewer: Person
beforeAll(async () => {
  shop = await openShop()
  ;[lead, desk, viewer] = await Promise.all([shop.as('lead'), shop.as('desk'), shop.as('viewer')])
})
afterAll(() => shop.close())

const CUSTOMER = { name: 'Ada Thimble', machines: [{ model: 'wren-24' }], owns: [] as string[] }
const CLASS = {
  title: 'Piping at dusk',
  starts: '2026-12-05T10:00:00',
  minutes: 120,
  techniques: [{ technique: 'piping', fabric: 'wool-suiting' }],
  seats: [{ name: 'One', model: 'wren-24', owns: [] }],
  loans: [],
  pins: [],
}
const CASE = { question: 'The thread shreds', outcome: 'open' }

const writesOf = async (resource: string, row: string): Promise<RecordWriteView[]> =>
  (await desk.get(`/api/history/records?resource=${resource}&row=${row}`).expect(200)).body
const undo = (id: number | undefined, who = desk) => who.post(`/api/history/records/${id}/undo`)

/** Each kind: how one is made, read, changed and removed. */
const KINDS = [
  { resource: 'classes', path: '/api/classes', key: 'class', made: CLASS, next: { ...CLASS, room: 'Upper' } },
  { resource: 'cases', path: '/api/cases', key: 'case', made: CASE, next: { ...CASE, advice: 'New needle' } },
]

describe.each(KINDS)('a record of $resource', ({ resource, path, key, made, next }) => {
  let id: string | number
  const read = () => desk.get(`${path}/${id}`)
  it('is in the history with who, when, before and after', async () => {
    const { body } = await desk.post(path).send(made).expect(201)
    id = body[key].id
    await lead
      .put(`${path}/${id}`)
      .send({ version: 1, [key]: next })
      .expect(200)
    const writes = await writesOf(resource, String(id))
    expect(writes.map(({ did, stands }) => [did, stands])).toEqual([
      ['changed', true],
      ['added', false],
    ])
    expect(writes[0]?.by).not.toBe(writes[1]?.by)
    const { body: detail } = await desk.get(`/api/history/records/${writes[0]?.id}`).expect(200)
    expect(detail).toMatchObject({ before: made, after: next })
  })

  it('is taken back, and that is taken back; its version never comes back', async () => {
    const [changed, added] = await writesOf(resource, String(id))
    await undo(added?.id).expect(409)
    expect((await undo(changed?.id).expect(200)).body.version).toBe(3)
    expect((await read().expect(200)).body[key]).not.toHaveProperty(Object.keys(next).at(-1) as string)
    const [again] = await writesOf(resource, String(id))
    await undo(again?.id).expect(200)
    expect((await read().expect(200)).body).toMatchObject({ version: 4, [key]: next })
  })

  it('is brought back whole after it was removed', async () => {
    const { body: before } = await read().expect(200)
    await desk.delete(`${path}/${id}?version=4`).expect(200)
    await read().expect(404)
    const [removed] = await writesOf(resource, String(id))
    expect(removed).toMatchObject({ did: 'removed', stands: true })
    await undo(removed?.id).expect(200)
    const { body } = await read().expect(200)
    expect(body[key]).toEqual(before[key])
    expect(body.version).toBeGreaterThan(before.version)
    await undo(removed?.id).expect(409)
  })
})

describe('the shop’s lists and choices', () => {
  it('of the cupboard, the calendar and the shop are taken back too; choices by the lead alone', async () => {
    const { body: cupboard } = await desk.get('/api/cupboard').expect(200)
    await desk.put('/api/cupboard').send({ version: cupboard.version, supplies: [] }).expect(200)
    const [emptied] = await writesOf('supplies', 'cupboard')
    await undo(emptied?.id).expect(200)
    expect((await desk.get('/api/cupboard')).body.supplies).toEqual(cupboard.supplies)

    const calendar = (title: string) =>
      `BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTART:20261201T100000\r\n` +
      `DTEND:20261201T110000\r\nSUMMARY:${title}\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n`
    for (const title of ['First', 'Second'])
      await desk.put('/api/calendar').set('Content-Type', 'text/calendar').send(calendar(title)).expect(200)
    const [second] = await writesOf('calendar', 'calendar')
    await undo(second?.id).expect(200)
    expect((await desk.get('/api/calendar')).body.events).toMatchObject([{ title: 'First' }])

    const { body: row } = await lead.get('/api/settings').expect(200)
    const settings = { ...row.settings, forgetNamesAfter: 7 }
    await lead.put('/api/settings').send({ version: row.version, settings }).expect(200)
    const [chosen] = await writesOf('settings', 'settings')
    await undo(chosen?.id).expect(403)
    await undo(chosen?.id, lead).expect(200)
    expect((await lead.get('/api/settings')).body.settings).toEqual(row.settings)
  })

  it('a customer is not taken back into a history that nobody could erase', async () => {
    const { body } = await desk.post('/api/customers').send(CUSTOMER).expect(201)
    const [added] = await writesOf('customers', body.customer.id)
    expect(added?.stands).toBe(false)
    await undo(added?.id).expect(422)
    await desk.get(`/api/customers/${body.customer.id}/export`).expect(200)
  })

  it('are nothing for who only looks', async () => {
    await viewer.get('/api/history/records').expect(403)
    await undo(1, viewer).expect(403)
    await desk.get('/api/history/records/999999').expect(404)
  })

  it('a class that speaks of what is gone by now is not brought back', async () => {
    const { body } = await desk
      .post('/api/classes')
      .send({ ...CLASS, title: 'Gone' })
      .expect(201)
    const { id } = body.class
    await desk.delete(`/api/classes/${id}?version=1`).expect(200)
    const { body: technique } = await lead.get('/api/catalogue/techniques/piping').expect(200)
    await lead.delete(`/api/catalogue/techniques/piping?version=${technique.version}&along=yes`).expect(200)
    const [removed] = await writesOf('classes', id)
    const { body: refused } = await undo(removed?.id).expect(422)
    expect(JSON.stringify(refused.issues)).toContain('no technique “piping”')
  })
})

describe('writes at once', () => {
  it('thirty of one name are thirty customers or say why, and none is a fault of ours', async () => {
    const all = await Promise.all(
      Array.from({ length: 30 }, () => desk.post('/api/customers').send({ ...CUSTOMER, name: 'Same Name' })),
    )
    expect(all.map(({ status }) => status)).toEqual(Array.from({ length: 30 }, () => 201))
    expect(new Set(all.map(({ body }) => body.customer.id)).size).toBe(30)
  })

  it('thirty classes of one title have thirty ids, thirty people of one name one account', async () => {
    const classes = await Promise.all(
      Array.from({ length: 30 }, () => desk.post('/api/classes').send({ ...CLASS, techniques: [], title: 'Same' })),
    )
    expect(classes.map(({ status }) => status)).toEqual(Array.from({ length: 30 }, () => 201))
    expect(new Set(classes.map(({ body }) => body.class.id)).size).toBe(30)
    const person = { id: 'same', name: 'Same', role: 'desk', password: 'a long enough word' }
    const people = await Promise.all(Array.from({ length: 30 }, () => lead.post('/api/people').send(person)))
    const statuses = people.map(({ status }) => status).sort()
    expect(statuses).toEqual([201, ...Array.from({ length: 29 }, () => 422)])
  })

  it('thirty over one version: one holds, the others are shown both', async () => {
    const { body } = await desk.post('/api/customers').send(CUSTOMER).expect(201)
    const { id } = body.customer
    const all = await Promise.all(
      Array.from({ length: 30 }, (_, i) =>
        desk.put(`/api/customers/${id}`).send({ version: 1, customer: { ...CUSTOMER, note: `${i}` } }),
      ),
    )
    const statuses = all.map(({ status }) => status).sort()
    expect(statuses).toEqual([200, ...Array.from({ length: 29 }, () => 409)])
  })
})

describe('a write that comes again under its key', () => {
  const keyed = (request: ReturnType<Person['post']>, key: string) => request.set('Idempotency-Key', key)
  it('is done once, one after another and all at once', async () => {
    const add = (key: string) => keyed(desk.post('/api/customers'), key).send({ ...CUSTOMER, name: 'Once Only' })
    const { body: first } = await add('key-of-the-first').expect(201)
    const { body: again } = await add('key-of-the-first').expect(201)
    expect(again).toEqual(first)
    const all = await Promise.all(Array.from({ length: 12 }, () => add('key-of-the-second')))
    expect(all.map(({ status }) => status)).toEqual(Array.from({ length: 12 }, () => 201))
    expect(new Set(all.map(({ body }) => body.customer.id)).size).toBe(1)
    const { body: named } = await desk.get('/api/customers').query({ q: 'once only' })
    expect(named.total).toBe(2)
  })

  it('a change whose answer was lost says what stands, not “somebody else”', async () => {
    const { body } = await desk.post('/api/customers').send(CUSTOMER).expect(201)
    const change = () =>
      keyed(desk.put(`/api/customers/${body.customer.id}`), 'key-of-a-change').send({
        version: 1,
        customer: { ...CUSTOMER, note: 'n' },
      })
    await change().expect(200)
    expect((await change().expect(200)).body).toMatchObject({ version: 2, customer: { note: 'n' } })
  })

  it('is one person’s own, is not kept where it was refused, and keeps nothing that was written', async () => {
    const wrong = { ...CUSTOMER, machines: [{ model: 'none' }] }
    await keyed(desk.post('/api/customers'), 'key-refused-1').send(wrong).expect(422)
    const { body } = await keyed(desk.post('/api/customers'), 'key-refused-1').send(CUSTOMER).expect(201)
    const { body: other } = await keyed(lead.post('/api/customers'), 'key-refused-1').send(CUSTOMER).expect(201)
    expect(other.customer.id).not.toBe(body.customer.id)
    await keyed(desk.post('/api/customers'), 'short').send(CUSTOMER).expect(422)
    const kept = JSON.stringify(await shop.services.database.query('SELECT * FROM kept_outcome'))
    expect(kept).toContain(body.customer.id)
    expect(kept).not.toContain('Thimble')
  })
})
