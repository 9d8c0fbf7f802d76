import { once } from 'node:events'
import { connect, type Socket } from 'node:net'
import { expect, pressEntry, test, unique } from './testing/lot'
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

test('what nobody does here, and what somebody made up, is refused at the door', async ({ request, baseURL }) => {
  for (const method of ['TRACE', 'PROPFIND']) {
    const { hostname, port } = new URL(baseURL!)
    const socket = connect(Number(port), hostname)
    socket.write(`${method} / HTTP/1.1\r\nHost: ${hostname}\r\nConnection: close\r\n\r\n`)
    const [said] = (await once(socket, 'data')) as [Buffer]
    expect(said.toString()).toMatch(/^HTTP\/1\.1 405 /)
    socket.destroy()
  }
  for (const address of ['/', '/sign-in', '/yard']) {
    const made = await request.post(address, {
      headers: { origin: baseURL!, 'next-action': 'a'.repeat(40) },
      data: '[]',
    })
    expect(made.status()).toBe(400)
  }
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

test('what was typed and not saved leaves the device with whoever signs out, and not unasked', async ({ page }) => {
  await page.goto('/sign-in')
  await page.getByRole('button', { name: /, manager$/ }).click()
  // Whoever goes on before they are in is sent back to the door.
  await page.getByRole('navigation', { name: 'Places' }).waitFor()
  await page.goto('/households/new')
  await page.getByLabel('What to call them').fill('The Secrets')
  await expect(page.getByText('Not saved yet; kept on this device as you type.')).toBeVisible()
  page.on('dialog', (dialog) => void dialog.accept())
  await page.getByRole('button', { name: /settings and sign out/ }).click()
  await pressEntry(page, 'Sign out')
  await expect(page.getByText('Something on this device is not saved yet. Signing out drops it.')).toBeVisible()
  await page.getByRole('button', { name: 'Drop and sign out' }).click()
  await expect(page).toHaveURL(/\/sign-in$/)
  expect(await page.evaluate(() => JSON.stringify(localStorage))).not.toContain('Secrets')
})

test('twenty who send their request a letter at a time keep nobody waiting', async ({ page, baseURL }) => {
  const { hostname, port } = new URL(baseURL!)
  const head = [
    'POST /api/sign-in HTTP/1.1',
    `Host: ${hostname}:${port}`,
    `Origin: ${baseURL!}`,
    'Content-Type: application/json',
    'Content-Length: 4000',
    '',
    '{',
  ].join('\r\n')
  const sockets = Array.from({ length: 20 }, () =>
    connect(Number(port), hostname, function (this: Socket) {
      this.write(head)
    }),
  )
  try {
    await Promise.all(sockets.map((socket) => once(socket, 'connect')))
    for (const socket of sockets) socket.write(' ')
    await page.goto('/sign-in')
    await page.getByRole('button', { name: /, consultant$/ }).click()
    await expect(page).toHaveURL('/')
    expect(sockets.every(({ destroyed }) => !destroyed)).toBe(true)
  } finally {
    for (const socket of sockets) socket.destroy()
  }
})

test('an address that cannot be read, or is nobody’s, is answered as such', async ({ page, request, baseURL }) => {
  await page.goto('/sign-in')
  await page.getByRole('button', { name: /, consultant$/ }).click()
  await expect(page).toHaveURL('/')
  const cookie = (await page.context().cookies()).map(({ name, value }) => `${name}=${value}`).join('; ')
  const status = async (path: string) => (await request.get(`${baseURL!}${path}`, { headers: { cookie } })).status()
  expect(await status('/yard/%E0%A4%A')).toBe(400)
  expect(await status('/api/trailers/%00')).toBe(400)
  expect(await status('/api/trailers/NOPE')).toBe(404)
  expect(await status('/households/not-a-number')).toBe(404)
  expect(await status('/api/strips/x/y/z')).toBe(404)
  for (const body of ['', '{', 'null', '[]', '7'])
    expect(
      (
        await request.post('/api/households', { headers: { cookie, origin: baseURL! }, data: Buffer.from(body) })
      ).status(),
    ).toBe(400)
})

test('scripts run only that a page was sent with, and nothing of people lies in a cache', async ({ page }) => {
  await page.goto('/sign-in')
  await page.getByRole('button', { name: /, consultant$/ }).click()
  await expect(page).toHaveURL('/')
  const response = (await page.goto('/'))!
  const { 'content-security-policy': policy, 'cache-control': cache } = response.headers()
  expect(policy).toMatch(/script-src 'self' 'nonce-[0-9a-f]{32}';/)
  expect(cache).toContain('no-store')
  expect((await page.goto('/'))!.headers()['content-security-policy']).not.toBe(policy)
  // A page of its own: what is refused there is said in its console.
  const other = await page.context().newPage()
  await other.goto('/')
  const ran = await other.evaluate(() => {
    const script = document.createElement('script')
    script.textContent = 'window.ran = true'
    document.body.append(script)
    return 'ran' in window
  })
  expect(ran).toBe(false)
  expect((await page.request.get('/api/yard')).headers()['cache-control']).toBe('no-store')
  expect((await page.request.get('/api/health')).headers()['x-request-id']).toMatch(/^[0-9a-f-]{36}$/)
})

test('whoever claims another address with each guess is the same stranger still', async ({ request, baseURL }) => {
  const email = `${unique('nobody').replace(' ', '.')}@lot.example`
  const said = new Set<number>()
  for (let i = 0; i < 12; i++) {
    const headers = { origin: baseURL!, 'x-forwarded-for': `198.51.100.${i}`, 'x-forwarded-host': `h${i}.example` }
    const data = { email, password: 'guess' }
    said.add((await request.post('/api/sign-in', { headers, data })).status())
  }
  expect([...said]).toEqual([422, 429])
})
