import { DOOR_KINDS, type FixtureKind } from '../../readings/catalogue'
import { figure, word } from '../../readings/reading'
import { apart } from '../shape/distance'
import { facesOf, outerWall, TOWARDS } from '../facing'
import { frontOf, frontsOf, type Front } from '../fronts'
import type { Door, Plan, Side } from '../plan'
import { bounds, type Point, type Shape } from '../shape/shape'
import { bodiesAt, type Body, type TimeOfDay } from '../times'

/**
 * A leaf that turns on `pin`: shut it ends at `edge`, open at a right angle it points along `way`. Inches.
 *
 *        edge ......
 *          |        ` .      degrees: 0 shut, 90 open
 *          |           .
 *         pin --------- tip
 */
export interface Leaf {
  /** Of the door or the fixture it belongs to. */
  id: string
  /** In an inside doorway, in an outer wall, or on the front of a cabinet, refrigerator or shower. */
  of: 'doorway' | 'outer wall' | 'fixture'
  /** The kind of door or fixture. */
  kind: string
  pin: Point
  edge: Point
  way: Point
  /** From the floor up, what it sweeps, inches. */
  band: readonly [number, number]
  /** `either`: it may be hung at one end or the other, and this is one of the two; `pair`: there are two of them. */
  hung: 'so' | 'either' | 'pair'
}

/** A leaf in a doorway reaches from the floor to here, inches. */
const DOORWAY = [1, 72] as const
/** Base cabinets end under the counter, inches. */
const BASE = [1, 34] as const
/** Fronts wider than this have two leaves, inches (common practice). */
const ONE_LEAF = 30
/** A shower's glass leaf is no wider than this: beside it the glass stands, inches (common practice). */
const SHOWER_LEAF = 24

/** What opens with a leaf on its front. */
const FRONTS: Partial<Record<FixtureKind, readonly [number, number]>> = {
  fridge: DOORWAY,
  pantry: DOORWAY,
  linen: DOORWAY,
  'tall-cabinet': DOORWAY,
  wardrobe: DOORWAY,
  washer: BASE,
  cabinet: BASE,
}

/** Every leaf at a time of day: those of doorways first, then those of fixtures. */
export function leavesAt(
  plan: Plan,
  time: TimeOfDay,
  made: readonly string[] = [],
  bodies: readonly Body[] = bodiesAt(plan, time, made),
): Leaf[] {
  return [
    ...plan.doors.filter(turns).map((door) => leafOf(outward(plan, door))),
    ...bodies.flatMap((body) => leavesOf(plan, body)),
  ]
}

/** Sliding and pocket doors, curtains and ramps have no leaf that turns. */
const turns = ({ kind }: Door): boolean => kind === 'swing' || kind === 'entry' || kind === 'cargo'

/** A door's leaf; where nobody noted how it is hung it is taken to turn on its first jamb. */
export function leafOf({ id, kind, from, to, hinge = 'from', opens }: Door): Leaf {
  const [pin, edge] = hinge === 'from' ? [from, to] : [to, from]
  return {
    id,
    of: DOOR_KINDS[kind].outer ? 'outer wall' : 'doorway',
    kind,
    pin,
    edge,
    way: TOWARDS[opens ?? (from[1] === to[1] ? 'door' : 'rear')],
    band: DOORWAY,
    hung: 'so',
  }
}

/** A door in an outer wall of which nobody noted it opens outwards: all do but the rarest. */
const outward = (plan: Plan, door: Door): Door =>
  door.opens || !DOOR_KINDS[door.kind].outer ? door : { ...door, opens: outerWall(plan, door) }

/** Whether a leaf in an outer wall opens into the trailer. */
export function opensInward(plan: Plan, door: Door): boolean {
  const [ox, oy] = TOWARDS[outerWall(plan, door)]
  const [x, y] = leafOf(outward(plan, door)).way
  return ox * x + oy * y < 0
}

function leavesOf(plan: Plan, { id, shape, fixture, band: own }: Body): Leaf[] {
  if (!fixture) return []
  const box = bounds(shape)
  const faces = facesOf(plan, fixture, box)
  const front = 'polygon' in shape ? (cornerFront(shape, faces) ?? frontOf(box, faces)) : frontOf(box, faces)
  if (fixture.kind === 'shower' || fixture.kind === 'tub') {
    if (word(fixture.readings, 'closure') !== 'glass') return []
    const long = lengthOf(front)
    return long <= ONE_LEAF
      ? hungEitherWay(id, fixture.kind, front, DOORWAY)
      : hungEitherWay(id, fixture.kind, part(front, SHOWER_LEAF / long), DOORWAY)
  }
  const leaf = FRONTS[fixture.kind]
  // A chest of drawers has no leaf.
  if (!leaf || (figure(fixture.readings, 'drawers') ?? 0) > 2) return []
  // A cabinet that hangs has its leaf where it hangs.
  const band: Leaf['band'] = [Math.max(leaf[0], own[0]), Math.min(leaf[1], own[1])]
  const noted = word(fixture.readings, 'leaves')
  const isOne = noted === undefined ? lengthOf(front) <= ONE_LEAF : noted === 'one'
  if (isOne) {
    const either = hungEitherWay(id, fixture.kind, front, band)
    const so = either.filter((one) => isHinged(one, word(fixture.readings, 'hinge')))
    return so.length === 1 ? [{ ...so[0]!, hung: 'so' }] : either
  }
  const { a, b, way } = front
  const middle: Point = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2]
  return [a, b].map((pin): Leaf => ({
    id,
    of: 'fixture',
    kind: fixture.kind,
    pin,
    edge: middle,
    way,
    band,
    hung: 'pair',
  }))
}

/** Whether its pin lies towards that side of the trailer; none of two do where the side is no end of the front. */
function isHinged({ pin, edge }: Leaf, side: string | undefined): boolean {
  const [x, y] = [pin[0] - edge[0], pin[1] - edge[1]]
  const ends: Record<string, number> = { front: -x, rear: x, 'door side': y, 'off-door side': -y }
  return side !== undefined && (ends[side] ?? 0) > 0
}

const hungEitherWay = (id: string, kind: string, { a, b, way }: Front, band: Leaf['band']): Leaf[] =>
  (
    [
      [a, b],
      [b, a],
    ] as const
  ).map(([pin, edge]): Leaf => ({ id, of: 'fixture', kind, pin, edge, way, band, hung: 'either' }))

/** A stall in a corner is entered over its slanted edge. */
const cornerFront = (shape: Shape, faces: Side): Front | undefined =>
  frontsOf(shape, [faces]).find(({ a, b }) => a[0] !== b[0] && a[1] !== b[1])

const lengthOf = ({ a, b }: Front): number => Math.hypot(b[0] - a[0], b[1] - a[1])

/** The middle share of a front. */
function part({ a, b, way }: Front, share: number): Front {
  const at = (s: number): Point => [a[0] + (b[0] - a[0]) * s, a[1] + (b[1] - a[1]) * s]
  return { a: at((1 - share) / 2), b: at((1 + share) / 2), way }
}

export const leafLength = ({ pin, edge }: Leaf): number => apart(pin, edge)

/** Where a leaf ends when it is so far open. */
export const tip = (leaf: Leaf, degrees: number): Point => onLeaf(leaf, degrees, leafLength(leaf))

/** Leaves are tried degree by degree. */
const COSINES = Array.from({ length: 91 }, (_, degrees) => Math.cos((degrees * Math.PI) / 180))

/** A point of the leaf, so many inches from its pin, at so many degrees. */
export function onLeaf({ pin, edge, way }: Leaf, degrees: number, far: number): Point {
  const long = apart(pin, edge) || 1
  const c = COSINES[degrees] ?? Math.cos((degrees * Math.PI) / 180)
  const s = COSINES[90 - degrees] ?? Math.sin((degrees * Math.PI) / 180)
  return [
    pin[0] + (((edge[0] - pin[0]) / long) * c + way[0] * s) * far,
    pin[1] + (((edge[1] - pin[1]) / long) * c + way[1] * s) * far,
  ]
}

/** The ground a leaf sweeps up to an angle, as a convex outline that turns left on paper with y up. */
export function sweepOf(leaf: Leaf, degrees = 90): Point[] {
  const arc = Array.from({ length: 7 }, (_, i) => tip(leaf, (i * degrees) / 6))
  const outline = [leaf.pin, ...arc]
  const [[px, py], [ax, ay], [bx, by]] = [leaf.pin, arc[0]!, arc[6]!]
  return (ax - px) * (by - py) - (ay - py) * (bx - px) < 0 ? outline.reverse() : outline
}
