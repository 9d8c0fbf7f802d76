import { DOOR_KINDS } from '../readings/catalogue'
import { apart, distanceTo, entersAt, nearestOnSegment } from './distance'
import { CLIMB, OVER } from './places'
import type { Floor } from './reach'
import { wallShape } from './overlap'
import { middleOf, type Point, type Shape } from './shape'
import type { WayRules } from './wayRules'
import { cellCenter, shortestWalk } from './ways'

/** How one gets out of a berth at night. */
export interface WaysOut {
  berth: string
  /**
   * Doors and exit windows by id, the nearest first. Two of them: whatever blocks the first way leaves the
   * second open.
   */
  by: string[]
  /**
   * With only one: what both ways would have to pass, by id of a door, or `berth` when nothing else leads out
   * at all.
   */
  blocked?: string
}

/**
 * Two independent ways out of every berth, if there are two: the nearest, and another that is open even
 * when the first is closed at any door it passes, or at its narrowest. That every sleeping area needs two
 * is NFPA 1192 (from memory); how they are to be told apart is ours: the program asks for a look, it does not certify.
 */
export function waysOut(floor: Floor, rules: WayRules): WaysOut[] {
  const { places, cells, clearance } = floor
  const outs = places.flatMap((place, i) =>
    place.use === 'door' || place.use === 'exit window' ? [{ place, cells: cells[i]! }] : [],
  )
  return places.flatMap((berth, i) => {
    if (berth.use !== 'bed') return []
    const direct = outs.filter(
      ({ place }) =>
        place.use === 'exit window' &&
        distanceTo(berth.shape, middleOf(place.shape)) <= OVER &&
        !walled(floor, berth.shape, place.shape),
    )
    const others = outs.filter((out) => !direct.includes(out))
    const byOut = new Map<number, string>()
    for (const { place, cells: near } of others)
      for (const cell of near) if (!byOut.has(cell)) byOut.set(cell, place.id)
    const walk = (shut?: (cell: number) => boolean, not?: string) => {
      const path = shortestWalk(
        clearance,
        cells[i]!,
        { has: (cell) => byOut.has(cell) && byOut.get(cell) !== not },
        rules.sideways,
        shut,
      )
      return path && { path, out: byOut.get(path.at(-1)!)! }
    }
    if (direct.length > 1) return [{ berth: berth.id, by: direct.map(({ place }) => place.id) }]
    const first = walk()
    if (direct.length === 1)
      return [
        first
          ? { berth: berth.id, by: [direct[0]!.place.id, first.out] }
          : { berth: berth.id, by: [direct[0]!.place.id], blocked: 'berth' },
      ]
    if (!first) return [{ berth: berth.id, by: [], blocked: 'berth' }]
    // Whichever of the places on the first way is shut, there must be another.
    const closings = closingsOn(floor, first.path, rules)
    const round = closings.map(({ from, to }) =>
      walk(
        (cell) =>
          apart(nearestOnSegment(from, to, cellCenter(clearance, cell)), cellCenter(clearance, cell)) < rules.closes,
        first.out,
      ),
    )
    const stuck = round.findIndex((way) => !way)
    if (stuck >= 0) return [{ berth: berth.id, by: [first.out], blocked: closings[stuck]!.door ?? 'berth' }]
    const second = round[0] ?? walk(undefined, first.out)
    return [
      second
        ? { berth: berth.id, by: [first.out, second.out] }
        : { berth: berth.id, by: [first.out], blocked: 'berth' },
    ]
  })
}

/**
 * Where a way may be shut: at every inside door it passes, from jamb to jamb, and at its narrowest spot, past
 * the first step and short of the way out itself.
 */
function closingsOn(
  { plan, clearance }: Floor,
  path: readonly number[],
  { firstStep }: WayRules,
): { from: Point; to: Point; door?: string }[] {
  const points = path.map((cell) => cellCenter(clearance, cell))
  const [start, end] = [points[0]!, points.at(-1)!]
  const doors = plan.doors
    .filter(
      ({ kind, from, to }) =>
        !DOOR_KINDS[kind].outer && points.some((point) => apart(nearestOnSegment(from, to, point), point) < 1),
    )
    .map(({ id, from, to }) => ({ from, to, door: id }))
  const onTheWay = path.filter((_, i) => apart(points[i]!, start) > firstStep && apart(points[i]!, end) > CLIMB)
  if (onTheWay.length === 0) return doors
  const narrowest = cellCenter(
    clearance,
    onTheWay.reduce((least, cell) => (clearance.wide[cell]! < clearance.wide[least]! ? cell : least)),
  )
  return [...doors, { from: narrowest, to: narrowest }]
}

function walled({ plan }: Floor, berth: Shape, window: Shape): boolean {
  return plan.walls.some((wall) => entersAt(wallShape(wall), middleOf(berth), middleOf(window)) !== undefined)
}
