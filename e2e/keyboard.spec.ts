import type { Locator, Page } from '@playwright/test'
import { enter, expect, test, unique } from './testing/lot'

/** As many stops as a long screen has. */
const STOPS = 400

/** Goes on with Tab until it is there: what cannot be come to by Tab is not there for whoever has no mouse. */
async function tabTo(page: Page, target: Locator): Promise<void> {
  await expect(target).toBeVisible()
  for (let i = 0; i < STOPS; i++) {
    if (await target.evaluate((one) => one === document.activeElement)) return
    await page.keyboard.press('Tab')
  }
  throw new Error(`${String(target)} is not come to by ${STOPS} tabs`)
}

test('from the interview to the comparison and the page they take home, without a mouse', async ({ page }) => {
  await enter(page)
  await page.goto('/')
  await tabTo(page, page.getByRole('link', { name: 'Start a household' }))
  await page.keyboard.press('Enter')

  // Typing starts in the line.
  await expect(page.getByLabel(/Who is it\?/)).toBeFocused()
  await page.keyboard.type(`Ro 40 5'11 180 & Mi 38 5'6 140, Bo 9`)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('group', { name: 'Bo' })).toBeVisible()
  await tabTo(page, page.getByLabel('What to call them'))
  await page.keyboard.type(unique('Without a mouse'))
  for (const [label, value] of [
    ['Tow rating', '9200'],
    ['Payload', '1750'],
  ] as const) {
    await tabTo(page, page.getByRole('group', { name: label, exact: true }).getByLabel(label, { exact: true }))
    await page.keyboard.type(value)
  }
  await tabTo(page, page.getByRole('button', { name: /Save/ }).first())
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/\/households\/[0-9a-f-]{36}/)

  await tabTo(page, page.getByRole('link', { name: 'Match', exact: true }))
  await page.keyboard.press('Enter')
  const pick = page.getByRole('checkbox', { name: /T-\d+/ })
  await expect(pick.first()).toBeVisible()
  const compare = page.getByRole('button', { name: /^Compare \d/ })
  await tabTo(page, compare)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: /on one ruler/ })).toBeVisible()
  await page.keyboard.press('n')
  await expect(page).toHaveURL(/time=night/)
  await tabTo(
    page,
    page
      .getByRole('row', { name: /^Price|^Sleeps them|^Pull it|^Kitchen/ })
      .getByRole('button')
      .first(),
  )
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { expanded: true }).first()).toBeFocused()

  await tabTo(page, page.getByRole('link', { name: 'Take home' }))
  await page.keyboard.press('Enter')
  await expect(page.getByLabel('Units, by stock number')).toHaveValue(/T-\d+, T-\d+/)
  await tabTo(page, page.getByRole('button', { name: 'Make the page' }))
  await page.keyboard.press('Enter')
  await expect(page.getByText('Made: it stands below.')).toBeVisible()
  await tabTo(page, page.getByRole('link', { name: 'Open it' }).first())
})
