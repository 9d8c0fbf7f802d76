import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { phraseText } from '../../quantity/phrase'
import { nights, nightsIn } from '../../nights/nights'
import { DEFAULT_HOUSE_RULES as RULES } from '../../rules/houseRules'
import { answerTo } from '../../testing/answerTo'
import { couple, household, person } from '../../testing/someone'
import { berth, conversion, unit } from '../../testing/unit'
import type { Household, Person } from '../../household/household'
import type { Trailer } from '../../trailer/trailer'
import { capacityOf } from './capacity'
import { sleep } from './sleep'

const judge = (trailer: Trailer, of: Household) => answerTo(sleep, trailer, of)
const text = (trailer: Trailer, of: Household) => judge(trailer, of).words
const factsOf = (trailer: Trailer) => nights.facts(trailer, RULES.nights, RULES.ways)
const places = (trailer: Trailer, of: Household) => nightsIn(trailer, of, RULES)
/** Who lies in which berth on an ordinary night: `{ bed: ['ro', 'mi'] }`. */
const lies = (trailer: Trailer, of: Household) =>
  Object.fromEntries(
    places(trailer, of).everyNight.placements.map(({ berth: { id }, people }) => [id, people.map((one) => one.id)]),
  )

const queen = berth('bed', 60, 80, { name: 'Queen' })
const shortQueen = berth('bed', 60, 74, { name: 'Short queen' })
const bunks = [
  berth('bunk', 28, 74, { id: 'lower', name: 'Lower bunk', limit: 150 }),
  berth('upper-bunk', 28, 74, { id: 'upper', name: 'Upper bunk', limit: 150 }),
]
const booth = berth('booth', 42, 72, { id: 'booth', name: 'Dinette bed', conversion: 'make-booth' })
const withBooth = { berths: [queen, ...bunks, booth], conversions: [conversion('make-booth', { name: 'Dinette' })] }
const alone = (given: Partial<Person>) => household([person(given)])

describe('length: a mattress must be the height and 2 in', () => {
  it.each([
    [shortQueen, 72, 'tight'],
    [shortQueen, 74, 'no'],
    [queen, 74, 'fits'],
    [queen, 76, 'fits'],
    [queen, 77, 'tight'],
    [queen, 78, 'tight'],
    [queen, 79, 'no'],
  ])('%o for a height of %d in: %s', (bed, height, verdict) =>
    expect(judge(unit({ berths: [bed] }), alone({ height })).verdict).toBe(verdict),
  )

  it('a couple of 6 ft 2 in does not fit a short queen, and it says by whom it fails', () => {
    const answer = text(
      unit({ berths: [shortQueen] }),
      household(couple({ name: 'Ro', height: 74 }, { name: 'Mi', height: 74 })),
    )
    expect(answer).toContain(
      'No berth is left for Ro (6 ft 2 in) and Mi (6 ft 2 in): the short queen (74 in) is too short.',
    )
  })

  it('says what is to spare for the one with the least', () => {
    const answer = judge(unit({ berths: [queen] }), alone({ height: 74 }))
    expect(answer.margin).toMatchObject({ value: 4, unit: 'in' })
  })

  it('a taller person never fits better', () => {
    fc.assert(
      fc.property(fc.integer({ min: 40, max: 84 }), fc.integer({ min: 0, max: 10 }), (height, more) => {
        const spare = (tall: number) =>
          places(unit(withBooth), alone({ height: tall, sure: ['height'] })).everyNight.placements[0]?.spare ??
          -Infinity
        return spare(height + more) <= spare(height)
      }),
    )
  })
})

describe('width', () => {
  it('a booth bed of 42 in takes one adult, or two small children, and not two adults', () => {
    const only = unit({ berths: [{ ...booth }], conversions: withBooth.conversions })
    expect(judge(only, alone({ height: 66 })).verdict).not.toBe('no')
    expect(judge(only, household(couple({ height: 66 }, { height: 66 }))).verdict).toBe('no')
    expect(judge(only, household([person({ age: 5, height: 42 }), person({ age: 7, height: 48 })])).verdict).not.toBe(
      'no',
    )
  })

  it('a 44 in double bunk takes two children and a broad adult, a 24 in bunk no adult', () => {
    expect(judge(unit({ berths: [berth('bunk', 24, 74, { limit: 300 })] }), alone({ height: 66 })).verdict).toBe('no')
    expect(judge(unit({ berths: [berth('bunk', 44, 74, { limit: 300 })] }), alone({ height: 66 })).verdict).not.toBe(
      'no',
    )
  })
})

describe('weight limits of bunks (150, 250 and 300 lb are seen)', () => {
  const bunk = (limit?: number) => unit({ berths: [berth('bunk', 30, 80, { id: 'b', limit })] })
  it('180 lb does not go on a 150 lb bunk and does on one of 250', () => {
    expect(judge(bunk(150), alone({ weight: 180 })).verdict).toBe('no')
    expect(judge(bunk(250), alone({ weight: 180 })).verdict).not.toBe('no')
  })

  it('a limit nobody read is to be measured, never taken as none', () => {
    const answer = judge(bunk(), alone({ weight: 180 }))
    expect(answer.verdict).toBe('measure')
    expect(answer.missing).toEqual(['plan.berths.b.weightLimit'])
  })

  it('two children together count together', () => {
    const double = (limit: number) => unit({ berths: [berth('bunk', 44, 74, { limit })] })
    const two = household([person({ age: 8, height: 50, weight: 90 }), person({ age: 9, height: 52, weight: 95 })])
    expect(judge(double(150), two).verdict).toBe('no')
    expect(judge(double(300), two).verdict).not.toBe('no')
  })
})

describe('who may lie where', () => {
  it('under six nobody sleeps in an upper bunk (16 CFR 1213 and 1513, from memory), even if all else is full', () => {
    const kids = household([
      ...couple({ id: 'ro' }, { id: 'mi' }),
      person({ id: 'ta', age: 5, height: 42, weight: 40 }),
      person({ id: 'jo', age: 9, height: 52, weight: 66 }),
    ])
    expect(lies(unit({ berths: [queen, ...bunks] }), kids)).toMatchObject({ lower: ['ta'], upper: ['jo'] })
    const small = household([
      ...couple(),
      person({ age: 5, height: 42, weight: 40 }),
      person({ age: 4, height: 40, weight: 36 }),
    ])
    const twin = unit({ berths: [queen, { ...bunks[1]! }, { ...bunks[1]!, id: 'upper-2' }] })
    expect(judge(twin, small).verdict).toBe('no')
    expect(judge(twin, small).cautions).toContain('upper-bunk')
  })

  it('one who does not climb is not sent up', () => {
    expect(judge(unit({ berths: [bunks[1]!] }), alone({ height: 60, weight: 120, climbs: false })).verdict).toBe('no')
    expect(judge(unit({ berths: [bunks[1]!] }), alone({ height: 60, weight: 120 })).verdict).not.toBe('no')
  })

  it('couples lie together', () => {
    const [a, b] = couple({ id: 'a', name: 'A' }, { id: 'b', name: 'B' })
    const singles = [berth('bed', 30, 80, { id: 's1' }), berth('bed', 30, 80, { id: 's2' })]
    const apart = judge(unit({ berths: singles }), household([a, b]))
    expect(apart.verdict).toBe('no')
    expect(phraseText(apart.because[0]!.says)).toBe(
      'A and B would lie apart, A in the bed and B in the bed: the widest bed, the bed, is 30 in, and two ask for 48 in.',
    )
    expect(lies(unit({ berths: [...singles, queen] }), household([a, b]))).toEqual({ bed: ['a', 'b'] })
  })

  it('strangers do not share; two who said they would do', () => {
    const two = [person({ id: 'a' }), person({ id: 'b' })]
    expect(judge(unit({ berths: [queen] }), household(two)).verdict).toBe('no')
    const asked = (a: Partial<Person>, b: Partial<Person>) =>
      judge(
        unit({ berths: [queen] }),
        household([
          { ...two[0]!, ...a },
          { ...two[1]!, ...b },
        ]),
      ).verdict
    expect(asked({ sharesWith: ['b'] }, { sharesWith: ['a'] })).toBe('fits')
    expect(asked({ sharesWith: ['b'] }, {})).toBe('no')
  })
})

describe('who is left without a berth', () => {
  const small = [person({ age: 4, height: 40, weight: 36 }), person({ age: 6, height: 46, weight: 46 })]
  it('is, where as many are left either way, the two children and not the couple, in whatever order they are told', () => {
    for (const people of [
      [...couple(), ...small],
      [...small, ...couple()],
    ]) {
      const { everyNight } = places(unit({ berths: [queen] }), household(people))
      expect(everyNight.unplaced.map(({ age }) => age).sort()).toEqual([4, 6])
    }
  })
  it('is still as few as can be', () => {
    // The bed is too short for the two of them, and holds both children.
    const people = [...couple({ height: 77 }, { height: 76 }), ...small]
    const { everyNight } = places(unit({ berths: [shortQueen] }), household(people))
    expect(everyNight.unplaced.map(({ height }) => height)).toEqual([77, 76])
  })
})

describe('people come and go', () => {
  const anyone = fc.record({
    age: fc.integer({ min: 2, max: 75 }),
    height: fc.integer({ min: 34, max: 78 }),
    weight: fc.integer({ min: 30, max: 260 }),
    sure: fc.constant<Person['sure']>(['height', 'weight']),
  })
  const left = (people: Person[]) => places(unit(withBooth), household(people)).everyNight.unplaced.length

  it('one more berth never leaves more people out, nor asks for more beds to be made', () => {
    fc.assert(
      fc.property(
        fc.array(anyone, { minLength: 1, maxLength: 6 }),
        fc.integer({ min: 24, max: 66 }),
        fc.integer({ min: 50, max: 82 }),
        (some, width, length) => {
          const of = household(some.map((one) => person(one)))
          const [before, after] = [
            withBooth,
            { ...withBooth, berths: [...withBooth.berths, berth('bed', width, length, { id: 'more' })] },
          ].map((plan) => places(unit(plan), of).everyNight)
          return (
            after!.unplaced.length < before!.unplaced.length ||
            (after!.unplaced.length === before!.unplaced.length && after!.made.length <= before!.made.length)
          )
        },
      ),
    )
  })

  it('with one person fewer never more are left without a berth, and at most one fewer', () => {
    fc.assert(
      fc.property(fc.array(anyone, { minLength: 2, maxLength: 7 }), (some) => {
        const people = some.map((one) => person(one))
        const [all, fewer] = [left(people), left(people.slice(1))]
        return fewer <= all && all <= fewer + 1
      }),
    )
  })
})

describe('made-up beds', () => {
  it('nothing is made up when all fit without, and what is made up nightly is said', () => {
    const four = household([
      ...couple(),
      person({ age: 9, height: 52, weight: 66 }),
      person({ age: 11, height: 56, weight: 80 }),
    ])
    expect(places(unit(withBooth), four).everyNight.made).toEqual([])
    const five = household([...four.people, person({ age: 14, height: 62, weight: 110 })])
    expect(places(unit(withBooth), five).everyNight.made).toEqual(['make-booth'])
    expect(judge(unit(withBooth), five)).toMatchObject({ verdict: 'tight', brief: 'dinette made up nightly' })
  })

  it('two conversions that exclude each other are never both made', () => {
    const either = {
      berths: [
        { ...booth, id: 'b1', conversion: 'one' },
        {
          ...booth,
          id: 'b2',
          conversion: 'two',
          shape: { rect: [150, 10, 72, 42] as [number, number, number, number] },
        },
      ],
      conversions: [conversion('one', { excludes: ['two'] }), conversion('two')],
    }
    const twoTeens = household([
      person({ age: 14, height: 62, weight: 110 }),
      person({ age: 15, height: 64, weight: 115 }),
    ])
    expect(judge(unit(either), twoTeens).verdict).toBe('no')
    expect(judge(unit({ ...either, conversions: [conversion('one'), conversion('two')] }), twoTeens).verdict).not.toBe(
      'no',
    )
  })

  it('guest nights are solved by themselves and do not spoil every night', () => {
    const grand = household(
      [...couple({ name: 'Ha' }, { name: 'Pi' }), person({ age: 9, height: 53, weight: 66, guest: true })],
      { guestsCome: 'a few times a year' },
    )
    const { everyNight, guestNight } = places(unit(withBooth), grand)
    expect(everyNight.placements.map(({ berth: { id } }) => id)).toEqual(['bed'])
    expect(guestNight!.placements).toHaveLength(2)
    const noRoom = unit({ berths: [queen] })
    expect(judge(noRoom, grand).verdict).toBe('tight')
    expect(judge(noRoom, { ...grand, guestsCome: 'most trips' }).verdict).toBe('no')
    expect(judge(noRoom, household(grand.people.slice(0, 2))).verdict).toBe('fits')
  })
})

describe('what is not known', () => {
  it('a height nobody asked makes it a measure, and names it', () => {
    const answer = judge(unit({ berths: [queen] }), alone({ id: 'ro', height: undefined }))
    expect(answer).toMatchObject({ verdict: 'measure', missing: ['household.people.ro.height'] })
  })

  it('a known berth is preferred to a hoped-for one', () => {
    const unread = berth('bed', undefined, undefined, { id: 'unread' })
    expect(lies(unit({ berths: [unread, { ...queen, id: 'known' }] }), alone({ id: 'ro' }))).toEqual({ known: ['ro'] })
  })

  it('what cannot fit is no, however much is unread', () =>
    expect(judge(unit({ berths: [berth('bunk', undefined, 60)] }), alone({ height: 70 })).verdict).toBe('no'))
})

describe('the advertised count beside the honest one (facts of the trade: common practice)', () => {
  const u = berth('u-dinette', 60, 74, { id: 'u', conversion: 'make-u' })
  const sofa = berth('tri-fold', 54, 74, { id: 'sofa', conversion: 'make-sofa', shape: { rect: [150, 10, 74, 54] } })
  const single = (n: number) =>
    Array.from({ length: n }, (_, i) => berth(i % 2 ? 'upper-bunk' : 'bunk', 30, 74, { id: `bunk-${i}`, limit: 300 }))
  const makes = [conversion('make-u'), conversion('make-sofa'), conversion('make-booth')]
  const capacity = (berths: Trailer['plan']['berths']) =>
    capacityOf(factsOf(unit({ berths, conversions: makes })), RULES.nights)

  it('queen, four single bunks, U-dinette and fold-out sofa: advertised for 10, and 10 by width', () =>
    expect(capacity([queen, ...single(4), u, sofa]).adults).toBe(10))
  it('of those ten, six lie down with nothing made up', () =>
    expect(capacity([queen, ...single(4), u, sofa]).adultsAtOnce).toBe(6))
  it('queen, two bunks, booth: 5 adults, 6 "with kids"', () =>
    expect(capacity([queen, ...single(2), booth])).toMatchObject({ adults: 5, children: 6 }))
  it('short queen, two bunks, single-width dinette: 5', () =>
    expect(
      capacity([
        shortQueen,
        ...single(2),
        { ...booth, readings: { mattressWidth: [{ value: 28, source: 'measured' }] } },
      ]).adults,
    ).toBe(5))
  it('queen and a single-width dinette: 3', () =>
    expect(
      capacity([queen, { ...booth, readings: { mattressWidth: [{ value: 28, source: 'measured' }] } }]).adults,
    ).toBe(3))
  it('both are said in one sentence', () => {
    expect(text(unit(withBooth, { advertisedSleeps: 6 }), alone({}))).toContain(
      'The sheet says 6. By mattress width there is room for 5 adults or 6 children; with nothing made up, for 4 adults or 4 children.',
    )
  })
})

describe('mattresses by their usual names (ISPA voluntary sizes, from memory) hold whom they should', () => {
  it.each([
    ['twin 38 x 75', 38, 75, 1],
    ['full 53 x 75', 53, 75, 2],
    ['queen 60 x 80', 60, 80, 2],
    ['camper king 66 x 78', 66, 78, 2],
    ['king 76 x 80', 76, 80, 2],
  ])('%s: %d adults', (_, width, length, adults) =>
    expect(capacityOf(factsOf(unit({ berths: [berth('bed', width, length)] })), RULES.nights).adults).toBe(adults),
  )
})

describe('cautions and stances', () => {
  it('every sleeping answer says that a second way out is needed', () =>
    expect(judge(unit({ berths: [queen] }), alone({})).cautions).toContain('exits'))
  it('a CPAP user is told about batteries', () =>
    expect(judge(unit({ berths: [queen] }), alone({ needs: ['cpap'] })).cautions).toContain('cpap'))
  it('bunks as a must rule out what has none', () => {
    expect(judge(unit({ berths: [queen] }), household([person()], { stances: { bunks: 'must' } })).verdict).toBe('no')
    expect(
      judge(unit({ berths: [queen, ...bunks] }), household([person()], { stances: { bunks: 'must' } })).verdict,
    ).toBe('fits')
  })
})

describe('the guard of an upper bunk', () => {
  const lies = (guard: number | undefined, age: number) => {
    const upper = berth('upper-bunk', 30, 76, { limit: 300, ...(guard !== undefined && { guard }) })
    const { guardHeight: _guard, ...unread } = upper.readings!
    return judge(
      unit({ berths: [guard === undefined ? { ...upper, readings: unread } : upper] }),
      household([person({ name: 'Kit', age, height: age < 10 ? 50 : 62, weight: age < 10 ? 60 : 100 })]),
    )
  }

  it('5 in above the mattress hold a child of 8 in (16 CFR 1213); 3 in do not, and what nobody read may not', () => {
    expect(lies(5, 8).verdict).toBe('fits')
    expect(lies(3, 8)).toMatchObject({ verdict: 'tight' })
    expect(lies(3, 8).words).toContain(
      'The guard of the upper-bunk stands 3 in above the mattress where Kit lies; 5 in is the least',
    )
    expect(lies(undefined, 8)).toMatchObject({ verdict: 'measure', missing: ['plan.berths.upper-bunk.guardHeight'] })
  })

  it('is no matter for one of 14', () => expect(lies(undefined, 14).missing).toEqual([]))
})
