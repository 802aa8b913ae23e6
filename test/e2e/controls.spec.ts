import { expect, test } from '@playwright/test'
import { expectAccessible, signIn } from './people'

test('a rule of a machine is edited on the Shelf, refused where it leaves no way, and changes the card', async ({
  page,
}) => {
  await signIn(page, 'maren', '/shelf/models/eddy-self')
  await page.getByRole('button', { name: 'Controls and rules' }).click()
  await page.getByLabel('Filter rules').fill('lower knife stands')
  const stand = page.getByLabel('rule 1, These stand so')
  await expect(stand).toHaveValue('lowerKnife=retracted')
  await stand.fill('lowerKnife=retracted, upperKnife=engaged, stitchFinger=off')
  await page.keyboard.press('Tab')
  await expect(page.getByRole('alert').filter({ hasText: 'can never come to “off”' })).toBeVisible()
  await page.getByRole('button', { name: /^Save/ }).click()
  await expect(page.getByText('The controls and rules do not hold together.')).toBeVisible()
  await stand.fill('lowerKnife=retracted, hemSelector=rolled')
  await page.keyboard.press('Tab')
  await page.getByRole('button', { name: /^Save/ }).click()
  await expect(page.getByText('Give these rules to every other overlocker')).toBeEnabled()
  await expectAccessible(page)
  await page.goto('/card?m=eddy-self&t=rolled-edge&f=chiffon')
  const steps = page.locator('.doing > .procedure li')
  await expect(steps.filter({ hasText: 'Slide the stitch finger off' })).toHaveCount(1)
  const told = await steps.allInnerTexts()
  const at = (words: string) => told.findIndex((step) => step.includes(words))
  expect(at('hem selector to rolled')).toBeLessThan(at('Slide the stitch finger off'))
})
