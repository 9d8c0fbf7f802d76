import { EIGHTHS } from '../plan/clearance'
import { floorOf } from '../plan/reach'
import type { Plan } from '../plan/plan'
import type { Point } from '../plan/shape'
import { cellCenter } from '../plan/ways'

/** As narrow as one gets through sideways, inches. */
export const SIDEWAYS = 12

/** The cell of the floor nearest to a point on which somebody can stand; none where nothing is drawn or nothing is free. */
export function standingCell(plan: Plan, [x, y]: Point): number | undefined {
  if (plan.fixtures.length === 0) return undefined
  const { columns, rows, wide, x0, y0 } = floorOf(plan, 'parked').clearance
  let [found, far] = [-1, Infinity]
  for (let cell = 0; cell < columns * rows; cell++) {
    if (wide[cell]! < SIDEWAYS * EIGHTHS) continue
    const [dx, dy] = [x0 + (cell % columns) + 0.5 - x, y0 + Math.floor(cell / columns) + 0.5 - y]
    const squared = dx * dx + dy * dy
    if (squared < far) [found, far] = [cell, squared]
  }
  return found < 0 ? undefined : found
}

/** Where one stands nearest to a point; the point itself while nothing is drawn. */
export function standingAt(plan: Plan, point: Point): Point {
  const cell = standingCell(plan, point)
  return cell === undefined ? point : cellCenter(floorOf(plan, 'parked').clearance, cell)
}
