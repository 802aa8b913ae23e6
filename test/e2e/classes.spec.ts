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
    .getByRole('row', { name: /Vigdis Ormestad/ })
    .getByRole('link')
    .first()
    .click()
  await expect(page).toHaveURL(/\/card\?.*m=sloop/)
})

test('a piece goes to another seat once its effect is seen; what one more would change', async ({ page }) => {
  await signIn(page, 'osk', '/classes')
  await page.getByRole('link', { name: 'Waistcoat details' }).click()
  const seats = ['Bergliot Haugum', 'Kaja Vettermo']
  const piping = (seat: string) => page.getByLabel(`U·PIPE (piping foot, clips on) for ${seat}`)
  // Whatever was pinned before is let go.
  await expect(page.getByText(/of 8 ready/)).toBeVisible()
  for (const seat of seats) {
    if (!(await piping(seat).isVisible()) || (await piping(seat).inputValue()) === 'free') continue
    await piping(seat).selectOption('free')
    await expect(page.getByText('Saved and planned again.')).toBeVisible()
  }
  await expect(piping('Kaja Vettermo').or(piping('Bergliot Haugum')).first()).toBeVisible()
  const [from, to] = (
    await piping(seats[0] as string)
      .locator('option:checked')
      .textContent()
  )?.startsWith('lent')
    ? seats
    : [...seats].reverse()
  const row = (name: string) => page.getByRole('row', { name: new RegExp(name) })
  await row(from as string)
    .getByText('U·PIPE')
    .dragTo(row(to as string).locator('.pieces'))
  const effect = page.getByRole('status', { name: 'What it would do' })
  await expect(effect).toContainText(`lent to ${to} instead of ${from}`)
  await expect(effect).toContainText(`${to} is lent U·PIPE (piping foot, clips on) and need not buy it.`)
  await effect.getByRole('button', { name: 'Do it' }).click()
  await expect(piping(to as string)).toHaveValue('loan')
  await page.getByRole('button', { name: 'Work it out' }).click()
  await expect(page.getByRole('listitem').filter({ hasText: 'purchase spared' }).first()).toBeVisible()
})

test('the run sheet is put in another order by dragging and by keyboard, and back', async ({ page }) => {
  await signIn(page, 'osk', '/classes')
  await page.getByRole('link', { name: 'Armour, quilted' }).click()
  await page.getByRole('link', { name: 'Run sheet' }).click()
  const names = page.locator('tbody th')
  await expect(names).toHaveCount(3)
  await expectAccessible(page)
  const before = await names.allInnerTexts()
  await page.getByRole('button', { name: /Move Binding by machine up/ }).click()
  await expect(page.getByText('Your order: the room waits')).toBeVisible()
  const bound = page.getByRole('row', { name: /Binding by machine/ })
  await bound.locator('.time').dragTo(page.locator('tbody tr').first())
  await expect(page.getByText('Quilting with even feed must come before Binding by machine.')).toBeVisible()
  await expect(names.first()).toContainText('Binding by machine')
  await page.getByRole('button', { name: 'Take the best order' }).click()
  await expect(page.getByText('The order in which the room waits least')).toBeVisible()
  await expect
    .poll(async () => (await names.allInnerTexts()).map((name) => name.split('\n')[0]))
    .toEqual(before.map((name) => name.split('\n')[0]))
  await page.getByLabel('Begins').fill('10:20')
  await page.getByLabel('Begins').press('Tab')
  await expect(page.locator('tbody .time').first()).toHaveText('10:20')
  await page.getByLabel('Begins').fill('10:00')
  await page.getByLabel('Begins').press('Tab')
  await expect(page.locator('tbody .time').first()).toHaveText('10:00')
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: /as a calendar file/ }).click()
  expect((await download).suggestedFilename()).toBe('Armour-quilted.ics')
})

test('a class of twenty-four from a file with bad rows: what is understood is taken, the rest is told', async ({
  page,
}) => {
  await signIn(page, 'osk', '/classes')
  await page.getByRole('button', { name: 'A new class' }).click()
  const good = Array.from(
    { length: 24 },
    (_, i) => `Person ${i + 1},${i % 2 ? 'Wren 24' : 'Plover 60'},${i % 3 ? '' : 'LF·16'}`,
  )
  const file = [
    'name,machine,owns,shoe size',
    ...good,
    ',Wren 24,,',
    'Person 26,Wern 42,,',
    'Person 27,Wren 24,no such foot,',
    'Kaja Vettermo,,,',
  ].join('\n')
  await page.setInputFiles('input[type=file]', { name: 'seats.csv', mimeType: 'text/csv', buffer: Buffer.from(file) })
  await expect(page.getByText('25 new seats are understood.')).toBeVisible()
  await expect(page.getByLabel('shoe size')).toHaveValue('')
  const open = page.getByRole('region', { name: 'Lines that are open' }).locator('tbody tr')
  await expect(open).toHaveText([
    /Line 26: no name/,
    /Line 27: no model is called “Wern 42”/,
    /Line 28: no foot or accessory has the code “no such foot”/,
  ])
  await page.getByRole('button', { name: 'Take them in' }).click()
  // What was taken in and not saved survives a reload.
  await page.reload()
  await expect(page.getByText('What you had typed is here again')).toBeVisible()
  await expect(page.getByLabel('seat 25, Person')).toHaveValue('Kaja Vettermo')
  await page
    .getByLabel('technique 1, Technique')
    .or(page.getByRole('button', { name: 'Add a technique' }))
    .first()
    .click()
  await page.getByLabel('technique 1, Technique').fill('Buttonhole')
  await page.getByLabel('technique 1, Fabric').fill('Wool suiting')
  await page.getByLabel('technique 1, Fabric').press('Tab')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByText('Saved.')).toBeVisible()
  await page.getByRole('link', { name: 'Readiness' }).click()
  await expect(page.getByText(/^25 of 25 ready/)).toBeVisible()
  // Whom the shop knows brings their own machine.
  await expect(page.getByRole('row', { name: /Kaja Vettermo/ })).toContainText('Wren 24')
  await page.getByRole('link', { name: 'Handouts' }).click()
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Cards', exact: true }).click()
  expect((await download).suggestedFilename()).toBe('A-new-class-cards.pdf')
})

test('after a class: what is still out, who managed what, cards to the outbox', async ({ page }) => {
  await signIn(page, 'osk', '/classes')
  await page.getByRole('link', { name: 'First hems' }).click()
  await page.getByRole('link', { name: 'Supplies' }).click()
  await expect(page.getByRole('rowheader', { name: /Chalk/ })).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('link', { name: 'Afterwards' }).click()
  await expect(page.getByText('Still out: BLH (blind hem foot) with Sunniva Rørbekk.')).toBeVisible()
  await expectAccessible(page)
  await page.getByLabel('back: BLH (blind hem foot) from Sunniva Rørbekk').check()
  await expect(page.getByText('Still out')).toBeHidden()
  await page.getByLabel('Sunniva Rørbekk: Blind hem').selectOption('withHelp')
  await page.getByLabel('Ties Hoogkarspel came').check()
  await page.getByRole('columnheader', { name: 'Blind hem' }).getByRole('button', { name: 'the rest: alone' }).click()
  await expect(page.getByLabel('Ties Hoogkarspel: Blind hem')).toHaveValue('alone')
  await expect(page.getByLabel('Sunniva Rørbekk: Blind hem')).toHaveValue('withHelp')
  await page.getByLabel('Ties Hoogkarspel came').uncheck()
  await page.getByRole('button', { name: 'Save', exact: true }).last().click()
  await expect(page.getByText('Saved.')).toBeVisible()
  await page.getByRole('button', { name: 'Send their cards to the 3 who came' }).click()
  await expect(page.getByText('3 in the outbox.')).toBeVisible()
  await page.getByRole('link', { name: 'Outbox' }).click()
  await expect(page.getByRole('rowheader', { name: 'Your cards from “First hems”' })).toHaveCount(3)
  await expectAccessible(page)
})

/** The demo's classes to come, by day. */
const DEMO = ['Armour, quilted', 'Waistcoat details', 'Stretch breeches']

test('classes to come stand by day; the cupboard is kept by name and price, and an empty price is unknown', async ({
  page,
}) => {
  await signIn(page, 'osk', '/classes')
  const toCome = page.locator('section').filter({ has: page.getByRole('heading', { name: 'To come' }) })
  await expect(toCome.getByRole('link').first()).toBeVisible()
  // Other tests may have added classes between.
  const titles = (await toCome.getByRole('link').allTextContents()).filter((title) => DEMO.includes(title))
  expect(titles).toEqual(DEMO)
  await expect(page.getByRole('heading', { name: 'Been' })).toBeVisible()
  await page.getByRole('link', { name: 'Store cupboard' }).click()
  await expect(page.getByLabel('Which, line 1', { exact: true })).toHaveValue('wool-suiting')
  await page.getByLabel('Price of a pack, line 1', { exact: true }).fill('3.15')
  await page.getByLabel('Price of a pack, line 2', { exact: true }).fill('')
  // The heads are a row too.
  const last = (await page.getByRole('row').count()) + 1
  await page.getByRole('button', { name: 'Add a supply' }).click()
  await page.getByLabel(`What, line ${last - 1}`, { exact: true }).selectOption('thread')
  await page.getByLabel(`Which, line ${last - 1}`, { exact: true }).selectOption('fine polyester')
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('Saved.')).toBeVisible()
  await page.reload()
  await expect(page.getByLabel('Price of a pack, line 1', { exact: true })).toHaveValue('3.15')
  await expect(page.getByLabel('Price of a pack, line 2', { exact: true })).toHaveValue('')
  await page.getByLabel('Price of a pack, line 1', { exact: true }).fill('2.90')
  await page.getByLabel('Price of a pack, line 2', { exact: true }).fill('1.20')
  await page.getByRole('button', { name: `Remove line ${last - 1}`, exact: true }).click()
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('Saved.')).toBeVisible()
})
