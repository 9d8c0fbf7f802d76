import type { Page } from '@playwright/test'
import { enter, expect, householdAt, test, unique } from './testing/lot'

const yard = (page: Page) => page.getByRole('complementary', { name: 'The yard for them' })

/** A household of its own, through the handler that the interview uses. */
async function aHousehold(page: Page, name: string): Promise<string> {
  const household = {
    format: 'hitchet/household',
    version: 2,
    name,
    people: [{ id: 'ro', name: 'Ro', age: 40, height: 70, weight: 170 }],
    pets: [],
    vehicle: { name: 'Van', readings: {} },
    trip: { nights: 3, hookups: 'full', season: 'summer' },
    limits: {},
    guestsCome: 'never',
    gear: [],
    stances: {},
  }
  const response = await page.request.post('/api/households', {
    headers: { origin: test.info().project.use.baseURL! },
    data: household,
  })
  const { id } = (await response.json()) as { id: string }
  return `/households/${id}`
}

test('a field says what would be right once it is left, and nothing is saved meanwhile', async ({ page }) => {
  await enter(page)
  const at = await aHousehold(page, unique('Wrong'))
  await page.goto(at)
  await page.getByLabel('Height').fill('very tall')
  await page.getByLabel('Height').blur()
  await expect(
    page.getByText(`Height: right would be a length from 1 ft to 8 ft, written 6'2, 74 or 188 cm`),
  ).toBeVisible()
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByText('Some fields are not right yet')).toBeVisible()
  await page.getByLabel('Height').fill('6 ft 2')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByText('Saved.')).toBeVisible()
  await page.reload()
  await expect(page.getByLabel('Height')).toHaveValue('6 ft 2 in')
})

test('what is typed survives a reload, and can be dropped', async ({ page }) => {
  await enter(page)
  const at = await aHousehold(page, unique('Reload'))
  await page.goto(at)
  await page.getByLabel('Usual nights').fill('9')
  await expect(page.getByText('Not saved yet; kept on this device as you type.')).toBeVisible()
  await page.reload()
  await expect(page.getByLabel('Usual nights')).toHaveValue('9')
  await page.getByRole('button', { name: 'Drop what is not saved' }).click()
  await expect(page.getByLabel('Usual nights')).toHaveValue('3')
  await page.reload()
  await expect(page.getByLabel('Usual nights')).toHaveValue('3')
})

test('a connection that drops while saving loses nothing', async ({ page, context }) => {
  await enter(page)
  const at = await aHousehold(page, unique('Offline'))
  await page.goto(at)
  await page.getByLabel('Usual nights').fill('12')
  await context.setOffline(true)
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByText('No connection to the server. What you typed is kept here')).toBeVisible()
  await context.setOffline(false)
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByText('Saved.')).toBeVisible()
  await page.goto(`${at}/match`)
  await expect(page.getByRole('banner')).toContainText('12 nights')
})

test('two who edit at once: the second is shown both versions, and chooses', async ({ page, browser, baseURL }) => {
  await enter(page)
  const at = await aHousehold(page, unique('Two'))
  await page.goto(at)
  await page.getByLabel('Usual nights').fill('5')

  const other = await (await browser.newContext({ baseURL })).newPage()
  await enter(other, 'manager')
  await other.goto(at)
  await other.getByLabel('Budget before taxes and fees').fill('28k')
  await other.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(other.getByText('Saved.')).toBeVisible()

  await page.getByRole('button', { name: 'Save', exact: true }).click()
  const conflict = page.getByRole('alertdialog', { name: /Somebody else saved/ })
  await expect(conflict.getByRole('row', { name: /trip nights 5 3/ })).toBeVisible()
  await expect(conflict.getByRole('row', { name: /limits budget nothing 28000/ })).toBeVisible()
  // Nothing was overwritten while they are asked.
  await other.reload()
  await expect(other.getByLabel('Usual nights')).toHaveValue('3')
  await conflict.getByRole('button', { name: 'Take theirs, drop mine' }).click()
  await expect(page.getByLabel('Budget before taxes and fees')).toHaveValue('28000')
  await expect(page.getByLabel('Usual nights')).toHaveValue('3')
  await other.context().close()
})

test('a person taken out can be put back, with all that was typed', async ({ page }) => {
  await enter(page)
  await page.goto(await householdAt(page, /Okoro/))
  await page.getByRole('button', { name: 'Take Noor out' }).click()
  await expect(page.getByRole('group', { name: 'Noor' })).toHaveCount(0)
  await page.getByRole('button', { name: 'Put Noor back' }).click()
  await expect(page.getByRole('group', { name: 'Noor' }).getByLabel('Height')).toHaveValue('5 ft 6 in')
  await page.getByRole('button', { name: 'Drop what is not saved' }).click()
})

test('a wish that nothing on the lot grants empties the yard at once', async ({ page }) => {
  await enter(page)
  await page.goto(await aHousehold(page, unique('Wish')))
  await expect(yard(page)).toContainText(/\d+ of \d+ left/)
  await page.getByLabel('Budget before taxes and fees').fill('$900')
  await expect(yard(page)).toContainText(/^0 of \d+ left\d+ over the budget/)
})

test('metric: the same household in meters and kilograms', async ({ page }) => {
  await enter(page)
  const at = await aHousehold(page, unique('Metric'))
  await page.goto('/')
  await page.getByRole('button', { name: /settings and sign out/ }).click()
  await page.getByRole('menuitem', { name: 'Read in meters and kilograms' }).click()
  await page.goto(at)
  await expect(page.getByLabel('Height')).toHaveValue('177.8 cm')
  await page.goto('/yard?q=T-118')
  await expect(page.getByText('9.80 m')).toBeVisible()
  await expect(page.getByText('2,712 kg')).toBeVisible()
})
