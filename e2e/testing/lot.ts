import { AxeBuilder } from '@axe-core/playwright'
import { expect, test as base, type Page } from '@playwright/test'

/** A page on which any script error or refused resource fails the test. */
export const test = base.extend({
  page: async ({ page }, use) => {
    const faults: string[] = []
    page.on('pageerror', (error) => faults.push(error.message))
    page.on('console', (message) => {
      if (message.type() === 'error' && !/Failed to load resource|net::ERR/.test(message.text())) faults.push(message.text())
    })
    await use(page)
    expect(faults, 'errors on the page').toEqual([])
  },
})

export { expect }

/** One click in demo mode. */
export async function enter(page: Page, role: 'consultant' | 'manager' = 'consultant'): Promise<void> {
  await page.goto('/sign-in')
  await page.getByRole('button', { name: new RegExp(`, ${role}$`) }).click()
  await expect(page.getByRole('heading', { name: /Good to see you/ })).toBeVisible()
}

/** The address of a demo household: `/households/...`. */
export async function householdAt(page: Page, name: string | RegExp): Promise<string> {
  await page.goto('/')
  return (await page.getByRole('link', { name }).first().getAttribute('href'))!
}

/** No violation of WCAG 2.2 A and AA that axe can find. */
export async function expectAccessible(page: Page): Promise<void> {
  // A drawing is one image to a reader; its hundreds of lines are not looked at one by one.
  const { violations } = await new AxeBuilder({ page }).exclude('svg[role=img] > g').withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']).analyze()
  expect(violations.map(({ id, nodes }) => `${id}: ${nodes.slice(0, 3).map(({ target }) => target.join(' ')).join(' | ')}`)).toEqual([])
}

/** The name of the person's own making, so that tests do not meet each other's. */
export const unique = (name: string): string => `${name} ${Math.random().toString(36).slice(2, 7)}`
