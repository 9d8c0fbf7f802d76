import { describe, expect, it } from 'vitest'
import { phraseText } from '../quantity/phrase'
import { DEFAULT_HOUSE_RULES as RULES } from '../rules/houseRules'
import { cachedOf } from '../testing/cachedYard'
import { COUPLE, FAMILY, LONG } from '../testing/lot'
import { household, person, vehicle } from '../testing/someone'
import { factSheet } from './factSheet'
import { rankWithChanges } from './match'
import { nearlyWays } from './nearlyWays'

describe('what the units ask that nearly fit', () => {
  const units = [FAMILY, { ...FAMILY, stock: 'TWIN' }, COUPLE, LONG].map((trailer) => ({
    id: trailer.stock,
    facts: factSheet(trailer, RULES),
  }))
  const ways = (towRating: number, likely?: { question: 'tow'; like: string }) => {
    const they = household([person({ weight: 170 })], {
      limits: {},
      vehicle: vehicle({
        towRating,
        payload: 1_700,
        gcwr: 13_000,
        curbWeight: 5_200,
        hitchTongue: 900,
        hitchTrailer: 9_000,
      }),
    })
    const kept = cachedOf(rankWithChanges(units, they, RULES), they, RULES)
    return nearlyWays(kept.map((one) => (likely && one.id !== 'FAMILY' ? { ...one, likely } : one)))
  }
  it('is told once for all that it lets in, what lets in most first', () => {
    const [first] = ways(5_600)
    expect(phraseText(first!.says)).toBe('they had a tow rating of 5,750 lb')
    expect([...first!.units].sort()).toEqual(['FAMILY', 'TWIN'])
  })
  it('is not promised of those that their like says no about', () =>
    expect(ways(5_600, { question: 'tow', like: 'FAMILY' }).flatMap((way) => way.units)).toEqual(['FAMILY']))
  it('is nothing where nothing nearly fits', () => expect(ways(20_000)).toEqual([]))
})
