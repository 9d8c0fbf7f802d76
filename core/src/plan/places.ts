import { DOOR_KINDS, FIXTURE_KINDS, type FixtureKind } from '../readings/catalogue'
import type { Clearance } from './clearance'
import { apart, entersAt, nearestOn } from './distance'
import { facesByDefault } from './facing'
import { wallShape } from './overlap'
import { SIDES, type Plan, type Side } from './plan'
import { bounds, meets, type Bounds, type Point, type Shape } from './shape'
import { bodiesAt, type Body, type TimeOfDay } from './times'

/** What one goes somewhere for. */
export const USES = [
  'bed',
  'toilet',
  'shower',
  'vanity',
  'fridge',
  'sink',
  'cooktop',
  'pantry',
  'wardrobe',
  'seat',
  'door',
  'exit window',
] as const
export type Use = (typeof USES)[number]

/** Something used from the floor beside it. */
export interface Place {
  id: string
  use: Use
  name: string
  shape: Shape
  /** From which sides one can use it. */
  sides: readonly Side[]
}

/** From the middle of the body to the thing in hand, inches: half an arm (common practice). */
export const ARM = 16
/** How deep the floor behind an outer door is on which one has come in: two steps, inches. */
const DOORSTEP = 24
/** An exit window is opened and climbed through from this close, inches. */
export const CLIMB = 26
/** A bed or a bench this close to an exit window is climbed over on the way out, inches: no wider gap than a step. */
export const OVER = 18
/** Higher than this and lower than that, one neither reaches over nor under it, inches. */
const TALL = { top: 58, bottom: 36 }

/** Of the way to a thing, this share is left out before it. */
const HAIR = 0.06

const USED_FOR: Partial<Record<FixtureKind, Use>> = {
  toilet: 'toilet',
  shower: 'shower',
  tub: 'shower',
  'wet-bath': 'shower',
  vanity: 'vanity',
  fridge: 'fridge',
  sink: 'sink',
  cooktop: 'cooktop',
  pantry: 'pantry',
  wardrobe: 'wardrobe',
  booth: 'seat',
  'u-dinette': 'seat',
  table: 'seat',
  bar: 'seat',
  'jackknife-sofa': 'seat',
  'tri-fold-sofa': 'seat',
  'air-sofa': 'seat',
  futon: 'seat',
  'theater-seats': 'seat',
  'convertible-lounge': 'seat',
  chair: 'seat',
}

/** Used from any side that is free, unless someone noted how it faces. */
const OPEN_ALL_ROUND = new Set<Use>(['toilet', 'shower', 'seat'])

/** Everything one walks to at a time of day: what stands there, every berth, the doors and exit windows. */
export function placesAt(
  plan: Plan,
  time: TimeOfDay,
  made: readonly string[] = [],
  bodies = bodiesAt(plan, time, made),
): Place[] {
  const stands = bodies.flatMap(({ id, shape, fixture, berth }): Place[] => {
    if (berth) return [{ id, use: 'bed', name: berth.name, shape, sides: berth.access }]
    const use = USED_FOR[fixture!.kind]
    return use
      ? [
          {
            id,
            use,
            name: fixture!.name ?? FIXTURE_KINDS[fixture!.kind].name,
            shape,
            sides: sidesOf(plan, bodies, shape, use, fixture!.faces),
          },
        ]
      : []
  })
  return [...stands, ...outsOf(plan, time)]
}

/**
 * Doors that lead out and windows to climb out of. One in the wall of a slide rides with it, and is of no use
 * on the road.
 */
export function outsOf(plan: Plan, time: TimeOfDay): Place[] {
  const doors = plan.doors
    .filter(({ kind }) => DOOR_KINDS[kind].outer)
    .map(({ id, kind, from, to }): Place => ({
      id,
      use: 'door',
      name: DOOR_KINDS[kind].name,
      shape: line(from, to),
      sides: SIDES,
    }))
  const windows = plan.windows
    .filter(({ kind, from }) => kind === 'exit' && !(time === 'road' && beyond(plan, from)))
    .map(({ id, from, to }): Place => ({
      id,
      use: 'exit window',
      name: 'Exit window',
      shape: line(from, to),
      sides: SIDES,
    }))
  return [...doors, ...windows]
}

/**
 * The free cells of the floor from which one uses a place: an arm away, on the right side, with no wall and
 * nothing tall between.
 */
export function standingCells(
  { x0, y0, columns, rows, squared }: Clearance,
  place: Place,
  between: readonly Shape[],
): number[] {
  const arm = place.use === 'door' ? DOORSTEP : place.use === 'exit window' ? CLIMB : ARM
  const box = bounds(place.shape)
  const near = between
    .map((shape) => ({ shape, box: bounds(shape) }))
    .filter((one) => one.shape !== place.shape && meets(one.box, box, arm))
  const zone = usedFrom(box, place, arm)
  const all = place.sides.length === SIDES.length
  const [front, rear, door, offDoor] = (['front', 'rear', 'door', 'off-door'] as const).map((side) =>
    place.sides.includes(side),
  )
  const [firstColumn, lastColumn] = [
    Math.max(0, Math.floor(zone.x0 - x0)),
    Math.min(columns, Math.ceil(zone.x1 - x0)) - 1,
  ]
  const cells: number[] = []
  for (let row = Math.max(0, Math.floor(zone.y0 - y0)); row < Math.min(rows, Math.ceil(zone.y1 - y0)); row++) {
    const y = y0 + row + 0.5
    const besideY = y < box.y0 ? box.y0 - y : y > box.y1 ? y - box.y1 : 0
    const onSideY = all || (door && y > box.y1) || (offDoor && y < box.y0)
    for (let column = firstColumn; column <= lastColumn; column++) {
      if (squared[row * columns + column] === 0) continue
      const x = x0 + column + 0.5
      const besideX = x < box.x0 ? box.x0 - x : x > box.x1 ? x - box.x1 : 0
      if (besideX * besideX + besideY * besideY > arm * arm) continue
      if (!onSideY && !(front && x < box.x0) && !(rear && x > box.x1)) continue
      if (withinReach(place.shape, box, x, y, arm, near)) cells.push(row * columns + column)
    }
  }
  return cells
}

/** The exact test: as far as an arm from the outline itself, and nothing in between. */
function withinReach(
  shape: Shape,
  box: Bounds,
  x: number,
  y: number,
  arm: number,
  near: readonly { shape: Shape; box: Bounds }[],
): boolean {
  if ('rect' in shape)
    return !hidden(x, y, Math.max(box.x0, Math.min(box.x1, x)), Math.max(box.y0, Math.min(box.y1, y)), near)
  const nearest = nearestOn(shape, [x, y])
  return apart(nearest, [x, y]) <= arm && !hidden(x, y, nearest[0], nearest[1], near)
}

/**
 * The stretch of floor within an arm of a place; before a door no wider than its opening: one comes in through
 * it, not along the wall.
 */
function usedFrom({ x0, y0, x1, y1 }: Bounds, { use, sides }: Place, arm: number): Bounds {
  const [armX, armY] = use !== 'door' ? [arm, arm] : x1 - x0 > y1 - y0 ? [0, arm] : [arm, 0]
  const zone = { x0: x0 - armX, x1: x1 + armX, y0: y0 - armY, y1: y1 + armY }
  if (sides.length > 1) return zone
  return {
    door: { ...zone, y0: y1 },
    'off-door': { ...zone, y1: y0 },
    front: { ...zone, x1: x0 },
    rear: { ...zone, x0: x1 },
  }[sides[0]!]
}

/**
 * Whether one of some shapes stands between a point and the edge of a thing; what the thing leans on is not in
 * the way. For most cells nothing is even near the line.
 */
function hidden(
  x: number,
  y: number,
  toX: number,
  toY: number,
  things: readonly { shape: Shape; box: Bounds }[],
): boolean {
  for (const { shape, box } of things) {
    if (
      Math.min(x, toX) >= box.x1 ||
      Math.max(x, toX) <= box.x0 ||
      Math.min(y, toY) >= box.y1 ||
      Math.max(y, toY) <= box.y0
    )
      continue
    if (entersAt(shape, [x, y], [toX + (x - toX) * HAIR, toY + (y - toY) * HAIR]) !== undefined) return true
  }
  return false
}

/** Whether a bed or a bench stands so near under an exit window that one climbs out over it, from where one uses it. */
export function climbedOver(window: Place, { use, shape }: Place): boolean {
  return (use === 'bed' || use === 'seat') && apartFrom(bounds(shape), bounds(window.shape)) <= OVER
}

/** What one cannot reach over: inside walls, and what stands tall. */
export function tallThings(plan: Plan, bodies: readonly Body[]): Shape[] {
  return [
    ...plan.walls.map(wallShape),
    ...bodies.filter(({ band }) => band[1] >= TALL.top && band[0] < TALL.bottom).map(({ shape }) => shape),
  ]
}

/** A sink or a cooktop is used from where its counter is. */
function sidesOf(
  plan: Plan,
  bodies: readonly Body[],
  shape: Shape,
  use: Use,
  faces: Side | undefined,
): readonly Side[] {
  if (OPEN_ALL_ROUND.has(use)) return use === 'shower' && faces ? [faces] : SIDES
  if (faces) return [faces]
  const own = bounds(shape)
  const under =
    use === 'sink' || use === 'cooktop'
      ? bodies.find(
          ({ fixture, shape: other }) =>
            (fixture?.kind === 'counter' || fixture?.kind === 'island') && meets(bounds(other), own, -1),
        )
      : undefined
  if (under?.fixture?.kind === 'island') return SIDES
  return [under?.fixture?.faces ?? facesByDefault(plan, under ? bounds(under.shape) : own)]
}

/** The gap between two upright boxes, inches; 0 when they touch. */
function apartFrom(a: Bounds, b: Bounds): number {
  return Math.hypot(Math.max(0, a.x0 - b.x1, b.x0 - a.x1), Math.max(0, a.y0 - b.y1, b.y0 - a.y1))
}

/** An opening in an outer wall as a thin shape. */
function line([ax, ay]: Point, [bx, by]: Point): Shape {
  return {
    rect: [Math.min(ax, bx), Math.min(ay, by), Math.max(Math.abs(bx - ax), 0.1), Math.max(Math.abs(by - ay), 0.1)],
  }
}

const beyond = ({ box }: Plan, [x, y]: Point): boolean => x < 0 || y < 0 || x > box.length || y > box.width
