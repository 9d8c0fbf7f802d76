import { clearanceAt, EIGHTHS, eachCellIn, type Clearance } from './clearance'
import { distanceTo, holds } from './distance'
import { tip } from './leaves'
import { wallShape } from './overlap'
import type { Place } from './places'
import type { Room } from './plan'
import { startCells, type Floor } from './reach'
import { bounds, middleOf, type Point, type Shape } from './shape'
import { doorSwings, type Swing } from './swings'
import type { WayRules } from './wayRules'
import { walkable } from './ways'

/** An inside door that, left open, shuts the way to something. */
export interface StandingOpen {
  door: string
  /** What one does not get to past it. */
  lost: Place[]
  swing: Swing
}

/** A leaf is about so thick, inches. */
const THICK = 1.5
/** Whoever is wider than this is not asked for: so far from a leaf widths change, inches. */
const NEAR = 24
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
export function shutWhileOpen(floor: Floor, made: readonly string[], { sideways }: WayRules): StandingOpen[] {
  const { plan, time, bodies, places, standsOf, clearance } = floor
  const swings = doorSwings(plan, time, made, bodies)
  if (swings.length === 0) return []
  const starts = startCells(floor, 'entry')
  const stands = places.map(standsOf)
  const reached = (on: Clearance): boolean[] => {
    const floorReached = walkable(on, starts, sideways)
    return stands.map(({ cells, needs }) => {
      for (let i = 0; i < cells.length; i++) if (floorReached[cells[i]!] && needs[i]! <= sideways * EIGHTHS) return true
      return false
    })
  }
  const before = reached(clearance)
  return swings.flatMap((swing): StandingOpen[] => {
    const { leaf, degrees } = swing
    const open: Shape = wallShape({ id: '', from: leaf.pin, to: tip(leaf, degrees), thickness: THICK })
    const lostOn = (on: Clearance): Place[] => {
      const after = reached(on)
      return places.filter((place, i) => before[i] && !after[i] && !isShutBehind(floor, swing, place))
    }
    // A quick look that is never too kind; only what it finds is looked at exactly.
    if (lostOn(besides(clearance, open)).length === 0) return []
    const lost = lostOn(clearanceAt(plan, time, made, [open]))
    return lost.length ? [{ door: leaf.id, lost, swing }] : []
  })
}

/** The floor with one thing more on it: near it nobody is wider than twice as far as it is. */
function besides(clearance: Clearance, thing: Shape): Clearance {
  const wide = clearance.wide.slice()
  const box = bounds(thing)
  const near = { x0: box.x0 - NEAR, y0: box.y0 - NEAR, x1: box.x1 + NEAR, y1: box.y1 + NEAR }
  eachCellIn(clearance, near, (cell, x, y) => {
    // The spot in the cell for which its width holds may lie a cell's half nearer to the thing.
    const most = Math.floor(2 * EIGHTHS * (distanceTo(thing, [x, y]) - 1))
    if (most < wide[cell]!) wide[cell] = Math.max(0, most)
  })
  return { ...clearance, wide }
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
