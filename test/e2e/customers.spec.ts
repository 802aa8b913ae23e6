import { expect, test } from '@playwright/test'
import { expectAccessible, expectNoSidewaysScroll, signIn } from './people'

test('a customer is found by serial, changed, and their machine and feet go to the card', async ({ page }) => {
  await signIn(page, 'osk', '/shop/customers?t=blind-hem&f=wool-suiting')
  await page.getByLabel('Filter customers').fill('HB-00318')
  await page.keyboard.press('ArrowDown')
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Anneke Dorsthoek')
  await page.getByLabel('Phone').fill('555 0190')
  await page.keyboard.press('Tab')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByText('Saved.')).toBeVisible()
  await expectAccessible(page)
  await expectNoSidewaysScroll(page)
  await page.getByRole('button', { name: 'Card for the Halyard 9' }).click()
  await expect(page).toHaveURL(/m=halyard-9.*owned=os-k4w|owned=os-k4w.*m=halyard-9/)
  await expect(page.getByText('They have K4w')).toBeVisible()
})

test('a long list of customers is gone through by keys, only what is in sight drawn', async ({ page }) => {
  const all = Array.from({ length: 3000 }, (_, i) => ({
    version: 1,
    customer: { id: `c-${i}`, name: `Caller ${i}`, machines: [], owns: [] },
  }))
  await page.route('**/api/customers?*', async (route) => {
    const asked = new URL(route.request().url()).searchParams
    const found = all.filter(({ customer }) => customer.name.includes(asked.get('q') ?? ''))
    const from = found.findIndex(({ customer }) => customer.id === asked.get('before')) + 1
    const rows = found.slice(from, from + Number(asked.get('most')))
    await route.fulfill({ json: { rows, total: found.length, machines: 0 } })
  })
  await signIn(page, 'osk', '/shop/customers')
  const lines = page.getByRole('region', { name: 'All customers' }).getByRole('button')
  await expect(lines.first()).toContainText('Caller 0')
  expect(await lines.count()).toBeLessThan(60)
  await lines.first().click()
  for (let i = 0; i < 25; i++) await page.keyboard.press('ArrowDown')
  await expect(page.getByRole('button', { name: 'Caller 25 no machine' })).toBeFocused()
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Caller 25')
  await page
    .getByRole('region', { name: 'All customers' })
    .getByRole('list')
    .evaluate((list) => list.scrollTo(0, 1e6))
  await expect(page.getByRole('button', { name: 'Caller 199 no machine' })).toBeVisible()
  await page
    .getByRole('region', { name: 'All customers' })
    .getByRole('list')
    .evaluate((list) => list.scrollTo(0, 1e6))
  await expect(page.getByRole('button', { name: 'Caller 399 no machine' })).toBeVisible()
  await page.getByLabel('Filter customers').fill('2999')
  await expect(lines).toHaveCount(1)
  await page.keyboard.press('ArrowDown')
  await expect(page.getByLabel('Filter customers')).toBeFocused()
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Caller 2999')
  await expectAccessible(page)
})

test('a list with bad lines: each is named, the rest is taken, once', async ({ page }) => {
  await signIn(page, 'osk', '/shop/customers/file')
  const lines = [
    'Name,Email,Machine,Serial,Bought,Owns',
    ...Array.from(
      { length: 24 },
      (_, i) =>
        `Seat ${i + 1},seat${i + 1}@class.example,${i % 2 ? 'Ketch' : 'Plover 60'},S-${i + 1},2025-0${(i % 9) + 1}-10,`,
    ),
    'Bad Machine,b@class.example,Plunger,,,',
    'Bad Day,d@class.example,Ketch,,2025-02-31,',
    ',n@class.example,Ketch,,,',
  ]
  const list = { name: 'class.csv', mimeType: 'text/csv', buffer: Buffer.from(lines.join('\n')) }
  await page.getByLabel('A list as CSV or XLSX').setInputFiles(list)
  await expect(page.getByText('24 customers with 24 machines are understood.')).toBeVisible()
  await expect(page.getByText('Line 26: no model is called “Plunger”')).toBeVisible()
  await expect(page.getByText('Line 27: “2025-02-31” is no date')).toBeVisible()
  await expect(page.getByText('Line 28: no name.')).toBeVisible()
  await expectAccessible(page)
  // What is open is mended where it stands.
  await page.getByLabel('Row 26, machine').fill('Plover 60')
  await page.keyboard.press('Tab')
  await expect(page.getByText('25 customers with 25 machines are understood.')).toBeVisible()
  await page.getByLabel('Row 27, bought on').fill('2025-02-28')
  await page.keyboard.press('Tab')
  await page.getByLabel('Skip row 28').check()
  await expect(page.getByText('Line 28: no name.')).toHaveCount(0)
  await page.getByRole('button', { name: 'Take 26 in' }).click()
  await expect(page.getByText('26 added, 0 changed, 0 as they were.')).toBeVisible()
  await page.getByLabel('A list as CSV or XLSX').setInputFiles(list)
  await page.reload()
  await page.getByLabel('A list as CSV or XLSX').setInputFiles(list)
  await page.getByRole('button', { name: 'Take 24 in' }).click()
  await expect(page.getByText('0 added, 0 changed, 24 as they were.')).toBeVisible()
  await page.getByRole('link', { name: 'To the customers' }).click()
  await page.getByLabel('Filter customers').fill('Seat 24')
  await page.getByText('Seat 24').click()
  await page.getByRole('button', { name: 'Erase them' }).click()
  await page.getByRole('button', { name: 'Erase Seat 24' }).click()
  await expect(page.getByText('All that was held of Seat 24 is erased.')).toBeVisible()
})

test('a list that is headed otherwise: columns with figures are decided, others may be', async ({ page }) => {
  await signIn(page, 'osk', '/shop/customers/file')
  const lines = [
    'Surname;First name;Reached at;Shoe size;Machine',
    'Boe;Ada;0123 45;44;Ketch',
    'Dahl;Bea;0123 46;39;PLOVER60',
  ]
  await page
    .getByLabel('A list as CSV or XLSX')
    .setInputFiles({ name: 'people.csv', mimeType: 'text/csv', buffer: Buffer.from(lines.join('\n')) })
  await expect(page.getByText('2 customers with 2 machines are understood.')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Take 2 in' })).toBeDisabled()
  await page.getByLabel('Reached at').selectOption('telephone')
  await page.getByLabel('Shoe size').selectOption('left out')
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Take 2 in' }).click()
  await page.getByRole('link', { name: 'To the customers' }).click()
  await page.getByLabel('Filter customers').fill('Ada Boe')
  await page.getByText('Ada Boe').click()
  await expect(page.getByLabel('Phone')).toHaveValue('0123 45')
})
