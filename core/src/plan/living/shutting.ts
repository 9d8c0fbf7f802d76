import { floorOf } from '../ways/reach'
import { DOOR_KINDS } from '../../readings/catalogue'
import { distanceTo, holds } from '../shape/distance'
import { EIGHTHS } from '../floor/clearance'
import { eachCellIn } from '../floor/raster'
import { leafOf, sweepOf } from '../leaves/leaves'
import type { Door, Plan, Room } from '../plan'
import { wallShape } from '../overlap'
import { toldWidth } from '../floor/toldWidth'
import { bounds, type Shape } from '../shape/shape'

/** A bath whose door opens into it, and where one stands to shut it behind oneself. */
export interface Shutting {
  room: string
  door: string
  /** How wide one may be and still stand clear of the leaf with the door shut behind one, inches; 0: nowhere. */
  wide: number
}

/** A door belongs to the rooms that it touches, inches. */
const AT_DOOR = 6

/**
 * For each bath with a leaf that swings into it: the widest circle of free floor that the leaf does not sweep. One
 * steps in there, and shuts the door past oneself.
 */
export function shuttingAt(plan: Plan): Shutting[] {
  return plan.rooms
    .filter(({ kind }) => kind === 'bath')
    .flatMap((room) =>
      plan.doors
        .filter((door) => door.kind === 'swing' && opensInto(door, room))
        .map((door) => shutting(plan, room, door)),
    )
}

function shutting(plan: Plan, room: Room, door: Door): Shutting {
  const { clearance } = floorOf(plan, 'parked')
  const swept: Shape = { polygon: sweepOf(leafOf(door)) }
  const shut = plan.doors
    .filter(({ kind }) => !DOOR_KINDS[kind].outer)
    .map((one) => wallShape({ ...one, thickness: 1 }))
  let most = 0
  eachCellIn(clearance, bounds(room.shape), (cell, x, y) => {
    const wide = clearance.wide[cell]! / EIGHTHS
    if (wide <= most || !holds(room.shape, [x, y])) return
    most = Math.max(most, Math.min(wide, ...[swept, ...shut].map((shape) => 2 * distanceTo(shape, [x, y]))))
  })
  return { room: room.id, door: door.id, wide: toldWidth(most) }
}

function opensInto(door: Door, { shape }: Room): boolean {
  const { pin, edge, way } = leafOf(door)
  const middle: [number, number] = [(pin[0] + edge[0]) / 2, (pin[1] + edge[1]) / 2]
  return distanceTo(shape, middle) <= AT_DOOR && holds(shape, [middle[0] + way[0] * 8, middle[1] + way[1] * 8])
}
