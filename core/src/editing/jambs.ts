import { apart } from '../plan/shape/distance'
import type { Door, Plan, Wall } from '../plan/plan'
import type { Point } from '../plan/shape/shape'
import { DOOR_KINDS } from '../readings/catalogue'

/** A jamb this near to the end of a wall is that end, inches: half a wall and a little. */
const JAMB = 2

/**
 * The inside doors of a plan once a wall is elsewhere: a door that hangs at its end goes along crosswise as a whole, and
 * lengthwise with the jamb at that end.
 *
 *      wall ----+ door +---- wall        wall pulled longer ------+ dr +---- wall
 */
export function withJambs(plan: Plan, was: Wall, is: Wall): Plan {
  const doors = plan.doors.map((door) => (DOOR_KINDS[door.kind].outer ? door : following(door, was, is)))
  return doors.some((door, i) => door !== plan.doors[i]) ? { ...plan, doors } : plan
}

/** A door in line with a wall and at one end of it, where that end goes; any other stays where it is. */
function following(door: Door, was: Wall, is: Wall): Door {
  if (isLengthwise(door) !== isLengthwise(was)) return door
  const ends = (['from', 'to'] as const).flatMap((end) =>
    ([door.from, door.to] as const).flatMap((jamb, at) => (apart(jamb, was[end]) <= JAMB ? [{ end, at }] : [])),
  )
  const [only, ...more] = ends
  if (!only || more.length) return door
  const [dx, dy] = [is[only.end][0] - was[only.end][0], is[only.end][1] - was[only.end][1]]
  if (!dx && !dy) return door
  const cross: Point = isLengthwise(door) ? [0, dy] : [dx, 0]
  const moved = ([x, y]: Point, [mx, my]: Point): Point => [x + mx, y + my]
  return {
    ...door,
    from: moved(door.from, only.at === 0 ? [dx, dy] : cross),
    to: moved(door.to, only.at === 1 ? [dx, dy] : cross),
  }
}

const isLengthwise = ({ from, to }: Pick<Wall, 'from' | 'to'>): boolean =>
  Math.abs(to[0] - from[0]) >= Math.abs(to[1] - from[1])
