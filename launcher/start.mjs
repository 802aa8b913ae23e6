// `handhold start`: database, server, and the orderly end of both.
import { spawn } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { createInterface } from 'node:readline'
import { setTimeout as pause } from 'node:timers/promises'
import { commandOf, freePort, isRunning, startMariadb, stopProcess } from './mariadb.mjs'
import { dataFolder, inProject } from './places.mjs'
import { prepareBuild, prepareDatabase, prepareNode } from './prepare.mjs'
import { Failed } from './run.mjs'

const USUAL_PORT = 8470
const MOST_DEATHS = 5
const DEATHS_WITHIN_MS = 10 * 60_000
/**
 * What the server keeps grows slowly: garbage is taken away before it has doubled it. And what the coverage keeps says
 * nothing of a card: after it, what a card throws away would be made where only the great sweep comes by.
 */
const HEAP = ['--heap-growing-percent=30', '--no-allocation-site-pretenuring']

/** @param {(line: string) => void} say */
export const start = async (say) => {
  const already = runningStart()
  if (already) {
    say(`Handhold is running already: ${already.url}`)
    return
  }
  const asked = askedToStop()
  await prepareDatabase(say)
  await prepareNode(say)
  await prepareBuild(say)
  mkdirSync(dataFolder(), { recursive: true })
  await stopLeftOverServer(say)
  const deaths = new Deaths()
  let database = await openDatabase(say)
  let server
  try {
    const port = Number(process.env.PORT ?? (await usualOrFree()))
    const demo = process.env.HANDHOLD_DEMO ?? 'yes'
    server = await startServer({ databaseUrl: database.url, port, demo })
    for (;;) {
      const run = { pid: process.pid, url: server.url, serverPid: server.pid, databaseUrl: database.url }
      writeFileSync(runFile(), JSON.stringify(run), { mode: 0o600 })
      say(`Handhold is ready: ${server.url}`)
      if (deaths.count === 0) say('Ctrl-C ends it.')
      const ended = await firstOf({ asked, server: gone(server.pid), database: gone(database.pid) })
      if (ended === 'asked') break
      deaths.another(ended)
      say(`The ${ended} has ended by itself; starting it again …`)
      if (database.pid !== undefined && !isRunning(database.pid))
        database = await startMariadb({ folder: databaseFolder(), say, port: portOf(database.url) })
      if (isRunning(server.pid)) continue
      try {
        server = await startServer({ databaseUrl: database.url, port: portOf(server.url), demo })
      } catch (error) {
        if (!(error instanceof Failed)) throw error
        say(error.message)
        await pause(1000)
      }
    }
    say('Stopping …')
  } finally {
    await server?.stop()
    rmSync(runFile(), { force: true })
    await database.stop()
  }
}

/** What dies again and again is not started for ever. */
class Deaths {
  count = 0
  /** @type {number[]} */
  recent = []

  /** @param {string} what Throws `Failed` where it is one too many. */
  another(what) {
    this.count++
    const now = Date.now()
    this.recent = [...this.recent.filter((at) => now - at < DEATHS_WITHIN_MS), now]
    if (this.recent.length > MOST_DEATHS)
      throw new Failed(
        `The ${what} has ended ${this.recent.length} times within ten minutes; it is not started again. ` +
          `What it said stands above, and in ${join(databaseFolder(), 'error.log')}.`,
      )
  }
}

/** The name of the promise that settles first.
 * @param {Record<string, Promise<unknown>>} promises @returns {Promise<string>} */
const firstOf = (promises) => Promise.race(Object.entries(promises).map(([name, promise]) => promise.then(() => name)))

/** @param {string} url */
const portOf = (url) => Number(new URL(url).port)
const databaseFolder = () => join(dataFolder(), 'mariadb')

const runFile = () => join(dataFolder(), 'running.json')

/** What the last start wrote down, if anything. */
const readRunFile = () => {
  if (!existsSync(runFile())) return undefined
  try {
    return JSON.parse(readFileSync(runFile(), 'utf8'))
  } catch {
    return undefined
  }
}

/** A start that is still alive, from this data folder. */
const runningStart = () => {
  const told = readRunFile()
  return told && isRunning(told.pid) && commandOf(told.pid).includes('main.mjs') ? told : undefined
}

/** The database of a start that is running, so that a command beside it can use it.
 * @returns {{ url: string, stop: () => Promise<void> } | undefined} */
export const runningDatabase = () => {
  const running = process.env.DATABASE_URL ? undefined : runningStart()
  return running ? { url: running.databaseUrl, stop: async () => {} } : undefined
}

/** The database that DATABASE_URL names, else a private one beside the shop's data.
 * @param {(line: string) => void} say
 * @returns {Promise<{ url: string, pid?: number, stop: () => Promise<void> }>} */
export const openDatabase = async (say) => {
  const url = process.env.DATABASE_URL
  if (url) return { url, stop: async () => {} }
  return startMariadb({ folder: databaseFolder(), say })
}

/** @returns {Promise<number>} */
export const usualOrFree = async () => {
  const { createServer } = await import('node:net')
  const free = await new Promise((done) => {
    const probe = createServer()
    probe.once('error', () => done(false))
    probe.listen(USUAL_PORT, '127.0.0.1', () => probe.close(() => done(true)))
  })
  return free ? USUAL_PORT : freePort()
}

/** Starts the built server and waits for its address.
 * @param {{ databaseUrl: string, port: number, demo: string, env?: Record<string, string> }} options
 * @returns {Promise<{ url: string, pid: number, stop: () => Promise<void> }>} */
export const startServer = ({ databaseUrl, port, demo, env = {} }) =>
  new Promise((done, fail) => {
    const child = spawn(process.execPath, ['--enable-source-maps', ...HEAP, inProject('dist/server/server.mjs')], {
      env: {
        ...process.env,
        NODE_ENV: 'production',
        DATABASE_URL: databaseUrl,
        PORT: String(port),
        HANDHOLD_DEMO: demo,
        HANDHOLD_CLIENT: inProject('dist/client'),
        ...env,
      },
      stdio: ['ignore', 'pipe', 'inherit'],
      detached: true,
    })
    const pid = /** @type {number} */ (child.pid)
    createInterface({ input: child.stdout }).on('line', (line) => {
      const [, url] = /is at (http:\S+)/.exec(line) ?? []
      if (url) done({ url, pid, stop: () => stopProcess(pid) })
      else process.stdout.write(`${line}\n`)
    })
    child.once('exit', (code) => fail(new Failed(`The server ended with ${code} before it was ready.`)))
  })

/** Settles when somebody asks to stop; from the first line on, so that nothing that was started is left behind.
 * @returns {Promise<void>} */
export const askedToStop = () =>
  new Promise((done) => {
    for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => done())
  })

/** Settles when a process has ended; never for one that is not ours.
 * @param {number | undefined} pid @returns {Promise<void>} */
const gone = (pid) =>
  new Promise((done) => {
    if (pid === undefined) return
    const watch = setInterval(() => {
      if (isRunning(pid)) return
      clearInterval(watch)
      done()
    }, 500)
    watch.unref()
  })

/** A launcher that was killed leaves its server behind.
 * @param {(line: string) => void} say */
const stopLeftOverServer = async (say) => {
  const told = readRunFile()
  const pid = told?.serverPid
  if (!Number.isInteger(pid) || !isRunning(pid) || !commandOf(pid).includes('server.mjs')) return
  say('Stopping a server left running …')
  await stopProcess(pid)
}
