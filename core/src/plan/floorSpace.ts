import type { Clearance } from './clearance'
import { holds } from './distance'
import type { Plan } from './plan'
import { bounds, type Point } from './shape'

/** Free floor of one room, square inches: nothing on it that one would bump into. */
export interface RoomFloor {
  room: string
  free: number
}

/**
 * How much free floor each room has, counted on the 1-inch raster; where rooms lie over each other the first
 * counts.
 */
export function floorSpace(plan: Plan, { x0, y0, columns, rows, squared }: Clearance): RoomFloor[] {
  const counted = new Uint8Array(columns * rows)
  return plan.rooms.map(({ id, shape }) => {
    const box = bounds(shape)
    let free = 0
    for (let row = Math.max(0, Math.floor(box.y0 - y0)); row < Math.min(rows, Math.ceil(box.y1 - y0)); row++) {
      for (
        let column = Math.max(0, Math.floor(box.x0 - x0));
        column < Math.min(columns, Math.ceil(box.x1 - x0));
        column++
      ) {
        const cell = row * columns + column
        const middle: Point = [x0 + column + 0.5, y0 + row + 0.5]
        if (squared[cell]! === 0 || counted[cell] || ('polygon' in shape && !holds(shape, middle))) continue
        counted[cell] = 1
        free++
      }
    }
    return { room: id, free }
  })
}
