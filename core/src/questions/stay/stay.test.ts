import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { campOf } from '../../camping/camp'
import { dayOf } from '../../camping/day'
import { habitsOf } from '../../camping/habits'
import type { Household, Person, Trip } from '../../household/household'
import { judgeFor } from '../../match/judge'
import { factsOn } from '../../match/factSheet'
import { DEFAULT_HOUSE_RULES as RULES } from '../../rules/houseRules'
import { rig } from '../../testing/camped'
import { phraseText } from '../../quantity/phrase'
import { marginText } from '../margin'
import { answerTo } from '../../testing/answerTo'
import { household, person } from '../../testing/someone'
import { equipment, fixture, unit } from '../../testing/unit'
import type { Equipment, Trailer } from '../../trailer/trailer'
import { stay } from './stay'

type Machines = Partial<{
  fresh: Equipment[]
  battery: Record<string, number | string>
  solar: Record<string, number>
  fridge: string
  fridgeFeet: number
  cylinders: number
  gray: number
}>

/** A trailer of which everything that bears on a stay was read. */
const trailer = ({
  fresh,
  battery,
  solar,
  fridge = 'gas-electric',
  fridgeFeet = 8,
  cylinders = 2,
  gray = 40,
}: Machines = {}) => ({
  ...unit({ fixtures: [fixture('fridge', [10, 2, 24, 24], { kind: fridge, capacity: fridgeFeet })] }, {}, [
    ...(fresh ?? [equipment('fresh-tank', { capacity: 50 })]),
    equipment('gray-tank', { capacity: gray }),
    equipment('black-tank', { capacity: 30 }),
    equipment('lp-cylinder', { count: cylinders, size: 20 }),
    equipment('battery', battery ?? { count: 1, ampHours: 80, chemistry: 'lead-acid' }),
    equipment('furnace', { heating: 20000 }),
    ...(solar ? [equipment('solar', solar)] : []),
  ]),
  ...(!solar && { absent: [{ kind: 'solar' as const, source: 'measured' as const }] }),
})

const family = (trip: Partial<Trip>, people = 2) =>
  household(
    Array.from({ length: people }, () => person()),
    { trip: { nights: 4, hookups: 'none', season: 'summer', ...trip } },
  )
const asked = (of: Trailer, trip: Partial<Trip>, people = 2) => answerTo(stay, of, family(trip, people))

describe('how long they can stay out', () => {
  it('is not asked by those who camp with everything at the site', () => {
    expect('stay' in judgeFor(family({ hookups: 'full' }), RULES)(factsOn(unit(), RULES))).toBe(false)
  })

  it('the shortest decides, and each is said in nights', () => {
    const answer = asked(trailer({ gray: 20, solar: { watts: 200, controllerAmps: 30 } }), {
      washing: 'short showers',
      nights: 2,
    })
    expect(answer.verdict).toBe('tight')
    expect(answer.words).toContain(
      'The gray tank is full after 1 night, and they want 2; washing sparingly it has room for 4 nights.',
    )
    expect(answer.margin).toMatchObject({ value: -1, unit: 'night' })
    // `1 night short` beside Tight would deny it.
    expect(phraseText(marginText(answer))).toBe('gray tank, if they conserve')
  })

  it('too little even for those who spare is no; a place to dump and fill on the way makes it good', () => {
    const six = (supplyEvery?: number) =>
      asked(
        trailer({ solar: { watts: 400, controllerAmps: 30 } }),
        { nights: 8, washing: 'sparing', ...(supplyEvery && { supplyEvery }) },
        6,
      )
    expect(six().verdict).toBe('no')
    expect(six(2).verdict).toBe('fits')
  })

  it('where there is power there is a park: tanks are filled and emptied meanwhile, so it is tight and not no', () => {
    const answer = asked(trailer(), { hookups: 'electric', nights: 10 }, 6)
    expect(answer.verdict).toBe('tight')
    expect(answer.words).toContain('they empty it at the park’s dump station meanwhile')
    expect(answer.words).not.toContain('battery')
  })

  it('a CPAP on the battery is warned of, with power it is not', () => {
    const sleeper = (hookups: Trip['hookups']) =>
      answerTo(
        stay,
        trailer(),
        household([person({ needs: ['cpap'] })], { trip: { nights: 2, hookups, season: 'summer' } }),
      )
    expect(sleeper('none').cautions).toContain('cpap')
    expect(sleeper('electric').cautions).not.toContain('cpap')
    expect(sleeper('none').cautions).toContain('gas')
  })
})

describe('a second battery and a portable panel: well over a week, as is said on lots', () => {
  const two = { battery: { count: 2, ampHours: 100, chemistry: 'lead-acid' } }
  const nightsOfBattery = (of: ReturnType<typeof trailer>, trip: Partial<Trip>) =>
    answerTo(stay, of, family({ nights: 8, washing: 'sparing', panelWatts: 200, ...trip })).words.match(
      /The battery [^.]*\./,
    )![0]

  it('holds with a refrigerator on gas in summer, and with a compressor that is not large in the sun', () => {
    expect(nightsOfBattery(trailer(two), {})).toContain('lasts more than 21 nights')
    expect(
      nightsOfBattery(trailer({ ...two, fridge: '12 V compressor', fridgeFeet: 6 }), { place: 'plains' }),
    ).toContain('lasts more than')
  })

  it('does not hold with a compressor under clouds, nor with the furnace in winter, nor without the panel', () => {
    const cold = { ...two, fridge: '12 V compressor', fridgeFeet: 10 }
    expect(nightsOfBattery(trailer(cold), { place: 'coast', season: 'winter' })).toContain('is used up')
    expect(nightsOfBattery(trailer(two), { season: 'winter' })).toContain('is used up')
    expect(nightsOfBattery(trailer(cold), { panelWatts: undefined })).toContain('is used up')
  })
})

describe('what nobody read', () => {
  const open = (kind: string, key?: string) => {
    const { absent: _absent, ...whole } = trailer()
    return {
      ...whole,
      equipment: whole.equipment.flatMap((one) => {
        if (one.kind !== kind) return [one]
        if (!key) return []
        const { [key]: _gone, ...rest } = one.readings!
        return [{ ...one, readings: rest }]
      }),
      absent: [{ kind: 'solar' as const, source: 'measured' as const }],
    }
  }

  it.each<[string, string | undefined, string]>([
    ['fresh-tank', 'capacity', 'equipment.fresh-tank.capacity'],
    ['gray-tank', undefined, 'equipment.gray-tank.capacity'],
    ['lp-cylinder', 'size', 'equipment.lp-cylinder.size'],
    ['battery', 'ampHours', 'equipment.battery.ampHours'],
  ])('a %s without %s is to be measured, never nothing and never enough', (kind, key, missing) => {
    const answer = asked(open(kind, key), { nights: 1, washing: 'sparing' }, 1)
    expect(answer).toMatchObject({ verdict: 'measure', missing: [missing] })
  })

  it('does not matter where the rest is enough: solar that nobody looked for', () => {
    const { absent: _absent, ...unlooked } = trailer({ battery: { count: 4, ampHours: 200, chemistry: 'LiFePO4' } })
    expect(asked(unlooked as Trailer, { nights: 2, washing: 'sparing' }, 1).verdict).toBe('fits')
    const { absent: _also, ...weak } = trailer({ fridge: '12 V compressor' })
    expect(asked(weak as Trailer, { nights: 6, washing: 'sparing' }, 1)).toMatchObject({
      verdict: 'measure',
      missing: ['equipment.solar'],
    })
  })

  it('a figure that nobody read never turns into fits what was not fits with it, nor into no what was not', () =>
    fc.assert(
      fc.property(anyMachines, anyTrip, fc.constantFrom(...FORGOTTEN), (machines, trip, [thing, key]) => {
        const whole = fullyRead(machines)
        const read = asked(whole, trip)
        const unread = asked(without(whole, thing, key), trip)
        const told = `${thing}.${key}: ${unread.verdict} for ${read.verdict}`
        if (read.verdict !== 'fits') expect(unread.verdict, told).not.toBe('fits')
        if (read.verdict === 'no') expect(['no', 'measure'], told).toContain(unread.verdict)
        if (unread.verdict === 'no') expect(read.verdict, told).toBe('no')
      }),
      { numRuns: 400 },
    ))

  it('insulation that nobody read is told as a span, and no reading is asked for', () => {
    const big = { count: 4, ampHours: 200, chemistry: 'LiFePO4' }
    const answer = asked(trailer({ cylinders: 1, battery: big }), {
      season: 'winter',
      place: 'coast',
      nights: 4,
      washing: 'sparing',
    })
    expect(answer.words).toMatch(
      /The propane lasts \d+ to \d+ nights by how well the walls are insulated, and they want 4\./,
    )
    expect(answer.missing).toEqual([])
    expect(answer.verdict).toBe('tight')
  })
})

describe('what comes on top of an ordinary night', () => {
  const big = { count: 2, ampHours: 200, chemistry: 'LiFePO4' }
  const withInverter = (watts?: number) => {
    const of = trailer({ battery: big })
    return watts === undefined ? of : { ...of, equipment: [...of.equipment, equipment('inverter', { watts })] }
  }
  const brews = (of: Trailer, hookups: Trip['hookups'] = 'none') =>
    asked(of, { nights: 1, washing: 'sparing', hookups, plugsIn: 'coffee maker and hair dryer' }, 1)

  it('a hair dryer of 1,500 W asks for an inverter that gives so much, where no post does', () => {
    expect(brews(withInverter(2_000)).verdict).toBe('fits')
    expect(brews(withInverter(1_000))).toMatchObject({
      verdict: 'tight',
      words: expect.stringContaining('Its inverter gives 1,000 W') as string,
    })
    const none = {
      ...withInverter(),
      absent: [...withInverter().absent!, { kind: 'inverter' as const, source: 'measured' as const }],
    }
    expect(brews(none).words).toContain('their coffee maker and hair dryer wait for a post or a generator')
    expect(brews(withInverter())).toMatchObject({ verdict: 'measure', missing: ['equipment.inverter.watts'] })
    expect(brews(withInverter(), 'electric').words).not.toContain('inverter')
  })

  it('a heated humidifier and what is plugged in are in the battery’s nights, by hand', () => {
    // Two of 200 Ah at 12.8 V, 85 % usable: 4,352 Wh. By day 30 W x 8 h more, 120 + 125 Wh through 88 %.
    const load = (of: Partial<Person>, plugsIn?: Trip['plugsIn']) => {
      const camp = campOf(
        household([person(of)], {
          trip: { nights: 3, hookups: 'none', season: 'summer', ...(plugsIn && { plugsIn }) },
        }),
        RULES.camping,
      )
      return dayOf(rig(), camp, habitsOf(camp)).load.reduce((a, b) => a + b, 0)
    }
    expect(load({ needs: ['cpap'] }) - load({})).toBeCloseTo(30 * 8, 6)
    expect(load({ needs: ['cpap humidifier'] }) - load({})).toBeCloseTo(60 * 8, 6)
    expect(load({}, 'coffee maker and hair dryer') - load({})).toBeCloseTo((900 * 8 + 1_500 * 5) / 60 / 0.88, 6)
  })

  it('guests who stay every night empty the tank sooner: said, and not held against it', () => {
    const all = [person(), person(), person({ guest: true }), person({ guest: true })]
    const hosts = (guestsCome: Household['guestsCome'], people = all) =>
      answerTo(
        stay,
        trailer({ battery: big, solar: { watts: 400, controllerAmps: 40 }, gray: 40 }),
        household(people, { guestsCome, trip: { nights: 4, hookups: 'none', season: 'summer', washing: 'sparing' } }),
      )
    // Gray takes 2.25 gal a person and day: two fill 40 gal in nine days, four in five; black 1 gal each.
    const alone = hosts('never', all.slice(0, 2))
    expect(alone.words).not.toContain('guests')
    expect(hosts('monthly').verdict).toBe(alone.verdict)
    const tight = answerTo(
      stay,
      trailer({ battery: big, solar: { watts: 400, controllerAmps: 40 }, gray: 20 }),
      household(all, {
        guestsCome: 'monthly',
        trip: { nights: 4, hookups: 'none', season: 'summer', washing: 'sparing' },
      }),
    )
    expect(tight.words).toContain(
      'With the guests there every night, 4 people in all, the gray tank is full after 2 nights.',
    )
    expect(tight.verdict).toBe('fits')
  })

  it('cylinders changed over by hand: the first ends when its half is burned', () => {
    const cold = trailer({ battery: big, cylinders: 2 })
    const by = (changeover: string) => ({
      ...cold,
      equipment: cold.equipment.map((one) =>
        one.kind === 'lp-cylinder' ? equipment('lp-cylinder', { count: 2, size: 20, changeover }) : one,
      ),
    })
    const words = (changeover: string) =>
      asked(by(changeover), { nights: 6, season: 'winter', washing: 'sparing' }).words
    expect(words('manual')).toMatch(/changed over by hand: the first may be empty after \d nights?\./)
    expect(words('automatic')).not.toContain('by hand')
  })
})

/** Things and the reading of them that is forgotten. */
const FORGOTTEN = [
  ['fresh-tank', 'capacity'],
  ['gray-tank', 'capacity'],
  ['galley-tank', 'capacity'],
  ['black-tank', 'capacity'],
  ['lp-cylinder', 'size'],
  ['lp-cylinder', 'count'],
  ['battery', 'ampHours'],
  ['battery', 'count'],
  ['battery', 'chemistry'],
  ['solar', 'watts'],
  ['solar', 'controllerAmps'],
  ['furnace', 'heating'],
  ['heater', 'fuel'],
  ['inverter', 'watts'],
  ['fridge', 'kind'],
  ['fridge', 'capacity'],
] as const

const anyMachines = fc.record({
  fresh: fc.integer({ min: 5, max: 90 }),
  gray: fc.integer({ min: 5, max: 60 }),
  galley: fc.constantFrom(0, 6, 40),
  black: fc.integer({ min: 5, max: 50 }),
  cylinders: fc.integer({ min: 1, max: 2 }),
  ampHours: fc.integer({ min: 20, max: 400 }),
  chemistry: fc.constantFrom('lead-acid', 'AGM', 'LiFePO4'),
  watts: fc.integer({ min: 10, max: 800 }),
  amps: fc.integer({ min: 5, max: 50 }),
  heating: fc.integer({ min: 8000, max: 40000 }),
  fuel: fc.constantFrom('gas', 'gas and electric', 'on-demand gas'),
  fridge: fc.constantFrom('12 V compressor', 'gas-electric', '120 V'),
  feet: fc.integer({ min: 3, max: 20 }),
  inverter: fc.constantFrom(300, 1_000, 2_000),
})
const anyTrip = fc.record({
  nights: fc.integer({ min: 1, max: 7 }),
  hookups: fc.constantFrom('none' as const, 'water' as const, 'electric' as const),
  season: fc.constantFrom('summer' as const, 'winter' as const),
  place: fc.constantFrom('lakes' as const, 'desert' as const, 'gulf' as const),
  washing: fc.constantFrom('sparing' as const, 'short showers' as const),
  generatorHours: fc.constantFrom(0, 3),
  plugsIn: fc.constantFrom(undefined, 'coffee maker' as const, 'coffee maker and hair dryer' as const),
})
type Machined = typeof anyMachines extends fc.Arbitrary<infer M> ? M : never

function fullyRead(m: Machined): Trailer {
  return {
    ...unit({ fixtures: [fixture('fridge', [10, 2, 24, 24], { kind: m.fridge, capacity: m.feet })] }, {}, [
      equipment('fresh-tank', { capacity: m.fresh }),
      equipment('gray-tank', { capacity: m.gray }),
      ...(m.galley ? [equipment('galley-tank', { capacity: m.galley })] : []),
      equipment('black-tank', { capacity: m.black }),
      equipment('lp-cylinder', { count: m.cylinders, size: 20 }),
      equipment('battery', { count: 1, ampHours: m.ampHours, chemistry: m.chemistry }),
      equipment('solar', { watts: m.watts, controllerAmps: m.amps }),
      equipment('furnace', { heating: m.heating }),
      { ...equipment('water-heater', { fuel: m.fuel }), id: 'heater' },
      equipment('inverter', { watts: m.inverter }),
    ]),
    absent: [],
  }
}

function without(of: Trailer, id: string, key: string): Trailer {
  const less = <T extends { id: string; readings?: Trailer['readings'] }>(one: T): T => {
    if (one.id !== id) return one
    const { [key]: _gone, ...readings } = one.readings!
    return { ...one, readings }
  }
  return {
    ...of,
    equipment: of.equipment.map(less),
    plan: { ...of.plan, fixtures: of.plan.fixtures.map(less) },
  }
}
