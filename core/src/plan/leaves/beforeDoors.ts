import { DOOR_KINDS } from '../../readings/catalogue'
import { OPPOSITE, outerWall, TOWARDS } from '../facing'
import { overlapDepth } from '../overlap'
import type { Plan } from '../plan'
import type { Point, Shape } from '../shape/shape'
import { bodiesAt, TAPE, type TimeOfDay } from '../times'

/** One comes in through a door on this much floor right behind it, inches: a foot and a shoe (common practice). */
const SILL = 12
/** Lower than this one steps over it, higher one goes under it; inches. */
const IN_THE_WAY = [6, 72] as const

/** What stands right inside an outer door, by id. One does not come in through it. */
export function beforeDoors(
  plan: Plan,
  time: TimeOfDay,
  made: readonly string[],
): { door: string; by: string; at: Point }[] {
  const bodies = bodiesAt(plan, time, made).filter(({ band }) => band[0] < IN_THE_WAY[1] && band[1] > IN_THE_WAY[0])
  return plan.doors
    .filter(({ kind }) => DOOR_KINDS[kind].outer && kind !== 'ramp')
    .flatMap((door) => {
      const [dx, dy] = TOWARDS[OPPOSITE[outerWall(plan, door)]]
      const { from, to } = door
      const deep = SILL + plan.box.wall
      const xs = [from[0], to[0], from[0] + dx * deep]
      const ys = [from[1], to[1], from[1] + dy * deep]
      const [x, y] = [Math.min(...xs), Math.min(...ys)]
      const zone: Shape = { rect: [x, y, Math.max(...xs) - x, Math.max(...ys) - y] }
      return bodies
        .filter(({ shape }) => overlapDepth(shape, zone) > TAPE)
        .map(({ id }) => ({ door: door.id, by: id, at: [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2] as Point }))
    })
}
