import { describe, expect, it } from 'vitest'
import type { FeatureWish } from '../household/wishes/featureWishes'
import type { Household } from '../household/household'
import { phraseText } from '../quantity/phrase'
import { DEFAULT_HOUSE_RULES as RULES } from '../rules/houseRules'
import { COUPLE, FAMILY, HATCH, LONG } from '../testing/lot'
import { couple, household, person, readings, vehicle } from '../testing/someone'
import { berth, equipment, fixture, unit } from '../testing/unit'
import type { Trailer } from '../trailer/trailer'
import { factSheet } from './factSheet'
import { waysOver } from '../testing/cachedYard'
import { rank, rankWithChanges } from './match'

const queen = berth('bed', 60, 80, { shape: { rect: [2, 2, 80, 60] }, access: ['door', 'rear'] })
const bath = [
  fixture('toilet', [2, 72, 24, 22], { room: 26 }, { faces: 'rear' }),
  fixture('shower', [202, 2, 36, 30], { headroom: 78 }),
]
const trailer = (stock: string, figures = {}, berths = [queen]): Trailer => ({
  ...unit({ fixtures: bath, berths, windows: [{ id: 'w', kind: 'exit', from: [20, 0], to: [50, 0] }] }, figures),
  stock,
})
const candidates = (...all: Trailer[]) => all.map((one) => ({ id: one.stock, facts: factSheet(one, RULES) }))
const judged = (one: Trailer, of: Household) => {
  const { standing, nearly } = rankWithChanges(candidates(one), of, RULES)[0]!
  return { standing, says: nearly?.changes.map((words) => phraseText(words)), size: nearly?.size }
}
const two = couple()
const pulls = (ratings: object) =>
  vehicle({ towRating: 9000, payload: 1700, gcwr: 15500, curbWeight: 5400, hitchTongue: 1000, ...ratings })

describe('nearly is what a small change lets in', () => {
  it.each([
    ['$400 over the budget', { budget: 20600 }, 'nearly', ['they spend $400 more']],
    ['twice the budget', { budget: 10000 }, 'out', undefined],
    ['6 in too long', { trailerLength: 282 }, 'nearly', ['24 ft of trailer is allowed']],
    [
      'both, each within its size',
      { budget: 20600, trailerLength: 282 },
      'nearly',
      ['they spend $400 more', '24 ft of trailer is allowed'],
    ],
  ] as const)('%s', (_, limits, standing, says) =>
    expect(judged(trailer('A'), household(two, { limits }))).toMatchObject({ standing, says }),
  )

  it('a payload that is short by less than a light pickup’s difference; and not one that is hopeless', () => {
    // Two people, hitch and tongue are about 916 lb.
    expect(judged(trailer('A'), household(two, { vehicle: pulls({ payload: 830 }) }))).toMatchObject({
      standing: 'nearly',
      says: [expect.stringMatching(/^they (had a payload of 9|travel with the fresh tank empty)/)],
    })
    expect(judged(trailer('A'), household(two, { vehicle: pulls({ payload: 420 }) })).standing).toBe('out')
  })

  it('the fresh tank is emptied before a heavier vehicle is asked for', () => {
    const dry = household(two, {
      vehicle: pulls({ towRating: 3950 }),
      trip: { nights: 4, hookups: 'none', season: 'summer' },
    })
    expect(judged(trailer('A'), dry)).toMatchObject({
      standing: 'nearly',
      says: ['they travel with the fresh tank empty'],
      size: RULES.nearly.dryTank,
    })
  })

  it('two brothers who would share; a teenager in a tent; never half of a couple, nor a small child', () => {
    const boys = (age: number) => [
      person({ name: 'Bo', age, height: 56, weight: 80 }),
      person({ name: 'Cy', age: age + 1, height: 58, weight: 90 }),
    ]
    const bunk = berth('bunk', 50, 76, {
      id: 'b',
      limit: 400,
      shape: { rect: [100, 40, 76, 50] },
      access: ['off-door'],
    })
    expect(judged(trailer('A', {}, [queen, bunk]), household([...two, ...boys(11)]))).toMatchObject({
      standing: 'nearly',
      says: ['Cy and Bo share a bed'],
    })
    expect(
      judged(trailer('A'), household([...two, person({ name: 'Di', age: 15, height: 64, weight: 110 })])).says,
    ).toEqual(['Di sleeps in a tent'])
    expect(judged(trailer('A'), household([...two, person({ age: 5, height: 43, weight: 41 })])).standing).toBe('out')
    const tall = couple({ height: 80 }, { height: 64 })
    expect(judged(trailer('A'), household(tall)).standing).toBe('out')
  })

  it('a couple’s trailer that leaves five of seven without a bed is out', () => {
    const five = [16, 14, 12, 9, 6].map((age) => person({ age, height: 44 + age, weight: 30 + age * 6 }))
    expect(judged(trailer('A'), household([...two, ...five])).standing).toBe('out')
  })

  it('a must that could be a wish', () =>
    expect(judged(trailer('A'), household(two, { stances: { tub: 'must' } }))).toMatchObject({
      standing: 'nearly',
      says: ['they do without a tub'],
    }))

  it.each<[string, FeatureWish[], string]>([
    ['a yes or no', [{ feature: 'readings.blackFlush', stance: 'must' }], 'the black-tank flush'],
    ['one of a choice', [{ feature: 'suspension', is: 'torsion', stance: 'must' }], 'the suspension (torsion)'],
    ['of the plan', [{ feature: 'plan.bunkRoomDoor', stance: 'must' }], 'a bunk room that shuts with a door'],
    [
      'one that stands twice in a file',
      [
        { feature: 'readings.blackFlush', stance: 'must' },
        { feature: 'readings.blackFlush', stance: 'must' },
      ],
      'the black-tank flush',
    ],
  ])('a must out of all that can be read on a unit: %s', (_, wishes, without) => {
    const one: Trailer = {
      ...trailer('A', { blackFlush: false }),
      features: readings({ suspension: 'leaf springs' }),
    }
    expect(judged(one, household(two, { wishes }))).toMatchObject({
      standing: 'nearly',
      says: [`they do without ${without}`],
    })
    const lot = candidates(one, trailer('B', { blackFlush: true }))
    const named = waysOver(lot, household(two, { wishes }), RULES)
    expect(named.map(({ says }) => phraseText(says))).toContain(`they do without ${without}`)
  })

  it('money comes before what they insist on, and a must is given up with nothing else', () => {
    const insists = household(two, { limits: { budget: 20000 }, stances: { tub: 'must' } })
    const tub = fixture('tub', [120, 4, 40, 30], { headroom: 78 }, { id: 'tub' })
    const dear = trailer('DEAR', { askingPrice: 24900 })
    const withTub = { ...dear, plan: { ...dear.plan, fixtures: [...bath, tub] } }
    expect(judged(withTub, insists)).toMatchObject({ standing: 'nearly', says: ['they spend $4,900 more'] })
    expect(judged(trailer('A', { askingPrice: 20900 }), insists).standing).toBe('out')
    const order = rankWithChanges(candidates(trailer('NO-TUB'), withTub), insists, RULES)
    expect(order.map(({ id }) => id)).toEqual(['DEAR', 'NO-TUB'])
  })

  it('of those that nearly fit the smallest change comes first', () => {
    const of = household(two, { limits: { budget: 20000 } })
    const all = candidates(trailer('A', { askingPrice: 21400 }), trailer('B', { askingPrice: 20200 }))
    expect(rankWithChanges(all, of, RULES).map(({ id }) => id)).toEqual(['B', 'A'])
  })
})

describe('what stands in the way, over the whole yard', () => {
  const of = household(two, { limits: { budget: 20000, trailerLength: 270 }, vehicle: pulls({ payload: 700 }) })
  const yard = candidates(
    trailer('DEAR-1', { askingPrice: 22000, overallLength: 260, hitchWeight: 200, uvw: 1700, gvwr: 3000 }),
    trailer('DEAR-2', { askingPrice: 24000, overallLength: 260, hitchWeight: 200, uvw: 1700, gvwr: 3000 }),
    trailer('DEAR-3', { askingPrice: 90000, overallLength: 260, hitchWeight: 200, uvw: 1700, gvwr: 3000 }),
    trailer('LONG', { askingPrice: 15000, overallLength: 300, hitchWeight: 200, uvw: 1700, gvwr: 3000 }),
    trailer('BOTH', { askingPrice: 23000, overallLength: 300, hitchWeight: 200, uvw: 1700, gvwr: 3000 }),
  )
  const ways = waysOver(yard, of, RULES).map(({ says, units }) => [phraseText(says), units])
  it('the single change that lets in the most, and the pair that lets in more', () => {
    expect(ways).toEqual([
      ['they spend $4,000 more', ['DEAR-1', 'DEAR-2']],
      ['25 ft of trailer is allowed', ['LONG']],
      ['they spend $4,000 more and 25 ft of trailer is allowed', ['DEAR-1', 'DEAR-2', 'LONG', 'BOTH']],
    ])
  })
  it('a wish given up lets in exactly those that nothing speaks against without it', () => {
    const lot = candidates(trailer('A'), trailer('DEAR', { askingPrice: 90_000 }), FAMILY, COUPLE, HATCH, LONG)
    let letIn = 0
    for (const wish of ['tub', 'bunks', 'secondBath', 'outsideKitchen', 'secondDoor', 'oven', 'roadAccess'] as const) {
      const wanting = (stance: 'must' | 'want') =>
        household(two, { limits: { budget: 60_000 }, stances: { [wish]: stance } })
      const outOf = (stance: 'must' | 'want') =>
        rank(lot, wanting(stance), RULES).flatMap(({ id, standing }) => (standing === 'out' ? [id] : []))
      const without = outOf('want')
      const expected = outOf('must').filter((id) => !without.includes(id))
      const named = waysOver(lot, wanting('must'), RULES)
        .filter(({ says }) => phraseText(says).startsWith('they do without'))
        .flatMap(({ units }) => units)
      expect([...named].sort(), wish).toEqual(expected.sort())
      letIn += expected.length
    }
    expect(letIn).toBeGreaterThan(4)
  })
})

describe('whoever runs out too soon', () => {
  const machines = [
    equipment('fresh-tank', { capacity: 30, at: 120 }),
    equipment('gray-tank', { capacity: 20, at: 150 }),
    equipment('black-tank', { capacity: 25, at: 160 }),
    equipment('lp-cylinder', { count: 2, size: 20 }),
    equipment('battery', { count: 1, ampHours: 200, chemistry: 'LiFePO4' }),
    equipment('solar', { watts: 400, controllerAmps: 40 }),
    equipment('furnace', { heating: 20000 }),
  ]
  const equipped = { ...trailer('A'), equipment: machines }
  const camping = (nights: number) =>
    household(two, { trip: { nights, hookups: 'none', season: 'summer', place: 'plains' } })

  it('is let in by a place to dump and fill on the way, as seldom as serves', () =>
    expect(judged(equipped, camping(12))).toMatchObject({
      standing: 'nearly',
      says: ['they dump and fill every 4 nights'],
    }))

  it('by a generator where it is the battery', () =>
    expect(
      judged(
        {
          ...equipped,
          equipment: machines
            .map((one) =>
              one.kind === 'battery' ? equipment('battery', { count: 1, ampHours: 50, chemistry: 'lead-acid' }) : one,
            )
            .filter(({ kind }) => kind !== 'solar'),
          absent: [...equipped.absent!, { kind: 'solar', source: 'measured' }],
        },
        camping(3),
      ),
    ).toMatchObject({ says: ['a generator runs 2 hours a day'] }))
})
