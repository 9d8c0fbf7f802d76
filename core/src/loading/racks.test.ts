import { defaultsOf } from '../rule/rule'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Gear } from '../household/household'
import { equipment, standardEquipment, unit } from '../testing/unit'
import { loadingFacts } from './facts'
import { racked } from './racks'
import { LOADING_RULES } from './rules'

const OWN = 45
type RackReads = Record<string, string | number>

const bikes = (weight: number, count = 1, id = 'bikes'): Gear => ({ id, name: 'Bikes', count, weight, rides: 'rack' })
const kayak: Gear = {
  id: 'kayak',
  name: 'Kayak, 10 ft',
  count: 1,
  weight: 48,
  rides: 'rack',
  size: { length: 120, width: 29, height: 14 },
}

/** A 20 ft box with racks of its own; the receiver behind carries 200 lb. */
function on(racks: RackReads[] | undefined, gear: Gear[], receiver: number | undefined = 200) {
  const its = (racks ?? []).map((reads, i) => ({ ...equipment('rack', reads), id: i ? `rack-${i}` : 'rack' }))
  const trailer = unit({}, {}, [...standardEquipment(), ...its])
  const facts = loadingFacts(trailer)
  return racked(
    racks ? { ...facts, racks: facts.racks ?? [] } : { ...facts, racks: undefined },
    receiver,
    gear,
    OWN,
    defaultsOf(LOADING_RULES),
  )
}

describe('what rides on which rack', () => {
  it('bikes ride on its own folding rack, which is in its weight already; without one on theirs, which is not', () => {
    expect(on([{ place: 'folding, rear', carries: 100 }], [bikes(30, 2)]).racks).toMatchObject([
      { bears: 60, carries: 100, own: false, weight: { pounds: 60, from: 263, to: 263 } },
    ])
    expect(on([], [bikes(30, 2)]).racks).toMatchObject([{ bears: 105, carries: 200, own: true }])
  })

  it('two racks share what one does not carry: 50 and 50 lb on 100, 60 on 60, though the heaviest is dealt first', () => {
    const { racks } = on(
      [
        { place: 'tongue', carries: 100 },
        { place: 'folding, rear', carries: 60 },
      ],
      [bikes(60), bikes(50, 2, 'b')],
    )
    expect(racks.map(({ bears, carries }) => [bears, carries])).toEqual([
      [100, 100],
      [60, 60],
    ])
    // Over the tongue, 24 in before the front wall; behind the bumper.
    expect(racks.map(({ weight }) => weight.from)).toEqual([-24, 263])
  })

  it('a kayak of 10 ft rides on the roof, never across; without a roof rack it does not ride on the trailer', () => {
    const roof = on([{ place: 'roof', carries: 150, at: 120 }], [kayak, bikes(30)])
    expect(roof.racks.map(({ id, bears }) => [id, bears])).toEqual([
      ['own rack', 75],
      ['rack', 48],
    ])
    const none = on([{ place: 'folding, rear', carries: 150 }], [kayak])
    expect([none.racks, none.tooLong]).toEqual([[], [kayak]])
    expect(on(undefined, [kayak]).unread).toEqual(['equipment.rack'])
    // A rack that may be the roof's is no proof that there is none.
    expect(on([{ carries: 150 }], [kayak])).toMatchObject({ tooLong: [], unread: ['equipment.rack.place'] })
  })

  it('where nobody read where a rack stands, the weight may be anywhere it can stand, and that is to be read', () => {
    expect(on([{ carries: 100 }], [bikes(30)]).racks[0]!.weight).toMatchObject({
      from: -24,
      to: 263,
      unread: 'equipment.rack.place',
    })
  })

  it('no rack bears more than it carries while any sharing keeps to all limits, and nothing is lost', () => {
    const weight = fc.integer({ min: 5, max: 60 })
    fc.assert(
      fc.property(
        fc.array(weight, { minLength: 1, maxLength: 6 }),
        fc.array(fc.integer({ min: 20, max: 140 }), { minLength: 1, maxLength: 3 }),
        fc.integer({ min: 50, max: 200 }),
        (pieces, limits, receiver) => {
          const gear = pieces.map((one, i) => bikes(one, 1, `b${i}`))
          const { racks } = on(
            limits.map((carries) => ({ place: 'tongue', carries })),
            gear,
            receiver,
          )
          const borne = racks.reduce((sum, { bears, own }) => sum + bears - (own ? OWN : 0), 0)
          expect(borne).toBe(pieces.reduce((a, b) => a + b, 0))
          const rooms = [...limits, receiver - OWN]
          if (ways(pieces, rooms)) expect(racks.every(({ bears, carries }) => bears <= carries!)).toBe(true)
          else expect(racks.some(({ bears, carries }) => bears > carries!)).toBe(true)
        },
      ),
    )
  })
})

/** Whether any of all ways to deal the pieces out keeps to every limit: counted through, as an odometer turns. */
function ways(pieces: number[], rooms: number[]): boolean {
  for (let n = 0; n < rooms.length ** pieces.length; n++) {
    const left = [...rooms]
    pieces.forEach((piece, i) => {
      left[Math.floor(n / rooms.length ** i) % rooms.length]! -= piece
    })
    if (left.every((room) => room >= 0)) return true
  }
  return false
}

describe('what was fitted after the label', () => {
  const fitted = (uvw: { source: 'label' | 'measured'; on?: string }, on?: string) => {
    const trailer = unit({}, {}, [
      ...standardEquipment(),
      { ...equipment('added', { what: 'Second battery', weight: 62, at: -20 }), id: 'added-1' },
    ])
    trailer.readings['uvw'] = [{ value: 3555, ...uvw }]
    const one = trailer.equipment.at(-1)!
    for (const reading of Object.values(one.readings!).flat()) if (on) reading.on = on
    return loadingFacts(trailer)
  }

  it('weighs besides a UVW off the label, and is in one off a scale unless it came later', () => {
    expect(fitted({ source: 'label' })).toMatchObject({
      added: [{ name: 'Second battery', pounds: 62 }],
      weighedSince: 0,
    })
    expect(fitted({ source: 'measured', on: '2026-10-01' }, '2026-09-01')).toMatchObject({
      added: [],
      weighedSince: 62,
    })
    expect(fitted({ source: 'measured', on: '2026-10-01' }, '2026-11-01')).toMatchObject({
      added: [{ pounds: 62 }],
      weighedSince: 0,
    })
  })
})
