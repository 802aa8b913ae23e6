import { expect, test } from '@playwright/test'
import { expectAccessible, signIn } from './people'

test('a class is planned, a piece pinned, and the rest shared out around it', async ({ page }) => {
  await signIn(page, 'osk', '/classes')
  await page.getByRole('link', { name: 'Waistcoat details' }).click()
  await expect(page.getByText('8 of 8 ready')).toBeVisible()
  await expect(page.getByText(/Teach:.*Blind hem → Buttonhole/)).toBeVisible()
  const guest = page.getByRole('row', { name: /A guest without a machine/ })
  await expect(guest).toContainText('Heron 200, lent')
  await expectAccessible(page)
  const piping = page.getByLabel(/U·PIPE .* for Bergliot Haugum/)
  const before = await piping.locator('option:checked').textContent()
  await piping.selectOption(before?.startsWith('lent') ? 'buy' : 'loan')
  await expect(page.getByText('Saved and planned again.')).toBeVisible()
  await expect(page.getByText('8 of 8 ready')).toBeVisible()
  const other = page.getByLabel(/U·PIPE .* for Kaja Vettermo/)
  await expect(other.locator('option:checked')).toContainText(before?.startsWith('lent') ? 'lent' : 'bought')
  await piping.selectOption('not')
  await expect(page.getByLabel('Z (zip foot) for Bergliot Haugum')).toBeVisible()
  await expect(piping).toHaveValue('not')
  await expect(page.getByText('8 of 8 ready')).toBeVisible()
  await page
    .getByRole('row', { name: /Einar Grøtdal/ })
    .getByRole('link')
    .first()
    .click()
  await expect(page).toHaveURL(/\/card\?.*m=ketch/)
})
