import { describe, expect, it } from 'vitest'
import { factSheet } from '../match/factSheet'
import { phraseText } from '../quantity/phrase'
import { figure } from '../readings/reading'
import { DEFAULT_HOUSE_RULES as RULES } from '../rules/houseRules'
import { COUPLE, FAMILY } from '../testing/lot'
import { couple, household, person, readings, vehicle } from '../testing/someone'
import type { Trailer } from '../trailer/trailer'
import { apart } from './apart'
import { costOf } from './cost'
import { takeHome } from './takeHome'
import { costWords, figureWords } from './words'

const HANDED = { on: '2026-11-27', by: 'Ada Lund', dealership: 'A lot' }
const they = household(
  [
    ...couple({ name: 'Ro Vance', height: 70, weight: 180 }, { name: 'Mi Vance', height: 64, weight: 140 }),
    person({ id: 'bo', name: 'Bo', age: 9, height: 52, weight: 66 }),
    person({ id: 'gran', name: 'Gran', guest: true, height: 63, weight: 150 }),
  ],
  {
    vehicle: vehicle({ towRating: 9_000, payload: 1_600, gcwr: 15_000, curbWeight: 5_200 }),
    guestsCome: 'most trips',
  },
)
const many = household(
  [
    ...they.people.filter(({ guest }) => !guest),
    person({ id: 'jo', name: 'Jo', age: 14, height: 66, weight: 130 }),
    person({ id: 'ty', name: 'Ty', age: 15, height: 68, weight: 140 }),
  ],
  { vehicle: they.vehicle },
)
const taken = (trailer: Trailer, asking = they) =>
  takeHome([{ trailer, facts: factSheet(trailer, RULES) }], asking, RULES, HANDED)
const words = (trailer: Trailer, asking = they) =>
  taken(trailer, asking).units[0]!.sentences.map((one) => phraseText(one))

describe('what they take home', () => {
  it('speaks to those who are always there, and nowhere by more than their first names', () => {
    expect(taken(FAMILY).people).toEqual(['Ro', 'Mi', 'Bo'])
    expect(JSON.stringify([taken(FAMILY), taken(COUPLE)])).not.toContain('Vance')
    const two = household([person({ name: 'Ro Vance' }), person({ name: 'Ro Lund' })])
    expect(taken(FAMILY, two).people).toEqual(['Ro Vance', 'Ro Lund'])
  })

  it('shows every one of them once, in a berth that is drawn or as without one', () => {
    for (const trailer of [FAMILY, COUPLE]) {
      const { night, plan } = taken(trailer, many).units[0]!
      const lying = night.sleepers.flatMap(({ people }) => people.map(({ name }) => name))
      expect([...lying, ...night.unplaced].sort()).toEqual(['Bo', 'Jo', 'Mi', 'Ro', 'Ty'])
      for (const { berth } of night.sleepers) expect(plan.berths.map(({ id }) => id)).toContain(berth)
    }
    expect(taken(FAMILY, many).units[0]!.night.unplaced).toEqual([])
    expect(taken(COUPLE, many).units[0]!.night.unplaced).toEqual(['Ty', 'Jo'])
  })

  it('shows who lies in a crib, too: nobody of them is missing on the page', () => {
    const small = household([
      ...they.people.slice(0, 3),
      person({ id: 'theo', name: 'Theo', age: 1, height: 30, weight: 24, needs: ['crib'] }),
    ])
    const { night } = taken(FAMILY, small).units[0]!
    const named = [...night.sleepers.flatMap(({ people }) => people), ...night.cribs].map(({ name }) => name)
    expect([...named, ...night.unplaced].sort()).toEqual(['Bo', 'Mi', 'Ro', 'Theo'])
    expect(night.cribs.map(({ name }) => name)).toEqual(['Theo'])
  })

  it('says three things at the most, none twice, and what speaks against it is among them', () => {
    expect(words(FAMILY)).toHaveLength(3)
    expect(new Set(words(FAMILY)).size).toBe(3)
    expect(words(COUPLE, many).join(' ')).toMatch(/No berth is left for (Bo|Jo|Ty)/)
  })

  it('is plain data: what is read after years is what was written', () => {
    const one = taken(FAMILY)
    expect(JSON.parse(JSON.stringify(one))).toEqual(one)
  })

  it('tells no more of the plan than is drawn: no reading of a mattress’s weight limit, no compartment', () => {
    const { plan } = taken(FAMILY).units[0]!
    expect(plan.compartments).toEqual([])
    for (const { readings: kept } of plan.berths)
      expect(Object.keys(kept ?? {}).filter((key) => !key.startsWith('mattress'))).toEqual([])
  })

  it('names the labels to read even when every answer is in, and what is open by whose it is', () => {
    const unasked = household(they.people, { vehicle: vehicle({ towRating: 9_000 }) })
    const [{ readFirst }] = taken(FAMILY, unasked).units as [ReturnType<typeof taken>['units'][number]]
    expect(readFirst.atHome[0]).toMatch(/door label/)
    expect(readFirst.atHome).toContain('Your payload')
    expect(readFirst.onTheUnit[0]).toMatch(/trailer’s own label/)
    expect([...readFirst.atHome, ...readFirst.onTheUnit].join(' ')).not.toMatch(/\btheir\b|undefined|household\./)
  })

  it('carries every caution that any of its answers raises, and no other', () => {
    const unit = taken(FAMILY).units[0]!
    expect(unit.cautions).toContain('ratings')
    expect(new Set(unit.cautions).size).toBe(unit.cautions.length)
    expect(taken(FAMILY, household(they.people)).units[0]!.cautions).not.toContain('parks')
  })

  it('looks ten years ahead only where somebody grows', () => {
    expect(taken(FAMILY).units[0]!.outlook!.years).toHaveLength(11)
    expect(taken(FAMILY, household(they.people.filter(({ age }) => age > 18))).units[0]!.outlook).toBeUndefined()
  })

  it('lists every reading there is, once, with where it comes from, and says what contradicts it', () => {
    const odd: Trailer = {
      ...FAMILY,
      readings: {
        ...FAMILY.readings,
        hitchWeight: [
          { value: 700, source: 'measured', on: '2026-11-02' },
          { value: 610, source: 'sheet' },
        ],
      },
    }
    const rows = taken(odd).units[0]!.readings.flatMap(({ rows: of }) => of)
    const hitch = rows.filter(({ label }) => label === 'Hitch weight, empty')
    expect(hitch).toMatchObject([{ source: 'measured', on: '2026-11-02' }])
    expect(phraseText(hitch[0]!.value)).toBe('700 lb')
    expect(hitch[0]!.against.map((one) => phraseText(one))).toEqual(['610 lb'])
    const read = Object.values(odd.readings).filter((list) => list.length).length
    expect(taken(odd).units[0]!.readings.find(({ of }) => of === 'The unit')!.rows).toHaveLength(read)
  })
})

describe('two held against each other at home', () => {
  it('tells every figure and answer in which they differ, and no other; the price always', () => {
    const dear: Trailer = {
      ...FAMILY,
      stock: 'T-9',
      readings: { ...FAMILY.readings, ...readings({ askingPrice: 50_000, gvwr: 6_000 }) },
    }
    const units = [...taken(FAMILY).units, ...taken(dear).units]
    const { figures, answers } = apart(units)
    expect(figures.map(({ label }) => label).slice(0, 2)).toEqual(['Asking', 'GVWR'])
    expect(figures[1]!.cells.map(({ value }) => value)).toEqual([figure(FAMILY.readings, 'gvwr'), 6_000])
    for (const { short, cells } of answers) {
      expect(cells).toEqual(units.map(({ asked }) => asked.find((one) => one.short === short)!.verdict))
      expect(cells[0]).not.toBe(cells[1])
    }
    const told = answers.length + units[0]!.asked.filter((one, i) => one.verdict === units[1]!.asked[i]!.verdict).length
    expect(told).toBe(units[0]!.asked.length)
    expect(apart([units[0]!, units[0]!])).toMatchObject({ answers: [], figures: [{ label: 'Asking' }] })
  })
})

describe('what it costs', () => {
  const priced = (features: Trailer['features'], asking?: number): Trailer => ({
    ...FAMILY,
    readings: { ...FAMILY.readings, ...readings(asking === undefined ? {} : { askingPrice: asking }) },
    features,
  })
  const told = (value: boolean): [{ value: boolean; source: 'told' }] => [{ value, source: 'told' }]

  it('says what is in it, what comes on top, and asks what nobody noted', () => {
    const cost = costOf(priced({ towKit: told(true), starterKit: told(false) }, 28_400))
    expect(cost).toMatchObject({ asking: 28_400, ask: ['filled cylinders and a battery'] })
    expect(cost.within).toContain('hitch parts')
    expect(cost.notIn).toEqual(expect.arrayContaining(['sales tax', 'a starter kit (hose, adapters, fuses)']))
    expect(costWords(cost)).toEqual([
      'Asking $28,400.',
      'In it: the trailer as it stands and hitch parts.',
      'Not in it: sales tax, title and registration, dealer fees, insurance and a starter kit (hose, adapters, fuses).',
      'Ask whether it is in it: filled cylinders and a battery.',
    ])
  })

  it('without a price says so, and never 0', () => {
    const bare: Trailer = { ...FAMILY, readings: { ...FAMILY.readings, askingPrice: [] } }
    expect(costWords(costOf(bare))[0]).toBe('No price yet.')
    expect(figureWords({ label: 'Hitch', unit: 'lb' }, 'us')).toBe('to be measured')
  })
})
