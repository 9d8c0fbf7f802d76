import { DOOR_KINDS } from '../../readings/catalogue'
import { apart, distanceTo, entersAt, nearestOnSegment } from '../shape/distance'
import { OVER, type Place } from '../floor/places'
import type { Clearance } from '../floor/clearance'
import { eachCellIn } from '../floor/raster'
import type { Door, Plan } from '../plan'
import type { Floor } from './reach'
import { wallShape } from '../overlap'
import { bounds, middleOf, type Point, type Shape } from '../shape/shape'
import { atArm } from '../floor/stands'
import type { WayRules } from '../wayRules'
import { shortestWalk } from '../floor/floorSearch'
import { cellCenter } from './ways'

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
 * Two independent ways out of every berth, if there are two: whatever stands or burns on one of them, wherever that
 * is, leaves the other open. What closes a way closes so far around it (`closes`), so the two lie twice that apart,
 * all but the first step from the bed. That every sleeping area needs two is NFPA 1192 (from memory); how they are to
 * be told apart is ours: the program asks for a look, it does not certify. `hatches`: whether cargo and ramp doors open from
 * inside.
 */
export function waysOut(floor: Floor, rules: WayRules, hatches: boolean): WaysOut[] {
  const { plan, standsOf } = floor
  const hatchAt = ({ id }: Place) => plan.doors.find((door) => door.id === id && isHatch(door))
  const places = floor.places.filter((place) => {
    const hatch = hatchAt(place)
    return !hatch || (hatches && isClimbed(hatch))
  })
  const outs = places.flatMap((place) =>
    place.use === 'door' || place.use === 'exit window' ? [{ place, cells: atArm(standsOf(place)) }] : [],
  )
  return places.flatMap((berth): WaysOut[] => {
    if (berth.use !== 'bed') return []
    const beside = atArm(standsOf(berth))
    const direct = outs.filter(
      ({ place }) =>
        (place.use === 'exit window' || hatchAt(place)) &&
        distanceTo(berth.shape, middleOf(place.shape)) <= OVER &&
        !walled(floor, berth.shape, place.shape) &&
        !(hatchAt(place) && isBlocked(floor, berth, place)),
    )
    if (direct.length > 1) return [{ berth: berth.id, by: direct.map(({ place }) => place.id) }]
    const others = outs.filter((out) => !direct.includes(out))
    const first = walk(floor, beside, others, rules)
    if (!first) {
      const [only] = direct
      return [{ berth: berth.id, by: only ? [only.place.id] : [], blocked: 'berth' }]
    }
    if (direct.length === 1) return [{ berth: berth.id, by: [direct[0]!.place.id, first.out] }]
    // The nearest way first; where none lies apart from it, the way to each other door and window.
    for (const one of [first, ...longer(floor, beside, others, first.out, rules)]) {
      const shut = closedBeside(floor, one.path, rules)
      const second = walk(
        floor,
        beside,
        others.filter(({ place }) => place.id !== one.out),
        rules,
        shut,
      )
      if (second) return [{ berth: berth.id, by: [one.out, second.out] }]
    }
    return [{ berth: berth.id, by: [first.out], blocked: sharedDoor(floor, beside, others, first, rules) ?? 'berth' }]
  })
}

/** Opens on cargo: it lets nobody out unless it opens from inside, and is wide enough to climb through. */
export const isHatch = ({ kind }: Door): boolean => kind === 'cargo' || kind === 'ramp'

/** One climbs through an opening of this width, inches: an exit's least, 24 in by 17 (NFPA 1192, from memory). */
const CLIMBED = 24
const isClimbed = ({ from, to }: Door): boolean => apart(from, to) >= CLIMBED

/** Whether something stands between a mattress and a hatch beside it. */
const isBlocked = ({ bodies }: Floor, berth: Place, hatch: Place): boolean =>
  bodies.some(
    ({ id, fixture, shape }) =>
      fixture && id !== berth.id && entersAt(shape, middleOf(berth.shape), middleOf(hatch.shape)) !== undefined,
  )

interface Out {
  place: Place
  cells: readonly number[]
}

interface Walk {
  path: number[]
  /** The door or window it leads to, by id. */
  out: string
}

/** The shortest walk to any of some ways out. */
function walk(
  { clearance }: Floor,
  from: readonly number[],
  outs: readonly Out[],
  { sideways }: WayRules,
  shut?: Uint8Array,
): Walk | undefined {
  if (outs.length === 0) return undefined
  const path = shortestWalk(
    clearance,
    from,
    outs.map(({ cells }) => cells),
    sideways,
    shut,
  )
  return path && { path, out: outs.find(({ cells }) => cells.includes(path.at(-1)!))!.place.id }
}

/** One by one the walks to the ways out that are not the nearest. */
function* longer(
  floor: Floor,
  from: readonly number[],
  outs: readonly Out[],
  nearest: string,
  rules: WayRules,
): Generator<Walk> {
  for (const out of outs) {
    if (out.place.id === nearest) continue
    const one = walk(floor, from, [out], rules)
    if (one) yield one
  }
}

/** Every few cells of a way are looked at. */
const STRIDE = 4

/** The floor on which nobody walks while something closes a way anywhere past the first step: 1 where it is shut. */
function closedBeside(
  { plan, clearance }: Floor,
  path: readonly number[],
  { closes, firstStep }: WayRules,
): Uint8Array {
  const { columns, rows } = clearance
  const shut = new Uint8Array(columns * rows)
  const start = cellCenter(clearance, path[0]!)
  const far = 2 * closes
  for (let i = 0; i < path.length; i += STRIDE) {
    const cell = path[i]!
    if (apart(cellCenter(clearance, cell), start) <= firstStep) continue
    const [column, row] = [cell % columns, Math.floor(cell / columns)]
    for (let r = Math.max(0, row - far); r <= Math.min(rows - 1, row + far); r++) {
      const half = Math.floor(Math.sqrt(far * far - (r - row) ** 2))
      shut.fill(1, r * columns + Math.max(0, column - half), r * columns + Math.min(columns - 1, column + half) + 1)
    }
  }
  // A door that is shut, or burns, shuts all that is behind it, however near to the bed it is.
  const doors = doorsOn(plan, path, clearance)
  return doors.length ? shutAround(clearance, doors, closes, shut) : shut
}

/** Closes the floor all round some doors. */
function shutAround(
  clearance: Clearance,
  doors: readonly Door[],
  closes: number,
  shut = new Uint8Array(clearance.wide.length),
): Uint8Array {
  for (const { from, to } of doors) {
    const box = bounds({ polygon: [from, to] })
    const near = { x0: box.x0 - closes, y0: box.y0 - closes, x1: box.x1 + closes, y1: box.y1 + closes }
    eachCellIn(clearance, near, (cell, x, y) => {
      if (shut[cell] === 0 && away({ from, to }, [x, y]) < closes) shut[cell] = 1
    })
  }
  return shut
}

/** The inside doors that a way goes through. */
function doorsOn(plan: Plan, path: readonly number[], clearance: Clearance): Door[] {
  const points = path.map((cell) => cellCenter(clearance, cell))
  return plan.doors.filter((door) => !DOOR_KINDS[door.kind].outer && points.some((point) => away(door, point) < 1))
}

const away = ({ from, to }: Pick<Door, 'from' | 'to'>, point: Point): number =>
  apart(nearestOnSegment(from, to, point), point)

/** A door on the only way that every other way passes too, by id. */
function sharedDoor(
  floor: Floor,
  from: readonly number[],
  outs: readonly Out[],
  { path }: Walk,
  rules: WayRules,
): string | undefined {
  const { plan, clearance } = floor
  return doorsOn(plan, path, clearance).find(
    (door) => !walk(floor, from, outs, rules, shutAround(clearance, [door], rules.closes)),
  )?.id
}

function walled({ plan }: Floor, berth: Shape, window: Shape): boolean {
  return plan.walls.some((wall) => entersAt(wallShape(wall), middleOf(berth), middleOf(window)) !== undefined)
}
