import { DEFAULT_HOUSE_RULES as RULES } from '@hitchet/core/rules/houseRules'
import { describe, expect, it } from 'vitest'
import { factSheet } from '@hitchet/core/match/factSheet'
import { rank } from '@hitchet/core/match/match'
import { nightsIn } from '@hitchet/core/nights/nights'
import { cachedOf } from '@hitchet/core/testing/cachedYard'
import { couple, household, person } from '@hitchet/core/testing/someone'
import { berth, conversion, unit } from '@hitchet/core/testing/unit'
import type { Trailer } from '@hitchet/core/trailer/trailer'
import { comparison } from './compared'

const bunkhouse = unit({
  berths: [
    berth('bed', 60, 80, { name: 'Queen' }),
    berth('bunk', 28, 74, { id: 'lower', limit: 150 }),
    berth('booth', 42, 72, { id: 'booth', conversion: 'make' }),
  ],
  conversions: [conversion('make', { name: 'Dinette' })],
})
const bare = { ...unit({ berths: [berth('bed', 60, 80, { name: 'Queen' })] }, { uvw: 5200, gvwr: 7000 }), stock: 'X-2' }
const family = household(
  [
    ...couple({ id: 'ro', name: 'Ro' }, { id: 'mi', name: 'Mi' }),
    person({ id: 'ta', name: 'Ta', age: 9, height: 52, weight: 66 }),
    person({ id: 'gu', name: 'Gu', age: 10, height: 54, weight: 70, guest: true }),
  ],
  { guestsCome: 'monthly' },
)

const matched = (...trailers: Trailer[]) => {
  const matches = rank(
    trailers.map((trailer) => ({ id: trailer.stock, facts: factSheet(trailer, RULES) })),
    family,
    RULES,
  )
  return trailers.map((trailer) => ({
    kept: cachedOf(matches, family, RULES).find(({ id }) => id === trailer.stock)!,
    trailer,
    answers: matches.find(({ id }) => id === trailer.stock)!.answers,
    nights: nightsIn(trailer, family, RULES),
  }))
}

describe('what the compare board is given', () => {
  const { units, cautions, differences, figures } = comparison(matched(bunkhouse, bare), family, RULES)

  it('each person’s token in their berth, in the order the units were chosen', () => {
    expect(units.map(({ trailer }) => trailer.stock)).toEqual(['X-1', 'X-2'])
    expect(units[0]!.everyNight).toEqual({
      made: [],
      sleepers: [
        {
          berth: 'bed',
          people: [
            expect.objectContaining({ id: 'mi' }),
            expect.objectContaining({ id: 'ro', initials: 'Ro', color: 0 }),
          ],
        },
        { berth: 'lower', people: [expect.objectContaining({ id: 'ta', color: 2 })] },
      ],
      unplaced: [],
    })
  })

  it('guest nights with what is made up for them', () => {
    expect(units[0]!.guestNight!.made).toEqual(['make'])
    expect(units[0]!.guestNight!.sleepers.flatMap(({ people }) => people.map(({ id }) => id)).sort()).toEqual([
      'gu',
      'mi',
      'ro',
      'ta',
    ])
  })

  it('who is left over', () => expect(units[1]!.everyNight.unplaced.map(({ name }) => name)).toEqual(['Ta']))

  it('all cautions once, differences and figures over all units', () => {
    expect(cautions).toContain('exits')
    expect(new Set(cautions).size).toBe(cautions.length)
    expect(differences[0]!.question).toBe('sleep')
    expect(figures[0]!.cells).toHaveLength(2)
  })

  it('why one stands before the other, in points that sum up to the difference of their scores', () => {
    const both = matched(bunkhouse, {
      ...bunkhouse,
      stock: 'X-3',
      readings: { ...bunkhouse.readings, uvw: [{ value: 4_700, source: 'label' }] },
    })
    const { why } = comparison(both, family, RULES)
    expect(why).toHaveLength(1)
    const [better, worse] = [why[0]!.stock, why[0]!.over].map(
      (stock) => both.find(({ kept }) => kept.id === stock)!.kept,
    )
    const sum = why[0]!.parts.reduce((all, { points }) => all + points, 0)
    expect(sum).toBeCloseTo(better!.score - worse!.score, 0)
    expect(sum).toBeGreaterThan(0)
  })

  it('is plain data that a browser can be sent', () =>
    expect(JSON.parse(JSON.stringify(units[0]!.everyNight))).toEqual(units[0]!.everyNight))
})
