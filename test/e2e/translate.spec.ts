import { expect, test } from '@playwright/test'
import { expectAccessible, expectNoSidewaysScroll, signIn } from './people'

test('from a card to another machine, and the whole machine with it', async ({ page }) => {
  await signIn(page, 'osk', '/card?m=plover-60&t=blind-hem&f=wool-suiting')
  await expect(page.getByRole('heading', { name: 'Ready' })).toBeVisible()
  await page.keyboard.press('x')
  await expect(page).toHaveURL(/\/translate\?.*m=plover-60/)
  await expect(page.getByLabel('New machine')).toBeFocused()
  await page.keyboard.type('ketch')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'From the Plover 60 to the Ketch' })).toBeVisible()
  await expect(page.getByRole('row', { name: /^Stitch Utility 114/ })).toContainText('Outer ring, third picture')
  await expect(page.getByRole('row', { name: /LF·07/ }).last()).toContainText('With an adapter')
  await expect(page.getByRole('heading', { name: 'What it reaches' })).toBeVisible()
  await expect(page.getByRole('row', { name: 'Widest stitch' })).toContainText('7 mm')
  await expectAccessible(page)
  await expectNoSidewaysScroll(page)
  const rows = page.getByRole('row', { name: /^Zigzag/ })
  await expect(rows).toContainText('Utility 106')
  await page.getByRole('button', { name: 'The other way round' }).click()
  await expect(page.getByRole('heading', { name: 'From the Ketch to the Plover 60' })).toBeVisible()
})
