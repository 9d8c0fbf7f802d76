import { EIGHTHS } from '../plan/floor/clearance'
import { floorOf } from '../plan/ways/reach'
import { distanceTo, holds } from '../plan/shape/distance'
import type { Plan, Room } from '../plan/plan'
import { middleOf, type Point, type Shape } from '../plan/shape/shape'
import { cellCenter } from '../plan/ways/ways'
import { DOOR_KINDS } from '../readings/catalogue'

/** As narrow as one gets through sideways, inches. */
export const SIDEWAYS = 12

/** The cell of the floor nearest to a point on which somebody can stand; none where nothing is drawn or nothing is free. */
export function standingCell(plan: Plan, [x, y]: Point, within?: Shape): number | undefined {
  if (plan.fixtures.length === 0) return undefined
  const { columns, rows, wide, x0, y0 } = floorOf(plan, 'parked').clearance
  const [column, row] = [Math.floor(x - x0), Math.floor(y - y0)]
  let [found, far] = [-1, Infinity]
  const look = (at: number, down: number): void => {
    if (at < 0 || at >= columns || down < 0 || down >= rows) return
    const cell = down * columns + at
    if (wide[cell]! < SIDEWAYS * EIGHTHS) return
    const [cx, cy] = [x0 + at + 0.5, y0 + down + 0.5]
    const apart = Math.hypot(cx - x, cy - y)
    if (apart < far && (!within || holds(within, [cx, cy]))) [found, far] = [cell, apart]
  }
  // Ring by ring round the point, until no cell farther out can be nearer.
  for (let ring = 0; ring <= columns + rows && ring - 1 <= far; ring++) {
    for (let i = -ring; i <= ring; i++) {
      look(column + i, row - ring)
      if (ring > 0) look(column + i, row + ring)
    }
    for (let i = 1 - ring; i < ring; i++) {
      look(column - ring, row + i)
      look(column + ring, row + i)
    }
  }
  return found < 0 ? undefined : found
}

/** Where one stands nearest to a point; the point itself while nothing is drawn. */
export function standingAt(plan: Plan, point: Point): Point {
  const cell = standingCell(plan, point)
  return cell === undefined ? point : cellCenter(floorOf(plan, 'parked').clearance, cell)
}

/** Where one stands in a room, or before its door where beds take all of its floor. */
export function standingIn(plan: Plan, room: Room): Point {
  const middle = middleOf(room.shape)
  const cell = standingCell(plan, middle, room.shape)
  if (cell !== undefined) return cellCenter(floorOf(plan, 'parked').clearance, cell)
  const openings = plan.doors
    .filter(({ kind }) => !DOOR_KINDS[kind].outer)
    .map(({ from, to }): Point => [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2])
    .sort((a, b) => distanceTo(room.shape, a) - distanceTo(room.shape, b))
  return standingAt(plan, openings[0] ?? middle)
}
