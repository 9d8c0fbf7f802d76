import type { Page } from '@playwright/test'
import { enter, expect, test } from './testing/lot'

/**
 * What a screen may weigh and hold with 500 units on the lot, whatever machine it is measured on: bytes of the document and its
 * data, elements at once, and of the first screen the scripts, compressed.
 */
const DOCUMENT = 300_000
const ELEMENTS = 3_000
const SCRIPTS = 350_000

test.use({ baseURL: process.env.HITCHET_LARGE_ADDRESS })

/** A household of the large lot with much to show: the other lot's are other people. */
async function large(page: Page): Promise<string> {
  await page.goto('/')
  return (await page
    .getByRole('link', { name: /Castellane/ })
    .first()
    .getAttribute('href'))!
}

test('with 500 units no screen weighs more than one screen shows', async ({ page }) => {
  await enter(page, 'consultant', 'the large lot')
  const at = await large(page)
  for (const address of [
    '/',
    '/yard',
    at,
    `${at}/yard`,
    `${at}/match`,
    `${at}/compare`,
    `${at}/units/B-0`,
    `${at}/units/B-0/walk`,
    `${at}/after`,
    '/yard/B-0/tape',
  ]) {
    await test.step(address, async () => {
      const response = await page.goto(address)
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
      await expect(
        page.getByText(
          /ranking the yard|still being worked out|Still figuring|Still comparing|Looking what they wait for|Reading the plan/,
        ),
      ).toHaveCount(0)
      expect.soft((await response!.body()).length, 'bytes of the document').toBeLessThan(DOCUMENT)
      expect.soft(await page.locator('*').count(), 'elements').toBeLessThan(ELEMENTS)
    })
  }
})

test('with 500 units no first screen asks for more scripts than its budget', async ({ page, browser }) => {
  await enter(page, 'consultant', 'the large lot')
  const at = await large(page)
  const signedIn = await page.context().storageState()
  for (const address of ['/', '/yard', at, `${at}/match`, `${at}/compare`, `${at}/units/B-0`]) {
    await test.step(address, async () => {
      // As on a device that has nothing yet.
      const fresh = await browser.newContext({ storageState: signedIn, baseURL: process.env.HITCHET_LARGE_ADDRESS })
      const first = await fresh.newPage()
      await first.goto(address)
      await first.waitForLoadState('networkidle')
      const scripts = await first.evaluate(() =>
        (performance.getEntriesByType('resource') as PerformanceResourceTiming[])
          .filter(({ initiatorType, name }) => initiatorType === 'script' || name.endsWith('.js'))
          .reduce((sum, { encodedBodySize }) => sum + encodedBodySize, 0),
      )
      expect.soft(scripts, 'bytes of scripts, compressed').toBeGreaterThan(100_000)
      expect.soft(scripts, 'bytes of scripts, compressed').toBeLessThan(SCRIPTS)
      await fresh.close()
    })
  }
})

test('the yard is narrowed by the server: any unit of the 500 is found, and its address can be handed on', async ({
  page,
}) => {
  await enter(page, 'consultant', 'the large lot')
  await page.goto('/yard')
  await expect(page.getByRole('listitem')).toHaveCount(10)
  await page.getByRole('heading', { level: 1 }).click()
  await page.keyboard.press('Control+f')
  await expect(page.getByLabel('Narrow the yard')).toBeFocused()
  await page.keyboard.type('b-487')
  await expect(page.getByText('1 of 500')).toBeVisible()
  await expect(page.getByRole('link', { name: /./ }).filter({ hasText: /^\w+ \d+ \w+/ })).toHaveCount(1)
  await expect(page).toHaveURL(/q=b-487/)
  await page.reload()
  await expect(page.getByText('1 of 500')).toBeVisible()
  await page.getByLabel('Narrow the yard').fill('')
  await page.getByRole('listitem').nth(9).scrollIntoViewIfNeeded()
  await expect(page.getByRole('listitem').nth(12)).toBeVisible()
})

test('matters move any of the entries to the front, also one whose row had not been fetched', async ({ page }) => {
  await enter(page, 'consultant', 'the large lot')
  const at = await large(page)
  await page.goto(`${at}/match`)
  const rows = page.getByRole('group', { name: /^B-\d+ / })
  const first = await rows.first().getAttribute('aria-label')
  await page.getByText('What matters to them').click()
  for (const slider of await page.getByRole('slider').all()) await slider.fill('0')
  await page.getByRole('slider', { name: /Season/ }).fill('4')
  await expect(page.getByText('Fetching them …')).toHaveCount(0)
  await expect(rows.first()).not.toHaveAttribute('aria-label', first!)
  // Every reason comes when it is asked for.
  await rows.first().getByRole('button', { name: 'All reasons' }).click()
  await expect(
    rows.first().getByText('Does everybody have a berth?').or(rows.first().getByText(/\?$/).first()),
  ).toBeVisible()
})
