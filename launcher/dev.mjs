// `handhold dev`: server and client from source behind one address, each reloading when its files change.
import { spawn } from 'node:child_process'
import { mkdirSync } from 'node:fs'
import { freePort, stopProcess } from './mariadb.mjs'
import { dataFolder, project } from './places.mjs'
import { prepareDatabase, prepareNode } from './prepare.mjs'
import { askedToStop, openDatabase, runningDatabase, usualOrFree } from './start.mjs'

/** A program of an installed package that is stopped by us alone, and not by Ctrl-C on its own.
 * @param {string[]} args @param {Record<string, string>} env @returns {number} its process */
const begin = (args, env) => {
  const options = { cwd: project, detached: true, env: { ...process.env, ...env } }
  return /** @type {number} */ (
    spawn(process.execPath, args, { ...options, stdio: ['ignore', 'inherit', 'inherit'] }).pid
  )
}

/** @param {(line: string) => void} say */
export const dev = async (say) => {
  const asked = askedToStop()
  await prepareDatabase(say)
  await prepareNode(say)
  mkdirSync(dataFolder(), { recursive: true })
  const database = runningDatabase() ?? (await openDatabase(say))
  const port = Number(process.env.PORT ?? (await usualOrFree()))
  const api = await freePort()
  const server = begin(['node_modules/tsx/dist/cli.mjs', 'watch', '--clear-screen=false', 'src/server/main.ts'], {
    DATABASE_URL: database.url,
    PORT: String(api),
    HANDHOLD_DEMO: process.env.HANDHOLD_DEMO ?? 'yes',
  })
  const at = ['--host', '127.0.0.1', '--port', String(port), '--strictPort', '--clearScreen', 'false']
  const client = begin(['node_modules/vite/bin/vite.js', ...at], { HANDHOLD_API: `http://127.0.0.1:${api}` })
  say(`Handhold, from source: http://127.0.0.1:${port}/`)
  say('Client and server reload when their files change. Ctrl-C ends it.')
  await asked
  await Promise.all([client, server].map(stopProcess))
  await database.stop()
}
