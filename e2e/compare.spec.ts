import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'
import { enter, expect, expectAccessible, householdAt, test } from './testing/lot'

test.beforeEach(({ page }) => enter(page))

test('strips share one ruler: couplers in line, a longer trailer is longer by its inches', async ({ page }) => {
  const at = await householdAt(page, /Vossberg/)
  await page.goto(`${at}/compare?units=T-103,T-135`)
  const coupler = (stock: string) =>
    page
      .getByRole('region', { name: new RegExp(stock) })
      .locator('svg[role=img] circle')
      .first()
      .boundingBox()
  const [short, long] = [(await coupler('T-103'))!, (await coupler('T-135'))!]
  expect(Math.abs(short.x - long.x)).toBeLessThan(0.6)
  const body = (stock: string) =>
    page
      .getByRole('region', { name: new RegExp(stock) })
      .locator('svg[role=img] path[fill="var(--h-colors-ink)"]')
      .first()
      .evaluate((box) => (box as SVGGraphicsElement).getBBox().width * (box as SVGGraphicsElement).getScreenCTM()!.a)
  // Box lengths in the files: 212 and 402 in.
  expect((await body('T-135')) / (await body('T-103'))).toBeCloseTo(402 / 212, 3)
})

test('on the road the slide is run in by its depth', async ({ page }) => {
  const at = await householdAt(page, /Vossberg/)
  await page.emulateMedia({ reducedMotion: 'reduce' })
  await page.goto(`${at}/compare?units=T-118,T-107`)
  const sofa = page.getByRole('region', { name: /T-118/ }).locator('svg[role=img] g[style*="translate"]').last()
  const top = async () => (await sofa.boundingBox())!.y
  const parked = await top()
  const scale =
    (await page
      .getByRole('region', { name: /T-118/ })
      .locator('svg[role=img] path[fill="var(--h-colors-ink)"]')
      .first()
      .boundingBox())!.width / 334
  await page.keyboard.press('r')
  await expect.poll(async () => Math.round(((await top()) - parked) / scale)).toBe(34)
})

test('guest nights are a choice of their own', async ({ page }) => {
  const at = await householdAt(page, /Vossberg/)
  await page.goto(`${at}/compare?units=T-112,T-118&time=night`)
  const strip = page.getByRole('region', { name: /T-112/ }).getByRole('img', { name: /from above/ })
  await expect(strip).not.toHaveAttribute('aria-label', /Elin/)
  await page.keyboard.press('g')
  await expect(strip).toHaveAttribute('aria-label', /Elin and Oskar in the/)
})

test('who finds no berth is said under the strip', async ({ page }) => {
  const at = await householdAt(page, /Ferrand/)
  await page.goto(`${at}/compare?units=T-101,T-135&time=night`)
  await expect(page.getByRole('region', { name: /T-101/ }).getByText(/No berth for .* and /)).toBeVisible()
})

test('an address with units that are not on the lot says so, and shows the others', async ({ page }) => {
  const at = await householdAt(page, /Salka/)
  await page.goto(`${at}/compare?units=T-103,T-999`)
  await expect(page.getByText('Not on the lot: T-999.')).toBeVisible()
  await expect(page.getByRole('heading', { name: 'One on one ruler' })).toBeVisible()
})

test('? lists the keys of the screen', async ({ page }) => {
  const at = await householdAt(page, /Vossberg/)
  await page.goto(`${at}/compare`)
  await expect(page.getByRole('heading', { name: 'Three on one ruler' })).toBeVisible()
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog', { name: 'Keys of this screen' })).toContainText('Night with guests')
})

test('a household that is not there is said to be gone', async ({ page }) => {
  await page.goto('/households/01a211c0-e19f-705b-a140-3081076aadf1/match')
  await expect(page.getByRole('heading', { name: 'There is nothing at this address' })).toBeVisible()
})

test('at 200 % zoom, and on a tablet, nothing runs out of the page sideways', async ({ page }) => {
  const at = await householdAt(page, /Okoro/)
  for (const viewport of [
    { width: 640, height: 400 },
    { width: 834, height: 1112 },
  ]) {
    await page.setViewportSize(viewport)
    for (const address of ['/', '/yard', at, `${at}/match`, `${at}/compare`]) {
      await page.goto(address)
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
      const beyond = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)
      expect(beyond, `${address} at ${viewport.width}`).toBeLessThanOrEqual(0)
    }
  }
})

test('figures before words: the best of a row is marked, words and sources come when asked, by keyboard alone', async ({
  page,
}) => {
  const at = await householdAt(page, /Okoro/)
  await page.goto(`${at}/compare?units=T-135,T-143,T-118`)
  const row = (name: string | RegExp) => page.getByRole('row', { name })
  await expect(row(/^Asking price/)).toContainText(/\$31,900.*least/)
  await expect(row(/^Asking price.*most/)).toHaveCount(0)
  // What is alike is folded, and nothing says why yet.
  await expect(row(/^Sites? count/)).toHaveCount(0)
  await expect(page.getByText(/and they want to spend at most/)).toHaveCount(0)
  await row(/^Price/)
    .getByRole('button')
    .focus()
  await page.keyboard.press('Enter')
  await expect(page.getByText(/and they want to spend at most/)).toHaveCount(3)
  await page.keyboard.press('Enter')
  await expect(page.getByText(/and they want to spend at most/)).toHaveCount(0)
  const price = row(/^Asking price/)
    .locator('summary')
    .first()
  await price.focus()
  await page.keyboard.press('Enter')
  await expect(
    row(/^Asking price/)
      .getByText(/label|sheet|hearsay|measured/)
      .first(),
  ).toBeVisible()
  await expectAccessible(page)
  await page.keyboard.press('w')
  await expect(page.getByText(/and they want to spend at most/)).toHaveCount(3)
})

test('it prints on one sheet, two units or four, with questions, figures and cautions', async ({ page }) => {
  const at = await householdAt(page, /Okoro/)
  for (const units of ['T-118,T-143', 'T-135,T-143,T-118', 'T-135,T-143,T-118,T-131']) {
    await page.goto(`${at}/compare?time=night&units=${units}`)
    await expect(page.getByRole('heading', { name: 'What tells them apart' })).toBeVisible()
    const pdf = await getDocument({
      data: new Uint8Array(await page.pdf({ format: 'Letter', preferCSSPageSize: true })),
      verbosity: 0,
    }).promise
    expect(pdf.numPages, units).toBe(1)
    const { items } = await (await pdf.getPage(1)).getTextContent()
    const text = items.map((one) => ('str' in one ? one.str : '')).join(' ')
    for (const words of [...units.split(','), 'Pull it', 'Asking price', 'An estimate, not a rating', 'Okoro'])
      expect(text.replace(/\s+/g, ' ')).toContain(words)
  }
})

test('six plans stand on one screen of Match, two of one model on one line with the rest behind a word', async ({
  page,
}) => {
  await enter(page)
  const at = await householdAt(page, /Dunmore/)
  await page.goto(`${at}/match`)
  const entry = page.getByRole('group', { name: /^[A-Z]-\d+ / }).nth(5)
  await expect(entry).toBeVisible()
  const { y, height } = (await entry.boundingBox())!
  expect(y + height).toBeLessThanOrEqual(800)
  const chips = page.getByRole('group', { name: /^T-162 / })
  await expect(chips.getByRole('link', { name: /^T-161 / })).toHaveCount(0)
  await chips.getByRole('button', { name: 'and 1 more' }).click()
  await expect(chips.getByRole('link', { name: /^T-161 / })).toBeVisible()
})
