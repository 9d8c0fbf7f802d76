import { chromium } from 'playwright-core'
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-gpu'] })
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
await page.goto('http://127.0.0.1:4180/sign-in')
await page.getByRole('button', { name: /consultant/ }).click()
await page.waitForURL('http://127.0.0.1:4180/')
const href = await page.getByRole('link', { name: /Okoro/ }).first().getAttribute('href')
for (let i = 0; i < 4; i++) {
  const t0 = Date.now()
  page.once('response', () => console.log('first response', Date.now() - t0))
  await Promise.all([page.waitForRequest(/yard-left/).then(() => console.log('hydrated', Date.now() - t0)), page.goto('http://127.0.0.1:4180' + href).then(() => console.log('load', Date.now() - t0))])
}
console.log(await page.evaluate(() => JSON.stringify(performance.getEntriesByType('resource').map(r => [r.name.slice(-30), Math.round(r.startTime), Math.round(r.responseEnd), r.transferSize]).slice(0, 30))))
console.log(await page.evaluate(() => [document.documentElement.outerHTML.length, document.querySelectorAll('*').length, document.querySelectorAll('style').length, [...document.querySelectorAll('style')].reduce((s,e)=>s+e.textContent.length,0)]))
await browser.close()
