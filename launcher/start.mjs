// `handhold start`: database, server, and the orderly end of both.
import { spawn } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { createInterface } from 'node:readline'
import { commandOf, freePort, isRunning, startMariadb, stopProcess } from './mariadb.mjs'
import { dataFolder, inProject } from './places.mjs'
import { prepareBuild, prepareDatabase, prepareNode } from './prepare.mjs'
import { Failed } from './run.mjs'

const USUAL_PORT = 8470
/** What the server keeps grows slowly: garbage is taken away before it has doubled it. */
const HEAP = '--heap-growing-percent=30'

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
  const database = await openDatabase(say)
  try {
    const port = Number(process.env.PORT ?? (await usualOrFree()))
    const server = await startServer({ databaseUrl: database.url, port, demo: process.env.HANDHOLD_DEMO ?? 'yes' })
    writeFileSync(
      runFile(),
      JSON.stringify({ pid: process.pid, url: server.url, serverPid: server.pid, databaseUrl: database.url }),
      {
        mode: 0o600,
      },
    )
    say(`Handhold is ready: ${server.url}`)
    say('Ctrl-C ends it.')
    await Promise.race([asked, gone(server.pid)])
    say('Stopping …')
    await server.stop()
  } finally {
    rmSync(runFile(), { force: true })
    await database.stop()
  }
}

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
 * @returns {Promise<{ url: string, stop: () => Promise<void> }>} */
export const openDatabase = async (say) => {
  const url = process.env.DATABASE_URL
  if (url) return { url, stop: async () => {} }
  return startMariadb({ folder: join(dataFolder(), 'mariadb'), say })
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
    const child = spawn(process.execPath, ['--enable-source-maps', HEAP, inProject('dist/server/server.mjs')], {
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

/** @param {number} pid @returns {Promise<void>} */
const gone = (pid) =>
  new Promise((done) => {
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
