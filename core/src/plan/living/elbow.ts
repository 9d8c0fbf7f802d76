import { DOOR_KINDS, FIXTURE_KINDS } from '../../readings/catalogue'
import { BUMPS } from '../floor/clearance'
import { entersAt, holds, nearestOnSegment, apart } from '../shape/distance'
import { facesOf, TOWARDS } from '../facing'
import { wallShape } from '../overlap'
import type { Plan } from '../plan'
import { bounds, corners, type Point, type Shape } from '../shape/shape'
import { shellAt } from '../shell'
import { takenInside } from '../takenInside'
import { bodiesAt, type Body, type TimeOfDay } from '../times'

/** Room around something one stands or sits at, inches. */
export interface Elbow {
  id: string
  /** To both sides, across. */
  wide: number
  /** In front. */
  deep: number
}

/** Farther than across a trailer: what a look into the open answers. */
const FAR = 120
/** Someone on a toilet has the elbows about here, from the floor up. */
const ELBOWS = [20, 34] as const
/** A door that is shut is about so thick, inches. */
const SHUT = 1
/** Half as wide as someone standing, below the elbows. */
const HIP = 6

/** Elbows and knees at each toilet with the doors shut: from wall to wall across the seat, and from its front edge on. */
export function toiletRoom(plan: Plan, time: TimeOfDay = 'parked'): Elbow[] {
  const bodies = bodiesAt(plan, time)
  return bodies
    .filter(({ fixture }) => fixture?.kind === 'toilet')
    .map((body) => roomAt(plan, time, bodies, body, ELBOWS, 'at its middle'))
}

/** Room to stand at each bath sink. */
export function vanityRoom(plan: Plan, time: TimeOfDay = 'parked'): Elbow[] {
  const bodies = bodiesAt(plan, time)
  return bodies
    .filter(({ fixture }) => fixture?.kind === 'vanity')
    .map((body) => roomAt(plan, time, bodies, body, BUMPS, 'in front'))
}

/** The largest circle one can turn in on each shower's floor: its diameter. */
export function showerCircle(plan: Plan): { id: string; across: number }[] {
  return plan.fixtures
    .filter(({ kind }) => kind === 'shower' || kind === 'tub' || kind === 'wet-bath')
    .map(({ id, shape }) => ({ id, across: 2 * inscribed(shape).radius }))
}

/**
 * The largest circle inside a shape: squares are halved where a better center may still lie, to a tenth of
 * an inch. Source: the quadtree search for the pole of inaccessibility (Garcia-Castellanos and Lombardo,
 * "Poles of inaccessibility", 2007, improved by bounding squares; from memory).
 */
export function inscribed(shape: Shape): { center: Point; radius: number } {
  const { x0, y0, x1, y1 } = bounds(shape)
  const half = Math.min(x1 - x0, y1 - y0) / 2
  let best = { center: [(x0 + x1) / 2, (y0 + y1) / 2] as Point, radius: 0 }
  const squares: { center: Point; half: number; far: number }[] = []
  const look = (center: Point, size: number): void => {
    const far = depth(shape, center)
    if (far > best.radius) best = { center, radius: far }
    if (far + size * Math.SQRT2 > best.radius + 0.1) squares.push({ center, half: size, far })
  }
  for (let x = x0 + half; x < x1 + half; x += 2 * half)
    for (let y = y0 + half; y < y1 + half; y += 2 * half) look([x, y], half)
  while (squares.length) {
    squares.sort((a, b) => a.far + a.half * Math.SQRT2 - b.far - b.half * Math.SQRT2)
    const {
      center: [x, y],
      half: size,
      far,
    } = squares.pop()!
    if (far + size * Math.SQRT2 <= best.radius + 0.1) break
    for (const [sx, sy] of [
      [-1, -1],
      [-1, 1],
      [1, -1],
      [1, 1],
    ] as const)
      look([x + (sx * size) / 2, y + (sy * size) / 2], size / 2)
  }
  return best
}

/** How deep inside a shape's outline a point is, inches; below 0 outside. */
function depth(shape: Shape, point: Point): number {
  const outline = corners(shape)
  const near = Math.min(
    ...outline.map((from, i) => apart(point, nearestOnSegment(from, outline[(i + 1) % outline.length]!, point))),
  )
  return holds(shape, point) ? near : -near
}

/** What ends the room at the middle of a toilet's seat to either side, by id. */
export function besideToilet(plan: Plan, id: string): { towards: Point; by: string }[] {
  const bodies = bodiesAt(plan, 'parked')
  const body = bodies.find((one) => one.id === id)
  if (!body) return []
  const { middle, side } = standOf(plan, body)
  const things = thingsAround(plan, 'parked', bodies, body, ELBOWS)
  return [side, [-side[0], -side[1]] as Point].map((towards) => ({ towards, by: look(things, middle, towards).by }))
}

/** The middle of what one uses, where it faces, and half its depth that way. */
function standOf(plan: Plan, { shape, fixture }: Body) {
  const box = bounds(shape)
  const faces = TOWARDS[facesOf(plan, fixture!, box)]
  const middle: Point = [(box.x0 + box.x1) / 2, (box.y0 + box.y1) / 2]
  const half = faces[0] ? (box.x1 - box.x0) / 2 : (box.y1 - box.y0) / 2
  const side: Point = [faces[1], faces[0]]
  return { box, faces, middle, half, side }
}

/** All that can end a room at a height: things, what comes in from outside, walls, doors that are shut. */
function thingsAround(
  plan: Plan,
  time: TimeOfDay,
  bodies: readonly Body[],
  own: Body,
  band: readonly [number, number],
): { id: string; shape: Shape }[] {
  return [
    ...bodies.filter(
      (other) =>
        other !== own &&
        other.band[0] < band[1] &&
        other.band[1] > band[0] &&
        !(other.fixture && 'on' in FIXTURE_KINDS[other.fixture.kind]),
    ),
    ...takenInside(plan),
    ...plan.walls.map((wall) => ({ id: wall.id, shape: wallShape(wall) })),
    ...shellAt(plan, time),
    ...shutDoors(plan),
  ]
}

function roomAt(
  plan: Plan,
  time: TimeOfDay,
  bodies: readonly Body[],
  body: Body,
  band: readonly [number, number],
  across: 'at its middle' | 'in front',
): Elbow {
  const { box, faces, middle, half, side } = standOf(plan, body)
  const hip = Math.max(0, Math.min(HIP, (faces[0] ? box.y1 - box.y0 : box.x1 - box.x0) / 2 - 1.5))
  const things = thingsAround(plan, time, bodies, body, band)
  const free = (from: Point, towards: Point) => look(things, from, towards).far
  const front = (shift: number): Point => [
    middle[0] + faces[0] * (half + 0.1) + side[0] * shift,
    middle[1] + faces[1] * (half + 0.1) + side[1] * shift,
  ]
  const shoulders =
    across === 'in front'
      ? [front(0)].map(([x, y]): Point => [x + faces[0] * 8, y + faces[1] * 8])
      : [middle, [middle[0] + (faces[0] * half) / 2, middle[1] + (faces[1] * half) / 2] as Point]
  return {
    id: body.id,
    wide: Math.min(...shoulders.map((from) => free(from, side) + free(from, [-side[0], -side[1]]))),
    deep: Math.min(...[-hip, 0, hip].map((shift) => free(front(shift), faces))),
  }
}

/** Who sits there has shut the door: every inside doorway is a wall then, a curtain too. */
const shutDoors = (plan: Plan): { id: string; shape: Shape }[] =>
  plan.doors
    .filter(({ kind }) => !DOOR_KINDS[kind].outer)
    .map((door) => ({ id: door.id, shape: wallShape({ ...door, thickness: SHUT }) }))

/** How far one can look from a point in a direction before something is in the way, inches, and what that is. */
function look(
  things: readonly { id: string; shape: Shape }[],
  from: Point,
  [dx, dy]: Point,
): { far: number; by: string } {
  const to: Point = [from[0] + dx * FAR, from[1] + dy * FAR]
  let nearest = { far: FAR, by: '' }
  for (const { id, shape } of things) {
    const share = entersAt(shape, from, to)
    if (share !== undefined && share * FAR < nearest.far) nearest = { far: share * FAR, by: id }
  }
  return nearest
}
