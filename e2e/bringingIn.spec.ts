import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { enter, expect, expectAccessible, householdAt, test, unique } from './testing/lot'

const unit = JSON.parse(
  readFileSync(join(import.meta.dirname, '../demo/yard/t-103-pennick-17-q.json'), 'utf8'),
) as Record<string, unknown>
const file = (name: string, document: unknown) => ({
  name,
  mimeType: 'application/json',
  buffer: Buffer.from(typeof document === 'string' ? document : JSON.stringify(document)),
})

test('one’s own stock: errors are named, good files go in, and come out as they were', async ({ page }) => {
  await enter(page)
  await page.goto('/yard/import')
  const choose = (...files: ReturnType<typeof file>[]) => page.getByLabel('Files to bring in').setInputFiles(files)

  await choose(
    file('spoiled.json', { ...unit, stock: 'E2E-1', year: 'new' }),
    file('fine.json', { ...unit, stock: 'E2E-2', make: 'Ellmoor' }),
  )
  await page.getByRole('button', { name: 'Bring in 2 files' }).click()
  await expect(page.getByText('Nothing was brought in.')).toBeVisible()
  await expect(page.getByText(/spoiled\.json: Year: found “new”; right would be a number/)).toBeVisible()
  await expectAccessible(page)

  await page.getByLabel('Keep the good files when some have errors').check()
  await page.getByRole('button', { name: 'Bring in 2 files' }).click()
  await expect(page.getByText('Done: new in the yard: E2E-2.')).toBeVisible()
  await page.getByRole('link', { name: 'To the yard' }).click()
  await page.getByLabel('Narrow the yard').fill('ellmoor')
  await expect(page.getByText(/^1 of \d+$/)).toBeVisible()

  const out = await page.request.get('/api/trailers/E2E-2')
  expect(out.headers()['content-disposition']).toBe('attachment; filename="e2e-2.json"')
  expect(await out.json()).toEqual({ ...unit, stock: 'E2E-2', make: 'Ellmoor' })
})

test('files that are in the yard already are said to be, and bringing them in may be stopped', async ({ page }) => {
  await enter(page)
  await page.goto('/yard/import')
  // It gets no answer: whoever stops it is not too late.
  await page.route('**/api/import', () => undefined)
  const files = Array.from({ length: 30 }, (_, i) => file(`s-${i}.json`, { ...unit, stock: `STOP-${i}` }))
  await page.getByLabel('Files to bring in').setInputFiles(files)
  await page.getByRole('button', { name: 'Bring in 30 files' }).click()
  await page.getByRole('button', { name: 'Stop' }).click()
  await expect(page.getByText(/Stopped before the end: either all of it went in or nothing/)).toBeVisible()
  await page.unroute('**/api/import')
  await page.goto('/yard/import')
  await page.getByLabel('Files to bring in').setInputFiles([file('again.json', unit)])
  await page.getByRole('button', { name: 'Bring in 1 file' }).click()
  await expect(page.getByText(`Done: in the yard already, word for word: ${String(unit.stock)}.`)).toBeVisible()
})

test('files that are none of ours are named, each with what it is', async ({ page }) => {
  await enter(page)
  await page.goto('/yard/import')
  await page
    .getByLabel('Files to bring in')
    .setInputFiles([
      file('letter.json', 'Dear all,'),
      { name: 'stock.csv', mimeType: 'text/csv', buffer: Buffer.from('stock,year') },
    ])
  await page.getByRole('button', { name: 'Bring in 2 files' }).click()
  await expect(
    page.getByText(/letter\.json: The document: found “Dear all,”; right would be a trailer\.json/),
  ).toBeVisible()
  await expect(
    page.getByText(/stock\.csv: The document: found “a table”; right would be a trailer\.json/),
  ).toBeVisible()
})

test('a household that is here already is asked about, and renewed', async ({ page }) => {
  await enter(page)
  const they = JSON.parse(readFileSync(join(import.meta.dirname, '../demo/households/okoro-lindt.json'), 'utf8')) as {
    name: string
    limits: object
  }
  const named = { ...they, name: unique('Okoro') }
  const bring = async (document: object) => {
    await page.goto('/yard/import')
    await page.getByLabel('Files to bring in').setInputFiles([file('they.json', document)])
    await page.getByRole('button', { name: 'Bring in 1 file' }).click()
  }
  await bring(named)
  await expect(page.getByText(`Done: households: ${named.name}.`)).toBeVisible()
  await bring({ ...named, limits: { ...they.limits, budget: 61_000 } })
  await expect(page.getByText('This household is here already, and the file says otherwise:')).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Renew it from the file' }).click()
  await expect(page.getByText(`Done: renewed: ${named.name}.`)).toBeVisible()
  await page.goto(await householdAt(page, new RegExp(named.name)))
  await expect(page.getByLabel('Budget before taxes and fees')).toHaveValue('61000')
})

test('more files at once than go in are refused in words, by the page and by the server', async ({ page }) => {
  await enter(page)
  await page.goto('/yard/import')
  const many = Array.from({ length: 1_001 }, (_, i) => file(`m-${i}.json`, '{}'))
  await page.getByLabel('Files to bring in').setInputFiles(many)
  await expect(page.getByText('1,001 files at once are too many. Choose at most 1,000 at a time')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Bring in', exact: true })).toBeDisabled()
  const lines = [{ keepGood: false, again: 'ask' }, ...many.map(({ name }) => ({ name, text: '{}' }))]
  const sent = await page.evaluate(
    async (body) => {
      const answer = await fetch('/api/import', { method: 'POST', body })
      return answer.text()
    },
    lines.map((one) => JSON.stringify(one)).join('\n'),
  )
  expect(JSON.parse(sent.trim().split('\n').at(-1)!)).toMatchObject({
    refusal: { kind: 'refused', says: '1001 files at once are too many. Import at most 1000 at a time.' },
  })
})
