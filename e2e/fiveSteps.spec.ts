import { enter, expect, expectAccessible, householdAt, pressEntry, test, unique } from './testing/lot'

test('the consultant’s day: yard, household, match, compare, in three times of day', async ({ page }) => {
  const name = unique('The Test family')
  await enter(page)
  await page.goto('/')
  await expectAccessible(page)

  await test.step('1. the yard, narrowed by typing', async () => {
    await page.getByRole('link', { name: 'Yard' }).click()
    await expect(page.getByText(/^(\d+) of \1$/)).toBeVisible()
    await expectAccessible(page)
    await page.keyboard.press('/')
    await page.keyboard.type('bunks under 22 ft')
    await expect(page.getByText('overall at most 22 ft')).toBeVisible()
    await expect(page.getByText(/^2 of \d+$/)).toBeVisible()
    await expect(page).toHaveURL(/q=bunks\+under\+22\+ft/)
    await page.reload()
    await expect(page.getByText(/^2 of \d+$/)).toBeVisible()
    for (const strip of await page.getByRole('img', { name: /from above, parked/ }).all())
      await expect(strip).toHaveAccessibleName(/[Ll]ower bunk/)
  })

  await test.step('2. the interview, with the yard shrinking beside it', async () => {
    await page.getByRole('link', { name: 'Desk' }).click()
    await page.getByRole('link', { name: 'Start a household' }).click()
    await page.getByLabel('What to call them').fill(name)
    const line = (n: number) => page.getByRole('group', { name: /^(Person \d|Ro|Mi|Ta|Jo)$/ }).nth(n)
    const describe = async (n: number, who: string, age: string, height: string, weight: string) => {
      await line(n).getByLabel('Name').fill(who)
      await line(n).getByLabel('Age').fill(age)
      await line(n).getByLabel('Height').fill(height)
      await line(n).getByLabel('Weight').fill(weight)
    }
    await describe(0, 'Ro', '38', `5'10`, '185')
    for (const [i, person] of [
      ['Mi', '36', '170 cm', '66 kg'],
      ['Ta', '9', `4'5`, '68'],
      ['Jo', '5', '43', '42'],
    ].entries()) {
      await page.getByRole('button', { name: 'Add a person' }).click()
      await describe(i + 1, ...(person as [string, string, string, string]))
    }
    await line(0).getByLabel('Shares a bed with').selectOption({ label: 'Mi' })
    await expect(line(1).getByLabel('Shares a bed with')).toHaveValue(/person-1/)
    await page.getByLabel('Tow vehicle').fill('Half-ton')
    await page.getByText('More labels').click()
    const rating = (label: string) =>
      page.getByRole('group', { name: label, exact: true }).getByLabel(label, { exact: true })
    for (const [label, value] of Object.entries({
      'Tow rating': '9,200',
      Payload: '1,750',
      GCWR: '15,800',
      'Curb weight': '5,500',
      'Receiver, tongue weight': '1,000',
    }))
      await rating(label).fill(value)
    await page.getByLabel('Weight-distribution hitch').selectOption('yes')
    const yard = page.getByRole('complementary', { name: 'The yard for them' })
    await expect(yard).toContainText(/\d+ of \d+ left/)
    const before = await yard.getByText(/of \d+ left/).textContent()
    await page.getByLabel('Longest trailer').fill('25 ft')
    await expect(yard).toContainText('too long')
    expect(await yard.getByText(/of \d+ left/).textContent()).not.toBe(before)
    await page.getByRole('button', { name: 'Bunks: no matter' }).click()
    await expect(page.getByRole('button', { name: 'Bunks: want' })).toBeVisible()
    await expectAccessible(page)
    await page.getByRole('button', { name: 'Save', exact: true }).click()
    await expect(page).toHaveURL(/\/households\/[0-9a-f-]{36}$/)
    await expect(page.getByRole('banner')).toContainText(name)
    await expect(page.getByRole('banner')).toContainText('two adults, 9 and 5 · pulls 9,200 lb, payload 1,750 lb')
  })

  await test.step('3. the match, with reasons', async () => {
    await page.getByRole('link', { name: 'Match', exact: true }).click()
    await expect(page.getByText(/of \d+ units could be theirs/)).toBeVisible()
    await expect(page.getByText(/An estimate, not a rating/).first()).toBeVisible()
    const best = page.getByRole('group', { name: 'T-107 Pennick 20 BN' })
    await expect(best).toContainText(/For it: /)
    // Another of its plan stands in its entry, told apart, and has none of its own.
    await expect(best.getByRole('link', { name: /^T-\d+ \$[\d,]+/ })).not.toHaveCount(0)
    const twin = await best
      .getByRole('link', { name: /^T-\d+ \$[\d,]+/ })
      .first()
      .textContent()
    await expect(page.getByRole('group', { name: new RegExp(`^${twin!.slice(0, 5)} `) })).toHaveCount(0)
    await best.getByRole('button', { name: 'All reasons' }).click()
    await expect(best).toContainText(/Beside T-\d+: .*in all, of 100 points\./)
    await expect(best).toContainText('Ta in the upper bunk')
    await expect(best).toContainText('Jo in the lower bunk')
    await expect(best).toContainText('No child under 6 in an upper bunk: the federal bunk-bed standard.')
    await expect(page.getByRole('heading', { name: /^Nearly/ })).toBeVisible()
    await expectAccessible(page)
    // What matters to them is a slider; the order follows, is in the address, and goes back to the house's.
    await page.getByText('What matters to them').click()
    await page.getByRole('slider', { name: 'Bath' }).focus()
    for (let i = 0; i < 2; i++) await page.keyboard.press('ArrowRight')
    await expect(page).toHaveURL(/matters=bath(~|%7E)4/)
    await expect(page.getByText('What matters to them: 1 set otherwise, the order follows')).toBeVisible()
    await page.getByRole('button', { name: 'All as usual' }).click()
    await expect(page).not.toHaveURL(/matters/)
    // Pinned it comes first, set aside last, with the reason and who gave it.
    await best.getByRole('button', { name: 'T-107: pin, set aside or note' }).click()
    await page.getByRole('button', { name: 'Pin', exact: true }).click()
    await expect(page.getByRole('region', { name: /^Pinned/ }).getByRole('group', { name: /^T-107/ })).toBeVisible()
    await best.getByRole('button', { name: 'T-107: pin, set aside or note' }).click()
    await page.getByRole('textbox', { name: 'Why, or what to remember' }).fill('The step is too high')
    await page.getByRole('button', { name: 'Set aside', exact: true }).click()
    const aside = page.getByRole('region', { name: /^Set aside/ })
    await expect(aside).toContainText('“The step is too high”')
    await aside.getByRole('button', { name: 'T-107: pin, set aside or note' }).click()
    await page.getByRole('button', { name: 'Neither' }).click()
    await expect(aside).toHaveCount(0)
  })

  await test.step('4. two chosen for the board', async () => {
    const checked = page.getByRole('checkbox', { checked: true })
    for (let left = await checked.count(); left > 0; left--) {
      await checked.first().click()
      await expect(checked).toHaveCount(left - 1)
    }
    await page.getByRole('checkbox', { name: 'Compare T-107' }).check()
    // Far down the list, it is there once one asks for more.
    const other = page.getByRole('checkbox', { name: 'Compare T-118' })
    while ((await other.count()) === 0)
      await page
        .getByRole('button', { name: /^Show \d+ more$/ })
        .first()
        .click()
    await other.check()
    await page.getByRole('button', { name: 'Compare 2' }).click()
    await expect(page.getByRole('heading', { name: 'Two on one ruler' })).toBeVisible()
  })

  await test.step('5. the three times of day, by key', async () => {
    const strip = page.getByRole('region', { name: /T-107/ }).getByRole('img', { name: /from above/ })
    await expect(strip).toHaveAttribute('aria-label', /parked, slides out/)
    await expectAccessible(page)
    await page.keyboard.press('n')
    await expect(page).toHaveURL(/time=night/)
    await expect(strip).toHaveAttribute(
      'aria-label',
      /Ro and Mi in the Short queen; Jo in the Lower bunk; Ta in the Upper bunk/,
    )
    await expect(strip.getByText('Jo', { exact: true })).toBeVisible()
    await expectAccessible(page)
    await page.keyboard.press('r')
    await expect(strip).toHaveAttribute('aria-label', /on the road, slides in/)
    await expect(page.getByRole('heading', { name: 'What tells them apart' })).toBeVisible()
    await page.keyboard.press('d')
    await expect(page.getByRole('heading', { name: 'Everything that was asked' })).toBeVisible()
    await expect(page.getByText('Every sleeping area needs a second way out.')).toBeVisible()
    await expectAccessible(page)
  })
})

test('the evening colors keep their contrast on every screen', async ({ page }) => {
  await enter(page, 'manager')
  await page.goto('/')
  await page.getByRole('button', { name: /settings and sign out/ }).click()
  await pressEntry(page, 'Evening colors')
  await expect(page.locator('html')).toHaveClass(/dark/)
  const at = await householdAt(page, /Vossberg/)
  for (const address of ['/', '/yard', at, `${at}/units/T-118`, `${at}/compare?time=night&guests=true`]) {
    await page.goto(address)
    await expect(page.locator('html')).toHaveClass(/dark/)
    await expectAccessible(page, ['color-contrast'])
  }
})
