import { DEFAULT_HOUSE_RULES as RULES } from '@hitchet/core/rules/houseRules'
import { beforeAll, describe, expect, it } from 'vitest'
import { factSheet } from '@hitchet/core/match/factSheet'
import { judgeFor } from '@hitchet/core/match/judge'
import { rankWithChanges } from '@hitchet/core/match/match'
import { cachedOf } from '@hitchet/core/testing/cachedYard'
import { household, person, vehicle } from '@hitchet/core/testing/someone'
import { FAMILY } from '@hitchet/core/testing/lot'
import { berth, fixture, unit } from '@hitchet/core/testing/unit'
import { inTransaction } from '../db/database'
import { addHouseholds, allHouseholds, householdById } from '../db/households'
import { allTrailers, saveTrailers, trailersByStock } from '../db/trailers'
import { ownDatabase } from '../testing/database'
import { inHand, toMeasure } from './desk'
import { rankedYard } from './cache/answerCache'
import { answersOn, yardLeftFor, yardLeftOf } from './matching'

ownDatabase('matching')

const queen = berth('bed', 60, 80)
const stand = fixture('nightstand', [200, 70, 12, 12])
const light = { ...unit({ berths: [queen], fixtures: [stand] }), stock: 'LIGHT' }
const heavy = {
  ...unit({ berths: [queen], fixtures: [stand] }, { uvw: 8000, gvwr: 9900, hitchWeight: 900 }),
  stock: 'HEAVY',
}
const unread = { ...unit({ berths: [queen], fixtures: [stand] }), stock: 'UNREAD' }
delete unread.readings.hitchWeight

beforeAll(() => inTransaction((transaction) => saveTrailers([light, heavy, unread], null, transaction)))

const weak = household([person()], {
  vehicle: vehicle({ towRating: 5000, payload: 1500, gcwr: 11000, curbWeight: 4500, hitchTongue: 600 }),
})
const strong = household([person()], {
  vehicle: vehicle({ towRating: 12_000, payload: 2_600, gcwr: 20_000, curbWeight: 5_500, hitchTongue: 1_200 }),
})

const kept = async (household: typeof weak) => {
  const [id] = await inTransaction((transaction) => addHouseholds([household], null, transaction))
  return (await householdById(id!))!
}

describe('ranking in a worker', () => {
  it('keeps of each unit what core answers, in the same order', async () => {
    const own = rankWithChanges(
      (await allTrailers()).map(({ id, trailer }) => ({ id, facts: factSheet(trailer, RULES) })),
      weak,
      RULES,
    )
    const { units, open } = await rankedYard((await kept(weak)).id)
    expect(open).toBe(0)
    expect(units).toMatchObject(JSON.parse(JSON.stringify(cachedOf(own, weak, RULES))) as object[])
  })

  it('and answers in full what is looked at', async () => {
    const [found] = await trailersByStock(['HEAVY'])
    const answers = (await answersOn([found!.id], weak)).get(found!.id)
    expect(answers).toEqual(JSON.parse(JSON.stringify(judgeFor(weak, RULES)(factSheet(heavy, RULES)))))
  })

  it('counts what is left and who says no, of who is kept as of who is being typed', async () => {
    // All three have no toilet: bath says no to each, towing to the heavy one.
    const left = await yardLeftFor(weak)
    expect(left).toMatchObject({ all: 3, left: 0 })
    expect(left.out).toContainEqual({ question: 'tow', units: 1, against: 'too much to pull' })
    expect(left.out[0]).toEqual({ question: 'bath', units: 3, against: 'bath not right' })
    expect(left.units).toHaveLength(3)
    expect(await yardLeftOf(await kept(weak))).toEqual({ ...left, open: 0 })
  })

  it('the desk shows the best for each household', async () => {
    const households = await allHouseholds()
    expect((await inHand(households))[0]).toMatchObject({ all: 3, known: 3, best: { unit: { stock: 'LIGHT' } } })
  })

  it('and ranks what to measure by what it decides', async () => {
    const named = (name: string) => ({ ...strong, name })
    const open = { ...FAMILY, stock: 'OPEN', readings: { ...FAMILY.readings } }
    delete open.readings.hitchWeight
    await inTransaction(async (transaction) => {
      await saveTrailers([FAMILY, open], null, transaction)
      await addHouseholds([named('One'), named('Other')], null, transaction)
    })
    const households = await allHouseholds()
    const { units } = await toMeasure(households)
    // Both have something open; the one that stands first for both comes first, whatever more is missing on the other.
    expect(units.map(({ stock, waiting }) => [stock, waiting.map(({ place }) => place)])).toEqual([
      ['FAMILY', [1, 1]],
      ['OPEN', [2, 2]],
    ])
    expect(units[1]!.readings).toContain('Hitch weight, empty')
    expect(units[0]!.waiting.map(({ household: name }) => name).sort()).toEqual(['One', 'Other'])
    // What something speaks against already (there is no toilet) decides nothing, whatever is missing on it.
    expect(units.map(({ stock }) => stock)).not.toContain('UNREAD')
  })
})
