/** What open pages hear of: from this server and from another on the same database. */
import type { AddressInfo } from 'node:net'
import type { Server } from 'node:http'
import { setTimeout as pause } from 'node:timers/promises'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { demoAccounts } from '#demo/accounts'
import { TOPICS, type TopicVersions } from '#shared/api/changes'
import { openShop, type Person, type Shop } from './shop'

let one: Shop
let other: Shop
let desk: Person
let elsewhere: Person
let server: Server
beforeAll(async () => {
  one = await openShop()
  other = await openShop({ url: one.databaseUrl })
  ;[desk, elsewhere] = [await one.as('desk'), await other.as('lead')]
  server = one.app.listen(0)
})
afterAll(async () => {
  server.closeAllConnections()
  server.close()
  await Promise.all([one.close(), other.close()])
})

/** A browser that listens; `heard` takes all that it was told so far together. */
const listen = async (cookie: string) => {
  const stop = new AbortController()
  const { port } = server.address() as AddressInfo
  const response = await fetch(`http://127.0.0.1:${port}/api/changes`, {
    headers: { Cookie: cookie, 'Accept-Encoding': 'gzip' },
    signal: stop.signal,
  })
  const heard: TopicVersions[] = []
  void (async () => {
    const decoder = new TextDecoder()
    let text = ''
    for await (const piece of response.body as unknown as AsyncIterable<Uint8Array>) {
      text += decoder.decode(piece, { stream: true })
      const events = text.split('\n\n')
      text = events.pop() ?? ''
      for (const event of events) {
        const data = /^data: (.*)$/m.exec(event)?.[1]
        if (data !== undefined) heard.push(JSON.parse(data) as TopicVersions)
      }
    }
  })().catch(() => undefined)
  return { response, heard, stop: () => stop.abort() }
}
const until = async (holds: () => boolean): Promise<void> => {
  for (let tries = 0; tries < 400 && !holds(); tries++) await pause(25)
  expect(holds()).toBe(true)
}
/** A viewer's, signed in just now. */
const cookieOf = async (shop: Shop): Promise<string> => {
  const account = demoAccounts.find(({ role }) => role === 'viewer')
  const answer = await shop.anyone().post('/api/session').send({ user: account?.id, password: account?.password })
  return String(answer.headers['set-cookie']).split(';')[0] as string
}

describe('the stream of changes', () => {
  it('is for who is signed in, and is not packed', async () => {
    expect((await listen('')).response.status).toBe(401)
    const cookie = await cookieOf(one)
    const { response, stop } = await listen(cookie)
    expect(response.headers.get('content-type')).toContain('text/event-stream')
    expect(response.headers.get('content-encoding')).toBeNull()
    stop()
  })

  it('says every topic at first, then what grew, whichever server wrote it', async () => {
    const cookie = await cookieOf(one)
    const { heard, stop } = await listen(cookie)
    await until(() => heard.length > 0)
    expect(Object.keys(heard[0] ?? {}).sort()).toEqual([...TOPICS].sort())
    const before = heard[0] as TopicVersions
    const customer = { name: 'New', machines: [], owns: [] }
    await desk.post('/api/customers').send(customer).expect(201)
    await until(() => heard.some((versions) => versions.customers > before.customers))
    expect(heard.at(-1)).toEqual({ customers: before.customers + 1 })
    await elsewhere.post('/api/customers').send(customer).expect(201)
    await until(() => heard.some((versions) => versions.customers > before.customers + 1))
    const { body: row } = await elsewhere.get('/api/catalogue/fabrics/wool-suiting').expect(200)
    await elsewhere
      .put('/api/catalogue/fabrics/wool-suiting')
      .send({ version: row.version, value: { ...row.value, name: 'Suiting' } })
      .expect(200)
    await until(() => heard.some((versions) => versions.catalogue > before.catalogue))
    stop()
  })

  it('tells nothing of what was refused', async () => {
    const cookie = await cookieOf(one)
    const { heard, stop } = await listen(cookie)
    await until(() => heard.length > 0)
    await desk
      .post('/api/customers')
      .send({ name: 'Wrong', machines: [{ model: 'none' }], owns: [] })
      .expect(422)
    await desk.post('/api/customers').send({ name: 'Right', machines: [], owns: [] }).expect(201)
    await until(() => heard.length > 1)
    expect(heard).toHaveLength(2)
    expect(heard[1]?.customers).toBe((heard[0]?.customers ?? 0) + 1)
    stop()
  })

  it('ends with the application', async () => {
    const third = await openShop({ url: one.databaseUrl })
    const own = third.app.listen(0)
    const cookie = await cookieOf(third)
    const response = await fetch(`http://127.0.0.1:${(own.address() as AddressInfo).port}/api/changes`, {
      headers: { Cookie: cookie },
    })
    const whole = response.text()
    third.end()
    expect(await whole).toContain('event: versions')
    own.close()
    await third.close()
  })
})
