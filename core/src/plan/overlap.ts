import { FIXTURE_KINDS } from '../readings/catalogue'
import type { Plan, Wall } from './plan'
import { bounds, corners, type Point, type Shape } from './shape'
import { bodiesAt, type Body, type TimeOfDay } from './times'

/** Two things in one place: how deep, in inches, the shorter way out. */
export interface Overlap {
  a: string
  b: string
  inches: number
}

/** Below this two things touch rather than overlap: a tape is read to the quarter inch. */
const TOUCH = 0.26

/** What stands in something else at a time of day; a sink in its counter does not count. */
export function overlapsAt(plan: Plan, time: TimeOfDay, made: readonly string[] = []): Overlap[] {
  const walls = plan.walls.map((wall): Body => ({ id: wall.id, shape: wallShape(wall), band: [0, 120] }))
  const bodies = [...bodiesAt(plan, time, made), ...walls]
  return bodies.flatMap((a, i) =>
    bodies.slice(i + 1).flatMap((b) => {
      if (!bandsMeet(a, b) || standsOn(a, b) || standsOn(b, a) || (!a.fixture && !a.berth)) return []
      const inches = overlapDepth(a.shape, b.shape)
      return inches > TOUCH ? [{ a: a.id, b: b.id, inches }] : []
    }),
  )
}

/** The ground an inside wall covers. */
export function wallShape({ from, to, thickness }: Wall): Shape {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]]
  const long = Math.hypot(dx, dy) || 1
  const [nx, ny] = [(-dy / long) * (thickness / 2), (dx / long) * (thickness / 2)]
  return {
    polygon: [
      [from[0] + nx, from[1] + ny],
      [to[0] + nx, to[1] + ny],
      [to[0] - nx, to[1] - ny],
      [from[0] - nx, from[1] - ny],
    ],
  }
}

/**
 * How far two convex shapes reach into each other, inches: the least push that parts them; 0 when apart.
 * Separating axis theorem (textbook geometry): convex shapes are apart exactly when the shadow on the
 * normal of some edge is.
 */
export function overlapDepth(a: Shape, b: Shape): number {
  const boxA = bounds(a)
  const boxB = bounds(b)
  if (boxA.x1 <= boxB.x0 || boxB.x1 <= boxA.x0 || boxA.y1 <= boxB.y0 || boxB.y1 <= boxA.y0) return 0
  const [pointsA, pointsB] = [corners(a), corners(b)]
  const depths = [...normals(pointsA), ...normals(pointsB)].map((axis) => {
    const [lowA, highA] = shadow(pointsA, axis)
    const [lowB, highB] = shadow(pointsB, axis)
    return Math.min(highA - lowB, highB - lowA)
  })
  return Math.max(0, Math.min(...depths))
}

function bandsMeet(a: Body, b: Body): boolean {
  return a.band[0] < b.band[1] && b.band[0] < a.band[1]
}

/** A sink, a cooktop and an oven are built into a counter or an island. */
function standsOn(upper: Body, lower: Body): boolean {
  const kind = upper.fixture && FIXTURE_KINDS[upper.fixture.kind]
  const under = lower.fixture?.kind
  if (upper.fixture?.kind === 'oven' && under === 'cooktop') return true
  return !!kind && 'on' in kind && (under === 'counter' || under === 'island')
}

function normals(points: Point[]): Point[] {
  return points.map(([x, y], i) => {
    const [nextX, nextY] = points[(i + 1) % points.length]!
    const long = Math.hypot(nextX - x, nextY - y) || 1
    return [(nextY - y) / long, (x - nextX) / long]
  })
}

function shadow(points: Point[], [ax, ay]: Point): [number, number] {
  const along = points.map(([x, y]) => x * ax + y * ay)
  return [Math.min(...along), Math.max(...along)]
}
