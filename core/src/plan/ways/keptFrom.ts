import { clearanceAt, EIGHTHS, type Clearance } from '../floor/clearance'
import { eachCellIn } from '../floor/raster'
import { distanceTo, holds } from '../shape/distance'
import { nameOnPlan, roomWord } from '../naming'
import type { Place } from '../floor/places'
import type { Plan } from '../plan'
import { startCells, type Floor } from './reach'
import { bounds, middleOf, type Shape } from '../shape/shape'
import type { WayRules } from '../wayRules'
import { walkable } from '../floor/floorSearch'

/** Whoever is wider than this is not asked for: so far from a thing widths change, inches. */
const NEAR = 24

/**
 * What one does not get to any more from the entry while a thing more stands on the floor of a time of day: a door left
 * open, a footrest that is up. Asked thing by thing, of the same floor.
 */
export function keptFrom(floor: Floor, made: readonly string[], { sideways }: WayRules): (thing: Shape) => Place[] {
  const { plan, time, places, standsOf, clearance } = floor
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
  const lostOn = (on: Clearance): Place[] => {
    const after = reached(on)
    return places.filter((_, i) => before[i] && !after[i])
  }
  // A quick look that is never too kind; only what it finds is looked at exactly.
  return (thing) => (lostOn(besides(clearance, thing)).length ? lostOn(clearanceAt(plan, time, made, [thing])) : [])
}

/** The floor with one thing more on it: near it nobody is wider than twice as far as it is. */
function besides(clearance: Clearance, thing: Shape): Clearance {
  const wide = clearance.wide.slice()
  const box = bounds(thing)
  const near = { x0: box.x0 - NEAR, y0: box.y0 - NEAR, x1: box.x1 + NEAR, y1: box.y1 + NEAR }
  eachCellIn(clearance, near, (cell, x, y) => {
    const own = wide[cell]!
    if (own === 0) return
    // No nearer than its bounds, and they are quicker to ask.
    const [dx, dy] = [Math.max(box.x0 - x, 0, x - box.x1), Math.max(box.y0 - y, 0, y - box.y1)]
    if (2 * EIGHTHS * (Math.sqrt(dx * dx + dy * dy) - 1) > own) return
    // The spot in the cell for which its width holds may lie a cell's half nearer to the thing.
    const most = Math.floor(2 * EIGHTHS * (distanceTo(thing, [x, y]) - 1))
    if (most < own) wide[cell] = Math.max(0, most)
  })
  return { ...clearance, wide }
}

/** More things than these are not named one by one. */
const NAMED = 3

/** Those places in words, rooms as a whole where nothing in them is left; of many the first, and how many more. */
export function namesOfLost(plan: Plan, lost: readonly Place[], places: readonly Place[]): string[] {
  const roomOf = ({ shape }: Place) => plan.rooms.find((room) => holds(room.shape, middleOf(shape)))
  const shut = plan.rooms.filter((room) => {
    const within = places.filter((place) => place.use !== 'exit window' && roomOf(place) === room)
    return within.length > 1 && within.every((place) => lost.includes(place))
  })
  const things = lost.filter((place) => !shut.includes(roomOf(place)!) && place.use !== 'exit window')
  const names = [
    ...shut.map(({ name }) => `the ${roomWord(name)}`),
    ...new Set(things.map(({ id }) => nameOnPlan(plan, id))),
  ]
  if (names.length <= NAMED) return names
  return [...names.slice(0, NAMED - 1), `${names.length - NAMED + 1} things more`]
}
