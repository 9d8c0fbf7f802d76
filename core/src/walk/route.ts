import { outlineOf } from './outline'
import { floorOf } from '../plan/ways/reach'
import type { Plan } from '../plan/plan'
import type { Point } from '../plan/shape/shape'
import { shortestWalk } from '../plan/floor/floorSearch'
import { cellCenter } from '../plan/ways/ways'
import { SIDEWAYS, standingCell } from './standing'
import type { Station } from './station'

/** The two schools, inside and out: which comes first, and how one goes through it. */
export interface School {
  first: 'outside' | 'inside'
  inside: 'front to rear' | 'clockwise'
  /** The station at which one happens to stand: the round begins there. */
  from?: string
}

/** The stations in order, and the way from each to the next: its turns, inches on the plan. */
export interface Route {
  stations: Station[]
  legs: Point[][]
}

/**
 * All stations in the order of a school, from wherever one stands on. Outside one goes once round, off-door side first; inside
 * from the door. The papers come last.
 */
export function routeOf(stations: readonly Station[], plan: Plan, { first, inside, from }: School): Route {
  const papers = stations.filter(({ id }) => id === 'papers')
  const outside = rotated(
    stations.filter((one) => !one.inside && one.id !== 'papers'),
    from,
  )
  const [entry, ...rooms] = stations.filter((one) => one.inside)
  const through = rotated([...(entry ? [entry] : []), ...inOrder(rooms, entry, inside)], from)
  const startsInside = stations.some((one) => one.id === from && one.inside)
  const goesInFirst = from === undefined ? first === 'inside' : startsInside
  const order = [...(goesInFirst ? [...through, ...outside] : [...outside, ...through]), ...papers]
  return { stations: order, legs: order.slice(1).map((to, i) => wayBetween(order[i]!, to, plan)) }
}

function rotated(loop: Station[], from: string | undefined): Station[] {
  const start = Math.max(
    0,
    loop.findIndex(({ id }) => id === from),
  )
  return [...loop.slice(start), ...loop.slice(0, start)]
}

function inOrder(rooms: readonly Station[], entry: Station | undefined, school: School['inside']): Station[] {
  if (school === 'front to rear' || !entry) return [...rooms].sort((a, b) => a.at[0] - b.at[0])
  // Seen from above with the hitch to the left, off-door side up, a clock runs from the door to the hitch.
  const middle: Point = [
    rooms.reduce((sum, { at }) => sum + at[0], 0) / Math.max(1, rooms.length),
    rooms.reduce((sum, { at }) => sum + at[1], 0) / Math.max(1, rooms.length),
  ]
  const angle = ({ at }: Station) => Math.atan2(at[1] - middle[1], at[0] - middle[0])
  const start = angle(entry)
  const turned = (one: Station) => (angle(one) - start + 2 * Math.PI) % (2 * Math.PI)
  return [...rooms].sort((a, b) => turned(a) - turned(b))
}

/** Outside round the corners, inside over the floor, through the door between them. */
function wayBetween(from: Station, to: Station, plan: Plan): Point[] {
  if (from.inside && to.inside) return overFloor(from.at, to.at, plan)
  if (!from.inside && !to.inside) return round(from.at, to.at, plan)
  const [out, within] = from.inside ? [to, from] : [from, to]
  const door = plan.doors.find(({ kind }) => kind === 'entry')
  const before: Point = door
    ? beforeDoor([(door.from[0] + door.to[0]) / 2, (door.from[1] + door.to[1]) / 2], plan)
    : [plan.box.length / 2, outlineOf(plan).y1 + OFF]
  const way = [...round(out.at, before, plan), ...overFloor(stepIn(before, plan), within.at, plan)]
  return from.inside ? way.reverse() : way
}

/** How far off the unit one goes round. */
const OFF = 30

/** Out of the door, past whatever stands out of that side. */
function beforeDoor([x, y]: Point, plan: Plan): Point {
  const { box } = plan
  const { x0, x1, y0, y1 } = outlineOf(plan)
  if (y >= box.width - 1) return [x, y1 + OFF]
  if (y <= 1) return [x, y0 - OFF]
  return [x > box.length / 2 ? x1 + OFF : x0 - OFF, y]
}

const stepIn = ([x, y]: Point, { box }: Plan): Point => [
  Math.min(box.length - STEP, Math.max(STEP, x)),
  Math.min(box.width - STEP, Math.max(STEP, y)),
]
const STEP = 12

/** Along the loop round the unit, the shorter way. */
function round(a: Point, b: Point, plan: Plan): Point[] {
  const { x0, x1, y0, y1 } = outlineOf(plan)
  const corners: Point[] = [
    [x0 - OFF, y0 - OFF],
    [x1 + OFF, y0 - OFF],
    [x1 + OFF, y1 + OFF],
    [x0 - OFF, y1 + OFF],
  ]
  const [from, to] = [sideOf(a, plan), sideOf(b, plan)]
  const ahead = (to - from + 4) % 4
  // Side n runs from corner n to corner n + 1.
  const by =
    ahead === 0
      ? []
      : ahead <= 2
        ? Array.from({ length: ahead }, (_, i) => corners[(from + 1 + i) % 4]!)
        : [corners[from]!]
  return [a, ...by, b]
}

/** 0 the off-door side, 1 the rear, 2 the door side, 3 the hitch. */
function sideOf([x, y]: Point, plan: Plan): number {
  const { y0, y1 } = outlineOf(plan)
  if (y < y0) return 0
  if (y > y1) return 2
  return x > plan.box.length / 2 ? 1 : 3
}

/** The shortest walk, as far as somebody gets; straight where nothing is drawn that could be in the way. */
function overFloor(from: Point, to: Point, plan: Plan): Point[] {
  const [start, goal] = [standingCell(plan, from), standingCell(plan, to)]
  if (start === undefined || goal === undefined) return [from, to]
  const { clearance } = floorOf(plan, 'parked')
  const cells = shortestWalk(clearance, [start], [[goal]], SIDEWAYS)
  if (!cells) return [from, to]
  return [from, ...turns(cells.map((cell) => cellCenter(clearance, cell))), to]
}

const turns = (path: readonly Point[]): Point[] =>
  path.filter((point, i) => {
    const [before, after] = [path[i - 1], path[i + 1]]
    return (
      !before ||
      !after ||
      (after[0] - point[0]) * (point[1] - before[1]) !== (after[1] - point[1]) * (point[0] - before[0])
    )
  })
