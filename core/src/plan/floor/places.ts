import { DOOR_KINDS, FIXTURE_KINDS, type FixtureKind } from '../../readings/catalogue'
import { facesByDefault, OPPOSITE } from '../facing'
import { counterFronts, frontsOf, type Front } from '../fronts'
import { wallShape } from '../overlap'
import { SIDES, type Plan, type Side } from '../plan'
import { bounds, meets, type Bounds, type Point, type Shape } from '../shape/shape'
import { bodiesAt, type Body, type TimeOfDay } from '../times'

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
  /** The edges before which one stands to use it. */
  fronts: Front[]
}

/** An exit window is opened and climbed through from this close, inches. */
export const CLIMB = 26
/** A bed or a bench this close to an exit window is climbed over on the way out, inches: no wider gap than a step. */
export const OVER = 18
/** Higher than this and lower than that, one neither reaches over nor under it, inches. */
const TALL = { top: 58, bottom: 36 }

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
const OPEN_ALL_ROUND = new Set<Use>(['shower', 'seat'])

/** Everything one walks to at a time of day: what stands there, every berth, the doors and exit windows. */
export function placesAt(
  plan: Plan,
  time: TimeOfDay,
  made: readonly string[] = [],
  bodies = bodiesAt(plan, time, made),
): Place[] {
  const stands = bodies.flatMap(({ id, shape, fixture, berth }): Place[] => {
    if (berth) {
      const fronts = frontsOf(shape, berth.access)
      return [{ id, use: 'bed', name: berth.name, shape, sides: berth.access, fronts }]
    }
    const use = USED_FOR[fixture!.kind]
    if (!use) return []
    const sides = sidesOf(plan, bodies, shape, use, fixture!.faces)
    const under = use === 'sink' || use === 'cooktop' ? counterUnder(bodies, shape) : undefined
    const fronts = under ? counterFronts(under.shape, shape, sides) : frontsOf(shape, sides)
    return [{ id, use, name: fixture!.name ?? FIXTURE_KINDS[fixture!.kind].name, shape, sides, fronts }]
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
      fronts: [],
    }))
  const windows = plan.windows
    .filter(({ kind, from }) => kind === 'exit' && !(time === 'road' && beyond(plan, from)))
    .map(({ id, from, to }): Place => ({
      id,
      use: 'exit window',
      name: 'Exit window',
      shape: line(from, to),
      sides: SIDES,
      fronts: [],
    }))
  return [...doors, ...windows]
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

/** A sink or a cooktop is used from where its counter is; a toilet from anywhere but its back. */
function sidesOf(
  plan: Plan,
  bodies: readonly Body[],
  shape: Shape,
  use: Use,
  faces: Side | undefined,
): readonly Side[] {
  const own = bounds(shape)
  if (use === 'toilet') {
    const back = OPPOSITE[faces ?? facesByDefault(plan, own)]
    return SIDES.filter((side) => side !== back)
  }
  if (OPEN_ALL_ROUND.has(use)) return use === 'shower' && faces ? [faces] : SIDES
  if (faces) return [faces]
  const under = use === 'sink' || use === 'cooktop' ? counterUnder(bodies, shape) : undefined
  // An island is stood at all round, and a counter round a corner at either arm of it.
  if (under?.fixture?.kind === 'island' || (under && 'polygon' in under.shape)) return SIDES
  return [under?.fixture?.faces ?? facesByDefault(plan, under ? bounds(under.shape) : own)]
}

const counterUnder = (bodies: readonly Body[], shape: Shape): Body | undefined =>
  bodies.find(
    ({ fixture, shape: other }) =>
      (fixture?.kind === 'counter' || fixture?.kind === 'island') && meets(bounds(other), bounds(shape), -1),
  )

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
