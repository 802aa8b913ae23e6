import { createServer, type Server } from 'node:http'
import { connect } from 'node:net'
import type { AddressInfo } from 'node:net'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { routes } from '#server/routes'
import { openShop, type Person, type Shop } from './shop'

let shop: Shop
let server: Server
let port: number
let desk: Person
let lead: Person
beforeAll(async () => {
  shop = await openShop()
  server = createServer(shop.app)
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done))
  port = (server.address() as AddressInfo).port
  ;[desk, lead] = [await shop.as('desk'), await shop.as('lead')]
})
afterAll(async () => {
  server.closeAllConnections()
  await new Promise((done) => server.close(done))
  await shop.close()
})

/** Sends these bytes and no more; everything that comes back until the other side ends the connection. */
const sent = (text: string): Promise<string> =>
  new Promise((done, fail) => {
    const socket = connect(port, '127.0.0.1', () => socket.write(text))
    let back = ''
    socket.setEncoding('utf8')
    socket.on('data', (part: string) => (back += part))
    socket.once('close', () => done(back))
    socket.once('error', fail)
  })
const head = (method: string, path: string, more: string[] = []) =>
  [`${method} ${path} HTTP/1.1`, 'Host: shop', 'Content-Type: application/json', ...more, '', ''].join('\r\n')
const filled = (path: string) => path.replaceAll(/\{(\w+)\}/g, 'x')

describe('a stranger', () => {
  const writing = routes.filter((one) => one.for !== 'everyone' && one.method !== 'get')

  it('is refused at every address that takes something, before a byte of the body came', async () => {
    for (const { method, path } of writing) {
      const request = head(method.toUpperCase(), filled(path), [`Content-Length: ${40 * 1024 * 1024}`])
      expect(await sent(request), `${method} ${path}`).toMatch(/^HTTP\/1\.1 401 /)
    }
    expect(writing.length).toBeGreaterThan(40)
  })

  it('is refused as soon where the length is not told', async () => {
    expect(await sent(head('POST', '/api/bundle', ['Transfer-Encoding: chunked']))).toMatch(/^HTTP\/1\.1 401 /)
  })

  it('may send to the addresses that are for everyone no more than these take', async () => {
    const open = routes.filter((one) => one.for === 'everyone' && one.body)
    expect(open.length).toBeGreaterThan(2)
    for (const { method, path } of open) {
      const text = JSON.stringify({ x: 'x'.repeat(80 * 1024) })
      const { status } = await shop.anyone()[method](filled(path)).set('Content-Type', 'application/json').send(text)
      expect(status, path).toBe(413)
    }
  })

  it.each([
    '/api/%zz',
    '/%c0%af',
    '/api/models/%ff',
    '/api/shared/practice/%00',
    '/api/shared/cards/%E0%A4%A',
    `/api/shared/cards/${'x'.repeat(4000)}`,
  ])('asking for %s is told that it leads nowhere', async (path) => {
    expect(await sent(head('GET', path, ['Connection: close']))).toMatch(/^HTTP\/1\.1 (400|404|422) /)
  })

  it.each(['handhold_session=%', 'handhold_session=\u00e4; =; ;;', 'x'.repeat(3000)])(
    'with the cookie %s is nobody',
    async (cookie) => {
      expect(await sent(head('GET', '/api/session', [`Cookie: ${cookie}`, 'Connection: close']))).toMatch(
        /^HTTP\/1\.1 200 /,
      )
    },
  )
})

describe('somebody without the role, or from another page', () => {
  it.each([
    ['without the role', () => desk, undefined],
    ['without the token', () => lead, 'wrong'],
  ] as const)('%s is refused before a byte of the body came', async (_, who, token) => {
    const { agent, csrf } = who()
    const cookie = (agent as unknown as { jar: { getCookies: (at: object) => { toValueString: () => string } } }).jar
      .getCookies({ domain: '127.0.0.1', path: '/', secure: false, script: false })
      .toValueString()
    const more = [`Cookie: ${cookie}`, `X-CSRF-Token: ${token ?? csrf}`, `Content-Length: ${40 * 1024 * 1024}`]
    expect(await sent(head('POST', '/api/bundle', more))).toMatch(/^HTTP\/1\.1 403 /)
  })
})

describe('a body within its bytes', () => {
  it.each([
    ['deep', `{"x":${'['.repeat(100)}${']'.repeat(100)}}`, 'nested too deeply'],
    ['of a hundred thousand lists', `[${'[],'.repeat(100_000)}[]]`, 'too many parts'],
  ])('that is %s is refused before it is made anything of', async (_, text, why) => {
    const { body } = await lead.post('/api/customers').set('Content-Type', 'application/json').send(text).expect(413)
    expect(body.title).toContain(why)
  })

  it('with as many signs in its texts is none', async () => {
    const name = '[{'.repeat(60)
    await lead.post('/api/customers').send({ name, machines: [], owns: [] }).expect(201)
  })

  it('a catalogue of nothing but lists is refused, with why', async () => {
    const text = `[${'[],'.repeat(2_000_000)}[]]`
    const { body } = await lead.post('/api/bundle').set('Content-Type', 'application/json').send(text).expect(422)
    expect(JSON.stringify(body.issues)).toContain('too many parts')
  })
})
