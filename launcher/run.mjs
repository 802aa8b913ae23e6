// Running other programs.
import { spawn } from 'node:child_process'
import { project } from './places.mjs'

export class Failed extends Error {}

/** Runs a program to its end with its output shown, or kept quiet and shown only when it fails.
 * @param {string} program @param {string[]} args
 * @param {{ quiet?: boolean, env?: Record<string, string | undefined> }} [options]
 * @returns {Promise<void>} */
export const run = (program, args, { quiet = false, env } = {}) =>
  new Promise((done, fail) => {
    const child = spawn(program, args, {
      cwd: project,
      env: { ...process.env, ...env },
      stdio: quiet ? ['ignore', 'pipe', 'pipe'] : ['ignore', 'inherit', 'inherit'],
    })
    let said = ''
    child.stdout?.on('data', (part) => (said += part))
    child.stderr?.on('data', (part) => (said += part))
    child.once('error', fail)
    child.once('exit', (code, signal) => {
      if (code === 0) done()
      else fail(new Failed(`${program} ${args.join(' ')} ended with ${signal ?? code}.\n${said.slice(-4000)}`))
    })
  })

/** A program of an installed package, run by Node itself so that nothing is left behind.
 * @param {string} path below node_modules @param {string[]} args @param {Parameters<typeof run>[2]} [options] */
export const runPackage = (path, args, options) => run(process.execPath, [`node_modules/${path}`, ...args], options)
