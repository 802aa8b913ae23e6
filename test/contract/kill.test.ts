import { spawn, type ChildProcess } from 'node:child_process'
import { rmSync } from 'node:fs'
import { createInterface } from 'node:readline'
import { setTimeout as pause } from 'node:timers/promises'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { startMariadb } from '../../launcher/mariadb.mjs'
import { inProject } from '../../launcher/places.mjs'
import type { Bundle } from '#core/catalogue/types'

/** A shop of real processes, each of which can be killed in the middle of its work. */
const folder = inProject('test-results', 'kill-mariadb')
let database: Awaited<ReturnType<typeof startMariadb>>
let server: { process: ChildProcess; url: string }

const startServer = (): Promise<typeof server> =>
  new Promise((done, fail) => {
    const child = spawn(process.execPath, ['--import', 'tsx', inProject('src/server/main.ts')], {
      env: { ...process.env, DATABASE_URL: database.url, PORT: '0', HANDHOLD_DEMO: 'yes', LOG_LEVEL: 'silent' },
      stdio: ['ignore', 'pipe', 'ignore'],
    })
    createInterface({ input: child.stdout }).on('line', (line) => {
      const url = /is at (http:\S+)/.exec(line)?.[1]
      if (url) done({ process: child, url })
    })
    child.once('exit', (code) => fail(new Error(`the server ended with ${code}`)))
  })
const killed = (child: ChildProcess): Promise<void> =>
  new Promise((done) => {
    child.once('exit', () => done())
    child.kill('SIGKILL')
  })

beforeAll(async () => {
  rmSync(folder, { recursive: true, force: true })
  database = await startMariadb({ folder })
  server = await startServer()
}, 120_000)
afterAll(async () => {
  await killed(server.process)
  await database.stop()
})

const signIn = async () => {
  const response = await fetch(`${server.url}/api/session`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ user: 'maren', password: 'tide-and-thimble' }),
  })
  const { csrf } = (await response.json()) as { csrf: string }
  return {
    'Content-Type': 'application/json',
    Cookie: response.headers.get('set-cookie')?.split(';')[0] ?? '',
    'X-CSRF-Token': csrf,
  }
}

/** Writes case after case until nobody answers; the ids that were acknowledged. */
const writeOn = async (headers: Record<string, string>, acknowledged: number[]): Promise<void> => {
  for (;;) {
    try {
      const response = await fetch(`${server.url}/api/cases`, {
        method: 'POST',
        headers,
        body: JSON.stringify({ question: 'Kept?', outcome: 'open' }),
      })
      const told = (await response.json()) as { case?: { id: number } }
      if (response.status !== 201 || !told.case) return
      acknowledged.push(told.case.id)
    } catch {
      return
    }
  }
}

/** Every make renamed in one import: afterwards all are called so, or none. */
const importOn = async (headers: Record<string, string>, round: string): Promise<boolean> => {
  try {
    const bundle = (await (await fetch(`${server.url}/api/bundle`, { headers })).json()) as Bundle
    const renamed = {
      ...bundle,
      makes: bundle.makes.map((make) => ({ ...make, name: `${make.id} ${round}` })),
      techniques: bundle.techniques.map((technique) => ({ ...technique, for: round })),
    }
    const response = await fetch(`${server.url}/api/bundle`, { method: 'POST', headers, body: JSON.stringify(renamed) })
    return response.ok && ((await response.json()) as { changed?: number }).changed !== undefined
  } catch {
    return false
  }
}

const casesKept = async (headers: Record<string, string>) =>
  new Set(
    ((await (await fetch(`${server.url}/api/cases`, { headers })).json()) as { case: { id: number } }[]).map(
      (row) => row.case.id,
    ),
  )

describe('killed in the middle of writes and of an import', () => {
  it.each([
    ['the server', 350],
    ['the database', 900],
  ] as const)(
    '%s, %i ms into the import: what was acknowledged is there, and nothing is half done',
    async (what, after) => {
      const round = `${what} ${after}`
      const headers = await signIn()
      const acknowledged: number[] = []
      const writing = [writeOn(headers, acknowledged), writeOn(headers, acknowledged)]
      await expect.poll(() => acknowledged.length, { timeout: 60_000 }).toBeGreaterThan(0)
      const importing = importOn(headers, round)
      await pause(after)
      if (what === 'the database') process.kill(database.pid, 'SIGKILL')
      await killed(server.process)
      const imported = await importing
      await Promise.all(writing)
      if (what === 'the database') database = await startMariadb({ folder })
      server = await startServer()
      const again = await signIn()
      const kept = await casesKept(again)
      expect(acknowledged.filter((id) => !kept.has(id))).toEqual([])
      const bundle = (await (await fetch(`${server.url}/api/bundle`, { headers: again })).json()) as Bundle
      const renamed = [
        ...bundle.makes.map(({ name }) => name.endsWith(round)),
        ...bundle.techniques.map((technique) => technique.for === round),
      ]
      expect(new Set(renamed).size).toBe(1)
      if (imported) expect(renamed[0]).toBe(true)
    },
    120_000,
  )
})
