import { floorOf } from './reach'
import { DOOR_KINDS } from '../readings/catalogue'
import { distanceTo, holds } from './distance'
import { EIGHTHS } from './clearance'
import { leafOf, sweepOf } from './leaves'
import type { Door, Plan, Room } from './plan'
import { wallShape } from './overlap'
import { bounds, type Shape } from './shape'
import { cellCenter } from './ways'

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
  const { x0, y0, columns, wide } = clearance
  const swept: Shape = { polygon: sweepOf(leafOf(door)) }
  const shut = plan.doors
    .filter(({ kind }) => !DOOR_KINDS[kind].outer)
    .map((one) => wallShape({ ...one, thickness: 1 }))
  const box = bounds(room.shape)
  let most = 0
  for (let row = Math.floor(box.y0 - y0); row < box.y1 - y0; row++)
    for (let column = Math.floor(box.x0 - x0); column < box.x1 - x0; column++) {
      const cell = row * columns + column
      if (!(wide[cell]! / EIGHTHS > most)) continue
      const at = cellCenter(clearance, cell)
      if (!holds(room.shape, at)) continue
      const free = Math.min(wide[cell]! / EIGHTHS, ...[swept, ...shut].map((shape) => 2 * distanceTo(shape, at)))
      most = Math.max(most, free)
    }
  return { room: room.id, door: door.id, wide: Math.floor(2 * most) / 2 }
}

function opensInto(door: Door, { shape }: Room): boolean {
  const { pin, edge, way } = leafOf(door)
  const middle: [number, number] = [(pin[0] + edge[0]) / 2, (pin[1] + edge[1]) / 2]
  return distanceTo(shape, middle) <= AT_DOOR && holds(shape, [middle[0] + way[0] * 8, middle[1] + way[1] * 8])
}
