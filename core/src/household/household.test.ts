import { personDoubt, ratingDoubt } from './draft/draftDoubts'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { phraseText } from '../quantity/phrase'
import { couple, household, person, readings } from '../testing/someone'
import { householdFlaws } from './consistency'
import { draftOf, emptyDraft, emptyPerson, type HouseholdDraft } from './draft/draft'
import { householdFromDraft, judgeableSoFar } from './draft/fromDraft'
import { couples, type Household } from './household'
import { householdSummary } from './summary'
import { tokensOf } from './tokens'

const reader = { by: 'Maren', on: '2026-11-25' }
const family: Household = household(
  [
    ...couple(
      { id: 'ro', name: 'Ro', age: 43, height: 73, weight: 205 },
      { id: 'mi', name: 'Mi', age: 42, height: 66, weight: 150 },
    ),
    person({
      id: 'ta',
      name: 'Ta',
      age: 9,
      height: 52.5,
      weight: 66,
      guest: true,
      seldom: true,
      sharesWith: ['ro'],
      sex: 'female',
      needs: ['night trips'],
      climbs: false,
    }),
  ],
  {
    limits: { budget: 32000, rigLength: 600 },
    pets: [{ id: 'rex', name: 'Rex', kind: 'dog', weight: 70, crate: { length: 36, width: 23, height: 25 } }],
    gear: [
      { id: 'bike', name: 'Bike', count: 2, weight: 31, rides: 'trailer' },
      {
        id: 'lamp',
        name: 'Lamp',
        count: 1,
        weight: 4,
        size: { length: 7, width: 7, height: 13 },
        rides: 'trailer',
        turns: 'upright',
        stacks: false,
        fragile: true,
        keep: 'dry',
        first: 'camp',
        owner: 'ta',
      },
      { id: 'can', name: 'Gas can', count: 1, weight: 15, rides: 'vehicle', fuel: true },
    ],
    stances: { tub: 'want' },
    notes: 'Cold feet.',
  },
)
const typed = (change: (draft: HouseholdDraft) => void): HouseholdDraft => {
  const draft = structuredClone(draftOf(family))
  change(draft)
  return draft
}
const complaints = (draft: HouseholdDraft) =>
  householdFromDraft(draft, reader).flaws.map(({ path, expected }) => `${path}: ${expected}`)

describe('the interview as typed', () => {
  it('a household put into texts and read again is the same', () =>
    expect(householdFromDraft(draftOf(family), reader, family).household).toEqual(family))

  it('whose owner is taken out of the household is everybody’s; one that nobody is, is refused', () => {
    const without = typed((d) => {
      d.people = d.people.filter(({ id }) => id !== 'ta')
    })
    expect(householdFromDraft(without, reader).household!.gear[1]).not.toHaveProperty('owner')
    const nobodys = { ...family, gear: [{ ...family.gear[1]!, owner: 'uma' }] }
    expect(householdFlaws(nobodys)).toContainEqual(
      expect.objectContaining({ path: 'gear[0].owner', severity: 'error' }),
    )
  })

  it('is called after its grown people while nobody says otherwise, and pulled by whatever they have', () => {
    const nameless = typed((d) => {
      d.name = ' '
      d.vehicle.name = ''
    })
    expect(householdFromDraft(nameless, reader).household).toMatchObject({
      name: 'Ro and Mi',
      vehicle: { name: 'Tow vehicle' },
    })
  })

  it('a rating that they do not know is an answer, and gear that nobody weighed weighs what its kind does', () => {
    const draft = typed((d) => {
      d.vehicle.ratings.payload.value = '?'
      d.gear[0]!.weight = ' '
    })
    const { household: they } = householdFromDraft(draft, reader)
    expect(they!.vehicle).toMatchObject({ unknown: ['payload'] })
    expect(they!.vehicle.readings).not.toHaveProperty('payload')
    // A bike of 26 in wheels, 31 lb.
    expect(they!.gear[0]).toMatchObject({ name: 'Bike', weight: 31, usualWeight: true })
    const again = draftOf(they!)
    expect([again.vehicle.ratings.payload.value, again.gear[0]!.weight]).toEqual(['?', ''])
    expect(householdFromDraft(again, reader, they).household).toEqual(they)
    const unheard = typed((d) => Object.assign(d.gear[0]!, { name: 'Telescope', weight: '' }))
    expect(complaints(unheard)[0]).toContain('gear[0].weight')
  })

  it('opened in metric and saved untouched it is what it was, to the last digit', () => {
    expect(householdFromDraft(draftOf(family, 'metric'), reader, family).household).toEqual(family)
    const odd = {
      ...family,
      people: family.people.map((one, i) => ({ ...one, height: 60.125 + i, weight: 151.3 + i })),
    }
    expect(householdFromDraft(draftOf(odd, 'metric'), reader, odd).household).toEqual(odd)
  })
  it('and what is typed anew is read as it is typed', () => {
    const draft = draftOf(family, 'metric')
    draft.people[0]!.height = '190 cm'
    const { people } = householdFromDraft(draft, reader, family).household!
    expect(people[0]!.height).toBeCloseTo(74.8, 1)
    expect(people.slice(1)).toEqual(family.people.slice(1))
  })

  it('reads what people write', () => {
    const draft = typed((d) => {
      d.people[0]!.height = `6'2`
      d.people[1]!.height = '188 cm'
      d.people[0]!.weight = '82 kg'
      d.limits.budget = '32k'
      d.limits.trailerLength = '26 ft'
      d.vehicle.ratings.towRating = { value: '7,200', source: 'told' }
    })
    const { household: read } = householdFromDraft(draft, reader)
    expect(read!.people[0]!.height).toBe(74)
    expect(read!.people[1]!.height).toBeCloseTo(74.02, 2)
    expect(read!.people[0]!.weight).toBeCloseTo(180.8, 1)
    expect(read!.limits).toMatchObject({ budget: 32000, trailerLength: 312 })
    expect(read!.vehicle.readings.towRating![0]).toEqual({ value: 7200, source: 'told', by: 'Maren', on: '2026-11-25' })
  })

  it('an empty figure is unknown, not 0', () => {
    const { household: read } = householdFromDraft(
      typed((d) => {
        d.people[0]!.height = ''
        d.people[0]!.weight = '  '
        d.limits.budget = ''
      }),
      reader,
    )
    expect(read!.people[0]!.height).toBeUndefined()
    expect(read!.people[0]!.weight).toBeUndefined()
    expect(read!.limits.budget).toBeUndefined()
  })

  it.each<[string, (draft: HouseholdDraft) => void, string]>([
    [
      'half a size',
      (d) => (d.gear[1]!.size.height = ''),
      "gear[1].size.height: a length from 0 ft 1 in to 33 ft 4 in, written 6'2, 74 or 188 cm",
    ],
    [
      'a height in words',
      (d) => (d.people[0]!.height = 'tall'),
      `people[0].height: a length from 1 ft to 8 ft, written 6'2, 74 or 188 cm`,
    ],
    ['an age left out', (d) => (d.people[0]!.age = ''), 'people[0].age: an age from 0 to 120 years'],
    [
      'a weight of a ton',
      (d) => (d.people[0]!.weight = '2000'),
      'people[0].weight: a weight from 3 to 600 lb, written 180 or 82 kg',
    ],
    ['a name that nobody reads to its end', (d) => (d.name = 'x'.repeat(81)), 'name: a name of 1 to 80 characters'],
    [
      'a rating in words',
      (d) => (d.vehicle.ratings.payload.value = 'plenty'),
      'vehicle.readings.payload[0].value: a number in pounds, from 50 to 30,000',
    ],
    ['no night at all', (d) => (d.trip.nights = '0'), 'trip.nights: a whole number from 1 to 365'],
    ['nobody', (d) => (d.people = []), 'people: at least one person'],
  ])('%s is refused with what would be right', (_, change, said) => expect(complaints(typed(change))).toContain(said))

  it('a new figure keeps its own source beside the older ones; the same figure stays as it was', () => {
    const known = { ...family, vehicle: { name: 'Half-ton', readings: readings({ payload: 1500 }, 'told') } }
    const draft = draftOf(known)
    expect(householdFromDraft(draft, reader, known).household!.vehicle.readings.payload).toEqual([
      { value: 1500, source: 'told' },
    ])
    draft.vehicle.ratings.payload = { value: '1,432', source: 'label' }
    expect(householdFromDraft(draft, reader, known).household!.vehicle.readings.payload).toEqual([
      { value: 1432, source: 'label', by: 'Maren', on: '2026-11-25' },
      { value: 1500, source: 'told' },
    ])
  })
})

describe('judging while it is typed', () => {
  it('what is unreadable and may be absent is left out until it can be read', () => {
    const soFar = judgeableSoFar(
      typed((d) => {
        d.people[0]!.height = '6 f'
        d.limits.budget = '32q'
        d.vehicle.ratings.gcwr.value = 'x'
        d.gear[0]!.weight = 'heavy'
      }),
      reader,
    )
    expect(soFar!.people[0]!.height).toBeUndefined()
    expect(soFar!.limits.budget).toBeUndefined()
    expect(soFar!.gear.map(({ id }) => id)).toEqual(['lamp', 'can'])
    expect(soFar!.people).toHaveLength(3)
  })

  it('an interview that has not begun cannot be judged', () =>
    expect(judgeableSoFar(emptyDraft(), reader)).toBeUndefined())
  it('a new person gets an id that nobody has', () =>
    expect(emptyPerson([{ id: 'person-1' }, { id: 'person-3' }]).id).toBe('person-2'))
})

describe('a household in a line', () => {
  it('who, what pulls, how they camp', () => {
    expect(phraseText(householdSummary(family))).toBe(
      'two adults + 9 as guests, Rex · pulls 9,000 lb, payload 1,700 lb · 4 nights, full hookups',
    )
    expect(
      phraseText(householdSummary(household([person({ age: 30 })], { vehicle: { name: 'Van', readings: {} } }))),
    ).toBe('one adult · tow rating to be read, payload to be read · 4 nights, full hookups')
  })
})

describe('tokens', () => {
  it('two letters each, told apart', () =>
    expect(
      tokensOf([
        { id: 'a', name: 'Petra' },
        { id: 'b', name: 'Pete' },
        { id: 'c', name: 'Pe' },
        { id: 'd', name: 'Q' },
      ]).map(({ initials }) => initials),
    ).toEqual(['Pe', 'Pt', 'P2', 'Q']))
  it('never the same for two people of one household', () => {
    fc.assert(
      fc.property(fc.array(fc.string({ minLength: 1, maxLength: 6 }), { minLength: 1, maxLength: 14 }), (names) => {
        const initials = tokensOf(names.map((name, i) => ({ id: String(i), name }))).map((token) => token.initials)
        return new Set(initials).size === initials.length
      }),
    )
  })
})

it('couples are counted once', () => expect(couples(family.people)).toEqual([['mi', 'ro']]))

describe('an odd figure in the interview', () => {
  const ro = { age: '38', sex: '' as const, height: `6'2`, weight: '185', sure: { height: '', weight: '' } }
  it('is questioned as it is typed, until it is confirmed or typed otherwise', () => {
    expect(personDoubt(ro)).toBeUndefined()
    const odd = { ...ro, height: '6.2' }
    expect(phraseText(personDoubt(odd)!.says)).toBe('Height 6.2 in: usual is 54 in to 81 in. 62 in?')
    expect(personDoubt({ ...odd, sure: { height: '6.2', weight: '' } })).toBeUndefined()
    expect(personDoubt({ ...odd, height: '6.3', sure: { height: '6.2', weight: '' } })?.measure).toBe('height')
  })
  it('and nothing is while a line is not there yet, or not readable', () => {
    expect(personDoubt({})).toBeUndefined()
    expect(personDoubt({ ...ro, age: 'old', height: 'tall' })).toBeUndefined()
  })
  it('a rating of the vehicle likewise', () => {
    expect(phraseText(ratingDoubt('payload', { value: '17', source: 'label' })!)).toMatch(
      /^Payload 17 lb: .* 1,700 lb\?$/,
    )
    expect(ratingDoubt('payload', { value: '17', source: 'label', confirmed: '17' })).toBeUndefined()
    expect(ratingDoubt('payload', { value: '1,700', source: 'label' })).toBeUndefined()
  })
})
