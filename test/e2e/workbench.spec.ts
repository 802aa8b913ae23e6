import { readFileSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import { measuredBar, picturesOf } from '../reading/pdf'
import { expectAccessible, expectNoSidewaysScroll, signIn } from './people'

test('a calculator reckons, says why, and says what would be in reach', async ({ page }) => {
  await signIn(page, 'guest', '/card?m=plover-60')
  await page.keyboard.press('g')
  await page.keyboard.press('w')
  await expect(page).toHaveURL(/\/workbench\?m=plover-60/)
  const figures = page.getByRole('region', { name: 'Figures' })
  await expect(figures).toContainText('23 mm')
  await expect(figures).toContainText('26 mm')
  await figures.getByText('Why 26 mm').click()
  await expect(figures).toContainText('opening + ease + 2 × bar tack; opening = 23, ease = 0, bar tack = 1.5.')
  await expectAccessible(page)

  await page.getByLabel('Diameter').fill('1"')
  await expect(figures).toContainText('28.4 mm')
  await page.getByLabel('Diameter').fill('wide')
  await expect(page.getByText('Diameter “wide” is not a number.')).toBeVisible()
  await expect(figures).toContainText('Mend what is marked')
  await page.getByLabel('Diameter').fill('0')
  await expect(figures).toContainText('Diameter 0 cannot be reckoned with; it may be above 0 up to 150.')
  await page.getByLabel('Diameter').fill('20')
  // Lengths as the person reads them, from now on; the other way stays beside.
  const first = figures.getByRole('strong').first()
  await expect(first).toHaveText('23 mm')
  await page.getByRole('button', { name: 'inches', exact: true }).click()
  await expect(first).toHaveText('≈ ⅞"')
  await expect(figures).toContainText('23 mm')
  await page.reload()
  await expect(page.getByRole('button', { name: 'inches', exact: true })).toHaveAttribute('aria-pressed', 'true')
  await expect(first).toHaveText('≈ ⅞"')
  await page.getByRole('button', { name: 'mm', exact: true }).click()
  await page.getByLabel('Width of a bead').fill('2.4')
  await expect(figures).toContainText('the blade will catch the beads')

  await page.getByRole('button', { name: 'Motifs in a circle' }).click()
  await expect(page).toHaveURL(/\/workbench\/circle/)
  await expect(figures).toContainText('26 motifs of 14.5 mm')
  await page.getByRole('button', { name: 'Buttonhole', exact: true }).click()
  await expect(page.getByLabel('Width of a bead')).toHaveValue('2.4')
  await page.setViewportSize({ width: 800, height: 1180 })
  await expectNoSidewaysScroll(page)
  await expectAccessible(page)
})

test('it starts from the card in hand, prints at 1:1 and hands the opening back', async ({ page }) => {
  await signIn(page, 'guest', '/card?m=plover-60&t=buttonhole&f=cotton-shirting')
  await expect(page.getByRole('img', { name: /LF·12 .* from above/ })).toBeVisible()
  await page.keyboard.press('g')
  await page.keyboard.press('w')
  await expect(page.getByText('In hand: Plover 60')).toBeVisible()
  await expect(page.getByLabel('Width of the buttonhole')).toHaveValue('4.5')
  const figures = page.getByRole('region', { name: 'Figures' })
  await expect(figures).toContainText('The foot measures up to 25 mm.')
  await page.getByLabel('Diameter').fill('30')
  await expect(figures).toContainText('Over the 25 mm that this foot measures')
  await expect(page.getByRole('img', { name: /^Buttonhole/ })).toBeVisible()
  await page.getByLabel('Diameter').fill('20')
  await expectAccessible(page)

  const [pdf] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'PDF to print' }).click(),
  ])
  for (const picture of picturesOf(readFileSync(await pdf.path()))) {
    expect(Math.abs((measuredBar(picture, 50) ?? 0) - 50)).toBeLessThan(0.2)
  }
  const [svg] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'SVG', exact: true }).click(),
  ])
  await page.goto(`data:image/svg+xml,${encodeURIComponent(readFileSync(await svg.path(), 'utf8'))}`)
  const bar = page.locator('polyline').filter({ hasNot: page.locator('title') })
  const lengths = await bar.evaluateAll((lines) =>
    lines.map((line) => line.getBoundingClientRect().width / (96 / 25.4)),
  )
  expect(lengths.filter((mm) => Math.abs(mm - 50) < 0.2).length).toBeGreaterThanOrEqual(1)

  await page.goto('/workbench/buttonhole?m=plover-60&t=buttonhole&f=cotton-shirting')
  await page.getByRole('link', { name: 'Card for an opening of 23 mm' }).click()
  await expect(page).toHaveURL(/\/card\?.*opening=23/)
  await expect(page.getByText('For a buttonhole opening of 23 mm')).toBeVisible()
  await page.getByRole('button', { name: 'not so' }).click()
  await expect(page).not.toHaveURL(/opening/)
})

test('a motif is read from a text, refused where it is none, and kept for its stitch', async ({ page }) => {
  await signIn(page, 'maren', '/workbench/motif?m=plover-60')
  await page.getByLabel('Stitch', { exact: true }).selectOption({ label: 'Motif 402 (Rope)' })
  const points = page.getByLabel('Points, x and y in mm')
  await page.setInputFiles('input[type=file]', {
    name: 'rope.txt',
    mimeType: 'text/plain',
    buffer: Buffer.from('handhold-motif 1\n0 0\n2 1,5x\n'),
  })
  await expect(page.getByText('line 3')).toBeVisible()
  await points.fill('handhold-motif 1\n0 0\n2 1.5\n0 3\n')
  const figures = page.getByRole('region', { name: 'Figures' })
  await expect(figures).toContainText('3 mm')
  await expect(page.getByRole('img', { name: /^Motif, 5 mm wide/ })).toBeVisible()
  await page.getByRole('button', { name: 'Keep for this stitch' }).click()
  await expect(page.getByText('Kept: cards draw Motif 402')).toBeVisible()
  await page.reload()
  await page.getByLabel('Stitch', { exact: true }).selectOption({ label: 'Motif 402 (Rope)' })
  await expect(points).toHaveValue('handhold-motif 1\n0 0\n2 1.5\n0 3\n')
})

test('every calculator opens, is accessible and does not scroll sideways', async ({ page }) => {
  await signIn(page, 'guest', '/workbench?m=plover-60&t=blind-hem&f=wool-suiting')
  const list = page.getByRole('navigation', { name: 'Calculators' }).getByRole('button')
  const names = await list.allTextContents()
  expect(names.length).toBeGreaterThanOrEqual(15)
  await page.setViewportSize({ width: 800, height: 1180 })
  for (const name of names) {
    await page
      .getByRole('navigation', { name: 'Calculators' })
      .getByRole('button', { name: name.trim(), exact: true })
      .click()
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(name.trim())
    await expect(page.getByRole('region', { name: 'Figures' }).locator('dt').nth(1)).toBeVisible()
    await expectNoSidewaysScroll(page)
  }
  await expectAccessible(page)
})

test('what was reckoned is sewn and logged', async ({ page }) => {
  await signIn(page, 'osk', '/workbench/blind-hem?m=plover-60&t=blind-hem&f=cotton-shirting')
  await page.getByLabel('Fabric', { exact: true }).last().selectOption('heavy')
  await page.getByRole('link', { name: 'Sew it and log it' }).click()
  await expect(page.getByLabel('Width', { exact: true })).toHaveValue('2.8')
})
