/**
 * Two servers on two nodes of three. Nothing that was acknowledged is lost, nothing answers 500, nobody reads less than
 * they have just written; what must hold once holds across the nodes. Figures are printed, causes asserted.
 */
import { randomUUID } from 'node:crypto'
import { setTimeout as pause } from 'node:timers/promises'
import { createConnection } from 'mysql2/promise'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { demoAccounts } from '#demo/accounts'
import { startServer, type Running } from '../fire/processes'
import { startCluster, type Node } from './nodes'

let nodes: Node[]
let servers: Running[]
let urls: string[]
beforeAll(async () => {
  nodes = await startCluster()
  servers = [nodes[0], nodes[1]].map((node) => startServer((node as Node).url))
  urls = await Promise.all(servers.map(({ url }) => url))
})
afterAll(async () => {
  await Promise.all((servers ?? []).map(({ kill }) => kill('SIGTERM')))
  for (const node of nodes ?? []) await node.stop()
})

interface Answer {
  status: number
  body: { [key: string]: unknown }
  cookie?: string | undefined
}

/** A browser, which may ask either server. */
interface Browser {
  ask: (server: number, method: string, path: string, body?: unknown, key?: string) => Promise<Answer>
}

const ask = async (
  url: string,
  method: string,
  path: string,
  headers: Record<string, string>,
  body?: unknown,
): Promise<Answer> => {
  const response = await fetch(url + path, {
    method,
    headers: { ...headers, ...(body === undefined ? {} : { 'Content-Type': 'application/json' }) },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    signal: AbortSignal.timeout(20_000),
  })
  const text = await response.text()
  return {
    status: response.status,
    body: (text.startsWith('{') || text.startsWith('[') ? JSON.parse(text) : {}) as Answer['body'],
    cookie: response.headers.get('set-cookie')?.split(';')[0],
  }
}

const signIn = async (account: { id: string; password: string }, server = 0): Promise<Browser> => {
  const answer = await ask(
    urls[server] as string,
    'POST',
    '/api/session',
    {},
    { user: account.id, password: account.password },
  )
  expect(answer.status).toBe(201)
  const headers = { Cookie: answer.cookie ?? '', 'X-CSRF-Token': String(answer.body['csrf']) }
  return {
    ask: (server, method, path, body, key) =>
      ask(urls[server] as string, method, path, { ...headers, ...(key ? { 'Idempotency-Key': key } : {}) }, body),
  }
}
const accountOf = (role: string) => {
  const account = demoAccounts.find((one) => one.role === role)
  if (!account) throw new Error(`no account of a ${role}`)
  return account
}
type Listed = { customer: { id: string; name: string } }[]
const listed = (answer: Answer): Listed => (answer.body as unknown as { rows: Listed }).rows

describe('two servers on a cluster', () => {
  it('come up on one empty database with one demo', async () => {
    const browser = await signIn(accountOf('lead'))
    const classes = await Promise.all([0, 1].map((server) => browser.ask(server, 'GET', '/api/classes')))
    expect(classes.map(({ body }) => (body as unknown as unknown[]).length)).toEqual([4, 4])
  })

  it('lose no write, answer no 500, read what was just written, also while nodes die', async () => {
    const count = { acknowledged: 0, unavailable: 0, repeated: 0, faults: 0, stale: 0, conflicts: 0 }
    const faults: string[] = []
    const names = new Set<string>()
    let isOver = false
    const seen = (answer: Answer): Answer => {
      if (answer.status === 503) count.unavailable++
      if (answer.status >= 500 && answer.status !== 503) {
        count.faults++
        faults.push(`${answer.status} ${JSON.stringify(answer.body)}`)
      }
      return answer
    }
    /** Until it is answered by other than 503, under one key. */
    const surely = async (browser: Browser, server: number, method: string, path: string, body?: unknown) => {
      const key = randomUUID()
      for (let tries = 0; tries < 120; tries++) {
        const answer = await browser.ask(server, method, path, body, key).catch(() => undefined)
        if (answer && seen(answer).status !== 503) {
          if (tries > 0) count.repeated++
          return answer
        }
        await pause(250)
      }
      throw new Error(`${method} ${path} was never answered`)
    }
    const work = async (worker: number) => {
      const browser = await signIn(accountOf(worker % 2 ? 'desk' : 'lead'), worker % 2)
      for (let n = 0; !isOver; n++) {
        const [here, there] = [n % 2, 1 - (n % 2)]
        const name = `Writer ${worker} ${n}`
        const made = await surely(browser, here, 'POST', '/api/customers', { name, machines: [], owns: [] })
        if (made.status !== 201) throw new Error(`a new customer was answered ${made.status}`)
        count.acknowledged++
        names.add(name)
        const { id } = (made.body as unknown as { customer: { id: string } }).customer
        const read = await surely(browser, there, 'GET', `/api/customers?ids=${id}`)
        if (listed(read).length === 0) count.stale++
        const next = { version: 1, customer: { name, note: 'changed', machines: [], owns: [] } }
        const changed = await surely(browser, there, 'PUT', `/api/customers/${id}`, next)
        if (changed.status === 409) count.conflicts++
        else if (changed.status === 200) count.acknowledged++
      }
    }
    const workers = Array.from({ length: 6 }, (_, worker) => work(worker))
    const hands = (async () => {
      try {
        await pause(8000)
        await nodes[2]?.kill()
        await pause(10_000)
        await nodes[2]?.back()
        await pause(5000)
        await nodes[1]?.kill()
        await pause(6000)
        await nodes[1]?.back()
        await pause(8000)
      } finally {
        isOver = true
      }
    })()
    await Promise.all([hands, ...workers])
    const browser = await signIn(accountOf('lead'))
    for (const server of [0, 1]) {
      const left: string[] = []
      for (let page: Listed = [], before = ''; before === '' || page.length > 0;) {
        const asked = `/api/customers?q=writer&most=500${before === '' ? '' : `&before=${before}`}`
        page = listed(await surely(browser, server, 'GET', asked))
        left.push(...page.map(({ customer }) => customer.name))
        before = page.at(-1)?.customer.id ?? 'none'
      }
      const lost = [...names].filter((name) => !left.includes(name))
      expect(lost).toEqual([])
      expect(left.length).toBe(names.size)
    }
    process.stdout.write(`cluster: ${JSON.stringify(count)}\n`)
    expect(faults).toEqual([])
    expect(count).toMatchObject({ faults: 0, stale: 0, conflicts: 0 })
    expect(count.acknowledged).toBeGreaterThan(100)
  })

  it('never let two leads leave the shop without one', async () => {
    const browser = await signIn(accountOf('lead'))
    const other = { id: 'second-lead', name: 'Second', role: 'lead', password: 'a long enough word' }
    expect((await browser.ask(0, 'POST', '/api/people', other)).status).toBe(201)
    const first = accountOf('lead')
    const second = await signIn(other, 1)
    for (let round = 0; round < 25; round++) {
      const demote = (id: string, name: string) => [`/api/people/${id}`, { name, role: 'desk' }] as const
      const [a, b] = await Promise.all([
        browser.ask(0, 'PUT', ...demote('second-lead', 'Second')),
        second.ask(1, 'PUT', ...demote(first.id, first.name)),
      ])
      expect([a.status, b.status].filter((status) => status === 200).length).toBeLessThanOrEqual(1)
      expect([a.status, b.status].every((status) => [200, 403, 422].includes(status))).toBe(true)
      // Whoever is a lead still makes both so again.
      for (const one of [browser, second])
        for (const [id, name] of [
          ['second-lead', 'Second'],
          [first.id, first.name],
        ])
          await one.ask(0, 'PUT', `/api/people/${id}`, { name, role: 'lead' })
    }
  })

  it('end a session everywhere at once', async () => {
    for (let round = 0; round < 80; round++) {
      const browser = await signIn(accountOf('viewer'), round % 2)
      expect((await browser.ask(round % 2, 'DELETE', '/api/session')).status).toBe(204)
      expect((await browser.ask(1 - (round % 2), 'GET', '/api/picks')).status).toBe(401)
    }
  })

  it('give a shop one first account, whoever comes first to which server', async () => {
    const database = await createConnection((nodes[0] as Node).url)
    try {
      for (let round = 0; round < 15; round++) {
        await database.query('DELETE FROM user')
        const come = (server: number) =>
          ask(
            urls[server] as string,
            'POST',
            '/api/session/first',
            {},
            {
              ...{ id: `first-${server}-${round}`, name: 'First', password: 'a long enough word' },
            },
          )
        const statuses = (await Promise.all([come(0), come(1)])).map(({ status }) => status)
        expect(statuses.sort()).toEqual([201, 409])
        const [rows] = await database.query('SELECT COUNT(*) AS leads FROM user')
        expect(rows).toEqual([{ leads: 1 }])
      }
    } finally {
      await database.end()
    }
  })
})
