import { BUMPS, clearanceAt, type Clearance } from '../floor/clearance'
import { apart, nearestOn } from '../shape/distance'
import { wallShape } from '../overlap'
import { climbedOver, placesAt, tallThings, type Place } from '../floor/places'
import { atArm, standsAt, tallCells, together, type Stands } from '../floor/stands'
import type { Plan } from '../plan'
import { shellAt } from '../shell'
import type { Point, Shape } from '../shape/shape'
import { takenInside } from '../takenInside'
import { bodiesAt, type Body, type TimeOfDay } from '../times'
import { widestTo, widestWays, type Ways } from '../floor/floorSearch'
import { cellCenter, wayTo, widthTo, type Way } from './ways'
import { oncePer, oncePerPart } from '../../memory/remembered'

/** The floor at a time of day with everything one walks to, from the entry doors on. */
export interface Floor {
  plan: Plan
  time: TimeOfDay
  bodies: Body[]
  places: Place[]
  /** Where one stands to use a place of it: looked for when it is first asked for. */
  standsOf(place: Place): Stands
  clearance: Clearance
  /** What one cannot reach over: 1 where something tall stands. */
  tall: Uint8Array
}

/** Where a walk begins: at any entry door, or at any toilet. */
export type Start = 'entry' | 'toilet'

/** How one gets to a place: width 0 when one does not. */
export interface Reached {
  place: Place
  width: number
  /** What the narrowest squeeze on the way lies between, by id; for an outer wall its side, for a slide's end the slide's. */
  between?: [string, string]
}

/** Wider than this nobody asks what a squeeze lies between, inches. */
const OPEN_FLOOR = 30

/** The floor, made once for each plan, time and set of conversions: several questions walk on it. */
export function floorOf(plan: Plan, time: TimeOfDay, made: readonly string[] = []): Floor {
  // A night on which nothing is made up is like the day.
  return laidOut(plan, [time === 'night' && made.length === 0 ? 'parked' : time, ...made].join())
}

const laidOut = oncePerPart((plan: Plan, at: string): Floor => {
  const [time, ...made] = at.split(',') as [TimeOfDay, ...string[]]
  const bodies = bodiesAt(plan, time, made)
  const places = placesAt(plan, time, made, bodies)
  const clearance = clearanceAt(plan, time, made)
  const tall = tallCells(clearance, tallThings(plan, bodies))
  const beside = oncePer((place: Place) => standsAt(clearance, place, tall))
  // Out of a window over a bed one climbs from wherever one gets into the bed.
  const standsOf = oncePer((place: Place) =>
    place.use === 'exit window'
      ? together(beside(place), ...places.filter((other) => climbedOver(place, other)).map(beside))
      : beside(place),
  )
  return { plan, time, bodies, places, standsOf, clearance, tall }
})

/** What can be reached, and how narrow it gets on the way; of all places, or of some. */
export function reachOf(
  floor: Floor,
  start: Start = 'entry',
  wanted: (place: Place) => boolean = () => true,
): Reached[] {
  const places = floor.places.filter(wanted)
  // Where all of the floor has been searched already, that is known.
  const ways = waysFrom.known(floor, start)
  const stands = places.map(floor.standsOf)
  const found = ways
    ? stands.map((one) => widthTo(ways, one))
    : widestTo(floor.clearance, startCells(floor, start), stands)
  // Most ways share a squeeze or two.
  const known = new Map<number, [string, string]>()
  const between = (cell: number): [string, string] => {
    if (!known.has(cell)) known.set(cell, squeezedBetween(floor, cellCenter(floor.clearance, cell)))
    return known.get(cell)!
  }
  return places.map((place, i) => {
    const way = found[i]
    if (!way) return { place, width: 0 }
    return { place, width: way.width, ...(way.width < OPEN_FLOOR && { between: between(way.squeeze) }) }
  })
}

/** The widest way itself, to be drawn: as narrow as is told where it is told, and nowhere narrower. */
export function wayOf(floor: Floor, id: string, start: Start = 'entry'): Way | undefined {
  const place = floor.places.find((one) => one.id === id)
  return place && wayTo(waysFrom(floor, start), floor.standsOf(place))
}

/** All ways on a floor, searched once. */
export const waysFrom = oncePerPart((floor: Floor, start: Start): Ways =>
  widestWays(floor.clearance, startCells(floor, start)),
)

export const startCells = oncePerPart(({ plan, places, standsOf }: Floor, start: Start): number[] => {
  const isStart = ({ id, use }: Place) =>
    start === 'toilet'
      ? use === 'toilet' || plan.fixtures.some((one) => one.id === id && one.kind === 'wet-bath')
      : plan.doors.some((door) => door.id === id && door.kind === 'entry')
  const cells: number[] = []
  for (const place of places) if (isStart(place)) for (const cell of atArm(standsOf(place))) cells.push(cell)
  return cells
})

/**
 * The two things a point lies between: the nearest, and of what is as near the one most across from it. A squeeze lies
 * between the two that touch the circle around it; where only one is near, the nearest on its other side.
 */
export function squeezedBetween(floor: Pick<Floor, 'plan' | 'bodies' | 'time'>, point: Point): [string, string] {
  const things = bumpedInto(floor).map(({ id, shape }) => {
    const at = nearestOn(shape, point)
    return { id, at, far: apart(at, point) }
  })
  const nearestOf = (some: typeof things) =>
    some.reduce<(typeof things)[number] | undefined>(
      (best, one) => (best && best.far <= one.far ? best : one),
      undefined,
    )
  const nearest = nearestOf(things)!
  const others = things.filter((one) => one !== nearest)
  const [nx, ny] = [nearest.at[0] - point[0], nearest.at[1] - point[1]]
  const facing = ({ at, far }: (typeof things)[number]) =>
    ((at[0] - point[0]) * nx + (at[1] - point[1]) * ny) / ((far || 1) * (nearest.far || 1))
  const touching = others.filter((one) => one.far <= nearest.far + TOUCHES && facing(one) < 0)
  const across =
    touching.sort((a, b) => facing(a) - facing(b) || a.far - b.far)[0] ??
    nearestOf(others.filter((one) => facing(one) < 0))
  return [nearest.id, (across ?? nearestOf(others) ?? nearest).id]
}

/** The middle of a cell is this much off the middle of a squeeze at the most, both ways, inches. */
const TOUCHES = 2

interface Bumped {
  id: string
  shape: Shape
}

/** All that one bumps into: what stands, what comes in from outside, walls. */
export const bumpedInto = oncePer(({ plan, bodies, time }: Pick<Floor, 'plan' | 'bodies' | 'time'>): Bumped[] => [
  ...bodies.filter(({ band }) => band[0] < BUMPS[1] && band[1] > BUMPS[0]),
  ...plan.walls.map((wall) => ({ id: wall.id, shape: wallShape(wall) })),
  ...takenInside(plan, time),
  ...shellAt(plan, time),
])
