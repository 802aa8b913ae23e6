// `handhold bench`: the core alone, then the server and the browser on it, on a database of its own.
import { existsSync, readFileSync, rmSync } from 'node:fs'
import { benchBrowser, openPage } from './bench-browser.mjs'
import { evenly } from './load.mjs'
import { startMariadb } from './mariadb.mjs'
import { inProject } from './places.mjs'
import { CHROMIUM } from './prepare.mjs'
import { startServer } from './start.mjs'

/** @param {string} name @param {string} value */
const row = (name, value) => process.stdout.write(`${name.padEnd(58)} ${value.padStart(14)}\n`)

/** @param {(line: string) => void} say
 * @param {(name: string, env: Record<string, string>, args?: string[]) => void} program */
export const bench = async (say, program) => {
  const made = inProject('test-results', 'bench')
  const chromium = existsSync(CHROMIUM) ? (await import('@playwright/test')).chromium : undefined
  if (!chromium) say('Chromium is not installed (./handhold test installs it): the part in a browser is left out.')
  const browser = await chromium?.launch({ executablePath: CHROMIUM })
  try {
    await onDatabase('bench-mariadb', async (database) => {
      program('bench', { HANDHOLD_BENCH_FOLDER: made, HANDHOLD_BENCH_DATABASE: database.url })
      const server = await startServer({ databaseUrl: database.url, port: 0, demo: 'yes' })
      try {
        if (browser) await benchBrowser(browser, server.url)
      } finally {
        await server.stop()
      }
    })
    for (const models of [1000, 3000])
      await onDatabase(`bench-mariadb-${models}`, async (database) => {
        process.stdout.write(`\nThe server with ${models} models × 120 stitches\n`)
        const from = performance.now()
        program('data', { DATABASE_URL: database.url }, ['import', `${made}/made-${models}.json`])
        row('  the catalogue taken in by the command line', seconds(from))
        const began = performance.now()
        const server = await startServer({ databaseUrl: database.url, port: 0, demo: 'yes' })
        row('  a start with it', seconds(began))
        try {
          await benchServer(server)
          if (browser && models === 1000) await benchScrolling(browser, server.url)
        } finally {
          await server.stop()
        }
      })
  } finally {
    await browser?.close()
  }
}

/** @param {number} from */
const seconds = (from) => `${((performance.now() - from) / 1000).toFixed(1)} s`

/** An empty one of its own.
 * @param {string} name @param {(database: { url: string }) => Promise<void>} work */
const onDatabase = async (name, work) => {
  const folder = inProject('test-results', name)
  rmSync(folder, { recursive: true, force: true })
  const database = await startMariadb({ folder })
  try {
    await work(database)
  } finally {
    await database.stop()
  }
}

/** @param {{ url: string, pid: number }} server */
const benchServer = async ({ url, pid }) => {
  const {
    demoAccounts: [account],
  } = await (await fetch(`${url}/api/session`)).json()
  const signedIn = await fetch(`${url}/api/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', origin: url },
    body: JSON.stringify({ user: account.user, password: account.password }),
  })
  const cookie = (signedIn.headers.getSetCookie()[0] ?? '').split(';')[0] ?? ''
  const timed = async (/** @type {string} */ path) => {
    const from = performance.now()
    const answer = await fetch(url + path, { headers: { cookie } })
    if (!answer.ok) throw new Error(`${path}: ${answer.status}`)
    await answer.arrayBuffer()
    return `${(performance.now() - from).toFixed(0)} ms`
  }
  row('  the first card over HTTP', await timed('/api/card?technique=technique1&model=model1&fabric=cloth'))
  row('  the grid over HTTP, the first time', await timed('/api/coverage/grid?fabric=cloth'))
  row('  again', await timed('/api/coverage/grid?fabric=cloth'))
  const paths = Array.from(
    { length: 4000 },
    (_, i) => `/api/card?technique=technique${(i * 7) % 60}&model=model${(i * 37) % 1000}&fabric=cloth`,
  )
  await evenly({ url, cookie, rate: 100, paths: paths.splice(0, 1000) })
  for (const [which, asked] of /** @type {const} */ ([
    ['every card another', paths],
    ['cards known already', [...paths.slice(-400), ...paths.slice(-400), ...paths.slice(-400)]],
  ])) {
    const { answered, median, p99, refused } = await evenly({ url, cookie, rate: 200, paths: asked })
    row(`  200 cards a second over HTTP, ${which}: answered`, `${answered.toFixed(0)} / s`)
    row('    median; p99', `${median.toFixed(1)}; ${p99.toFixed(1)} ms`)
    if (refused > 0) row('    not answered', String(refused))
  }
  const resident = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1]
  row('  memory of the server', `${(Number(resident) / 1024).toFixed(0)} MB`)
}

/** The grid of the large catalogue scrolled, frame by frame from the browser's own trace.
 * @param {import('@playwright/test').Browser} browser @param {string} url */
const benchScrolling = async (browser, url) => {
  const { page, open } = await openPage(browser, url)
  await open('/coverage?all=1&f=cloth')
  const grid = page.getByRole('grid')
  await grid.waitFor()
  await page.waitForLoadState('networkidle')
  const session = await page.context().newCDPSession(page)
  /** @type {{ name: string, ts: number, tid: number, dur?: number }[]} */
  const events = []
  session.on('Tracing.dataCollected', ({ value }) => void events.push(.../** @type {any} */ (value)))
  await session.send('Tracing.start', {
    traceConfig: {
      includedCategories: [
        'devtools.timeline',
        'disabled-by-default-devtools.timeline',
        'disabled-by-default-devtools.timeline.frame',
      ],
    },
  })
  await grid.evaluate(async (element) => {
    let scroller = /** @type {Element | null} */ (element)
    while (scroller && scroller.scrollWidth <= scroller.clientWidth) scroller = scroller.parentElement
    if (!scroller) throw new Error('the grid does not scroll')
    const from = performance.now()
    await new Promise((/** @type {(value?: unknown) => void} */ done) => {
      const step = () => {
        const seconds = (performance.now() - from) / 1000
        if (seconds > 6) return done()
        scroller.scrollLeft = ((seconds * 2400) % (2 * scroller.scrollWidth)) * (seconds % 4 < 2 ? 1 : 0.5)
        scroller.scrollTop = 400 * (1 + Math.sin(seconds * 3))
        requestAnimationFrame(step)
      }
      step()
    })
  })
  const done = new Promise((settle) => session.once('Tracing.tracingComplete', settle))
  await session.send('Tracing.end')
  await done
  const work = mainThreadFrames(events)
  row('  the grid scrolled: frames drawn', String(work.length))
  row('  work of a frame, median', `${at(work, 0.5).toFixed(1)} ms`)
  row('  work of a frame, p95', `${at(work, 0.95).toFixed(1)} ms`)
  row('  work of a frame, longest', `${at(work, 1).toFixed(1)} ms`)
  await page.close()
}

/** @param {number[]} sorted @param {number} share */
const at = (sorted, share) => sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))] ?? NaN

/** What the page's own thread did for each frame, in ms, rising.
 * @param {{ name: string, ts: number, tid: number, dur?: number }[]} events */
const mainThreadFrames = (events) => {
  const begun = events.filter(({ name }) => name === 'BeginMainThreadFrame')
  const tids = new Map()
  for (const { tid } of begun) tids.set(tid, (tids.get(tid) ?? 0) + 1)
  const [own] = [...tids].sort(([, a], [, b]) => b - a)[0] ?? []
  const starts = begun
    .filter(({ tid }) => tid === own)
    .map(({ ts }) => ts)
    .sort((a, b) => a - b)
  const work = starts.map(() => 0)
  for (const { name, tid, ts, dur = 0 } of events) {
    if (name !== 'RunTask' || tid !== own) continue
    const frame = starts.findLastIndex((start) => start <= ts + dur)
    if (frame >= 0) work[frame] = (work[frame] ?? 0) + dur / 1000
  }
  return work.sort((a, b) => a - b)
}
