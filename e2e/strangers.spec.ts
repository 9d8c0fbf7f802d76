import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { expect, pressEntry, test } from './testing/lot'

const APP = join(import.meta.dirname, '../web/app')
const files = (readdirSync(APP, { recursive: true }) as string[]).map((path) => path.replaceAll('\\', '/'))
const addressOf = (file: string) =>
  `/${file.replace(/(^|\/)(page\.tsx|route\.ts)$/, '').replace(/\[\w+\]/g, '01a211c0-e19f-705b-a140-3081076aadf1')}`

/** Open to everybody: the way in, whether the program is up, and what stands on a device in place of a page it does not have. */
const OPEN = new Set(['/sign-in', '/api/sign-in', '/api/sign-in/demo', '/api/health', '/not-here'])
/** Open to whoever holds a link that we made; tried in `afterwards.spec.ts`. */
const isLinked = (address: string) => address.startsWith('/at-home/')

const pages = files
  .filter((file) => file.endsWith('page.tsx'))
  .map(addressOf)
  .filter((address) => !OPEN.has(address) && !isLinked(address))
const handlers = files
  .filter((file) => file.endsWith('route.ts'))
  .flatMap((file) =>
    [
      ...readFileSync(join(APP, file), 'utf8').matchAll(
        /export (?:const|async function|function) (GET|POST|PUT|PATCH|DELETE)\b/g,
      ),
    ].map(([, method]) => ({ method: method!, address: addressOf(file) })),
  )
  .filter(({ address }) => !OPEN.has(address) && !isLinked(address))

test('there are pages and handlers to try', () => {
  expect(pages.length).toBeGreaterThan(6)
  expect(handlers.length).toBeGreaterThan(5)
})

for (const address of pages) {
  test(`a stranger who opens ${address} is sent to the sign-in page`, async ({ request }) => {
    const response = await request.get(address)
    expect(new URL(response.url()).pathname).toBe('/sign-in')
    const page = await response.text()
    expect(page).toContain('Password')
    expect(page).not.toMatch(/T-1\d\d/)
  })
}

for (const { method, address } of handlers) {
  test(`a stranger's ${method} ${address} is refused`, async ({ request, baseURL }) => {
    const response = await request.fetch(address, {
      method,
      headers: { origin: baseURL! },
      data: method === 'GET' ? undefined : '{}',
    })
    expect(response.status()).toBe(401)
    expect(await response.json()).toEqual({ kind: 'stranger', says: 'Sign in first.' })
  })
}

test('a stranger who sends a hundred megabytes is refused before they are read', async ({ request, baseURL }) => {
  const sent = request.post('/api/import', { headers: { origin: baseURL! }, data: Buffer.alloc(100_000_000) })
  // The server may hang up in the middle of it: then there is no answer at all.
  expect([401, 'hung up']).toContain(await sent.then((response) => response.status()).catch(() => 'hung up'))
  expect((await request.get('/api/health')).status()).toBe(200)
})

test('a write from another site is refused even with the cookie', async ({ page, request, baseURL }) => {
  await page.goto('/sign-in')
  await page.getByRole('button', { name: /, consultant$/ }).click()
  await expect(page).toHaveURL('/')
  const cookie = (await page.context().cookies()).map(({ name, value }) => `${name}=${value}`).join('; ')
  const from = (origin: string) => request.post('/api/yard-left', { headers: { cookie, origin }, data: '{}' })
  expect((await from('http://evil.example')).status()).toBe(403)
  expect((await from(baseURL!)).status()).toBe(422)
})

test('a wrong password says neither which half was wrong nor lets anybody in', async ({ page }) => {
  await page.goto('/sign-in')
  await page.getByLabel('Email').fill('maren@pinewater-trailers.example')
  await page.getByLabel('Password').fill('guess')
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page.getByText('Email and password do not go together.')).toBeVisible()
  await page.goto('/yard')
  await expect(page).toHaveURL(/\/sign-in$/)
})

test('after signing out the pages are shut again, and nothing of them is framed by others', async ({ page }) => {
  await page.goto('/sign-in')
  await page.getByRole('button', { name: /, manager$/ }).click()
  await page.getByRole('button', { name: /settings and sign out/ }).click()
  await pressEntry(page, 'Sign out')
  await expect(page).toHaveURL(/\/sign-in$/)
  const response = await page.goto('/yard')
  await expect(page).toHaveURL(/\/sign-in$/)
  expect(response!.headers()['content-security-policy']).toContain("frame-ancestors 'none'")
})
