/** What somebody else writes reaches an open page: two and three browsers, two servers on one database. */
import { expect, test, type Browser, type Page } from '@playwright/test'
import { startServer } from '../../launcher/start.mjs'
import { expectAccessible, signIn } from './people'
import { shopOfWorker } from './shops'

const elsewhere = async (browser: Browser, baseURL = shopOfWorker().url): Promise<Page> =>
  (await browser.newContext({ baseURL, viewport: { width: 1280, height: 800 } })).newPage()

/** A write as the page of whoever is signed in there sends it. */
const write = (page: Page, method: string, path: string, body?: unknown): Promise<number> =>
  page.evaluate(
    async ([method, path, body]) => {
      const { csrf } = (await (await fetch('/api/session')).json()) as { csrf: string }
      const headers = { 'Content-Type': 'application/json', 'X-CSRF-Token': csrf }
      return (await fetch(path, { method, headers, ...(body === undefined ? {} : { body }) })).status
    },
    [method, path, body === undefined ? undefined : JSON.stringify(body)] as const,
  )
const read = <Answer>(page: Page, path: string): Promise<Answer> =>
  page.evaluate(async (path) => (await (await fetch(path)).json()) as never, path)

interface Fact {
  version: number
  value: Record<string, unknown>
}
/** Changes a field of a row of the catalogue. */
const change = async (page: Page, path: string, field: string, value: unknown): Promise<void> => {
  const row = await read<Fact>(page, path)
  expect(await write(page, 'PUT', path, { version: row.version, value: { ...row.value, [field]: value } })).toBe(200)
}
const CARD = '/card?m=plover-60&t=blind-hem&f=wool-suiting'

test('the lead’s change reaches the other’s card, coverage, picks and shelf without a reload', async ({
  page,
  browser,
}) => {
  await signIn(page, 'guest', CARD)
  await expect(page.getByRole('heading', { name: 'Ready' })).toBeVisible()
  const lead = await elsewhere(browser)
  await signIn(lead, 'maren', '/shop')
  const coverage = await page.context().newPage()
  await coverage.goto('/coverage?m=plover-60&f=wool-suiting')
  await expect(coverage.getByRole('main')).toContainText('Blind hem')
  const shelf = await elsewhere(browser)
  await signIn(shelf, 'osk', '/shelf/techniques')
  await expect(shelf.getByRole('main')).toContainText('Blind hem')

  await change(lead, '/api/catalogue/techniques/blind-hem', 'name', 'Hidden hem of the lead')
  await expect(page.getByRole('main')).toContainText('Hidden hem of the lead')
  await expect(coverage.getByRole('main')).toContainText('Hidden hem of the lead')
  await expect(shelf.getByRole('main')).toContainText('Hidden hem of the lead')
  await page.getByRole('combobox', { name: 'Technique' }).fill('of the lead')
  await expect(page.getByRole('option', { name: /Hidden hem of the lead/ })).toBeVisible()
  await change(lead, '/api/catalogue/techniques/blind-hem', 'name', 'Blind hem')
  await expect(page.getByRole('main')).not.toContainText('of the lead')
  await lead.context().close()
  await shelf.context().close()
})

test('what another server wrote reaches an open page, and the list beside it', async ({ page, browser }) => {
  const second = await startServer({ databaseUrl: shopOfWorker().databaseUrl, port: 0, demo: 'yes' })
  try {
    await signIn(page, 'osk', '/classes')
    await expect(page.getByRole('main')).toContainText('To come')
    const lead = await elsewhere(browser, second.url)
    await signIn(lead, 'maren', '/shop')
    const facts = { title: 'Seen from elsewhere', starts: '2031-12-05T10:00:00', minutes: 60 }
    const made = { ...facts, techniques: [], seats: [], loans: [], pins: [] }
    expect(await write(lead, 'POST', '/api/classes', made)).toBe(201)
    await expect(page.getByRole('main')).toContainText('Seen from elsewhere')
    await page.getByRole('link', { name: /Seen from elsewhere/ }).click()
    await expect(page.getByRole('heading', { name: 'Seen from elsewhere' })).toBeVisible()
    const rows = await read<{ version: number; class: { id: string; title: string } }[]>(lead, '/api/classes')
    const row = rows.find((one) => one.class.title === 'Seen from elsewhere')
    const { id, ...content } = row?.class as { id: string }
    const next = { version: row?.version, class: { ...content, room: 'The attic' } }
    expect(await write(lead, 'PUT', `/api/classes/${id}`, next)).toBe(200)
    await expect(page.getByRole('main')).toContainText('The attic')
    await lead.context().close()
  } finally {
    await second.stop()
  }
})

test('what is being typed is kept, both are shown, and a tab that slept catches up', async ({ page, browser }) => {
  await signIn(page, 'osk', '/classes/cupboard')
  const shelves = page.getByLabel(/Packs on the shelf/)
  await expect(shelves.first()).toBeVisible()
  const lead = await elsewhere(browser)
  await signIn(lead, 'maren', '/shop')
  interface Cupboard {
    version: number
    supplies: { shelf: number }[]
  }
  const put = async (shelf: number) => {
    const { version, supplies } = await read<Cupboard>(lead, '/api/cupboard')
    const next = supplies.map((one, i) => (i === 0 ? { ...one, shelf } : one))
    expect(await write(lead, 'PUT', '/api/cupboard', { version, supplies: next })).toBe(200)
  }
  await put(41)
  await expect(shelves.first()).toHaveValue('41')
  await shelves.nth(1).fill('17')
  await shelves.nth(1).press('Tab')
  await put(42)
  const note = page.getByRole('alert')
  await expect(note).toContainText('What you typed is kept here')
  await expectAccessible(page)
  await expect(shelves.nth(1)).toHaveValue('17')
  await note.getByRole('button', { name: 'Show both' }).click()
  const both = page.getByRole('dialog', { name: 'Somebody else changed this meanwhile' })
  await both.getByRole('button', { name: 'Save what is chosen' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'Saved.' })).toBeVisible()
  await expect(shelves.first()).toHaveValue('42')
  await expect(shelves.nth(1)).toHaveValue('17')

  // The line is gone while somebody else writes.
  await page.context().setOffline(true)
  await put(43)
  await page.context().setOffline(false)
  await expect(shelves.first()).toHaveValue('43')
  await lead.context().close()
})

test('a removed class is brought back from the history', async ({ page }) => {
  await signIn(page, 'osk', '/shelf/history?of=shop')
  const facts = { title: 'To be removed', starts: '2031-12-06T10:00:00', minutes: 60 }
  const made = { ...facts, techniques: [], seats: [{ name: 'Only One', owns: [] }], loans: [], pins: [] }
  expect(await write(page, 'POST', '/api/classes', made)).toBe(201)
  expect(await write(page, 'DELETE', '/api/classes/to-be-removed?version=1')).toBe(200)
  const removed = page.getByRole('listitem').filter({ hasText: 'removed class To be removed' })
  await expect(removed).toBeVisible()
  await removed
    .getByRole('button', { name: /removed class/ })
    .first()
    .click()
  await expect(removed.getByRole('table')).toContainText('Only One')
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Bring back: removed class To be removed' }).click()
  await expect(page.getByText('It is back.')).toBeVisible()
  await page.goto('/classes/to-be-removed')
  await expect(page.getByRole('heading', { name: 'To be removed' })).toBeVisible()
})

test('a page whose files are of an older Handhold is loaded anew at the room that was asked for', async ({ page }) => {
  await signIn(page, 'osk', '/card')
  let missing = true
  await page.route(/assets\/OutboxView-.*\.js/, (route) =>
    missing ? route.fulfill({ status: 404 }) : route.continue(),
  )
  await page.evaluate(() => localStorage.setItem('handhold-draft/kept', '"typed"'))
  page.on('request', (request) => {
    if (request.isNavigationRequest()) missing = false
  })
  await page.getByRole('link', { name: 'Shop', exact: true }).click()
  await page.getByRole('link', { name: /Outbox/ }).click()
  await expect(page.getByRole('heading', { name: /Outbox/ })).toBeVisible()
  await expect(page.getByText('Handhold was updated while this page was open')).toBeVisible()
  expect(await page.evaluate(() => localStorage.getItem('handhold-draft/kept'))).toBe('"typed"')
})
