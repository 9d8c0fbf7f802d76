import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { emptyPlan, fixture } from '../testing/unit'
import { awningCover } from './living/awning'
import { clearanceAt } from './floor/clearance'
import { beforeCounter } from './living/beforeCounter'
import { distanceTo, holds } from './shape/distance'
import { inscribed, showerCircle, toiletRoom, vanityRoom } from './living/elbow'
import { floorSpace } from './floor/floorSpace'
import type { OutsideItem, Plan } from './plan'
import { corners, type Shape } from './shape/shape'

describe('elbows and knees', () => {
  const walls: Plan['walls'] = [
    { id: 'left', from: [59, 2], to: [59, 60], thickness: 2 },
    { id: 'right', from: [89, 2], to: [89, 60], thickness: 2 },
  ]
  const toilet = fixture('toilet', [64, 2, 19, 24], {}, { faces: 'door' })

  it('between walls 28 in apart one has 28 in; what is low beside the seat takes no elbow room', () => {
    expect(toiletRoom(emptyPlan({ walls, fixtures: [toilet] }))).toMatchObject([{ wide: 28 }])
    expect(
      toiletRoom(
        emptyPlan({ walls, fixtures: [toilet, fixture('cabinet', [60, 2, 3, 24], {}, { band: [0, 12] })] }),
      )[0]!.wide,
    ).toBe(28)
    expect(toiletRoom(emptyPlan({ walls, fixtures: [toilet, fixture('vanity', [84, 2, 4, 24])] }))[0]!.wide).toBe(24)
  })

  it('knees have what is free in front of the bowl', () => {
    const wall = { id: 'front', from: [58, 45], to: [90, 45], thickness: 2 } as Plan['walls'][number]
    expect(toiletRoom(emptyPlan({ walls: [...walls, wall], fixtures: [toilet] }))[0]!.deep).toBeCloseTo(18, 0)
    expect(toiletRoom(emptyPlan({ fixtures: [toilet] }))[0]!.deep).toBeCloseTo(68, 0)
  })

  it('at a basin one stands between it and the shower', () => {
    const bath = [fixture('vanity', [2, 2, 24, 16], {}, { faces: 'door' }), fixture('shower', [2, 40, 30, 30])]
    expect(vanityRoom(emptyPlan({ fixtures: bath }))[0]!.deep).toBeCloseTo(22, 0)
  })

  it('a 36 by 30 in shower has room for a 30 in circle, one with its corner cut for less than its side', () => {
    const cut: Shape = {
      polygon: [
        [0, 0],
        [34, 0],
        [34, 14],
        [14, 34],
        [0, 34],
      ],
    }
    const plan = emptyPlan({
      fixtures: [fixture('shower', [2, 2, 36, 30]), { ...fixture('shower', [60, 2, 1, 1]), id: 'corner', shape: cut }],
    })
    const [straight, corner] = showerCircle(plan)
    expect(straight!.across).toBeCloseTo(30, 1)
    // Two straight sides and the cut: r with (48 - 2r) / sqrt 2 = r.
    expect(corner!.across).toBeCloseTo((2 * 48) / (2 + Math.SQRT2), 0)
  })

  it('the circle lies inside, and no point of a fine grid has room for a larger one', () => {
    const dented = fc.array(fc.integer({ min: 8, max: 40 }), { minLength: 5, maxLength: 8 }).map((radii): Shape => ({
      polygon: radii.map((r, i) => [
        r * Math.cos((2 * Math.PI * i) / radii.length),
        r * Math.sin((2 * Math.PI * i) / radii.length),
      ]),
    }))
    fc.assert(
      fc.property(dented, (shape) => {
        const { center, radius } = inscribed(shape)
        const edges = corners(shape).map((from, i, all): Shape => ({
          polygon: [from, all[(i + 1) % all.length]!, from],
        }))
        const room = (point: [number, number]) =>
          holds(shape, point) ? Math.min(...edges.map((edge) => distanceTo(edge, point))) : 0
        if (Math.abs(room(center) - radius) > 1e-6) return false
        for (let x = -40; x <= 40; x += 2)
          for (let y = -40; y <= 40; y += 2) if (room([x, y]) > radius + 0.11) return false
        return true
      }),
      { numRuns: 40 },
    )
  })
})

describe('floor, awning, counter', () => {
  it('the free floor of a room is its area less what stands on it', () => {
    const plan = emptyPlan({ fixtures: [fixture('counter', [2, 2, 60, 24]), fixture('overhead', [2, 60, 60, 12])] })
    expect(floorSpace(plan, clearanceAt(plan, 'parked'))).toEqual([{ room: 'room', free: 236 * 92 - 60 * 24 }])
  })

  it('rooms that lie over each other share no floor', () => {
    const rooms: Plan['rooms'] = [
      {
        ...emptyPlan().rooms[0]!,
        id: 'corner',
        shape: {
          polygon: [
            [2, 2],
            [62, 2],
            [2, 62],
          ],
        },
      },
      emptyPlan().rooms[0]!,
    ]
    const [corner, rest] = floorSpace(emptyPlan({ rooms }), clearanceAt(emptyPlan(), 'parked'))
    expect(Math.abs(corner!.free - (60 * 60) / 2)).toBeLessThan(40)
    expect(corner!.free + rest!.free).toBe(236 * 92)
  })

  const awning = (id: string, start: number, length: number, wall: OutsideItem['wall'] = 'door'): OutsideItem => ({
    id,
    kind: 'awning',
    wall,
    start,
    length,
  })
  it.each([
    ['an awning over the whole door', [awning('a', 100, 140)], 1],
    ['one that ends in the middle of it', [awning('a', 60, 114)], 0.5],
    ['two that overlap above it count once', [awning('a', 60, 114), awning('b', 170, 60)], 1],
    ['one on the other side', [awning('a', 100, 140, 'off-door')], 0],
    ['none', [], 0],
  ] as const)('%s', (_, outside, share) =>
    expect(awningCover(emptyPlan({ outside: [...outside] }))).toEqual([{ id: 'entry', what: 'door', share }]),
  )

  it('the outside kitchen at the rear stands in the rain', () => {
    const kitchen: OutsideItem = { id: 'k', kind: 'outside-kitchen', wall: 'rear', start: 20, length: 50 }
    expect(awningCover(emptyPlan({ outside: [awning('a', 0, 240), kitchen] }))).toContainEqual({
      id: 'k',
      what: 'outside kitchen',
      share: 0,
    })
  })

  it('a recliner in front of the counter takes its length of it', () => {
    const counter = fixture('counter', [20, 70, 80, 24], {}, { faces: 'off-door' })
    expect(beforeCounter(emptyPlan({ fixtures: [counter, fixture('theater-seats', [60, 40, 60, 18])] }))).toEqual([
      { counter: 'counter', by: 'theater-seats', takes: 40 },
    ])
    expect(beforeCounter(emptyPlan({ fixtures: [counter, fixture('theater-seats', [60, 20, 60, 18])] }))).toEqual([])
  })
})
