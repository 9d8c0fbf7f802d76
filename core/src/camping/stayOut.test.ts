import { defaultsOf } from '../rule/rule'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { USUAL_CLIMATES } from '../household/climate'
import { SEASONS, SHADES, WASHINGS } from '../household/told/tripFields'
import { camp, rig } from '../testing/camped'
import { batteryOf, BEST, CHEMISTRIES, WORST } from './battery'
import { dayOf } from './day'
import { habitsOf } from './habits'
import type { Camp } from './camp'
import { CAMPING_RULES } from './rules'
import { outAt } from './outAt'
import { RESOURCES, type Resource, type Rig } from './rig'
import { nightsUntil, stayOut } from './stayOut'

const stayed = (given: Rig, how: Camp, nights = 21) => stayOut(given, how, dayOf(given, how, habitsOf(how)), nights)

const anyRig = fc
  .record({
    fresh: fc.integer({ min: 0, max: 100 }),
    gray: fc.integer({ min: 0, max: 90 }),
    galley: fc.constantFrom(0, 30),
    black: fc.integer({ min: 0, max: 60 }),
    pounds: fc.integer({ min: 0, max: 120 }),
    ampHours: fc.integer({ min: 0, max: 600 }),
    chemistry: fc.constantFrom('lead-acid' as const, 'AGM' as const, 'LiFePO4' as const),
    solar: fc.integer({ min: 0, max: 1200 }),
    heatLoss: fc.integer({ min: 80, max: 500 }),
    fridge: fc.integer({ min: 0, max: 70 }),
  })
  .map(({ pounds, ampHours, chemistry, solar, ...rest }) =>
    rig({
      ...rest,
      propane: pounds * defaultsOf(CAMPING_RULES).propane,
      battery: batteryOf([{ ampHours, kind: CHEMISTRIES[chemistry] }]),
      solar,
      controller: 400,
    }),
  )
const anyTrip = fc.record({
  nights: fc.integer({ min: 1, max: 14 }),
  hookups: fc.constantFrom('none' as const, 'water' as const, 'electric' as const),
  season: fc.constantFrom(...SEASONS),
  place: fc.constantFrom(...Object.keys(USUAL_CLIMATES)),
  washing: fc.constantFrom(...WASHINGS),
  shade: fc.constantFrom(...SHADES),
  panelWatts: fc.constantFrom(0, 200),
  generatorHours: fc.constantFrom(0, 1.5, 4),
  movesEvery: fc.constantFrom(undefined, 1, 2, 5),
  driveHours: fc.constantFrom(undefined, 0, 2.5, 9),
})
const anyCamp = fc.tuple(anyTrip, fc.integer({ min: 1, max: 8 })).map(([trip, people]) => camp(trip, people))

const close = (a: number, b: number): void => expect(Math.abs(a - b)).toBeLessThanOrEqual(1e-9 * Math.max(1, a, b))

describe('nothing comes from nowhere', () => {
  it('water, waste, power and propane are conserved to one part in a thousand million', () =>
    fc.assert(
      fc.property(anyRig, anyCamp, (given, how) => {
        const { ledger } = stayed(given, how)
        const { water, gray, black, battery, propane } = ledger
        close(given.fresh + water.short + water.fromPost, water.drawn + water.left)
        close(gray.came, gray.held + gray.refused)
        close(black.came, black.held + black.refused)
        close(
          battery.before + battery.offered + battery.short,
          battery.after + battery.load + battery.lost + battery.turnedAway,
        )
        close(given.propane + propane.short, propane.burned + propane.left)
        expect(Math.min(water.left, gray.held, black.held, battery.after, propane.left)).toBeGreaterThanOrEqual(0)
      }),
    ))

  it('what is found without going through every hour is what every hour shows', () =>
    fc.assert(
      fc.property(anyRig, anyCamp, fc.integer({ min: 1, max: 30 }), (given, how, nights) => {
        const { out } = stayed(given, how, nights)
        const day = dayOf(given, how, habitsOf(how))
        for (const one of RESOURCES) expect([one, outAt(one, given, how, day, nights)]).toEqual([one, out[one]])
      }),
    ))

  it('what is drawn and drunk apart, water comes back as gray or black', () => {
    const how = camp({ washing: 'sparing' }, 2)
    const { ledger } = stayed(rig({ gray: 1e6, black: 1e6, fresh: 1e6 }), how, 10)
    // Two people for ten days: half a gallon drunk each, 0.4 gallons of their own added.
    expect(ledger.water.drawn - 10 + 8).toBeCloseTo(ledger.gray.came + ledger.black.came, 6)
  })
})

describe('what can be said without reckoning', () => {
  const nights = (given: Rig, how: Camp, of: Resource) => nightsUntil(stayed(given, how).out[of])

  it('more water never shortens the water, more sun never the battery, more gas never the gas', () =>
    fc.assert(
      fc.property(anyRig, anyCamp, fc.integer({ min: 1, max: 60 }), (given, how, more) => {
        const better = {
          ...given,
          fresh: given.fresh + more,
          gray: given.gray + more,
          propane: given.propane + more * 1_000,
        }
        for (const one of ['fresh', 'gray', 'propane'] as const)
          expect(nights(better, how, one)).toBeGreaterThanOrEqual(nights(given, how, one))
        const sunnier = { ...given, solar: given.solar + more * 10 }
        expect(nights(sunnier, how, 'battery')).toBeGreaterThanOrEqual(nights(given, how, 'battery'))
      }),
    ))

  it('without a panel beside it or a generator, who drives on never has less of the battery, nor who drives longer', () =>
    fc.assert(
      fc.property(
        anyRig,
        anyTrip,
        fc.integer({ min: 1, max: 6 }),
        fc.integer({ min: 0, max: 8 }),
        (given, trip, every, hours) => {
          const of = (moves: object) =>
            nights(
              given,
              camp({ ...trip, panelWatts: 0, generatorHours: 0, movesEvery: undefined, ...moves }, 3),
              'battery',
            )
          const [stays, drives, longer] = [
            of({}),
            of({ movesEvery: every, driveHours: hours }),
            of({ movesEvery: every, driveHours: hours + 2 }),
          ]
          expect(drives).toBeGreaterThanOrEqual(stays)
          expect(longer).toBeGreaterThanOrEqual(drives)
        },
      ),
    ))

  it('a drive by hand: three hours at 100 W are 300 Wh into an empty battery at 85 % and up, after the nights at one place', () => {
    const dark = { solar: 0, controller: 0, fridge: 0 }
    const how = (moves: object) => camp({ hookups: 'none', season: 'summer', nights: 8, ...moves }, 1)
    const given = rig({ ...dark, battery: batteryOf([{ ampHours: 400, kind: CHEMISTRIES['LiFePO4'] }]) })
    const offered = (moves: object) => stayed(given, how(moves), 8).ledger.battery.offered
    expect(offered({})).toBe(0)
    // Eight nights, moved on after every second: four drives, the last of them home.
    expect(offered({ movesEvery: 2, driveHours: 3 })).toBeCloseTo(4 * 3 * defaultsOf(CAMPING_RULES).vehicleCharge, 9)
    // They are on the road six hours a day at the most: the trailer is reckoned as lived in by four.
    expect(offered({ movesEvery: 4, driveHours: 12 })).toBeCloseTo(2 * 6 * defaultsOf(CAMPING_RULES).vehicleCharge, 9)
  })

  it('a colder night never saves propane, nor the battery that turns the furnace’s fan', () =>
    fc.assert(
      fc.property(anyRig, anyCamp, fc.integer({ min: 1, max: 40 }), (given, how, colder) => {
        const { hardest } = how.weather
        // Above 65 F a refrigerator saves by the cold: from there down only heat changes.
        const cap = hardest.temperature.map((one) => Math.min(one, 60))
        const at = (by: number) => {
          const weather = { ...hardest, temperature: cap.map((one) => one - by) }
          const { propane, load } = dayOf(given, how, habitsOf(how), weather)
          return [propane, load].map((all) => all.reduce((sum, one) => sum + one, 0)) as [number, number]
        }
        const [before, after] = [at(0), at(colder)]
        expect(after[0]).toBeGreaterThanOrEqual(before[0] - 1e-9)
        expect(after[1]).toBeGreaterThanOrEqual(before[1] - 1e-9)
      }),
    ))

  it('another person, or a longer shower, never makes the water last', () =>
    fc.assert(
      fc.property(anyRig, anyTrip, fc.integer({ min: 1, max: 7 }), (given, trip, people) => {
        for (const one of ['fresh', 'gray', 'black'] as const) {
          const now = nights(given, camp(trip, people), one)
          expect(nights(given, camp(trip, people + 1), one)).toBeLessThanOrEqual(now)
          expect(nights(given, camp({ ...trip, washing: 'as at home' }, people), one)).toBeLessThanOrEqual(now)
        }
      }),
    ))
})

describe('by hand', () => {
  it('40 gallons at 8 a head and day: two people are out of water on the third day', () => {
    // 7.95 gallons each a day (common practice: 7 to 9 with short showers), 15.9 together: 40 / 15.9 = 2.5 days.
    const hour = stayed(rig(), camp()).out.fresh
    expect(hour).toBeGreaterThanOrEqual(2 * 24)
    expect(hour).toBeLessThan(3 * 24)
    expect(nightsUntil(stayed(rig(), camp()).out.fresh)).toBe(2)
  })

  it('degree-hours: 25 F all day at 200 BTU/h for each degree burn 13 lb for two people', () => {
    // (65 - 25) x 200 - 2 x 250 = 7,500 BTU/h; / 0.75 / 0.85 = 11,765 BTU/h burned; x 24 / 21,500 = 13.1 lb for two.
    const how = camp()
    const cold = { ...how.weather.hardest, temperature: Array.from({ length: 24 }, () => 25) }
    const burned = (heatLoss: number) =>
      dayOf(rig({ heatLoss }), how, habitsOf(how), cold).propane.reduce((sum, one) => sum + one, 0)
    expect((burned(200) - burned(0)) / defaultsOf(CAMPING_RULES).propane).toBeCloseTo(
      (7_500 / 0.75 / 0.85) * (24 / 21_500),
      6,
    )
  })

  it('a 20 lb cylinder holds about 430,000 BTU (NFPA 58 and US EIA, from memory)', () => {
    expect(Math.abs(20 * defaultsOf(CAMPING_RULES).propane - 430_000)).toBeLessThan(5_000)
  })

  it('a night counts when it lasts until they would leave: ten in the morning', () => {
    expect(nightsUntil(17)).toBe(0)
    expect(nightsUntil(18)).toBe(1)
    expect(nightsUntil(41)).toBe(1)
    expect(nightsUntil(undefined)).toBe(Infinity)
  })
})

describe('what the site gives does not run out', () => {
  it('power spares the battery, water the fresh tank, and neither the waste tanks', () => {
    const small = rig({ fresh: 1, gray: 1, black: 1, propane: 0, battery: batteryOf([]) })
    expect(Object.keys(stayed(small, camp({ hookups: 'electric' })).out).sort()).toEqual([
      'black',
      'fresh',
      'gray',
      'propane',
    ])
    expect(Object.keys(stayed(small, camp({ hookups: 'water' })).out).sort()).toEqual([
      'battery',
      'black',
      'gray',
      'propane',
    ])
  })
})

it('of a battery whose kind nobody read no kind is worse in anything, and none is better', () => {
  for (const kind of Object.values(CHEMISTRIES)) {
    for (const key of ['volts', 'usable', 'takes', 'returns'] as const) {
      expect(WORST[key]).toBeLessThanOrEqual(kind[key])
      expect(BEST[key]).toBeGreaterThanOrEqual(kind[key])
    }
    for (const key of ['coldLoss', 'tapers', 'frozenTakesNone'] as const) {
      expect(Number(WORST[key])).toBeGreaterThanOrEqual(Number(kind[key]))
      expect(Number(BEST[key])).toBeLessThanOrEqual(Number(kind[key]))
    }
  }
})
