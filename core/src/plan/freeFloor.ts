import { USUAL_FLOOR, withOwnLists } from './ownLists'
import type { Clearance } from './clearance'
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
  const stands = standing(clearance.wide.length + clearance.columns + clearance.rows + 1)(clearance, open, sideways / 2)
  return sizes.map(([length, width]) =>
    plan.rooms
      .filter(({ shape }) => stands(bounds(shape), length, width) || stands(bounds(shape), width, length))
      .map(({ id }) => id),
  )
}

const standing = withOwnLists(USUAL_FLOOR, (most) => {
  /** Of the floor that is looked at. */
  const walked = new Int16Array(most)
  const free = new Uint8Array(most)
  /** Free cells above and left of each corner of a cell. */
  const sums = new Int32Array(most)

  return ({ x0, y0, columns, rows, wide }: Clearance, open: readonly (readonly Point[])[], half: number) => {
    walked.set(wide)
    empty(wide.length)
    for (const path of open) for (let i = 1; i < path.length; i++) clear(path[i - 1]!, path[i]!)
    add(columns, rows)
    return (room: Bounds, across: number, deep: number): boolean => {
      const left = Math.max(0, Math.ceil(room.x0 - x0))
      const top = Math.max(0, Math.ceil(room.y0 - y0))
      const right = Math.min(columns, Math.floor(room.x1 - x0)) - across
      const bottom = Math.min(rows, Math.floor(room.y1 - y0)) - deep
      return isFree(columns + 1, left, top, right, bottom, across, deep)
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

  function empty(cells: number): void {
    for (let cell = 0; cell < cells; cell++) free[cell] = walked[cell] === 0 ? 0 : 1
  }

  function add(columns: number, rows: number): void {
    sums.fill(0, 0, columns + 1)
    for (let row = 0, cell = 0, at = columns + 1; row < rows; row++) {
      sums[at++] = 0
      for (let column = 0, line = 0; column < columns; column++, cell++, at++) {
        line += free[cell]!
        sums[at] = sums[at - columns - 1]! + line
      }
    }
  }

  /** Whether this many columns and rows are free anywhere: the sum over four corners is their area. */
  function isFree(
    line: number,
    left: number,
    top: number,
    right: number,
    bottom: number,
    across: number,
    deep: number,
  ): boolean {
    const [down, area] = [deep * line, across * deep]
    for (let row = top; row <= bottom; row++)
      for (let at = row * line + left, to = row * line + right; at <= to; at++)
        if (sums[at + down + across]! - sums[at + across]! - sums[at + down]! + sums[at]! === area) return true
    return false
  }
})
