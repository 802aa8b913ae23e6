import { expect, test, type Page } from '@playwright/test'
import { expectAccessible, signIn } from './people'
import { shopOfWorker } from './shops'

test('a call from the ask line to a sent card and a closed case', async ({ page }) => {
  await signIn(page, 'osk', '/log')
  await page.keyboard.press('/')
  await page.keyboard.type('kvalsund dots long blind hem wool')
  const told = page.getByRole('search')
  await expect(told).toContainText('Torben Kvalsund')
  await expect(told).toContainText('Dots long on the right side (blind hem)')
  await expectAccessible(page)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'A new case' })).toBeVisible()
  await expect(page.getByLabel('Asked')).toHaveValue('kvalsund dots long blind hem wool')
  await expect(page.getByLabel('Machine', { exact: true }).last()).toHaveValue('ketch')
  await expect(page.getByRole('button', { name: 'It was this' }).first()).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: /^Case \d+/ })).toBeVisible()
  await page.getByLabel(/Presser foot up, then thread anew/).check()
  await page.getByLabel('Width').fill('4')
  await page.getByLabel('Width').press('Tab')
  const first = page.getByRole('list').filter({ hasText: 'It was this' }).getByRole('listitem').first()
  await expect(first).toContainText('Width 4, not between 2 and 3')
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Send it to them' }).click()
  await expect(page.getByText(/Sent to torben\.kvalsund@stage\.example/)).toBeVisible()
  await first.getByRole('button', { name: 'It was this' }).click()
  await expect(page.getByText('Kept.')).toBeVisible()
  await expect(page.getByLabel('Outcome')).toHaveValue('solved')
  await page.getByRole('link', { name: 'All cases' }).click()
  await page.getByLabel('Find').fill('dots')
  await expect(page.getByRole('row', { name: /kvalsund dots long/ })).toContainText('Solved')
  await expectAccessible(page)
})

test('a case is kept from a card in two keystrokes', async ({ page }) => {
  await signIn(page, 'osk', '/card?m=plover-60&t=blind-hem&f=wool-suiting')
  await expect(page.getByRole('heading', { name: /Ready|Another route/ }).first()).toBeVisible()
  await page.keyboard.press('n')
  await expect(page.getByLabel('Asked')).toBeFocused()
  await expect(page.getByLabel('Asked')).toHaveValue('Blind hem on the Plover 60')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: /^Case \d+/ })).toBeVisible()
})

test('a guessed trouble does not keep a question from its card', async ({ page }) => {
  await signIn(page, 'osk', '/log')
  await page.keyboard.press('/')
  await page.keyboard.type('thick thread from below, capstan 11, felt')
  await expect(page.getByRole('search')).toContainText('Bobbin work')
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/\/card\?.*t=bobbin-work/)
})

test('who enters a line before it is answered gets the card for that line', async ({ page }) => {
  await signIn(page, 'osk', '/log')
  await page.route(/\/api\/ask\?/, async (route) => {
    await new Promise((later) => setTimeout(later, 700))
    await route.continue()
  })
  await page.keyboard.press('/')
  await page.keyboard.type('blind hem plover 60 wool suiting')
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/\/card\?.*m=plover-60&t=blind-hem&f=wool-suiting/)
  // What was told for an earlier line is not what the next one opens.
  await page.keyboard.press('/')
  await page.keyboard.type('blind hem ketch')
  await expect(page.getByRole('search')).toContainText('opens the card')
  await page.keyboard.type(' chiffon')
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/\/card\?.*m=ketch&t=blind-hem&f=chiffon/)
})

test('what was typed into a case survives a reload until it is kept', async ({ page }) => {
  await signIn(page, 'osk', '/desk/40')
  await page.getByLabel('Advised').fill('Half a sentence')
  await page.reload()
  await expect(page.getByText('What you had typed is here again')).toBeVisible()
  await expect(page.getByLabel('Advised')).toHaveValue('Half a sentence')
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  await expect(page.getByText('Kept.')).toBeVisible()
  await page.reload()
  await expect(page.getByLabel('Advised')).toHaveValue('Half a sentence')
  await expect(page.getByText('What you had typed is here again')).toBeHidden()
})

test('what is being typed stays where the card arrives meanwhile', async ({ page }) => {
  let answer = () => {}
  const typed = new Promise<void>((done) => (answer = done))
  await page.route(/\/api\/card\?/, async (route) => {
    await typed
    await route.continue()
  })
  await signIn(page, 'osk', '/desk/39')
  await page.getByLabel('Minutes').fill('')
  await page.getByLabel('Minutes').pressSequentially('23')
  answer()
  await expect(page.getByRole('region', { name: 'The card', exact: true })).toBeVisible()
  await expect(page.getByLabel('Minutes')).toHaveValue('23')
})

test('a caller is found by words of their machine, and calls about it', async ({ page }) => {
  await signIn(page, 'osk', '/desk/new')
  const caller = page.getByRole('combobox', { name: 'Caller' })
  await caller.click()
  await page.keyboard.type('elzinger halyard')
  await page.keyboard.press('Enter')
  await expect(caller).toHaveValue('Marijke Elzinger')
  await expect(page.getByLabel('Machine').last()).toHaveValue('halyard-9')
  await caller.click()
  await page.getByRole('option', { name: 'nobody we know' }).click()
  await expect(caller).toHaveValue('')
  await expect(caller).toHaveAttribute('placeholder', 'nobody we know')
  await caller.click()
  await page.keyboard.type('ase lindrup')
  await page.getByRole('option', { name: 'Åse Lindrup' }).click()
  await expect(caller).toHaveValue('Åse Lindrup')
})

test('two people on one case: the second sees both and chooses', async ({ page, browser }) => {
  await signIn(page, 'osk', '/desk/39')
  const other = await (await browser.newContext({ baseURL: shopOfWorker().url })).newPage()
  await signIn(other, 'maren', '/desk/39')
  await expect(page.getByLabel('Advised')).toBeVisible()
  await page.getByLabel('Advised').fill('A new needle, size 80')
  await page.getByLabel('Outcome').selectOption('workshop')
  await other.getByLabel('Advised').fill('A new needle, size 75')
  await other.getByLabel('Minutes').fill('17')
  await other.getByRole('button', { name: 'Keep', exact: true }).click()
  await expect(other.getByText('Kept.')).toBeVisible()
  await expect(page.getByRole('alert')).toContainText('Somebody else has just changed this')
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  const both = page.getByRole('dialog', { name: 'Somebody else changed this meanwhile' })
  await expect(both.getByRole('radio', { name: '17' })).toBeChecked()
  await expect(both.getByText('1 still to choose')).toBeVisible()
  await expectAccessible(page)
  await both.getByRole('radio', { name: 'A new needle, size 80' }).check()
  await both.getByRole('button', { name: 'Save what is chosen' }).click()
  await expect(page.getByText('Kept.')).toBeVisible()
  await page.reload()
  await expect(page.getByLabel('Advised')).toHaveValue('A new needle, size 80')
  await expect(page.getByLabel('Minutes')).toHaveValue('17')
  await expect(page.getByLabel('Outcome')).toHaveValue('workshop')
  await other.context().close()
})

test('at a stop word nothing is told but to stop', async ({ page }) => {
  await signIn(page, 'osk', '/desk')
  await page.keyboard.press('/')
  await page.keyboard.type('heron smells burnt')
  await expect(page.getByRole('search')).toContainText('Switch off and unplug the machine.')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('alert')).toContainText('Stop: burning smell')
  await expect(page.getByLabel('Outcome')).toHaveValue('workshop')
  await expect(page.getByRole('region', { name: 'Diagnosis' })).toHaveCount(0)
  // Heard as well where it is typed into a case.
  await page.goto('/desk/new')
  await page.getByLabel('Asked').fill('the pedal is hot')
  await expect(page.getByRole('alert')).toContainText('Stop: hot foot control')
})

test('a thread jam has its script', async ({ page }) => {
  await signIn(page, 'osk', '/desk')
  await page.keyboard.press('/')
  await page.keyboard.type('wren bird nest under the fabric')
  await expect(page.getByRole('search')).toContainText('Thread jam under the fabric')
  await page.keyboard.press('Enter')
  const script = page.getByRole('region', { name: 'Thread jam' })
  await expect(script.getByRole('listitem').first()).toHaveText('Switch the machine off.')
  await expect(script).toContainText('Never pull the fabric out')
  await expect(page.getByText(/Bobbin of class L15 and no other/)).toBeVisible()
  // The next call begins anew, also from an open case.
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: /^Case \d+/ })).toBeVisible()
  await page.locator('h1').click()
  await page.keyboard.press('/')
  await page.keyboard.type('ketch skips stitches')
  await expect(page.getByRole('search')).toContainText('Skipped stitches')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'A new case' })).toBeVisible()
  await expect(page.getByLabel('Asked')).toHaveValue('ketch skips stitches')
  await expect(page.getByLabel('Trouble')).toHaveValue('skips')
})

test('looking back tells what is rising; a shared card opens on a telephone without an account', async ({
  page,
  browser,
}) => {
  await signIn(page, 'osk', '/desk')
  await page.getByRole('link', { name: 'Looking back' }).click()
  await expect(page.getByText(/is asked oftener: 0 before/)).toBeVisible()
  await expectAccessible(page)
  await page.goto('/desk/links?m=ketch&t=blind-hem&f=wool-suiting')
  await page.getByRole('button', { name: 'Make a link to the picked card' }).click()
  const link = await page.getByRole('link', { name: /\/c\// }).getAttribute('href')
  await page.goto('/card?m=ketch&t=blind-hem&f=wool-suiting')
  await expect(page.locator('[data-step]').first()).toBeVisible()
  const stepsOf = (of: Page) =>
    of.locator('[data-step]').evaluateAll((all) => all.map((it) => (it as HTMLElement).dataset['step']))
  const shown = await stepsOf(page)
  const pocket = await browser.newContext({ viewport: { width: 390, height: 780 } })
  const phone = await pocket.newPage()
  await phone.goto(link ?? '')
  await expect(phone.getByRole('heading', { name: 'Blind hem', exact: true })).toBeVisible()
  await expect(phone.getByText('BLH', { exact: true })).toBeVisible()
  const onPhone = await stepsOf(phone)
  expect(onPhone.length).toBeGreaterThan(10)
  expect(onPhone).toEqual(shown)
  expect(await phone.evaluate(() => document.documentElement.scrollWidth <= innerWidth)).toBe(true)
  await expectAccessible(phone)
  await pocket.close()
})

test('what the ask line was taught is seen in the shop, and forgotten', async ({ page }) => {
  await signIn(page, 'osk', '/shop')
  await expect(page.getByText(/Where it asks “Which\?” and somebody chooses/)).toBeVisible()
  const { csrf } = await (await page.request.get('/api/session')).json()
  const words = { kind: 'technique', of: 'circles', words: 'whirligig' }
  expect((await page.request.post('/api/ask/words', { data: words, headers: { 'X-CSRF-Token': csrf } })).ok()).toBe(
    true,
  )
  await page.reload()
  await expect(page.getByText('“whirligig” is Circles on a pivot')).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Forget “whirligig”' }).click()
  await expect(page.getByText(/Where it asks “Which\?” and somebody chooses/)).toBeVisible()
})

for (const { machine, line, shows, says } of [
  {
    machine: 'ketch',
    line: 'ketch overcast cotton shirting puckers',
    shows: ['Tension', '8'],
    says: /^Tension 8, not 4/,
  },
  {
    machine: 'eddy-4',
    line: 'eddy 4 overlock seam jersey waves',
    shows: ['Differential feed', 'N'],
    says: /^Differential feed N, not/,
  },
])
  test(`a call on the ${machine}, from the first word to the mended machine, by keyboard alone`, async ({ page }) => {
    await signIn(page, 'osk', '/desk')
    await page.keyboard.press('/')
    await page.keyboard.type(line)
    await page.keyboard.press('Enter')
    await expect(page.getByRole('heading', { name: 'A new case' })).toBeVisible()
    await expect(page.getByRole('region', { name: 'Diagnosis' })).toBeVisible()
    await expect(page).toHaveURL(new RegExp(`m=${machine}`))
    const to = async (name: string) => {
      const field = page.getByLabel(name, { exact: true })
      for (let presses = 0; presses < 25; presses += 1) {
        if (await field.evaluate((element) => element === document.activeElement)) return
        await page.keyboard.press('Tab')
      }
      throw new Error(`no Tab leads to ${name}`)
    }
    await page.keyboard.press('Escape')
    await page.keyboard.press('l')
    await page.keyboard.press('Space')
    await page.keyboard.press('w')
    await to(shows[0] ?? '')
    await page.keyboard.type(shows[1] ?? '')
    await page.keyboard.press('Tab')
    const first = page.getByRole('list').filter({ hasText: 'It was this' }).getByRole('listitem').first()
    await expect(first).toContainText(says)
    await expect(page.getByRole('region', { name: 'The card’s steps' })).toBeVisible()
    await expectAccessible(page)
    await page.keyboard.press('Escape')
    await page.keyboard.press('i')
    await expect(first.getByRole('button', { name: 'It was this' })).toBeFocused()
    await page.keyboard.press('Enter')
    await expect(page.getByText('Kept.')).toBeVisible()
    expect(await page.getByRole('checkbox', { checked: true }).count()).toBe(1)
    await expect(page.getByLabel('Outcome')).toHaveValue('solved')
    await expect(page.getByLabel('Advised')).toHaveValue(says)
  })

test('the needle’s danger is told of a plate that is in no record, and goes with it', async ({ page }) => {
  await signIn(page, 'osk', '/desk/new?m=plover-60&t=overcast&f=cotton-shirting&trouble=skips&q=skips')
  const diagnosis = page.getByRole('region', { name: 'Diagnosis' })
  await diagnosis.getByLabel('Needle plate', { exact: true }).selectOption({ label: 'another, not listed' })
  await diagnosis.getByLabel('its slot, mm').fill('3')
  await page.keyboard.press('Tab')
  await expect(diagnosis.getByText(/^Stop\. The needle would hit the other plate \(not listed\)/)).toBeVisible()
  await diagnosis.getByLabel('its slot, mm').fill('9')
  await page.keyboard.press('Tab')
  await expect(diagnosis.getByText(/^Stop\./)).toHaveCount(0)
  await diagnosis.getByLabel('Width', { exact: true }).fill('2.55')
  await page.keyboard.press('Tab')
  await expect(diagnosis.getByText('this machine stands at 2.5 or 2.6: look again')).toBeVisible()
})

test('what sounds like a danger and is none is set aside', async ({ page }) => {
  await signIn(page, 'osk', '/desk/new')
  await page.getByLabel('Asked').fill('it does not stop')
  await expect(page.getByRole('alert')).toContainText('Stop: runs by itself')
  await page.getByRole('button', { name: 'It is none of this: go on' }).click()
  await expect(page.getByRole('alert')).toHaveCount(0)
  await expect(page.getByLabel('Outcome')).toHaveValue('open')
})

test('a word of the shop’s own is told, heard by the ask line, and forgotten', async ({ page }) => {
  await signIn(page, 'maren', '/shop')
  await page.getByRole('textbox', { name: 'Here', exact: true }).fill('snail shells')
  const means = page.getByRole('combobox', { name: 'means' })
  await means.click()
  await page.keyboard.type('blind hem')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Tell it' }).click()
  await expect(page.getByText('“snail shells” is heard as Blind hem from now on.')).toBeVisible()
  await expectAccessible(page)
  await page.getByLabel('Ask', { exact: true }).fill('snail shells')
  await expect(page.getByRole('search')).toContainText('Blind hem')
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Forget “snail shells”' }).click()
  await expect(page.getByText('“snail shells” is Blind hem')).toHaveCount(0)
})
