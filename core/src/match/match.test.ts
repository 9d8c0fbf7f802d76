import { DEFAULT_HOUSE_RULES as RULES } from '../rules/houseRules'
import { describe, expect, it } from 'vitest'
import { phraseText } from '../quantity/phrase'
import { household, person, vehicle } from '../testing/someone'
import { berth, fixture, unit } from '../testing/unit'
import type { Trailer } from '../trailer/trailer'
import { asked } from './asking/asked'
import { differences } from './told/differences'
import { figureRows } from './told/figures'
import { headline } from './headline'
import { factSheet } from './factSheet'
import { judgeFor } from './judge'
import { rank, rankWithChanges } from './match'

const livable = (given: Partial<Trailer> = {}, figures = {}) => ({
  ...unit(
    {
      windows: [{ id: 'w', kind: 'exit', from: [20, 0], to: [50, 0] }],
      berths: [berth('bed', 60, 80, { name: 'Queen', shape: { rect: [2, 2, 80, 60] }, access: ['door', 'rear'] })],
      fixtures: [
        fixture('toilet', [2, 72, 24, 22], { room: 26 }, { faces: 'rear' }),
        fixture('shower', [202, 2, 36, 30], { headroom: 78 }),
        fixture('fridge', [206, 66, 28, 28], { capacity: 8 }),
        fixture('counter', [110, 2, 70, 22]),
        fixture('cooktop', [114, 4, 20, 18], { burners: 2 }),
        fixture('sink', [150, 4, 20, 16]),
        fixture('booth', [106, 56, 50, 38], { seats: 4 }),
      ],
    },
    figures,
  ),
  ...given,
})
const one = household([person()], { limits: { budget: 30000, trailerLength: 312 } })
const candidates = (...trailers: Trailer[]) =>
  trailers.map((trailer) => ({ id: trailer.stock, facts: factSheet(trailer, RULES) }))
const answersOf = (trailer: Trailer, of = one) => judgeFor(of, RULES)(factSheet(trailer, RULES))

const good = livable({ stock: 'GOOD' })
const dear = livable({ stock: 'DEAR' }, { askingPrice: 31000 })
const dearAndLong = livable({ stock: 'OUT' }, { askingPrice: 40000, overallLength: 400 })
const unread = livable({ stock: 'UNREAD' })
unread.plan = {
  ...unread.plan,
  fixtures: unread.plan.fixtures.map((one) => (one.kind === 'shower' ? { ...one, readings: {} } : one)),
}

describe('the ranking', () => {
  it('what fits, then what has to be measured, then what a small change lets in, then the rest', () => {
    expect(
      rankWithChanges(candidates(dearAndLong, dear, unread, good), one, RULES).map(({ id, standing }) => [
        id,
        standing,
      ]),
    ).toEqual([
      ['GOOD', 'fits'],
      ['UNREAD', 'measure'],
      ['DEAR', 'nearly'],
      ['OUT', 'out'],
    ])
  })

  it('of two that fit, the one with more to spare is first; alike ones by stock number', () => {
    const roomy = livable({ stock: 'Z' }, { askingPrice: 15000 })
    expect(rank(candidates(good, roomy), one, RULES).map(({ id }) => id)).toEqual(['Z', 'GOOD'])
    expect(rank(candidates(livable({ stock: 'B' }), livable({ stock: 'A' })), one, RULES).map(({ id }) => id)).toEqual([
      'A',
      'B',
    ])
  })

  it('of those that one thing speaks against, the nearer comes first: $300 over, not three times the budget', () => {
    const [little, much] = [
      livable({ stock: 'MUCH-BETTER' }, { askingPrice: 30300 }),
      livable({ stock: 'A-DREAM' }, { askingPrice: 90000 }),
    ]
    expect(rankWithChanges(candidates(much, little), one, RULES).map(({ id }) => id)).toEqual([
      'MUCH-BETTER',
      'A-DREAM',
    ])
  })

  it('does not depend on the order in which units stand in the yard', () => {
    const all = candidates(good, dear, dearAndLong, unread)
    expect(rank([...all].reverse(), one, RULES)).toEqual(rank(all, one, RULES))
  })

  it('facts are plain data that come back from storage the same', () => {
    const facts = factSheet(good, RULES)
    expect(rank([{ id: 'x', facts: JSON.parse(JSON.stringify(facts)) }], one, RULES)[0]!.answers).toEqual(
      rank([{ id: 'x', facts }], one, RULES)[0]!.answers,
    )
  })

  it('questions that nobody asks are not answered', () =>
    expect(asked(answersOf(good, household([person()]))).map(({ id }) => id)).toEqual([
      'sleep',
      'exits',
      'reach',
      'tow',
      'season',
      'power',
      'bath',
      'galley',
      'seating',
      'stow',
    ]))
})

describe('one unit as two things', () => {
  const grandparents = (guestsCome: 'never' | 'monthly') =>
    household([person(), person({ age: 8, height: 50, weight: 55, guest: true })], { guestsCome })
  const bunks = livable({ stock: 'BUNKS' })
  bunks.plan = {
    ...bunks.plan,
    berths: [
      ...bunks.plan.berths,
      berth('bunk', 30, 74, { id: 'b', name: 'Bunk', limit: 200, shape: { rect: [2, 2, 74, 20] } }),
    ],
  }

  it('is judged for every day and for the nights with guests: bunks are worth nothing to one, much to the other', () => {
    const [plain, bunked] = ['GOOD', 'BUNKS'].map(
      (id) => rank(candidates(good, bunks), grandparents('monthly'), RULES).find((one) => one.id === id)!.flexibility!,
    )
    expect(bunked!.withGuests).toBeGreaterThan(plain!.withGuests)
    expect(plain!.everyday).toBeGreaterThan(plain!.withGuests)
    expect(Math.abs(bunked!.everyday - plain!.everyday)).toBeLessThan(5)
  })
  it('is no question for those who never have guests', () =>
    expect(rank(candidates(good), grandparents('never'), RULES)[0]!.flexibility).toBeUndefined())
})

describe('the sentence over a unit', () => {
  it('says what speaks against it, and what else', () => {
    expect(phraseText(headline(answersOf(dearAndLong)))).toBe(
      '33 ft 4 in overall, and they want at most 26 ft. Also against it: price.',
    )
  })
  it('says what comes closest when nothing does', () =>
    expect(phraseText(headline(answersOf(good)))).toMatch(/^Nothing speaks against it\. Closest: .* to spare\.$/))
})

describe('differences between units', () => {
  it('a question all answer alike is no difference, the one that parts them most is first', () => {
    const rows = differences([answersOf(good), answersOf(dear)])
    expect(rows[0]).toMatchObject({ question: 'price', differs: true })
    expect(rows.find(({ question }) => question === 'sleep')).toMatchObject({ differs: false, spread: 0 })
  })

  it('figures that differ come first, an unread one stays unread', () => {
    const rows = figureRows([good, dearAndLong])
    expect(rows.filter(({ differs }) => differs).map(({ label }) => label)).toEqual(['Overall length', 'Asking price'])
    expect(rows.slice(0, 2).every(({ differs }) => differs)).toBe(true)
    expect(rows.find(({ label }) => label === 'Overall height')!.cells[0]!.value).toBeUndefined()
  })

  it('a figure that two sources contradict is marked', () => {
    const told = livable()
    told.readings.uvw = [
      { value: 3555, source: 'label' },
      { value: 3300, source: 'told' },
    ]
    expect(figureRows([told]).find(({ label }) => label === 'UVW (dry)')!.cells[0]).toMatchObject({
      value: 3555,
      contradicted: true,
    })
  })
})

describe('households differ', () => {
  it('the same unit is right for one and not for another', () => {
    const weak = household([person()], {
      vehicle: vehicle({ towRating: 3500, payload: 900, gcwr: 8000, curbWeight: 4200, hitchTongue: 350 }),
    })
    expect(rank(candidates(good), one, RULES)[0]!.standing).toBe('fits')
    expect(rank(candidates(good), weak, RULES)[0]!.standing).toBe('out')
  })
})
