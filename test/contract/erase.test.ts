/**
 * A mark in every text of every table that can hold one of a customer: it is given out to them whole, and nowhere after
 * they are erased; nor in the log, nor in a backup made then.
 */
import { mkdtempSync, readFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gunzipSync } from 'node:zlib'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { writeBackup } from '#server/backup/write'
import { openShop, type Person, type Shop } from './shop'

const MARK = 'Qwerzul Markbearer'
const MAIL = 'qwerzul@post.example'
let shop: Shop
let desk: Person
let id: string
beforeAll(async () => {
  shop = await openShop()
  desk = await shop.as('desk')
})
afterAll(() => shop.close())

/** Every row of every table as text, with the table's name. */
const everything = async (): Promise<Map<string, string>> => {
  const { database } = shop.services
  const tables = (await database.query('SHOW TABLES')) as Record<string, string>[]
  const found = new Map<string, string>()
  for (const table of tables.flatMap((row) => Object.values(row))) {
    const rows = (await database.query(`SELECT * FROM \`${table}\``)) as Record<string, unknown>[]
    const texts = rows.flatMap((row) =>
      Object.values(row).map((value) => (Buffer.isBuffer(value) ? value.toString('utf8') : JSON.stringify(value))),
    )
    found.set(table, texts.join('\n'))
  }
  return found
}
const whereIs = async (mark: string): Promise<string[]> =>
  [...(await everything())].flatMap(([table, text]) => (text.toLowerCase().includes(mark.toLowerCase()) ? table : []))

it('leaves its mark wherever a customer can', async () => {
  const customer = { name: MARK, email: MAIL, phone: '555 0199', note: `${MARK} likes blue`, machines: [], owns: [] }
  const { body } = await desk.post('/api/customers').send(customer).expect(201)
  id = body.customer.id
  const machines = [{ model: 'wren-24', serial: `${MARK} 17` }]
  await desk
    .put(`/api/customers/${id}`)
    .send({ version: 1, customer: { ...customer, machines } })
    .expect(200)

  const seats = [
    { name: MARK, customer: id, model: 'wren-24', owns: [] },
    { name: MARK.toUpperCase(), owns: [] },
    { name: 'Somebody Else', owns: [] },
  ]
  const facts = { title: 'Marks', starts: '2026-12-05T10:00:00', minutes: 60, loans: [], pins: [] }
  const techniques = [{ technique: 'piping', fabric: 'wool-suiting' }]
  const { body: made } = await desk
    .post('/api/classes')
    .send({ ...facts, techniques, seats })
    .expect(201)
  const changed = { ...facts, techniques, seats: [seats[0]] }
  await desk.put(`/api/classes/${made.class.id}`).send({ version: 1, class: changed }).expect(200)
  const { body: gone } = await desk
    .post('/api/classes')
    .send({ ...facts, techniques, seats })
    .expect(201)
  await desk.delete(`/api/classes/${gone.class.id}?version=1`).expect(200)

  const one = { question: `${MARK} rang`, advice: `Told ${MARK}`, customer: id, outcome: 'solved', cause: 'needle' }
  const { body: call } = await desk.post('/api/cases').send(one).expect(201)
  await desk
    .put(`/api/cases/${call.case.id}`)
    .send({ version: 1, case: { ...one, handedTo: MARK } })
    .expect(200)
  const { body: removed } = await desk.post('/api/cases').send(one).expect(201)
  await desk.delete(`/api/cases/${removed.case.id}?version=1`).expect(200)

  await desk.post('/api/ask/words').send({ kind: 'customer', of: id, words: 'qwerzul markbearer' }).expect(201)
  const card = { technique: 'piping', model: 'wren-24', fabric: 'wool-suiting' }
  await desk
    .post('/api/outbox/cards')
    .send({ ...card, customer: id })
    .expect(201)
  const { body: link } = await desk
    .post('/api/practice/links')
    .send({ ...card, note: `For ${MARK}`, days: 3 })
    .expect(201)
  const none = { missed: [], refused: [], passedBy: [], undone: [] }
  const review = { ...none, reached: true, strikes: 0, badSamples: 0, moves: 4, extra: 0 }
  await shop
    .anyone()
    .post(`/api/shared${link.path.replace('/p/', '/practice/')}/attempts`)
    .send({ name: MARK, review })
    .expect(201)

  expect(await whereIs(MARK)).toEqual([
    'ask_alias',
    'class_seat',
    'customer',
    'desk_case',
    'outbox_message',
    'practice_attempt',
    'practice_link',
    'shop_history',
  ])
  expect(id.toLowerCase()).not.toContain('qwerzul')
})

it('is given out whole', async () => {
  const { body } = await desk.get(`/api/customers/${id}/export`).expect(200)
  expect(Object.fromEntries(Object.entries(body.held).map(([name, list]) => [name, (list as []).length]))).toEqual({
    seats: 1,
    cases: 1,
    words: 1,
    messages: 1,
    practice: 2,
    history: 2,
  })
})

it('is nowhere when it is erased, and nothing brings it back', async () => {
  const { body: before } = await desk.get('/api/history/records?resource=customers').expect(200)
  await desk.delete(`/api/customers/${id}`).expect(200)
  expect(await whereIs(MARK)).toEqual([])
  expect(await whereIs(MAIL)).toEqual([])
  expect(await whereIs(id)).toEqual([])
  for (const { id: write, row } of before)
    if (row === id) await desk.post(`/api/history/records/${write}/undo`).expect(404)
  const file = join(mkdtempSync(join(tmpdir(), 'handhold-')), 'after.backup')
  await writeBackup(shop.databaseUrl, file, new Date())
  expect(gunzipSync(readFileSync(file)).toString('utf8').toLowerCase()).not.toContain('qwerzul')
})

it('leaves what the shop learns from', async () => {
  const { body } = await desk.get('/api/cases?outcome=solved').expect(200)
  const left = body.filter(({ case: one }: { case: { question: string } }) => one.question.startsWith('Erased'))
  expect(left).toMatchObject([{ case: { cause: 'needle', outcome: 'solved' } }])
})
