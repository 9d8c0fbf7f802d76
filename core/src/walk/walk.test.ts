import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { FEATURE_IDS, FEATURES } from '../features/catalogue'
import { holds } from '../plan/shape/distance'
import { floorOf } from '../plan/ways/reach'
import { COUPLE, FAMILY, HATCH, LONG } from '../testing/lot'
import { readings } from '../testing/someone'
import { unit } from '../testing/unit'
import { EQUIPMENT_KINDS, type EquipmentKind } from '../readings/catalogue'
import { equipmentOf } from '../trailer/equipment'
import { thingsOf } from '../trailer/things'
import type { Trailer } from '../trailer/trailer'
import { outlineOf } from './outline'
import { routeOf, type School } from './route'
import { SIDEWAYS, standingCell } from './standing'
import { stationsOf } from './stations'

const LOT = [FAMILY, HATCH, COUPLE, LONG, unit()]
const SCHOOLS: School[] = (['outside', 'inside'] as const).flatMap((first) =>
  (['front to rear', 'clockwise'] as const).map((inside) => ({ first, inside })),
)
const ids = (trailer: Trailer, school: School) =>
  routeOf(stationsOf(trailer), trailer.plan, school).stations.map(({ id }) => id)

describe('the stations of a walk', () => {
  it.each(LOT.map((one) => [one.stock, one] as const))(
    'all that can be read or told of %s stands at exactly one',
    (_, trailer) => {
      const seen = stationsOf(trailer).flatMap(({ things }) => things.map(({ key }) => key))
      expect(new Set(seen).size).toBe(seen.length)
      const measured = thingsOf(trailer)
        .filter(({ path }) => path !== 'features')
        .flatMap(({ path, specs }) => Object.keys(specs).map((key) => `${path}.${key}`))
      expect(measured.filter((key) => !seen.includes(key))).toEqual([])
      const bunks = trailer.plan.rooms.some(({ kind }) => kind === 'bunk room')
      const told = FEATURE_IDS.filter((id) => bunks || FEATURES[id].place !== 'bunks').map((id) => `features.${id}`)
      expect(told.filter((key) => !seen.includes(key))).toEqual([])
      // And of every kind of equipment that nobody noted, whether there is one.
      const unnoted = seen.filter((key) => /^equipment\.[a-z-]+$/.test(key))
      expect(seen).toHaveLength(measured.length + told.length + unnoted.length)
      const open = (Object.keys(EQUIPMENT_KINDS) as EquipmentKind[]).filter((kind) => !equipmentOf(trailer, kind))
      expect([...unnoted].sort()).toEqual(open.map((kind) => `equipment.${kind}`).sort())
    },
  )

  it('a thing stands where it is: the tub in the bath, the sink in the kitchen, the label of the tongue at the hitch', () => {
    const at = (key: string) => stationsOf(FAMILY).find(({ things }) => things.some((seen) => seen.key === key))?.id
    expect(at('plan.fixtures.tub.headroom')).toBe('bath')
    expect(at('plan.fixtures.sink.bowls')).toBe('kitchen')
    expect(at('plan.fixtures.jackknife-sofa.seats')).toBe('living')
    expect(at('readings.hitchWeight')).toBe('hitch')
    expect(at('features.bunkCurtain')).toBe('bunks')
    expect(at('features.towelBars')).toBe('bath')
    expect(at('plan.berths.lower.weightLimit')).toBe('bunks')
  })

  it('what is known stands beside it, what nobody looked at stays empty', () => {
    const looked = { ...FAMILY, features: readings({ awningLight: false }) }
    const door = stationsOf(looked).find(({ id }) => id === 'door')!
    expect(door.things.find(({ key }) => key === 'features.awningLight')).toMatchObject({
      reading: { value: false },
      why: 'One sits outside in the evening.',
    })
    expect(door.things.find(({ key }) => key === 'features.grabHandle')).not.toHaveProperty('reading')
  })

  it('one stands in a room or, where its floor is all bed, before its door; never in the room behind a wall', () => {
    for (const trailer of LOT)
      for (const station of stationsOf(trailer)) {
        const room = trailer.plan.rooms.find(({ id }) => id === station.id)
        if (!room || trailer.plan.fixtures.length === 0) continue
        const others = trailer.plan.rooms.filter(
          (other) => other !== room && other.kind !== 'living' && other.kind !== 'galley',
        )
        expect(
          others.filter(({ shape }) => holds(shape, station.at)).map(({ id }) => id),
          `${trailer.stock} ${station.id}`,
        ).toEqual([])
      }
  })

  it('along a side one comes to things as one walks', () => {
    for (const trailer of LOT)
      for (const { id, things } of stationsOf(trailer)) {
        const along = things.flatMap(({ at }) => (at ? [at[0]] : []))
        if (id === 'off-door') expect(along).toEqual([...along].sort((a, b) => a - b))
        if (id === 'door') expect(along).toEqual([...along].sort((a, b) => b - a))
      }
  })
})

describe('where one stands', () => {
  it('is the nearest free spot of the floor: by looking at every one of them', () => {
    const { clearance } = floorOf(FAMILY.plan, 'parked')
    const { columns, rows, wide, x0, y0 } = clearance
    const free = Array.from({ length: columns * rows }, (_, cell) => cell).filter((cell) => wide[cell]! >= SIDEWAYS * 8)
    const point = fc.tuple(
      fc.double({ min: -20, max: 330, noNaN: true }),
      fc.double({ min: -40, max: 110, noNaN: true }),
    )
    fc.assert(
      fc.property(point, ([x, y]) => {
        const far = (cell: number) =>
          Math.hypot(x0 + (cell % columns) + 0.5 - x, y0 + Math.floor(cell / columns) + 0.5 - y)
        expect(far(standingCell(FAMILY.plan, [x, y])!)).toBeCloseTo(Math.min(...free.map(far)), 9)
      }),
      { numRuns: 60 },
    )
  })
})

describe('the order and the way', () => {
  it('outside once round and then in, or in first; the papers last', () => {
    const out = ids(FAMILY, { first: 'outside', inside: 'front to rear' })
    expect(out.slice(0, 6)).toEqual(['hitch', 'off-door', 'under', 'rear', 'door', 'entry'])
    expect(out.at(-1)).toBe('papers')
    expect(ids(FAMILY, { first: 'inside', inside: 'front to rear' })[0]).toBe('entry')
    // Bedroom in front, the bath and the bunks behind.
    expect(out.indexOf('bedroom')).toBeLessThan(out.indexOf('living'))
    expect(out.indexOf('living')).toBeLessThan(out.indexOf('bunks'))
  })

  it('clockwise from the door, seen from above, one comes to the hitch end before the off-door side', () => {
    const turned = ids(FAMILY, { first: 'inside', inside: 'clockwise' })
    expect(turned.indexOf('bedroom')).toBeLessThan(turned.indexOf('bunks'))
  })

  it('starts where one stands, and leaves out nothing', () => {
    for (const from of ['rear', 'door', 'entry', 'bedroom', 'kitchen']) {
      const school: School = { first: 'outside', inside: 'clockwise', from }
      expect(ids(FAMILY, school)[0]).toBe(from)
      expect([...ids(FAMILY, school)].sort()).toEqual(
        stationsOf(FAMILY)
          .map(({ id }) => id)
          .sort(),
      )
    }
  })

  it.each(LOT.map((one) => [one.stock, one] as const))(
    'round %s nobody walks through it, and inside nobody through its walls',
    (_, trailer) => {
      const { x0, x1, y0, y1 } = outlineOf(trailer.plan)
      const { length, width } = trailer.plan.box
      for (const school of SCHOOLS) {
        const { stations, legs } = routeOf(stationsOf(trailer), trailer.plan, school)
        expect(legs).toHaveLength(stations.length - 1)
        legs.forEach((leg, i) => {
          const [from, to] = [stations[i]!, stations[i + 1]!]
          expect(leg[0]).toEqual(from.at)
          expect(leg.at(-1)).toEqual(to.at)
          if (from.inside !== to.inside) return
          for (const [x, y] of alongIt(leg)) {
            if (!from.inside) expect(x > x0 && x < x1 && y > y0 && y < y1, `${from.id} to ${to.id}`).toBe(false)
            else expect(x > 0 && x < length && y > -40 && y < width, `${from.id} to ${to.id}`).toBe(true)
          }
        })
      }
    },
  )
})

/** Points of a way, a few inches apart. */
function alongIt(leg: readonly (readonly [number, number])[]): [number, number][] {
  return leg.slice(1).flatMap(([bx, by], i) => {
    const [ax, ay] = leg[i]!
    return Array.from({ length: 40 }, (_, n): [number, number] => [
      ax + ((bx - ax) * n) / 39,
      ay + ((by - ay) * n) / 39,
    ])
  })
}
