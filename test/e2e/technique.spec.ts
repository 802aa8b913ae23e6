import { expect, test } from '@playwright/test'
import { expectAccessible, expectNoSidewaysScroll, signIn } from './people'

test('a technique is written by keyboard, the card beside it follows, and it is kept', async ({ page }) => {
  await signIn(page, 'maren', '/shelf/techniques')
  await page.getByRole('button', { name: 'Add a technique' }).click()
  await page.keyboard.type('Ladder edge')
  for (const text of ['rung edge', 'decorative', 'an open edge for costumes', '2']) {
    await page.keyboard.press('Tab')
    await page.keyboard.type(text)
  }
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Save 1' }).click()
  await expect(page.getByText('Saved: 1 new.')).toBeVisible()
  await page.goto('/shelf/techniques/ladder-edge?m=plover-60&f=denim')
  await page.getByRole('button', { name: 'Add the first method' }).click()
  await page.getByLabel('Name').fill('With a satin foot')
  await page.getByLabel('Name').press('Tab')
  await expect(page.getByRole('button', { name: 'With a satin foot' })).toBeVisible()
  await page.keyboard.press('Alt+PageDown')
  await expect(page.getByRole('button', { name: 'Stage', exact: true })).toHaveAttribute('aria-current', 'true')
  await expectAccessible(page)
  await expectNoSidewaysScroll(page)

  await page.getByRole('button', { name: 'Add a stitch' }).click()
  await page.getByLabel('stitch 1, Stitch').fill('Zigzag')
  await page.getByLabel('stitch 1, Stitch').press('Alt+Enter')
  await page.getByLabel('stitch 2, Stitch').fill('Straight stitch')
  await page.getByLabel('stitch 2, Stitch').press('Alt+ArrowUp')
  await expect(page.getByLabel('stitch 1, Stitch')).toHaveValue('Straight stitch')
  await page.keyboard.press('Alt+ArrowDown')
  await expect(page.getByLabel('stitch 1, Stitch')).toHaveValue('Zigzag')
  await page.getByLabel('stitch 2, Stitch').press('Alt+Backspace')
  await expect(page.getByLabel('stitch 2, Stitch')).toHaveCount(0)

  const live = page.getByRole('region', { name: 'Live card' })
  await expect(live).toContainText('Ready')
  await expect(live).toContainText('Zigzag')
  await page.getByRole('button', { name: 'Add a setting' }).click()
  await page.getByLabel('setting 1, To').fill('wide')
  await page.getByLabel('setting 1, To').press('Tab')
  await expect(page.getByText('“wide” is not as').first()).toBeVisible()
  await expect(page.getByRole('button', { name: 'Save 1' })).toBeDisabled()
  await page.getByLabel('setting 1, To').fill('= 4,5')
  await page.getByLabel('setting 1, Because').fill('wide rungs show')
  await page.getByLabel('setting 1, Because').press('Tab')
  await page.getByLabel(/Only when: put into/).selectOption('weight: heavy')
  await expect(page.getByLabel('setting 1, Only when')).toHaveValue('weight: heavy')
  await expect(live).toContainText('Width 4.5 mm')

  await page.getByRole('button', { name: 'Add a step' }).click()
  await page.keyboard.type('Set width ')
  await page.getByLabel('Put a figure of the card into the step').selectOption('width')
  await expect(page.getByLabel('step 1, Step')).toHaveValue('Set width {width}')
  await expect(live).toContainText('Set width 4.5')
  await page.reload()
  await expect(page.getByText('Kept from before: not saved yet.')).toBeVisible()
  await page.getByRole('button', { name: 'Save 1' }).click()
  await expect(page.getByText('Saved: 1 changed.')).toBeVisible()
  const stored = (await (await page.request.get('/api/catalogue/techniques/ladder-edge')).json()).value
  expect(stored).toMatchObject({
    name: 'Ladder edge',
    aliases: ['rung edge'],
    methods: [
      {
        name: 'With a satin foot',
        stages: [
          {
            stitches: [{ function: 'zigzag' }],
            targets: [
              { parameter: 'width', to: { abs: 4.5 }, because: 'wide rungs show', when: { weight: ['heavy'] } },
            ],
            steps: [{ text: 'Set width {width}' }],
          },
        ],
      },
    ],
  })
  await page.goto('/card?m=plover-60&t=ladder-edge&f=denim')
  await expect(page.getByRole('status').first()).toContainText('Ready: Ladder edge on Plover 60 in Denim')
})

test('new editions of shipped techniques are looked at; a shop that has them all has decided', async ({ page }) => {
  await signIn(page, 'maren', '/shelf/editions')
  await expect(page.getByText('You have decided about all of them.')).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('link', { name: 'Back to the techniques' }).click()
  await expect(page.getByRole('heading', { name: 'Techniques' })).toBeVisible()
})
