#!/usr/bin/env node
// npm run pictures: refreshes docs/screenshots from the running demo, at 1280 x 800; the walk as on a tablet.
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { chromium } from '@playwright/test'
import { CHROMIUM } from './machine/chromium.mjs'
import { HOME, ROOT } from './machine/places.mjs'

const { address } = JSON.parse(readFileSync(join(HOME, 'demo.json'), 'utf8'))
const browser = await chromium.launch(CHROMIUM)
const page = await browser.newPage({
  baseURL: address,
  viewport: { width: 1280, height: 800 },
  serviceWorkers: 'block',
})
page.on('dialog', (dialog) => void dialog.accept())
await page.goto('/sign-in')
await page.getByRole('button', { name: /, consultant$/ }).click()
await page.getByRole('heading', { name: /Good to see you/ }).waitFor()
const at = async (name) => page.getByRole('link', { name }).first().getAttribute('href')
const [okoro, vossberg, dunmore, oosterveen, hartigan] = [
  await at(/Okoro/),
  await at(/Vossberg/),
  await at(/Dunmores/),
  await at(/Oosterveen/),
  await at(/Hartigan/),
]
const scrollTo = (id) => () =>
  page
    .evaluate((to) => document.getElementById(to)?.scrollIntoView({ block: 'start' }), id)
    .then(() => page.mouse.wheel(0, -140))

const shot = async (name, path, before = async () => {}) => {
  await page.goto(path)
  await page.waitForLoadState('networkidle')
  await page.waitForTimeout(2500)
  await before()
  await page.waitForTimeout(1200)
  await page.screenshot({ path: join(ROOT, 'docs', 'screenshots', `${name}.png`) })
}
await shot('desk', '/')
await shot('yard', '/yard?q=under+30+ft')
await shot('household', okoro)
await shot('match', `${dunmore}/match`)
await shot('compare-night', `${okoro}/compare?time=night`)
await shot('afterwards', `${okoro}/after`)
await shot('at-home', `${okoro}/after`, async () => {
  await page.goto((await page.getByRole('link', { name: 'Open it' }).last().getAttribute('href')) ?? '/')
})
await shot('compare-road', `${vossberg}/compare?time=road&units=T-112,T-118,T-126`)
await shot('unit-room', '/yard/T-118?layer=room&time=road&thing=bunk-lower')
await shot('unit-readings', `${okoro}/units/T-121?view=readings&missing=true`)
await shot('unit-sleeping', `${okoro}/units/T-118`, scrollTo('sleeping'))
await shot('unit-stowing', `${oosterveen}/units/T-118`, scrollTo('stowing'))
await shot('unit-stay', `${hartigan}/units/T-159`, scrollTo('staying'))
await shot('tape-measure', '/yard/T-121/tape')
await shot('tape-draw', '/yard/T-126/tape?do=draw', async () => {
  await page.locator('[data-item="sofa"]').click()
  for (let i = 0; i < 2; i++) await page.keyboard.press('Shift+ArrowRight')
})
await page.setViewportSize({ width: 834, height: 1112 })
await shot('walk-outside', '/yard/T-121/walk?at=under')
await shot('walk-inside', `${okoro}/units/T-118/walk?at=bath`, async () => {
  await page.locator('summary', { hasText: 'From the side' }).click()
  await page.getByRole('group', { name: 'In what' }).getByRole('button', { name: 'Tub with shower' }).click()
})
await shot('hand-over', `${okoro}/units/T-118/hand-over`)
await page.setViewportSize({ width: 1280, height: 800 })
await page.evaluate(() => localStorage.setItem('theme', 'dark'))
await shot('compare-evening', `${vossberg}/compare?time=night&guests=true&units=T-112,T-118,T-119`)
await browser.close()
