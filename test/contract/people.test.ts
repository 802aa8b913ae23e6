import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { openShop, type Person, type Shop } from './shop'

let shop: Shop
let lead: Person
beforeAll(async () => {
  shop = await openShop({ demo: false })
  lead = await shop.as('lead')
})
afterAll(() => shop.close())

const first = { id: 'first.one', name: 'First One', password: 'a-long-word' }

describe('a shop without people', () => {
  it('is begun by one lead, however many come at once, and by nobody after', async () => {
    const empty = await openShop({ demo: false })
    await empty.services.database.query('DELETE FROM user')
    expect((await empty.anyone().get('/api/session').expect(200)).body).toEqual({ first: true })
    await empty
      .anyone()
      .post('/api/session/first')
      .send({ ...first, password: 'short' })
      .expect(422)
    const answers = await Promise.all(
      ['a', 'b', 'c', 'd'].map((end) =>
        empty
          .anyone()
          .post('/api/session/first')
          .send({ ...first, id: `first-${end}` }),
      ),
    )
    expect(answers.map(({ status }) => status).sort()).toEqual([201, 409, 409, 409])
    const { sessions, database } = empty.services
    for (let round = 0; round < 12; round++) {
      await database.query('DELETE FROM user')
      const came = await Promise.allSettled(
        ['a', 'b', 'c', 'd', 'e'].map((end) => sessions.addFirst({ ...first, id: end })),
      )
      expect(came.filter(({ status }) => status === 'fulfilled')).toHaveLength(1)
    }
    expect((await empty.anyone().get('/api/session')).body).toEqual({})
    expect(await empty.services.sessions.people()).toHaveLength(1)
    await empty.close()
  })

  it('takes the shipped techniques in, once, and leaves what it has as it is', async () => {
    const { body } = await lead.post('/api/library').send({}).expect(201)
    expect(body.added).toBeGreaterThan(60)
    const picks = (await lead.get('/api/picks').expect(200)).body
    expect(picks.models).toEqual([])
    expect(picks.techniques.length).toBeGreaterThanOrEqual(30)
    expect((await lead.post('/api/library').send({}).expect(201)).body).toMatchObject({ added: 0, changed: 0 })
  })
})

describe('a session', () => {
  const account = { user: 'second.one', password: 'a-long-word' }
  const enter = async () => {
    const agent = shop.agent()
    await agent.post('/api/session').send(account).expect(201)
    return agent
  }
  const sessions = () =>
    shop.services.database.query('SELECT user, expires FROM session ORDER BY expires') as Promise<
      { user: string; expires: Date }[]
    >
  const expire = () =>
    shop.services.database.query('UPDATE session SET expires = ? WHERE user = ?', [
      new Date(Date.now() - 1000),
      account.user,
    ])
  beforeAll(() =>
    lead.post('/api/people').send({ id: account.user, name: 'Two', role: 'desk', password: account.password }),
  )

  it('lasts twelve hours and not a moment longer, whatever the browser still sends', async () => {
    const [before, agent, after] = [Date.now(), await enter(), Date.now()]
    const [own] = (await sessions()).filter(({ user }) => user === account.user)
    const until = own?.expires.getTime() ?? 0
    expect(until).toBeGreaterThanOrEqual(before + 12 * 3_600_000 - 1)
    expect(until).toBeLessThanOrEqual(after + 12 * 3_600_000)
    await agent.get('/api/picks').expect(200)
    await expire()
    await agent.get('/api/picks').expect(401)
    expect((await agent.get('/api/session').expect(200)).body).toEqual({})
  })

  it('that is over is thrown away at the next sign-in of anybody; the others stay', async () => {
    await enter()
    await expire()
    const other = await enter()
    const left = await sessions()
    expect(left.filter(({ user }) => user === account.user)).toHaveLength(1)
    expect(left.every(({ expires }) => expires > new Date())).toBe(true)
    await other.get('/api/picks').expect(200)
    await lead.get('/api/picks').expect(200)
  })

  it('ends with a new password, everywhere and at once, and nobody else’s does', async () => {
    const [one, two] = [await enter(), await enter()]
    const change = { name: 'Two', role: 'desk', password: 'another-word' }
    await lead.put(`/api/people/${account.user}`).send(change).expect(200)
    await one.get('/api/picks').expect(401)
    await two.get('/api/picks').expect(401)
    await lead.get('/api/picks').expect(200)
    // A new name alone ends nothing.
    account.password = change.password
    const three = await enter()
    await lead.put(`/api/people/${account.user}`).send({ name: 'Two again', role: 'desk' }).expect(200)
    await three.get('/api/picks').expect(200)
  })
})

describe('people', () => {
  it('are added, changed and ended by a lead alone; one lead is always left', async () => {
    const desk = await shop.as('desk')
    await desk.get('/api/people').expect(403)
    await lead
      .post('/api/people')
      .send({ ...first, role: 'desk' })
      .expect(201)
    await lead
      .post('/api/people')
      .send({ ...first, role: 'desk' })
      .expect(422)
    await shop.anyone().post('/api/session').send({ user: first.id, password: first.password }).expect(201)
    await lead
      .put(`/api/people/${first.id}`)
      .send({ name: 'Renamed', role: 'viewer', password: 'another-word' })
      .expect(200)
    await shop.anyone().post('/api/session').send({ user: first.id, password: first.password }).expect(401)
    await shop.anyone().post('/api/session').send({ user: first.id, password: 'another-word' }).expect(201)
    const leads = ((await lead.get('/api/people').expect(200)).body as { id: string; role: string }[]).filter(
      ({ role }) => role === 'lead',
    )
    expect(leads).toHaveLength(1)
    await lead.put(`/api/people/${leads[0]?.id}`).send({ name: 'X', role: 'viewer' }).expect(422)
    await lead.delete(`/api/people/${leads[0]?.id}`).expect(422)
    await lead.get('/api/people').expect(200)
    await lead.delete(`/api/people/${first.id}`).expect(200)
    await lead.delete(`/api/people/${first.id}`).expect(404)
  })
})
