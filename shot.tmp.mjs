import { chromium } from 'playwright-core'
const base = process.env.BASE ?? 'http://127.0.0.1:4180'
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-gpu','--disable-background-networking','--disable-component-update','--disable-sync'] })
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
page.on('pageerror', (e) => console.log('PAGEERROR', e.message.slice(0, 300)))
page.on('console', (m) => { if (m.type() === 'error') console.log('CONSOLE', m.text().slice(0, 400)) })
await page.goto(base + '/sign-in')
if (process.argv.includes('signin')) await page.screenshot({ path: '/tmp/shots/signin.png' })
await page.getByRole('button', { name: /consultant/ }).click()
await page.waitForURL(base + '/')
const rows = await page.getByRole('link', { name: /family|Salka|Underhay|Vossberg|Solberry/ }).all()
const ids = {}
for (const r of rows) ids[(await r.textContent())] = (await r.getAttribute('href')).split('/')[2]
const id = (name) => Object.entries(ids).find(([k]) => k.includes(name))[1]
for (const arg of process.argv.slice(2)) {
  if (arg === 'signin') continue
  const [name, path, full] = arg.split('=')[0] ? [arg.split('@')[0], arg.split('@')[1], arg.split('@')[2]] : []
  const url = path.replace(/\{(\w+)\}/g, (_, n) => id(n))
  await page.goto(base + url)
  await page.waitForLoadState('networkidle')
  await page.waitForTimeout(1500)
  await page.screenshot({ path: `/tmp/shots/${name}.png`, fullPage: full === 'full' })
}
await browser.close()
