import { enter, expect, expectAccessible, householdAt, test } from './testing/lot'

test.beforeEach(({ page }) => enter(page))

test('how a household sleeps in a unit: who where, the next best, and for how many years', async ({ page }) => {
  await page.goto(`${await householdAt(page, /Okoro-Lindt/)}/units/T-118`)
  const sleeping = page.getByRole('region', { name: 'How they sleep in it' })
  await expect(sleeping).toContainText(
    'The sheet says 8. The six fit, with the dinette made up every night; 4 of 5 berths are too short for Efe (6 ft 1 in).',
  )
  await expect(sleeping.getByRole('listitem').filter({ hasText: 'Queen' }).getByRole('img')).toHaveCount(2)
  await expect(sleeping).toContainText(/Next best: /)
  await expect(sleeping.getByRole('img', { name: /^Now: Fits; In a year: Fits; In 2 years: Tight/ })).toBeVisible()
  await expect(sleeping).toContainText('In 2 years: June and Bo are too old to share the lower bunk')
  await expectAccessible(page)
})

test('what stays home is said, with what would let it in; a bay in which things are stacked turns by the slider', async ({
  page,
}) => {
  await page.goto(`${await householdAt(page, /Okoro-Lindt/)}/units/T-118`)
  const stowing = page.getByRole('region', { name: 'How it is stowed' })
  await expect(stowing).toContainText(/Stays home: the 4 bikes/)
  await expect(
    stowing.getByRole('listitem').filter({ hasText: 'in the tow vehicle, against its payload' }),
  ).toBeVisible()
  // Where all stands on the floor the bay from above shows it all, and there is nothing to turn.
  await expect(stowing.getByRole('img', { name: /from above/ }).first()).toBeVisible()
  await expect(stowing.getByRole('slider')).toHaveCount(0)
  await page.goto(`${await householdAt(page, /Oosterveen/)}/units/T-118`)
  // It comes when one looks there.
  await stowing.getByRole('img', { name: /Pass-through.*from above/ }).scrollIntoViewIfNeeded()
  const turned = stowing.getByRole('img', { name: /Pass-through in space, turned by 32 degrees/ })
  await expect(turned).toBeVisible()
  // The slider listens once the page does.
  await expect(async () => {
    await stowing.getByRole('slider', { name: 'Turn it' }).first().fill('60')
    await stowing.getByRole('slider', { name: 'Turn it' }).first().fill('120')
    await expect(stowing.getByRole('img', { name: /Pass-through in space, turned by 120 degrees/ })).toBeVisible({
      timeout: 1000,
    })
  }).toPass()
})

test('gear from the shelf, with its size, and who may share', async ({ page }) => {
  await page.goto(await householdAt(page, /Oosterveen/))
  await page.getByLabel('Add usual gear').selectOption({ label: 'Table grill' })
  const grill = page.getByRole('group', { name: /^Gear \d+$/ }).last()
  await expect(grill.getByLabel('Gear', { exact: true })).toHaveValue('Table grill')
  await expect(grill.getByLabel('Long')).toHaveValue('1 ft 10 in')
  await grill.getByLabel('High').fill('tall')
  await grill.getByLabel('High').blur()
  await expect(grill).toContainText(/right would be a length/)
  await grill.getByLabel('High').fill('14')
  await page.getByRole('button', { name: 'What else Mees needs' }).click()
  await page.getByLabel('Beside Bram').selectOption({ label: 'may share' })
  await page.keyboard.press('Escape')
  // Both were asked, so it stands with both.
  await page.getByRole('button', { name: 'What else Bram needs' }).click()
  await expect(page.getByLabel('Beside Mees')).toHaveValue('shares')
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(page.getByText(/^Saved/).first()).toBeVisible()
})

test('one unit as two things: for every day, and with guests', async ({ page }) => {
  await page.goto(`${await householdAt(page, /Dunmores/)}/match`)
  const first = page.getByRole('group', { name: /^T-135/ })
  await first.getByRole('button', { name: 'All reasons' }).click()
  await expect(first).toContainText(/How well it can be lived in, 0 to 100: \d+ every day, \d+ with guests/)
  const rows = page.getByRole('checkbox', { name: /^Compare T-/ })
  const before = await rows.count()
  await page
    .getByRole('button', { name: /^Show \d+ more$/ })
    .first()
    .click()
  // They are fetched when they are asked for.
  await expect.poll(() => rows.count()).toBeGreaterThan(before)
})
