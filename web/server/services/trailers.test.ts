import { DEFAULT_HOUSE_RULES as RULES } from '@hitchet/core/rules/houseRules'
import { describe, expect, it } from 'vitest'
import type { Reading } from '@hitchet/core/readings/reading'
import { household, person } from '@hitchet/core/testing/someone'
import { berth, fixture, unit } from '@hitchet/core/testing/unit'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import { addHouseholds } from '../db/households'
import { inTransaction } from '../db/database'
import { yardFacts } from '../db/facts'
import { trailersByStock } from '../db/trailers'
import { ownDatabase } from '../testing/database'
import { renewTrailer, takeIn, takeReading, tapeListFor } from './trailers'

ownDatabase('tape')

const NELL = {
  id: '01a211c0-e19f-705b-a140-3081076aadf1',
  name: 'Nell',
  email: 'nell@lot.example',
  role: 'consultant',
} as Parameters<typeof takeIn>[1]
const bunkhouse = (stock: string): Trailer => ({
  ...unit({
    berths: [berth('bunk', 30, 74, { id: 'lower', name: 'Lower bunk' })],
    fixtures: [fixture('shower', [40, 60, 30, 30])],
  }),
  stock,
})
const stocked = async (stock: string) => (await takeIn(bunkhouse(stock), NELL), (await trailersByStock([stock]))[0]!)
const now = async (stock: string) => (await trailersByStock([stock]))[0]!
const json = async (response: Response) => (await response.json()) as Record<string, unknown>

describe('taking a unit in', () => {
  it('puts it into the yard with its facts', async () => {
    const { id } = await stocked('A-1')
    expect((await yardFacts(RULES)).map((one) => one.id)).toContain(id)
  })

  it('a stock number that hangs in another window is refused, however it is written', async () => {
    await stocked('A-2')
    const again = await takeIn({ ...bunkhouse('a-2') }, NELL)
    expect(again.status).toBe(409)
    expect(await json(again)).toMatchObject({ says: expect.stringContaining('a-2 is in the yard already') })
  })

  it('a bad one is refused with its flaws', async () => {
    const bad = await takeIn({ ...bunkhouse('A-3'), year: 12 }, NELL)
    expect(bad.status).toBe(422)
    expect(await json(bad)).toMatchObject({ flaws: [expect.stringContaining('year: found 12')] })
    expect(await trailersByStock(['A-3'])).toEqual([])
  })
})

describe('a plan that was drawn', () => {
  const wider = (trailer: Trailer): Trailer => ({
    ...trailer,
    plan: { ...trailer.plan, box: { ...trailer.plan.box, width: 100 } },
  })
  it('is saved over the version it began with, facts and all', async () => {
    const { trailer } = await stocked('B-1')
    const saved = await renewTrailer('B-1', 1, wider(trailer), NELL)
    expect(saved.status).toBe(200)
    expect(await json(saved)).toMatchObject({ version: 2, trailer: { plan: { box: { width: 100 } } } })
    expect(await now('B-1')).toMatchObject({ version: 2, trailer: { plan: { box: { width: 100 } } } })
  })

  it('over an older version it is answered with theirs, and nothing is overwritten', async () => {
    const { trailer } = await stocked('B-2')
    await renewTrailer('B-2', 1, wider(trailer), NELL)
    const late = await renewTrailer('B-2', 1, trailer, NELL)
    expect(late.status).toBe(409)
    expect(await json(late)).toMatchObject({ theirVersion: 2, theirs: { plan: { box: { width: 100 } } } })
    expect((await now('B-2')).trailer.plan.box.width).toBe(100)
  })

  it.each([
    ['without a version', undefined, (one: Trailer) => one, 400],
    ['of another unit', 1, (one: Trailer) => ({ ...one, stock: 'Z-9' }), 422],
    ['with a bed in no room', 1, (one: Trailer) => ({ ...one, plan: { ...one.plan, rooms: [] } }), 422],
  ])('%s is refused', async (name, version, change, status) => {
    const stock = `B-${name.length}0`
    const { trailer } = await stocked(stock)
    expect((await renewTrailer(stock, version, change(trailer), NELL)).status).toBe(status)
    expect((await now(stock)).version).toBe(1)
  })

  it('of a unit that was sold meanwhile says so', async () =>
    expect((await renewTrailer('GONE', 1, bunkhouse('GONE'), NELL)).status).toBe(410))
})

describe('a reading', () => {
  const take = (stock: string, key: string, text: string, source = 'measured') =>
    takeReading(stock, { key, text, source }, NELL, '2026-11-25')

  it('as people write it, with source, day and person, beside those there are', async () => {
    await stocked('C-1')
    expect((await take('C-1', 'plan.fixtures.shower.headroom', `6'5`)).status).toBe(200)
    expect((await take('C-1', 'readings.uvw', '3,600 lb', 'told')).status).toBe(200)
    const { version, trailer } = await now('C-1')
    expect(version).toBe(3)
    expect(trailer.plan.fixtures[0]!.readings!.headroom).toEqual([
      { value: 77, source: 'measured', on: '2026-11-25', by: 'Nell' },
    ])
    expect(trailer.readings.uvw!.map(({ value }: Reading) => value)).toEqual([3555, 3600])
  })

  it('two taken at the same moment are both there', async () => {
    await stocked('C-2')
    const answers = await Promise.all(
      ['74', '75', '76', '77'].map((text) => take('C-2', 'plan.fixtures.shower.headroom', text)),
    )
    expect(answers.map(({ status }) => status)).toEqual([200, 200, 200, 200])
    expect((await now('C-2')).trailer.plan.fixtures[0]!.readings!.headroom!.map(({ value }) => value).sort()).toEqual([
      74, 75, 76, 77,
    ])
  })

  it.each([
    ['plan.fixtures.shower.headroom', 'tall', 'measured', 422],
    ['plan.fixtures.sauna.headroom', '77', 'measured', 404],
    ['plan.fixtures.shower.headroom', '77', 'guessed', 400],
    ['readings.gvwr', '100', 'label', 422],
  ])('%s "%s" by %s is refused, and nothing is written', async (key, text, source, status) => {
    await stocked('C-3').catch(() => {})
    const before = await now('C-3')
    const answer = await take('C-3', key, text, source)
    expect(answer.status).toBe(status)
    expect((await json(answer)).says).toEqual(expect.any(String))
    expect(await now('C-3')).toEqual(before)
  })
})

it('what to measure next is what most households wait for', async () => {
  const found = await stocked('D-1')
  await inTransaction((transaction) =>
    addHouseholds(
      [household([person()], { name: 'One' }), household([person()], { name: 'Other' })],
      null,
      transaction,
    ),
  )
  const list = await tapeListFor(found)
  expect(list[0]!.households.sort()).toEqual(['One', 'Other'])
  expect(list.map(({ key }) => key)).toContain('plan.fixtures.shower.headroom')
})
