// The part of `handhold bench` that only a browser can tell: from a person's act to what is seen.
import { readFileSync } from 'node:fs'
import { inProject } from './places.mjs'

const RUNS = 5

/** @param {number[]} times */
const median = (times) => [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)]

/** @param {string} name @param {number[]} times */
const row = (name, times) =>
  process.stdout.write(`${name.padEnd(58)} ${`${Number(median(times)).toFixed(0)} ms`.padStart(14)}\n`)

/** A page of its own, and how it opens a path, signing in where it must.
 * @param {import('@playwright/test').Browser} browser @param {string} url */
export const openPage = async (browser, url) => {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  /** @param {string} path */
  const open = async (path) => {
    await page.goto(`${url}${path}`)
    const signIn = page.getByRole('button', { name: /^maren,/ })
    if (
      await signIn
        .or(page.getByRole('navigation', { name: 'Rooms' }))
        .first()
        .waitFor()
        .then(() => signIn.isVisible())
    )
      await signIn.click()
  }
  return { page, open }
}

/** The demo's shop.
 * @param {import('@playwright/test').Browser} browser @param {string} url */
export const benchBrowser = async (browser, url) => {
  const { page, open } = await openPage(browser, url)
  process.stdout.write('\nIn the browser\n')
  const field = page.getByLabel(/CSV, XLSX/)
  const made = (/** @type {string} */ name) => inProject('test-results', 'bench', name)
  const pasted = readFileSync(made('chart.csv'), 'utf8').replaceAll(';', '\t')
  const paste = () =>
    page.getByLabel('or paste a table').evaluate((element, text) => {
      const clipboardData = new DataTransfer()
      clipboardData.setData('text/plain', text)
      element.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }))
    }, pasted)
  /** @type {[string, () => Promise<unknown>][]} */
  const comings = [
    ['5000 rows as CSV', () => field.setInputFiles(made('chart.csv'))],
    ['5000 rows as XLSX', () => field.setInputFiles(made('chart.xlsx'))],
    ['5000 rows pasted', paste],
    ['a PDF of 40 pages', () => field.setInputFiles(made('book.pdf'))],
  ]
  for (const [name, give] of comings) {
    const times = []
    for (let run = 0; run < RUNS; run++) {
      await open('/shelf/models/spindrift-e/chart')
      await field.waitFor()
      await page.waitForLoadState('networkidle')
      const from = Date.now()
      await give()
      await page.locator('#row-3').waitFor()
      times.push(Date.now() - from)
    }
    row(`  ${name}, until its rows are seen`, times)
  }
  await open('/shelf/models/halyard-9')
  await page.getByRole('grid').waitFor()
  await page.getByRole('grid').focus()
  row(
    '  a key in a chart’s sheet to its paint',
    await painted(page, ['ArrowDown', 'ArrowRight', 'x', 'Escape', 'PageDown']),
  )
  await open('/shelf/techniques/blind-hem?m=plover-60&f=wool-suiting')
  await page.getByRole('button', { name: 'Sew the hem' }).first().click()
  await page.getByLabel('setting 1, To').waitFor()
  await page.getByLabel('Live card').getByText('Ready').waitFor()
  await page.locator('#look-fabric').selectOption('Denim')
  const times = []
  for (let run = 0; run < RUNS; run++) {
    const width = (2.1 + run / 10).toFixed(1)
    for (const place of [1, 2, 3]) await page.getByLabel(`setting ${place}, To`).fill(`= ${width}`)
    const from = Date.now()
    await page.getByLabel('setting 3, To').press('Tab')
    await page.getByLabel('Live card').getByText(width, { exact: true }).first().waitFor()
    times.push(Date.now() - from)
  }
  row('  a target changed to its live card', times)
  await page.close()
}
/** From each key to the frame that shows it.
 * @param {import('@playwright/test').Page} page @param {string[]} keys */
const painted = async (page, keys) => {
  await page.evaluate(() => {
    const times = /** @type {number[]} */ ([])
    Object.assign(window, { times })
    const onKey = () => {
      const from = performance.now()
      requestAnimationFrame(() => setTimeout(() => times.push(performance.now() - from)))
    }
    window.addEventListener('keydown', onKey, true)
  })
  for (const key of keys) {
    await page.keyboard.press(key)
    await page.waitForTimeout(150)
  }
  return page.evaluate(() => /** @type {{ times: number[] }} */ (/** @type {unknown} */ (window)).times)
}
