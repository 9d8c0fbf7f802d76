import { FIXTURE_KINDS } from '../readings/catalogue'
import { convexParts, shared } from './shape/convex'
import type { Plan, Wall } from './plan'
import { bounds, type Point, type Shape } from './shape/shape'
import { hasHollow, takenInside } from './takenInside'
import { bodiesAt, TAPE, type Body, type TimeOfDay } from './times'

/** Two things in one place: how deep, in inches, the shorter way out, and where, in the middle of what they share. */
export interface Overlap {
  a: string
  b: string
  inches: number
  at: Point
}

/** Below this two things touch rather than overlap. */
const TOUCH = TAPE

/** What stands in something else at a time of day; a sink in its counter does not count. */
export function overlapsAt(plan: Plan, time: TimeOfDay, made: readonly string[] = []): Overlap[] {
  const walls = plan.walls.map((wall): Body => ({ id: wall.id, shape: wallShape(wall), band: [0, 120] }))
  const standing = bodiesAt(plan, time, made)
  const bodies = [...standing, ...walls]
  return [
    ...withinTaken(plan, time, standing),
    ...bodies.flatMap((a, i) =>
      bodies.slice(i + 1).flatMap((b) => {
        if (!bandsMeet(a, b) || standsOn(a, b) || standsOn(b, a) || (!a.fixture && !a.berth)) return []
        const deepest = deepestOverlap(a.shape, b.shape)
        return deepest && deepest.inches > TOUCH ? [{ a: a.id, b: b.id, ...deepest }] : []
      }),
    ),
  ]
}

/** Where an outside kitchen or a bay comes in, no toilet, tub or refrigerator stands. */
function withinTaken(plan: Plan, time: TimeOfDay, bodies: readonly Body[]): Overlap[] {
  return takenInside(plan, time).flatMap((taken) =>
    bodies.flatMap((body) => {
      if (hasHollow(body) || !bandsMeet(body, taken)) return []
      const deepest = deepestOverlap(body.shape, taken.shape)
      return deepest && deepest.inches > TOUCH ? [{ a: body.id, b: taken.id, ...deepest }] : []
    }),
  )
}

/** The ground an inside wall covers. */
export function wallShape({ from, to, thickness }: Wall): Shape {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]]
  const half = thickness / 2
  if (dx === 0) return { rect: [from[0] - half, Math.min(from[1], to[1]), thickness, Math.abs(dy)] }
  if (dy === 0) return { rect: [Math.min(from[0], to[0]), from[1] - half, Math.abs(dx), thickness] }
  const long = Math.hypot(dx, dy)
  const [nx, ny] = [(-dy / long) * half, (dx / long) * half]
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
 * How far two shapes reach into each other, inches: the least push that parts their deepest convex parts; 0
 * when apart.
 */
export const overlapDepth = (a: Shape, b: Shape): number => deepestOverlap(a, b)?.inches ?? 0

function deepestOverlap(a: Shape, b: Shape): Pick<Overlap, 'inches' | 'at'> | undefined {
  const boxA = bounds(a)
  const boxB = bounds(b)
  if (boxA.x1 <= boxB.x0 || boxB.x1 <= boxA.x0 || boxA.y1 <= boxB.y0 || boxB.y1 <= boxA.y0) return undefined
  const pairs = convexParts(a).flatMap((one) =>
    convexParts(b).map((other) => ({ one, other, inches: depth(one, other) })),
  )
  const deepest = pairs.reduce((most, pair) => (pair.inches > most.inches ? pair : most))
  return deepest.inches > 0 ? { inches: deepest.inches, at: middle(shared(deepest.one, deepest.other)) } : undefined
}

/**
 * The least push that parts two convex outlines, inches; 0 when apart. Separating axis theorem (textbook
 * geometry): convex outlines are apart exactly when their shadows on the normal of some edge are.
 */
function depth(a: Point[], b: Point[]): number {
  let least = Infinity
  for (const axis of [...normals(a), ...normals(b)]) {
    const [lowA, highA] = shadow(a, axis)
    const [lowB, highB] = shadow(b, axis)
    least = Math.min(least, highA - lowB, highB - lowA)
    if (least <= 0) return 0
  }
  return least
}

const middle = (points: readonly Point[]): Point => [
  points.reduce((sum, [x]) => sum + x, 0) / points.length,
  points.reduce((sum, [, y]) => sum + y, 0) / points.length,
]

export function bandsMeet(a: Pick<Body, 'band'>, b: Pick<Body, 'band'>): boolean {
  return a.band[0] < b.band[1] && b.band[0] < a.band[1]
}

/** A sink, a cooktop and an oven are built into a counter or an island. */
function standsOn(upper: Body, lower: Body): boolean {
  const kind = upper.fixture && FIXTURE_KINDS[upper.fixture.kind]
  const under = lower.fixture?.kind
  if (upper.fixture?.kind === 'oven' && under === 'cooktop') return true
  // A water heater stands in the base of a cabinet, a bench or a bed.
  if (upper.fixture?.kind === 'water-heater' && hasHollow(lower)) return true
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
