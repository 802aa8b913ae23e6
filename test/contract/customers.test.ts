import { afterAll, beforeAll, describe, expect, it } from 'vitest'
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

const machine = { model: 'plover-60', serial: 'X-1', bought: '2024-05-06' }
const customer = { name: 'Tova Brekk', email: 'tova@stage.example', machines: [machine], owns: ['lf-16'] }
const make = async (more = {}) => {
  const { body } = await desk
    .post('/api/customers')
    .send({ ...customer, ...more })
    .expect(201)
  return body as { version: number; customer: typeof customer & { id: string } }
}

describe('customers', () => {
  it('of the demo are there, for desk and lead, not for who may only look', async () => {
    const { body } = await desk.get('/api/customers').expect(200)
    expect(body.rows).toHaveLength(30)
    await viewer.get('/api/customers').expect(403)
    await shop.anyone().get('/api/customers').expect(401)
  })

  it('are changed at the version that was seen; the second writer is shown both', async () => {
    const { version, customer: made } = await make()
    const next = { ...customer, phone: '555 0199' }
    const { body: changed } = await desk.put(`/api/customers/${made.id}`).send({ version, customer: next }).expect(200)
    expect(changed).toMatchObject({ version: version + 1, customer: { phone: '555 0199' } })
    const { body: clash } = await lead.put(`/api/customers/${made.id}`).send({ version, customer }).expect(409)
    expect(clash).toMatchObject({ yours: customer, theirs: { version: version + 1, value: { phone: '555 0199' } } })
  })

  it('may only have what the catalogue has', async () => {
    const { body } = await desk
      .post('/api/customers')
      .send({ ...customer, machines: [{ model: 'nothing' }], owns: ['nope'] })
      .expect(422)
    expect(body.issues.map(({ message }: { message: string }) => message)).toEqual([
      'no model “nothing” in the catalogue',
      'no item “nope” in the catalogue',
    ])
    await desk
      .post('/api/customers')
      .send({ ...customer, email: 'nobody' })
      .expect(422)
  })

  it('are given out whole and erased whole, with nothing left of them in the database', async () => {
    const { customer: made } = await make({ name: 'Gro Erasmoor', note: 'a very private note' })
    const { body: given } = await desk.get(`/api/customers/${made.id}/export`).expect(200)
    expect(given).toMatchObject({
      format: 'handhold-customer',
      customer: { name: 'Gro Erasmoor', machines: [machine] },
      names: { models: { 'plover-60': 'Larkfen Plover 60' } },
    })
    const { body: link } = await desk
      .post('/api/practice/links')
      .send({ model: 'plover-60', technique: 'blind-hem', fabric: 'wool-suiting', days: 7 })
      .expect(201)
    const review = {
      reached: true,
      missed: [],
      refused: [],
      passedBy: [],
      undone: [],
      strikes: 0,
      badSamples: 0,
      moves: 3,
    }
    for (const name of [' gro erasmoor', 'Gro Other'])
      await shop
        .anyone()
        .post(`/api/shared/practice/${link.path.slice('/p/'.length)}/attempts`)
        .send({ name, review })
        .expect(201)
    await desk.delete(`/api/customers/${made.id}`).expect(200)
    const { body: attempts } = await desk.get(`/api/practice/links/${link.id}/attempts`).expect(200)
    expect(attempts.map(({ by }: { by: string }) => by)).toEqual(['Gro Other', 'a former customer'])
    await desk.get(`/api/customers/${made.id}/export`).expect(404)
    await desk.delete(`/api/customers/${made.id}`).expect(404)
    const tables = (await shop.services.database.query('SHOW TABLES')) as Record<string, string>[]
    for (const table of tables.flatMap((row) => Object.values(row))) {
      const rows = JSON.stringify(await shop.services.database.query(`SELECT * FROM \`${table}\``))
      expect(rows.includes('Erasmoor'), table).toBe(false)
    }
  })

  it('of a list are taken in all or none; who is known gets what is new, once', async () => {
    const list = [
      { ...customer, name: 'Una Listmoor', owns: [] },
      { name: 'Jorn Listmoor', machines: [], owns: [] },
    ]
    const { body: first } = await desk.post('/api/customers/import').send({ customers: list }).expect(200)
    expect(first).toEqual({ added: 2, changed: 0, same: 0 })
    const more = [{ ...list[0], machines: [machine, { model: 'ketch' }], owns: ['lf-16'] }, list[1]]
    const { body: second } = await desk.post('/api/customers/import').send({ customers: more }).expect(200)
    expect(second).toEqual({ added: 0, changed: 1, same: 1 })
    const { body: third } = await desk.post('/api/customers/import').send({ customers: more }).expect(200)
    expect(third).toEqual({ added: 0, changed: 0, same: 2 })
    const before = (await desk.get('/api/customers')).body.total
    await desk
      .post('/api/customers/import')
      .send({
        customers: [
          { name: 'New One', machines: [], owns: [] },
          { ...customer, owns: ['nope'] },
        ],
      })
      .expect(422)
    expect((await desk.get('/api/customers')).body.total).toBe(before)
  })

  it('are told page by page, found by words of all that is told of them, capitals or not', async () => {
    await make({ name: 'Ünne Pagemoor', phone: '0171 55%', email: undefined })
    const { body: first } = await desk.get('/api/customers').query({ most: 7 }).expect(200)
    const names: string[] = []
    for (let before = ''; ;) {
      const asked = { most: 7, ...(before === '' ? {} : { before }) }
      const { rows, total } = (await desk.get('/api/customers').query(asked).expect(200)).body as typeof first
      expect(total).toBe(first.total)
      names.push(...rows.map((row: { customer: { name: string } }) => row.customer.name))
      if (rows.length < 7) break
      before = rows.at(-1).customer.id
    }
    expect(names).toHaveLength(first.total)
    expect(new Set(names).size).toBeGreaterThan(first.total - 3)
    const found = async (q: string, more = {}) =>
      (
        await desk
          .get('/api/customers')
          .query({ q, ...more })
          .expect(200)
      ).body.rows.map((row: { customer: { name: string } }) => row.customer.name)
    for (const q of [
      'PAGEMOOR',
      'ünne page',
      '171 55%',
      'pagemoor 0171',
      `pagemoor ${machine.serial}`,
      'pagemoor plover',
    ])
      expect(await found(q), q).toEqual(['Ünne Pagemoor'])
    for (const q of ['pagemoor 0172', '171%55', 'pagemoor machines', 'page_moor', 'pagemoor nobody'])
      expect(await found(q), q).toEqual([])
    expect(await found('pagemoor', { mail: 'yes' })).toEqual([])
    const [{ customer: one }] = first.rows
    const { body: asked } = await desk
      .get('/api/customers')
      .query({ ids: `${one.id},nobody` })
      .expect(200)
    expect(asked).toMatchObject({ total: 1, machines: one.machines.length, rows: [{ customer: { id: one.id } }] })
    expect((await desk.get('/api/customers').query({ ids: '' }).expect(200)).body.total).toBe(0)
  })

  it('whom a list may mean are those of its names, whatever their capitals and spaces', async () => {
    await make({ name: 'Ole  Namemoor', phone: '1' })
    await make({ name: 'ole namemoor', phone: '2' })
    await make({ name: 'Ola Namemoor', phone: '3' })
    const names = ['OLE NAMEMOOR', 'Nobody Atall']
    const { body } = await desk.post('/api/customers/named').send({ names }).expect(200)
    expect(body.map((row: { customer: { phone: string } }) => row.customer.phone).sort()).toEqual(['1', '2'])
  })

  it('of a list are whom somebody said; both lines of one count, and nobody who is gone comes back', async () => {
    const made = await make({ name: 'Vera Samemoor', phone: '1', email: undefined, machines: [], owns: [] })
    const { id } = made.customer
    const line = (phone: string, model: string) => ({ name: 'Vera Samemoor', phone, machines: [{ model }], owns: [] })
    const send = (customers: object[]) => desk.post('/api/customers/import').send({ customers })
    const lines = [
      { ...line('2', 'ketch'), same: id },
      { ...line('3', 'yawl'), same: id },
    ]
    expect((await send(lines).expect(200)).body).toEqual({ added: 0, changed: 2, same: 0 })
    const { body: kept } = await desk.get(`/api/customers/${id}`).expect(200)
    expect(kept.customer.machines.map((one: { model: string }) => one.model)).toEqual(['ketch', 'yawl'])
    // Of whom nothing is said another telephone is another person.
    expect((await send([line('9', 'ketch')]).expect(200)).body).toEqual({ added: 1, changed: 0, same: 0 })
    await desk.delete(`/api/customers/${id}`).expect(200)
    await send([{ ...line('2', 'ketch'), same: id }]).expect(422)
  })

  it('come out as CSV that no spreadsheet runs', async () => {
    await make({ name: '=cmd()', email: 'cmd@stage.example' })
    const { text } = await desk.get('/api/customers.csv').expect(200)
    expect(text).toContain("'=cmd()")
    expect(text.split('\r\n')[0]).toContain('Name,Phone,Email,Machine,Serial,Bought,Owns,Note')
  })
})

describe('gaps', () => {
  it('count customers’ machines, and rank by them when asked', async () => {
    const { body } = await viewer
      .get('/api/coverage/gaps')
      .query({ fabric: 'cotton-shirting', by: 'machines' })
      .expect(200)
    const machines = body.gaps.map((gap: { machines: number }) => gap.machines) as number[]
    expect(Math.max(...machines)).toBeGreaterThan(3)
    expect(machines).toEqual([...machines].sort((a, b) => b - a))
    const { body: cells } = await viewer.get('/api/coverage/gaps').query({ fabric: 'cotton-shirting' }).expect(200)
    const counts = cells.gaps.map((gap: { cells: unknown[] }) => gap.cells.length) as number[]
    expect(counts).toEqual([...counts].sort((a, b) => b - a))
  })

  it('count the booked seats of classes to come, and rank by them when asked', async () => {
    const desk = await shop.as('desk')
    const gapsBy = async (by: string) =>
      (await viewer.get('/api/coverage/gaps').query({ fabric: 'wool-suiting', by }).expect(200)).body.gaps as {
        seats: number
        closer: { item?: string }
      }[]
    const before = await gapsBy('seats')
    const seats = before.map((gap) => gap.seats)
    expect(seats[0]).toBeGreaterThan(0)
    expect(seats).toEqual([...seats].sort((a, b) => b - a))
    const piping = before.find(({ closer }) => closer.item === 'u-pipe')?.seats ?? 0
    const booked = {
      title: 'More piping',
      starts: '2099-01-01T10:00:00',
      minutes: 60,
      techniques: [{ technique: 'piping', fabric: 'wool-suiting' }],
      seats: [
        { name: 'A', model: 'wren-24', owns: [] },
        { name: 'B', model: 'wren-24', owns: [] },
      ],
      loans: [],
      pins: [],
    }
    await desk.post('/api/classes').send(booked).expect(201)
    await desk
      .post('/api/classes')
      .send({ ...booked, title: 'Long ago', starts: '2001-01-01T10:00:00' })
      .expect(201)
    expect((await gapsBy('seats')).find(({ closer }) => closer.item === 'u-pipe')?.seats).toBe(piping + 2)
  })
})
