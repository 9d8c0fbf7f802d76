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
  const before = await page.getByText(/^\d+ not looked at yet/).innerText()
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
  const row = page.getByRole('listitem').filter({ hasText: 'Overall height' })
  const again = row.getByRole('button', { name: /Write it down|Again/ }).first()
  if (!(await again.isVisible())) await page.getByText(/^Noted here: \d+$/).click()
  await again.click()
  await row.getByRole('textbox', { name: 'Overall height' }).fill(`11'4`)
  await row.getByRole('button', { name: 'Write it down' }).last().click()
  await expect(row.getByRole('textbox', { name: 'Overall height' })).toBeHidden()
  await page.goto('/yard/T-172')
  await expect(page.getByLabel('Figures of this unit')).toContainText(/Height, measured\s*11 ft 4 in/)
})

test('what it has is looked for in the yard, and what is no term is said', async ({ page }) => {
  await page.goto('/yard')
  await page.getByRole('textbox', { name: 'Narrow the yard' }).fill('curtain at each bunk no awning lights solr')
  await expect(page.getByText('no light strip in the awning')).toBeVisible()
  await expect(page.getByText('Not understood: “solr”')).toBeVisible()
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
