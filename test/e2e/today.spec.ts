import { expect, test } from '@playwright/test'
import { expectAccessible, signIn } from './people'

test('the first page says what today asks, with one act each, and follows what others write', async ({ page }) => {
  await signIn(page, 'osk')
  const today = page.getByRole('region', { name: 'Today' })
  await expect(today).toBeVisible()
  await expect(today.getByText('looked up')).toHaveCount(0, { timeout: 60_000 })
  await expect(today.getByText('What would help most:')).toContainText(/\d+ customers’ machines|1 customer’s machine/)
  await expectAccessible(page)

  const { csrf } = await (await page.request.get('/api/session')).json()
  const followUp = new Date().toISOString().slice(0, 10)
  const call = { question: 'Which needle for the green silk?', outcome: 'open', followUp }
  await page.request.post('/api/cases', { data: call, headers: { 'X-CSRF-Token': csrf } })
  const line = today.getByRole('listitem').filter({ hasText: 'Which needle for the green silk?' })
  // The latest of those whose day has come stands before the others.
  await line.getByRole('link', { name: 'Open the case' }).click()
  await expect(page).toHaveURL(/\/desk\/\d+/)

  // Whoever only looks is asked nothing.
  await page.context().clearCookies()
  await signIn(page, 'guest')
  await expect(page.getByRole('heading', { name: 'Which machine, technique and fabric?' })).toBeVisible()
  await expect(page.getByRole('region', { name: 'Today' })).toHaveCount(0)
})
