import { enter, expect, householdAt, test } from './testing/lot'

test.use({ viewport: { width: 834, height: 1112 }, serviceWorkers: 'allow' })
test.beforeEach(({ page }) => enter(page))

test('between metal walls: twice the line goes, the walk goes on, and every note arrives once', async ({
  page,
  context,
}) => {
  const household = await householdAt(page, /Okoro/)
  const walk = `${household}/units/T-119/walk`
  const notedYes = async () =>
    (await (await page.request.get('/api/trailers/T-119')).text()).match(/"value": ?true/g)!.length
  const before = await notedYes()
  await page.goto(walk)
  const kept = () =>
    page.evaluate(
      async (path) => Boolean(await (await caches.open('pages')).match(path)),
      `${household}/units/T-119/tape`,
    )
  await expect.poll(kept).toBe(true)
  const stations = page.getByRole('navigation', { name: 'Stations' })
  const rows = page.getByRole('list', { name: /^To note/ }).getByRole('group')
  const yes = async () => {
    const row = rows.first()
    const name = (await row.getAttribute('aria-label'))!
    await row.getByRole('button', { name: 'yes' }).click()
    await expect(page.getByRole('list', { name: /^To note/ }).getByRole('group', { name, exact: true })).toBeHidden()
    return name
  }

  // At the door side the line goes: what is tapped is noted, counted, and waits.
  await stations.getByRole('button', { name: /Door side/ }).click()
  const toLook = page.getByText(/^Not looked at yet: \d+$/)
  await toLook.click()
  await context.setOffline(true)
  const first = [await yes(), await yes()]
  await expect(page.getByRole('button', { name: '2 notes waiting' })).toBeVisible()

  // Loaded anew without a line: the page comes from the device, and what was noted stands in it.
  await page.reload()
  await expect(page.getByRole('heading', { name: /Door side$/ })).toBeVisible()
  const old = page.getByRole('status').filter({ hasText: 'Saved on this device' })
  await expect(old).toContainText('Waiting for the server')
  await page.getByText(/^Noted here: \d+$/).click()
  for (const name of first)
    await expect(page.getByRole('group', { name, exact: true }).getByRole('button', { name: 'yes' })).toHaveAttribute(
      'aria-pressed',
      'true',
    )
  await expect(page.getByRole('button', { name: '2 notes waiting' })).toBeVisible()

  // The line is back for a moment, goes again, and comes back.
  await context.setOffline(false)
  await expect(page.getByRole('button', { name: /notes? waiting/ })).toBeHidden()
  // The current page has come in place of the old one.
  await expect(old).toBeHidden()
  await context.setOffline(true)
  if (!(await rows.first().isVisible())) await toLook.click()
  const second = await yes()
  await expect(page.getByRole('button', { name: '1 note waiting' })).toBeVisible()

  // The tape and the unit were never opened by themselves, and are here; another unit is not, and says so.
  await page.goto(`${household}/units/T-119/tape`)
  await expect(page.getByText(/Waited for by|could change an open/).first()).toBeVisible()
  await page.goto('/yard/T-101')
  await expect(page.getByRole('heading', { name: /this page is not on this device/ })).toBeVisible()
  await context.setOffline(false)
  await page.goto(`${walk}?at=door`)
  await expect(page.getByRole('button', { name: /notes? waiting/ })).toBeHidden()
  expect([...first, second]).toHaveLength(3)
  await expect.poll(notedYes).toBe(before + 3)
})
