import { beforeAll, describe, expect, it } from 'vitest'
import { readings } from '@hitchet/core/testing/someone'
import { FAMILY } from '@hitchet/core/testing/lot'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import { inTransaction } from '../db/database'
import { saveTrailers, trailersByStock, changeTrailer } from '../db/trailers'
import { ownDatabase } from '../testing/database'
import { yardCards } from './cards'
import { stripOf } from './strips'
import { yardPage } from './yardList'

ownDatabase('yard_list')

const { askingPrice: _dropped, ...unpriced } = FAMILY.readings
const priced = (n: number): Trailer => ({
  ...FAMILY,
  stock: `N-${String(n).padStart(2, '0')}`,
  readings: { ...unpriced, ...(n !== 7 && readings({ askingPrice: 40_000 - 1_000 * n })) },
})
const yard = Array.from({ length: 24 }, (_, n) => priced(n))

beforeAll(() => inTransaction((transaction) => saveTrailers(yard, null, transaction)))

const search = { text: '', order: 'order' as const, from: 0 }
const stocks = async (asked: Partial<Parameters<typeof yardPage>[0]>) =>
  (await yardPage({ ...search, ...asked })).rows.map(({ unit }) => unit.stock)

describe('the yard, page by page', () => {
  it('every unit is on one page and one only, in the order asked for', async () => {
    const seen = [...(await stocks({})), ...(await stocks({ from: 10 })), ...(await stocks({ from: 20 }))]
    expect(seen).toEqual(yard.map(({ stock }) => stock))
    expect(await stocks({ from: 30 })).toEqual([])
    const cheapest = await stocks({ order: 'price', from: 14 })
    // The dearest, and after it the one whose price nobody read.
    expect(cheapest.slice(-2)).toEqual(['N-00', 'N-07'])
    expect((await stocks({ order: 'price' }))[0]).toBe('N-23')
  })

  it('a price nobody read stays in a search for one, and is said to be unsure', async () => {
    const page = await yardPage({ ...search, text: 'under 20k' })
    expect(page).toMatchObject({ all: 24, listed: 5, unsure: 1 })
    expect(page.rows.filter(({ unsure }) => unsure).map(({ unit }) => unit.stock)).toEqual(['N-07'])
  })

  it('words that nobody understands narrow nothing and are named', async () =>
    expect(await yardPage({ ...search, text: 'zebra' })).toMatchObject({ listed: 24, strange: ['zebra'] }))

  it('carries no document: a row weighs less than two kilobytes', async () => {
    const { rows } = await yardPage(search)
    for (const row of rows) expect(JSON.stringify(row).length).toBeLessThan(2_000)
  })
})

describe('a card', () => {
  it('that is still being made holds nobody up: its unit counts, and comes when it is made', async () => {
    await changeTrailer('N-09', null, (latest) => ({ ...latest, year: latest.year + 1 }))
    process.env.HITCHET_PATIENCE = '0'
    try {
      const page = await yardPage(search)
      expect(page).toMatchObject({ all: 24, listed: 23, open: 1 })
      expect(page.rows.map(({ unit }) => unit.stock)).not.toContain('N-09')
    } finally {
      process.env.HITCHET_PATIENCE = '600000'
    }
    expect(await yardPage(search)).toMatchObject({ all: 24, listed: 24, open: 0 })
  })

  it('is read anew as soon as its unit is another version, and no other is', async () => {
    const before = await yardCards()
    await changeTrailer('N-03', null, (latest) => ({ ...latest, year: latest.year + 1 }))
    const after = await yardCards()
    expect(after.find(({ unit }) => unit.stock === 'N-03')).toMatchObject({
      version: 2,
      unit: { year: FAMILY.year + 1 },
    })
    for (const card of before.filter(({ unit }) => unit.stock !== 'N-03')) expect(after).toContain(card)
  })
})

describe('a strip as a picture', () => {
  it('of its version is the same for good; asked for by an older one it is what is there, and not for good', async () => {
    const { id } = (await trailersByStock(['N-04']))[0]!
    const first = await stripOf(id, '1', 'row-day')
    expect(first.forGood).toBe(true)
    expect(first.svg).toMatch(/^<svg xmlns="http:\/\/www\.w3\.org\/2000\/svg" /)
    expect(first.svg).not.toContain('var(--')
    expect((await stripOf(id, '1', 'row-evening')).svg).not.toBe(first.svg)
    await changeTrailer('N-04', null, (latest) => ({ ...latest, plan: { ...latest.plan, fixtures: [] } }))
    const next = await stripOf(id, '2', 'row-day')
    expect(next.forGood).toBe(true)
    expect(next.svg).not.toBe(first.svg)
    expect(await stripOf(id, '9', 'row-day')).toEqual({ svg: next.svg, forGood: false })
  })

  it.each(['row', 'row-noon', '__proto__-day', 'huge-day'])('%s is no look', async (look) => {
    const { id } = (await trailersByStock(['N-04']))[0]!
    await expect(stripOf(id, '1', look)).rejects.toMatchObject({ status: 404 })
  })
})
