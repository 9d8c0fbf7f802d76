import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { QUESTIONS } from '../../questions/index'
import { DEFAULT_HOUSE_RULES as RULES } from '../../rules/houseRules'
import { COUPLE, FAMILY, HATCH, LONG } from '../../testing/lot'
import { couple, household, person } from '../../testing/someone'
import { factSheet } from '../factSheet'
import { cachedMatch } from '../cachedMatch'
import { rank } from '../match'
import { orderBy, weighed } from './weighed'
import { keptWorths } from './worths'

const { weights } = RULES.ranking
const lot = [FAMILY, COUPLE, HATCH, LONG].map((trailer) => ({ id: trailer.stock, facts: factSheet(trailer, RULES) }))
const they = household([...couple(), person({ age: 9, height: 52, weight: 66 })])
const matches = rank(lot, they, RULES)

describe('what matters to them', () => {
  it('weighed as the house does, a unit has the score that the match gives it', () => {
    for (const match of matches)
      expect(weighed(keptWorths(cachedMatch(match, they, RULES.ranking)), weights, {})).toBeCloseTo(match.score, 0.5)
  })
  it('a question that matters more lifts whoever is better in it, and one that does not matter at all divides nobody', () => {
    const [a, b] = [
      { sleep: 1, tow: 0.2 },
      { sleep: 0.2, tow: 1 },
    ]
    expect(orderBy([a, b], weights, { sleep: 2 })).toEqual([0, 1])
    expect(orderBy([a, b], weights, { tow: 4 })).toEqual([1, 0])
    expect(orderBy([a, b], weights, { sleep: 0, tow: 0 })).toEqual([0, 1])
  })
  it('nobody is lost, and the order is that of the scores; where all matters as before it is as before', () => {
    const one = fc.record(
      Object.fromEntries(QUESTIONS.map(({ id }) => [id, fc.double({ min: 0, max: 1, noNaN: true })])),
    )
    const matters = fc.record(Object.fromEntries(QUESTIONS.map(({ id }) => [id, fc.constantFrom(0, 0.5, 1, 2)])))
    fc.assert(
      fc.property(fc.array(one, { maxLength: 30 }), matters, (all, mattersTo) => {
        const order = orderBy(all, weights, mattersTo)
        expect([...order].sort((a, b) => a - b)).toEqual(all.map((_, i) => i))
        const scores = order.map((i) => weighed(all[i]!, weights, mattersTo))
        if (Object.values(mattersTo).some((factor) => factor !== 1))
          expect(scores.every((score, i) => i === 0 || scores[i - 1]! >= score)).toBe(true)
        else expect(order).toEqual(all.map((_, i) => i))
      }),
    )
  })
})
