import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { SessionRow, UserRow } from '#server/database/entities/index'
import { openShop, type Shop } from './shop'

let shop: Shop
beforeAll(async () => {
  shop = await openShop()
})
afterAll(() => shop.close())

const felt = async () => (await (await shop.as('lead')).get('/api/catalogue/fabrics/felt')).body

describe('who may', () => {
  it('shows nothing of the catalogue to somebody who is not signed in', async () => {
    for (const path of [
      '/api/picks',
      '/api/bundle',
      '/api/models/ketch',
      '/api/catalogue/items/lf-07',
      '/api/history',
    ]) {
      const refused = await shop.anyone().get(path).expect(401)
      expect(refused.headers['content-type']).toContain('application/problem+json')
    }
  })

  it.each(['viewer', 'desk'] as const)('lets a %s read and not write', async (role) => {
    const person = await shop.as(role)
    await person.get('/api/picks').expect(200)
    const row = await felt()
    const refused = await person
      .put('/api/catalogue/fabrics/felt')
      .send({ version: row.version, value: { ...row.value, name: 'Mine' } })
      .expect(403)
    expect(refused.body.title).toContain('needs the role lead')
    expect(await felt()).toEqual(row)
  })

  it('refuses a write without the CSRF token, and with a wrong one', async () => {
    const lead = await shop.as('lead')
    const row = await felt()
    const body = { version: row.version, value: { ...row.value, name: 'Forged' } }
    await lead.agent.put('/api/catalogue/fabrics/felt').send(body).expect(403)
    await lead.agent.put('/api/catalogue/fabrics/felt').set('X-CSRF-Token', 'x'.repeat(43)).send(body).expect(403)
    expect(await felt()).toEqual(row)
  })

  it('keeps neither passwords nor tokens as they are', async () => {
    const lead = await shop.as('lead')
    const users = await shop.services.database.getRepository(UserRow).find()
    expect(users.every(({ passwordHash }) => passwordHash.startsWith('$argon2id$'))).toBe(true)
    const cookie = (await lead.agent.get('/api/session')).request.cookies as string
    const token = /handhold_session=([^;]+)/.exec(cookie)?.[1] ?? ''
    expect(token).toHaveLength(43)
    const sessions = await shop.services.database.getRepository(SessionRow).find()
    expect(JSON.stringify(sessions)).not.toContain(token)
  })

  it('sets a cookie scripts cannot read and other sites cannot send, and security headers', async () => {
    const answer = await shop
      .anyone()
      .post('/api/session')
      .send({ user: 'guest', password: 'only-looking' })
      .expect(201)
    const [cookie = ''] = answer.headers['set-cookie'] as unknown as string[]
    expect(cookie).toMatch(/HttpOnly/)
    expect(cookie).toMatch(/SameSite=Strict/)
    expect(answer.headers['content-security-policy']).toContain("script-src 'self'")
    expect(answer.headers['x-content-type-options']).toBe('nosniff')
    expect(answer.headers['x-powered-by']).toBeUndefined()
  })

  it('forgets a session that signed out', async () => {
    const person = await shop.as('desk')
    await person.delete('/api/session').expect(204)
    await person.get('/api/picks').expect(401)
  })

  it('slows down guessing, and says the same of an unknown name as of a wrong password', async () => {
    const own = await openShop()
    try {
      const wrong = await own.anyone().post('/api/session').send({ user: 'maren', password: 'guess' }).expect(401)
      const unknown = await own.anyone().post('/api/session').send({ user: 'nobody', password: 'guess' }).expect(401)
      expect(unknown.body).toEqual(wrong.body)
      for (let i = 0; i < 9; i++)
        await own
          .anyone()
          .post('/api/session')
          .send({ user: 'maren', password: `${i}` })
      await own.anyone().post('/api/session').send({ user: 'maren', password: 'tide-and-thimble' }).expect(429)
    } finally {
      await own.close()
    }
  })
})
