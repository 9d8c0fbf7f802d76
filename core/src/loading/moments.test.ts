import { defaultsOf } from '../rule/rule'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { stowingFacts } from '../stowing/facts'
import { ridesInIt, stowed } from '../stowing/stowed'
import { household, person } from '../testing/someone'
import { equipment, fixture, unit } from '../testing/unit'
import type { Trailer } from '../trailer/trailer'
import { loadingFacts } from './facts'
import { momentOf, type Moment } from './moments'
import { LOADING_RULES } from './rules'
import { weightsAt, type Brought, type MomentId } from './weights'

const SHARES = { tongueLeast: 0.1, tongueMost: 0.15 }
const NOTHING: Brought = { belongings: 0, kit: 0, unsized: [], racks: [], freshShare: 0 }

function weighed(
  trailer: Trailer,
  moment: MomentId,
  brought: Partial<Brought> = {},
  of = household([person()]),
): Moment {
  const facts = loadingFacts(trailer)
  const rules = { ...defaultsOf(LOADING_RULES), ...SHARES }
  const all = weightsAt(moment, facts, { ...NOTHING, ...brought }, stowed(stowingFacts(trailer), ridesInIt(of)), rules)
  return momentOf(moment, facts, { uvw: facts.uvw!, hitchWeight: facts.hitchWeight }, all, rules)
}

const tanks = (at?: number) => [
  equipment('fresh-tank', { capacity: 40, ...(at !== undefined && { at }) }),
  equipment('gray-tank', { capacity: 30, at: 200 }),
  equipment('black-tank', { capacity: 30, at: 220 }),
  equipment('lp-cylinder', { count: 2, size: 20 }),
]
/** 3,555 lb, 440 of them on the hitch; coupler 40 in before the wall, axles 140 in behind it. */
const trailer = (at?: number) => unit({}, {}, tanks(at))

describe('the loaded trailer as a beam on its axles and its coupler', () => {
  it('a machine on a cargo floor is at its tie-downs, by hand: 800 lb 40 in behind the axles take 178 lb off the hitch', () => {
    const floor = {
      id: 'cargo-floor',
      name: 'Cargo floor',
      place: 'inside' as const,
      size: [90, 80, 70] as [number, number, number],
      openings: [{ wall: 'rear' as const, width: 80, height: 70 }],
    }
    const garage = (ties: [number, number][]) =>
      unit({
        rooms: [
          { id: 'cargo', name: 'Cargo room', kind: 'cargo', shape: { rect: [120, 2, 100, 80] }, closedBy: 'nothing' },
        ],
        compartments: [floor],
        fixtures: ties.map(([from, to], i) => ({
          ...fixture('tie-downs', [from, 30, to - from, 30]),
          id: `ties-${i}`,
        })),
      })
    const buggy = household([person()], {
      gear: [
        {
          id: 'buggy',
          name: 'Buggy',
          count: 1,
          weight: 800,
          size: { length: 80, width: 48, height: 50 },
          rides: 'trailer',
          turns: 'upright',
        },
      ],
    })
    const tongue = (ties: [number, number][]) => weighed(garage(ties), 'leaving', {}, buggy).tongue.most
    const alone = weighed(garage([]), 'empty').tongue.most
    // Axles 140 in behind the wall, coupler 180 in before them: 800 x (140 - 180) / 180.
    expect(tongue([[175, 185]]) - alone).toBeCloseTo((800 * -40) / 180, 6)
    expect(
      tongue([
        [160, 165],
        [195, 200],
      ]) - alone,
    ).toBeCloseTo((800 * -40) / 180, 6)
    // Without any it stands in the middle of the room, 170 in behind the wall.
    expect(tongue([]) - alone).toBeCloseTo((800 * -30) / 180, 6)
  })

  it('by a table made by hand (statics)', () => {
    // Propane 40 lb, 16 in before the wall: 40 x 156 / 180 = 34.67 lb on the hitch.
    expect(weighed(trailer(100), 'empty').total).toBe(3595)
    expect(weighed(trailer(100), 'empty').tongue.least).toBeCloseTo(440 + 34.67, 2)
    // Fresh 40 gal x 8.34 = 333.6 lb at 100 in: 333.6 x 40 / 180 = 74.13.
    const full = weighed(trailer(100), 'full')
    expect(full.total).toBeCloseTo(3595 + 333.6, 6)
    expect(full.tongue.least).toBeCloseTo(440 + 34.67 + 74.13, 2)
    // Gray and black 250.2 lb each at 200 and 220 in: 250.2 x (-60 - 80) / 180 = -194.6.
    const home = weighed(trailer(100), 'home')
    expect(home.total).toBeCloseTo(3595 + 500.4, 6)
    expect(home.tongue.least).toBeCloseTo(440 + 34.67 - 194.6, 2)
    expect(home.tongue.missing).toEqual([])
  })

  it('food and dishes ride at the pantry, clothes at the wardrobe, what has no place at the middle of the floor', () => {
    const drawn = unit(
      { fixtures: [fixture('pantry', [20, 2, 20, 20]), fixture('wardrobe', [190, 2, 20, 20])] },
      {},
      tanks(100),
    )
    const { weights } = weighed(drawn, 'leaving', { belongings: 400, kit: 100 })
    const at = Object.fromEntries(weights.map(({ id, pounds, from }) => [id, [Math.round(pounds), from]]))
    expect(at).toEqual({
      propane: [40, -16],
      food: [75, 30],
      dishes: [45, 30],
      clothes: [120, 200],
      bedding: [60, 120],
      kit: [100, 120],
    })
    // On the way home the food is gone.
    expect(weighed(drawn, 'home', { belongings: 400, kit: 100 }).weights.some(({ id }) => id === 'food')).toBe(false)
  })

  it('a tank of which nobody knows where it sits bears on the hitch between what any place of it gives', () =>
    fc.assert(
      fc.property(fc.integer({ min: 24, max: 216 }), (at) => {
        const unread = weighed(trailer(undefined), 'full').tongue
        const known = weighed(trailer(at), 'full').tongue
        expect(known.least).toBe(known.most)
        expect(unread.least).toBeLessThanOrEqual(known.least + 1e-9)
        expect(unread.most).toBeGreaterThanOrEqual(known.most - 1e-9)
        expect(unread.missing).toEqual(['equipment.fresh-tank.at'])
      }),
    ))

  it('while nobody measured where the axles stand, between what any usual place of them gives', () =>
    fc.assert(
      fc.property(fc.integer({ min: 120, max: 168 }), (axleCenter) => {
        const unread = trailer(100)
        delete unread.readings.axleCenter
        const [range, known] = [unread, unit({}, { axleCenter }, tanks(100))].map((one) => weighed(one, 'home').tongue)
        expect(range!.least).toBeLessThanOrEqual(known!.least + 1e-9)
        expect(range!.most).toBeGreaterThanOrEqual(known!.most - 1e-9)
        expect(range!.missing).toContain('readings.axleCenter')
      }),
    ))

  it('weight moved back never raises the tongue, and nothing is lost: hitch and axles bear all of it', () =>
    fc.assert(
      fc.property(fc.integer({ min: 10, max: 220 }), fc.integer({ min: 0, max: 20 }), (at, back) => {
        const [before, after] = [weighed(trailer(at), 'full'), weighed(trailer(at + back), 'full')]
        expect(after.tongue.least).toBeLessThanOrEqual(before.tongue.least + 1e-9)
        expect(after.total).toBe(before.total)
        // About the coupler: what the axles bear, times their lever, is the moment of all weights.
        const { uvw, coupler } = loadingFacts(trailer(at))
        const moment =
          // Empty, 440 lb on the hitch put its own middle so far before the axles, which are 180 in from the coupler.
          uvw! * (140 - (440 * 180) / uvw! + coupler) +
          after.weights.reduce((sum, { pounds, from }) => sum + pounds * (from + coupler), 0)
        expect((after.total - after.tongue.least) * 180).toBeCloseTo(moment, 4)
      }),
    ))

  it('a tank whose size nobody read is named, and not taken as nothing', () => {
    const unread = unit({}, {}, [equipment('fresh-tank', { at: 100 }), ...tanks(100).slice(1)])
    const facts = loadingFacts(unread)
    const all = weightsAt('full', facts, NOTHING, stowed(stowingFacts(unread), []), defaultsOf(LOADING_RULES))
    expect(all.missing).toEqual(['equipment.fresh-tank.capacity'])
  })
})
