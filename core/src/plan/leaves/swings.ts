import { FIXTURE_KINDS } from '../../readings/catalogue'
import { apart, crossing, distanceTo, entersAt, nearestOnSegment } from '../shape/distance'
import { leafLength, leavesAt, onLeaf, type Leaf } from './leaves'
import { wallShape } from '../overlap'
import type { Plan } from '../plan'
import type { Shape } from '../shape/shape'
import { bodiesAt, type Body, type TimeOfDay } from '../times'

/** How far a leaf opens before it hits something, degrees up to 90, and how wide the opening then is, inches. */
export interface Swing {
  leaf: Leaf
  degrees: number
  clear: number
  stoppedBy?: string
}

/** Something that stops a leaf: a thing or wall, or another leaf as it stands. */
export interface Stop {
  id: string
  shape: Shape
  band: readonly [number, number]
}

/** Leaves are tried every so many degrees. */
const STEP = 1
/** The hinge end of a leaf always touches its frame, inches. */
const HINGE = 3
/** Its free end has this much play, inches. */
const PLAY = 0.5

/** How far each door in an inside doorway opens. */
export function doorSwings(
  plan: Plan,
  time: TimeOfDay,
  made: readonly string[] = [],
  bodies: readonly Body[] = bodiesAt(plan, time, made),
): Swing[] {
  if (!plan.doors.some(({ kind }) => kind === 'swing')) return []
  const stops = stopsAt(plan, bodies)
  return leavesAt(plan, time, made, [])
    .filter(({ of }) => of === 'doorway')
    .map((leaf) => swing(leaf, stops))
}

/** All that stands and can stop a leaf: what is built into a counter is behind its front. */
export function stopsAt(plan: Plan, bodies: readonly Body[]): Stop[] {
  return [
    ...bodies.filter(({ fixture }) => !(fixture && 'on' in FIXTURE_KINDS[fixture.kind])),
    ...plan.walls.map((wall): Stop => ({ id: wall.id, shape: wallShape(wall), band: [0, 120] })),
  ]
}

/** How far a leaf opens among what can stop it, and what does. */
export function swing(leaf: Leaf, stops: readonly Stop[]): Swing {
  const long = leafLength(leaf)
  const near = stops.filter(
    ({ id, shape, band }) =>
      id !== leaf.id && band[0] < leaf.band[1] && band[1] > leaf.band[0] && distanceTo(shape, leaf.pin) < long,
  )
  if (near.length)
    for (let degrees = STEP; degrees <= 90; degrees += STEP) {
      const [from, to] = [onLeaf(leaf, degrees, Math.min(HINGE, long / 2)), onLeaf(leaf, degrees, long - PLAY)]
      const hit = near.find(({ shape }) => entersAt(shape, from, to) !== undefined)
      if (hit) return { leaf, ...openedTo(long, degrees - STEP), stoppedBy: hit.id }
    }
  return { leaf, degrees: 90, clear: long }
}

/**
 * How far a leaf opens before it meets another that stands still at an angle: 90 when it passes, undefined when the
 * other cannot stand so while this one is shut.
 */
export function swingPast(leaf: Leaf, other: Leaf, at: number): number | undefined {
  const long = leafLength(leaf)
  if (leaf.band[0] >= other.band[1] || leaf.band[1] <= other.band[0]) return 90
  const [c, d] = [onLeaf(other, at, PLAY), onLeaf(other, at, leafLength(other) - PLAY)]
  // Most stand nowhere near.
  if (apart(nearestOnSegment(c, d, leaf.pin), leaf.pin) > long) return 90
  for (let degrees = 0; degrees <= 90; degrees += STEP) {
    if (crossing(onLeaf(leaf, degrees, PLAY), onLeaf(leaf, degrees, long - PLAY), c, d) !== undefined)
      return degrees === 0 ? undefined : degrees - STEP
  }
  return 90
}

const openedTo = (long: number, degrees: number) => ({ degrees, clear: long * Math.sin((degrees * Math.PI) / 180) })
