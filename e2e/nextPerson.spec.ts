import type { Page } from '@playwright/test'
import { enter, expect, householdAt, test } from './testing/lot'

test.use({ serviceWorkers: 'allow' })

const WORDS = 'They whisper of a blue canoe'

/** Of what this device keeps: names of drafts, and addresses of pages. */
const keptHere = (page: Page) =>
  page.evaluate(async () => ({
    drafts: Object.keys(localStorage).filter((key) => key.startsWith('hitchet:')),
    pages: (await (await caches.open('pages')).keys()).map(({ url }) => new URL(url).pathname),
  }))

/** A household with a draft typed into it, gone on from by a click as people do. */
async function typedInto(page: Page): Promise<string> {
  const at = await householdAt(page, /Okoro/)
  await page.goto(at)
  await page.getByLabel('Notes').fill(WORDS)
  await expect.poll(async () => (await keptHere(page)).drafts.length).toBeGreaterThan(0)
  await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'Compare' }).click()
  await expect(page).toHaveURL(/compare/)
  return at
}

test('a session that ended leaves nothing to the next person: not by Back, not on the device', async ({
  page,
  context,
}) => {
  await enter(page)
  const at = await typedInto(page)
  await context.clearCookies()
  await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'Yard' }).click()
  await expect(page).toHaveURL(/sign-in$/)
  await page.getByRole('button', { name: /, lot hand$/ }).click()
  await expect(page).toHaveURL(/\/yard$/)
  const kept = await keptHere(page)
  expect(kept.drafts).toEqual([])
  expect(kept.pages.filter((path) => path.startsWith('/households'))).toEqual([])
  for (let i = 0; i < 5; i++) {
    // What one goes back to may go on by itself.
    await page.goBack().catch(() => undefined)
    await page.waitForLoadState('networkidle')
    await expect(page.locator('body')).not.toContainText(/Okoro|blue canoe/)
  }
  // Nor where the line goes: what was kept of them is not there any more.
  await context.setOffline(true)
  await page.goto(at).catch(() => undefined)
  await expect(page.locator('body')).not.toContainText(/Okoro|blue canoe/)
})

test('who signs in again finds what they typed', async ({ page, context }) => {
  await enter(page)
  const at = await typedInto(page)
  await context.clearCookies()
  await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'Yard' }).click()
  await expect(page).toHaveURL(/sign-in$/)
  await page.getByRole('button', { name: /, consultant$/ }).click()
  await expect(page.getByRole('heading', { name: /Good to see you/ })).toBeVisible()
  await page.goto(at)
  await expect(page.getByLabel('Notes')).toHaveValue(WORDS)
})

test('a page that was kept is not opened without a line once its session is over', async ({ page, context }) => {
  await enter(page)
  const at = await householdAt(page, /Okoro/)
  const walk = `${at}/units/T-119/walk`
  await page.goto(walk)
  await page.getByRole('heading', { name: /^Walk round/ }).waitFor()
  await expect.poll(async () => (await keptHere(page)).pages).toContain(walk)
  await page.evaluate(async (path) => {
    const shelf = await caches.open('pages')
    const kept = (await shelf.match(path))!
    const html = (await kept.text()).replace(
      /(<meta name="hitchet-kept-until" content=")[^"]+/,
      `$1${new Date(Date.now() - 1_000).toISOString()}`,
    )
    await shelf.put(path, new Response(html, { headers: kept.headers }))
  }, walk)
  await context.setOffline(true)
  await page.goto(walk)
  await expect(page.getByRole('heading', { name: /this page is not on this device/ })).toBeVisible()
  await expect(page.locator('body')).not.toContainText('Okoro')
  expect((await keptHere(page)).pages).toEqual([])
})
