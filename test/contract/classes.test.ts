import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { ClassRow } from '#shared/api/classes'
import { openShop, type Person, type Shop } from './shop'

let shop: Shop
let desk: Person
let viewer: Person
beforeAll(async () => {
  shop = await openShop()
  ;[desk, viewer] = await Promise.all([shop.as('desk'), shop.as('viewer')])
})
afterAll(() => shop.close())

const blank = {
  title: 'Trial',
  starts: '2026-12-05T10:00:00',
  minutes: 120,
  techniques: [{ technique: 'piping', fabric: 'wool-suiting' }],
  seats: [
    { name: 'One', model: 'wren-24', owns: [] },
    { name: 'Two', model: 'wren-24', owns: [] },
  ],
  loans: [{ item: 'u-pipe', pieces: 1 }],
  pins: [],
}
const make = async (more = {}) =>
  (
    await desk
      .post('/api/classes')
      .send({ ...blank, ...more })
      .expect(201)
  ).body as ClassRow

describe('classes', () => {
  it('of the demo are four, for desk and lead', async () => {
    const { body } = await desk.get('/api/classes').expect(200)
    expect(body).toHaveLength(4)
    await viewer.get('/api/classes').expect(403)
  })

  it('are planned, and planned again around a pin', async () => {
    const { version, class: made } = await make()
    const { body: plan } = await desk.get(`/api/classes/${made.id}/plan`).expect(200)
    expect(plan).toMatchObject({ solved: true, ready: 2, lent: 1, bought: 1 })
    const lent = plan.seats.findIndex(({ loans }: { loans: string[] }) => loans.includes('u-pipe')) as number
    const { id: _, ...facts } = made
    const pins = [{ seat: lent, item: 'u-pipe', how: 'buy' as const }]
    await desk
      .put(`/api/classes/${made.id}`)
      .send({ version, class: { ...facts, pins } })
      .expect(200)
    const { body: around } = await desk.get(`/api/classes/${made.id}/plan`).expect(200)
    expect(around.seats[lent]).toMatchObject({ buys: ['u-pipe'], loans: [] })
    expect(around.seats[1 - lent]).toMatchObject({ buys: [], loans: ['u-pipe'] })
  })

  it('say when more is pinned than the shop has', async () => {
    const pins = [0, 1].map((seat) => ({ seat, item: 'u-pipe', how: 'loan' as const }))
    const { class: made } = await make({ pins })
    const { body } = await desk.get(`/api/classes/${made.id}/plan`).expect(200)
    expect(body).toMatchObject({ solved: false, ready: 0 })
  })

  it('are refused where they do not hold together, each place named', async () => {
    const broken = {
      ...blank,
      techniques: [{ technique: 'nothing', fabric: 'wool-suiting', after: ['zip'] }],
      seats: [{ name: 'A', model: 'none', owns: ['nope'] }],
      loans: [{ pieces: 1 }],
      pins: [{ seat: 5, item: 'u-pipe', how: 'loan' }],
    }
    const { body } = await desk.post('/api/classes').send(broken).expect(422)
    expect(body.issues.map(({ path }: { path: unknown[] }) => path.join('.'))).toEqual([
      'techniques.0.technique',
      'techniques.0.after',
      'seats.0.model',
      'seats.0.owns',
      'loans.0',
      'pins.0.seat',
    ])
    await desk
      .post('/api/classes')
      .send({ ...blank, starts: 'tomorrow' })
      .expect(422)
  })

  it('show both versions to the second writer, and go when they are removed', async () => {
    const { version, class: made } = await make()
    const { id, ...facts } = made
    await desk
      .put(`/api/classes/${id}`)
      .send({ version, class: { ...facts, room: 'Upper' } })
      .expect(200)
    const { body } = await desk.put(`/api/classes/${id}`).send({ version, class: facts }).expect(409)
    expect(body.theirs).toMatchObject({ version: version + 1, value: { id, room: 'Upper' } })
    await desk.delete(`/api/classes/${id}?version=${version}`).expect(409)
    await desk.delete(`/api/classes/${id}`).expect(422)
    await desk.delete(`/api/classes/${id}?version=${version + 1}`).expect(200)
    await desk.get(`/api/classes/${id}/plan`).expect(404)
  })
})
