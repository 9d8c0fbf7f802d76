import { area, bounds, type Bounds, type Point } from '../shape/shape'
import { shared } from '../shape/convex'
import { facesOf, outerWall, TOWARDS } from '../facing'
import { frontOf } from '../fronts'
import { leavesAt, opensInward, sweepOf, tip, type Leaf } from './leaves'
import type { Plan } from '../plan'
import { overlapDepth } from '../overlap'
import { swing, swingPast, stopsAt, type Stop, type Swing } from './swings'
import { bodiesAt, TAPE, type Body, type TimeOfDay } from '../times'

/**
 * What gets in the way of a leaf. `thing`: something that stands. `shut` and `open`: another leaf, while that is
 * shut or open. `each other`: neither opens all the way while the other does. `person`: it sweeps where someone
 * sits. `entry`: open it stands across an entry door. `drop`: an oven's door comes down on something.
 */
export interface Clash {
  a: string
  b: string
  with: 'thing' | 'shut' | 'open' | 'each other' | 'person' | 'entry' | 'drop'
  at: Point
  /** The kind of door or fixture whose leaf it is. */
  kind: string
  /** How far it opens. */
  degrees: number
  /** It is one of two leaves. */
  one?: true
  /** The leaves as they then stand, to be drawn: from the pin to the tip, and the arc of the one that moves. */
  leaves: { pin: Point; tip: Point; arc: Point[] }[]
}

/** Opened this far one gets at everything behind it; degrees. */
export const OPEN = 80
/** A leaf that brushes less than this of them is no matter, square inches. */
const BRUSH = 6
/** Where the knees of someone on a toilet are, from its front edge, inches. */
const KNEES = 14
/** Two sweeps that share less than this only touch, square inches. */
const TOUCH = 1
/** Someone who comes in stands on this much floor behind the entry door, inches: two steps. */
const STEP_IN = 24
/** An oven's door comes down so far before it, inches (common practice). */
const DROP = 16

/** What gets in the way of every leaf at a time of day: with what stands, with every other leaf, with people. */
export function clashesAt(
  plan: Plan,
  time: TimeOfDay,
  made: readonly string[] = [],
  hung: 'best' | 'worst' = 'best',
): Clash[] {
  const bodies = bodiesAt(plan, time, made)
  const stops = stopsAt(plan, bodies)
  const leaves = leavesAt(plan, time, made, bodies)
  const swings = hung === 'best' ? bestHung(leaves, stops) : worstHung(leaves, stops)
  return [
    ...swings.flatMap(stopped),
    ...swings.flatMap((a, i) => swings.slice(i + 1).flatMap((b) => meeting(a, b))),
    ...swings.flatMap((one) => overKnees(plan, one, bodies)),
    ...swings.flatMap((one) => acrossEntry(plan, one)),
    ...bodies.flatMap((body) => dropping(plan, body, stops)),
  ]
}

/**
 * Each leaf as it opens among what stands. Of one that may be hung at either end the better way counts: the one that
 * opens farther, and of two alike the one that meets fewer others. A dealer can have a refrigerator's door hung over.
 */
export function bestHung(leaves: readonly Leaf[], stops: readonly Stop[]): Swing[] {
  const swings = leaves.map((leaf) => swing(leaf, stops))
  const waysOf = new Map<string, Swing[]>()
  for (const one of swings)
    if (one.leaf.hung === 'either') waysOf.set(one.leaf.id, [...(waysOf.get(one.leaf.id) ?? []), one])
  const meets = (one: Swing): number =>
    swings.reduce((sum, other) => {
      const ways = waysOf.get(other.leaf.id)
      // Another that may be hung either way is counted once, as the way that suits this one.
      if (ways && ways[0] !== other) return sum
      return sum + Math.min(...(ways ?? [other]).map((way) => meeting(one, way).length))
    }, 0)
  return swings.filter((one) => {
    const ways = waysOf.get(one.leaf.id)
    if (!ways) return true
    const most = Math.max(...ways.map(({ degrees }) => degrees))
    const widest = ways.filter(({ degrees }) => degrees === most)
    if (widest.length === 1) return widest[0] === one
    return widest.reduce((best, way) => (meets(way) < meets(best) ? way : best)) === one
  })
}

/** Each leaf as it opens among what stands; of one that may be hung at either end the way that opens least. */
function worstHung(leaves: readonly Leaf[], stops: readonly Stop[]): Swing[] {
  const least = new Map<string, Swing>()
  const others: Swing[] = []
  for (const one of leaves.map((leaf) => swing(leaf, stops))) {
    const known = least.get(one.leaf.id)
    if (one.leaf.hung !== 'either') others.push(one)
    else if (!known || one.degrees < known.degrees) least.set(one.leaf.id, one)
  }
  return [...others, ...least.values()]
}

function stopped(one: Swing): Clash[] {
  const { leaf, degrees, stoppedBy } = one
  if (!stoppedBy || degrees >= OPEN) return []
  return [{ ...clash(leaf, stoppedBy, 'thing', degrees), leaves: [drawn(leaf, degrees)] }]
}

/** Two leaves, each with the other shut and with the other open as far as it goes. */
function meeting(a: Swing, b: Swing): Clash[] {
  if (a.leaf.id === b.leaf.id) return []
  const shut = (one: Swing, other: Swing): Clash[] => {
    const degrees = swingPast(one.leaf, other.leaf, 0) ?? 90
    return degrees < OPEN && one.degrees > degrees
      ? [
          {
            ...clash(one.leaf, other.leaf.id, 'shut', degrees),
            leaves: [drawn(one.leaf, degrees), still(other.leaf, 0)],
          },
        ]
      : []
  }
  const withShut = [...shut(a, b), ...shut(b, a)]
  const [aOpen, bOpen] = [
    Math.min(a.degrees, swingPast(a.leaf, b.leaf, b.degrees) ?? 90),
    Math.min(b.degrees, swingPast(b.leaf, a.leaf, a.degrees) ?? 90),
  ]
  const [aStops, bStops] = [aOpen < Math.min(OPEN, a.degrees), bOpen < Math.min(OPEN, b.degrees)]
  if (!aStops && !bStops) return withShut
  const pictures = [drawn(a.leaf, aOpen), still(b.leaf, b.degrees)]
  if (aStops && bStops) return [...withShut, { ...clash(a.leaf, b.leaf.id, 'each other', aOpen), leaves: pictures }]
  return aStops
    ? [...withShut, { ...clash(a.leaf, b.leaf.id, 'open', aOpen), leaves: pictures }]
    : [
        ...withShut,
        { ...clash(b.leaf, a.leaf.id, 'open', bOpen), leaves: [drawn(b.leaf, bOpen), still(a.leaf, a.degrees)] },
      ]
}

/** A door that opens over the knees of someone on the toilet. */
function overKnees(plan: Plan, { leaf, degrees }: Swing, bodies: readonly Body[]): Clash[] {
  if (leaf.of !== 'doorway') return []
  return bodies
    .filter(({ fixture }) => fixture?.kind === 'toilet')
    .flatMap((body) => {
      const both = shared(sweepOf(leaf, degrees), kneesAt(plan, body))
      return both.length && area({ polygon: both }) > BRUSH
        ? [{ ...clash(leaf, body.id, 'person', degrees), at: both[0]!, leaves: [drawn(leaf, degrees)] }]
        : []
    })
}

/** An inside leaf that stands open where one comes in. */
function acrossEntry(plan: Plan, { leaf, degrees }: Swing): Clash[] {
  if (leaf.of === 'outer wall') return []
  return plan.doors
    .filter(({ kind }) => kind === 'entry')
    .flatMap((entry) => {
      const [dx, dy] = TOWARDS[outerWall(plan, entry)]
      const [from, to] = [entry.from, entry.to]
      const doorstep: Bounds = {
        x0: Math.min(from[0], to[0], from[0] - dx * STEP_IN),
        x1: Math.max(from[0], to[0], from[0] - dx * STEP_IN),
        y0: Math.min(from[1], to[1], from[1] - dy * STEP_IN),
        y1: Math.max(from[1], to[1], from[1] - dy * STEP_IN),
      }
      const both = shared(sweepOf(leaf, degrees), outline(doorstep))
      return both.length && area({ polygon: both }) > TOUCH && !opensInward(plan, entry)
        ? [{ ...clash(leaf, entry.id, 'entry', degrees), at: both[0]!, leaves: [drawn(leaf, degrees)] }]
        : []
    })
}

/** An oven's door comes down before it. */
function dropping(plan: Plan, { id, shape, fixture }: Body, stops: readonly Stop[]): Clash[] {
  if (fixture?.kind !== 'oven') return []
  const box = bounds(shape)
  const { a, b, way } = frontOf(box, facing(plan, fixture, box))
  const front: Point[] = [
    a,
    b,
    [b[0] + way[0] * DROP, b[1] + way[1] * DROP],
    [a[0] + way[0] * DROP, a[1] + way[1] * DROP],
  ]
  const under = stops.find(
    (stop) =>
      stop.id !== id &&
      stop.band[0] < 30 &&
      stop.band[1] > 6 &&
      // Not the counter that it is built into.
      overlapDepth(shape, stop.shape) <= TAPE &&
      overlapDepth({ polygon: front }, stop.shape) > TAPE,
  )
  const middle: Point = [(front[0]![0] + front[2]![0]) / 2, (front[0]![1] + front[2]![1]) / 2]
  return under ? [{ a: id, b: under.id, kind: 'oven', with: 'drop', at: middle, degrees: 0, leaves: [] }] : []
}

/** An oven faces as its counter does. */
function facing(plan: Plan, fixture: NonNullable<Body['fixture']>, box: Bounds) {
  const under = plan.fixtures.find(
    (one) =>
      (one.kind === 'counter' || one.kind === 'island') && overlapDepth(one.shape, fixture.shape) > TAPE && one.faces,
  )
  return fixture.faces ?? under?.faces ?? facesOf(plan, fixture, box)
}

const clash = (leaf: Leaf, b: string, how: Clash['with'], degrees: number): Omit<Clash, 'leaves'> => ({
  a: leaf.id,
  b,
  kind: leaf.kind,
  with: how,
  at: tip(leaf, degrees),
  degrees,
  ...(leaf.hung === 'pair' && { one: true as const }),
})

/** A leaf as it then stands, and the arc it came. */
export const drawn = (leaf: Leaf, degrees: number): Clash['leaves'][number] => ({
  pin: leaf.pin,
  tip: tip(leaf, degrees),
  arc: Array.from({ length: 7 }, (_, i) => tip(leaf, (i * degrees) / 6)),
})

const still = (leaf: Leaf, degrees: number): Clash['leaves'][number] => ({
  pin: leaf.pin,
  tip: tip(leaf, degrees),
  arc: [],
})

const outline = ({ x0, y0, x1, y1 }: Bounds): Point[] => [
  [x0, y0],
  [x1, y0],
  [x1, y1],
  [x0, y1],
]

function kneesAt(plan: Plan, { shape, fixture }: Body): Point[] {
  const box = bounds(shape)
  const { a, b, way } = frontOf(box, facesOf(plan, fixture!, box))
  const far = ([x, y]: Point): Point => [x + way[0] * KNEES, y + way[1] * KNEES]
  return outline(bounds({ polygon: [a, b, far(b), far(a)] }))
}
