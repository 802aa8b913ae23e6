/** A shop of its own for a test: fresh database, real application, people signed in. */
import { createConnection } from 'mysql2/promise'
import supertest from 'supertest'
import { inject } from 'vitest'
import { demoAccounts } from '#demo/accounts'
import { compose } from '#server/compose'
import type { Config } from '#server/config'
import { routes } from '#server/routes'
import type { Role } from '#shared/api/session'

let count = 0

export interface Shop extends Awaited<ReturnType<typeof compose>> {
  databaseUrl: string
  anyone: () => ReturnType<typeof supertest>
  /** A browser of its own: what it is given to keep it sends along. */
  agent: () => ReturnType<typeof supertest.agent>
  as: (role: Role) => Promise<Person>
}

export const openShop = async ({ demo = true, url }: { demo?: boolean; url?: string } = {}): Promise<Shop> => {
  const databaseUrl = url ?? (await freshDatabase())
  const config: Config = {
    databaseUrl,
    port: 0,
    host: '127.0.0.1',
    demo,
    clientFolder: undefined,
    secureCookies: false,
    proxies: 0,
    logLevel: 'silent',
  }
  const shop = await compose(config)
  if (!demo && !(await shop.services.sessions.hasUsers())) {
    for (const account of demoAccounts) await shop.services.sessions.addUser(account)
  }
  return {
    ...shop,
    databaseUrl,
    anyone: () => supertest(shop.app),
    agent: () => supertest.agent(shop.app),
    as: (role) => signIn(shop.app, role),
  }
}

const freshDatabase = async (): Promise<string> => {
  const url = new URL(inject('databaseUrl'))
  const name = `handhold_${process.pid}_${++count}`
  const connection = await createConnection(url.href)
  await connection.query(`CREATE DATABASE \`${name}\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`)
  await connection.end()
  url.pathname = `/${name}`
  return url.href
}

type Agent = ReturnType<typeof supertest.agent>
type Request = (path: string) => ReturnType<Agent['get']>

export interface Person {
  agent: Agent
  csrf: string
  get: Request
  post: Request
  put: Request
  delete: Request
}

const patterns = routes.map((route) => ({
  route,
  pattern: new RegExp(`^${route.path.replaceAll('.', '\\.').replaceAll(/\{\w+\}/g, '[^/]+')}$`),
}))

/** Whatever comes is parsed by what its route says it sends. */
const asDescribed = (method: string, path: string) => (response: supertest.Response) => {
  const [address = ''] = path.split('?')
  const { route } = patterns.find(({ route, pattern }) => route.method === method && pattern.test(address)) ?? {}
  if (!route || route.type !== undefined || response.status !== (route.status ?? 200) || response.status === 204) return
  const read = route.result.safeParse(response.body)
  if (!read.success) throw new Error(`${method} ${address} sends what it does not say:\n${read.error.message}`)
}

const signIn = async (app: Shop['app'], role: Role): Promise<Person> => {
  const account = demoAccounts.find((candidate) => candidate.role === role)
  if (!account) throw new Error(`no demo account for ${role}`)
  const agent = supertest.agent(app)
  const signedIn = await agent.post('/api/session').send({ user: account.id, password: account.password })
  const csrf = signedIn.body.csrf as string
  const write = (method: 'post' | 'put' | 'delete') => (path: string) =>
    agent[method](path).set('X-CSRF-Token', csrf).expect(asDescribed(method, path))
  return {
    agent,
    csrf,
    get: (path: string) => agent.get(path).expect(asDescribed('get', path)),
    post: write('post'),
    put: write('put'),
    delete: write('delete'),
  }
}
