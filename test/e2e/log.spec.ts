import sharp from 'sharp'
import { expect, test } from '@playwright/test'
import { expectAccessible, expectNoSidewaysScroll, signIn } from './people'

test('a sample is logged from the card by keyboard alone, and the card says so', async ({ page }) => {
  await signIn(page, 'osk', '/card?m=plover-60&t=blind-hem&f=chiffon')
  await expect(page.getByText('not yet sewn here')).toBeVisible()
  await page.keyboard.press('t')
  await expect(page.getByRole('heading', { name: 'Log a sample' })).toBeVisible()
  await expect(page.getByLabel('Width', { exact: true })).toBeFocused()
  await page.keyboard.type('2.4')
  await expectAccessible(page)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: 'Good' })).toBeFocused()
  await page.keyboard.press('Enter')
  await expect(page.getByText('Logged. The card knows it already.')).toBeVisible()
  await expect(page.getByText('Tried once: 1 good sample')).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('link', { name: 'The card' }).click()
  await expect(page.getByText(/Tried once: 1 sample/)).toBeVisible()
  await expect(page.getByText(/choose Utility 114 Blind hem, then width 2\.4/)).toBeVisible()
})

test('a value that the machine cannot stand at is refused, the draft outlives a reload, a photo is kept', async ({
  page,
}) => {
  // prettier-ignore
  await signIn(page, 'osk', '/log/new?m=plover-60&t=blind-hem&f=chiffon')
  const width = page.getByLabel('Width', { exact: true })
  await width.fill('12')
  await expect(page.getByText('goes from 0 to 7 on this machine')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Good' })).toBeDisabled()
  await width.fill('2.1')
  await page.getByLabel('Needle', { exact: true }).fill('sharp')
  await expect(page.getByText('A size is a whole number, as 80.')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Good' })).toBeDisabled()
  await page.getByLabel('Needle', { exact: true }).fill('70')
  await page.getByLabel('Bite, mm').fill('0,4')
  await page.getByLabel('In words').fill('dimples on the right side')
  await page.reload()
  await expect(width).toHaveValue('2.1')
  await expect(page.getByLabel('In words')).toHaveValue('dimples on the right side')
  await page.getByLabel('Fault').selectOption({ index: 1 })
  const buffer = await sharp({ create: { width: 900, height: 600, channels: 3, background: '#446655' } }).jpeg().toBuffer() // prettier-ignore
  await page.getByLabel('Photo').setInputFiles({ name: 'hem.jpg', mimeType: 'image/jpeg', buffer })
  await page.getByRole('button', { name: 'Do again' }).click()
  await expect(page.getByText('Logged. The card knows it already.')).toBeVisible()
  await expect(page.getByText('Width 2.4 → 2.1')).toBeVisible()
  await expect(page.getByText('dimples on the right side')).toBeVisible()
  await expect.poll(() => page.getByAltText('Photo of this sample').evaluate((img: HTMLImageElement) => img.naturalWidth)).toBe(320) // prettier-ignore

  await page.getByRole('button', { name: 'Print label' }).first().click()
  await expect(page.getByText('The label printer has it.')).toBeVisible()
  await page.goto('/log/printer')
  await expect(page.getByRole('link', { name: /^Label \d+/ })).toHaveCount(1)
  await page.goto('/log')
  await page.getByLabel('Filter').fill('plover chiffon do again')
  await expect(page.getByRole('row')).toHaveCount(2)
  await page.setViewportSize({ width: 800, height: 1180 })
  await expectNoSidewaysScroll(page)
  await expectAccessible(page)
})

test('a photo that is none does not lose the sample', async ({ page }) => {
  await signIn(page, 'osk', '/log/new?m=plover-60&t=blind-hem&f=chiffon')
  await page.getByLabel('Photo').setInputFiles({ name: 'hem.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('%PDF-1.7') }) // prettier-ignore
  await page.getByRole('button', { name: 'Usable' }).click()
  await expect(page.getByText('Logged, but without its photo. The file is a PDF.')).toBeVisible()
})

test('the lead pins a try, and disputed ones are told on the card', async ({ page }) => {
  await signIn(page, 'maren', '/log/new?m=plover-60&t=blind-hem&f=cotton-shirting')
  for (const width of ['2.4', '3.1']) {
    await page.goto('/log/new?m=plover-60&t=blind-hem&f=cotton-shirting')
    await page.getByLabel('Width', { exact: true }).fill(width)
    await page.getByRole('button', { name: 'Good' }).click()
    await expect(page.getByText('Logged. The card knows it already.')).toBeVisible()
  }
  await expect(page.getByText('disputed, 0.7 apart')).toBeVisible()
  await page.getByRole('link', { name: 'The card' }).click()
  await expect(page.getByText('Disputed: good samples disagree.')).toBeVisible()
  await page.getByRole('link', { name: 'See the tries' }).click()
  await page.getByRole('button', { name: 'Pin as the shop’s own' }).last().click()
  await expect(page.getByText('Pinned: the card says so from now on.')).toBeVisible()
  await page.goto('/shop')
  await page.getByLabel('Width, length, needle position: mm').fill('1')
  await page.getByRole('button', { name: 'Keep' }).click()
  await expect(page.getByText('Kept.')).toBeVisible()
  await page.goto('/card?m=plover-60&t=blind-hem&f=cotton-shirting')
  await expect(page.getByText(/Tried once: 2 samples/)).toBeVisible()
  await expect(page.getByText('Disputed: good samples disagree.')).toHaveCount(0)
})
