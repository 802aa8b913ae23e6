/** Servers as processes of their own on databases of their own, to be killed. */
import { spawn, type ChildProcess } from 'node:child_process'
import { createInterface } from 'node:readline'
import { createConnection } from 'mysql2/promise'
import { inject } from 'vitest'
import { inProject } from '../../launcher/places.mjs'

let count = 0

/** An empty database beside the others. */
export const emptyDatabase = async (): Promise<string> => {
  const url = new URL(inject('databaseUrl'))
  const name = `handhold_fire_${process.pid}_${++count}`
  const connection = await createConnection(url.href)
  await connection.query(`CREATE DATABASE \`${name}\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`)
  await connection.end()
  url.pathname = `/${name}`
  return url.href
}

export const dropDatabase = async (url: string): Promise<void> => {
  const connection = await createConnection(inject('databaseUrl'))
  await connection.query(`DROP DATABASE \`${new URL(url).pathname.slice(1)}\``)
  await connection.end()
}

export interface Running {
  process: ChildProcess
  /** Its address, once it is ready; rejects where it ends before. */
  url: Promise<string>
  kill: (signal?: NodeJS.Signals) => Promise<void>
}

export const startServer = (databaseUrl: string, demo: 'yes' | 'no' = 'yes'): Running => {
  const child = spawn(process.execPath, [inProject('dist/server/server.mjs')], {
    env: { ...process.env, DATABASE_URL: databaseUrl, PORT: '0', HANDHOLD_DEMO: demo, LOG_LEVEL: 'silent' },
    stdio: ['ignore', 'pipe', 'pipe'],
  })
  let said = ''
  child.stderr.on('data', (part: Buffer) => (said += String(part)))
  const ended = new Promise<void>((done) => child.once('exit', () => done()))
  const url = new Promise<string>((done, fail) => {
    createInterface({ input: child.stdout }).on('line', (line) => {
      const at = /is at (http:\S+)/.exec(line)?.[1]
      if (at) done(at)
    })
    void ended.then(() => fail(new Error(`the server ended before it was ready: ${said.slice(-600)}`)))
  })
  url.catch(() => undefined)
  return {
    process: child,
    url,
    kill: async (signal = 'SIGKILL') => {
      child.kill(signal)
      await ended
    },
  }
}
