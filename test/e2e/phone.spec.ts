import { expect, test, type Page } from '@playwright/test'
import { codesIn } from '../reading/pdf'
import { expectAccessible, expectNoSidewaysScroll, signIn } from './people'

/** What a telephone's camera reads from the handout of the first seat of a class that has one. */
const codeOfHandout = async (page: Page): Promise<string> => {
  for (const { class: one } of await (await page.request.get('/api/classes')).json()) {
    const pdf = await page.request.get(`/api/classes/${one.id}/handouts/cards.pdf?seat=0`)
    const [code] = pdf.ok() ? codesIn(await pdf.body()) : []
    if (code === undefined) continue
    const { pathname, searchParams } = new URL(code)
    expect([...searchParams.keys()]).toEqual(expect.arrayContaining(['m', 't', 'f']))
    // Any card of the class opens so: one that no other test has changed.
    return `${pathname}?m=plover-60&t=blind-hem&f=wool-suiting`
  }
  throw new Error('no class has a handout')
}

test('from a handout’s code to a case in the desk, and its answer at the same link', async ({ page, browser }) => {
  await signIn(page, 'osk', '/desk')
  await expect(page.getByRole('heading', { name: 'Desk' })).toBeVisible()
  const link = await codeOfHandout(page)
  const pocket = await browser.newContext({ viewport: { width: 360, height: 740 } })
  const phone = await pocket.newPage()
  await phone.goto(link)

  // Steps are ticked on this telephone, also after a call came between.
  await phone.getByLabel('Step 1 is done').first().check()
  await phone.reload()
  await expect(phone.getByLabel('Step 1 is done').first()).toBeChecked()
  await expectNoSidewaysScroll(phone)

  await phone.getByRole('button', { name: 'It does not' }).click()
  const help = phone.getByRole('region', { name: 'It does not work' })
  // Nothing of settings before it is settled that nobody is hurt.
  await expect(help.getByText('What do you see?')).toHaveCount(0)
  await help.getByRole('button', { name: 'electric shock' }).click()
  await expect(help.getByRole('alert')).toContainText('Switch off and unplug')
  await expect(help.getByText('What do you see?')).toHaveCount(0)
  await help.getByRole('button', { name: 'None of it' }).click()
  await expect(help.getByRole('heading', { name: 'This settles most of it' })).toBeVisible()
  // Shut and opened again it is all there.
  await phone.getByRole('button', { name: 'It does not' }).click()
  await expect(help).toHaveCount(0)
  await phone.getByRole('button', { name: 'It does not' }).click()
  await help.getByRole('button', { name: 'None of it' }).click()
  await expect(help.getByRole('heading', { name: 'This settles most of it' })).toBeVisible()

  await expect(help.getByText('Nothing yet: say what is seen')).toBeVisible()
  const send = help.getByRole('button', { name: 'Send it to the shop' })
  await expect(send).toBeDisabled()

  const fault = help.locator('ul.faults button').first()
  const seen = ((await fault.textContent()) ?? '').trim()
  await fault.click()
  await expect(fault).toHaveAttribute('aria-pressed', 'true')
  // What is chosen is enough; words may be added.
  await expect(send).toBeEnabled()
  await expect(help.getByRole('heading', { name: 'Likely, the likeliest first' })).toBeVisible()
  await help.getByLabel(/Presser foot up, then thread anew/).check()
  await expectAccessible(phone)
  await expectNoSidewaysScroll(phone)
  await help.getByLabel(/In your own words/).fill('It does it on the second layer alone')
  await send.click()
  const asked = phone.getByRole('region', { name: 'What was asked' })
  await expect(asked).toContainText('the answer will stand here')

  // The desk's page hears of it by itself.
  const row = page.getByRole('row').filter({ hasText: 'It does it on the second layer alone' })
  await expect(row).toContainText('not answered yet')
  await expect(row).toContainText('by telephone card')
  await row.getByRole('link').click()
  const named = page.getByLabel('Trouble').locator('option:checked')
  await expect(named).not.toHaveText('a question, no trouble')
  // The picture has words of its own before the name.
  expect(seen.endsWith(((await named.textContent()) ?? '?').trim())).toBe(true)
  await expect(page.getByLabel(/Presser foot up, then thread anew/)).toBeChecked()
  await page.getByLabel('Answer at their link').fill('Baste the two layers first.')
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  await expect(page.getByText('Kept.')).toBeVisible()

  await phone.reload()
  await expect(asked).toContainText('Baste the two layers first.')
  await expect(asked).toContainText('It does it on the second layer alone')
  // Another seat's telephone, at the same code, sees nothing of it.
  const other = await (await browser.newContext()).newPage()
  await other.goto(link)
  await expect(other.getByRole('button', { name: 'It worked' })).toBeVisible()
  await expect(other.getByText('Baste the two layers first.')).toHaveCount(0)
  await other.context().close()
  await pocket.close()
})

test('a telephone that says it worked is counted on the card, apart from the shop’s samples', async ({
  page,
  browser,
}) => {
  const card = 'm=plover-60&t=blind-hem&f=wool-suiting'
  await signIn(page, 'osk', `/desk/links?${card}`)
  await page.getByRole('button', { name: 'Make a link to the picked card' }).click()
  const link = await page.getByRole('link', { name: /\/c\// }).getAttribute('href')
  const pocket = await browser.newContext({ viewport: { width: 360, height: 740 } })
  const phone = await pocket.newPage()
  await phone.goto(link ?? '')
  await phone.getByRole('button', { name: 'It worked' }).click()
  await expect(phone.getByRole('status').filter({ hasText: 'The shop counts it' })).toBeVisible()
  await phone.reload()
  await expect(phone.getByRole('button', { name: 'It worked' })).toBeDisabled()
  await pocket.close()
  await page.goto(`/card?${card}`)
  await expect(page.getByText(/It worked for a customer/)).toBeVisible()
})
