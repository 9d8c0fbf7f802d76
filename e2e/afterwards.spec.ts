import { enter, expect, expectAccessible, householdAt, test } from './testing/lot'

test('a page is made, opened by its link as by a buyer, sent, printed and withdrawn', async ({
  page,
  browser,
  baseURL,
}) => {
  await enter(page)
  const at = await householdAt(page, /Oosterveen/)

  await test.step('it is made from the unit, in four clicks', async () => {
    await page.goto(`${at}/units/T-118`)
    await page.getByRole('link', { name: 'Take home' }).click()
    await expect(page.getByLabel('Units, by stock number')).toHaveValue('T-118')
    await page.getByRole('button', { name: 'Make the page' }).click()
    await expect(page.getByText('Made: it stands below.')).toBeVisible()
    await expectAccessible(page)
  })
  const handed = page.getByRole('article', { name: /^Page of T-118/ }).first()
  const link = (await handed.getByRole('link', { name: 'Open it' }).getAttribute('href'))!

  await test.step('whoever holds the link sees the page and nothing else of the program', async () => {
    const stranger = await browser.newContext({ baseURL, serviceWorkers: 'block' })
    const buyer = await stranger.newPage()
    const response = await buyer.goto(link)
    expect(response!.headers()['x-robots-tag']).toContain('noindex')
    expect(response!.headers()['referrer-policy']).toBe('no-referrer')
    expect(response!.headers()['cache-control']).toContain('no-store')
    await expect(buyer.getByRole('heading', { name: /T-118/ })).toBeVisible()
    await expect(buyer.getByRole('img', { name: /at night/ })).toBeVisible()
    await expect(buyer.getByText('Read these before you decide')).toBeVisible()
    await expect(buyer.getByText(/An estimate, not a rating/)).toBeVisible()
    await expect(buyer.getByRole('navigation')).toHaveCount(0)
    await expectAccessible(buyer)
    // What is told to the eye is all there is: no address of theirs, no other unit, no way in.
    const inside = await buyer.locator('a').evaluateAll((all) => all.map((one) => one.getAttribute('href')))
    expect(inside.every((href) => href!.startsWith(link))).toBe(true)
    expect(await buyer.content()).not.toMatch(/Oosterveen|\/households\//)
    const paper = await buyer.request.get(`${link}/paper/letter`)
    expect(paper.headers()['content-type']).toBe('application/pdf')
    expect((await paper.body()).length).toBeLessThan(500_000)
    await buyer.setViewportSize({ width: 390, height: 800 })
    expect(await buyer.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
    await stranger.close()
  })

  await test.step('the visit is counted; it is sent once they can be reached', async () => {
    await page.reload()
    await expect(handed).toContainText('opened once')
    await expect(handed.getByRole('button', { name: 'Send by email' })).toBeDisabled()
    await page.getByLabel('Email').fill('no address')
    await page.getByRole('button', { name: 'Save' }).click()
    await expect(page.getByText(/right would be an address like/)).toBeVisible()
    await page.getByLabel('Email').fill('bram@post.example')
    await page.getByRole('button', { name: 'Save' }).click()
    await handed.getByRole('button', { name: 'Send by email' }).click()
    await expect(handed.getByText(/nothing was sent/)).toBeVisible()
    await page.goto('/outbox')
    await expect(page.getByRole('article').first()).toContainText('bram@post.example')
    await expect(page.getByRole('article').first()).toContainText(link)
    await expectAccessible(page)
  })

  await test.step('withdrawn it leads nowhere, as a guessed one does', async () => {
    await page.goto(`${at}/after`)
    await handed.getByRole('button', { name: 'Withdraw' }).click()
    await expect(handed).toContainText('withdrawn')
    const stranger = await browser.newContext({ baseURL, serviceWorkers: 'block' })
    const buyer = await stranger.newPage()
    for (const address of [link, `/at-home/${'A'.repeat(43)}`, '/at-home/x']) {
      expect((await buyer.goto(address))!.status(), address).toBe(404)
      await expect(buyer.getByRole('heading', { name: /does not work any more/ })).toBeVisible()
      expect((await buyer.request.get(`${address}/paper/a4`)).status()).toBe(404)
    }
    await stranger.close()
  })

  await test.step('of two units a buyer sees in one table where they differ, also on a phone', async () => {
    await page.goto(`${at}/after`)
    await page.getByLabel('Units, by stock number').fill('T-118, T-170')
    await page.getByRole('button', { name: 'Make the page' }).click()
    await expect(page.getByText('Made: it stands below.')).toBeVisible()
    const two = page.getByRole('article', { name: /^Page of T-118.*T-170/ }).first()
    const stranger = await browser.newContext({ baseURL, serviceWorkers: 'block' })
    const buyer = await stranger.newPage()
    await buyer.goto((await two.getByRole('link', { name: 'Open it' }).getAttribute('href'))!)
    const row = (name: string) => buyer.getByRole('table').getByRole('row', { name: new RegExp(`^${name} `) })
    await expect(row('Asking')).toContainText('$31,900')
    await expect(row('GVWR')).toContainText('5,800 lb')
    await expect(row('Pull it')).toContainText('Tight')
    await expectAccessible(buyer)
    await buyer.setViewportSize({ width: 390, height: 800 })
    expect(await buyer.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390)
    await stranger.close()
  })
})

test('a follow-up stands on the desk on its day, a household that ended does not, and both can be undone', async ({
  page,
}) => {
  await enter(page)
  const at = await householdAt(page, /Brink/)
  await page.goto(`${at}/after`)
  const today = (await page.getByLabel('On', { exact: true }).getAttribute('min'))!
  await page.getByLabel('On', { exact: true }).fill(today)
  await page.getByLabel('Why', { exact: true }).fill('the scale ticket')
  await page.getByRole('button', { name: 'Note it' }).click()
  await expect(page.getByText('It stands on the desk on that day.')).toBeVisible()
  await page.goto('/')
  const due = page.getByRole('region', { name: 'Come back to them today' })
  await expect(due).toContainText('the scale ticket')
  await page.goto(`${at}/after`)
  await page.getByText('the scale ticket').click()
  await expect(page.getByRole('checkbox', { name: /the scale ticket/ })).toBeChecked()
  await page.goto('/')
  await expect(page.getByRole('heading', { name: 'To measure' })).toBeVisible()
  await expect(page.getByText('the scale ticket')).toHaveCount(0)

  await page.goto(`${at}/after`)
  await page.getByLabel('Why, in their words').fill('the truck first')
  await page.getByRole('button', { name: 'Not this year' }).click()
  await expect(page.getByText(/they are off the desk/)).toBeVisible()
  await page.goto('/?households=60')
  await expect(page.getByRole('link', { name: /Okoro/ }).first()).toBeVisible()
  await expect(page.getByRole('link', { name: /Brink/ })).toHaveCount(0)
  await page.getByRole('link', { name: 'Those that ended' }).click()
  await expect(page.getByText('Not this year, “the truck first”')).toBeVisible()
  await page.getByRole('link', { name: /Brink/ }).click()
  await page.getByRole('button', { name: 'It goes on after all' }).click()
  await expect(page.getByText('They are on the desk again.')).toBeVisible()
})
