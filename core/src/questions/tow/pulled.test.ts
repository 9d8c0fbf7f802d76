import { describe, expect, it } from 'vitest'
import type { Household } from '../../household/household'
import { factSheet } from '../../match/factSheet'
import { judgeFor } from '../../match/judge'
import { DEFAULT_HOUSE_RULES as RULES } from '../../rules/houseRules'
import { household, person, vehicle } from '../../testing/someone'
import { unit } from '../../testing/unit'
import { pulled } from './pulled'

const weighing = (stock: string, uvw: number) => ({ ...unit({}, { uvw, gvwr: uvw + 1500 }), stock })
const lot = [
  weighing('HEAVY', 7200),
  weighing('NEAR', 4400),
  weighing('LIGHT', 2600),
  weighing('LIGHTER', 2400),
  weighing('HEAVIEST', 8000),
].map((trailer) => ({ id: trailer.stock, facts: factSheet(trailer, RULES) }))
const who = (ratings: Record<string, number>) =>
  household([person()], {
    vehicle: vehicle({ towRating: 6000, payload: 1700, gcwr: 15500, curbWeight: 5400, hitchTongue: 1000, ...ratings }),
  })

const pulledBy = (them: Household, instead: string) => {
  const judge = judgeFor(them, RULES)
  return pulled(lot, instead, them, RULES, (facts) => judge(facts).tow?.verdict)
}

describe('another unit, when they cannot pull this one', () => {
  it('what the vehicle pulls, nearest in weight first; never itself, never what is too heavy', () => {
    const found = pulledBy(who({}), 'HEAVY')
    expect(found.map(({ id }) => id)).toEqual(['NEAR', 'LIGHT', 'LIGHTER'])
    // 4,400 dry with their load is under a tow rating of 6,000.
    const rating = found[0]!.margins.find(({ name }) => name === 'Tow rating')!
    expect(rating.margin!.value).toBeGreaterThan(0)
    expect(rating.margin!.value).toBeLessThan(6000 - 4400)
  })

  it('nothing that the question of towing is against is ever named', () => {
    for (const towRating of [2500, 3200, 5200, 8800, 12000]) {
      const them = who({ towRating })
      const judge = judgeFor(them, RULES)
      for (const { id } of pulledBy(them, 'HEAVIEST'))
        expect(judge(lot.find((one) => one.id === id)!.facts).tow!.verdict).not.toBe('no')
    }
  })

  it('nobody pulls anything with a vehicle that pulls nothing', () =>
    expect(pulledBy(who({ towRating: 2000 }), 'HEAVY')).toEqual([]))
})
