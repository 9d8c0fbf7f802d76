import { describe, expect, it } from 'vitest'
import { wrongFor } from '../rule/rule'
import { DEFAULT_HOUSE_RULES, RULES, rulesWith } from './houseRules'

const all = [...RULES]

describe('the rules of the house', () => {
  it.each(all)('%s has a default that could be set, a range and a reason', (_, one) => {
    expect(wrongFor(one, one.value)).toBeUndefined()
    expect(one.least).toBeLessThan(one.most)
    expect([one.label.length > 8, one.label[0], one.why.length > 8]).toEqual([true, one.label[0]!.toUpperCase(), true])
  })

  it('have no two of one label, so that nobody sets one for another', () => {
    const labels = all.map(([, { label }]) => label)
    expect(labels.filter((label, i) => labels.indexOf(label) < i)).toEqual([])
  })

  it('are stricter than a law or a standard, never laxer', () => {
    const never = (key: string, value: number) =>
      expect(rulesWith(new Map([[key, value]]))).toEqual(DEFAULT_HOUSE_RULES)
    never('nights.upperBunkFrom', 5) // 16 CFR 1213.5
    never('nights.guardLeast', 4) // 16 CFR 1213.3
    never('nights.berthFrom', 1) // CPSC
    never('ways.wheelchair', 31) // 2010 ADA Standards 404.2.3
    never('ways.turns', 59) // 2010 ADA Standards 304.3.1
    never('tow.tongueLeast', 0.095) // SAE J2807
    never('tow.tongueMost', 0.16)
    never('loading.acrossAtMost', 103) // 23 CFR 658.15
  })
})

describe('what the dealership set', () => {
  it('stands in its place, and nothing else moves', () => {
    const { tow, ...others } = rulesWith(
      new Map([
        ['tow.reserve', 0.2],
        ['tow.rearAxle.barsTake', 0.2],
      ]),
    )
    const { tow: usual, ...usually } = DEFAULT_HOUSE_RULES
    expect(tow).toEqual({ ...usual, reserve: 0.2, rearAxle: { ...usual.rearAxle, barsTake: 0.2 } })
    expect(others).toEqual(usually)
    expect(DEFAULT_HOUSE_RULES.tow.reserve).toBe(0.1)
  })

  it('is left at the default where this program has no such rule, or no such value', () =>
    expect(
      rulesWith(
        new Map([
          ['tow.gone', 1],
          ['tow', 1],
          ['__proto__.reserve', 1],
          ['tow.reserve', 7],
          ['tow.tongueLeast', Number.NaN],
        ]),
      ),
    ).toEqual(DEFAULT_HOUSE_RULES))
})
