import fc from 'fast-check'
import { intersection, type Polygon } from 'polygon-clipping'
import { describe, expect, it } from 'vitest'
import { overlapDepth, wallShape } from './overlap'
import { area, bounds, corners, moved, type Shape } from './shape'

const ring = (shape: Shape): Polygon => [corners(shape)]
const areaOf = (polygons: Polygon[]): number => polygons.reduce((sum, [outer]) => sum + area({ polygon: outer!.slice(0, -1) as [number, number][] }), 0)
const rect = fc.tuple(fc.integer({ min: -50, max: 50 }), fc.integer({ min: -50, max: 50 }), fc.integer({ min: 1, max: 60 }), fc.integer({ min: 1, max: 60 })).map((r): Shape => ({ rect: r }))
/** A convex polygon: corners on a circle, in order. */
const convex = fc
  .tuple(fc.uniqueArray(fc.integer({ min: 0, max: 35 }), { minLength: 3, maxLength: 7 }), fc.integer({ min: -40, max: 40 }), fc.integer({ min: -40, max: 40 }), fc.integer({ min: 6, max: 40 }))
  .map(([angles, x, y, r]): Shape => ({ polygon: angles.sort((a, b) => a - b).map((step): [number, number] => [x + r * Math.cos((step * Math.PI) / 18), y + r * Math.sin((step * Math.PI) / 18)]) }))

describe('shapes', () => {
  it('areas: a queen, a corner shower with its corner cut', () => {
    expect(area({ rect: [4, 18, 80, 60] })).toBe(4800)
    expect(area({ polygon: [[0, 0], [34, 0], [34, 20], [20, 34], [0, 34]] })).toBe(34 * 34 - (14 * 14) / 2) // prettier-ignore
  })

  it('areas of overlaps agree with polygon-clipping', () => {
    fc.assert(
      fc.property(rect, rect, (a, b) => {
        const [p, q] = [bounds(a), bounds(b)]
        const own = Math.max(0, Math.min(p.x1, q.x1) - Math.max(p.x0, q.x0)) * Math.max(0, Math.min(p.y1, q.y1) - Math.max(p.y0, q.y0))
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
        return [[1, 0], [-1, 0], [0, 1], [0, -1]].some(([dx, dy]) => overlapDepth(moved(a, dx! * depth, dy! * depth), b) < 1e-9) // prettier-ignore
      }),
    )
  })

  it('an inside wall of 2 in covers 1 in on either side of its line', () => {
    expect(bounds(wallShape({ id: 'w', from: [101, 2], to: [101, 38], thickness: 2 }))).toEqual({ x0: 100, y0: 2, x1: 102, y1: 38 })
  })
})
