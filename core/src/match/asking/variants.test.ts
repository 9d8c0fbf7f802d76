import { describe, expect, it } from 'vitest'
import { DEFAULT_HOUSE_RULES as RULES } from '../../rules/houseRules'
import { FAMILY } from '../../testing/lot'
import { couple, household, person, vehicle } from '../../testing/someone'
import type { Trailer } from '../../trailer/trailer'
import { factSheet } from '../factSheet'
import { judgeFor } from '../judge'
import { waitedFor } from './tapeList'
import { variantOf } from './variants'

const { hitchWeight: _one, cargoCapacity: _other, ...known } = FAMILY.readings
const unread: Trailer = { ...FAMILY, readings: known }
const they = [1_100, 1_500, 2_100].map((payload) =>
  household([...couple(), person({ id: 'bo', name: 'Bo', age: 9, height: 52, weight: 66 })], {
    vehicle: vehicle({ payload, towRating: 7_000, gcwr: 14_000, curbWeight: 5_200 }),
  }),
)

describe('a unit as it would be with other readings', () => {
  it('is made once, whoever tries the same, and has the facts of a unit that was read so', () => {
    const unit = variantOf(unread, RULES)
    const tried = unit.with('readings.hitchWeight', 420)
    expect(unit.with('readings.hitchWeight', 420)).toBe(tried)
    expect(unit.with('readings.hitchWeight', 421)).not.toBe(tried)
    expect({ ...tried.facts }).toEqual(factSheet(tried.trailer, RULES))
    expect(tried.facts.tow.hitchWeight).toBe(420)
    expect(unit.facts.tow.hitchWeight).toBeUndefined()
  })

  it('leads nowhere where nothing is called so', () => {
    const unit = variantOf(unread, RULES)
    expect(unit.with('readings.shoeSize', 9)).toBe(unit)
  })

  it('shared by several households tells each what it would be told alone', () => {
    const shared = variantOf(unread, RULES)
    for (const one of they) {
      const answers = judgeFor(one, RULES)(factSheet(unread, RULES))
      const alone = waitedFor(variantOf(unread, RULES), one, answers, RULES)
      expect(waitedFor(shared, one, answers, RULES)).toEqual(alone)
      expect(alone.map(({ key }) => key)).toContain('readings.hitchWeight')
    }
  })
})
