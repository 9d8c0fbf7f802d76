import type { Page } from '@playwright/test'
import { enter, expect, takeIn, test, unique } from './testing/lot'

test.beforeEach(({ page }) => enter(page))

/** Answers to saves of something are held back until they are let go; they have reached the server by then. */
async function heldBack(page: Page, address: RegExp) {
  let letGo = () => {}
  let reached = () => {}
  const saved = new Promise<void>((resolve) => (reached = resolve))
  const hold = new Promise<void>((resolve) => (letGo = resolve))
  await page.route(address, async (route) => {
    if (route.request().method() === 'GET') return route.fallback()
    const response = await route.fetch()
    reached()
    await hold
    await route.fulfill({ response })
  })
  return {
    saved,
    async letGo() {
      letGo()
      await page.unroute(address)
    },
  }
}

/** Until it is undone the page does not come anew: what it shows is what it was told in the answer. */
async function noNewPage(page: Page) {
  const isPage = (url: URL) => url.searchParams.has('_rsc')
  let undo = () => {}
  const undone = new Promise<void>((resolve) => (undo = resolve))
  // Who has gone on to another page does not wait for this one.
  await page.route(isPage, (route) => undone.then(() => route.continue().catch(() => {})))
  return async () => {
    await page.unroute(isPage)
    undo()
  }
}

async function someHousehold(page: Page, name: string): Promise<string> {
  await page.goto('/households/new')
  await page.getByLabel('What to call them').fill(name)
  const line = page.getByRole('textbox', { name: /^Who is it/ })
  await line.fill('Ro 40 & Mi 38')
  await line.press('Enter')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page).toHaveURL(/\/households\/[0-9a-f-]{36}$/)
  return new URL(page.url()).pathname
}

test('an interview that is typed on while a save is on its way is saved once more, over the version of that save', async ({
  page,
}) => {
  const name = unique('Slow')
  const at = await someHousehold(page, name)
  const save = page.getByRole('button', { name: 'Save', exact: true })
  const notes = page.getByLabel('Notes')
  await notes.fill('the first')
  const anew = await noNewPage(page)
  for (const more of ['the second', 'the third']) {
    const held = await heldBack(page, /\/api\/households\/[0-9a-f-]{36}$/)
    await save.click()
    await held.saved
    await notes.fill(more)
    await page.getByLabel('Longest trailer').fill(more === 'the second' ? '24 ft' : '26 ft')
    await held.letGo()
    await expect(page.getByText('Saved.')).toBeVisible()
    await expect(notes).toHaveValue(more)
    await expect(page.getByText('Not saved yet; kept on this device as you type.')).toBeVisible()
  }
  await save.click()
  await expect(page.getByText('Not saved yet')).toHaveCount(0)
  await expect(page.getByRole('alertdialog')).toHaveCount(0)
  await anew()
  await page.goto(at)
  await expect(notes).toHaveValue('the third')
  await expect(page.getByLabel('Longest trailer')).toHaveValue(/26/)
})

test('how somebody is reached: what is typed while a save is on its way stays, and is saved next', async ({ page }) => {
  const at = await someHousehold(page, unique('Reached'))
  await page.goto(`${at}/after`)
  const form = page.locator('form').filter({ has: page.getByLabel('Telephone') })
  const anew = await noNewPage(page)
  await form.getByLabel('Email').fill('ro@home.example')
  const held = await heldBack(page, /\/contact$/)
  await form.getByRole('button', { name: 'Save' }).click()
  await held.saved
  await form.getByLabel('Telephone').fill('555 0100')
  await held.letGo()
  await expect(form.getByText('Saved.')).toBeVisible()
  await expect(form.getByLabel('Telephone')).toHaveValue('555 0100')
  await expect(form.getByLabel('Email')).toHaveValue('ro@home.example')
  const second = page.waitForResponse(/\/contact$/)
  await form.getByRole('button', { name: 'Save' }).click()
  expect((await second).status()).toBe(200)
  await anew()
  await page.reload()
  await expect(form.getByLabel('Telephone')).toHaveValue('555 0100')
  await expect(form.getByLabel('Email')).toHaveValue('ro@home.example')
})

test('how somebody is reached is kept nowhere until it is saved: a link asks first', async ({ page }) => {
  const at = await someHousehold(page, unique('Asked'))
  await page.goto(`${at}/after`)
  await page.getByLabel('Telephone').fill('555 0100')
  const desk = page.getByRole('link', { name: 'Desk' })
  page.once('dialog', (dialog) => void dialog.dismiss())
  await desk.click()
  await expect(page.getByLabel('Telephone')).toHaveValue('555 0100')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByText('Saved.')).toBeVisible()
  // Nothing is asked of what is saved: a dialog would stay unanswered, and the page where it is.
  await desk.click()
  await expect(page.getByRole('heading', { name: /Good to see you/ })).toBeVisible()
})

test('a plan that is drawn on while a save is on its way keeps what others read meanwhile, twice', async ({ page }) => {
  const stock = await takeIn(page)
  const save = page.getByRole('button', { name: 'Save the plan' })
  await page.getByRole('region', { name: 'Shelf' }).getByRole('button', { name: 'Refrigerator', exact: true }).focus()
  await page.keyboard.press('Enter')
  const anew = await noNewPage(page)
  const read = (text: string) =>
    page.request.post(`/api/trailers/${stock}/readings`, {
      headers: { origin: new URL(page.url()).origin },
      data: { key: 'readings.uvw', text, source: 'label' },
    })
  // Somebody weighs it; the plan goes onto that version.
  expect((await read('2,150 lb')).status()).toBe(200)
  const held = await heldBack(page, new RegExp(`/api/trailers/${stock}$`))
  await save.click()
  await held.saved
  await page.keyboard.press('Shift+ArrowRight')
  await held.letGo()
  await expect(page.getByText('Saved.')).toBeVisible()
  await expect(save).toBeEnabled()
  await save.click()
  await expect(save).toBeDisabled()
  await expect(page.getByRole('alertdialog')).toHaveCount(0)
  await anew()
  await page.goto(`/yard/${stock}`)
  await expect(page.getByText('2,150 lb').first()).toBeVisible()
})
