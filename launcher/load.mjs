// Requests at an even pace, whether or not the ones before are answered; each one's time counts from when it was due.
import { Agent, get } from 'node:http'

/**
 * @param {{ url: string, paths: readonly string[], cookie: string, rate: number }} options `rate`: a second
 * @returns {Promise<{ answered: number, median: number, p99: number, refused: number }>} answered a second; times in
 *   ms
 */
export const evenly = async ({ url, paths, cookie, rate }) => {
  const agent = new Agent({ keepAlive: true, maxSockets: 16 })
  const { hostname, port } = new URL(url)
  /** @type {number[]} */
  const times = []
  let refused = 0
  const from = performance.now()
  /** @param {string} path @param {number} due @returns {Promise<void>} */
  const ask = (path, due) =>
    new Promise((done) => {
      const failed = () => {
        refused++
        done()
      }
      const request = get({ agent, hostname, port, path, headers: { cookie } }, (answer) => {
        answer.resume().once('error', failed)
        answer.once('end', () => {
          times.push(performance.now() - due)
          if (answer.statusCode === 200) done()
          else failed()
        })
      })
      request.once('error', failed)
    })
  /** @type {Promise<void>[]} */
  const asked = []
  for (const [i, path] of paths.entries()) {
    const due = from + (i * 1000) / rate
    const wait = due - performance.now()
    if (wait > 0) await new Promise((go) => setTimeout(go, wait))
    asked.push(ask(path, due))
  }
  await Promise.all(asked)
  agent.destroy()
  times.sort((a, b) => a - b)
  /** @param {number} share */
  const at = (share) => times[Math.min(times.length - 1, Math.floor(times.length * share))] ?? NaN
  return { answered: (paths.length * 1000) / (performance.now() - from), median: at(0.5), p99: at(0.99), refused }
}
