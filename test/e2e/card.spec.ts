import { readFileSync } from 'node:fs'
import { readFile } from 'node:fs/promises'
import { expect, test, type Page } from '@playwright/test'
import { codesIn } from '../reading/pdf'
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
  const steps = page.locator('.doing > .procedure')
  await expect(steps.getByText(/toward you until the needle is up\..*Lift the presser foot.*Switch off/)).toBeVisible()
  await expect(
    steps.getByText('Off whenever a foot, needle or needle plate is changed, and while the needle is threaded.'),
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
  expect(at('Retract the lower knife')).toBeGreaterThan(at('Switch off'))
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

/** The ids of the steps that are read aloud, each once, and what is read. */
const readAloud = async (page: Page): Promise<{ ids: string[]; said: string[] }> => {
  const sheet = page.getByRole('dialog', { name: 'Read aloud' })
  const line = sheet.locator('.said')
  const [ids, said]: string[][] = [[], []]
  for (;;) {
    const id = await line.getAttribute('data-step')
    if (id !== null && ids?.at(-1) !== id) ids?.push(id)
    said?.push(await line.innerText())
    if (await sheet.getByRole('button', { name: /^Next / }).isDisabled()) break
    await page.keyboard.press(' ')
  }
  return { ids: ids ?? [], said: said ?? [] }
}

test('read aloud is the card’s own list, line by line, and what comes in between comes back to its line', async ({
  page,
}) => {
  await signIn(page, 'guest', blindHem)
  await expect(page.getByRole('heading', { name: 'Ready' })).toBeVisible()
  await page.keyboard.press('r')
  const sheet = page.getByRole('dialog', { name: 'Read aloud' })
  await expect(sheet).toContainText('Larkfen Plover 60')
  await expectAccessible(page)
  for (let i = 0; i < 4; i++) await page.keyboard.press(' ')
  const left = await sheet.locator('.said').innerText()
  await sheet.getByRole('button', { name: 'The bobbin is empty' }).click()
  // What endangers hands there is said before the move.
  await expect(sheet.locator('.said')).toContainText('Off whenever a foot, needle or needle plate is changed')
  await page.keyboard.press(' ')
  await expect(sheet.locator('.said')).toContainText(/needle is up|Switch off/)
  await page.keyboard.press('Escape')
  await expect(sheet.locator('.said')).toHaveText(left)
  for (let i = 0; i < 4; i++) await page.keyboard.press('ArrowLeft')
  const { ids } = await readAloud(page)
  await page.keyboard.press('Escape')
  await expect(sheet).toBeHidden()
  const shown = await page.locator('.doing [data-step]').evaluateAll((all) => all.map((it) => it.dataset['step']))
  expect(shown.length).toBeGreaterThan(10)
  expect(ids).toEqual(shown)
})

/** The design's worked cases: words in the order in which they must come, on the page and aloud. */
const WORKED: [name: string, query: string, words: string[], never: RegExp][] = [
  [
    'a dial machine',
    'm=ketch&t=buttonhole&f=cotton-shirting',
    [
      'The buttonhole dial chooses the stitch. Set the width between 4 and 5',
      'Turn the buttonhole dial to 1',
      'Turn the handwheel',
      'Switch on',
      'Place 1: the near bar',
      'to 6',
    ],
    /leave (the width|the length|everything)/i,
  ],
  [
    'a lock key',
    'm=heron-200&t=walking-foot-quilting&f=cotton-shirting&way=walking-foot',
    [
      'Press the lock key',
      'Fit a universal needle, size 70',
      'U·WALK',
      'Its fork goes over',
      'Press the lock key again',
      'handwheel',
    ],
    /Switch off/,
  ],
  [
    'an overlocker’s loopers',
    'm=eddy-4&t=rolled-edge&f=chiffon',
    [
      'thread out of each needle',
      'Thread the lower looper',
      'Thread each needle',
      'Shut the looper cover',
      'Switch on',
    ],
    /step again/,
  ],
  [
    'a circular attachment',
    'm=heron-200&t=circles&f=cotton-shirting',
    [
      'Wind a full bobbin',
      'Put a full bobbin in',
      'circular attachment',
      'Set the slide to your radius and lock it',
      'Take the cap off the pin',
      'handwheel',
    ],
    /step again/,
  ],
  [
    'a sensor buttonhole',
    'm=plover-60&t=buttonhole&f=cotton-shirting',
    ['Put the button in', 'LF·12', 'lever all the way down. Push it back', 'first on a scrap', 'lever up'],
    /push it back.*Push it back behind its stop/s,
  ],
  [
    'thick thread',
    'm=plover-60&t=bobbin-work&f=cotton-shirting&method=loose-case',
    ['Wind the thick thread', 'under its spring', 'in for the everyday case', 'tension to 6'],
    /step again/,
  ],
]
for (const [name, query, words, never] of WORKED)
  test(`${name}: told in its order on the page and aloud`, async ({ page }) => {
    await signIn(page, 'guest', `/card?${query}`)
    const list = page.locator('.doing > .procedure').first()
    await expect(list).toBeVisible()
    const shown = await list.innerText()
    const inOrder = (text: string) => {
      let at = 0
      for (const word of words) {
        const found = text.indexOf(word, at)
        expect(found, `${word} in ${text}`).toBeGreaterThanOrEqual(0)
        at = found
      }
    }
    inOrder(shown)
    expect(shown).not.toMatch(never)
    await page.keyboard.press('r')
    inOrder((await readAloud(page)).said.join('\n'))
  })

test('holes that are measured at their step set the width', async ({ page }) => {
  await signIn(page, 'guest', '/card?m=plover-60&t=button-sew-on&f=wool-suiting')
  const holes = page.getByLabel('Hole to hole')
  await holes.fill('3,4')
  await holes.press('Enter')
  await expect(page).toHaveURL(/measured=holeSpacing(:|%3A)3\.4/)
  const width = page.locator('.value', { has: page.getByRole('heading', { name: 'Width' }) })
  await expect(width.locator('.figure')).toHaveText(/3\.4/)
  await expect(page.getByLabel('Hole to hole')).toHaveValue('3.4')
  await expectAccessible(page)
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
  await expect(
    page.getByText(/“One step, a lever foot on a dial machine”: This needs a mechanical machine or a computerised/),
  ).toBeVisible()
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

test('on paper what is shut on the screen stands open', async ({ page }) => {
  await signIn(page, 'guest', '/card?m=halyard-9&t=blind-hem&f=stretch-jersey')
  const shut = page.locator('details').filter({ hasText: 'The needle breaks' }).getByRole('listitem').first()
  await expect(page.getByText('The needle breaks').first()).toBeVisible()
  await expect(shut).toBeHidden()
  await page.emulateMedia({ media: 'print' })
  await expect(shut).toBeVisible()
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

test('a card prints on A5 pages, what is laid on a desk on A4', async ({ page }) => {
  await signIn(page, 'guest', blindHem)
  await expect(page.getByRole('heading', { name: 'Ready' })).toBeVisible()
  const sheets = await pagesOf(page)
  expect(sheets.length).toBeLessThanOrEqual(3)
  for (const size of sheets) expect(size).toEqual([148, 210])
  await page.goto(blindHem.replace('/card?', '/translate?to=ketch&'))
  await expect(page.getByRole('heading', { name: 'From the Plover 60 to the Ketch' })).toBeVisible()
  for (const size of await pagesOf(page)) expect(size).toEqual([210, 297])
})

test('picks and rooms stay in sight, however long the page', async ({ page }) => {
  await signIn(page, 'maren', '/shop')
  await page.getByRole('link', { name: 'Take one from elsewhere' }).scrollIntoViewIfNeeded()
  await page.evaluate(() => window.scrollTo(0, document.documentElement.scrollHeight))
  await expect.poll(() => page.evaluate(() => window.scrollY)).toBeGreaterThan(100)
  await expect(page.getByLabel('Machine', { exact: true })).toBeInViewport()
  await expect(page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: 'Desk' })).toBeInViewport()
})

test('the machine is drawn with the steps at their places, and follows the step that is looked at', async ({
  page,
}) => {
  await signIn(page, 'guest', '/card?m=eddy-4&t=rolled-edge&f=cotton-shirting')
  const map = page.locator('.stage-map')
  await expect(map.getByRole('button', { name: 'from the front' })).toHaveAttribute('aria-pressed', 'true')
  await expect(map.getByRole('img')).toHaveAccessibleName(/Looper cover, step \d+/)
  await page.locator('[data-step]').filter({ hasText: 'cutting width' }).first().hover()
  await expect(map.getByRole('button', { name: 'with the cover open' })).toHaveAttribute('aria-pressed', 'true')
  await expect(map.locator('.hand')).toContainText('Cutting width')
  await expectAccessible(page)
  await expectNoSidewaysScroll(page)
  // Read aloud, each line shows its own control, named.
  await page.keyboard.press('r')
  const aloud = page.getByRole('dialog', { name: 'Read aloud' })
  for (
    let line = 0;
    line < 40 &&
    !(await aloud
      .getByText(/upper knife/i)
      .first()
      .isVisible());
    line++
  )
    await page.keyboard.press(' ')
  await page.keyboard.press(' ')
  await expect(aloud.locator('.step-map').getByRole('img')).toHaveAccessibleName('By the needle: Upper knife')
})

test('the card goes on paper with a code that opens it without an account', async ({ page, browser }) => {
  await signIn(page, 'osk', '/card?m=plover-60&t=blind-hem&f=wool-suiting')
  await expect(page.getByRole('heading', { name: 'Ready' })).toBeVisible()
  const arrives = page.waitForEvent('download')
  await page.keyboard.press('p')
  const pdf = readFileSync(await (await arrives).path())
  const [code] = codesIn(pdf)
  const { pathname } = new URL(code as string)
  const pocket = await browser.newContext({ viewport: { width: 360, height: 740 } })
  const phone = await pocket.newPage()
  await phone.goto(pathname)
  await expect(phone.getByRole('heading', { name: 'Blind hem', exact: true })).toBeVisible()
  await pocket.close()
})
