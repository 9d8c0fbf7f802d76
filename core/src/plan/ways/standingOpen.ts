import { distanceTo, holds } from '../shape/distance'
import { keptFrom } from './keptFrom'
import { tip } from '../leaves/leaves'
import { wallShape } from '../overlap'
import type { Place } from '../floor/places'
import type { Plan, Room } from '../plan'
import type { Floor } from './reach'
import { middleOf, type Point, type Shape } from '../shape/shape'
import { doorSwings, type Swing } from '../leaves/swings'
import type { WayRules } from '../wayRules'

/** An inside door that, left open, shuts the way to something. */
export interface StandingOpen {
  door: string
  /** What one does not get to past it. */
  lost: Place[]
  swing: Swing
  /** It closes a room that people sleep in, and stands open most of the day; a bath's is shut behind oneself. */
  ofBedroom: boolean
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
    return lost.length ? [{ door: leaf.id, lost, swing, ofBedroom: closes(plan, swing).some(isBedroom) }] : []
  })
}

/**
 * The rooms that this door closes, one on either side of it: in those it opens into one shuts it behind oneself; before
 * those it opens out of one stands on its other side to open it.
 */
const isShutBehind = ({ plan }: Floor, swing: Swing, place: Place): boolean =>
  closes(plan, swing).some(({ shape }) => holds(shape, middleOf(place.shape)))

function closes({ rooms }: Plan, { leaf }: Swing): Room[] {
  const middle: Point = [(leaf.pin[0] + leaf.edge[0]) / 2, (leaf.pin[1] + leaf.edge[1]) / 2]
  return rooms.filter(({ kind, shape }) => CLOSED.has(kind) && distanceTo(shape, middle) <= AT_DOOR)
}

const isBedroom = ({ kind }: Room): boolean => kind === 'bedroom' || kind === 'bunk room'
