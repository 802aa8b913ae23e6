import { readFile } from 'node:fs/promises'
import { expect, test, type Page } from '@playwright/test'
import { expectAccessible, expectNoSidewaysScroll, signIn } from './people'

const blindHem = '/card?m=plover-60&t=blind-hem&f=wool-suiting'

test('from signing in to a card, by keyboard alone', async ({ page }) => {
  await page.goto('/')
  await page.getByLabel('Name').fill('guest')
  await page.keyboard.press('Tab')
  await page.keyboard.type('only-looking')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Which machine, technique and fabric?' })).toBeVisible()
  await page.keyboard.press('/')
  await page.keyboard.type('plover')
  await page.keyboard.press('Enter')
  await page.keyboard.press('Tab')
  await page.keyboard.type('hidden')
  await page.keyboard.press('Enter')
  await page.keyboard.press('Tab')
  await page.keyboard.type('wool')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Ready' })).toBeVisible()
  await expect(page).toHaveURL(/m=plover-60.*t=blind-hem.*f=wool-suiting/)
})

test('who types before the lists have come still gets what was entered', async ({ page }) => {
  await signIn(page, 'guest', '/')
  await page.route(/\/api\/picks/, async (route) => {
    await new Promise((later) => setTimeout(later, 1500))
    await route.continue()
  })
  await page.goto('/card?t=blind-hem&f=wool-suiting')
  await page.getByRole('combobox', { name: 'Machine' }).focus()
  await page.keyboard.type('plover')
  await page.keyboard.press('Enter')
  await expect(page).not.toHaveURL(/m=/)
  await expect(page.getByRole('heading', { name: 'Ready' })).toBeVisible()
  await expect(page).toHaveURL(/m=plover-60/)
})

test('a card never stands under another pick than its own, however slow the answer', async ({ page }) => {
  await signIn(page, 'osk', '/card?m=ketch&t=blind-hem&f=wool-suiting')
  const status = page.getByRole('main').getByRole('status')
  await expect(status.filter({ hasText: 'Blind hem on Ketch' })).toBeAttached()
  await expect(page.getByText('Width', { exact: true }).first()).toBeVisible()
  let go: () => void = () => undefined
  const held = new Promise<void>((done) => (go = done))
  await page.route(/\/api\/card\?/, async (route) => {
    await held
    await route.continue()
  })
  await page.keyboard.press(']')
  await expect(page.getByText('The card is worked out')).toBeVisible()
  await expect(status.filter({ hasText: 'Ketch' })).toHaveCount(0)
  await expect(page.getByText('Width', { exact: true })).toHaveCount(0)
  go()
  await expect(status.filter({ hasText: /Blind hem on (?!Ketch)/ })).toBeAttached()
  await expect(page.getByText('The card is worked out')).toHaveCount(0)
})

test('the card can be read at a distance and says why', async ({ page }) => {
  await signIn(page, 'guest', blindHem)
  await expect(page.getByText('Proved: 3 samples')).toBeVisible()
  for (const figure of ['114', 'LF·07', '80']) {
    const size = await page
      .locator('.figures .figure', { hasText: figure })
      .evaluate((it) => getComputedStyle(it).fontSize)
    expect(parseFloat(size)).toBeGreaterThanOrEqual(40)
  }
  const width = page.locator('.value', { has: page.getByRole('heading', { name: 'Width' }) })
  await expect(width.locator('.figure')).toHaveText(/2\.8/)
  await expect(width.getByRole('img')).toHaveAccessibleName(/set 2\.8.*Machine gives 3\.5.*Clear from 0\.0 to 3\.5/)
  await expect(page.getByText('Choose Utility 114 first, then change')).toBeVisible()
  await expect(
    page.locator('.doing > .steps').getByText(/^Needle up, by the handwheel.*presser foot up.*switch off/),
  ).toBeVisible()
  await expect(
    page.locator('.doing > .steps').getByText('Off whenever a foot, needle or needle plate is changed.'),
  ).toBeVisible()
  await page.getByText('How sure').click()
  await expect(page.getByText('LF·07 (blind hem foot) comes with the machine.')).toBeVisible()
  await expectNoSidewaysScroll(page)
  await expectAccessible(page)
})

test('the stitch is drawn to scale, from both sides, and saved in true millimetres', async ({ page }) => {
  await signIn(page, 'guest', blindHem)
  const picture = page.getByRole('img', {
    name: /^Blind hem for wovens, 2\.8 mm wide, stitch length 2 mm, seen from the right side$/,
  })
  await expect(picture).toBeVisible()
  // Two picks ten millimetres apart, 2.8 to the left of the line.
  const holes = await picture
    .locator('circle')
    .evaluateAll((all) => all.map((it) => [Number(it.getAttribute('cx')), Number(it.getAttribute('cy'))]))
  expect(holes.filter(([, y]) => y === -2.8).map(([x]) => x)).toEqual([0, 10, 20])
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as SVG' }).click(),
  ])
  const svg = await readFile(await saved.path(), 'utf8')
  const width = /width="([\d.]+)mm"/.exec(svg)?.[1]
  expect(width).toBeDefined()
  expect(width).toBe(/viewBox="\S+ \S+ (\S+) \S+"/.exec(svg)?.[1])
  expect(svg).toContain('stroke="rgb(')
  await page.getByRole('button', { name: 'Wrong side' }).click()
  await expect(page.getByRole('img', { name: /seen from the wrong side$/ })).toBeVisible()
  await expectAccessible(page)
})

test('a dial machine gets dials, an overlocker its two-faced one', async ({ page }) => {
  await signIn(page, 'guest', '/card?m=ketch&t=blind-hem&f=wool-suiting')
  await expect(page.locator('.value svg.dial')).toHaveCount(2)
  await expect(page.getByText('between 2 and 3', { exact: true })).toBeVisible()
  await page.goto('/card?m=eddy-4&t=rolled-edge&f=chiffon')
  await expect(page.getByText('left needle out, dial at 6.2 / 3.4', { exact: true })).toBeVisible()
  const steps = await page.locator('.doing ol li').allInnerTexts()
  const at = (words: string) => steps.findIndex((step) => step.includes(words))
  expect(at('Retract the lower knife')).toBeGreaterThan(at('switch off'))
  expect(at('Slide the stitch finger off')).toBeGreaterThan(at('Retract the lower knife'))
  await expectAccessible(page)
})

test('keys step through machines and techniques, and the address follows', async ({ page }) => {
  await signIn(page, 'guest', blindHem)
  await expect(page.getByRole('heading', { name: 'Ready' })).toBeVisible()
  await page.keyboard.press(']')
  await expect(page).toHaveURL(/m=halyard-9/)
  await page.keyboard.press('[')
  await expect(page).toHaveURL(/m=plover-60/)
  await page.keyboard.press('}')
  await expect(page).toHaveURL(/t=buttonhole/)
  await expect(page.locator('.figures')).toContainText('LF·12')
  await page.keyboard.press('g')
  await page.keyboard.press('s')
  await expect(page).toHaveURL(/\/shelf\/models\?.*m=plover-60/)
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog')).toContainText('Next machine, same technique')
})

test('read aloud goes line by line in the order of the phone', async ({ page }) => {
  await signIn(page, 'guest', blindHem)
  await expect(page.getByRole('heading', { name: 'Ready' })).toBeVisible()
  await page.keyboard.press('r')
  const aloud = page.getByRole('dialog', { name: 'Read aloud' })
  await expect(aloud).toContainText('Is it the Larkfen Plover 60')
  const said: string[] = []
  for (;;) {
    said.push(await aloud.locator('.said').innerText())
    const next = aloud.getByRole('button', { name: 'Next' })
    if (await next.isDisabled()) break
    await page.keyboard.press(' ')
  }
  const order = [
    'Wool suiting',
    'Needle: universal',
    'Needle plate',
    'LF·07',
    'Choose Utility 114',
    'What does it show now?',
    'Width: 2.8',
    'handwheel',
    'scrap',
    'Right side',
  ]
  const places = order.map((words) => said.findIndex((line) => line.includes(words)))
  expect(places).toEqual([...places].sort((a, b) => a - b))
  expect(places).not.toContain(-1)
  await expectAccessible(page)
  await page.keyboard.press('Escape')
  await expect(aloud).toBeHidden()
})

test('what is to get is named, and owning it changes the card', async ({ page }) => {
  await signIn(page, 'osk', '/card?m=plover-60&t=centre-guide&f=denim&way=centre-guide')
  await expect(page.getByRole('heading', { name: 'Needs a foot' })).toBeVisible()
  await expect(page.getByRole('region', { name: 'To get' })).toContainText('LF·22 (centre guide foot), 29.00')
  await page.getByRole('button', { name: 'They have it' }).click()
  await expect(page.getByRole('heading', { name: 'Ready' })).toBeVisible()
  await expect(page).toHaveURL(/owned=lf-22/)
})

test('what cannot be done says what stops each method', async ({ page }) => {
  await signIn(page, 'guest', '/card?m=ripple-s1&t=buttonhole&f=denim')
  await expect(page.getByRole('heading', { name: 'Not on this model' })).toBeVisible()
  await expect(page.getByText('“By the stepped dial”: This needs a mechanical machine.')).toBeVisible()
  await expectAccessible(page)
})

test('a tablet held upright, in a dim room', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'dark' })
  await page.setViewportSize({ width: 800, height: 1180 })
  await signIn(page, 'guest', '/card?m=halyard-9&t=blind-hem&f=stretch-jersey')
  await expect(page.getByRole('heading', { name: 'Another route' })).toBeVisible()
  await expectNoSidewaysScroll(page)
  await expectAccessible(page)
})

/** Width and height of each printed page, mm. */
const pagesOf = async (page: Page): Promise<[number, number][]> => {
  const pdf = (await page.pdf({ preferCSSPageSize: true })).toString('latin1')
  const boxes = [...pdf.matchAll(/\/MediaBox\s*\[\s*0 0 ([\d.]+) ([\d.]+)/g)]
  return boxes.map(([, width, height]) => [
    Math.round((Number(width) / 72) * 25.4),
    Math.round((Number(height) / 72) * 25.4),
  ])
}

test('a card prints on one A5 page, what is laid on a desk on A4', async ({ page }) => {
  await signIn(page, 'guest', blindHem)
  await expect(page.getByRole('heading', { name: 'Ready' })).toBeVisible()
  expect(await pagesOf(page)).toEqual([[148, 210]])
  await page.goto(blindHem.replace('/card?', '/translate?to=ketch&'))
  await expect(page.getByRole('heading', { name: 'From the Plover 60 to the Ketch' })).toBeVisible()
  for (const size of await pagesOf(page)) expect(size).toEqual([210, 297])
})

test('picks and rooms stay in sight, however long the page', async ({ page }) => {
  await signIn(page, 'maren', '/shop')
  await page.getByLabel(/^Take a file in/).scrollIntoViewIfNeeded()
  await page.evaluate(() => window.scrollTo(0, document.documentElement.scrollHeight))
  await expect.poll(() => page.evaluate(() => window.scrollY)).toBeGreaterThan(100)
  await expect(page.getByLabel('Machine', { exact: true })).toBeInViewport()
  await expect(page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: 'Desk' })).toBeInViewport()
})
