import type { Clearance } from './clearance'
import { eachCellIn } from './raster'
import { holds } from '../shape/distance'
import type { Plan } from '../plan'
import { bounds } from '../shape/shape'

/** Free floor of one room, square inches: nothing on it that one would bump into. */
export interface RoomFloor {
  room: string
  free: number
}

/**
 * How much free floor each room has, counted on the 1-inch raster; where rooms lie over each other the first
 * counts.
 */
export function floorSpace(plan: Plan, clearance: Clearance): RoomFloor[] {
  const counted = new Uint8Array(clearance.wide.length)
  return plan.rooms.map(({ id, shape }) => {
    let free = 0
    eachCellIn(clearance, bounds(shape), (cell, x, y) => {
      if (clearance.wide[cell] === 0 || counted[cell] || ('polygon' in shape && !holds(shape, [x, y]))) return
      counted[cell] = 1
      free++
    })
    return { room: id, free }
  })
}
