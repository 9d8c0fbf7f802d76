import type { Page } from '@playwright/test'
import { enter, expect, expectAccessible, takeIn, test } from './testing/lot'

test.beforeEach(({ page }) => enter(page))

/** Where a point of the plan is on the screen. */
async function onScreen(page: Page, [x, y]: [number, number]): Promise<[number, number]> {
  return page
    .locator('[data-board] svg')
    .first()
    .evaluate(
      (svg, [px, py]) => {
        const point = new DOMPoint(px, py).matrixTransform((svg as SVGSVGElement).getScreenCTM()!)
        return [point.x, point.y] as [number, number]
      },
      [x, y] as const,
    )
}

const item = (page: Page, name: RegExp | string) => page.locator('[data-item]').and(page.getByRole('button', { name }))
const night = (page: Page) => page.getByRole('region', { name: 'Night, all made up' })
const parked = (page: Page) => page.getByRole('region', { name: 'Parked', exact: true })

test('a small plan from nothing with the mouse: placed, dragged, stretched, undone, saved', async ({ page }) => {
  const stock = await takeIn(page)
  const place = async (name: string, at: [number, number]) => {
    await page.getByRole('region', { name: 'Shelf' }).getByRole('button', { name, exact: true }).click()
    await page.mouse.click(...(await onScreen(page, at)))
    await expect(item(page, new RegExp(`^${name}`)).last()).toHaveAttribute('aria-pressed', 'true')
  }
  await place('Entry door', [140, 89])
  await place('Double bed', [60, 45])
  await place('Exit window', [30, 1])
  await place('Toilet', [160, 20])
  await place('Counter', [120, 14])
  await expect(item(page, /^Entry door, 28 in by 0 in, 10 ft 6 in from the front, 90 in from/)).toBeVisible()

  // Dragged near the off-door wall it lies on it.
  const bed = item(page, /^Double bed/)
  const [fromX, fromY] = await onScreen(page, [60, 45])
  const [toX, toY] = await onScreen(page, [40, 29])
  await page.mouse.move(fromX, fromY)
  await page.mouse.down()
  await page.mouse.move(fromX + 4, fromY + 2, { steps: 3 })
  await page.mouse.move(toX, toY, { steps: 6 })
  await page.mouse.up()
  await expect(bed).toHaveAccessibleName(/74 in by 52 in, 2 in from the front, 2 in from the off-door side/)
  const where = await bed.getAttribute('aria-label')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(bed).not.toHaveAttribute('aria-label', where!)
  await page.getByRole('button', { name: 'Redo' }).click()
  await expect(bed).toHaveAttribute('aria-label', where!)

  // Exact numbers as people write them.
  await page.getByRole('textbox', { name: 'From the front' }).fill('2')
  await page.getByRole('textbox', { name: 'From the front' }).press('Enter')
  await page.getByRole('textbox', { name: 'From off-door side' }).fill('2 in')
  await page.getByRole('textbox', { name: 'From off-door side' }).press('Enter')
  await expect(bed).toHaveAccessibleName(/2 in from the front, 2 in from the off-door side/)
  await expect(night(page)).toContainText('all right')

  // What cannot be so is said at once: the toilet pushed into the counter.
  await item(page, /^Toilet/).click()
  await page.getByRole('textbox', { name: 'From the front' }).fill('130')
  await page.getByRole('textbox', { name: 'From the front' }).press('Enter')
  await expect(parked(page)).toContainText(/The counter stands in the toilet|The toilet stands in the counter/)
  await page.keyboard.press('Control+z')
  await expect(parked(page)).toContainText('all right')

  await page.getByRole('button', { name: 'Save the plan' }).click()
  await expect(page.getByText('Saved.')).toBeVisible()
  await page.goto(`/yard/${stock}`)
  await expect(page.getByRole('group', { name: /Double bed/ })).toBeVisible()
})

test('the same by keyboard alone', async ({ page }) => {
  await takeIn(page)
  const place = async (name: string) => {
    await page.getByRole('region', { name: 'Shelf' }).getByRole('button', { name, exact: true }).focus()
    await page.keyboard.press('Enter')
    await expect(item(page, new RegExp(`^${name}`)).last()).toBeFocused()
  }
  await place('Queen')
  await expect(item(page, /^Queen/)).toHaveAccessibleName(/80 in by 60 in, 50 in from the front, 15 in/)
  for (let i = 0; i < 8; i++) await page.keyboard.press('Shift+ArrowLeft')
  await page.keyboard.press('ArrowUp')
  await expect(item(page, /^Queen/)).toHaveAccessibleName(/, 2 in from the front, 14 in/)
  await page.keyboard.press('q')
  await expect(item(page, /^Queen/)).toHaveAccessibleName(/60 in by 80 in/)
  await page.keyboard.press('Control+z')
  await page.keyboard.press('Control+ArrowLeft')
  await expect(item(page, /^Queen/)).toHaveAccessibleName(/79 in by 60 in/)
  await page.keyboard.press('Control+d')
  await expect(item(page, /^Queen/)).toHaveCount(2)
  await page.keyboard.press('Delete')
  await expect(item(page, /^Queen/)).toHaveCount(1)
  await place('Toilet')
  await page.getByRole('button', { name: 'Save the plan' }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByText('Saved.')).toBeVisible()
})

test('a slide and a sofa that becomes a bed are tried in all three times of day at once', async ({ page }) => {
  await takeIn(page)
  const shelf = page.getByRole('region', { name: 'Shelf' })
  await shelf.getByRole('button', { name: 'Entry door', exact: true }).click()
  await page.mouse.click(...(await onScreen(page, [150, 89])))
  await shelf.getByRole('button', { name: 'Slide', exact: true }).click()
  await page.mouse.click(...(await onScreen(page, [70, 20])))
  await shelf.getByRole('button', { name: 'Tri-fold sofa', exact: true }).click()
  await page.mouse.click(...(await onScreen(page, [70, -14])))
  await expect(page.getByText('Rides in the slide')).toBeVisible()
  await page.getByRole('button', { name: 'Becomes a bed' }).click()
  await expect(page.getByRole('heading', { name: 'Tri-fold sofa bed' })).toBeVisible()
  await expect(page.getByLabel('Steps, one to a line')).toHaveValue(/Take the cushions off/)
  await shelf.getByRole('button', { name: 'Refrigerator', exact: true }).click()
  await page.mouse.click(...(await onScreen(page, [70, 44])))
  await expect(page.getByRole('region', { name: 'On the road' })).toContainText(/stands in/)
  await expect(parked(page)).not.toContainText(/stands in/)
  await expect(night(page)).toContainText(/stands in/)
})

test('rooms are drawn by themselves, and a shower’s corner is cut by its inches', async ({ page }) => {
  const stock = await takeIn(page)
  const shelf = page.getByRole('region', { name: 'Shelf' })
  await shelf.getByRole('button', { name: 'Shower', exact: true }).focus()
  await page.keyboard.press('Enter')
  await page.getByLabel('Corner cut').selectOption('rear door')
  await page.getByRole('textbox', { name: 'Cut by' }).fill('12')
  await page.getByRole('textbox', { name: 'Cut by' }).press('Enter')
  await expect(page.locator('[data-board] clipPath polygon')).toHaveCount(1)
  await shelf.getByRole('button', { name: 'Room', exact: true }).focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('checkbox', { name: 'Rooms' })).toBeChecked()
  await page.getByLabel('Closed by').selectOption('curtain')
  await page.getByRole('button', { name: 'Save the plan' }).click()
  await expect(page.getByText('Saved.')).toBeVisible()
  await page.goto(`/yard/${stock}`)
  await expect(page.getByText(/Room, closed by a curtain/)).toBeVisible()
})

test('traced over a picture that is scaled by two known points', async ({ page }) => {
  await takeIn(page)
  const svg =
    '<svg xmlns="http://www.w3.org/2000/svg" width="400" height="200">' +
    '<rect x="40" y="40" width="320" height="120" fill="none" stroke="black"/></svg>'
  await page
    .getByLabel('Picture to trace')
    .setInputFiles({ name: 'sheet.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(svg) })
  const picture = page.locator('[data-underlay]')
  await expect(picture).toHaveAttribute('width', '180')
  await page.getByRole('button', { name: 'Scale it' }).click()
  // The drawn box runs from pixel 40 to pixel 360: at 180 in for 400 pixels from 18 to 162 in.
  await page.mouse.click(...(await onScreen(page, [18, 60])))
  await page.mouse.click(...(await onScreen(page, [162, 60])))
  await page.getByLabel('They lie apart').fill('15 ft')
  await page.getByRole('button', { name: 'Scale', exact: true }).click()
  const width = Number(await picture.getAttribute('width'))
  expect(Math.abs(width - (400 * 180) / 320)).toBeLessThan(2)
  // The picture lies there still after a reload.
  await page.reload()
  await expect(picture).toHaveAttribute('width', String(width))
  await page
    .getByLabel('Picture to trace')
    .setInputFiles({ name: 'notes.txt', mimeType: 'text/plain', buffer: Buffer.from('no picture') })
  await expect(page.getByRole('alert').filter({ hasText: 'notes.txt' })).toContainText(
    'right would be a PNG, JPEG or SVG',
  )
})

test('measured by the meter: the reading goes to what asks, garbled and far ones are refused', async ({ page }) => {
  await page.goto('/yard/T-121/tape')
  const row = page.getByRole('button', { name: /^Tub with shower: shower headroom/ })
  await expect(row).toContainText(/Waited for by \d+ households/)
  await row.click()
  const meter = page.getByRole('region', { name: 'Distance meter' })
  await expect(meter).toContainText('Next reading goes to: Tub with shower: shower headroom')
  await meter.getByRole('button', { name: 'Garbled' }).click()
  await expect(meter.getByRole('status')).toContainText('Not understood')
  await meter.getByLabel('What it would measure').fill('200 ft')
  await meter.getByRole('button', { name: 'Measure' }).click()
  await expect(meter.getByRole('status')).toContainText('outside what a meter measures')
  await meter.getByText('Replay a recorded session').click()
  await meter.getByLabel('Recorded lines').fill('ERR 255 weak signal\nDIST 1.9685 m *3D')
  await meter.getByRole('button', { name: /Next line/ }).click()
  await expect(meter.getByRole('status')).toContainText('could not measure')
  await meter.getByLabel('What it would measure').fill(`6'5 1/2`)
  await meter.getByRole('button', { name: 'Measure', exact: true }).click()
  await expect(page.getByRole('textbox', { name: 'Shower headroom' })).toHaveValue('77.5')
  await page.getByRole('button', { name: 'Write it down' }).click()
  await expect(page.getByText('Written down: Tub with shower: shower headroom.')).toBeVisible()
  await expect(row).toHaveCount(0)
})

test('the connection breaks mid-edit: nothing is lost, not by a reload either', async ({ page, context }) => {
  await takeIn(page)
  await page.getByRole('region', { name: 'Shelf' }).getByRole('button', { name: 'Wardrobe', exact: true }).focus()
  await page.keyboard.press('Enter')
  await expect(item(page, /^Wardrobe/)).toBeFocused()
  // The checks have come as far as the screen.
  await expect(parked(page)).toContainText(/all right|to look at|cannot be so/)
  await context.setOffline(true)
  await page.keyboard.press('Shift+ArrowRight')
  await page.getByRole('button', { name: 'Save the plan' }).click()
  await expect(page.getByText('No connection to the server. What you did is kept here')).toBeVisible()
  const where = await item(page, /^Wardrobe/).getAttribute('aria-label')
  await context.setOffline(false)
  page.on('dialog', (dialog) => void dialog.accept())
  await page.reload()
  await expect(page.getByText('What you had drawn and not saved is back.')).toBeVisible()
  await expect(item(page, /^Wardrobe/)).toHaveAttribute('aria-label', where!)
  await page.getByRole('button', { name: 'Save the plan' }).click()
  await expect(page.getByText('Saved.')).toBeVisible()
})

test('two people at one plan: the later one sees both and chooses', async ({ page, browser }) => {
  const stock = await takeIn(page)
  const other = await (await browser.newContext()).newPage()
  await enter(other, 'manager')
  await other.goto(`/yard/${stock}/tape?do=draw`)
  const put = async (on: Page, name: string) => {
    await on.getByRole('region', { name: 'Shelf' }).getByRole('button', { name, exact: true }).focus()
    await on.keyboard.press('Enter')
    await expect(item(on, new RegExp(`^${name}`))).toBeFocused()
    await on.getByRole('button', { name: 'Save the plan' }).click()
  }
  await put(other, 'Toilet')
  await expect(other.getByText('Saved.')).toBeVisible()
  await put(page, 'Wardrobe')
  const conflict = page.getByRole('alertdialog')
  await expect(conflict).toContainText('Someone else saved this plan')
  await expect(conflict.getByRole('img')).toHaveCount(2)
  await conflict.getByRole('button', { name: 'Take theirs, drop mine' }).click()
  await expect(item(page, /^Toilet/)).toBeVisible()
  await expect(item(page, /^Wardrobe/)).toHaveCount(0)
  await other.context().close()
})

test('a drawing that was left, taken up after somebody else saved: still both are seen', async ({ page, browser }) => {
  const stock = await takeIn(page)
  const put = async (on: Page, name: string) => {
    await on.getByRole('region', { name: 'Shelf' }).getByRole('button', { name, exact: true }).focus()
    await on.keyboard.press('Enter')
    await expect(item(on, new RegExp(`^${name}`))).toBeFocused()
  }
  await put(page, 'Wardrobe')
  page.on('dialog', (dialog) => void dialog.accept())
  await page.goto('/yard')
  const other = await (await browser.newContext()).newPage()
  await enter(other, 'manager')
  await other.goto(`/yard/${stock}/tape?do=draw`)
  await put(other, 'Toilet')
  await other.getByRole('button', { name: 'Save the plan' }).click()
  await expect(other.getByText('Saved.')).toBeVisible()
  await page.goto(`/yard/${stock}/tape?do=draw`)
  await expect(page.getByText('What you had drawn and not saved is back.')).toBeVisible()
  await page.getByRole('button', { name: 'Save the plan' }).click()
  await expect(page.getByRole('alertdialog')).toContainText('Someone else saved this plan')
  await page.getByRole('button', { name: 'Save mine over theirs' }).click()
  await expect(page.getByText('Saved.')).toBeVisible()
  await other.context().close()
})

test('several things in hand are dragged together, by as much', async ({ page }) => {
  await takeIn(page)
  const shelf = page.getByRole('region', { name: 'Shelf' })
  for (const [name, at] of [
    ['Wardrobe', [50, 45]],
    ['Toilet', [92, 45]],
  ] as const) {
    await shelf.getByRole('button', { name, exact: true }).click()
    await page.mouse.click(...(await onScreen(page, [...at])))
  }
  await item(page, /^Wardrobe/).click({ modifiers: ['Shift'] })
  await expect(page.getByText('2 things in hand', { exact: false })).toBeVisible()
  const left = async (name: RegExp) =>
    Number(/(-?[\d.]+) in from the front/.exec((await item(page, name).getAttribute('aria-label'))!)?.[1])
  const before = [await left(/^Wardrobe/), await left(/^Toilet/)]
  const [x, y] = await onScreen(page, [50, 45])
  await page.mouse.move(x, y)
  await page.mouse.down()
  await page.mouse.move(x - 60, y, { steps: 8 })
  await page.mouse.up()
  const after = [await left(/^Wardrobe/), await left(/^Toilet/)]
  expect(after[0]).toBeLessThan(before[0]!)
  expect(after[1]! - before[1]!).toBe(after[0]! - before[0]!)
})

test('one measures while another draws: the drawing is saved with the reading', async ({ page }) => {
  const stock = await takeIn(page)
  await page.getByRole('region', { name: 'Shelf' }).getByRole('button', { name: 'Refrigerator', exact: true }).focus()
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Save the plan' }).click()
  await expect(page.getByText('Saved.')).toBeVisible()
  await page.keyboard.press('Shift+ArrowRight')
  const taken = await page.evaluate(
    (unit) =>
      fetch(`/api/trailers/${unit}/readings`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ key: 'plan.fixtures.refrigerator.capacity', text: '8', source: 'label' }),
      }).then((answer) => answer.status),
    stock,
  )
  expect(taken).toBe(200)
  await page.getByRole('button', { name: 'Save the plan' }).click()
  await expect(page.getByRole('button', { name: 'Save the plan' })).toBeDisabled()
  await expect(page.getByRole('alertdialog')).toHaveCount(0)
  await page.goto(`/yard/${stock}?thing=refrigerator`)
  await expect(page.locator('dl').last()).toContainText('8 cu ft')
})

test('another unit’s plan to start from, mirrored, without its readings', async ({ page }) => {
  const stock = await takeIn(page)
  await page.getByLabel('Start from, or turn over').selectOption('T-101')
  await expect(item(page, /^Wet bath/)).toBeVisible()
  const before = await item(page, /^Refrigerator/).getAttribute('aria-label')
  await page.getByLabel('Start from, or turn over').selectOption('front to rear')
  await expect(item(page, /^Refrigerator/)).not.toHaveAttribute('aria-label', before!)
  await page.getByRole('button', { name: 'Save the plan' }).click()
  await expect(page.getByText('Saved.')).toBeVisible()
  await page.goto(`/yard/${stock}?thing=fridge`)
  await expect(page.locator('dl').getByText('Measure').first()).toBeVisible()
})

test('the tape on a tablet: big targets, accessible', async ({ page }) => {
  await page.setViewportSize({ width: 834, height: 1112 })
  await page.goto('/yard/T-118/tape')
  await expect(page.getByRole('button', { name: /^Headroom|Headroom|headroom/ }).first()).toBeVisible()
  const box = await page.getByRole('main').getByRole('listitem').first().boundingBox()
  expect(box!.height).toBeGreaterThanOrEqual(44)
  await expectAccessible(page)
  await page.goto('/yard/T-118/tape?do=draw')
  await expect(page.getByRole('toolbar', { name: 'Drawing' })).toBeVisible()
  await expectAccessible(page)
})

test('bays are written down: sizes, doors, what takes their room', async ({ page }) => {
  await takeIn(page)
  const bays = page.getByRole('region', { name: 'Bays' })
  await bays.getByRole('button', { name: 'Add a bay' }).click()
  await bays.getByRole('textbox', { name: 'Along, inside' }).fill('30')
  await bays.getByRole('textbox', { name: 'Along, inside' }).press('Enter')
  const door = bays.getByRole('group', { name: 'Door 1 of the bay' })
  await door.getByRole('textbox', { name: 'Wide' }).fill(`2'4`)
  await door.getByRole('textbox', { name: 'Wide' }).press('Enter')
  await bays.getByRole('button', { name: 'Take door 2 away' }).click()
  await page.getByRole('button', { name: 'Save the plan' }).click()
  await expect(page.getByText('Saved.')).toBeVisible()
  await page.reload()
  await bays.getByRole('button', { name: 'Pass-through' }).click()
  await expect(bays.getByRole('textbox', { name: 'Along, inside' })).toHaveValue('30 in')
  await expect(door.getByRole('textbox', { name: 'Wide' })).toHaveValue('28 in')
  await expect(bays.getByRole('group', { name: /of the bay/ })).toHaveCount(1)
})

test('what was measured and is drawn otherwise is said, and the wall is moved to it', async ({ page }) => {
  await page.goto('/yard/T-160/tape')
  await page.getByRole('button', { name: /^Toilet: wall to wall at the toilet/ }).click()
  await page.getByRole('textbox', { name: 'Wall to wall at the toilet' }).fill('22')
  await page.getByRole('button', { name: 'Write it down' }).click()
  const apart = page.getByRole('region', { name: 'Drawn otherwise than measured' })
  await expect(apart).toContainText('Wall to wall at the toilet was measured 22 in; drawn it is 26 in.')
  await page.getByText('Draw', { exact: true }).click()
  await parked(page).getByRole('button', { name: 'Move the wall' }).click()
  await expect(parked(page)).not.toContainText('was measured')
  await page.getByRole('button', { name: 'Save the plan' }).click()
  await expect(page.getByText('Saved.')).toBeVisible()
  await page.goto('/yard/T-160/tape')
  await expect(page.getByRole('button', { name: /^Power cord/ }).first()).toBeVisible()
  await expect(apart).toHaveCount(0)
})
