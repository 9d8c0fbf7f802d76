import { v7 as uuid } from 'uuid'
import { QueryTypes } from 'sequelize'
import { describe, expect, it } from 'vitest'
import type { Household } from '@hitchet/core/household/household'
import { factSheet } from '@hitchet/core/match/factSheet'
import { judgeFor } from '@hitchet/core/match/judge'
import { rankWithChanges } from '@hitchet/core/match/match'
import { waitedFor } from '@hitchet/core/match/asking/tapeList'
import { variantOf } from '@hitchet/core/match/asking/variants'
import { DEFAULT_HOUSE_RULES as RULES } from '@hitchet/core/rules/houseRules'
import { chance } from '@hitchet/core/testing/assignments'
import { cachedOf } from '@hitchet/core/testing/cachedYard'
import { COUPLE, FAMILY, HATCH, LONG } from '@hitchet/core/testing/lot'
import { couple, household, person, vehicle } from '@hitchet/core/testing/someone'
import type { Account } from '../../db/people/accounts'
import { standingsOf, waitsOf } from '../../db/answers'
import { withNamedLock } from '../../db/namedLock'
import { database, inTransaction } from '../../db/database'
import { latestFaults } from '../../db/faults'
import { householdById } from '../../db/households'
import { allTrailers, changeTrailer, saveTrailers, trailersByStock } from '../../db/trailers'
import { ownDatabase } from '../../testing/database'
import { noteOutcome } from '../afterwards'
import { hasFailed } from './facts'
import { renewHousehold, startHousehold } from '../households'
import { refreshInBackground, refreshed, rankedYard, standingsFor } from './answerCache'
import { cacheKey } from './cacheKey'
import { seenUnit } from '../matching'
import { officeView } from '../people/office'
import { takeReading } from '../trailers'
import { pendingReadingsFor } from './pendingReadings'
import { besideTyped } from '../yardBeside'
import { yardPage } from '../yardList'
import { takeOutNow } from '../../testing/softDeleted'

ownDatabase('kept')

const MAREN: Account = {
  id: '01a211c0-e19f-705b-a140-3081076aadf1',
  name: 'Maren',
  email: 'm@lot.example',
  role: 'consultant',
}
const lot = [FAMILY, COUPLE, HATCH, LONG]
const they = (budget: number): Household =>
  household([...couple({ name: 'Ro' }, { name: 'Mi' }), person({ id: 'bo', name: 'Bo', age: 9 })], {
    name: `With ${budget}`,
    limits: { budget },
    vehicle: vehicle({ towRating: 7_000, payload: 1_500, gcwr: 14_000, curbWeight: 5_200 }),
  })

/** The yard as core ranks it now. */
async function reckoned(of: Household) {
  const units = (await allTrailers()).map(({ id, trailer }) => ({ id, facts: factSheet(trailer, RULES) }))
  return JSON.parse(JSON.stringify(cachedOf(rankWithChanges(units, of, RULES), of, RULES))) as object[]
}

const rowsOf = async (household: string) =>
  database().query<{ made_by: string }>('SELECT made_by FROM kept_answers WHERE household_id = :household', {
    type: QueryTypes.SELECT,
    replacements: { household },
  })

const stands = async (id: string, places = 1) => standingsFor([(await householdById(id))!], places)

describe('what is kept of a household on a yard', () => {
  it('is right after every save, whoever saves what in between, or is not there', async () => {
    await inTransaction((transaction) => saveTrailers(lot, null, transaction))
    const { id } = await startHousehold(uuid(), they(30_000), MAREN.id)
    const random = chance(14)
    let now = they(30_000)
    for (let round = 0; round < 8; round++) {
      const saves = Array.from({ length: 1 + Math.floor(random() * 3) }, () => random())
      for (const dice of saves) {
        if (dice < 0.4) {
          const version = (await householdById(id))!.version
          now = they(15_000 + Math.round(random() * 30_000))
          await renewHousehold(id, version, now, MAREN.id)
        } else {
          const { stock } = lot[Math.floor(random() * lot.length)]!
          const text = String(2_500 + Math.round(random() * 900))
          await takeReading(stock, { key: 'readings.uvw', text, source: 'measured' }, MAREN, '2026-11-27')
        }
      }
      // A page right after: some of it is still being worked out in the background.
      const { units, open } = await rankedYard(id)
      expect(open).toBe(0)
      expect(units, `round ${round}`).toMatchObject(await reckoned(now))
    }
  })

  it('is reckoned in the background: whoever looks later finds it', async () => {
    const { id } = await startHousehold(uuid(), they(22_000), MAREN.id)
    await refreshed()
    expect((await stands(id)).standings[0]).toMatchObject({ known: lot.length })
    await takeReading('LONG', { key: 'readings.gvwr', text: '7900', source: 'label' }, MAREN, '2026-11-27')
    const stale = await standingsOf([id], cacheKey(RULES), 1)
    expect(stale[0]!.known).toBeLessThanOrEqual(lot.length)
    await refreshed()
    expect((await stands(id)).standings[0]).toMatchObject({ known: lot.length })
  })

  it('of a unit that changed is there for all others, when one household cannot be reckoned', async () => {
    const many = Array.from({ length: 5 }, (_, i) => startHousehold(uuid(), they(23_000 + i), MAREN.id))
    const ids = (await Promise.all(many)).map(({ id }) => id)
    await refreshed()
    // As no program of ours writes one: whoever it is reckoned with has no people.
    const broken = ids.toSorted()[2]!
    const written = (document: string) =>
      database().query('UPDATE households SET document = :document, version = version + 1 WHERE id = :broken', {
        replacements: { broken, document },
      })
    const whole = (await householdById(broken))!.household
    await written('{}')
    await takeReading('LONG', { key: 'readings.gvwr', text: '7950', source: 'label' }, MAREN, '2026-11-27')
    await refreshed()
    const known = await Promise.all(ids.map(async (id) => [id, (await stands(id)).standings[0]!.known] as const))
    // Of the broken one, which no program of ours told anybody of, so far the unit that changed.
    expect(Object.fromEntries(known)).toEqual(Object.fromEntries(ids.map((id) => [id, id === broken ? 1 : lot.length])))
    // It is said to have failed, and nobody waits for it.
    expect(await rankedYard(broken)).toMatchObject({ units: [], open: 0, failed: lot.map(({ stock }) => stock).sort() })
    expect((await stands(broken)).standings[0]).toMatchObject({ left: 0, first: [] })
    const office = await officeView()
    expect(office.failed).toContainEqual({ stock: 'LONG', households: 1, kind: 'TypeError' })
    expect(office.work.map(({ left }) => left)).toEqual([0, 0, 0])
    // Once it is whole again it is reckoned as any other.
    await written(JSON.stringify(whole))
    const { units, open, failed } = await rankedYard(broken)
    expect([open, failed]).toEqual([0, []])
    expect(units).toMatchObject(await reckoned(whole))
  })

  it('of a unit that cannot be worked out is said to have failed, once for all of them; the others are there', async () => {
    const { id } = await startHousehold(uuid(), they(24_500), MAREN.id)
    const broken = (document: string) =>
      database().query("UPDATE trailers SET document = :document, version = version + 1 WHERE stock = 'LONG'", {
        replacements: { document },
      })
    const [kept] = await trailersByStock(['LONG'])
    await broken(JSON.stringify({ ...kept!.trailer, plan: { ...kept!.trailer.plan, box: null } }))
    const faults = async () => (await latestFaults(200)).filter(({ place }) => place.startsWith('facts of unit')).length
    const before = await faults()
    const { units, open, failed } = await rankedYard(id)
    expect({ stocks: units.map(({ stock }) => stock).sort(), open, failed }).toEqual({
      stocks: lot
        .map(({ stock }) => stock)
        .filter((stock) => stock !== 'LONG')
        .sort(),
      open: 0,
      failed: ['LONG'],
    })
    expect((await stands(id)).standings[0]!.known).toBe(lot.length)
    expect(await hasFailed(kept!.id)).toBe(true)
    const they2 = (await householdById(id))!
    const [unit] = await trailersByStock(['LONG'])
    expect(await seenUnit(unit!, they2)).toEqual({ failed: 'TypeError' })
    expect(await besideTyped(they2.household, 5)).toMatchObject({ all: lot.length - 1, open: 0 })
    expect((await pendingReadingsFor([{ household: id, unit: kept!.id }]))[0]).toMatchObject({ waits: [], old: false })
    // Whoever asks again is told the same; nothing is tried anew.
    expect((await rankedYard(id)).failed).toEqual(['LONG'])
    expect((await yardPage({ text: '', order: 'order', from: 0, household: id })).failed).toEqual(['LONG'])
    expect((await officeView()).failed.filter(({ stock }) => stock === 'LONG')).toEqual([
      { stock: 'LONG', kind: 'TypeError' },
    ])
    expect(await faults()).toBe(before + 1)
    await broken(JSON.stringify(kept!.trailer))
    expect(await rankedYard(id)).toMatchObject({ open: 0, failed: [] })
  })

  it('counts and first places come out of the database as the match has them', async () => {
    const { id } = await startHousehold(uuid(), they(18_000), MAREN.id)
    const { units } = await rankedYard(id)
    const { all, standings } = await stands(id, 3)
    expect(all).toBe(lot.length)
    expect(standings[0]).toEqual({
      household: id,
      version: 1,
      known: units.length,
      left: units.filter(({ standing }) => standing === 'fits' || standing === 'measure').length,
      first: units.slice(0, 3).map(({ id: unit, stock, standing }) => ({ id: unit, stock, standing })),
    })
  })

  it('is nothing to another program: what it made is made again', async () => {
    const { id } = await startHousehold(uuid(), they(26_000), MAREN.id)
    const { units } = await rankedYard(id)
    await database().query("UPDATE kept_answers SET made_by = 'older', told = '{}' WHERE household_id = :id", {
      type: QueryTypes.RAW,
      replacements: { id },
    })
    expect((await standingsOf([id], cacheKey(RULES), 1))[0]).toMatchObject({ known: 0, first: [] })
    refreshInBackground({ household: id })
    await refreshed()
    expect((await standingsOf([id], cacheKey(RULES), 4))[0]!.first.map((one) => one.id)).toEqual(
      units.map((one) => one.id),
    )
    expect(new Set((await rowsOf(id)).map(({ made_by }) => made_by))).toEqual(new Set([cacheKey(RULES)]))
  })

  it('goes when the household does', async () => {
    const { id } = await startHousehold(uuid(), they(27_000), MAREN.id)
    await refreshed()
    expect(await rowsOf(id)).toHaveLength(lot.length)
    await takeOutNow(id)
    expect(await rowsOf(id)).toEqual([])
  })

  it('is not kept up for those with whom it ended, until it goes on', async () => {
    const { id } = await startHousehold(uuid(), they(28_000), MAREN.id)
    await refreshed()
    await noteOutcome(id, { kind: 'later' })
    await takeReading('LONG', { key: 'readings.uvw', text: '3100', source: 'measured' }, MAREN, '2026-11-27')
    await refreshed()
    expect((await stands(id)).standings[0]!.known).toBe(lot.length - 1)
    await noteOutcome(id, null)
    await refreshed()
    expect((await stands(id)).standings[0]!.known).toBe(lot.length)
  })
})

describe('all that is open', () => {
  it('is reckoned by one process at a time; another leaves it to that one', async () => {
    let done: string[] = []
    await withNamedLock('reckon all', async () => {
      await withNamedLock('reckon all', async () => {
        done = [...done, 'twice']
      })
      done = [...done, 'once']
    })
    expect(done).toEqual(['once'])
    await database().query("UPDATE kept_answers SET made_by = 'older'", { type: QueryTypes.RAW })
    refreshInBackground('anything')
    await refreshed()
    const rows = await database().query<{ made_by: string; rows: number }>(
      `SELECT made_by, COUNT(*) AS \`rows\` FROM kept_answers a JOIN households h ON h.id = a.household_id
        WHERE h.closed_at IS NULL GROUP BY made_by`,
      { type: QueryTypes.SELECT },
    )
    expect(rows.map(({ made_by }) => made_by)).toEqual([cacheKey(RULES)])
  })
})

describe('what waits for a reading', () => {
  it('is kept for each household, as core finds it, and anew once the reading is taken', async () => {
    await changeTrailer('FAMILY', null, (latest) => {
      const { hitchWeight: _taken, ...readings } = latest.readings
      return { ...latest, readings }
    })
    const [{ id: one }, { id: other }] = [
      await startHousehold(uuid(), they(41_000), MAREN.id),
      await startHousehold(uuid(), they(42_000), MAREN.id),
    ]
    const [found] = await trailersByStock(['FAMILY'])
    const pairs = [one, other].map((household) => ({ household, unit: found!.id }))
    const own = waitedFor(
      variantOf(found!.trailer, RULES),
      they(41_000),
      judgeFor(they(41_000), RULES)(factSheet(found!.trailer, RULES)),
      RULES,
    )
    expect(own.map(({ key }) => key)).toContain('readings.hitchWeight')
    const now = { waits: own, old: false }
    expect(await pendingReadingsFor(pairs)).toEqual([now, now])
    await takeReading('FAMILY', { key: 'readings.hitchWeight', text: '420', source: 'measured' }, MAREN, '2026-11-27')
    // Until it is looked at again, what was so before stands, and says that it is old.
    const between = await waitsOf([one, other], [found!.id], cacheKey(RULES))
    expect(between.map(({ kept }) => kept)).toEqual([
      { waits: own, old: true },
      { waits: own, old: true },
    ])
    const after = await pendingReadingsFor(pairs)
    expect(after.map((kept) => kept!.old)).toEqual([false, false])
    expect(after.flatMap((kept) => kept!.waits.map(({ key }) => key))).not.toContain('readings.hitchWeight')
  })
})

describe('what its like tells of a unit that nobody read', () => {
  it('puts what nobody read behind what nearly fits where its like fails, on the desk as on Match', async () => {
    const { overallLength, overallHeight, askingPrice } = LONG.readings
    const unread = {
      ...LONG,
      stock: 'A-UNREAD',
      readings: { overallLength, overallHeight, askingPrice } as typeof LONG.readings,
    }
    await inTransaction((transaction) => saveTrailers([unread], null, transaction))
    const weak = household([person({ weight: 170 })], {
      limits: { budget: 1_000_000 },
      vehicle: vehicle({ towRating: 3_000, payload: 800, gcwr: 9_000, curbWeight: 5_200 }),
    })
    const { id } = await startHousehold(uuid(), weak, MAREN.id)
    const { units } = await rankedYard(id)
    const order = units.map(({ stock }) => stock)
    expect(units.at(-1)).toMatchObject({ stock: 'A-UNREAD', standing: 'measure', likely: { question: 'tow' } })
    expect(units.find(({ stock }) => stock === 'LONG')).toMatchObject({ standing: 'nearly', against: ['tow'] })
    const places = (await stands(id, lot.length + 1)).standings[0]!
    expect(places.first.map(({ stock }) => stock)).toEqual(order)
  })
})
