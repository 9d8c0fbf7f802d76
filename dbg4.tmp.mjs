import { chromium } from 'playwright-core'
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-gpu'] })
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
const base = 'http://127.0.0.1:4180'
const hyd = async (url) => { const t0 = Date.now(); await page.goto(url, { waitUntil: 'commit' }); const t1 = Date.now(); await page.waitForFunction(() => { const b = document.querySelector('button, input'); return b && Object.keys(b).some(k => k.startsWith('__reactProps')) }, null, { polling: 20 }); return [t1 - t0, Date.now() - t0] }
console.log('signin', await hyd(base + '/sign-in'), await hyd(base + '/sign-in'))
await page.getByRole('button', { name: /consultant/ }).click()
await page.waitForURL(base + '/')
const href = await page.getByRole('link', { name: /Okoro/ }).first().getAttribute('href')
for (const p of ['/', '/yard', href, href + '/match', href + '/compare']) console.log(p, await hyd(base + p), await hyd(base + p))
await browser.close()
