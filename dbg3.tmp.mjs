import { chromium } from 'playwright-core'
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-gpu'] })
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
await page.goto('http://127.0.0.1:4180/sign-in')
await page.getByRole('button', { name: /consultant/ }).click()
await page.waitForURL('http://127.0.0.1:4180/')
const href = await page.getByRole('link', { name: /Okoro/ }).first().getAttribute('href')
const path = process.argv[2] ? href + process.argv[2] : href
await browser.startTracing(page, { categories: ['devtools.timeline', 'disabled-by-default-devtools.timeline.stack', 'disabled-by-default-devtools.timeline', 'v8', 'blink', 'cc', 'toplevel'] })
await page.goto('http://127.0.0.1:4180' + path); await page.waitForTimeout(3500)
const buf = JSON.parse((await browser.stopTracing()).toString())
const sum = new Map(), count = new Map()
for (const e of buf.traceEvents) if (e.ph === 'X' && e.dur) { const k = e.name; sum.set(k, (sum.get(k) ?? 0) + e.dur); count.set(k, (count.get(k) ?? 0) + 1) }
console.log([...sum].sort((a, b) => b[1] - a[1]).slice(0, 40).map(([k, v]) => (v / 1000).toFixed(0) + ' ms x' + count.get(k) + ' ' + k).join('\n'))
await browser.close()
const st = new Map()
for (const e of buf.traceEvents) if ((e.name === 'UpdateLayoutTree' || e.name === 'Layout') && e.dur) { const f = (e.args?.beginData?.stackTrace ?? []).slice(0, 3).map(s => s.functionName + '@' + (s.url ?? '').slice(-18) + ':' + s.lineNumber+':'+s.columnNumber).join(' < '); const cur = st.get(e.name + ' ' + f) ?? [0, 0]; cur[0] += e.dur; cur[1]++; st.set(e.name + ' ' + f, cur) }
console.log([...st].sort((a, b) => b[1][0] - a[1][0]).slice(0, 10).map(([k, v]) => (v[0] / 1000).toFixed(0) + 'ms x' + v[1] + ' ' + k).join('\n'))
