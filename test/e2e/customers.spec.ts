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

test('a list with bad lines: each is named, the rest is taken, once', async ({ page }) => {
  await signIn(page, 'osk', '/shop/customers/file')
  const lines = ['Name,Email,Machine,Serial,Bought,Owns', ...Array.from({ length: 24 }, (_, i) => `Seat ${i + 1},seat${i + 1}@class.example,${i % 2 ? 'Ketch' : 'Plover 60'},S-${i + 1},2025-0${(i % 9) + 1}-10,`), 'Bad Machine,b@class.example,Plunger,,,', 'Bad Day,d@class.example,Ketch,,2025-02-31,', ',n@class.example,Ketch,,,'] // prettier-ignore
  const list = { name: 'class.csv', mimeType: 'text/csv', buffer: Buffer.from(lines.join('\n')) }
  await page.getByLabel('A list as CSV or XLSX').setInputFiles(list)
  await expect(page.getByText('24 customers with 24 machines are understood.')).toBeVisible()
  await expect(page.getByText('Line 26: no model is called “Plunger”')).toBeVisible()
  await expect(page.getByText('Line 27: “2025-02-31” is no date')).toBeVisible()
  await expect(page.getByText('Line 28: no name.')).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Take 24 in' }).click()
  await expect(page.getByText('24 added, 0 changed, 0 as they were.')).toBeVisible()
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
