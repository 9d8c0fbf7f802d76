import { enter, expect, expectAccessible, householdAt, test } from './testing/lot'

test.use({ viewport: { width: 834, height: 1112 } })
test.beforeEach(({ page }) => enter(page))

test('walked from the hitch to the papers: what one sees is tapped, and stands on the unit', async ({ page }) => {
  await page.goto('/yard/T-172/walk')
  await expect(page.getByRole('heading', { name: '1 At the hitch' })).toBeVisible()
  const round = page.getByRole('navigation', { name: 'Stations' }).getByRole('button')
  await expect(round.nth(1)).toContainText('Off-door side')

  // A yes or no is one tap, and then stands among what is noted here.
  await round.filter({ hasText: /\d Door side/ }).click()
  await expect(page.getByRole('heading', { name: /Door side$/ })).toBeVisible()
  const toLook = page.getByText(/^Not looked at yet: \d+$/)
  const before = await toLook.innerText()
  await toLook.click()
  const row = page.getByRole('group', { name: 'Bottle opener on the wall' })
  await row.getByRole('button', { name: 'yes' }).click()
  await expect(page.getByText(before)).toBeHidden()
  await page.getByText(/^Noted here: \d+$/).click()
  await expect(
    page.getByRole('group', { name: 'Bottle opener on the wall' }).getByRole('button', { name: 'yes' }),
  ).toHaveAttribute('aria-pressed', 'true')

  // One goes on from station to station, to the end, and back.
  await page.getByRole('button', { name: /^Next: / }).click()
  await expect(page.getByRole('heading', { name: /Inside the door$/ })).toBeVisible()
  await expect(page).toHaveURL(/at=entry/)
  await page.getByRole('button', { name: 'Back', exact: true }).click()
  await expect(page.getByRole('heading', { name: /Door side$/ })).toBeVisible()

  // The other school goes in first.
  await page.getByText('inside first', { exact: true }).click()
  await expect(round.first()).toContainText('Inside the door')
  await expectAccessible(page)
})

test('a figure is written as people write it, and read on the unit’s card', async ({ page }) => {
  await page.goto('/yard/T-172/walk?at=rear')
  await expect(page.getByRole('heading', { name: /At the rear$/ })).toBeVisible()
  for (const fold of await page.locator('summary').all()) await fold.click()
  const row = page.getByRole('listitem').filter({ hasText: 'Overall height' })
  const field = row.getByRole('textbox', { name: 'Overall height' })
  if (!(await field.isVisible())) await row.getByRole('button', { name: /Write it down|Again/ }).click()
  await row.getByRole('textbox', { name: 'Overall height' }).fill(`11'4`)
  await row.getByRole('button', { name: 'Write it down' }).last().click()
  // The sheet says otherwise: that is asked where it is written.
  await expect(row.getByRole('alert')).toContainText('So far it’s 11 ft 2 in')
  await row.getByRole('button', { name: 'Yes, write it beside that' }).click()
  await expect(row.getByRole('textbox', { name: 'Overall height' })).toBeHidden()
  await page.goto('/yard/T-172')
  await expect(page.getByLabel('Figures of this unit')).toContainText(/Height, measured\s*11 ft 4 in/)
})

test('what it has is looked for in the yard, and what is no term is said', async ({ page }) => {
  await page.goto('/yard')
  await page.getByRole('textbox', { name: 'Narrow the yard' }).fill('curtain at each bunk no awning lights solr')
  await expect(page.getByText('no light strip in the awning')).toBeVisible()
  await expect(page.getByText('nothing here is called “solr”')).toBeVisible()
})

test('with a household open each station says first what decides for them, what to try and what to warn of', async ({
  page,
}) => {
  const household = await householdAt(page, /Okoro/)
  await page.goto(`${household}/units/T-118/walk?at=off-door`)
  const toShow = page.getByRole('region', { name: 'To show and to say' })
  await expect(toShow).toContainText('Tight: Pull it')
  await expect(toShow).toContainText('Read the label on the door of their vehicle together.')
  await expect(toShow).toContainText(/weigh the loaded rig on a certified scale/)
  await page
    .getByRole('navigation', { name: 'Stations' })
    .getByRole('button', { name: /Living room/ })
    .click()
  await expect(toShow).toContainText('Let all of them sit down at once.')
})

test('what households wait for is typed one after the other: the keyboard goes on by itself', async ({ page }) => {
  await page.goto('/yard/T-164/walk')
  const stations = page.getByRole('navigation', { name: 'Stations' })
  await stations.getByRole('button', { name: /Under it .*waited for/ }).click()
  const figures = page.getByRole('list', { name: /^Waited for: Under it/ }).getByRole('textbox')
  // Nothing asks for the keyboard by itself.
  await expect(page.locator('input:focus')).toHaveCount(0)
  const [all, first] = [await figures.count(), await figures.first().getAttribute('aria-label')]
  expect(all).toBeGreaterThan(1)
  const second = await figures.nth(1).getAttribute('aria-label')
  await figures.first().fill('180')
  await figures.first().press('Enter')
  await expect(figures).toHaveCount(all - 1)
  await expect(page.locator('input:focus')).toHaveAttribute('aria-label', second!)
  expect(first).not.toBeNull()
})

test('what was shown is ticked, what was not comes back at the end, and what they think is their wish from then on', async ({
  page,
}) => {
  const household = await householdAt(page, /Castellane/)
  const walk = `${household}/units/T-118/walk`
  await page.goto(`${walk}?at=bath`)
  const toShow = page.getByRole('region', { name: 'To show and to say' })
  const bath = toShow.getByRole('button', { name: 'Shown: Bath' }).first()
  if (await bath.isEnabled()) await bath.click()
  await expect(bath).toHaveAttribute('aria-pressed', 'true')
  await expect(page.getByText(/ [1-9]\d* of \d+ shown/)).toBeVisible()

  await page.getByText('From the side, with one of them').click()
  await page.getByRole('group', { name: 'In what' }).getByRole('button', { name: 'Tub with shower' }).click()
  await expect(page.getByRole('img', { name: /^Tub with shower from the side/ })).toBeVisible()

  await page.getByText('What they think of it').click()
  await page.getByRole('textbox', { name: 'In their words' }).fill('too narrow')
  await page
    .getByRole('group', { name: 'They think of A glass shower door' })
    .getByRole('button', { name: 'likes', exact: true })
    .click()
  await expect
    .poll(async () => (await page.request.get(`/api${household}/file`)).json())
    .toMatchObject({ stances: { glassShower: 'want' }, notes: expect.stringContaining('“too narrow”') })
  await expectAccessible(page)

  // A bed is made before their eyes: its steps beside it, the plan as it then is; it ends when one goes on.
  await page.goto(`${walk}?at=living`)
  const demonstrate = page.getByRole('region', { name: 'To demonstrate' })
  await demonstrate.getByRole('button', { name: /^Dinette made into a bed, 3 min/ }).click()
  await expect(demonstrate.getByRole('listitem')).toHaveCount(3)
  await expect(page.getByRole('img', { name: /at night/i }).first()).toBeVisible()
  await demonstrate.getByRole('button', { name: 'The slide run in' }).click()
  await expect(demonstrate).toContainText('nobody and no pet on or before')
  await page.getByRole('button', { name: /^Next: / }).click()
  await expect(page.getByRole('img', { name: /parked/i }).first()).toBeVisible()

  // Before they sit down: what decides and was not shown, each with the way back to it.
  await page.goto(`${walk}?at=papers`)
  const left = page.getByRole('region', { name: 'Not shown yet' })
  await expect(left).toContainText(/You have not shown/)
  await left.getByRole('button').first().click()
  await expect(page).not.toHaveURL(/at=papers/)
  await expect(toShow).toBeVisible()
})

test('handed over: gone through with the buyer, ticked, unticked, there again, and printed', async ({ page }) => {
  const household = await householdAt(page, /Castellane/)
  await page.goto(`${household}/units/T-118`)
  await page.getByRole('link', { name: 'Hand over' }).click()
  await expect(page.getByRole('heading', { name: /^Handing over / })).toBeVisible()
  const black = page.getByRole('checkbox', { name: 'Black first, until it runs no more; shut.' })
  const latched = page.getByRole('checkbox', { name: /^Latched and emptied of what falls: .*the refrigerator/ })
  for (const step of [black, latched]) {
    await step.click()
    await expect(step).toBeChecked()
  }
  await latched.click()
  await expect(latched).not.toBeChecked()
  await expect(page.getByRole('button', { name: /notes? waiting/ })).toBeHidden()
  await page.reload()
  await expect(page.getByText(/; 1 of \d+ gone through/)).toBeVisible()
  await expect(black).toBeChecked()
  await expectAccessible(page)
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('link', { name: 'Desk' })).toBeHidden()
  await expect(black).toBeVisible()
  await expect(page.getByText(/Gone through with Maren Tillquist/)).toBeVisible()
})
