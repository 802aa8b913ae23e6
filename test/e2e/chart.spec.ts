import { writeFileSync } from 'node:fs'
import { expect, test, type Page } from '@playwright/test'
import { expectAccessible, expectNoSidewaysScroll, signIn } from './people'

const sample = (name: string) => `samples/${name}`
const choose = (page: Page, file: string | { name: string; mimeType: string; buffer: Buffer }) =>
  page.getByLabel(/CSV.* XLSX/).setInputFiles(file)
const text = (name: string, content: string) => ({ name, mimeType: 'text/csv', buffer: Buffer.from(content) })
const stitchesOf = async (page: Page, model: string) =>
  (await page.request.get(`/api/catalogue/stitches?model=${model}`)).json()

test('a messy chart is read, mended, applied in parts, and the card answers from it', async ({ page }) => {
  await signIn(page, 'maren', '/shelf/models/halyard-9')
  await page.getByRole('link', { name: 'Read a stitch chart from a file' }).click()
  await choose(page, sample('ostrel-halyard-9-messy.csv'))
  const faults = page.locator('.faults')
  await expect(faults).toContainText('Row 8, column 4 (Width (mm)): “03. Apr” looks like a date')
  await expect(page.getByLabel('letters')).toHaveValue('windows-1252')
  await expect(page.getByLabel('cut at')).toHaveValue(';')
  await expect(page.locator('#row-4')).toContainText('a title, holds no stitch')
  await expect(page.locator('#row-6')).toContainText('0.5–1.0')
  await expect(page.locator('#row-7')).toContainText('as above: A')
  await expect(page.locator('#row-7')).toContainText('6.35')
  await expect(page.locator('#row-7')).toContainText('2.54')
  await expect(page.locator('#row-9')).toContainText('continues row 8')
  await expect(page.getByRole('button', { name: 'Compare with the machine' })).toBeDisabled()
  await expectNoSidewaysScroll(page)
  await expectAccessible(page)

  await page.getByRole('button', { name: 'It was 3-4' }).click()
  await expect(faults).toHaveCount(0)
  await page.getByLabel('Only open rows').check()
  for (let left = await page.locator('td select').count(); left > 0; left--) {
    await page.locator('td select').first().selectOption('zigzag')
    await expect(page.locator('td select')).toHaveCount(left - 1)
  }
  await page.getByLabel('Only open rows').uncheck()
  await page.getByLabel('Row 7, function').selectOption('Blind hem for wovens')
  await page.getByRole('button', { name: 'They are right' }).click()
  await page.getByRole('button', { name: 'Compare with the machine' }).click()
  await expect(page.getByRole('status')).toContainText('7 new, 1 changed')
  await expectAccessible(page)
  const before = await stitchesOf(page, 'halyard-9')
  await page.getByRole('checkbox', { name: /Edge joining/ }).uncheck()
  await page.getByRole('button', { name: 'Apply' }).click()
  await expect(page).toHaveURL(/\/shelf\/models\/halyard-9(\?|$)/)
  const after = await stitchesOf(page, 'halyard-9')
  expect(after).toHaveLength(before.length + 6)
  expect(after.find(({ id }: { id: string }) => id === 's-a-304').value).toMatchObject({
    nativeName: 'Mending stitch with extra strength',
    defaults: { width: { from: 3, to: 4 }, length: 1.5, tension: { from: 3, to: 4 } },
  })
})

test('a newer edition is shown as a difference, and ids last', async ({ page }) => {
  await signIn(page, 'maren', '/shelf/models/plover-60/chart')
  await choose(page, sample('larkfen-plover-60-third-edition.csv'))
  await page.getByLabel('Only open rows').check()
  await page.locator('td select').selectOption('Three-step zigzag')
  await page.getByRole('button', { name: 'They are right' }).click()
  await page.getByRole('button', { name: 'Compare with the machine' }).click()
  await expect(page.getByRole('status')).toContainText('2 new, 3 changed, 1 not in the file any more, 36 as they were')
  const list = page.getByRole('region', { name: 'What the file would change' })
  await expect(list).toContainText('Width mm: 3.5 → 3.2')
  await expect(list).toContainText('4 samples were sewn with it')
  await expect(list).toContainText('the same stitch, now Utility 123 instead of Utility 120')
  await page.getByLabel('Edition of the book').fill('3rd edition')
  const before = await stitchesOf(page, 'plover-60')
  const button = before.find(({ value }: { value: { select: string } }) => value.select === 'Utility 120')
  await page.getByRole('button', { name: 'Apply' }).click()
  await expect(page.getByText('3rd edition')).toBeVisible()
  const after = await stitchesOf(page, 'plover-60')
  expect(after.find(({ id }: { id: string }) => id === button.id).value.select).toBe('Utility 123')
  expect(after).toHaveLength(before.length + 2)
  await page.goto('/card?m=plover-60&t=blind-hem&f=wool-suiting')
  const width = page.locator('.value', { has: page.getByRole('heading', { name: 'Width' }) })
  await expect(width).toContainText('Machine gives 3.2.')
  // The next file of the make is matched the same way, and the corrected name is known now.
  await page.goto('/shelf/models/plover-60/chart')
  await choose(page, text('next.csv', 'No.,Stitch\n150,Ladder darning\n'))
  await expect(page.locator('#row-2 select')).toHaveValue('zigzag.threeStep')
  await expect(page.locator('#row-2')).toContainText('proposed (same make)')
})

test('a broken file says what is wrong row by row, and nothing is written', async ({ page }) => {
  await signIn(page, 'maren', '/shelf/models/ketch/chart')
  const before = await (await page.request.get('/api/bundle')).text()
  await choose(page, sample('dunmarrow-ketch-broken.csv'))
  await expect(page.locator('.faults li')).toHaveText([
    'Row 2, column 3 (Width): “abc” is not a number.',
    'Row 3, column 1: “1” is chosen by an earlier row already.',
    'Row 4, column 3 (Width): “9-3” is a range whose first end is above its second.',
    'Row 5, column 1 (Nr): the row has no stitch number.',
    'Row 6, column 3 (Width): “-4” is below 0.',
    'Row 7, column 3 (Width): “12-May” looks like a date; a spreadsheet may have made one of a range.',
    'Row 7, column 4 (Length): “0 spi” makes no stitch length.',
    'Row 9, column 3 (Width): “4,5,6” is not a number.',
  ])
  await expect(page.getByRole('button', { name: 'Compare with the machine' })).toBeDisabled()
  expect(await (await page.request.get('/api/bundle')).text()).toBe(before)
})

test('files that are no table are refused with a plain word', async ({ page }) => {
  await signIn(page, 'maren', '/shelf/models/ketch/chart')
  const alert = page.getByRole('alert')
  await choose(page, text('chart.xlsx', 'PK\u0003\u0004 not a chart'))
  await expect(alert).toContainText('chart.xlsx could not be read: it is packed like a workbook, but is none')
  const huge = test.info().outputPath('huge.csv')
  writeFileSync(huge, Buffer.alloc(50 * 1024 * 1024, ';'))
  await page.getByLabel(/CSV.* XLSX/).setInputFiles(huge)
  await expect(alert).toContainText('it has 50 MB; a table has at most 10 MB. Nothing was changed.')
  await choose(page, text('empty.csv', ''))
  await expect(alert).toContainText('it is empty')
  await choose(page, text('fine.csv', 'Nr;Stitch\n1;Zigzag'))
  await expect(page.getByText('1 stitches read').or(page.locator('#row-2')).first()).toBeVisible()
  await expect(alert).toHaveCount(0)
})

test('a workbook: merged cells carried, formulas and dates told', async ({ page }) => {
  await signIn(page, 'maren', '/shelf/models/spindrift-e/chart')
  await choose(page, sample('ostrel-spindrift-e.xlsx'))
  await expect(page.locator('#row-4')).toContainText('as above: Sewing')
  await expect(page.locator('#row-4')).toContainText('worked out by =2.5*2')
  await expect(page.locator('.faults')).toContainText('“=D20*2” is a formula whose result is not in the file')
  await expect(page.getByRole('button', { name: 'It was 3-4' })).toBeVisible()
  await page.getByLabel('Skip row 7').check()
  await expect(page.locator('.faults li')).toHaveCount(1)
})

test('a feet list and a fit chart are taken in', async ({ page }) => {
  await signIn(page, 'maren', '/shelf/items')
  await page.getByRole('link', { name: 'Read a list from a file' }).click()
  await choose(page, sample('ostrel-feet.csv'))
  await page.getByLabel('Make', { exact: true }).selectOption('Ostrel')
  await expect(page.getByText('Row 5, column 1: Code is needed.')).toBeVisible()
  await expect(page.getByText(/Row 6, column 4 \(Opening mm\): “wide” is not a number/)).toBeVisible()
  await expectAccessible(page)
  await page.getByLabel('Skip row 5').check()
  await page.getByLabel('Row 6, Opening mm').fill('6,5')
  await page.getByLabel('Row 6, Opening mm').press('Tab')
  // Its order numbers are nobody's column: somebody says so.
  await expect(page.getByRole('button', { name: 'Compare with the shelf' })).toBeDisabled()
  await page.getByLabel('Order no.', { exact: true }).selectOption({ label: 'left out' })
  await page.getByRole('button', { name: 'Compare with the shelf' }).click()
  await expect(page.getByRole('status')).toContainText('3 new, 1 changed')
  await page.getByRole('button', { name: 'Apply' }).click()
  await expect(page).toHaveURL(/\/shelf\/items(\?|$)/)
  const items = await (await page.request.get('/api/catalogue/items')).json()
  expect(items.find(({ value }: { value: { code: string } }) => value.code === 'K33').value).toMatchObject({
    make: 'ostrel',
    slot: 6.5,
    what: 'foot',
  })
  // Prices are whole money, however they are written.
  const priceOf = (code: string) =>
    items.find(({ value }: { value: { code: string } }) => value.code === code).value.price
  expect([priceOf('K31'), priceOf('K32'), priceOf('K4')]).toEqual([1450, 2100, 1890])

  await page.goto('/shelf/fits/chart')
  await page.getByLabel('Make of the models').selectOption('Larkfen')
  await choose(page, sample('larkfen-fit-chart.csv'))
  await expect(page.getByText('Say what each mark means first.')).toBeVisible()
  await expect(page.getByLabel('Model “Plover 90”')).toBeVisible()
  await expectAccessible(page)
  await page.getByLabel(/“o”/).selectOption('states nothing')
  const before = await (await page.request.get('/api/catalogue/fits')).json()
  await page.getByRole('button', { name: /^Apply/ }).click()
  await expect(page).toHaveURL(/\/shelf\/fits(\?|$)/)
  const after = await (await page.request.get('/api/catalogue/fits')).json()
  expect(after.length).toBeGreaterThan(before.length)
  const ketch = after.filter(
    ({ value }: { value: { model: string; item: string } }) => value.model === 'ketch' && value.item.startsWith('lf-'),
  )
  expect(ketch.length).toBeGreaterThan(1)
  expect(ketch.every(({ value }: { value: { fits: boolean } }) => !value.fits)).toBe(true)
})

test('a viewer sees the shelf but no way to change it', async ({ page }) => {
  await signIn(page, 'guest', '/shelf')
  await expect(page.getByRole('row').nth(8)).toBeVisible()
  await expect(page.getByRole('button', { name: 'Save' })).toHaveCount(0)
  await expectAccessible(page)
  await page.getByRole('link', { name: 'Open Dunmarrow Ketch' }).click()
  await expect(page.getByRole('heading', { name: 'Dunmarrow Ketch' })).toBeVisible()
  await expect(page.getByRole('link', { name: 'Read a stitch chart from a file' })).toHaveCount(0)
  await page.getByRole('grid').focus()
  await page.keyboard.type('x')
  await expect(page.getByRole('grid').locator('input')).toHaveCount(0)
  await page.goto('/shop')
  await expect(page.getByText('Only a lead may take one in.')).toBeVisible()
  await expectAccessible(page)
})

test('ranges over a two-line heading are taken; what nobody knows is asked, what the machine cannot have told', async ({
  page,
}) => {
  await signIn(page, 'maren', '/shelf/models/capstan-11/chart')
  await choose(page, sample('ostrel-capstan-11-ranges.csv'))
  const columns = page.getByRole('region', { name: 'Columns' })
  await expect(columns.getByRole('status')).toContainText('Say what this column is, or leave it out')
  await expect(page.getByText('1 column to decide')).toBeVisible()
  await expect(page.locator('.faults')).toContainText('“50” is beyond this machine; 5?')
  await expect(page.locator('#row-4')).toContainText('5.0 (0.5–9.0)')
  await expectNoSidewaysScroll(page)
  await expectAccessible(page)
  await page.getByRole('button', { name: 'It was 5', exact: true }).click()
  await expect(page.locator('.faults')).toHaveCount(0)
  await expect(page.getByRole('button', { name: 'Compare with the machine' })).toBeDisabled()
  await columns.getByLabel('Needle size', { exact: true }).selectOption({ label: 'left out' })
  await page.getByRole('button', { name: 'They are right' }).click()
  await page.getByRole('button', { name: 'Compare with the machine' }).click()
  await expect(page.getByRole('status')).toContainText('2 new, 1 changed')
  await page.getByRole('button', { name: 'Apply' }).click()
  await expect(page).toHaveURL(/\/shelf\/models\/capstan-11(\?|$)/)
  const stitches = await stitchesOf(page, 'capstan-11')
  const soft = stitches.find(({ value }: { value: { select: string } }) => value.select === '302').value
  expect(soft).toMatchObject({
    defaults: { width: 5, length: 1.5 },
    ranges: { width: { from: 0.5, to: 9 }, length: { from: 0.3, to: 4 } },
  })
})

test('figures that decimal commas parted are joined again at one press', async ({ page }) => {
  await signIn(page, 'maren', '/shelf/models/capstan-11/chart')
  await choose(page, sample('ostrel-capstan-11-commas.csv'))
  await expect(page.getByText('2 rows are longer than the heading: were these decimal commas?')).toBeVisible()
  await page.getByRole('button', { name: 'Join them again' }).click()
  await expect(page.locator('.faults')).toHaveCount(0)
  await expect(page.locator('#row-2')).toContainText('2.5')
  await expect(page.locator('#row-3')).toContainText('1.5')
})

test('a book’s table comes from its PDF, page by page, and a table from the clipboard', async ({ page }) => {
  await signIn(page, 'maren', '/shelf/models/capstan-11/chart')
  await choose(page, sample('ostrel-capstan-11-book.pdf'))
  await expect(page.getByText('48 stitches read from ostrel-capstan-11-book.pdf')).toBeVisible()
  await expect(page.locator('#row-2 input[type=text], #row-2 input:not([type])').first()).toHaveValue('501')
  await expect(page.locator('.faults')).toHaveCount(0)
  await page.getByLabel('pages', { exact: true }).fill('2-3')
  await page.getByLabel('pages', { exact: true }).press('Tab')
  await expect(page.getByText('30 stitches read from ostrel-capstan-11-book.pdf')).toBeVisible()
  await expect(page.locator('#row-2 input[type=text], #row-2 input:not([type])').first()).toHaveValue('519')
  await expectAccessible(page)
  await expectNoSidewaysScroll(page)

  await page.reload()
  const field = page.getByLabel('or paste a table')
  await field.evaluate((element) => {
    const data = new DataTransfer()
    data.setData('text/plain', 'No.\tName\tWidth\tLength\n601\tZigzag\t5\t1.5\n')
    element.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }))
  })
  await expect(page.locator('#row-2 input[type=text], #row-2 input:not([type])').first()).toHaveValue('601')
})

test('a chart of 400 stitches, half of their names unknown, takes fewer than 90 presses', async ({ page }) => {
  await signIn(page, 'maren', '/shelf/models/capstan-11/chart')
  const { functions, known } = await page.evaluate(async () => (await fetch('/api/native-names')).json())
  const names = [...new Set<string>(known.map(({ name }: { name: string }) => name))]
  // Eight families that no maker has named so yet, one among the other.
  const families = ['Corrie', 'Dunlin', 'Esker', 'Fulmar', 'Galen', 'Harrow', 'Isbre', 'Jorvik']
  const lines = Array.from({ length: 400 }, (_, i) => {
    const name = i % 2 === 0 ? names[(i / 2) % names.length] : `${families[(i >> 1) % 8]} ${1 + (i >> 4)}`
    return `${i + 1},${name},${(i % 9) / 2},${1 + (i % 6) / 2}`
  })
  let presses = 0
  const press = async (key: string) => {
    presses++
    await page.keyboard.press(key)
  }
  const type = async (word: string) => {
    presses += word.length
    await page.keyboard.type(word)
  }
  const began = Date.now()
  await choose(page, text('long.csv', ['No.,Name,Width (mm),Length (mm)', ...lines].join('\n')))
  await expect(page.getByText('400 stitches read')).toBeVisible()
  await expect(page.getByText('200 without a function.')).toBeVisible()
  await page.getByLabel('Rows that say').focus()
  presses++
  for (const [i, family] of families.entries()) {
    await type(family.slice(0, 4))
    // The kind of the last stays chosen; a new one is found by its first letters.
    if (i % 3 === 0) {
      await press('Tab')
      await type(functions[i].name.slice(0, 3).toLowerCase())
      await press('Tab')
    }
    await press('Enter')
    await expect(page.getByText(/^25 rows are now/)).toBeVisible()
    await expect(page.getByLabel('Rows that say')).toBeFocused()
    await expect(page.getByLabel('Rows that say')).toHaveValue('')
  }
  await expect(page.getByText(/without a function/)).toHaveCount(0)
  for (const name of ['They are right', 'Compare with the machine', 'Apply']) {
    presses++
    await page.getByRole('button', { name }).click()
  }
  await expect(page).toHaveURL(/\/shelf\/models\/capstan-11(\?|$)/)
  test
    .info()
    .annotations.push({ type: 'presses and seconds', description: `${presses}, ${(Date.now() - began) / 1000}` })
  expect(presses).toBeLessThan(90)
  expect((await stitchesOf(page, 'capstan-11')).length).toBeGreaterThanOrEqual(400)
})
