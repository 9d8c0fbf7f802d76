import { describe, expect, it } from 'vitest'
import { phraseText } from '../../quantity/phrase'
import { DEFAULT_HOUSE_RULES } from '../../rules/houseRules'
import { household, person, readings, vehicle } from '../../testing/someone'
import { estimate, judge, pulls, ratings, says, tongueOf, two } from '../../testing/towing'
import { standardEquipment, unit } from '../../testing/unit'
import type { Trailer } from '../../trailer/trailer'
import { percent } from './share'

const rules = DEFAULT_HOUSE_RULES

describe('the tongue', () => {
  it.each([
    [0.124, '12.4 %'],
    [0.1, '10.0 %'],
    [0.0996, 'just under 10 %'],
    [0.1004, 'just over 10 %'],
    [0.1497, 'just under 15 %'],
    [0.1501, 'just over 15 %'],
  ])('a share of %d is said as %s: which side of 10 or 15 %% it is on is never rounded away', (share, words) =>
    expect(percent(share, rules.tow)).toBe(words),
  )

  it('no sentence says twice on which side of 10 or 15 % it is', () => {
    const told = Array.from({ length: 400 }, (_, i) =>
      says(unit({}, { uvw: 4_000, hitchWeight: 380 + i }), household(two)),
    ).flat()
    expect(told.filter((words) => /just (over|under)/.test(words)).length).toBeGreaterThan(3)
    for (const words of told)
      expect(words).not.toMatch(/just (over|under) 1[05] %.*(more|less) than 1[05] %|just under 10 %.*short of 10 %/)
  })

  it('dry 3,555 lb with 440 lb on the hitch is 12.4 %, inside 10-15 % (common practice)', () => {
    expect(says(unit(), household(two))).toContain('Empty, 12.4 % of it is on the hitch, inside 10-15 %.')
  })

  it('8 % is tight, said with what is short of 10 %; it is reckoned with as it is, never as it should be', () => {
    const light = unit({}, { hitchWeight: 284.4 })
    expect(judge(light, household(two)).verdict).toBe('tight')
    expect(says(light, household(two))).toContain(
      'Empty, 8.0 % of it is on the hitch, 71 lb short of 10 %: it may sway. Load forward, and weigh it.',
    )
    // As weighed; and by their levers the propane 156 in before the axles, water and belongings 20 in.
    expect(tongueOf(light, household(two))).toBeCloseTo(284.4 + (20 * 156 + 30 * 8.34 * 0.25 * 20 + 300 * 20) / 180, 6)
  })

  it('axles and tires bear the loaded trailer less the true tongue', () => {
    const light = unit({}, { hitchWeight: 284.4, axles: 1, axleRating: 3600 })
    const [{ total: loaded }, tongue] = [estimate(light, household(two)), tongueOf(light, household(two))]
    const axles = judge(light, household(two)).because.find(({ rests }) => rests?.includes('readings.axleRating'))!
    expect(axles.margin!.value).toBeCloseTo(3600 - (loaded - tongue), 6)
    // With the tenth that it should have, the axle would have seemed to carry 52 lb less.
    expect(loaded * 0.1 - tongue).toBeCloseTo(51.7, 1)
  })

  it('while nobody weighed it, what it may be at most has to fit before anything does', () => {
    const unread = unit()
    delete unread.readings.hitchWeight
    const receiver = (hitchTongue: number) =>
      judge(unread, pulls({ hitchTongue })).because.find(({ says: words }) => /receiver that/.test(phraseText(words)))!
    // Loaded about 3,938 lb: the tongue is 394 to 591 lb.
    expect(receiver(390).verdict).toBe('no')
    expect(receiver(500).verdict).toBe('measure')
    expect(receiver(700).verdict).toBe('fits')
  })

  it('unknown hitch weight is to be measured', () => {
    const unread = unit()
    delete unread.readings.hitchWeight
    const answer = judge(unread, household(two))
    expect(answer.verdict).toBe('measure')
    expect(answer.missing).toContain('readings.hitchWeight')
  })
})

describe('the lowest rating governs', () => {
  it('a half-ton with room everywhere fits', () => expect(judge(unit(), household(two)).verdict).toBe('fits'))

  // Loaded about 3,938 lb, tongue about 487 lb; aboard 330 lb of people and 80 lb of hitch.
  it.each([
    ['tow rating', { towRating: 3900 }, /tow rating is 3,900 lb/],
    ['payload', { payload: 880 }, /payload is 880 lb/],
    ['GCWR', { gcwr: 9700 }, /GCWR is 9,700 lb/],
    ['receiver, tongue', { hitchTongue: 480 }, /receiver that carries 480 lb/],
    ['receiver, trailer', { hitchTrailer: 3500 }, /receiver rated 3,500 lb/],
  ])('%s alone says no', (_, changed, said) => {
    const answer = judge(unit(), pulls(changed))
    expect(answer.verdict).toBe('no')
    expect(answer.margin!.value).toBeLessThan(0)
    expect(phraseText(answer.because[0]!.says)).toMatch(said)
  })

  it('on the ball alone the smaller figure of the receiver’s label counts, and is read where nobody has', () => {
    const alone = (changed: object) => {
      const of = pulls(changed)
      return judge(unit(), { ...of, trip: { ...of.trip, spreads: 'no' } })
    }
    const refused = alone({ hitchTongue: 1000, hitchTongueAlone: 400 })
    expect(refused.verdict).toBe('no')
    expect(phraseText(refused.because[0]!.says)).toMatch(/without a weight-distribution hitch, carries 400 lb/)
    expect(alone({ hitchTongue: 1000, hitchTongueAlone: 700 }).verdict).toBe('fits')
    const unread = alone({ hitchTongue: 1000 })
    expect(unread.verdict).toBe('measure')
    expect(unread.missing).toContain('household.vehicle.hitchTongueAlone')
  })

  it.each([
    ['GVWR', { gvwr: 3900 }],
    ['cargo label, though GVWR would allow it', { cargoCapacity: 380 }],
    ['axles', { axles: 1, axleRating: 3400 }],
    [
      'tires (ST205/75R14 C, 1,760 lb at 50 psi, Tire and Rim Association tables, from memory)',
      { tires: 2, tireRating: 1700 },
    ],
    ['coupler class 1, 2,000 lb (SAE J684, from memory)', { couplerRating: 2000 }],
  ])('the trailer’s own %s alone says no', (_, figures) =>
    expect(judge(unit({}, figures), household(two)).verdict).toBe('no'),
  )

  it('less than a tenth of a rating left is tight', () =>
    expect(judge(unit(), pulls({ towRating: 4200 })).verdict).toBe('tight'))

  it('the margin is that of the rating with the least to spare', () => {
    const answer = judge(unit(), pulls({ payload: 950 }))
    expect(answer.margin!.value).toBeCloseTo(950 - (330 + 80 + tongueOf(unit(), pulls({}))), 6)
  })
})

describe('what nobody read', () => {
  it.each(['towRating', 'payload', 'gcwr', 'curbWeight', 'hitchTongue'] as const)(
    '%s missing: measure, and it is named',
    (key) => {
      const rest = Object.fromEntries(Object.entries(ratings).filter(([name]) => name !== key))
      const answer = judge(unit(), household(two, { vehicle: vehicle(rest) }))
      expect(answer.verdict).toBe('measure')
      expect(answer.missing).toContain(`household.vehicle.${key}`)
    },
  )

  it('no dry weight: nothing is promised', () => {
    const unread = unit()
    delete unread.readings.uvw
    expect(judge(unread, household(two))).toMatchObject({
      verdict: 'measure',
      missing: ['readings.uvw'],
      cautions: ['ratings'],
    })
  })

  it('a person’s weight missing cannot make the payload fit, but what fails already fails', () => {
    const unweighed = (payload: number) =>
      household([person({ weight: undefined }), person({ weight: 150 })], { vehicle: vehicle({ ...ratings, payload }) })
    expect(judge(unit(), unweighed(1700)).verdict).toBe('measure')
    expect(judge(unit(), unweighed(600)).verdict).toBe('no')
  })

  it.each(['gvwr', 'cargoCapacity', 'axles', 'axleRating', 'tires', 'tireRating', 'couplerRating'] as const)(
    '%s of the trailer missing: measure, and it is named',
    (key) => {
      const unread = unit()
      delete unread.readings[key]
      const answer = judge(unread, household(two))
      expect(answer).toMatchObject({ verdict: 'measure', missing: [`readings.${key}`] })
    },
  )

  it.each([
    ['fresh-tank', 'equipment.fresh-tank.capacity', 'Nobody has noted a fresh tank yet'],
    ['lp-cylinder', 'equipment.lp-cylinder.size', 'Nobody has noted LP cylinders yet'],
  ] as const)('no %s noted is not none: measure, until somebody looked and found none', (kind, key, words) => {
    const rest = standardEquipment().filter((one) => one.kind !== kind)
    const unnoted = unit({}, {}, rest)
    expect(judge(unnoted, household(two))).toMatchObject({ verdict: 'measure', missing: [key] })
    expect(judge(unnoted, household(two)).words).toContain(words)
    const looked: Trailer = { ...unnoted, absent: [{ kind, source: 'measured', on: '2026-11-25', by: 'Nell' }] }
    expect(judge(looked, household(two)).verdict).toBe('fits')
  })

  it('a fresh tank of unknown size is a measure', () => {
    const [, cylinder] = standardEquipment()
    const sizeless = unit({}, {}, [{ id: 'f', kind: 'fresh-tank', readings: {} }, cylinder!])
    expect(judge(sizeless, household(two))).toMatchObject({
      verdict: 'measure',
      missing: ['equipment.fresh-tank.capacity'],
    })
  })
})

describe('belts', () => {
  const three = [...two, person({ weight: 120 })]
  const seated = (seats?: number) =>
    household(three, { vehicle: { name: 'Half-ton', readings: readings({ ...ratings, ...(seats && { seats }) }) } })

  it('fewer than those who ride: no, however much it pulls', () => {
    const answer = judge(unit(), seated(2))
    expect(answer).toMatchObject({ verdict: 'no', brief: '2 belts for 3' })
    expect(judge(unit(), seated(3)).verdict).toBe('fits')
  })

  it('not counted: measure for more than two, whom any vehicle takes', () => {
    expect(judge(unit(), seated())).toMatchObject({ verdict: 'measure', missing: ['household.vehicle.seats'] })
    const pair = household(two, { vehicle: { name: 'Half-ton', readings: readings(ratings) } })
    expect(judge(unit(), pair).verdict).toBe('fits')
  })

  it('counts one as one', () => {
    const alone = household([person({ weight: 180 })], {
      vehicle: { name: 'Half-ton', readings: readings({ ...ratings, seats: 2 }) },
    })
    expect(says(unit(), alone)).toContain('2 seats with belts for the one who rides.')
    expect(says(unit(), seated(1))).toContain('3 ride, and one seat has a belt.')
  })
})

describe('cautions', () => {
  it('every answer defers to labels, manuals and the scale', () =>
    expect(judge(unit(), household(two)).cautions).toEqual(['ratings']))
  it('fuel that comes along is warned of', () =>
    expect(
      judge(
        unit(),
        household(two, { gear: [{ id: 'can', name: 'Gas can', count: 1, weight: 20, rides: 'vehicle', fuel: true }] }),
      ).cautions,
    ).toContain('fuel'))
})

describe('what consultants say of classes (common practice)', () => {
  it('a dry 7,700 lb unit asks more than a common half-ton', () => {
    const heavy = unit({}, { uvw: 7700, gvwr: 9900, hitchWeight: 900 })
    expect(judge(heavy, household(two)).verdict).not.toBe('fits')
    const threeQuarter = household(two, {
      vehicle: vehicle({ towRating: 14200, payload: 2950, gcwr: 23000, curbWeight: 6900, hitchTongue: 1500 }),
    })
    expect(judge(heavy, threeQuarter).verdict).toBe('fits')
  })

  it('a mid-size SUV with a family of five and 3,500 lb dry is at its payload’s end', () => {
    const five = household(
      [
        person({ weight: 190 }),
        person({ weight: 150 }),
        person({ age: 14, weight: 120 }),
        person({ age: 11, weight: 85 }),
        person({ age: 8, weight: 60 }),
      ],
      {
        vehicle: vehicle({ towRating: 5000, payload: 1150, gcwr: 10500, curbWeight: 4600, hitchTongue: 500 }),
      },
    )
    expect(judge(unit(), five).verdict).toBe('no')
  })
})

describe('the vehicle itself', () => {
  // 5,400 lb, two of 330 lb, 80 lb of hitch and about 487 lb of tongue: about 6,297 lb.
  it.each([
    [6200, 'no'],
    [6350, 'tight'],
    [7000, 'fits'],
  ])('with a GVWR of %d lb: %s', (gvwr, verdict) => {
    const reason = judge(unit(), pulls({ gvwr })).because.find(({ rests }) =>
      rests?.includes('household.vehicle.gvwr'),
    )!
    expect(reason.verdict).toBe(verdict)
  })

  it('gear that nobody weighed is in the sum at the usual weight of its kind, and named', () => {
    const canoe = { id: 'canoe', name: 'Canoe', count: 1, weight: 65, rides: 'vehicle' as const, usualWeight: true }
    const words = judge(unit(), { ...pulls({}), gear: [canoe] }).words
    expect(words).toContain('Nobody weighed the canoe: the usual weight is in the sum.')
    expect(judge(unit(), { ...pulls({}), gear: [{ ...canoe, usualWeight: false }] }).words).not.toContain(
      'Nobody weighed',
    )
  })
  it('another ball than the coupler takes is said in fractions, and is tight', () => {
    const ball = (size: number) => judge(unit({}, { couplerBall: 2.3125 }), pulls({ ball: size }))
    expect(ball(2).words).toContain('Its coupler takes a ball of 2 5/16 in, and theirs is 2 in: change the ball')
    expect(ball(2)).toMatchObject({ verdict: 'tight', brief: 'another ball' })
    expect(ball(2.3125).verdict).toBe('fits')
  })
})

describe('what is taken for granted', () => {
  it('stands beside the answer with its figures, and can be set right', () => {
    expect(says(unit(), household(two))).toContain(
      'Reckoned with 300 lb of clothes, food and camp kit, 80 lb of hitch on the vehicle, the fresh tank a quarter full. ' +
        'What has no place of its own is taken at the middle of the floor.',
    )
    const own = household(two, {
      trip: { nights: 4, hookups: 'full', season: 'summer', fresh: 'full', belongings: 700, hitch: 110 },
    })
    // 30 gal x 8.34 lb x 3/4 more water (NIST), and 400 lb more of their own.
    expect(estimate(unit(), own).total - estimate(unit(), household(two)).total).toBeCloseTo(30 * 8.34 * 0.75 + 400, 6)
  })

  it('a guest who rides along weighs and needs a belt; others come by themselves', () => {
    const guest = (rides: boolean) =>
      household([...two, person({ weight: 170, guest: true, rides })], { vehicle: vehicle({ ...ratings, seats: 2 }) })
    expect(judge(unit(), guest(true))).toMatchObject({ verdict: 'no', brief: '2 belts for 3' })
    expect(judge(unit(), guest(false)).verdict).toBe('fits')
  })
})
