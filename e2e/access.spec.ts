import { expect, enter, pressEntry, test, unique, type Role } from './testing/lot'
import { handlers, pages } from './testing/doors'

/** Who may what, as the house wants it: written here once more, by address, not read from the program. */
const LOT: Role[] = ['lot hand', 'consultant', 'manager']
const FAMILIES: Role[] = ['consultant', 'manager']
const OFFICE: Role[] = ['manager']
const WHO: [RegExp, Role[]][] = [
  [/^\/office$|^\/api\/(people|set-aside|house)(\/|$)/, OFFICE],
  [/^\/yard\/import$|^\/api\/import$/, FAMILIES],
  [/^\/not-yours$|^\/own$|^\/api\/(sign-out|own\/.*)$/, LOT],
  [/^\/yard\b|^\/api\/(yard|trailers|strips|walk-events)(\/|$)/, LOT],
  // The desk sends whoever works on the lot there.
  [/^\/$/, LOT],
  [/./, FAMILIES],
]
const mayOpen = (role: Role, address: string) => WHO.find(([pattern]) => pattern.test(address))![1].includes(role)

for (const role of LOT) {
  test(`every page and handler is open to a ${role} or refused, as the house wants it`, async ({ page, baseURL }) => {
    await enter(page, role)
    const { request } = page
    for (const address of pages) {
      const response = await request.get(address)
      const isRefused = new URL(response.url()).pathname === '/not-yours' && address !== '/not-yours'
      expect(isRefused, `${role} at ${address}`).toBe(!mayOpen(role, address))
      expect(response.status(), address).toBeLessThan(500)
    }
    for (const { method, address } of handlers) {
      // That one is the way out: it would end the walk.
      if (address === '/api/sign-out') continue
      const data = method === 'GET' ? undefined : '{}'
      const response = await request.fetch(address, { method, headers: { origin: baseURL! }, data })
      expect(response.status() === 403, `${role}: ${method} ${address}`).toBe(!mayOpen(role, address))
      expect(response.status(), `${method} ${address}`).toBeLessThan(500)
    }
  })
}

test('a lot hand sees units and what to measure, and nobody’s name', async ({ page, baseURL }) => {
  await enter(page, 'lot hand')
  await page.goto('/')
  await expect(page).toHaveURL(/\/yard$/)
  await expect(page.getByRole('navigation', { name: 'Places' }).getByRole('link')).toHaveText(['Yard'])
  for (const address of ['/yard', '/yard/T-121', '/yard/T-121/tape', '/yard/T-121/walk']) {
    const text = await (await page.request.get(address)).text()
    expect(text, address).toContain('T-121')
    expect(text, address).not.toMatch(/Okoro|Vossberg|Dunmore|Oosterveen|Hartigan/)
  }
  const event = {
    id: crypto.randomUUID(),
    stock: 'T-121',
    household: crypto.randomUUID(),
    about: 'x',
    at: new Date().toISOString(),
    what: { kind: 'show' },
  }
  const headers = { origin: baseURL! }
  expect((await page.request.post('/api/walk-events', { headers, data: { events: [event] } })).status()).not.toBe(200)
  expect((await page.request.get(`/api/yard?household=${crypto.randomUUID()}`)).status()).toBe(403)
})

test('a family that a colleague brought is taken out by them or a manager; by mistake, it is put back', async ({
  browser,
  baseURL,
}) => {
  const pageOf = async (role: Role) => {
    const page = await (await browser.newContext({ baseURL: baseURL! })).newPage()
    await enter(page, role)
    return page
  }
  const [maren, osei] = [await pageOf('consultant'), await pageOf('manager')]
  const headers = { origin: baseURL! }
  const okoro = (await (await maren.request.get('/?households=60')).text()).match(/\/households\/([0-9a-f-]{36})/)![1]!
  const document = (await (await maren.request.get(`/api/households/${okoro}/file`)).json()) as object
  const name = unique('Brought by Osei')
  const [id, version] = [crypto.randomUUID(), 1]
  await osei.request.post('/api/households', { headers, data: { id, household: { ...document, name } } })
  const refused = await maren.request.delete(`/api/households/${id}`, { headers, data: { version } })
  expect([refused.status(), (await refused.json()) as object]).toEqual([
    403,
    expect.objectContaining({ says: 'A colleague brought this household: they or a manager may take it out.' }),
  ])
  await osei.goto(`/households/${id}/after`)
  await osei.getByLabel(`Type ${name} to erase`).fill(name)
  await osei.getByRole('button', { name: 'Erase' }).click()
  await expect(osei.getByText(`${name} was erased.`)).toBeVisible()
  expect((await osei.request.get(`/api/households/${id}/file`)).status()).toBe(404)
  await osei.getByRole('button', { name: `Put ${name} back` }).click()
  await expect(osei.getByText(`${name} was erased.`)).toBeHidden()
  expect((await osei.request.get(`/api/households/${id}/file`)).status()).toBe(200)
  await maren.context().close()
  await osei.context().close()
})

test('a manager sees who is signed in, and sends them out: the next press leads to the sign-in page', async ({
  browser,
  page,
  baseURL,
}) => {
  const context = await browser.newContext({ baseURL: baseURL! })
  const ivo = await context.newPage()
  await ivo.goto('/sign-in')
  await ivo.getByLabel('Email').fill('Ivo@Pinewater-Trailers.example')
  await ivo.getByLabel('Password').fill('a password for tests')
  await ivo.getByRole('button', { name: 'Sign in' }).click()
  await expect(ivo).toHaveURL(/\/yard$/)
  const copied = await context.cookies()

  await enter(page, 'manager')
  await page.goto('/yard')
  await page.getByRole('button', { name: /settings and sign out/ }).click()
  await pressEntry(page, 'Office')
  const row = page.getByRole('group', { name: 'Ivo Lenz, lot hand' })
  await row.getByRole('button', { name: 'Sign them out' }).click()
  await expect(row.getByText('not signed in')).toBeVisible()
  await ivo.goto('/yard')
  await expect(ivo).toHaveURL(/\/sign-in$/)
  // Whoever kept a copy of the cookie has nothing.
  await context.addCookies(copied)
  await ivo.goto('/yard')
  await expect(ivo).toHaveURL(/\/sign-in$/)
  await context.close()
})
