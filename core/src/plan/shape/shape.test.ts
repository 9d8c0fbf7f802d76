import fc from 'fast-check'
import { intersection, type Polygon } from 'polygon-clipping'
import { describe, expect, it } from 'vitest'
import { convexParts, shared } from './convex'
import { distanceTo, entersAt, holds } from './distance'
import { overlapDepth, wallShape } from '../overlap'
import { area, bounds, corners, moved, type Shape } from './shape'

const ring = (shape: Shape): Polygon => [corners(shape)]
const areaOf = (polygons: Polygon[]): number =>
  polygons.reduce((sum, [outer]) => sum + area({ polygon: outer!.slice(0, -1) as [number, number][] }), 0)
const rect = fc
  .tuple(
    fc.integer({ min: -50, max: 50 }),
    fc.integer({ min: -50, max: 50 }),
    fc.integer({ min: 1, max: 60 }),
    fc.integer({ min: 1, max: 60 }),
  )
  .map((r): Shape => ({ rect: r }))
/**
 * To the eighth of an inch, as a tape is read; polygon-clipping errs where edges are level but for the last
 * float bit.
 */
const eighth = (value: number) => Math.round(value * 8) / 8

/** A convex polygon: corners on a circle, in order. */
const convex = fc
  .tuple(
    fc.uniqueArray(fc.integer({ min: 0, max: 35 }), { minLength: 3, maxLength: 7 }),
    fc.integer({ min: -40, max: 40 }),
    fc.integer({ min: -40, max: 40 }),
    fc.integer({ min: 6, max: 40 }),
  )
  .map(([angles, x, y, r]): Shape => ({
    polygon: angles
      .sort((a, b) => a - b)
      .map((step): [number, number] => [
        eighth(x + r * Math.cos((step * Math.PI) / 18)),
        eighth(y + r * Math.sin((step * Math.PI) / 18)),
      ]),
  }))

/** A polygon with dents: as many corners as radii, round a middle. */
const dented = fc
  .tuple(
    fc.array(fc.integer({ min: 5, max: 40 }), { minLength: 5, maxLength: 9 }),
    fc.integer({ min: -30, max: 30 }),
    fc.integer({ min: -30, max: 30 }),
    fc.boolean(),
  )
  .map(([radii, x, y, turned]): Shape => {
    const outline = radii.map((r, i): [number, number] => [
      eighth(x + r * Math.cos((2 * Math.PI * i) / radii.length)),
      eighth(y + r * Math.sin((2 * Math.PI * i) / radii.length)),
    ])
    return { polygon: turned ? outline.reverse() : outline }
  })
/** Square inches that two shapes share, part by part. */
const sharedArea = (a: Shape, b: Shape) =>
  convexParts(a).reduce(
    (sum, one) => sum + convexParts(b).reduce((more, other) => more + area({ polygon: shared(one, other) }), 0),
    0,
  )
const any = fc.oneof(rect, convex, dented)

describe('shapes', () => {
  it('a shape’s convex parts cover it and nothing twice', () => {
    fc.assert(
      fc.property(any, (shape) => {
        const parts = convexParts(shape)
        const sum = parts.reduce((total, polygon) => total + area({ polygon }), 0)
        return Math.abs(sum - area(shape)) < 1e-6
      }),
      { numRuns: 300 },
    )
  })

  it('also where a cut from corner to corner would run through another corner', () => {
    // Found by search: with corners on a cut allowed, what was left over at the end was turned inside out.
    const spiky: Shape = {
      polygon: [
        [5, 0],
        [3.5, 3.5],
        [0, 5],
        [-3.5, 3.5],
        [-24, 0],
        [-6.375, -6.375],
        [0, -8],
        [12, -12],
      ],
    }
    expect(convexParts(spiky).reduce((sum, polygon) => sum + area({ polygon }), 0)).toBeCloseTo(area(spiky), 9)
  })

  it('what two shapes share, dents and all, is as large as polygon-clipping says', () => {
    fc.assert(
      fc.property(any, any, (a, b) => Math.abs(sharedArea(a, b) - areaOf(intersection(ring(a), ring(b)))) < 1e-4),
      { numRuns: 300 },
    )
  })

  it('an angled counter does not stand in what is inside its corner', () => {
    const angled: Shape = {
      polygon: [
        [0, 0],
        [60, 0],
        [60, 24],
        [24, 24],
        [24, 60],
        [0, 60],
      ],
    }
    expect(convexParts(angled)).toHaveLength(2)
    expect(overlapDepth(angled, { rect: [30, 30, 20, 20] })).toBe(0)
    expect(overlapDepth(angled, { rect: [18, 40, 20, 10] })).toBeCloseTo(6, 6)
  })

  it('a point is in a shape exactly when its distance is 0, and a line from outside into it enters on the way', () => {
    fc.assert(
      fc.property(
        any,
        fc.tuple(fc.integer({ min: -90, max: 90 }), fc.integer({ min: -90, max: 90 })),
        (shape, point) => {
          const inside = convexParts(shape)[0]!.reduce<[number, number]>(
            ([sx, sy], [x, y], _, all) => [sx + x / all.length, sy + y / all.length],
            [0, 0],
          )
          if (holds(shape, point)) return distanceTo(shape, point) === 0
          const share = entersAt(shape, point, inside)
          if (share === undefined) return false
          const entry: [number, number] = [
            point[0] + (inside[0] - point[0]) * share,
            point[1] + (inside[1] - point[1]) * share,
          ]
          return (
            distanceTo(shape, entry) < 1e-6 &&
            share * Math.hypot(inside[0] - point[0], inside[1] - point[1]) >= distanceTo(shape, point) - 1e-6
          )
        },
      ),
      { numRuns: 300 },
    )
  })

  it('areas: a queen, a corner shower with its corner cut', () => {
    expect(area({ rect: [4, 18, 80, 60] })).toBe(4800)
    expect(
      area({
        polygon: [
          [0, 0],
          [34, 0],
          [34, 20],
          [20, 34],
          [0, 34],
        ],
      }),
    ).toBe(34 * 34 - (14 * 14) / 2)
  })

  it('areas of overlaps agree with polygon-clipping', () => {
    fc.assert(
      fc.property(rect, rect, (a, b) => {
        const [p, q] = [bounds(a), bounds(b)]
        const own =
          Math.max(0, Math.min(p.x1, q.x1) - Math.max(p.x0, q.x0)) *
          Math.max(0, Math.min(p.y1, q.y1) - Math.max(p.y0, q.y0))
        return Math.abs(own - areaOf(intersection(ring(a), ring(b)))) < 1e-6
      }),
    )
  })

  it('two convex shapes overlap by something exactly when polygon-clipping finds ground they share', () => {
    fc.assert(
      fc.property(fc.oneof(rect, convex), fc.oneof(rect, convex), (a, b) => {
        const shared = areaOf(intersection(ring(a), ring(b)))
        const depth = overlapDepth(a, b)
        // Grazing contacts are below what either can tell.
        return shared < 1e-6 ? depth < 1e-3 : depth > 0 || shared < 1e-3
      }),
      { numRuns: 400 },
    )
  })

  it('moving by the depth of an overlap is enough to part two rectangles', () => {
    fc.assert(
      fc.property(rect, rect, (a, b) => {
        const depth = overlapDepth(a, b)
        if (depth === 0) return true
        return [
          [1, 0],
          [-1, 0],
          [0, 1],
          [0, -1],
        ].some(([dx, dy]) => overlapDepth(moved(a, dx! * depth, dy! * depth), b) < 1e-9)
      }),
    )
  })

  it('an inside wall of 2 in covers 1 in on either side of its line', () => {
    expect(bounds(wallShape({ id: 'w', from: [101, 2], to: [101, 38], thickness: 2 }))).toEqual({
      x0: 100,
      y0: 2,
      x1: 102,
      y1: 38,
    })
  })
})
