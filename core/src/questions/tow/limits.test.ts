import { describe, expect, it } from 'vitest'
import type { Gear } from '../../household/household'
import { DEFAULT_HOUSE_RULES } from '../../rules/houseRules'
import { stowingFacts } from '../../stowing/facts'
import { stowed } from '../../stowing/stowed'
import { MOMENTS, type MomentId } from '../../loading/weights'
import { answerTo } from '../../testing/answerTo'
import { household, person, vehicle } from '../../testing/someone'
import { equipment, unit } from '../../testing/unit'
import type { Trailer } from '../../trailer/trailer'
import { estimateOf } from './estimate'
import { marginsAt } from './limits'
import { tow } from './tow'

const RATINGS = { towRating: 9000, payload: 1700, gcwr: 15500, curbWeight: 5400, hitchTongue: 1000 }
const tanks = [
  equipment('fresh-tank', { capacity: 40, at: 100 }),
  equipment('gray-tank', { capacity: 30, at: 200 }),
  equipment('black-tank', { capacity: 30, at: 220 }),
  equipment('lp-cylinder', { count: 1, size: 20 }),
]

function margins(moment: MomentId, ratings: Record<string, number>, people = [person({ weight: 180 })]) {
  const rules = DEFAULT_HOUSE_RULES
  const trailer = unit({}, {}, tanks)
  const facts = tow.facts(trailer, {}, rules.ways) as ReturnType<typeof tow.facts> & { uvw: number }
  const need = tow.need(household(people, { vehicle: vehicle(ratings) }), rules.tow, rules)!
  return marginsAt(facts, need, estimateOf(facts, need, stowed(stowingFacts(trailer), []))[moment])
}
const spare = (all: ReturnType<typeof margins>, name: string) => all.find((one) => one.name === name)!

it('empty: each limit less what the empty trailer asks of it, by hand', () => {
  // 3,555 lb and 20 lb of propane 16 in before the wall, 156 before the axles: 440 + 17.3 lb on the hitch.
  const all = margins('empty', RATINGS)
  expect(spare(all, 'GVWR').margin!.value).toBeCloseTo(4800 - 3575, 6)
  expect(spare(all, 'Cargo label').margin!.value).toBeCloseTo(4800 - 3555 - 20, 6)
  expect(spare(all, 'Axles').margin!.value).toBeCloseTo(10400 - (3575 - 457.33), 1)
  expect(spare(all, 'Payload').margin!.value).toBeCloseTo(1700 - 180 - 80 - 457.33, 1)
  expect(spare(all, 'GCWR').margin!.value).toBeCloseTo(15500 - 5400 - 180 - 80 - 3575, 6)
  expect(spare(all, 'Receiver').margin!.value).toBeCloseTo(1000 - 457.33, 1)
})

it('the one that governs comes first, what nobody read last; and none is better than at another moment it is heavier', () => {
  const { towRating: _unread, ...rest } = RATINGS
  for (const moment of MOMENTS) {
    const all = margins(moment, { ...rest, hitchTongue: 520 })
    expect(all[0]!.name).toBe(moment === 'home' ? 'GVWR' : 'Receiver')
    expect(all.at(-1)).toEqual({ name: 'Tow rating', verdict: 'measure' })
  }
  expect(spare(margins('full', RATINGS), 'GVWR').margin!.value).toBeLessThan(
    spare(margins('leaving', RATINGS), 'GVWR').margin!.value,
  )
})

it('a weight or a place that is not known leaves the limit to be measured, unless it is broken anyway', () => {
  const unweighed = (payload: number) => margins('leaving', { ...RATINGS, payload }, [person({ weight: undefined })])
  expect(spare(unweighed(1700), 'Payload').verdict).toBe('measure')
  expect(spare(unweighed(500), 'Payload').verdict).toBe('no')
})

it('while what is in it is not all known, nothing at that moment fits', () => {
  for (const without of ['lp-cylinder', 'gray-tank', 'black-tank']) {
    const rules = DEFAULT_HOUSE_RULES
    const trailer = unit(
      {},
      {},
      tanks.filter(({ kind }) => kind !== without),
    )
    trailer.absent = trailer.absent!.filter(({ kind }) => kind !== without)
    const facts = tow.facts(trailer, {}, rules.ways) as ReturnType<typeof tow.facts> & { uvw: number }
    const need = tow.need(household([person({ weight: 180 })], { vehicle: vehicle(RATINGS) }), rules.tow, rules)!
    const { home } = estimateOf(facts, need, stowed(stowingFacts(trailer), []))
    expect(home.missing).toHaveLength(1)
    expect(marginsAt(facts, need, home).filter(({ verdict }) => verdict === 'fits' || verdict === 'tight')).toEqual([])
  }
})

it.each([
  [7200, 5920, 1280],
  [9730, 7889, 1841],
  [5000, 3800, 1200],
])('of a GVWR of %i lb a dry weight of %i leaves %i to load (common practice)', (gvwr, uvw, left) => {
  const rules = DEFAULT_HOUSE_RULES
  const bare = {
    ...unit({}, { gvwr, uvw }, []),
    absent: [{ kind: 'lp-cylinder' as const, source: 'measured' as const }],
  }
  const facts = tow.facts(bare, {}, rules.ways) as ReturnType<typeof tow.facts> & { uvw: number }
  const need = tow.need(household([person()], { vehicle: vehicle(RATINGS) }), rules.tow, rules)!
  const { empty } = estimateOf(facts, need, stowed(stowingFacts(bare), []))
  const all = marginsAt(facts, need, empty)
  expect(spare(all, 'GVWR').margin!.value).toBe(left)
  expect(spare(all, 'Cargo label').margin!.value).toBe(left)
})

it('a receiver that carries less without a weight-distribution hitch says whether this tongue asks for one', () => {
  const words = (hitchTongueAlone: number) =>
    answerTo(tow, unit({}, {}, tanks), household([person()], { vehicle: vehicle({ ...RATINGS, hitchTongueAlone }) }))
      .words
  expect(words(800)).toContain('the receiver carries 800 lb: enough for this tongue.')
  expect(words(400)).toContain('the receiver carries 400 lb: this tongue asks for one, set up as its manual says.')
})

describe('a rack behind the trailer', () => {
  const bikes = { id: 'bikes', name: 'Bikes', count: 2, weight: 30, rides: 'rack' as const }
  const rack = (rearReceiverRating?: number) =>
    answerTo(
      tow,
      unit({}, { ...(rearReceiverRating && { rearReceiverRating }) }, tanks),
      household([person({ weight: 180 })], { vehicle: vehicle(RATINGS), gear: [bikes], trip: WATERED }),
    )
  const WATERED = { spreads: 'yes', nights: 2, hookups: 'electric', season: 'summer' } as const

  it('by hand: two bikes of 30 lb and a rack of 45 hang on a receiver of 150, and lighten the hitch by their lever', () => {
    expect(rack(150).words).toContain('About 105 lb hang behind it with the rack, on a receiver that carries 150 lb.')
    const facts = tow.facts(unit({}, {}, tanks), {}, DEFAULT_HOUSE_RULES.ways) as ReturnType<typeof tow.facts> & {
      uvw: number
    }
    const leaving = (gear: Gear[]) => {
      const rules = DEFAULT_HOUSE_RULES
      const need = tow.need(household([person()], { vehicle: vehicle(RATINGS), gear }), rules.tow, rules)!
      return estimateOf(facts, need, stowed(stowingFacts(unit({}, {}, tanks)), [])).leaving
    }
    const [without, loaded] = [leaving([]), leaving([bikes])]
    expect(loaded.total - without.total).toBe(105)
    // 240 in of box, 8 of bumper, 15 to the middle of the bikes; axles at 140, coupler 40 before the wall.
    expect(loaded.tongue.least - without.tongue.least).toBeCloseTo((105 * (140 - 263)) / 180, 6)
  })

  it('more than the receiver carries is no, and one that nobody read is to be measured', () => {
    expect(rack(100).verdict).toBe('no')
    expect(rack().missing).toContain('readings.rearReceiverRating')
    expect(rack().verdict).toBe('measure')
  })

  const kayak = {
    id: 'kayak',
    name: 'Kayak, 10 ft',
    count: 1,
    weight: 48,
    size: { length: 120, width: 29, height: 14 },
    rides: 'rack' as const,
  }
  const paddlers = (racks: Record<string, string | number>[] | 'nobody looked', gear: Gear[] = [kayak]) => {
    const its = racks === 'nobody looked' ? [] : racks.map((reads) => equipment('rack', reads))
    const trailer = unit({}, {}, [...tanks, ...its])
    const looked =
      racks !== 'nobody looked' && its.length === 0 ? [{ kind: 'rack' as const, source: 'measured' as const }] : []
    return answerTo(
      tow,
      { ...trailer, absent: [...(trailer.absent ?? []), ...looked] },
      household([person({ weight: 180 })], { vehicle: vehicle(RATINGS), gear, trip: WATERED }),
    )
  }
  const payload = (answer: ReturnType<typeof paddlers>) =>
    answer.because.find(({ rests }) => rests?.includes('household.vehicle.payload'))!.margin!.value

  it('a kayak rides on the roof’s own rack; without one it goes on the vehicle, and is in its payload', () => {
    const roof = paddlers([{ place: 'roof', carries: 130, at: 140 }])
    expect(roof.words).toContain('About 48 lb stand on the roof rack, which carries 130 lb.')
    expect(paddlers([{ place: 'roof', carries: 130, at: 140 }], [{ ...kayak, weight: 140 }]).verdict).toBe('no')
    const none = paddlers([])
    expect(none.words).toContain(
      'It has no rack on its roof for the kayak (10 ft), too long to ride across it: 48 lb more on the vehicle.',
    )
    // Over the axles the roof's 48 lb leave the hitch alone.
    expect(payload(roof) - payload(none)).toBeCloseTo(48, 6)
    expect(paddlers('nobody looked')).toMatchObject({ verdict: 'measure', missing: ['equipment.rack'] })
  })

  it('its own rack is what the bikes stand on, and the receiver is not asked', () => {
    const own = paddlers([{ place: 'folding, rear', carries: 150 }], [bikes])
    expect(own.words).toContain('About 60 lb stand on the folding rear rack, which carries 150 lb.')
    expect(own.missing).toEqual([])
    expect(paddlers([{ place: 'folding, rear' }], [bikes]).missing).toEqual(['equipment.rack.carries'])
  })

  it('not knowing where a rack stands is never kinder than knowing: fits only what no reading could spoil', () => {
    const worse = ['fits', 'tight', 'measure', 'no']
    for (const place of ['roof', 'tongue', 'rear receiver', 'folding, rear'] as const)
      for (const carries of [70, 130, 300])
        for (const gear of [[kayak], [bikes], [bikes, kayak], [{ ...kayak, weight: 140 }], [{ ...bikes, count: 6 }]]) {
          const known = paddlers([{ place, carries, at: 140 }], gear).verdict
          const unread = paddlers([{ carries, at: 140 }], gear).verdict
          const what = gear.map(({ id, count, weight }) => `${count} ${id} ${weight}`).join(', ')
          const told = `${place} ${carries}, ${what}: ${unread} for ${known}`
          if (known !== 'fits') expect(unread, told).not.toBe('fits')
          if (known === 'no') expect(worse.indexOf(unread), told).toBeGreaterThanOrEqual(2)
        }
  })

  it('what was fitted after the label is on the cargo label: 96 lb by hand', () => {
    const bare = unit({}, {}, tanks)
    const fitted = unit({}, {}, [...tanks, equipment('added', { what: 'Second air conditioner', weight: 96, at: 140 })])
    const cargo = (trailer: Trailer) =>
      answerTo(
        tow,
        trailer,
        household([person({ weight: 180 })], { vehicle: vehicle(RATINGS), trip: WATERED }),
      ).because.find(({ rests }) => rests?.includes('readings.cargoCapacity'))!.margin!.value
    expect(cargo(bare) - cargo(fitted)).toBeCloseTo(96, 6)
  })
})
