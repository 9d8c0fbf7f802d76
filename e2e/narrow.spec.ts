import { enter, expect, expectAccessible, householdAt, test } from './testing/lot'

/** A telephone held upright, and a desk's screen at twice its size. */
const VIEWPORTS = { 'a telephone': { width: 390, height: 800 }, '200 % zoom': { width: 640, height: 400 } }

for (const [held, viewport] of Object.entries(VIEWPORTS))
  test(`on ${held}: nothing is cut, nothing runs out sideways, all can be read and pressed`, async ({ page }) => {
    await enter(page)
    const at = await householdAt(page, /Okoro/)
    await page.setViewportSize(viewport)
    for (const address of [
      '/',
      at,
      `${at}/match`,
      `${at}/compare?units=T-118,T-143`,
      `${at}/units/T-118`,
      `${at}/units/T-118?view=readings`,
      `${at}/after`,
      '/outbox',
    ]) {
      await test.step(address, async () => {
        await page.goto(address)
        await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
        await expect(page.getByText(/ranking the yard|Looking what they wait for|Reading the plan/)).toHaveCount(0)
        const beyond = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)
        expect(beyond).toBeLessThanOrEqual(0)
        await expectAccessible(page)
      })
    }
  })
