import { phraseText } from '@hitchet/core/quantity/phrase'
import { DEFAULT_HOUSE_RULES as RULES } from '@hitchet/core/rules/houseRules'
import { describe, expect, it } from 'vitest'
import type { Reading, Source } from '@hitchet/core/readings/reading'
import { household, person } from '@hitchet/core/testing/someone'
import { berth, fixture, unit } from '@hitchet/core/testing/unit'
import { withNoted } from '@hitchet/core/trailer/equipment'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import { addHouseholds } from '../db/households'
import { Gone } from '../db/conflict'
import { inTransaction } from '../db/database'
import { yardFacts } from './cache/facts'
import { changeTrailer, trailersByStock } from '../db/trailers'
import { ownDatabase } from '../testing/database'
import { Refused } from '../refused'
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
const refusal = (asked: Promise<unknown>) =>
  asked.then(
    () => expect.unreachable('this had to be refused'),
    (failure: Refused) => failure,
  )

describe('taking a unit in', () => {
  it('puts it into the yard with its facts', async () => {
    const { id } = await stocked('A-1')
    expect((await yardFacts(RULES)).map((one) => one.id)).toContain(id)
  })

  it('a stock number that hangs in another window is refused, however it is written', async () => {
    await stocked('A-2')
    await expect(takeIn(bunkhouse('a-2'), NELL)).rejects.toThrow('a-2 is in the yard already')
  })

  it('of many at the same moment under one number exactly one goes in, and none is overwritten', async () => {
    const stocks = Array.from({ length: 20 }, (_, i) => `P-${i}`)
    const tried = await Promise.allSettled(
      stocks.flatMap((stock) => ['first', 'second'].map((make) => takeIn({ ...bunkhouse(stock), make }, NELL))),
    )
    const went = tried.flatMap((one) => (one.status === 'fulfilled' ? [one.value.trailer] : []))
    expect(went.map(({ stock }) => stock).sort()).toEqual([...stocks].sort())
    for (const { stock, make } of went) expect(await now(stock)).toMatchObject({ version: 1, trailer: { make } })
    for (const one of tried) if (one.status === 'rejected') expect(one.reason).toBeInstanceOf(Refused)
  })

  it('a bad one is refused with its flaws', async () => {
    const bad = await refusal(takeIn({ ...bunkhouse('A-3'), year: 12 }, NELL))
    expect(bad).toMatchObject({ status: 422, flaws: [expect.stringContaining('Year: found 12')] })
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
    expect(saved).toMatchObject({ version: 2, trailer: { plan: { box: { width: 100 } } } })
    expect(await now('B-1')).toMatchObject({ version: 2, trailer: { plan: { box: { width: 100 } } } })
  })

  it('over an older version it is answered with theirs, and nothing is overwritten', async () => {
    const { trailer } = await stocked('B-2')
    await renewTrailer('B-2', 1, wider(trailer), NELL)
    await expect(renewTrailer('B-2', 1, trailer, NELL)).rejects.toMatchObject({
      theirVersion: 2,
      theirs: { plan: { box: { width: 100 } } },
    })
    expect((await now('B-2')).trailer.plan.box.width).toBe(100)
  })

  it.each([
    ['of another unit', (one: Trailer) => ({ ...one, stock: 'Z-9' })],
    ['with a bed in no room', (one: Trailer) => ({ ...one, plan: { ...one.plan, rooms: [] } })],
  ])('%s is refused', async (name, change) => {
    const stock = `B-${name.length}0`
    const { trailer } = await stocked(stock)
    expect(await refusal(renewTrailer(stock, 1, change(trailer), NELL))).toMatchObject({ status: 422 })
    expect((await now(stock)).version).toBe(1)
  })

  it('of a unit that was sold meanwhile says so', async () =>
    await expect(renewTrailer('GONE', 1, bunkhouse('GONE'), NELL)).rejects.toBeInstanceOf(Gone))
})

describe('a reading', () => {
  const take = (stock: string, key: string, text: string, source: Source = 'measured') =>
    takeReading(stock, { key, text, source }, NELL, '2026-11-25')

  it('as people write it, with source, day and person, beside those there are', async () => {
    await stocked('C-1')
    await take('C-1', 'plan.fixtures.shower.headroom', `6'5`)
    await take('C-1', 'readings.uvw', '3,600 lb', 'told')
    const { version, trailer } = await now('C-1')
    expect(version).toBe(3)
    expect(trailer.plan.fixtures[0]!.readings!.headroom).toEqual([
      { value: 77, source: 'measured', on: '2026-11-25', by: 'Nell' },
    ])
    expect(trailer.readings.uvw!.map(({ value }: Reading) => value)).toEqual([3555, 3600])
  })

  it('two taken at the same moment are both there', async () => {
    await stocked('C-2')
    await Promise.all(['74', '75', '76', '77'].map((text) => take('C-2', 'plan.fixtures.shower.headroom', text)))
    expect((await now('C-2')).trailer.plan.fixtures[0]!.readings!.headroom!.map(({ value }) => value).sort()).toEqual([
      74, 75, 76, 77,
    ])
  })

  it('one that is odd is kept, stands on the tape list with a question, and one tap confirms it', async () => {
    await stocked('C-4')
    await take('C-4', 'plan.fixtures.shower.headroom', '770')
    const asks = async () => {
      const [unit] = await trailersByStock(['C-4'])
      return (await tapeListFor(unit!, { named: true })).list.find(({ key }) => key === 'plan.fixtures.shower.headroom')
    }
    expect(phraseText((await asks())!.doubt!)).toMatch(/headroom .* 77 in\?$/)
    await takeReading(
      'C-4',
      { key: 'plan.fixtures.shower.headroom', text: '770', source: 'measured', confirmed: true },
      NELL,
      '2026-11-26',
    )
    expect(await asks()).toBeUndefined()
  })

  it.each<[string, string, Source, number]>([
    ['plan.fixtures.shower.headroom', 'tall', 'measured', 422],
    ['plan.fixtures.sauna.headroom', '77', 'measured', 404],
    ['readings.gvwr', '100', 'label', 422],
  ])('%s "%s" by %s is refused, and nothing is written', async (key, text, source, status) => {
    await stocked('C-3').catch(() => {})
    const before = await now('C-3')
    expect(await refusal(take('C-3', key, text, source))).toMatchObject({ status })
    expect(await now('C-3')).toEqual(before)
  })
})

describe('equipment nobody has looked for', () => {
  const listed = async (stock: string) => {
    const [unit] = await trailersByStock([stock])
    return (await tapeListFor(unit!, { named: true })).list.map(({ key, unnoted }) =>
      unnoted ? `${key}: ${unnoted}` : key,
    )
  }
  it('is on the tape list, and one tap says that it is there, or that there is none', async () => {
    await stocked('E-1')
    expect(await listed('E-1')).toEqual(
      expect.arrayContaining(['equipment.battery: battery', 'equipment.solar: solar']),
    )
    const note = (kind: 'solar' | 'battery', there: boolean) =>
      changeTrailer('E-1', NELL.id, (latest) =>
        withNoted(latest, kind, there, { source: 'measured', on: '2026-11-26', by: 'Nell' }),
      )
    await note('solar', false)
    await note('battery', true)
    const { trailer } = await now('E-1')
    expect(trailer.absent).toContainEqual({ kind: 'solar', source: 'measured', on: '2026-11-26', by: 'Nell' })
    expect(trailer.equipment.at(-1)).toEqual({ id: 'battery', kind: 'battery' })
    const after = await listed('E-1')
    expect(after).not.toContain('equipment.solar: solar')
    expect(after).toContain('equipment.battery.ampHours')
    // There after all: then it is not absent any more.
    await note('solar', true)
    expect((await now('E-1')).trailer.absent).not.toContainEqual(expect.objectContaining({ kind: 'solar' }))
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
  const { list } = await tapeListFor(found, { named: true })
  expect(list[0]!.households.sort()).toEqual(['One', 'Other'])
  expect(list.map(({ key }) => key)).toContain('plan.fixtures.shower.headroom')
  // Once it is sold nobody waits for anything on it.
  await takeReading('D-1', { key: 'features.stands', text: 'sold', source: 'measured' }, NELL, '2026-11-27')
  const sold = await tapeListFor(await now('D-1'), { named: true })
  expect(sold.open).toBe(0)
  expect(sold.list.flatMap(({ households }) => households)).toEqual([])
})

it('two people who take in one stock number at once, a hundred times: one has it, the other hears so', async () => {
  const said: string[] = []
  for (let i = 0; i < 100; i++) {
    const of = (askingPrice: number) => ({ ...unit({}, { askingPrice }), stock: i % 2 ? `BOTH-${i}` : `both-${i}` })
    const both = await Promise.allSettled([
      takeIn(of(20_000), NELL),
      takeIn({ ...of(21_000), stock: `Both-${i}` }, NELL),
    ])
    expect(both.map(({ status }) => status).sort()).toEqual(['fulfilled', 'rejected'])
    const [lost] = both.flatMap((one) => (one.status === 'rejected' ? [(one.reason as Error).message] : []))
    said.push(lost!)
    const [kept] = await trailersByStock([`BOTH-${i}`.toLowerCase(), `BOTH-${i}`, `Both-${i}`])
    const won = both.find((one) => one.status === 'fulfilled') as PromiseFulfilledResult<{ trailer: object }>
    expect(kept).toMatchObject({ version: 1, trailer: won.value.trailer })
  }
  expect(said.every((one) => /is in the yard already; choose another stock number/.test(one))).toBe(true)
})

it('a unit sent once more, because no answer came, is taken in once', async () => {
  const own = { ...unit(), stock: 'AGAIN-1' }
  expect(await takeIn(own, NELL)).toMatchObject({ version: 1 })
  expect(await takeIn(own, NELL)).toMatchObject({ version: 1, trailer: { stock: 'AGAIN-1' } })
  await expect(takeIn(own, { ...NELL, id: '01a211c0-e19f-705b-a140-3081076aadf9' })).rejects.toThrow(
    /is in the yard already/,
  )
})

it('sixteen who take in units at once need no second connection each', async () => {
  const all = await Promise.all(
    Array.from({ length: 16 }, (_, i) => takeIn({ ...unit(), stock: `SIXTEEN-${i}` }, NELL)),
  )
  expect(all.map(({ version }) => version)).toEqual(all.map(() => 1))
})

it('a drawing whose answer was lost is saved once; over another’s it is asked about', async () => {
  const { trailer } = await takeIn({ ...unit(), stock: 'LOST-1' }, NELL)
  const moved = { ...trailer, year: 2024 }
  expect(await renewTrailer('LOST-1', 1, moved, NELL)).toMatchObject({ version: 2 })
  expect(await renewTrailer('LOST-1', 1, moved, NELL)).toMatchObject({ version: 2, trailer: { year: 2024 } })
  await expect(renewTrailer('LOST-1', 1, { ...moved, year: 2025 }, NELL)).rejects.toMatchObject({ theirVersion: 2 })
})
