import type { Floor } from './reach'
import type { WayRules } from './wayRules'
import { bounds, type Bounds, type Point } from './shape'

/**
 * For each length and width (inches) the rooms, by id, in which something of that size can stand on the floor, turned
 * either way, off the ways given: half of a person going sideways is kept free to either side of each. Every place on
 * the 1-inch raster is tried, by sums over rectangles (Crow, "Summed-area tables for texture mapping", 1984).
 */
export function roomsFor(
  { plan, clearance }: Floor,
  sizes: readonly (readonly [number, number])[],
  open: readonly (readonly Point[])[],
  { sideways }: WayRules,
): string[][] {
  const half = sideways / 2
  const { x0, y0, columns, rows, wide } = clearance
  const free = new Uint8Array(wide.length)
  for (let cell = 0; cell < free.length; cell++) free[cell] = wide[cell] === 0 ? 0 : 1
  for (const path of open) for (let i = 1; i < path.length; i++) clear(path[i - 1]!, path[i]!)
  const sums = new Int32Array((columns + 1) * (rows + 1))
  for (let row = 0; row < rows; row++) {
    for (let column = 0, line = 0; column < columns; column++) {
      line += free[row * columns + column]!
      sums[(row + 1) * (columns + 1) + column + 1] = sums[row * (columns + 1) + column + 1]! + line
    }
  }
  return sizes.map(([length, width]) =>
    plan.rooms
      .filter(({ shape }) => stands(bounds(shape), length, width) || stands(bounds(shape), width, length))
      .map(({ id }) => id),
  )

  /** Whether this many columns and rows are free anywhere in a room: the sum over four corners is their area. */
  function stands(room: Bounds, across: number, deep: number): boolean {
    const line = columns + 1
    const [firstColumn, lastColumn] = [
      Math.max(0, Math.ceil(room.x0 - x0)),
      Math.min(columns, Math.floor(room.x1 - x0)) - across,
    ]
    const lastRow = Math.min(rows, Math.floor(room.y1 - y0)) - deep
    for (let row = Math.max(0, Math.ceil(room.y0 - y0)); row <= lastRow; row++) {
      for (let from = row * line + firstColumn, to = row * line + lastColumn; from <= to; from++) {
        if (
          sums[from + deep * line + across]! - sums[from + across]! - sums[from + deep * line]! + sums[from]! ===
          across * deep
        )
          return true
      }
    }
    return false
  }

  function clear([ax, ay]: Point, [bx, by]: Point): void {
    const [left, right] = [Math.min(ax, bx) - half - x0, Math.max(ax, bx) + half - x0]
    const [top, bottom] = [Math.min(ay, by) - half - y0, Math.max(ay, by) + half - y0]
    for (let row = Math.max(0, Math.floor(top)); row < Math.min(rows, bottom); row++)
      free.fill(
        0,
        row * columns + Math.max(0, Math.floor(left)),
        row * columns + Math.max(0, Math.min(columns, Math.ceil(right))),
      )
  }
}
