import AxeBuilder from '@axe-core/playwright'
import { expect, type Page } from '@playwright/test'

/** Comes in through the sign-in page, as a person of the demo. */
export const signIn = async (page: Page, name: 'maren' | 'osk' | 'guest', path = '/'): Promise<void> => {
  await page.goto(path)
  await page.getByRole('button', { name: new RegExp(`^${name},`) }).click()
  await expect(page.getByRole('navigation', { name: 'Rooms' })).toBeVisible()
}

/**
 * No serious or critical finding of the automated accessibility check. The page has no frames, and nobody reads what it
 * passed: asking for neither takes an eighth of the time on a page with a long table.
 */
export const expectAccessible = async (page: Page): Promise<void> => {
  const check = new AxeBuilder({ page }).setLegacyMode(true).options({ resultTypes: ['violations'] })
  const { violations } = await check.analyze()
  const grave = violations.filter(({ impact }) => impact === 'serious' || impact === 'critical')
  expect(grave.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' | ')}`)).toEqual([])
}

/** Nothing runs out of the window sideways. */
export const expectNoSidewaysScroll = async (page: Page): Promise<void> => {
  const [wide, window] = await page.evaluate(() => [document.documentElement.scrollWidth, innerWidth])
  expect(wide).toBeLessThanOrEqual(window as number)
}
