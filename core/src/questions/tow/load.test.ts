import { describe, expect, it } from 'vitest'
import { household, readings, vehicle } from '../../testing/someone'
import { estimate, judge, ratings, two } from '../../testing/towing'
import { equipment, unit } from '../../testing/unit'
import type { Household } from '../../household/household'

describe('what the loaded trailer weighs', () => {
  it('dry, propane, water, belongings and kit: each once', () => {
    // 3,555 dry + 20 lb propane + 30 gal x 8.34 lb x 1/4 (hookups) + 2 x 75 lb + 150 lb kit
    expect(estimate(unit(), household(two)).total).toBeCloseTo(3555 + 20 + 30 * 8.34 * 0.25 + 150 + 150, 6)
  })

  it('without hookups the fresh tank goes full: 8.34 lb per gallon (NIST)', () => {
    const dry = household(two, { trip: { nights: 4, hookups: 'none', season: 'summer' } })
    expect(estimate(unit(), dry).total - estimate(unit(), household(two)).total).toBeCloseTo(30 * 8.34 * 0.75, 6)
  })

  it('gear in the trailer counts on the trailer, gear in the vehicle on its payload', () => {
    const size = { length: 100, width: 28, height: 14 }
    const gear = (rides: 'trailer' | 'vehicle') =>
      household(two, { gear: [{ id: 'g', name: 'Kayak', count: 2, weight: 60, rides, size }] })
    const noBays = { ...unit(), absent: [...unit().absent!, { kind: 'bay' as const, source: 'measured' as const }] }
    expect(estimate(noBays, gear('trailer')).total - estimate(noBays, gear('vehicle')).total).toBe(120)
    const payload = (of: Household) =>
      judge(noBays, of).because.find((reason) => reason.rests?.includes('household.vehicle.payload'))!.margin!.value
    // In the trailer, at the middle of the floor, it weighs on the truck by its lever only: 20 in before the axles.
    expect(payload(gear('trailer')) - payload(gear('vehicle'))).toBeCloseTo(120 - (120 * 20) / 180, 6)
  })

  it('two 20 lb cylinders are 40 lb of propane', () => {
    const pair = unit({}, {}, [
      equipment('fresh-tank', { capacity: 30 }),
      equipment('lp-cylinder', { count: 2, size: 20 }),
    ])
    expect(estimate(pair, household(two)).total - estimate(unit(), household(two)).total).toBe(20)
  })
})

describe('what nobody said of the load', () => {
  const size = { length: 40, width: 28, height: 20 }
  const generator = { id: 'gen', name: 'Tool chest', count: 1, weight: 450, rides: 'trailer' as const }
  const bay = {
    id: 'pass',
    name: 'Pass-through',
    place: 'outside' as const,
    size: [44, 90, 30] as [number, number, number],
    openings: [{ wall: 'door' as const, width: 40, height: 30 }],
    at: 24,
    readings: readings({ weightLimit: 600 }),
  }
  const loaded = (compartment: Partial<typeof bay>, gear: object = { size }) =>
    estimate(
      unit({ compartments: [{ ...bay, ...compartment }] }),
      household(two, { gear: [{ ...generator, ...gear }] }),
    ).tongue
  it('a compartment that nobody placed may be anywhere between the walls, and is asked for', () => {
    // By hand: 450 lb at 24 in put 450 x (140 - 24) / 180 = 290 lb on the hitch, at the rear wall they take 250 lb off it.
    const known = loaded({})
    const open = loaded({ at: undefined })
    expect(known.most - known.least).toBeCloseTo(0, 6)
    expect(open.most - open.least).toBeCloseTo((450 * 240) / 180, 6)
    expect(open.least).toBeLessThan(known.least)
    expect(open.most).toBeGreaterThan(known.most)
    expect(open.missing).toEqual(['plan.compartments.pass.at'])
  })
  it('so may gear without a size', () => expect(loaded({}, {}).missing).toEqual(['household.gear.gen.size']))

  const towing = (spreads: 'yes' | 'no' | undefined, alone: number | undefined, hitchTongue = 1000) =>
    judge(
      unit(),
      household(two, {
        vehicle: vehicle({ ...ratings, hitchTongue, ...(alone !== undefined && { hitchTongueAlone: alone }) }),
        trip: { nights: 4, hookups: 'full', season: 'summer', ...(spreads && { spreads }) },
      }),
    )
  it('a weight-distribution hitch is not taken for granted: where it decides, it is asked', () => {
    expect(towing('yes', 350).verdict).toBe('fits')
    expect(towing('no', 350).verdict).toBe('no')
    expect(towing(undefined, 350)).toMatchObject({ verdict: 'measure', missing: ['household.trip.spreads'] })
    expect(towing(undefined, undefined)).toMatchObject({ verdict: 'measure', missing: ['household.trip.spreads'] })
    expect(towing(undefined, 900).verdict).toBe('fits')
    expect(towing(undefined, 300, 350).verdict).toBe('no')
  })
  it('who lives in it brings all they own', () => {
    const nights = (many: number) =>
      estimate(unit(), household(two, { trip: { nights: many, hookups: 'full', season: 'summer' } })).total
    expect(nights(365) - nights(7)).toBeCloseTo(2 * (300 - 75), 6)
  })
})
