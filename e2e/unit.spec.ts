import { readFileSync } from 'node:fs'
import { enter, expect, expectAccessible, householdAt, pressEntry, test } from './testing/lot'

test.beforeEach(({ page }) => enter(page))

test('a unit’s plan answers by its layers, each in words too', async ({ page }) => {
  await page.goto('/yard?q=T-118')
  await page.getByRole('listitem').filter({ hasText: 'T-118' }).getByRole('link', { name: 'Marrowby 27 DB' }).click()
  await expect(page).toHaveURL(/\/yard\/T-118$/)
  await expect(page.getByRole('heading', { name: 'The rooms' })).toBeVisible()
  await expect(page.getByText('Bunk room, closed by a curtain: lower bunk and upper bunk')).toBeVisible()

  await page.keyboard.press('3')
  await page.keyboard.press('r')
  await expect(page).toHaveURL(/layer=ways/)
  await expect(page.getByRole('listitem').filter({ hasText: 'Lower bunk' })).toContainText(
    /between the tri-fold sofa and a wall, too narrow to pass/,
  )

  await page.keyboard.press('5')
  await page.keyboard.press('n')
  await page.getByRole('checkbox', { name: /Tri-fold sofa/ }).check()
  await expect(page.getByText(/The lower bunk: one way out, by the exit window in the bunk room/)).toBeVisible()
  await expect(page.getByText(/Every sleeping area needs a second way out/)).toBeVisible()
  await page.getByRole('checkbox', { name: /Tri-fold sofa/ }).uncheck()
  await expect(page.getByText(/The lower bunk: two ways out/)).toBeVisible()

  await page.keyboard.press('8')
  await page.keyboard.press('r')
  await expect(page.getByText('The lower bunk is out of reach', { exact: false })).toBeVisible()
})

test('every thing on the plan opens its readings, with source, day and person, and what contradicts them', async ({
  page,
}) => {
  await page.goto('/yard/T-118')
  const shower = page.locator('[data-pick]').filter({ has: page.locator('title', { hasText: 'Tub with shower' }) })
  await shower.focus()
  await page.keyboard.press('Enter')
  await expect(shower).toHaveAttribute('aria-pressed', 'true')
  await expect(page.getByLabel('Readings of')).toHaveValue('tub')
  await page.getByLabel('Readings of').selectOption('The unit')
  await expect(
    page
      .locator('dl')
      .getByText(/measured, 2026-10-06, Nell/)
      .first(),
  ).toBeVisible()
})

test('a reading is taken beside those there are, and one that contradicts is shown, not overwritten', async ({
  page,
}) => {
  await page.goto('/yard/T-103?thing=shower')
  await page.getByRole('button', { name: 'Take a reading: Shower headroom' }).click()
  await page.getByRole('textbox', { name: 'Shower headroom' }).fill('low')
  await page.getByRole('button', { name: 'Write it down' }).click()
  await expect(page.getByRole('main').getByRole('alert')).toContainText('Right would be feet and inches')
  await page.getByRole('textbox', { name: 'Shower headroom' }).fill(`6'1`)
  await page.getByRole('combobox', { name: 'Where it comes from' }).selectOption('hearsay')
  await page.getByRole('button', { name: 'Write it down' }).click()
  // Another figure than the one that stands there is asked about first.
  await expect(page.getByRole('main').getByRole('alert')).toContainText('So far it’s 77 in')
  await page.getByRole('button', { name: 'Yes, write it beside that' }).click()
  await expect(page.locator('dl').last()).toContainText(/77 in measured.*but 73 in by hearsay/)
})

test('through a household’s eyes the night is theirs', async ({ page }) => {
  const at = await householdAt(page, /Okoro-Lindt/)
  await page.goto(`${at}/units/T-135?time=night`)
  await expect(page.getByRole('group', { name: /Efe and Lina|Lina and Efe|in the Queen/ }).first()).toBeVisible()
  await expect(page.getByText('For this household')).toBeVisible()
  await expect(page.getByText('Ways out', { exact: true }).last()).toBeVisible()
})

test('the plan goes out as SVG, DXF and PNG, and the SVG comes in again', async ({ page }) => {
  await page.goto('/yard/T-107')
  const take = async (name: RegExp) => {
    await page.getByRole('button', { name: 'Take out' }).click()
    const [download] = await Promise.all([page.waitForEvent('download'), pressEntry(page, name)])
    return { name: download.suggestedFilename(), path: await download.path() }
  }
  const svg = await take(/SVG/)
  expect(svg.name).toBe('t-107-plan.svg')
  const drawing = readFileSync(svg.path, 'utf8')
  expect(drawing).toMatch(/<svg [^>]*width="\d+(\.\d+)?in"/)
  for (const layer of ['shell', 'walls', 'furniture', 'openings', 'outside', 'dimensions'])
    expect(drawing).toContain(`id="${layer}"`)
  expect(drawing).not.toContain('var(--')
  const dxf = await take(/DXF/)
  expect(readFileSync(dxf.path, 'utf8')).toContain('EXIT-WINDOWS')
  const png = await take(/PNG/)
  expect(readFileSync(png.path).subarray(1, 4).toString()).toBe('PNG')

  await page.goto('/yard/import')
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: svg.name, mimeType: 'image/svg+xml', buffer: readFileSync(svg.path) })
  await page.getByRole('button', { name: /Bring/ }).click()
  await expect(page.getByText('T-107', { exact: false }).first()).toBeVisible()
})

test('printed, the plan and its words stay, what is pressed goes', async ({ page }) => {
  await page.goto('/yard/T-118?layer=exits&time=night')
  await expect(page.getByText(/The lower bunk: two ways out/)).toBeVisible()
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByText(/The lower bunk: two ways out/)).toBeVisible()
  await expect(page.getByRole('group', { name: /from above, at night/ })).toBeVisible()
  for (const gone of [
    page.getByRole('link', { name: 'Tape' }),
    page.getByRole('button', { name: 'Print' }),
    page.getByRole('navigation'),
  ])
    await expect(gone).toBeHidden()
})

test('the unit’s page is accessible by day, with every layer’s words', async ({ page }) => {
  await page.goto('/yard/T-104?layer=room')
  await expect(page.getByText('The fainter the green')).toBeVisible()
  await expectAccessible(page)
})

test('keys pressed faster than the page can follow are all kept, on the page and in its address', async ({ page }) => {
  await page.goto('/yard/T-118')
  await expect(page.getByRole('heading', { name: 'The rooms' })).toBeVisible()
  const browser = await page.context().newCDPSession(page)
  await browser.send('Emulation.setCPUThrottlingRate', { rate: 6 })
  for (const [keys, when, what, layer] of [
    ['3r5n', 'Night', 'Ways out', 'exits'],
    ['n4p3', 'Parked', 'Ways', 'ways'],
    ['5r2n', 'Night', 'Room to move', 'room'],
  ] as const) {
    for (const key of keys) await page.keyboard.press(key, { delay: 60 })
    await expect(page).toHaveURL(new RegExp(`layer=${layer}`))
    await expect(page.getByRole('radio', { name: when, exact: true })).toBeChecked()
    await expect(page.getByRole('radio', { name: what, exact: true })).toBeChecked()
  }
})

test('after a click on a segment its letters still work', async ({ page }) => {
  await enter(page)
  await page.goto('/yard/T-118')
  const time = page.getByRole('radiogroup', { name: 'Time of day' })
  await time.getByText('Night').click()
  await expect(page).toHaveURL(/time=night/)
  await page.keyboard.press('r')
  await expect(page).toHaveURL(/time=road/)
  // Arrows are the segment's own.
  await time.getByText('Parked').click()
  await page.keyboard.press('ArrowRight')
  await expect(page).toHaveURL(/time=night/)
})

test('the household stays open from its unit to the tape and back, and is closed by a click, on the same unit', async ({
  page,
}) => {
  await enter(page)
  const at = await householdAt(page, /Vossberg/)
  await page.goto(`${at}/units/T-118`)
  const whose = page.getByRole('banner').getByText('Hanna and Pim Vossberg')
  await page.getByRole('link', { name: 'Tape' }).click()
  await expect(page).toHaveURL(`${at}/units/T-118/tape`)
  await expect(whose).toBeVisible()
  await page.getByRole('link', { name: 'The unit' }).click()
  await expect(page).toHaveURL(`${at}/units/T-118`)
  await expect(whose).toBeVisible()
  await page.getByRole('link', { name: 'Close Hanna and Pim Vossberg' }).click()
  await expect(page).toHaveURL(/\/yard\/T-118$/)
  await expect(page.getByRole('banner')).toContainText('No household open')
})

test('what an answer rests on, figure by figure with its source', async ({ page }) => {
  await page.goto(`${await householdAt(page, /Okoro/)}/units/T-118`)
  await page.getByRole('button', { name: 'What these rest on' }).click()
  const rests = page.getByRole('region', { name: 'What these rest on' })
  await expect(rests.getByText(/^Sleeps them: \d+ figures, \d+ measured/)).toBeVisible()
  await rests.getByText(/^Sleeps them/).click()
  await expect(rests.getByText(/Queen: mattress length 80 in measured, 2026-10-06, Nell/).first()).toBeVisible()
  await expect(rests.getByText(/: height .* as they say/).first()).toBeVisible()
})

test('somebody is set on the plan to scale, is moved and turned, and says what they touch', async ({ page }) => {
  await page.goto('/yard/T-118')
  await page.getByLabel('Set somebody on the plan').selectOption('Somebody standing')
  const somebody = page.getByRole('button', { name: /^Somebody standing, touches nothing/ })
  await somebody.focus()
  // Back towards the door they came in by, half a foot at a time.
  for (let i = 0; i < 3; i++) await page.keyboard.press('Shift+ArrowDown')
  await expect(page.getByRole('button', { name: /^Somebody standing, touches the door-side wall/ })).toBeFocused()
  await page.keyboard.press('Shift+ArrowUp')
  await expect(somebody).toBeFocused()
  await page.getByLabel('Set somebody on the plan').selectOption('A wheelchair turning')
  await expect(page.getByRole('button', { name: /^A wheelchair turning, touches the counter/ })).toBeVisible()
  await page.getByLabel('Set somebody on the plan').selectOption('Nobody set on the plan')
  await expect(page.getByRole('button', { name: /^A wheelchair turning/ })).toHaveCount(0)
})

test('a bunk from the side shows whether somebody sits up in it', async ({ page }) => {
  await page.goto('/yard/T-118?thing=bunk-upper')
  await expect(
    page.getByRole('img', { name: /Upper bunk from the side. headroom: 28 in.*hit your head/ }),
  ).toBeVisible()
  await page.getByLabel('Readings of').selectOption('Queen')
  await expect(page.getByRole('img', { name: /Queen from the side/ })).toBeVisible()
})

test('through a household’s eyes: how long they stay out, what would help, and it follows what is tried', async ({
  page,
}) => {
  await page.goto(`${await householdAt(page, /Salka/)}/units/T-118`)
  const staying = page.getByRole('region', { name: 'How long they can stay out' })
  await expect(staying.getByText('Not one night', { exact: true })).toBeVisible()
  await expect(staying.getByRole('listitem').filter({ hasText: 'a second battery like the first' })).toContainText(
    'all the 6 nights they want',
  )
  await staying.getByRole('slider', { name: 'More batteries of its kind' }).press('ArrowRight')
  await expect(staying.getByText('Not one night', { exact: true })).toHaveCount(0)
  await expect(staying.getByRole('img', { name: /^Left as they would leave: Fresh water \d+ %/ })).toBeVisible()
  await staying.getByText('as at home').click()
  await expect(staying.getByText(/The fresh tank is empty after 2 nights, and they want 6/)).toBeVisible()
  await expect(staying.getByText(/never run a generator near a window/)).toBeVisible()

  const season = page.getByRole('region', { name: 'How cold and how hot it may be' })
  await expect(season.getByRole('img', { name: /58 °F, nights in April; 91 °F, days in July/ })).toBeVisible()

  const power = page.getByRole('region', { name: 'What can run at once' })
  await power.getByText('outlet at a house').click()
  await power.getByText('Hair dryer').click()
  await expect(power.getByText(/the breaker trips; without .* it would be 1,\d+ W less/)).toBeVisible()
  await expectAccessible(page)
})

test('a scale ticket is played, reconciled, and refused where it cannot be of one rig', async ({ page }) => {
  await page.goto(`${await householdAt(page, /Hartigan/)}/units/T-118`)
  await page.getByText('Scale ticket: three weighings').click()
  await page.getByRole('button', { name: 'Play a scale' }).click()
  await expect(page.getByText('Played, not weighed: to practise with.')).toBeVisible()
  await expect(page.getByText(/The trailer weighs \d+ lb more than reckoned/)).toBeVisible()
  await page.getByRole('textbox', { name: 'Hitched, bars on, rear axle' }).fill('9,000')
  await expect(page.getByText(/Bars on and bars off differ by .* in all/)).toBeVisible()
  await page.getByRole('textbox', { name: 'Hitched, bars on, rear axle' }).fill('heavy')
  await expect(page.getByText('Not a weight: hitched, bars on, rear axle.')).toBeVisible()
})

test('a day is played through: beds one by one with who lies in them, the sum stays, morning, road', async ({
  page,
}) => {
  const household = await householdAt(page, /Okoro/)
  await page.goto(`${household}/units/T-118`)
  await page.getByRole('button', { name: 'Play a day' }).click()
  const says = page.getByRole('status').filter({ hasText: / of \d+: / })
  await expect(says).toContainText('In the afternoon: nothing is made up, 6 will lie down.')
  const then = page.getByRole('button', { name: 'Then' })
  await then.click()
  await expect(says).toContainText(/2 of 6 lie\.$/)
  await expect(page.getByLabel(/from above, at night, beds made/).first()).toBeVisible()
  while (await then.isEnabled()) await then.click()
  await expect(says).toContainText('On the road: the slide is in.')
  await expect(page.getByLabel(/from above, on the road/).first()).toBeVisible()
  await page.getByRole('button', { name: 'End' }).click()
  await expect(says).toBeHidden()
})

test('all readings stand in one table: missing only, found by a word, taken there, and the plan is a key away', async ({
  page,
}) => {
  await enter(page)
  await page.goto(`${await householdAt(page, /Salka/)}/units/T-121`)
  const open = page.getByRole('region', { name: 'To find out' })
  await expect(open).toContainText(/Hitch weight, empty.*for .*pull it/)
  await page.keyboard.press('0')
  const table = page.getByRole('region', { name: 'All readings' })
  await expect(table.getByRole('row', { name: /GVWR.*7,600 lb.*label/ })).toBeVisible()
  await table.getByLabel('Missing only').check()
  await expect(table.getByRole('row', { name: /GVWR/ })).toHaveCount(0)
  await table.getByLabel('Find a reading').fill('hitch weight')
  await expect(page).toHaveURL(/missing=true.*find=hitch/)
  await expect(table.getByRole('row')).toHaveCount(2)
  await expectAccessible(page)
  await table.getByRole('button', { name: 'Take a reading: The unit, Hitch weight, empty' }).click()
  await table.getByRole('textbox', { name: 'Hitch weight, empty' }).fill('a lot')
  await table.getByRole('button', { name: 'Write it down' }).click()
  await expect(table.getByRole('alert')).toContainText('Right would be')
  await page.reload()
  await expect(table.getByLabel('Missing only')).toBeChecked()
  await table.getByLabel('Missing only').focus()
  await page.keyboard.press('0')
  await expect(page.getByRole('radiogroup', { name: 'Layer' })).toBeVisible()
})

test('what they bring is drawn where it rides', async ({ page }) => {
  await enter(page)
  await page.goto(`${await householdAt(page, /Oosterveen/)}/units/T-118?layer=storage`)
  await expect(page.locator('[data-layer=storage] text').filter({ hasText: /Under the bed: \d/ })).toBeVisible()
})
