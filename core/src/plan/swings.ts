import { FIXTURE_KINDS } from '../readings/catalogue'
import { shared } from './convex'
import { distanceTo, entersAt } from './distance'
import { facesByDefault, TOWARDS } from './facing'
import { wallShape } from './overlap'
import type { Door, Plan } from './plan'
import { area, bounds, type Point, type Shape } from './shape'
import { bodiesAt, type Body, type TimeOfDay } from './times'

/** A leaf that turns on `pin`: shut it ends at `edge`, open at a right angle it points along `way`. Inches. */
export interface Leaf {
  /** Of the door or the fixture it belongs to. */
  id: string
  pin: Point
  edge: Point
  way: Point
}

/** How far a leaf opens before it hits something, degrees up to 90, and how wide the opening then is, inches. */
export interface Swing {
  leaf: Leaf
  degrees: number
  clear: number
  stoppedBy?: string
}

/** Two leaves whose sweeps cross, a leaf stopped by something, or one that sweeps where someone sits. */
export interface Clash {
  a: string
  b: string
  with: 'door' | 'thing' | 'person'
  at: Point
  degrees: number
}

/** Leaves are tried every so many degrees. */
const STEP = 3
/** The hinge end of a leaf always touches its frame. */
const HINGE = 3
/** A leaf reaches from the floor to here. */
const LEAF_BAND = [1, 72] as const
/** Opened this far one gets at everything behind it; degrees. */
const OPEN = 80
/** Where the knees of someone on a toilet are, from its front edge. */
const KNEES = 14
/** Cabinets wider than this have two leaves. */
const ONE_LEAF = 30

/**
 * Every leaf that swings inside: doors in walls first, then those of refrigerators and tall cabinets. Wardrobes
 * often slide, or open above a bed.
 */
function leavesAt(plan: Plan, time: TimeOfDay, made: readonly string[] = []): { doors: Leaf[]; fixtures: Leaf[] } {
  const doors = plan.doors.filter(({ kind }) => kind === 'swing').map(leafOf)
  const fixtures = bodiesAt(plan, time, made).flatMap((body) =>
    body.fixture && LEAVED.has(body.fixture.kind) ? fixtureLeaves(plan, body) : [],
  )
  return { doors, fixtures }
}

const LEAVED = new Set<string>(['fridge', 'pantry', 'linen', 'tall-cabinet'])

/** A door's leaf; where nobody noted how it is hung it is taken to turn on its first jamb. */
export function leafOf({ id, from, to, hinge = 'from', opens }: Door): Leaf {
  const [pin, edge] = hinge === 'from' ? [from, to] : [to, from]
  return { id, pin, edge, way: TOWARDS[opens ?? (from[1] === to[1] ? 'door' : 'rear')] }
}

/** How far each door in a wall opens. */
export function doorSwings(
  plan: Plan,
  time: TimeOfDay,
  made: readonly string[] = [],
  bodies = bodiesAt(plan, time, made),
): Swing[] {
  const inTheWay = obstacles(plan, bodies)
  return plan.doors.filter(({ kind }) => kind === 'swing').map((door) => swing(leafOf(door), inTheWay))
}

/** What gets in the way of a leaf, each pair once. A cabinet counts when no way of hanging its leaf opens it. */
export function clashesAt(plan: Plan, time: TimeOfDay, made: readonly string[] = []): Clash[] {
  const { doors, fixtures } = leavesAt(plan, time, made)
  const bodies = bodiesAt(plan, time, made)
  const inTheWay = obstacles(plan, bodies)
  const stopped = (swings: Swing[]): Clash[] =>
    swings.flatMap(({ leaf, degrees, stoppedBy }) =>
      stoppedBy && degrees < OPEN ? [{ a: leaf.id, b: stoppedBy, with: 'thing', at: tip(leaf, degrees), degrees }] : [],
    )
  const cabinets = [...new Set(fixtures.map(({ id }) => id))].flatMap((id) => {
    const hung = fixtures
      .filter((leaf) => leaf.id === id)
      .map((leaf) =>
        swing(
          leaf,
          inTheWay.filter((one) => one.id !== id),
        ),
      )
    return stopped([hung.reduce((best, one) => (one.degrees > best.degrees ? one : best))])
  })
  const crossing = doors.flatMap((a, i) =>
    doors.slice(i + 1).flatMap((b): Clash[] => {
      const both = shared(sweep(a), sweep(b))
      return area({ polygon: both }) > 1 ? [{ a: a.id, b: b.id, with: 'door', at: both[0]!, degrees: 0 }] : []
    }),
  )
  const knees = bodies
    .filter(({ fixture }) => fixture?.kind === 'toilet')
    .flatMap((body) =>
      doors.flatMap((leaf): Clash[] => {
        const both = shared(sweep(leaf), kneesAt(plan, body))
        return area({ polygon: both }) > 6 ? [{ a: leaf.id, b: body.id, with: 'person', at: both[0]!, degrees: 0 }] : []
      }),
    )
  return [...stopped(doors.map((leaf) => swing(leaf, inTheWay))), ...crossing, ...knees, ...cabinets]
}

function obstacles(plan: Plan, bodies: readonly Body[]): { id: string; shape: Shape }[] {
  const standing = bodies.filter(
    ({ band, fixture }) =>
      band[0] < LEAF_BAND[1] && band[1] > LEAF_BAND[0] && !(fixture && 'on' in FIXTURE_KINDS[fixture.kind]),
  )
  return [...standing, ...plan.walls.map((wall) => ({ id: wall.id, shape: wallShape(wall) }))]
}

function swing(leaf: Leaf, inTheWay: readonly { id: string; shape: Shape }[]): Swing {
  const long = lengthOf(leaf)
  const near = inTheWay.filter(({ shape }) => distanceTo(shape, leaf.pin) < long)
  for (let degrees = STEP; degrees <= 90; degrees += STEP) {
    const [from, to] = [along(leaf, degrees, HINGE), along(leaf, degrees, long - 0.5)]
    const hit = near.find(({ shape }) => entersAt(shape, from, to) !== undefined)
    if (hit)
      return {
        leaf,
        degrees: degrees - STEP,
        clear: long * Math.sin(((degrees - STEP) * Math.PI) / 180),
        stoppedBy: hit.id,
      }
  }
  return { leaf, degrees: 90, clear: long }
}

/** The ground a leaf sweeps, as a convex outline that turns left on paper with y up. */
function sweep(leaf: Leaf): Point[] {
  const arc = Array.from({ length: 7 }, (_, i) => tip(leaf, i * 15))
  const outline = [leaf.pin, ...arc]
  const [[px, py], [ax, ay], [bx, by]] = [leaf.pin, arc[0]!, arc[6]!]
  return (ax - px) * (by - py) - (ay - py) * (bx - px) < 0 ? outline.reverse() : outline
}

function kneesAt(plan: Plan, { shape, fixture }: Body): Point[] {
  const { x0, y0, x1, y1 } = bounds(shape)
  const [dx, dy] = TOWARDS[fixture?.faces ?? facesByDefault(plan, bounds(shape))]
  const [left, right] = dx < 0 ? [x0 - KNEES, x0] : dx > 0 ? [x1, x1 + KNEES] : [x0, x1]
  const [top, bottom] = dy < 0 ? [y0 - KNEES, y0] : dy > 0 ? [y1, y1 + KNEES] : [y0, y1]
  return [
    [left, top],
    [right, top],
    [right, bottom],
    [left, bottom],
  ]
}

/** Both ways of hanging a fixture's leaf, or its two leaves, on its front edge. */
function fixtureLeaves(plan: Plan, { id, shape, fixture }: Body): Leaf[] {
  const box = bounds(shape)
  const faces = fixture!.faces ?? facesByDefault(plan, box)
  const { x0, y0, x1, y1 } = box
  const [a, b]: [Point, Point] = {
    door: [
      [x0, y1],
      [x1, y1],
    ],
    'off-door': [
      [x0, y0],
      [x1, y0],
    ],
    front: [
      [x0, y0],
      [x0, y1],
    ],
    rear: [
      [x1, y0],
      [x1, y1],
    ],
  }[faces] as [Point, Point]
  const wide = Math.abs(b[0] - a[0]) + Math.abs(b[1] - a[1])
  const middle: Point = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2]
  const way = TOWARDS[faces]
  return wide > ONE_LEAF
    ? [
        { id, pin: a, edge: middle, way },
        { id, pin: b, edge: middle, way },
      ]
    : [
        { id, pin: a, edge: b, way },
        { id, pin: b, edge: a, way },
      ]
}

const lengthOf = ({ pin, edge }: Leaf): number => Math.hypot(edge[0] - pin[0], edge[1] - pin[1])

export const tip = (leaf: Leaf, degrees: number): Point => along(leaf, degrees, lengthOf(leaf))

function along({ pin, edge, way }: Leaf, degrees: number, far: number): Point {
  const long = Math.hypot(edge[0] - pin[0], edge[1] - pin[1]) || 1
  const [c, s] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)]
  return [
    pin[0] + (((edge[0] - pin[0]) / long) * c + way[0] * s) * far,
    pin[1] + (((edge[1] - pin[1]) / long) * c + way[1] * s) * far,
  ]
}
