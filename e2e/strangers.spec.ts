import { expect, pressEntry, test } from './testing/lot'
import { handlers, pages } from './testing/doors'

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
