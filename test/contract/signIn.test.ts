import PostalMime from 'postal-mime'
import { afterAll, beforeEach, describe, expect, it } from 'vitest'
import { SignInLimit, TooManyTries } from '#server/features/session/signInLimit'
import { openShop, type Person } from './shop'

const shop = await openShop()
afterAll(() => shop.close())

let now: Date
let waits: number[]
let limit: SignInLimit
beforeEach(async () => {
  await shop.services.database.query('DELETE FROM sign_in_failure')
  now = new Date('2026-11-28T10:00:00Z')
  waits = []
  limit = new SignInLimit(
    shop.services.database,
    () => now,
    (ms) => Promise.resolve(waits.push(ms)),
  )
})
const refused = () => Promise.reject(new Error('wrong'))
/** What became of a try: made and wrong, made and right, or not made at all. */
const tried = (account: string, address: string, enter: () => Promise<unknown> = refused): Promise<string> =>
  limit.guard(account, address, enter).then(
    () => 'right',
    (error: unknown) => (error instanceof TooManyTries ? 'not made' : 'wrong'),
  )
const times = async (count: number, account: string, address: string) => {
  const all: string[] = []
  for (let i = 0; i < count; i++) all.push(await tried(account, address))
  return all
}
const right = () => Promise.resolve('in')

describe('signing in', () => {
  it('is tried ten times in five minutes by one account from one address, and then again', async () => {
    expect(await times(12, 'maren', '10.0.0.1')).toEqual([...Array<string>(10).fill('wrong'), 'not made', 'not made'])
    expect(await tried('maren', '10.0.0.1', right)).toBe('not made')
    now = new Date(now.getTime() + 5 * 60_000 + 1)
    expect(await tried('maren', '10.0.0.1', right)).toBe('right')
  })

  it('of the others behind the same address is not locked by it, nor the account elsewhere', async () => {
    await times(12, 'maren', '10.0.0.1')
    expect(await tried('osk', '10.0.0.1', right)).toBe('right')
    expect(await tried('maren', '10.0.0.2', right)).toBe('right')
  })

  it('is forgiven by one that goes well', async () => {
    await times(9, 'maren', '10.0.0.1')
    expect(await tried('maren', '10.0.0.1', right)).toBe('right')
    expect(await times(10, 'maren', '10.0.0.1')).toEqual(Array(10).fill('wrong'))
  })

  it('with one account from many addresses is slowed more and more, and never refused', async () => {
    for (let i = 0; i < 60; i++) expect(await tried('maren', `10.0.1.${i}`)).toBe('wrong')
    expect(waits[0]).toBe(100)
    expect(waits).toEqual([...waits].sort((a, b) => a - b))
    expect(waits.at(-1)).toBe(3000)
    expect(await tried('maren', '10.0.2.1', right)).toBe('right')
  })

  it('from one address with ever other accounts ends at two hundred', async () => {
    const all: string[] = []
    for (let i = 0; i < 202; i++) all.push(await tried(`nobody${i}`, '10.0.0.9'))
    expect(all.filter((one) => one === 'wrong')).toHaveLength(200)
    expect(await tried('osk', '10.0.0.1', right)).toBe('right')
  })

  it('counts exactly, also a hundred at once, and keeps no name', async () => {
    const all = await Promise.all(Array.from({ length: 100 }, () => tried('maren', '10.0.0.1')))
    expect(all.filter((one) => one === 'wrong')).toHaveLength(10)
    expect(await tried('maren', '10.0.0.1', right)).toBe('not made')
    expect(JSON.stringify(await shop.services.database.query('SELECT * FROM sign_in_failure'))).not.toContain('maren')
  })
})

describe('a link that is sent', () => {
  let desk: Person
  const sent = async (): Promise<string> => {
    const customers = (await desk.get('/api/customers').expect(200)).body.rows as {
      customer: { id: string; email?: string }
    }[]
    await desk
      .post('/api/outbox/cards')
      .set('Host', 'evil.example')
      .set('X-Forwarded-Host', 'evil.example')
      .send({
        customer: customers.find(({ customer }) => customer.email !== undefined)?.customer.id,
        ...{ model: 'plover-60', technique: 'blind-hem', fabric: 'denim', practice: true },
      })
      .expect(201)
    const [row] = (await shop.services.database.query('SELECT mail FROM outbox_message ORDER BY id DESC LIMIT 1')) as {
      mail: Buffer
    }[]
    return (await PostalMime.parse(row?.mail ?? '')).text ?? ''
  }
  it('begins with the shop’s own address, whatever a request says of itself', async () => {
    desk = await shop.as('desk')
    const mail = await sent()
    expect(mail).toContain('http://127.0.0.1:0/c/')
    expect(mail).not.toContain('evil.example')
    const lead = await shop.as('lead')
    const kept = async () => (await lead.get('/api/settings').expect(200)).body
    const { settings } = await kept()
    const choose = async (next: object) => ({ version: (await kept()).version, settings: { ...settings, ...next } })
    await lead
      .put('/api/settings')
      .send(await choose({ publicAddress: 'https://shop.example' }))
      .expect(200)
    expect(await sent()).toContain('https://shop.example/c/')
    for (const publicAddress of ['shop.example', 'javascript:alert(1)', 'https://a/b', 'https://a b'])
      await lead
        .put('/api/settings')
        .send(await choose({ publicAddress }))
        .expect(422)
    await lead
      .put('/api/settings')
      .send(await choose({}))
      .expect(200)
    expect((await kept()).settings.publicAddress).toBeUndefined()
  })
})

describe('what robots are told', () => {
  it('is to list nothing, at every address', async () => {
    expect((await shop.anyone().get('/robots.txt').expect(200)).text).toContain('Disallow: /')
    for (const path of ['/', '/c/x', '/api/session', '/assets/none.js'])
      expect((await shop.anyone().get(path)).headers['x-robots-tag'], path).toContain('noindex')
  })
})
