import { describe, expect, it } from 'vitest'
import { factSheet } from '@hitchet/core/match/factSheet'
import { DEFAULT_HOUSE_RULES as RULES } from '@hitchet/core/rules/houseRules'
import { FAMILY } from '@hitchet/core/testing/lot'
import { factsFrom, factsText } from './factsText'

describe('facts as text', () => {
  const dear = {
    ...FAMILY,
    readings: { ...FAMILY.readings, askingPrice: [{ value: 77_000, source: 'told' as const }] },
  }
  const [own, other] = [factSheet(FAMILY, RULES), factSheet(dear, RULES)]

  it('come back as they were', () => {
    expect(factsFrom(factsText(own))).toEqual(JSON.parse(JSON.stringify(own)))
    expect(factsFrom(factsText(other))).toEqual(JSON.parse(JSON.stringify(other)))
  })

  it('what is the same on two units is one object, what is not is not', () => {
    const [a, b] = [factsFrom(factsText(own)), factsFrom(factsText(other))]
    expect(b.nights).toBe(a.nights)
    expect(b.reach).toBe(a.reach)
    expect(b.price).not.toBe(a.price)
    expect(b.price).toMatchObject({ asking: 77_000 })
  })
})
