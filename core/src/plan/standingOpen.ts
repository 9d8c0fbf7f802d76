import { distanceTo, holds } from './distance'
import { keptFrom } from './keptFrom'
import { tip } from './leaves'
import { wallShape } from './overlap'
import type { Place } from './places'
import type { Room } from './plan'
import type { Floor } from './reach'
import { middleOf, type Point, type Shape } from './shape'
import { doorSwings, type Swing } from './swings'
import type { WayRules } from './wayRules'

/** An inside door that, left open, shuts the way to something. */
export interface StandingOpen {
  door: string
  /** What one does not get to past it. */
  lost: Place[]
  swing: Swing
}

/** A leaf is about so thick, inches. */
const THICK = 1.5
/** Rooms that a door closes; it belongs to those that it touches, inches. */
const CLOSED = new Set<Room['kind']>(['bath', 'bedroom', 'bunk room'])
const AT_DOOR = 6

/**
 * What every inside door that opens into a way keeps one from while it stands open, on the floor of a time of day:
 *
 *      bath |  |            The bedroom door turned out into the hall: as long as it stands open nobody gets from
 *      -----+  |            the entry to the bath.
 *        hall  |leaf
 *      --------+-----
 *       bedroom
 */
export function shutWhileOpen(floor: Floor, made: readonly string[], rules: WayRules): StandingOpen[] {
  const { plan, time, bodies } = floor
  const swings = doorSwings(plan, time, made, bodies)
  if (swings.length === 0) return []
  const lostBy = keptFrom(floor, made, rules)
  return swings.flatMap((swing): StandingOpen[] => {
    const { leaf, degrees } = swing
    const open: Shape = wallShape({ id: '', from: leaf.pin, to: tip(leaf, degrees), thickness: THICK })
    const lost = lostBy(open).filter((place) => !isShutBehind(floor, swing, place))
    return lost.length ? [{ door: leaf.id, lost, swing }] : []
  })
}

/**
 * The rooms that this door closes, one on either side of it: in those it opens into one shuts it behind oneself; before
 * those it opens out of one stands on its other side to open it.
 */
function isShutBehind({ plan }: Floor, { leaf }: Swing, place: Place): boolean {
  const middle: Point = [(leaf.pin[0] + leaf.edge[0]) / 2, (leaf.pin[1] + leaf.edge[1]) / 2]
  return plan.rooms
    .filter(({ kind, shape }) => CLOSED.has(kind) && distanceTo(shape, middle) <= AT_DOOR)
    .some(({ shape }) => holds(shape, middleOf(place.shape)))
}
