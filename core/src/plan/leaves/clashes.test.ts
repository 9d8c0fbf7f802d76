import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { emptyPlan, fixture } from '../../testing/unit'
import { clashesAt } from './clashes'
import { leafLength, leavesAt, onLeaf, type Leaf } from './leaves'
import type { Door, Plan } from '../plan'
import { swing, swingPast } from './swings'

const door = (id: string, from: Door['from'], to: Door['to'], given: Partial<Door> = {}): Door => ({
  id,
  kind: 'swing',
  from,
  to,
  hinge: 'from',
  ...given,
})
const with_ = (given: Partial<Plan>, doors: Door[] = []) =>
  emptyPlan({ ...given, doors: [...emptyPlan().doors, ...doors] })
const told = (plan: Plan, ...args: ['parked' | 'night' | 'road'] | []) =>
  clashesAt(plan, args[0] ?? 'parked').map(({ a, b, with: what, degrees, one }) => [a, b, what, degrees, one ?? false])

describe('a leaf and another leaf', () => {
  // The refrigerator faces the bath door across a corridor of 18 in; its leaf is 24 in, the bath door's too.
  const fridge = fixture('fridge', [100, 20, 24, 28], {}, { faces: 'door' })
  const bath = (opens: 'door' | 'off-door') => door('bath-door', [98, 66], [122, 66], { opens })

  it('that is shut: it opens as far as to where that stands, asin(18 / 24), and both leaves are drawn', () => {
    const [clash, ...others] = clashesAt(with_({ fixtures: [fridge] }, [bath('door')]), 'parked')
    expect(others).toEqual([])
    expect(clash).toMatchObject({ a: 'fridge', b: 'bath-door', with: 'shut' })
    // Straight geometry: the tip of 24 in is 18 in out at 48.6 degrees.
    expect(Math.abs(clash!.degrees - 48.6)).toBeLessThanOrEqual(2)
    expect(clash!.leaves).toHaveLength(2)
    expect(clash!.leaves[1]).toMatchObject({ pin: [98, 66], tip: [122, 66] })
  })

  it('that opens towards it: said of both states', () =>
    expect(new Set(told(with_({ fixtures: [fridge] }, [bath('off-door')])).map(([, , what]) => what))).toEqual(
      new Set(['thing', 'shut', 'open']),
    ))

  it('far enough off: nothing', () =>
    expect(told(with_({ fixtures: [fridge] }, [door('bath-door', [98, 78], [122, 78], { opens: 'door' })]))).toEqual(
      [],
    ))
})

describe('a leaf and what stands', () => {
  const wide = (x: number) => fixture('wardrobe', [60, 2, 40, 24], {}, { faces: 'door', id: `w-${x}` })
  it('of two leaves the one that is blocked is said to be one of two', () => {
    const chair = fixture('chair', [62, 30, 12, 20])
    expect(told(with_({ fixtures: [wide(1), chair] }))).toMatchObject([
      ['w-1', 'chair', 'thing', expect.any(Number), true],
    ])
  })

  it('a refrigerator may be hung over: only when neither way opens is it said', () => {
    const fridge = fixture('fridge', [100, 2, 24, 28], {}, { faces: 'door' })
    const left = fixture('tall-cabinet', [96, 50, 12, 20])
    const right = fixture('tall-cabinet', [116, 50, 12, 20], {}, { id: 'right' })
    expect(told(with_({ fixtures: [fridge, left] }))).toEqual([])
    expect(told(with_({ fixtures: [fridge, left, right] })).map(([a]) => a)).toContain('fridge')
  })

  it('what is lower than a hanging cabinet begins does not stop its leaf', () => {
    const high = fixture('wardrobe', [60, 2, 24, 24], {}, { faces: 'door', band: [42, 76] })
    const low = fixture('wardrobe', [60, 2, 24, 24], {}, { faces: 'door' })
    const bed = fixture('counter', [40, 28, 80, 40])
    expect(told(with_({ fixtures: [high, bed] }))).toEqual([])
    expect(told(with_({ fixtures: [low, bed] })).map((one) => one.slice(0, 3))).toEqual([
      ['wardrobe', 'counter', 'thing'],
    ])
  })

  it('an oven’s door comes down on an island 10 in before it, not on its own counter', () => {
    const counter = fixture('counter', [100, 2, 60, 24], {}, { faces: 'door' })
    const oven = fixture('oven', [110, 2, 22, 24])
    expect(told(with_({ fixtures: [counter, oven] }))).toEqual([])
    expect(
      told(with_({ fixtures: [counter, oven, fixture('island', [100, 36, 60, 20])] })).map((one) => one.slice(0, 3)),
    ).toEqual([['oven', 'island', 'drop']])
  })

  it('an inside leaf that opens where one comes in', () => {
    const hall = door('hall-door', [158, 60], [158, 84], { hinge: 'to', opens: 'rear' })
    expect(told(with_({}, [hall])).map(([a, b, what]) => [a, b, what])).toContainEqual(['hall-door', 'entry', 'entry'])
    const farther = door('hall-door', [158, 30], [158, 54], { hinge: 'to', opens: 'rear' })
    expect(told(with_({}, [farther]))).toEqual([])
  })
})

describe('any leaf', () => {
  const leaf = fc
    .record({
      x: fc.integer({ min: -60, max: 60 }),
      y: fc.integer({ min: -60, max: 60 }),
      long: fc.integer({ min: 12, max: 36 }),
      turned: fc.boolean(),
      flip: fc.boolean(),
      over: fc.boolean(),
    })
    .map(({ x, y, long, turned, flip, over }): Leaf => {
      const sign = flip ? -1 : 1
      return {
        id: `${x},${y},${long}`,
        of: 'doorway',
        kind: 'swing',
        pin: [x, y],
        edge: turned ? [x, y + sign * long] : [x + sign * long, y],
        way: turned ? [over ? 1 : -1, 0] : [0, over ? 1 : -1],
        band: [1, 72],
        hung: 'so',
      }
    })

  /** The two stretches cut each other: by signs of areas, not by solving. */
  const cut = (a: Leaf, at: number, b: Leaf, other: number): boolean => {
    // Half an inch of play at every end, and a little for whole degrees.
    const [p, q, r, s] = [
      onLeaf(a, at, 1),
      onLeaf(a, at, leafLength(a) - 1),
      onLeaf(b, other, 1),
      onLeaf(b, other, leafLength(b) - 1),
    ] as const
    const side = (u: number[], v: number[], w: number[]) =>
      Math.sign((v[0]! - u[0]!) * (w[1]! - u[1]!) - (v[1]! - u[1]!) * (w[0]! - u[0]!))
    return side(p, q, r) * side(p, q, s) < 0 && side(r, s, p) * side(r, s, q) < 0
  }

  it('is never said to open through another that stands still', () =>
    fc.assert(
      fc.property(leaf, leaf, fc.integer({ min: 0, max: 90 }), (a, b, at) => {
        fc.pre(a.id !== b.id)
        const opened = swingPast(a, b, at)
        return Array.from({ length: opened! + 1 }, (_, i) => cut(a, i, b, at)).filter(Boolean).length === 0
      }),
      { numRuns: 300 },
    ))

  it('more in the way never lets it open farther', () =>
    fc.assert(
      fc.property(leaf, fc.array(fc.tuple(fc.integer(), fc.integer()), { maxLength: 3 }), (one, at) => {
        const stops = at.map(([x, y], i) => ({
          id: `s${i}`,
          shape: { rect: [x % 60, y % 60, 10, 10] as [number, number, number, number] },
          band: [0, 80] as const,
        }))
        const opens = stops.map((_, i) => swing(one, stops.slice(0, i + 1)).degrees)
        return opens.every((degrees, i) => i === 0 || degrees <= opens[i - 1]!)
      }),
    ))
})

it('doors that slide, curtains and ramps have no leaf; a chest of drawers has none', () => {
  const doors = (['pocket', 'sliding', 'curtain', 'ramp'] as const).map((kind) =>
    door(kind, [50, 20], [50, 44], { kind }),
  )
  const plan = emptyPlan({
    doors,
    fixtures: [
      fixture('cabinet', [10, 2, 24, 20], { drawers: 4 }),
      fixture('cabinet', [60, 2, 24, 20], {}, { id: 'c' }),
    ],
  })
  expect(leavesAt(plan, 'parked').map(({ id }) => id)).toEqual(['c', 'c'])
})
