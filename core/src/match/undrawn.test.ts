import { describe, expect, it } from 'vitest'
import { DEFAULT_HOUSE_RULES as RULES } from '../rules/houseRules'
import { COUPLE, FAMILY } from '../testing/lot'
import { couple, household, person, readings } from '../testing/someone'
import { emptyPlan, unit } from '../testing/unit'
import type { Trailer } from '../trailer/trailer'
import { filterYard, parseFilter } from '../yard/filter'
import { yardUnit } from '../yard/unit'
import { factSheet } from './factSheet'
import { rankWithChanges, type Match } from './match'

const box = (stock: string, figures: Record<string, number> = {}): Trailer => ({
  ...unit({}, { advertisedSleeps: 6, ...figures }),
  stock,
  plan: emptyPlan(),
  absent: [],
})
const they = household([...couple(), person({ age: 9, height: 52, weight: 62 })])
const ranked = (...yard: Trailer[]): Match[] =>
  rankWithChanges(
    yard.map((trailer) => ({ id: trailer.stock, facts: factSheet(trailer, RULES) })),
    they,
    RULES,
  )
const standings = (...yard: Trailer[]) => Object.fromEntries(ranked(...yard).map(({ id, standing }) => [id, standing]))

describe('units that nobody has drawn', () => {
  it('are a group of their own behind those that are drawn, however much is not known of them', () => {
    const order = ranked(box('B1'), FAMILY, box('B2')).map(({ id, standing }) => [id, standing])
    expect(order[0]![0]).toBe('FAMILY')
    expect(order.slice(1)).toEqual([
      ['B1', 'undrawn'],
      ['B2', 'undrawn'],
    ])
  })
  it('are ruled out by what is known: weight, length, price, and a brochure that sleeps fewer than they are', () => {
    expect(standings(box('HEAVY', { uvw: 8_900, gvwr: 11_000 }), box('TWO', { advertisedSleeps: 2 }))).toEqual({
      HEAVY: 'out',
      TWO: 'out',
    })
  })
  it('no two empty boxes are the same plan', () => {
    const [a, b] = ranked(box('B1'), box('B2'))
    expect(a!.plan).not.toBe(b!.plan)
  })
  it('what is not drawn is not known in the inventory: neither without slides nor without bunks', () => {
    const all = [box('B1'), FAMILY, COUPLE].map(yardUnit)
    const found = (text: string) => filterYard(all, parseFilter(text))
    expect(yardUnit(box('B1')).slides).toBeUndefined()
    expect(found('bunks').shown.map(({ stock }) => stock)).toEqual(['B1', 'FAMILY'])
    expect([...found('bunks').unsure]).toEqual(['B1'])
    expect([...found('no slide').unsure]).toEqual(['B1'])
  })
})

describe('sold', () => {
  it('a unit leaves the match at once, whatever it would be', () => {
    const sold = { ...FAMILY, features: readings({ stands: 'sold' }, 'told') }
    expect(standings(FAMILY)).not.toEqual({ FAMILY: 'sold' })
    expect(standings(sold)).toEqual({ FAMILY: 'sold' })
  })
})
