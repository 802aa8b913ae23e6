import sharp from 'sharp'
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

test('a control is put where this model has it, by the keys and by the mouse, and the card draws it there', async ({
  page,
}) => {
  await signIn(page, 'maren', '/shelf/models/ketch')
  await page.getByRole('button', { name: 'Controls and rules' }).click()
  const map = page.getByRole('region', { name: 'Where the controls sit' })
  const width = map.getByRole('button', { name: /^Width: 68 % from the left, 13 % from the top/ })
  await width.focus()
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('Shift+ArrowDown')
  const moved = map.getByRole('button', { name: /^Width: 69 % from the left, 18 % from the top/ })
  await expect(moved).toBeFocused()
  const box = await moved.boundingBox()
  if (!box) throw new Error('the mark is not drawn')
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width / 2 - 60, box.y + box.height / 2, { steps: 4 })
  await page.mouse.up()
  await expect(map.getByRole('button', { name: /^Width: 5\d % from the left/ })).toBeVisible()
  await map.getByLabel('Is a').selectOption('knob')
  await expectAccessible(page)
  await page.getByRole('button', { name: /^Save/ }).first().click()
  await expect(page.getByRole('button', { name: 'Save', exact: true })).toBeDisabled()
  const stored = await (await page.request.get('/api/catalogue/models/ketch')).json()
  expect(stored.value.controls.controls.width.at).toMatchObject({ view: 'front', shape: 'knob' })
  expect(stored.value.controls.controls.width.at.x).toBeLessThan(0.6)
})

test('the shop’s own photograph stands behind the marks, on the Shelf, the card and a telephone', async ({
  page,
  browser,
}) => {
  await signIn(page, 'maren', '/shelf/models/yawl')
  await page.getByRole('button', { name: 'Controls and rules' }).click()
  const map = page.getByRole('region', { name: 'Where the controls sit' })
  await expect(map.locator('image')).toHaveCount(0)
  const picture = await sharp({ create: { width: 600, height: 420, channels: 3, background: '#b9c4c0' } })
    .jpeg()
    .toBuffer()
  const file = { name: 'ours.jpg', mimeType: 'image/jpeg', buffer: picture }
  await map.getByLabel(/own photograph of this view/).setInputFiles(file)
  await expect(map.getByText('Kept. Move the marks onto what is seen.')).toBeVisible()
  await expect(map.locator('image')).toHaveAttribute('href', /\/api\/models\/yawl\/photos\/front/)
  await expect(map.getByRole('button', { name: /^Width: / })).toBeVisible()
  await page.goto('/card?m=yawl&t=blind-hem&f=wool-suiting')
  await expect(page.locator('.doing .machine-map image')).toHaveCount(1)
  await expectAccessible(page)
  const token = await page.evaluate(async () => {
    const { csrf } = (await (await fetch('/api/session')).json()) as { csrf: string }
    const headers = { 'Content-Type': 'application/json', 'X-CSRF-Token': csrf }
    const body = JSON.stringify({ model: 'yawl', technique: 'blind-hem', fabric: 'wool-suiting' })
    const made = await fetch('/api/shared-cards', { method: 'POST', headers, body })
    return ((await made.json()) as { token: string }).token
  })
  const phone = await (await browser.newContext({ viewport: { width: 360, height: 740 } })).newPage()
  await phone.goto(new URL(`/c/${token}`, page.url()).href)
  const shown = phone.locator('.machine-map image')
  await expect(shown).toHaveAttribute('href', new RegExp(`/api/shared/cards/${token}/photos/front`))
  const seen = await phone.request.get(new URL((await shown.getAttribute('href')) ?? '', page.url()).href)
  expect(seen.headers()['content-type']).toBe('image/jpeg')
  await phone.context().close()
  await page.goto('/shelf/models/yawl')
  await page.getByRole('button', { name: 'Controls and rules' }).click()
  await map.getByRole('button', { name: 'Take it away' }).click()
  await expect(map.locator('image')).toHaveCount(0)
})
