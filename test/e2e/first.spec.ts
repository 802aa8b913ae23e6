import { expect, test } from '@playwright/test'
import { rmSync } from 'node:fs'
import { startMariadb } from '../../launcher/mariadb.mjs'
import { inProject } from '../../launcher/places.mjs'
import { startServer } from '../../launcher/start.mjs'
import { expectAccessible, expectNoSidewaysScroll } from './people'

/** A make with one machine and its foot, as a shop would be sent it. */
const CATALOGUE = {
  format: 'handhold-catalogue',
  version: 3,
  makes: [{ id: 'gannet', name: 'Gannet' }],
  functions: [],
  threads: [],
  models: [
    {
      id: 'gannet-one',
      make: 'gannet',
      name: 'One',
      kind: 'mechanical',
      shank: 'low',
      attachment: 'snapOn',
      maxWidth: 5,
      features: [],
      supplied: ['gannet-standard', 'gannet-plate'],
      scales: { length: { shows: 'mm', from: 0, to: 4, step: 0.5, kept: true } },
      stitches: [
        { id: 'a', select: 'A', function: 'straight', motion: 'forward', defaults: { width: 0, length: 2.5 } },
        { id: 'b', select: 'B', function: 'zigzag', motion: 'forward', defaults: { width: 3, length: 1.5 } },
      ],
    },
  ],
  items: [
    {
      id: 'gannet-standard',
      make: 'gannet',
      code: 'G1',
      name: 'standard foot',
      what: 'foot',
      functions: ['standard'],
      attachment: 'snapOn',
      slot: 5.5,
    },
    { id: 'gannet-plate', make: 'gannet', code: 'G2', name: 'needle plate', what: 'plate', slot: 5.5 },
  ],
  fits: [],
  fabrics: [],
  techniques: [],
  samples: [],
}

let database: Awaited<ReturnType<typeof startMariadb>>
let server: Awaited<ReturnType<typeof startServer>>
test.beforeAll(async () => {
  const folder = inProject('test-results', 'first-mariadb')
  rmSync(folder, { recursive: true, force: true })
  database = await startMariadb({ folder })
  server = await startServer({ databaseUrl: database.url, port: 0, demo: 'no' })
})
test.afterAll(async () => {
  await server.stop()
  await database.stop()
})

test('a shop with nothing in it: the lead’s account, what each room says, a catalogue, the first card', async ({
  page,
}) => {
  await page.goto(server.url)
  await expect(page.getByRole('heading', { name: 'A new shop' })).toBeVisible()
  await expectAccessible(page)
  await page.getByLabel('Your name').fill('Runa Vik')
  await page.getByLabel('Name to sign in with').fill('runa')
  await page.getByLabel('Password').fill('short')
  await page.getByRole('button', { name: 'Begin' }).click()
  await expect(page.getByRole('alert')).toContainText(
    'Not everything is right yet.\npassword: at least eight characters',
  )
  await page.getByLabel('Password').fill('seven-long-seams')
  await page.getByRole('button', { name: 'Begin' }).click()

  await expect(page.getByText('The shop has no machines yet.')).toBeVisible()
  for (const room of ['Coverage', 'Workbench', 'Practice', 'Classes', 'Desk', 'Shelf', 'Log', 'Shop']) {
    await page.getByRole('navigation', { name: 'Rooms' }).getByRole('link', { name: room, exact: true }).click()
    await expect(page.getByRole('heading').first(), room).toBeVisible()
    await expect(page.getByRole('alert'), `nothing went wrong in ${room}`).toHaveCount(0)
    // The first useful act: a button or a link in the room itself.
    await expect(page.locator('main').locator('a, button').first(), room).toBeVisible()
    await expectAccessible(page)
    await expectNoSidewaysScroll(page)
  }

  await page.getByRole('button', { name: 'Take the shipped techniques in' }).click()
  await expect(page.getByText(/stitches, threads, fabrics and techniques are in/)).toBeVisible()
  await page.getByRole('link', { name: 'Take one from elsewhere' }).click()
  await page.getByLabel('File').setInputFiles({
    name: 'gannet.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(CATALOGUE)),
  })
  await page.getByLabel('published by').fill('Gannet')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Take in' }).click()
  await expect(page.getByText(/Taken: 6 added, 0 changed/)).toBeVisible()

  await page.keyboard.press('Escape')
  await page.locator('body').click({ position: { x: 20, y: 700 } })
  await page.keyboard.press('/')
  // A machine that is called as many things are is asked for, and one key answers.
  await page.keyboard.type('overcast one cotton shirting')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('search')).toContainText('Is it this?')
  await page.keyboard.press('1')
  await expect(page.getByRole('heading', { name: 'Ready' }).or(page.getByText('Another route').first())).toBeVisible()
  await expectAccessible(page)

  // A second one cannot be begun, and the first comes in again.
  await page.getByRole('link', { name: /Signed in as Runa Vik/ }).click()
  await page.getByRole('button', { name: 'Sign out' }).click()
  await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible()
  await page.getByLabel('Name').fill('runa')
  await page.getByLabel('Password').fill('seven-long-seams')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('navigation', { name: 'Rooms' })).toBeVisible()
})
