/** The application as it is started for a shop, with its parts killed and hung under it. */
import { spawn, spawnSync, type ChildProcess } from 'node:child_process'
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { Agent, get } from 'node:http'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { setTimeout as pause } from 'node:timers/promises'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { freePort, isRunning } from '../../launcher/mariadb.mjs'
import { inProject } from '../../launcher/places.mjs'

const folder = mkdtempSync(join(tmpdir(), 'handhold-breaking-'))
let launcher: ChildProcess
let url: string
let said = ''

const run = () =>
  JSON.parse(readFileSync(join(folder, 'running.json'), 'utf8')) as { serverPid: number; databaseUrl: string }
const databasePid = () => Number(readFileSync(join(folder, 'mariadb', 'mariadbd.pid'), 'utf8'))
/** 0 where nobody answers. */
const health = async (): Promise<number> => {
  try {
    return (await fetch(`${url}/api/health`, { signal: AbortSignal.timeout(20_000) })).status
  } catch {
    return 0
  }
}
const until = async (is: () => boolean | Promise<boolean>): Promise<void> => {
  while (!(await is())) await pause(100)
}
const begin = async (): Promise<void> => {
  const port = await freePort()
  url = `http://127.0.0.1:${port}`
  launcher = spawn(process.execPath, [inProject('launcher/main.mjs'), 'start'], {
    env: { ...process.env, HANDHOLD_DATA: folder, PORT: String(port), LOG_LEVEL: 'silent', DATABASE_URL: '' },
    stdio: ['ignore', 'pipe', 'pipe'],
  })
  for (const stream of [launcher.stdout, launcher.stderr]) stream?.on('data', (part: Buffer) => (said += String(part)))
  await until(async () => (await health()) === 200)
}

beforeAll(begin, 180_000)
afterAll(async () => {
  launcher.kill('SIGTERM')
  await until(() => launcher.exitCode !== null)
  rmSync(folder, { recursive: true, force: true })
}, 60_000)

describe('a start', () => {
  it('says in plain words that its folder cannot be written', () => {
    const nowhere = inProject('package.json', 'shop')
    const env = { ...process.env, HANDHOLD_DATA: nowhere, DATABASE_URL: '' }
    const { status, stdout, stderr } = spawnSync(process.execPath, [inProject('launcher/main.mjs'), 'start'], { env })
    expect(status).toBe(1)
    expect(String(stdout) + String(stderr)).toContain(`The shop’s folder ${nowhere} cannot be made.`)
    expect(String(stdout) + String(stderr)).not.toContain('    at ')
  })
})

describe('a running shop', () => {
  it('has its server started again when that has died, at the same address, and says so', async () => {
    const before = run().serverPid
    process.kill(before, 'SIGKILL')
    await until(() => run().serverPid !== before)
    await until(async () => (await health()) === 200)
    expect(isRunning(before)).toBe(false)
    expect(said).toContain('The server has ended by itself; starting it again')
  }, 60_000)

  it('has its database started again when that has died, and goes on without a restart of its own', async () => {
    const { serverPid } = run()
    const before = databasePid()
    process.kill(before, 'SIGKILL')
    // It may be back before anybody is told that it was gone.
    await until(async () => (await health()) === 503 || databasePid() !== before)
    await until(async () => (await health()) === 200)
    expect(databasePid()).not.toBe(before)
    expect(run().serverPid).toBe(serverPid)
    expect(said).toContain('The database has ended by itself; starting it again')
  }, 60_000)

  it('tells who asks in time that the database does not answer, and goes on when it does', async () => {
    const pid = databasePid()
    process.kill(pid, 'SIGSTOP')
    try {
      // A busy machine stops it a moment later.
      await until(() => /^State:\s+T/m.test(readFileSync(`/proc/${pid}/status`, 'utf8')))
      const answers = await Promise.all(Array.from({ length: 20 }, () => fetch(`${url}/api/picks`)))
      expect(answers.map(({ status }) => status)).toEqual(Array(20).fill(503))
      expect(answers[0]?.headers.get('retry-after')).toBe('5')
      expect(((await answers[0]?.json()) as { title: string }).title).toContain('database does not answer')
    } finally {
      process.kill(databasePid(), 'SIGCONT')
    }
    await until(async () => (await health()) === 200)
  }, 60_000)

  it('ends when it is told to, whatever a busy client does, and leaves nothing behind', async () => {
    const [server, database] = [run().serverPid, databasePid()]
    const agent = new Agent({ keepAlive: true, maxSockets: 4 })
    let busy = true
    const again = () => {
      if (!busy) return
      get(`${url}/api/health`, { agent }, (response) => response.resume().once('end', again)).once('error', () => {
        busy = false
      })
    }
    for (let i = 0; i < 4; i++) again()
    launcher.kill('SIGTERM')
    await until(() => launcher.exitCode !== null)
    busy = false
    agent.destroy()
    expect(launcher.exitCode).toBe(0)
    expect([isRunning(server), isRunning(database), existsSync(join(folder, 'running.json'))]).toEqual([
      false,
      false,
      false,
    ])
    await begin()
  }, 90_000)
})
