import { expect, test, type Page } from '@playwright/test'
import { expectAccessible, expectNoSidewaysScroll, signIn } from './people'

const grid = (page: Page) => page.getByRole('grid')
const paste = (page: Page, text: string) =>
  grid(page).evaluate((element, block) => {
    const data = new DataTransfer()
    data.setData('text/plain', block)
    element.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }))
  }, text)

test('a stitch chart is edited like a sheet, by keyboard alone', async ({ page }) => {
  await signIn(page, 'maren', '/shelf/models/halyard-9')
  await expect(grid(page)).toBeVisible()
  await expectAccessible(page)
  await expectNoSidewaysScroll(page)
  const first = page.getByRole('row').nth(1)
  const name = await first.getByRole('gridcell').nth(1).textContent()
  await grid(page).focus()
  await page.keyboard.press('ArrowRight')
  await page.keyboard.type('Landfall seam')
  await page.keyboard.press('Enter')
  await expect(first).toContainText('Landfall seam')
  await expect(page.getByRole('button', { name: 'Save 1' })).toBeVisible()
  await page.keyboard.press('ControlOrMeta+z')
  await expect(first).toContainText(name as string)
  await expect(page.getByRole('button', { name: 'Save', exact: true })).toBeDisabled()

  await page.keyboard.press('ControlOrMeta+Home')
  for (let n = 0; n < 3; n++) await page.keyboard.press('ArrowRight')
  await paste(page, '3,5\t2\nauto\t1/8"\n0.5–1\twide\n')
  const row = (n: number) => page.getByRole('row').nth(n).getByRole('gridcell')
  await expect(row(1).nth(3)).toHaveText('3.5')
  await expect(row(2).nth(4)).toHaveText('3.175')
  await expect(row(3).nth(3)).toHaveText('0.5–1')
  await expect(page.getByText('1 row is not sound yet')).toBeVisible()
  await expect(page.locator('.status')).toContainText('“wide” is not a number')
  await page.keyboard.type('1.5')
  await page.keyboard.press('Tab')
  await expect(page.getByText('not sound yet')).toHaveCount(0)

  await page.keyboard.press('ControlOrMeta+Home')
  for (let n = 0; n < 3; n++) await page.keyboard.press('ArrowRight')
  for (let n = 0; n < 4; n++) await page.keyboard.press('Shift+ArrowDown')
  await page.keyboard.press('Alt+ArrowDown')
  for (let n = 1; n <= 5; n++) await expect(row(n).nth(3)).toHaveText('3.5')

  await page.reload()
  await expect(page.getByText('Kept from before: not saved yet.')).toBeVisible()
  await expect(row(5).nth(3)).toHaveText('3.5')
  await page.getByRole('button', { name: 'Save 5' }).click()
  await expect(page.getByText('Saved: 5 changed.')).toBeVisible()
  await page.getByRole('link', { name: 'History' }).first().click()
  await expect(page.getByRole('listitem').first()).toContainText('changed 5 stitches')
})

test('a new foot gets its id from its name, and bad cells are named', async ({ page }) => {
  await signIn(page, 'maren', '/shelf/items')
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Add an item' }).click()
  await page.keyboard.type('Q·7')
  await page.keyboard.press('Tab')
  await page.keyboard.type('cording foot')
  await page.keyboard.press('Tab')
  await page.keyboard.type('shoe')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Save 1' }).click()
  await expect(page.getByRole('alert')).toContainText('“shoe” is none of foot, ankle, adapter, plate, accessory')
  await page.getByLabel('Filter Feet and plates').fill('cording')
  await page.getByLabel('Filter Feet and plates').press('Enter')
  await page.keyboard.press('Home')
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('ArrowRight')
  await page.keyboard.type('foot')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Save 1' }).click()
  await expect(page.getByText('Saved: 1 new.')).toBeVisible()
  const stored = await page.request.get('/api/catalogue/items/q-7-cording-foot')
  expect((await stored.json()).value).toEqual({
    id: 'q-7-cording-foot',
    code: 'Q·7',
    name: 'cording foot',
    what: 'foot',
  })
})

test('two people on one stitch: the second sees both and chooses', async ({ browser }) => {
  const open = async () => (await browser.newContext()).newPage()
  const [one, two] = await Promise.all([open(), open()])
  for (const page of [one, two]) {
    await signIn(page, 'maren', '/shelf/models/shoal-3')
    await expect(grid(page)).toBeVisible()
  }
  const type = async (page: Page, right: number, text: string) => {
    await grid(page).focus()
    await page.keyboard.press('ControlOrMeta+Home')
    for (let n = 0; n < right; n++) await page.keyboard.press('ArrowRight')
    await page.keyboard.type(text)
    await page.keyboard.press('Enter')
  }
  await type(two, 1, 'Mine')
  await type(one, 1, 'Theirs')
  await type(one, 0, 'Lever A')
  await one.getByRole('button', { name: 'Save 1' }).click()
  await expect(one.getByText('Saved: 1 changed.')).toBeVisible()
  await expect(two.getByText(/changed a row that you are typing in/)).toBeVisible()
  await two.getByRole('button', { name: 'Save 1' }).click()
  const dialog = two.getByRole('dialog')
  await expect(dialog).toContainText('Somebody else changed this meanwhile')
  await expect(dialog.getByRole('row', { name: /Name in the book/ })).toContainText('Theirs')
  await expect(dialog.getByRole('row', { name: /Name in the book/ })).toContainText('Mine')
  await expect(dialog.getByRole('button', { name: 'Save what is chosen' })).toBeDisabled()
  await expectAccessible(two)
  await dialog.getByRole('radio', { name: 'Mine' }).check()
  await dialog.getByRole('button', { name: 'Save what is chosen' }).click()
  await expect(two.getByText('Saved: 1 changed.')).toBeVisible()
  await expect(two.getByRole('row').nth(1)).toContainText('Lever A')
  await expect(two.getByRole('row').nth(1)).toContainText('Mine')
  await one.close()
  await two.close()
})

test('a removed foot takes its fit statements along, and all come back', async ({ page }) => {
  await signIn(page, 'maren', '/shelf/items')
  const { fits, models } = await (await page.request.get('/api/bundle')).json()
  const item = fits.find((fit: { model?: string; item: string }) => fit.model !== undefined).item as string
  const code = (await (await page.request.get(`/api/catalogue/items/${item}`)).json()).value
  await page.getByLabel('Filter Feet and plates').fill(`${code.code} ${code.name}`)
  await page.getByLabel('Filter Feet and plates').press('Enter')
  await page.getByRole('button', { name: 'Remove this row' }).click()
  const dialog = page.getByRole('dialog')
  await expect(dialog).toContainText('With it go:')
  await expect(dialog).toContainText('fit statement')
  await dialog.getByRole('button', { name: 'Remove', exact: true }).click()
  await expect(page.getByText('is removed.')).toBeVisible()
  const without = await (await page.request.get('/api/bundle')).json()
  expect(without.fits.length).toBeLessThan(fits.length)
  await page.getByRole('link', { name: 'History' }).click()
  const write = page.getByRole('listitem').first()
  await expect(write).toContainText('removed 1 item')
  await expectAccessible(page)
  await write.getByRole('button', { name: /^Undo/ }).click()
  await expect(write).toContainText('Take back all')
  await write.getByRole('button', { name: /^Take back all/ }).click()
  await expect(page.getByText('Taken back.')).toBeVisible()
  const back = await (await page.request.get('/api/bundle')).json()
  expect(back.fits).toEqual(fits)
  expect(back.models).toEqual(models)
})

test('a sister model starts as a copy and says so', async ({ page }) => {
  await signIn(page, 'maren', '/shelf/models/ketch')
  await page.getByRole('button', { name: 'Copy as its sister' }).click()
  await page.getByLabel('Name of the sister model').fill('Yawl')
  await page.getByRole('button', { name: 'Copy with 8 stitches' }).click()
  await expect(page.getByRole('heading', { name: 'Dunmarrow Yawl' })).toBeVisible()
  await expect(page.getByText('copied from Ketch').first()).toBeVisible()
  await page.getByRole('button', { name: 'Facts of the machine' }).click()
  await page.getByLabel('Edition of the book').fill('first')
  await page.getByLabel('Edition of the book').press('Tab')
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Save 1' }).click()
  await expect(page.getByText('Saved: 1 changed.')).toBeVisible()
  await page.getByRole('button', { name: 'Remove', exact: true }).click()
  await page.getByRole('dialog').getByRole('button', { name: 'Remove', exact: true }).click()
  await expect(page.getByRole('heading', { name: 'History' })).toBeVisible()
})

test('will it fit: a foot on every machine, a machine’s every foot, and trying settles it', async ({ page }) => {
  await signIn(page, 'maren', '/shelf/fit?item=os-k4')
  await expect(page.getByText(/\d+ fit, \d+ not known, \d+ do not fit/)).toBeVisible()
  await expectAccessible(page)
  await page.goto('/shelf/fit?m=halyard-9&item=os-k4')
  await expect(page.getByText('K4 (blind hem foot) on Ostrel Halyard 9: does not fit')).toBeVisible()
  await page.getByRole('link', { name: /K4w/ }).click()
  await expect(page.getByText('K4w (blind hem foot, wide) on Ostrel Halyard 9: fits')).toBeVisible()
  await expect(page.getByText(/^Fits, by the book/)).toContainText('(decides)')
  await page.goto('/shelf/fit?m=halyard-9')
  await page.getByLabel('Filter', { exact: true }).fill('not known')
  const unknown = page.getByRole('listitem').first()
  const name = (await unknown.getByRole('button').locator('strong').textContent()) as string
  await unknown.getByRole('button').first().click()
  await expect(unknown).toContainText('What would settle it')
  await expectAccessible(page)
  await unknown.getByRole('button', { name: 'It does not fit' }).click()
  await expect(page.getByRole('status')).toContainText(
    `Stated: ${name} does not fit Ostrel Halyard 9, tried at the bench.`,
  )
  await page.getByLabel('Filter', { exact: true }).fill('tried')
  await expect(page.getByRole('listitem').filter({ hasText: name })).toContainText('Does not fit')
})

test('a catalogue from another shop is held against ours, taken in part, and taken back in one', async ({ page }) => {
  await signIn(page, 'maren', '/shop')
  await page.getByRole('link', { name: 'Take one from elsewhere' }).click()
  const published = await page.evaluate(async () => (await fetch('/api/bundle')).json())
  const ketch = published.models.find(({ id }: { id: string }) => id === 'ketch')
  ketch.maxSpeed = 555
  published.items.push({ ...published.items[0], id: 'leather-foot', code: 'Q-9', name: 'leather foot' })
  // A foot that nothing else speaks of, whatever was tried before.
  const text = JSON.stringify(published)
  const alone = published.items.findIndex(({ id }: { id: string }) => text.split(`"${id}"`).length === 2)
  published.items[alone] = { ...published.items[alone], code: 'Q-1' }
  const choose = () =>
    page.getByLabel('File').setInputFiles({
      name: 'bridge.json',
      mimeType: 'application/json',
      buffer: Buffer.from(JSON.stringify(published)),
    })
  await choose()
  await page.getByLabel('published by').fill('The shop by the bridge')
  await page.keyboard.press('Enter')
  await expect(page.getByText('First say of 1 whether it is the same thing.')).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Another thing' }).click()
  await expect(page.getByText('theirs is another thing and gets an id of its own')).toBeVisible()
  await page.getByRole('button', { name: /^Different/ }).click()
  await page.getByRole('radio', { name: '555' }).check()
  await page.getByRole('button', { name: /^New \(2\)/ }).click()
  await page.getByRole('checkbox', { name: /Q-9 leather foot/ }).uncheck()
  await page.getByRole('button', { name: 'Take in' }).click()
  await expect(page.getByText(/^Taken: 1 added, 1 changed, 0 removed/)).toBeVisible()

  await choose()
  await page.getByRole('button', { name: 'Compare' }).click()
  await expect(page.getByText(/Held against what Maren Tolvik took/)).toBeVisible()
  await expect(page.getByRole('button', { name: /^Only here/ })).toBeVisible()
  await expect(page.getByRole('button', { name: /^(New|Changed)/ })).toHaveCount(0)
  await page.getByRole('button', { name: 'Take in' }).click()
  await expect(page.getByText('Nothing of it was to be written')).toBeVisible()

  await page.getByRole('link', { name: 'History' }).last().click()
  await page
    .getByRole('button', { name: /^Undo:/ })
    .first()
    .click()
  await page.getByRole('button', { name: /^Take back all 2 rows/ }).click()
  await expect(page.getByText('Taken back.')).toBeVisible()
})
