import { execFile } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { setTimeout as pause } from 'node:timers/promises'
import { promisify } from 'node:util'
import { expect, it } from 'vitest'
import { routes } from '#server/routes'
import { inProject } from '../../launcher/places.mjs'
import { emptyDatabase, startServer } from './processes'

const HOSTILE = 100
const ROUNDS = 5
const ASKED_EVERY_MS = 50
const megabytes = (pid: number, field: 'VmRSS' | 'VmHWM'): number =>
  Number(new RegExp(`${field}:\\s+(\\d+)`).exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1024

it(`keeps answering while ${HOSTILE} strangers attack at once`, async () => {
  const server = startServer(await emptyDatabase())
  const url = await server.url
  const pid = server.process.pid as number
  const health = async (): Promise<number> => {
    const from = performance.now()
    expect((await fetch(`${url}/api/health`)).status).toBe(200)
    return performance.now() - from
  }
  for (let warm = 0; warm < 20; warm++) await health()
  const before = megabytes(pid, 'VmRSS')
  const writing = routes.filter(({ method }) => method !== 'get')
  const targets = Array.from({ length: HOSTILE }, (_, i) => {
    const { method, path } =
      i % 2 === 0 ? { method: 'post', path: '/api/bundle' } : (writing[i % writing.length] as never)
    return `${String(method).toUpperCase()} ${String(path).replaceAll(/\{\w+\}/g, 'x')}`
  })
  let attacking = true
  const answers: number[] = []
  const asking = (async () => {
    while (attacking) {
      answers.push(await health())
      await pause(ASKED_EVERY_MS)
    }
  })()
  const outcomes = new Set<string>()
  for (let round = 0; round < ROUNDS; round++) {
    const { stdout } = await promisify(execFile)(process.execPath, [inProject('test/fire/attack.mjs'), url, ...targets])
    for (const outcome of JSON.parse(stdout) as string[]) outcomes.add(outcome)
  }
  attacking = false
  await asking
  const sorted = [...answers].sort((a, b) => a - b)
  process.stdout.write(
    `${ROUNDS} × ${HOSTILE} hostile requests of 39 MB at once: health asked ${answers.length} times, ` +
      `median ${sorted[sorted.length >> 1]?.toFixed(0)} ms, worst ${sorted.at(-1)?.toFixed(0)} ms; ` +
      `memory ${before.toFixed(0)} MB before, ${megabytes(pid, 'VmHWM').toFixed(0)} MB at its peak; ` +
      `answers ${[...outcomes].sort().join(', ')}\n`,
  )
  expect(server.process.exitCode).toBeNull()
  await server.kill()
})
