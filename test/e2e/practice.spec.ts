import { expect, test, type Page } from '@playwright/test'
import type { Trial } from '#core/practice/trial'
import { expectAccessible, signIn } from './people'

const rolled = '/practice?m=eddy-4&t=rolled-edge&f=chiffon'
const place = (page: Page, control: string, to: string) =>
  page.getByRole('group', { name: control, exact: true }).getByRole('button', { name: to, exact: true })

// What is tried of rules and samples is tried on the list; the drawing has a test of its own.
test.beforeEach(({ page }) => page.addInitScript(() => localStorage.setItem('handhold.practice.drawn', 'false')))

test('an overlocker is set up: an illegal move, a hazard, a duty, the setup reached', async ({ page }) => {
  await signIn(page, 'osk', rolled)
  await page.getByRole('button', { name: 'What comes next' }).click()
  await expect(page.getByRole('status')).toContainText(/Next: Switch off/)
  await place(page, 'stitch finger', 'off').click()
  await expect(page.getByRole('status')).toContainText('It does not move.')
  await expect(page.getByRole('status')).toContainText('the lower knife stands in front of it')
  await expect(place(page, 'stitch finger', 'on')).toHaveAttribute('aria-pressed', 'true')

  await place(page, 'power', 'off').click()
  await page.getByRole('button', { name: 'I mind that' }).click()
  await page.getByLabel('Fitted needle').selectOption('sharp 60')
  await page.getByRole('button', { name: 'Done that' }).click()
  await place(page, 'left needle', 'out').click()
  await expect(page.getByLabel('Still to be done')).toContainText('Tighten its clamp screw')
  await page.getByRole('button', { name: 'Done that' }).click()
  await place(page, 'upper knife', 'disengaged').click()
  await expect(page.getByText('Blades: move them by their levers')).toBeVisible()
  await page.getByRole('button', { name: 'I mind that' }).click()
  await place(page, 'lower knife', 'retracted').click()
  await place(page, 'stitch finger', 'off').click()
  await expect(place(page, 'stitch finger', 'off')).toHaveAttribute('aria-pressed', 'true')
  await place(page, 'lower knife', 'forward').click()
  await place(page, 'upper knife', 'engaged').click()
  await place(page, 'hem selector', 'rolled').click()
  await place(page, 'looper cover', 'open').click()
  await page.getByLabel('Lower looper thread').selectOption({ label: 'overlock cone' })
  await page.getByLabel('Upper looper thread').selectOption({ label: 'lofty nylon' })
  await page.getByLabel('Needle thread').selectOption({ label: 'overlock cone' })
  await page.getByRole('button', { name: 'Sew a test' }).click()
  await expect(page.getByRole('heading', { name: 'Nothing sewn' })).toBeVisible()
  await expect(page.getByText('the power is off')).toBeVisible()
  await place(page, 'power', 'on').click()
  await expect(page.getByRole('status')).toContainText('It does not move.')
  await place(page, 'looper cover', 'shut').click()
  await page.getByLabel('Chosen stitch').selectOption({ label: 'Settings row F (Rolled, three threads)' })
  const trial = (await (
    await page.request.get(
      `/api${rolled.replace('?m=', '?model=').replace('&t=', '&technique=').replace('&f=', '&fabric=')}`,
    )
  ).json()) as Trial
  const labels = {
    length: 'Length',
    differential: 'Differential feed',
    'tension:upperLooper': 'Upper looper tension',
    'tension:lowerLooper': 'Lower looper tension',
    'tension:rightNeedle': 'Right needle tension',
    cuttingWidth: 'Cutting width',
  }
  for (const [parameter, label] of Object.entries(labels)) {
    const shown = trial.answer.settings[parameter as keyof typeof labels]?.shown ?? ''
    await page.getByLabel(label, { exact: true }).fill(shown.replace(/^.*dial at /, ''))
    await page.keyboard.press('Tab')
  }
  await page.getByRole('button', { name: 'Turn it once round' }).click()
  await place(page, 'power', 'on').click()
  await place(page, 'presser foot', 'down').click()
  await page.getByRole('button', { name: 'Sew a test' }).click()
  await expect(page.getByRole('heading', { name: 'Sewn well' })).toBeVisible()
  // The same on the drawing, under the needle.
  await page.getByRole('button', { name: 'Drawn' }).click()
  const piece = page.getByRole('img', { name: 'What was sewn, from its right and its wrong side' })
  await expect(piece).toContainText('wrong side')
  await page.getByRole('button', { name: 'As a list' }).click()
  await page.getByRole('button', { name: 'Done', exact: true }).click()
  const went = page.locator('.review')
  await expect(went).toContainText('It stands as the card has it')
  await expect(went).toContainText('The machine refused 2 moves: stitch finger to off and power to on.')
  await expect(went).not.toContainText('Left undone')
  await expect(went).not.toContainText('Passed by')
  await expectAccessible(page)
})

test('a wrong width sews badly, a wider one strikes, the right one sews well', async ({ page }) => {
  await signIn(page, 'osk', '/whatif?m=plover-60&t=blind-hem&f=wool-suiting')
  await expect(page.getByRole('heading', { name: 'It would sew well' })).toBeVisible()
  const right = await page.getByLabel('Width', { exact: true }).inputValue()
  const set = async (value: string) => {
    await page.getByLabel('Width', { exact: true }).fill(value)
    await page.keyboard.press('Tab')
  }
  await set(String(Number(right) + 0.5))
  await expect(page.getByRole('heading', { name: 'It would sew, not well' })).toBeVisible()
  await expect(page.getByText('Dots long on the right side: width too high')).toBeVisible()
  await set('6')
  await expect(page.getByRole('heading', { name: 'It would not sew' })).toBeVisible()
  await expect(page.getByText('Stop. The needle would')).toBeVisible()
  await page.getByLabel('Chosen stitch').selectOption({ label: 'Utility 106 (Zigzag)' })
  await expect(page.getByText(/That takes back .*width to 3\.5/)).toBeVisible()
  await page.getByRole('button', { name: 'As the card says' }).click()
  await expect(page.getByLabel('Width', { exact: true })).toHaveValue(right)
  await expectAccessible(page)
})

test('a card’s settings are sent to the machine and read back; a link practises without an account', async ({
  page,
  browser,
  baseURL,
}) => {
  await signIn(page, 'osk', '/card?m=plover-60&t=blind-hem&f=wool-suiting')
  await page.getByRole('button', { name: 'To the practice machine' }).click()
  await expect(page.getByText(/Sent\. It shows Utility 114 \(Blind hem\), width \d/)).toBeVisible()
  await page.getByRole('link', { name: 'Go to the machine' }).click()
  await expect(page.getByRole('combobox', { name: 'Chosen stitch' })).toHaveValue('s-utility-114')

  await page.getByText('Let somebody practise this without an account').click()
  await page.getByLabel('For whom, for the shop only').fill('a caller')
  await page.getByRole('button', { name: 'Make a link' }).click()
  const address = await page.locator('.made').textContent()
  const other = await (await browser.newContext({ baseURL: baseURL as string })).newPage()
  await other.goto(address as string)
  await expect(other.getByRole('heading', { level: 1 })).toContainText('Blind hem on the Plover 60')
  await other.getByRole('button', { name: 'As a list' }).click()
  await place(other, 'power', 'off').click()
  await other.getByRole('button', { name: 'Done', exact: true }).click()
  await other.getByLabel('Tell the shop how it went; your name').fill('Sunniva')
  await other.getByRole('button', { name: 'Send it to the shop' }).click()
  await expect(other.getByText('Sent. Thank you.')).toBeVisible()
})

test('the card is planned anew from how the machine stands', async ({ page }) => {
  await signIn(page, 'osk', '/card?m=eddy-4&t=rolled-edge&f=chiffon')
  const steps = page.locator('.doing > .procedure li')
  await expect(steps.filter({ hasText: 'Retract the lower knife' })).toHaveCount(1)
  await page.getByText('How does it stand now?').click()
  await page.getByLabel('Stitch finger').selectOption('off')
  await expect(steps.filter({ hasText: 'Retract the lower knife' })).toHaveCount(0)
  await expect(page).toHaveURL(/now=stitchFinger/)
  await page.getByLabel('Stitch finger').selectOption('?')
  await expect(steps.filter({ hasText: 'Retract the lower knife' })).toHaveCount(1)
  await page.getByText('Back to normal sewing').click()
  await expect(page.locator('[data-back]').filter({ hasText: 'Bring the stitch finger back on' })).toHaveCount(1)
})

test('the drawn machine is handled by mouse and keys, a refusal shows at what forbids it, the list is in step', async ({
  page,
}) => {
  await signIn(page, 'osk', '/practice?m=eddy-4&t=rolled-edge&f=cotton-shirting')
  await page.getByRole('button', { name: 'Drawn' }).click()
  await page.getByRole('button', { name: 'by the needle' }).click()
  const finger = page.getByRole('button', { name: /^Stitch finger: / })
  await expect(finger).toHaveAccessibleName('Stitch finger: on')
  await finger.locator('.control').click()
  await expect(page.getByText('It does not move.')).toBeVisible()
  await expect(page.locator('.wrong')).toContainText('Lower knife')
  await expectAccessible(page)

  // By keys alone: power off, the knives out of the way, then the finger moves.
  await page.getByRole('button', { name: 'from the right' }).focus()
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: /^Power: / }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: 'Power: off' })).toBeVisible()
  await page.getByRole('button', { name: 'by the needle' }).focus()
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: /^Upper knife: / }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: 'Upper knife: disengaged' })).toBeVisible()
  await page.getByRole('button', { name: /^Lower knife: / }).focus()
  await page.keyboard.press(' ')
  await expect(page.getByRole('button', { name: 'Lower knife: retracted' })).toBeVisible()
  await finger.focus()
  await page.keyboard.press(' ')
  await expect(finger).toHaveAccessibleName('Stitch finger: off')
  await expect(page.locator('.wrong')).toHaveCount(0)
  await page.getByRole('button', { name: 'As a list' }).click()
  await expect(
    page.getByRole('group', { name: 'stitch finger' }).getByRole('button', { name: 'off', exact: true }),
  ).toHaveAttribute('aria-pressed', 'true')
})

test('a lesson of three tasks is made from cards and sewn through; where somebody hung is told', async ({ page }) => {
  // The machine comes after the name was typed, as on a busy evening.
  let letCome = () => {}
  const come = new Promise<void>((done) => (letCome = done))
  await page.route(/\/api\/practice\?/, async (route) => {
    await come
    await route.continue()
  })
  await signIn(page, 'osk', '/practice?m=eddy-4&t=overlock-seam&f=stretch-jersey')
  const name = page.getByLabel('A new one from the picked card, called')
  await name.fill('Seam, back, roll')
  letCome()
  await expect(page.getByRole('button', { name: 'Sew a test' })).toBeVisible()
  await expect(name).toHaveValue('Seam, back, roll')
  await page.getByRole('button', { name: 'Begin it' }).click()
  await expect(page.getByRole('heading', { name: 'Seam, back, roll' })).toBeVisible()
  await page.getByRole('button', { name: 'Add the way back to normal' }).click()
  const tasks = page.getByRole('list', { name: 'Tasks' }).getByRole('listitem')
  await expect(tasks).toHaveCount(2)
  const address = new URL(page.url())
  await page.goto(`${address.pathname}?m=eddy-4&t=rolled-edge&f=chiffon`)
  await page.getByRole('button', { name: 'Add the picked card' }).click()
  await expect(tasks).toHaveCount(3)
  await expect(tasks.nth(2)).toContainText('Rolled edge in chiffon')
  await expectAccessible(page)

  // What is moved in the first task stands so in the next.
  await page.getByRole('button', { name: 'As a list' }).click()
  const other = page.getByRole('group', { name: 'power' }).getByRole('button', { name: 'off', exact: true })
  await other.click()
  await expect(other).toHaveAttribute('aria-pressed', 'true')
  await page.getByRole('button', { name: 'Done', exact: true }).click()
  await expect(tasks.nth(0)).toContainText('not set up')
  await page.getByRole('button', { name: 'Next task' }).click()
  await expect(page.getByRole('heading', { name: 'Task 2: Back to normal sewing' })).toBeVisible()
  await expect(other).toHaveAttribute('aria-pressed', 'true')
  await expect(page.getByText(/^It exercises .*power/)).toBeVisible()
  await page.getByRole('group', { name: 'looper cover' }).getByRole('button', { name: 'open', exact: true }).click()
  await page.getByRole('button', { name: 'Done', exact: true }).click()
  await page.getByRole('button', { name: 'Next task' }).click()
  await expect(page.getByRole('heading', { name: 'Task 3: Rolled edge in chiffon' })).toBeVisible()
  await expect(page.getByRole('group', { name: 'looper cover' }).getByRole('button', { name: 'open' })).toHaveAttribute(
    'aria-pressed',
    'true',
  )

  await page.getByRole('link', { name: 'Practice' }).first().click()
  await page.goto('/practice/progress')
  await expect(page.getByRole('heading', { name: 'To show first' })).toBeVisible()
  await expect(page.getByRole('table', { name: 'By person' }).getByRole('row')).not.toHaveCount(1)
  await expectAccessible(page)
})
