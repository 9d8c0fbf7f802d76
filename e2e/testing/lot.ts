import { AxeBuilder } from '@axe-core/playwright'
import { expect, test as base, type BrowserContext, type Page } from '@playwright/test'

/** A page on which any script error or refused resource fails the test. */
export const test = base.extend({
  page: async ({ page }, use) => {
    const faults: string[] = []
    page.on('pageerror', (error) => faults.push(error.message))
    page.on('console', (message) => {
      if (
        message.type() === 'error' &&
        !/Failed to load resource|net::ERR|Failed to fetch RSC payload/.test(message.text())
      )
        faults.push(message.text())
    })
    await use(page)
    expect(faults, 'errors on the page').toEqual([])
  },
})

export { expect }

export type Role = 'lot hand' | 'consultant' | 'manager'
const sessions = new Map<string, Awaited<ReturnType<BrowserContext['cookies']>>>()

/**
 * Signed in: with one click in demo mode the first time, with that session ever after. Nothing is open yet. `lot`: where the
 * test's own address is another lot than the demo's.
 */
export async function enter(page: Page, role: Role = 'consultant', lot = 'the demo'): Promise<void> {
  const session = sessions.get(`${role} of ${lot}`)
  if (session) return page.context().addCookies(session)
  await page.goto('/sign-in')
  await page.getByRole('button', { name: new RegExp(`, ${role}$`) }).click()
  await expect(page.getByRole('navigation', { name: 'Places' })).toBeVisible()
  sessions.set(`${role} of ${lot}`, await page.context().cookies())
}

const households = new Map<string, string>()

/** The address of a demo household: `/households/...`. */
export async function householdAt(page: Page, name: RegExp): Promise<string> {
  const known = households.get(name.source)
  if (known) return known
  // Other tests add households: those last touched come first on the desk, so all are asked for.
  await page.goto('/?households=60')
  const at = (await page.getByRole('link', { name }).first().getAttribute('href'))!
  households.set(name.source, at)
  return at
}

/** No violation of WCAG 2.2 A and AA that axe can find, or of a few rules of it. */
export async function expectAccessible(page: Page, rules?: string[]): Promise<void> {
  // What has gone half under a head that stays is reached by scrolling, and no smaller for that.
  await page.evaluate(() => window.scrollTo(0, 0))
  // A drawing is one image to a reader; its hundreds of lines are not looked at one by one.
  // Only what is wrong is brought over from the page, and no page has a frame that would want a second look.
  const axe = new AxeBuilder({ page }).exclude('svg[role=img] > g').setLegacyMode(true)
  const { violations } = await axe
    .options({
      resultTypes: ['violations'],
      runOnly: rules
        ? { type: 'rule', values: rules }
        : { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'] },
    })
    .analyze()
  expect(
    violations.map(
      ({ id, nodes }) =>
        `${id}: ${nodes
          .slice(0, 3)
          .map(({ target }) => target.join(' '))
          .join(' | ')}`,
    ),
  ).toEqual([])
}

/** The name of the person's own making, so that tests do not meet each other's. */
export const unique = (name: string): string => `${name} ${Math.random().toString(36).slice(2, 7)}`

/**
 * Presses an entry of an open menu, which shuts it. Until it has its place the menu stands above the screen, and when the page
 * moves it follows a moment later: pressed beside it, it stays open, and is pressed again.
 */
export async function pressEntry(page: Page, name: string | RegExp): Promise<void> {
  const entry = page.getByRole('menuitem', { name })
  await expect(entry).toBeInViewport()
  await expect(async () => {
    if (await entry.isVisible()) await entry.click({ timeout: 10_000 })
    await expect(entry).toBeHidden({ timeout: 10_000 })
  }).toPass()
}

/** A unit that just rolled in, its drawing board open; answers with its stock number, which no other test has. */
export async function takeIn(page: Page): Promise<string> {
  const stock = `E-${Math.random().toString(36).slice(2, 8)}`
  await page.goto('/yard/take-in')
  for (const [label, text] of [
    ['Stock number', stock],
    ['Make', 'Odenwick'],
    ['Model', '15 X'],
    ['Year', '2026'],
    ['Box length, outside', '15 ft'],
    ['Box width, outside', `7'6`],
  ])
    await page.getByRole('textbox', { name: label! }).fill(text!)
  await page.getByRole('button', { name: 'To the drawing board' }).click()
  await expect(page.getByRole('toolbar', { name: 'Drawing' })).toBeVisible()
  return stock
}
