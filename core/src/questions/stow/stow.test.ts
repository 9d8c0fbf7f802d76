import { describe, expect, it } from 'vitest'
import type { Gear, Household } from '../../household/household'
import { faultsOf } from '../../packing/check'
import type { Compartment, Plan } from '../../plan/plan'
import { phraseText } from '../../quantity/phrase'
import { DEFAULT_HOUSE_RULES as RULES } from '../../rules/houseRules'
import { household, person } from '../../testing/someone'
import { berth, fixture, unit } from '../../testing/unit'
import { answerTo } from '../../testing/answerTo'
import { estimateOf } from '../tow/estimate'
import { tow } from '../tow/tow'
import { wouldGoIn } from './changes'
import { stow } from './stow'
import { stowingFacts } from '../../stowing/facts'
import { inFrontOf, stowed, type Stowed } from '../../stowing/stowed'

const bay = (given: Partial<Compartment> & { limit?: number } = {}): Compartment => {
  const { limit = 300, ...rest } = given
  return {
    id: 'pass',
    name: 'Pass-through',
    place: 'outside',
    size: [26, 90, 22],
    openings: [
      { wall: 'door', width: 24, height: 20 },
      { wall: 'off-door', width: 24, height: 20 },
    ],
    at: 20,
    readings: { weightLimit: [{ value: limit, source: 'label' }] },
    ...rest,
  }
}
const gear = (id: string, size: [number, number, number], given: Partial<Gear> = {}): Gear => ({
  id,
  name: id,
  count: 1,
  weight: 20,
  size: { length: size[0], width: size[1], height: size[2] },
  rides: 'trailer',
  ...given,
})
const shelves = [
  fixture('wardrobe', [200, 4, 30, 24], { rod: 22 }),
  fixture('overhead', [60, 2, 120, 14]),
  fixture('cabinet', [10, 60, 60, 24]),
]
const judged = (
  compartments: Compartment[],
  brought: Gear[],
  plan: Partial<Plan> = {},
  of: Partial<Household> = {},
) => {
  const people = household([person(), person()], { gear: brought, ...of })
  return answerTo(stow, unit({ fixtures: shelves, compartments, ...plan }), people)
}
const judgedWithout = (...kinds: 'bay'[]) =>
  answerTo(
    stow,
    { ...unit({ fixtures: shelves }), absent: kinds.map((kind) => ({ kind, source: 'measured' })) },
    household([person(), person()], { gear: [totes(1)] }),
  )
const totes = (count: number, given: Partial<Gear> = {}) => gear('Totes', [28, 18, 15], { count, weight: 28, ...given })

describe('does everything go in', () => {
  it('three totes and two chairs in a pass-through, with what is to spare', () => {
    const answer = judged([bay()], [totes(3), gear('Chairs', [38, 8, 6], { count: 2, weight: 9 })])
    expect(answer).toMatchObject({ verdict: 'fits', margin: { unit: 'cu ft' } })
    expect(answer.words).toContain('All 5 things go in')
    expect(answer.words).toContain('The pass-through carries 102 lb of the 300 lb it may.')
  })

  it('bikes go through no door of it, and that is the reason given', () => {
    const answer = judged([bay()], [gear('Bikes', [60, 9, 36], { count: 2 })])
    expect(answer).toMatchObject({ verdict: 'tight', margin: { value: -2, unit: 'piece' } })
    expect(answer.words).toContain(
      'There is no place in its bays for the 2 bikes: no door lets the bikes (60 in by 36 in by 9 in) through; ' +
        'the largest is 24 in by 20 in.',
    )
  })

  it('the label stops what the space would take', () =>
    expect(judged([bay({ limit: 60 })], [totes(3)]).words).toContain(
      'There is no place in its bays for 1 of the 3 totes.',
    ))

  it('a limit nobody read is to be read, and only where something rides', () => {
    const unread = bay({ id: 'rear', readings: {} })
    expect(judged([unread], [totes(1)])).toMatchObject({
      verdict: 'measure',
      missing: ['plan.compartments.rear.weightLimit'],
    })
    expect(judged([bay(), unread], [totes(1)]).verdict).toBe('fits')
  })

  it('what has no size yet is a measure, what rides in the vehicle is no question', () => {
    const { size: _size, ...unsized } = gear('Kayak', [1, 1, 1])
    expect(judged([bay()], [unsized])).toMatchObject({ verdict: 'measure', missing: ['household.gear.Kayak.size'] })
    expect(judged([bay()], [gear('Kayak', [120, 30, 14], { rides: 'vehicle' })]).verdict).toBe('fits')
  })

  it('without a bay it says so', () =>
    expect(judgedWithout('bay')).toMatchObject({ verdict: 'tight', brief: 'no bay' }))
  it('and where nobody looked for one, that is to be done', () =>
    expect(judgedWithout()).toMatchObject({ verdict: 'measure', missing: ['plan.compartments'] }))
})

describe('where what may ride', () => {
  const inside = bay({ id: 'under-bed', name: 'Under the bed', place: 'inside' })
  const lies = (compartments: Compartment[], brought: Gear) =>
    stowed(stowingFacts(unit({ compartments })), [brought]).packing.placed.map(({ hold }) => hold)

  it('fuel rides outside or not at all, with its caution', () => {
    const can = gear('Gas can', [14, 10, 14], { fuel: true })
    expect(lies([inside, bay()], can)).toEqual(['pass'])
    expect(lies([inside], can)).toEqual([])
    expect(judged([inside, bay()], [can]).cautions).toEqual(['fuel'])
  })

  it('what is wanted on the road rides inside, what is wanted first at camp outside', () => {
    expect(lies([bay(), inside], gear('Games', [14, 10, 8], { first: 'road' }))).toEqual(['under-bed'])
    expect(lies([inside, bay()], gear('Rug', [20, 8, 8], { first: 'camp' }))).toEqual(['pass'])
  })

  it('what has to stay dry does not ride in a wet bay', () => {
    const wet = bay({ id: 'wet', wet: true })
    expect(lies([wet, bay()], gear('Bedding', [20, 16, 12], { keep: 'dry' }))).toEqual(['pass'])
    expect(lies([wet], gear('Bedding', [20, 16, 12], { keep: 'dry' }))).toEqual([])
    expect(judged([wet, bay(), inside], []).words).toContain(
      'Bays that stay dry: 29.8 cu ft outside, 29.8 cu ft inside.',
    )
  })

  it('under a bunk that is slept in it has to be emptied first', () => {
    const cargo = bay({ id: 'cargo', name: 'Cargo hold', shares: ['bunk'] })
    const bunked = { berths: [berth('bunk', 60, 80, { id: 'bunk', name: 'Bunk', limit: 600 })] }
    const answer = judged([cargo], [totes(1)], bunked, { people: [person({ name: 'Ro' })] })
    expect(answer).toMatchObject({ verdict: 'tight', brief: 'emptied for the night' })
    expect(answer.words).toContain('At camp the cargo hold has to be emptied before Ro can go to bed.')
  })

  it('a hold that a slide takes when it is in is none on the road', () => {
    const slides: Plan['slides'] = [{ id: 's', wall: 'off-door', start: 60, length: 60, depth: 30 }]
    const facts = stowingFacts(unit({ slides, compartments: [bay({ shares: ['s'] })] }))
    expect(stowed(facts, [totes(1)]).packing).toMatchObject({ placed: [], left: [{ piece: 'Totes', count: 1 }] })
  })

  it('what stands in front of a thing is counted to the nearer door', () => {
    const facts = stowingFacts(
      unit({ compartments: [bay({ size: [26, 40, 22], openings: [{ wall: 'door', width: 24, height: 20 }] })] }),
    )
    const two = stowed(facts, [
      gear('Chair', [24, 18, 20], { turns: 'never' }),
      gear('Rug', [24, 18, 20], { turns: 'never' }),
    ])
    expect(['Chair', 'Rug'].map((id) => inFrontOf(two, id)).sort()).toEqual([0, 1])
  })

  it('the checker agrees with what is shown', () => {
    const result = stowed(stowingFacts(unit({ compartments: [bay(), inside] })), [
      totes(6),
      gear('Grill', [22, 18, 14], { turns: 'upright', fragile: true }),
      gear('Lantern', [8, 8, 14], { stacks: false }),
    ])
    expect(faultsOf(result.holds, result.pieces, result.packing)).toEqual([])
  })
})

describe('inside', () => {
  it('clothes, dishes and food of six for a week ask more than a couple’s shelves', () => {
    const six = judged(
      [],
      [],
      {},
      { people: Array.from({ length: 6 }, () => person()), trip: { nights: 7, hookups: 'full', season: 'summer' } },
    )
    // 6 x (1.5 + 7 x 0.3) cu ft of clothes by the house rule.
    expect(six.words).toContain('Clothes of 6 people for 7 days take about 21.6 cu ft')
    expect(judged([], [], { fixtures: [fixture('fridge', [10, 60, 30, 24])] }, {}).brief).toBe('few shelves')
  })

  it('the closet rod against 8 in each', () =>
    expect(judged([], [], {}, { people: Array.from({ length: 4 }, () => person()) }).words).toContain(
      '22 in of closet rod for 4 people; it takes about 32 in to hang all, so some is folded.',
    ))

  it('a closet of 18 in is told of: a hanger asks for 20', () => {
    const closet = (hanging: number) =>
      judged([], [], { fixtures: [fixture('wardrobe', [10, 2, 24, 20], { rod: 22, hanging })] }, {}).words
    expect(closet(18)).toContain('A closet is 18 in deep inside: hangers stand askew under 20 in.')
    expect(closet(22)).not.toContain('askew')
  })
})

describe('what the bays do to the hitch', () => {
  const heavy = (at: number) =>
    stowed(stowingFacts(unit({ compartments: [bay({ at, size: [60, 90, 22] })] })), [totes(4, { weight: 50 })])
  const trailer = unit({}, { axleCenter: 150 })
  const need = tow.need(household([person()], { gear: [totes(4, { weight: 50 })] }), RULES.tow, RULES)!
  const estimate = (what: Stowed) => estimateOf(tow.facts(trailer, {}, RULES.ways) as never, need, what)

  it('by the lever: 200 lb 20 in behind the front wall, axles at 150 in, coupler 40 in before: 137 lb', () => {
    expect(estimate(heavy(20)).gear).toMatchObject({ weight: 200, least: (200 * 130) / 190, most: (200 * 130) / 190 })
    expect(estimate(heavy(240)).gear.least).toBeCloseTo((200 * -90) / 190, 6)
  })

  it('the tongue moves by it, as far as it goes', () => {
    const tongue = (at: number) => estimate(heavy(at)).leaving.tongue.least
    // By statics (exact): 220 in apart, 190 in from coupler to axles.
    expect(tongue(20) - tongue(240)).toBeCloseTo((200 * 220) / 190, 6)
    expect(tongue(240)).toBeLessThan(estimate(heavy(240)).leaving.total * 0.12)
  })

  it('said, and tight where it leaves 10-15 %', () => {
    const of = household([person(), person()], { gear: [totes(5, { weight: 58 })] })
    const at = (place: number) =>
      answerTo(
        tow,
        unit({ compartments: [bay({ at: place, size: [60, 90, 22], limit: 600 })] }, { axleCenter: 150 }),
        of,
      ).words
    // 440 empty, 17 of propane, 10 of water, 47 of belongings and 198 of gear, of 4,228 lb (statics).
    expect(at(20)).toContain(
      'puts about 198 lb on the hitch, 713 lb in all: 16.9 % of the loaded trailer, more than 15 %; move weight back',
    )
    expect(at(236)).toMatch(
      /takes about 131 lb off the hitch, \d+ lb in all: [89]\.\d % of the loaded trailer, \d+ lb less than 10 %; move weight/,
    )
  })
})

describe('so much behind the axles that nothing is left on the hitch', () => {
  it('is not pulled', () => {
    const of = household([person()], { gear: [totes(10, { weight: 90 })] })
    const rear = bay({ at: 236, size: [80, 90, 40], limit: 2000 })
    const answer = answerTo(tow, unit({ compartments: [rear] }, { axleCenter: 110, gvwr: 9000 }), of)
    expect(answer).toMatchObject({ verdict: 'no' })
    expect(answer.words).toContain('nothing would be left on it. Do not pull it so; move weight forward')
  })
})

describe('what would let it in', () => {
  const changes = (compartments: Compartment[], brought: Gear[], figures = {}) => {
    const trailer = unit({ compartments }, figures)
    const { receiver } = stow.facts(trailer, RULES.stow, RULES.ways)
    return wouldGoIn({ receiver }, stowed(stowingFacts(trailer), brought), RULES.loading).map((one) => phraseText(one))
  }

  it('a label that allowed more, where weight is all that stops it', () =>
    expect(changes([bay({ limit: 60 })], [totes(3)])).toContain(
      'if the pass-through were allowed to carry more than 60 lb',
    ))

  it('a door as large as the thing is from its end', () => {
    const small = bay({ openings: [{ wall: 'door', width: 12, height: 12 }] })
    expect(changes([small], [totes(1)])).toContain('if a door of the pass-through were 18 in by 15 in')
  })

  it('a rack at the receiver, as far as that carries (150-250 lb are seen)', () => {
    const bikes = gear('Bikes', [66, 10, 40], { count: 4, weight: 31 })
    expect(changes([bay()], [bikes], { rearReceiverRating: 250 })).toContain(
      'on a rack at the rear receiver, which carries 250 lb: they weigh 124 lb, the rack about 45 lb',
    )
    expect(changes([bay()], [bikes], { rearReceiverRating: 150 })).toContain(
      'a rack at the rear receiver carries 150 lb with the rack; they weigh 124 lb',
    )
    expect(changes([bay()], [bikes])).toEqual(['with the 4 bikes in the tow vehicle, against its payload'])
  })

  it('nothing where all goes in', () => expect(changes([bay()], [totes(1)])).toEqual([]))
})

describe('whose it is, and where their clothes are', () => {
  const family = household([person({ id: 'mia', name: 'Mia', age: 9 }), person({ id: 'ro', name: 'Ro' })])
  const owned = (bays: Compartment[]) =>
    answerTo(stow, unit({ fixtures: shelves, compartments: bays }), { ...family, gear: [totes(1, { owner: 'mia' })] })
      .words

  it('each finds what is their own: outside it has to be fetched', () => {
    expect(owned([bay()])).toContain('Mia’s totes: in the pass-through, to be fetched from outside.')
    expect(owned([bay({ id: 'bench', name: 'Bench', place: 'inside' })])).toContain('Mia’s totes: in the bench.')
  })
  it('what is everybody’s is nobody’s', () =>
    expect(judged([bay()], [totes(1)])).toMatchObject({ words: expect.not.stringContaining('’s totes') }))

  const bunks = { id: 'bunks', name: 'Bunk room', kind: 'bunk room' as const, closedBy: 'curtain' as const }
  const room = { ...bunks, shape: { rect: [180, 2, 58, 92] as [number, number, number, number] } }
  const plan = (...fixtures: Plan['fixtures']): Partial<Plan> => ({
    rooms: [room],
    fixtures: [fixture('wardrobe', [20, 4, 30, 24], { rod: 22 }), ...fixtures],
    berths: [
      berth('bunk', 34, 76, {
        id: 'bunk',
        room: 'bunks',
        limit: 300,
        shape: { rect: [204, 4, 34, 76] },
        access: ['front'],
        head: 'off-door',
      }),
    ],
  })
  const words = (...fixtures: Plan['fixtures']) =>
    answerTo(
      stow,
      unit(plan(...fixtures)),
      household([person({ id: 'mia', name: 'Mia', age: 9, height: 52, weight: 66 })]),
    ).words

  it('a room in which somebody sleeps and no closet stands is named with who lies there', () => {
    expect(words()).toContain(
      'In the bunk room there is neither closet nor drawer: the clothes of Mia are kept elsewhere.',
    )
    expect(words(fixture('cabinet', [182, 82, 20, 10], { drawers: 3 }))).not.toContain('neither closet nor drawer')
  })
  it('drawers that nobody counted are asked for, not denied', () =>
    expect(words(fixture('cabinet', [182, 82, 20, 10]))).toContain(
      'Whether the bunk room has drawers for Mia, nobody has looked.',
    ))
})
